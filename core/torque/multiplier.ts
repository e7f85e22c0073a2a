import { InputError, requirePositive } from "../input-error";

/**
 * What to set on the wrench that drives a torque multiplier, N·m: T_bolt / (ratio · efficiency).
 * @param efficiency above 0 and up to 1, from the multiplier's certificate.
 * @throws InputError for values out of range. Example: multiplierInputNm(500, 5, 0.9) → 111.11.
 */
export function multiplierInputNm(boltTorqueNm: number, ratio: number, efficiency: number): number {
  requirePositive(boltTorqueNm, "The torque at the bolt", "torque");
  requirePositive(ratio, "The multiplier's ratio", "ratio");
  requirePositive(efficiency, "The multiplier's efficiency", "efficiency");
  if (efficiency > 1)
    throw new InputError(
      "No multiplier gives out more than goes in: the efficiency is at most 1.",
      "efficiency",
    );
  return boltTorqueNm / (ratio * efficiency);
}
