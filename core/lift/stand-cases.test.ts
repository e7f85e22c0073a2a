import { gearSays } from "./gear-or-park";
import { standCases } from "./stand-cases";

const car = { kerbWeightKg: 1310, frontShare: 0.59, wheelbaseMm: 2640, insetMm: { front: 380, rear: 340 } };

test("one end up: its stands carry its share by the lever, the other on its wheels", () => {
  // 1310 · 0.41 · 2640 / (2640 − 340) / 2 = 308.2.
  expect(standCases(car, "rear")).toEqual([
    {
      says: "rear stands, the front on its wheels",
      end: "rear",
      loadKg: expect.closeTo(308.2, 1),
      mostKg: expect.closeTo(339.1, 1),
    },
  ]);
});

test("both ends up: the first end while the other is on its wheels, both, and the diagonal; the worst first", () => {
  const cases = standCases(car, "all");
  expect(cases.map(({ says, loadKg }) => [says, Math.round(loadKg)])).toEqual([
    // 1310 / 2 = 655; 1310 · 0.59 · 2640 / 2260 / 2 = 451.4; both up 415.4 and 239.6.
    ["two stands across the diagonal", 655],
    ["front stands, the rear on its wheels", 451],
    ["front stands, both ends up", 415],
    ["rear stands, the front on its wheels", 308],
    ["rear stands, both ends up", 240],
  ]);
});

test("gear or park holds nothing when the driven end is the one in the air", () => {
  expect(gearSays("rear", "rear")).toContain("holds nothing");
  expect(gearSays("front", "front")).toContain("holds nothing");
  expect(gearSays("rear", "front")).toBe(", and in gear or park.");
  expect(gearSays("rear", undefined)).toContain("if the front wheels are driven");
  expect(gearSays("front", "all")).toContain("transfer case");
});
