import fc from "fast-check";
import { InputError } from "../input-error";
import { coolantMix, freezingPointC } from "./coolant";

const usual = { capacityL: 7.2, leftL: 1.9, leftShare: 0.35, wantedShare: 0.5 };

test("7.2 L with 1.9 L left at 35 %, for 50 %", () => {
  const mix = coolantMix(usual);
  expect(mix.concentrateL).toBeCloseTo(2.935, 9);
  expect(mix.waterL).toBeCloseTo(2.365, 9);
});

test("what goes in fills the system and comes to the share wanted", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 2, max: 20, noNaN: true }),
      fc.double({ min: 0, max: 0.4, noNaN: true }),
      fc.double({ min: 0.2, max: 0.6, noNaN: true }),
      (capacityL, leftPart, wantedShare) => {
        const leftL = capacityL * leftPart * 0.5;
        const { concentrateL, waterL } = coolantMix({
          capacityL,
          leftL,
          leftShare: wantedShare / 2,
          wantedShare,
        });
        expect(concentrateL + waterL + leftL).toBeCloseTo(capacityL, 9);
        expect((concentrateL + (leftL * wantedShare) / 2) / capacityL).toBeCloseTo(wantedShare, 9);
      },
    ),
  );
});

test.each([
  [{ leftL: 6, leftShare: 0.1, wantedShare: 0.6 }, /Drain 2.80 L more first/],
  [{ leftL: 6, leftShare: 0.6, wantedShare: 0.3 }, /too strong already.*Drain 2.40 L more/],
  [{ wantedShare: 1.2 }, /at most 100 %/],
  [{ leftShare: -0.1 }, /less than zero/],
  [{ leftL: 7.2 }, /Nothing has been drained/],
  [{ capacityL: 0 }, /more than zero/],
  [{ wantedShare: Number.NaN }, /not a number/],
])("%j is refused", (more, says) => {
  expect(() => coolantMix({ ...usual, ...more })).toThrow(InputError);
  expect(() => coolantMix({ ...usual, ...more })).toThrow(says);
});

test("how much more to drain is enough, and just enough", () => {
  // 6 L at 10 % left, 60 % wanted of 7.2 L: 7.2 · 0.4 / 0.9 = 3.2 L may stay.
  expect(coolantMix({ ...usual, leftL: 3.2, leftShare: 0.1, wantedShare: 0.6 }).waterL).toBeCloseTo(0, 6);
});

test.each([
  [0, 0],
  [0.277, -14.1],
  [0.5, -37.3],
  [0.025, -0.8],
])("a share of %d freezes at %d °C", (share, celsius) => {
  expect(freezingPointC(share)).toBeCloseTo(celsius, 0);
});

test("the table ends where it ends", () => {
  expect(freezingPointC(0.578)).toBe(-48.3);
  expect(freezingPointC(0.6)).toBeUndefined();
});
