import { InputError, requireFinite, requireNotNegative, requirePositive } from "../input-error";

/** The vehicle and where its stands go; lengths in mm, masses in kg. */
export interface RaisedEnd {
  kerbWeightKg: number;
  /** The share of the weight on the axle of this end, 0 to 1. */
  axleShare: number;
  wheelbaseMm: number;
  /** How far inside the axle the stands are; zero under the axle itself. */
  standInsetMm: number;
  /** The same of the other end when that is on stands too; zero while its wheels carry it. */
  otherInsetMm?: number;
}

/**
 * The load on each of two stands under one end, kg: m·(share·wheelbase − other) / (wheelbase − inset − other)
 * / 2. The stand carries more the further it is from the axle towards the other end. Worked out level:
 * raising one end moves the weight towards the other (axleShareRaised), so the true load is this or a little
 * less.
 * @throws InputError for masses, shares or lengths that cannot be.
 * Source: moments about what holds the other end.
 * Example: 1280 kg, share 0.42, wheelbase 2600, inset 0 → 268.8.
 */
export function loadPerStandKg({
  kerbWeightKg,
  axleShare,
  wheelbaseMm,
  standInsetMm,
  otherInsetMm = 0,
}: RaisedEnd): number {
  requirePositive(kerbWeightKg, "The kerb weight", "kerbWeight");
  requirePositive(wheelbaseMm, "The wheelbase", "wheelbase");
  for (const inset of [standInsetMm, otherInsetMm]) {
    requireNotNegative(inset, "The stands' distance from the axle", "standInset");
    if (inset >= wheelbaseMm / 2)
      throw new InputError("The stands cannot be past the middle of the vehicle.", "standInset");
  }
  requireAxleShare(axleShare);
  const lever = axleShare * wheelbaseMm - otherInsetMm;
  if (lever <= 0)
    throw new InputError(
      "Held there, this end would lift off by itself: all the weight is beyond the other stands. Check the share and the places.",
      "standInset",
    );
  return (kerbWeightKg * lever) / (wheelbaseMm - standInsetMm - otherInsetMm) / 2;
}

/**
 * How much higher the centre of mass of a car lies than its axles, mm; a usual value, a little on the low
 * side so that the share falls less.
 */
const MASS_ABOVE_AXLES_MM = 250;

/**
 * The share of the weight that an axle keeps once its end is raised: share − h·tan α / wheelbase, with
 * sin α = lift / wheelbase and h the height of the centre of mass above the axles.
 * @throws InputError for a lift that is negative or steeper than 30°. Source: moments about the axle that
 * stays down. Example: 0.41, raised 350 mm at a wheelbase of 2640 → 0.397.
 */
export function axleShareRaised(axleShare: number, wheelbaseMm: number, liftMm: number): number {
  requireAxleShare(axleShare);
  requirePositive(wheelbaseMm, "The wheelbase", "wheelbase");
  requireNotNegative(liftMm, "The lift", "wanted");
  if (liftMm > wheelbaseMm / 2)
    throw new InputError(
      "Raised that far the vehicle would stand steeper than 30 degrees. Check the heights.",
      "wanted",
    );
  return axleShare - (MASS_ABOVE_AXLES_MM * Math.tan(Math.asin(liftMm / wheelbaseMm))) / wheelbaseMm;
}

/**
 * Where a load lies, as the share of the wheelbase behind the front axle: seats, and a boot or bed just
 * behind the rear axle.
 */
export const LOAD_PLACES = { "in the seats": 0.5, "in the boot or bed": 1.15 } as const;
export type LoadPlace = keyof typeof LOAD_PLACES;

/**
 * Weight and front share of a vehicle with something on board.
 * @throws InputError for a weight that is not positive, or a negative load.
 * Example: 1310 kg at 0.59 with 100 kg in the boot → 1410 kg at 0.5375.
 */
export function withLoad(
  { kerbWeightKg, frontShare }: { kerbWeightKg: number; frontShare: number },
  loadKg: number,
  place: LoadPlace,
): { kerbWeightKg: number; frontShare: number } {
  requirePositive(kerbWeightKg, "The kerb weight", "kerbWeight");
  requireNotNegative(loadKg, "The load on board", "onBoard");
  requireFinite(frontShare, "The front share", "frontShare");
  const total = kerbWeightKg + loadKg;
  return {
    kerbWeightKg: total,
    frontShare: (kerbWeightKg * frontShare + loadKg * (1 - LOAD_PLACES[place])) / total,
  };
}

function requireAxleShare(axleShare: number): void {
  if (!(axleShare > 0 && axleShare < 1))
    throw new InputError("The axle's share of the weight lies between 0 and 100 %.", "frontShare");
}
