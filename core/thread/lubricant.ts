import { requirePositive } from "../input-error";
import { type Band, over } from "../quantity/band";

export interface LubricatedTorque {
  /** The torque that gives the same clamping force, least and most, N·m. */
  bandNm: Band;
  /**
   * Clamping force against the one meant if the figure is used unchanged, least and most: 1.5 is half as much
   * again.
   */
  forceIfIgnored: Band;
}

/**
 * A torque given for one state of the thread, changed for another: T₂ = T₁ · K₂ / K₁, as a band.
 * The maker's figure for the stated condition comes first. The same band twice is the same state: nothing
 * changes.
 * @param given nut factor that the figure was given for. @param actual nut factor of the thread as it is.
 * @throws InputError unless the torque and the nut factors are positive.
 * Example: 100 N·m given dry, on anti-seize → 45 to 88 N·m.
 */
export function lubricatedTorque(torqueNm: number, given: Band, actual: Band): LubricatedTorque {
  requirePositive(torqueNm, "The torque", "torque");
  [...given, ...actual].forEach((factor) => requirePositive(factor, "The nut factor"));
  if (given[0] === actual[0] && given[1] === actual[1])
    return { bandNm: [torqueNm, torqueNm], forceIfIgnored: [1, 1] };
  const change = over(actual, given);
  return { bandNm: [torqueNm * change[0], torqueNm * change[1]], forceIfIgnored: over(given, actual) };
}
