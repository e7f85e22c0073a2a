import { DRIVE_LIMIT_NM, SQUARE_DRIVES } from "../model/square-drive";

/** Across flats of each square, mm: the inch names are exact. */
const ACROSS_MM = { "1/4": 6.35, "3/8": 9.525, "1/2": 12.7, "3/4": 19.05, "1": 25.4 };

test.each(SQUARE_DRIVES)(
  "the limit of a %s in square is a stress that hardened tool steel bears",
  (drive) => {
    // Torsion of a square bar: the greatest shear stress is T / (0.208 · a³).
    const shear = (DRIVE_LIMIT_NM[drive] * 1000) / (0.208 * ACROSS_MM[drive] ** 3);
    expect(shear).toBeGreaterThan(700);
    expect(shear).toBeLessThan(1250);
  },
);

test("a larger square bears more", () => {
  const limits = SQUARE_DRIVES.map((drive) => DRIVE_LIMIT_NM[drive]);
  expect(limits).toEqual([...limits].sort((a, b) => a - b));
});
