import { InputError, requirePositive } from "../input-error";
import { clockAfter } from "./clock";

/** The longest turn that is counted out swing by swing: twenty turns. */
const MOST_SWINGS = 7200;

export interface AngleTurn {
  /** Flats of a hexagon, 60° each. */
  flats: number;
  /** Points of a twelve-point head, 30° each. */
  points: number;
  /** Where a mark ends up, in hours: from twelve o'clock 90° is three o'clock. */
  clock: number;
  /** Running total after each swing of the handle, degrees; the last is the angle asked. */
  swings: number[];
}

/**
 * An angle to be turned, as a mechanic counts it.
 * @param swingDeg how far the handle can be swung in one go, degrees.
 * @param fromClock where the mark stands before, in hours.
 * @throws InputError unless the angles are positive.
 * Example: angleTurn(90, 40) → 1.5 flats, 3 points, 3 o'clock, swings to 40, 80 and 90.
 */
export function angleTurn(angleDeg: number, swingDeg: number, fromClock = 12): AngleTurn {
  requirePositive(angleDeg, "The angle", "angle");
  requirePositive(swingDeg, "The swing of the handle", "swing");
  const count = Math.ceil(angleDeg / swingDeg - 1e-9);
  if (count > MOST_SWINGS)
    throw new InputError(
      `That would be ${count} swings of the handle. Check the angle and the swing.`,
      "swing",
    );
  const swings = Array.from({ length: count }, (_, i) => (i === count - 1 ? angleDeg : swingDeg * (i + 1)));
  return { flats: angleDeg / 60, points: angleDeg / 30, clock: clockAfter(fromClock, angleDeg), swings };
}
