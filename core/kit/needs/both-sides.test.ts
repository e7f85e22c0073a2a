import { bothSides, saidOnce } from "./both-sides";

test("names that differ in their side alone are one", () => {
  expect(bothSides(["Wheel bolts, left", "Wheel bolts, right"])).toBe("Wheel bolts, left and right");
  expect(bothSides(["Wheel bolts", "Drum screw"])).toBe("Wheel bolts, and Drum screw");
});

test("sentences that differ in their side alone are said once; others stay, each once", () => {
  expect(
    saidOnce([
      "Backing plate bolts, left: no figure.",
      "Drum screw: no figure.",
      "Backing plate bolts, right: no figure.",
      "Drum screw: no figure.",
    ]),
  ).toEqual(["Backing plate bolts, left and right: no figure.", "Drum screw: no figure."]);
  // Two sides in one sentence: which of them differs is not to be told.
  const both = ["Left before right: shoe, left.", "Left before right: shoe, right."];
  expect(saidOnce(both)).toEqual(both);
});
