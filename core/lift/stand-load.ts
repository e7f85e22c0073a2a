import { InputError, requireNotNegative, requirePositive } from "../input-error";

/** The vehicle and where its stands go; lengths in mm, masses in kg. */
export interface RaisedEnd {
  kerbWeightKg: number;
  /** The share of the weight on the axle that is raised, 0 to 1. */
  axleShare: number;
  wheelbaseMm: number;
  /** How far inside the raised axle the stands are; zero under the axle itself. */
  standInsetMm: number;
}

/**
 * The load on each of two stands under one raised end, kg: m·share·wheelbase / (wheelbase − inset) / 2.
 * The stand carries more the further it is from the axle towards the other end. Worked out level: raising one
 * end moves the centre of mass towards the other, so the true load is this or a little less.
 * @throws InputError for masses, shares or lengths that cannot be.
 * Source: moments about the axle that stays down.
 * Example: 1280 kg, share 0.42, wheelbase 2600, inset 0 → 268.8.
 */
export function loadPerStandKg({ kerbWeightKg, axleShare, wheelbaseMm, standInsetMm }: RaisedEnd): number {
  requirePositive(kerbWeightKg, "The kerb weight", "kerbWeight");
  requirePositive(wheelbaseMm, "The wheelbase", "wheelbase");
  requireNotNegative(standInsetMm, "The stands' distance from the axle", "standInset");
  if (!(axleShare > 0 && axleShare < 1)) throw new InputError("The axle's share of the weight lies between 0 and 100 %.", "frontShare");
  if (standInsetMm >= wheelbaseMm / 2) throw new InputError("The stands cannot be past the middle of the vehicle.", "standInset");
  return (kerbWeightKg * axleShare * wheelbaseMm) / (wheelbaseMm - standInsetMm) / 2;
}
