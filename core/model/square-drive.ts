/** Square drives by their usual name; the metric names are 6.3, 10, 12.5, 20 and 25 mm (ISO 1174-1). */
export const SQUARE_DRIVES = ["1/4", "3/8", "1/2", "3/4", "1"] as const;
export type SquareDrive = (typeof SQUARE_DRIVES)[number];

/** Across the square, in. */
const ACROSS_IN: Record<SquareDrive, number> = {
  "1/4": 1 / 4,
  "3/8": 3 / 8,
  "1/2": 1 / 2,
  "3/4": 3 / 4,
  "1": 1,
};

/** The drive that is itself what goes into a recessed square of so many inches, as in a drain plug. */
export const driveInto = (squareIn: number): SquareDrive | undefined =>
  SQUARE_DRIVES.find((drive) => Math.abs(ACROSS_IN[drive] - squareIn) < 1e-6);

/**
 * Test torque of hand-driven square drives, N·m, taken as the limit of each piece in a chain.
 * Source: ISO 3315 for driving parts of 6.3, 10, 12.5, 20 and 25 mm. Second check, from first principles: a
 * square bar in torsion (T = 0.208·a³·τ) meets these at 700 to 1250 N/mm², what hardened tool steel bears;
 * the test holds it to that.
 */
export const DRIVE_LIMIT_NM: Record<SquareDrive, number> = {
  "1/4": 62,
  "3/8": 202,
  "1/2": 512,
  "3/4": 1412,
  "1": 2515,
};
