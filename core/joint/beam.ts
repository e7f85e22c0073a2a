import { InputError, requirePositive } from "../input-error";

/** Where a beam wrench's scale stands, as a share of the way from its square to its grip. */
const SCALE_AT = 0.85;

/**
 * How much a beam wrench reads of the torque at its square, as a share, where the hand is not on the pin of its grip.
 * The beam bends more over the same scale the further out the same torque comes from: the deflection at s under a
 * force at a is F·s²·(3·a − s) / (6·E·I), and the torque F·a.
 * @param handMm from the square to the hand; @param gripMm from the square to the pin, for which it was marked.
 * @throws InputError for lengths that are not positive, or a hand that is nearer than the scale.
 * Source: bending of a cantilever. Example: 400 on 400 → 1; 360 on 400 → about 0.956.
 */
export function beamReads(handMm: number, gripMm: number): number {
  requirePositive(handMm, "The place of the hand", "hand");
  requirePositive(gripMm, "The grip length", "gripLength");
  const scaleMm = SCALE_AT * gripMm;
  if (handMm < scaleMm) throw new InputError("Hold a beam wrench at its grip, not at its beam.", "hand");
  return (3 - scaleMm / handMm) / (3 - scaleMm / gripMm);
}

/**
 * What an eye beside a pointer reads too much, as an angle on the scale, degrees: the pointer stands so far above the
 * scale, and the scale so far from its pivot.
 * @param eyeDeg how far the eye is off the straight look down, towards the low end.
 * Source: first principles. Example: 20° off, 3 mm above, 340 mm from the pivot → 0.184°.
 */
export function parallaxDeg(eyeDeg: number, aboveMm = 3, radiusMm = 340): number {
  return (Math.atan((aboveMm * Math.tan((eyeDeg * Math.PI) / 180)) / radiusMm) * 180) / Math.PI;
}
