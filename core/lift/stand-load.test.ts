import fc from "fast-check";
import { loadPerStandKg } from "./stand-load";

const car = { kerbWeightKg: 1310, axleShare: 0.41, wheelbaseMm: 2640, standInsetMm: 340 };

test("moments about the axle that stays down, by hand", () => {
  // Rear axle carries 537.1 kg at 2640 mm from the front; stands at 2300 mm carry 537.1 · 2640 / 2300 = 616.5, 308.2 each.
  expect(loadPerStandKg(car)).toBeCloseTo(308.25, 1);
  expect(loadPerStandKg({ ...car, standInsetMm: 0 })).toBeCloseTo(268.55, 2);
});

test("stands further from the axle carry more", () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 1200 }), (standInsetMm) => {
      expect(loadPerStandKg({ ...car, standInsetMm: standInsetMm + 1 })).toBeGreaterThan(loadPerStandKg({ ...car, standInsetMm }));
    }),
  );
});

test.each([
  [{ kerbWeightKg: 0 }, "more than zero"],
  [{ axleShare: 1 }, "between 0 and 100"],
  [{ axleShare: Number.NaN }, "between 0 and 100"],
  [{ standInsetMm: 1400 }, "past the middle"],
  [{ standInsetMm: -5 }, "less than zero"],
  [{ wheelbaseMm: Infinity }, "not a number"],
])("%j is refused: %s", (wrong, says) => {
  expect(() => loadPerStandKg({ ...car, ...wrong })).toThrow(says);
});
