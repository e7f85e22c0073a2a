import { InputError, requireFinite, requirePositive } from "../input-error";

export interface ToeChange {
  travelMm: number;
  angleDeg: number;
  acrossRimMm: number;
}

/**
 * What a difference in turns of a steering rod's end does to the toe: Δ = pitch × turns, angle = asin(Δ /
 * arm),
 * and across a rim D·sin(angle).
 * @throws InputError for lengths that are not positive, or turns that the arm cannot follow.
 * Example: pitch 1.5, half a turn, arm 130, rim 410 → 0.3306°, 2.365 mm.
 */
export function toeChange(pitchMm: number, turns: number, armMm: number, rimMm: number): ToeChange {
  requirePositive(pitchMm, "The pitch", "pitch");
  requireFinite(turns, "The turns", "difference");
  requirePositive(armMm, "The steering arm", "arm");
  requirePositive(rimMm, "The rim", "rim");
  const travelMm = pitchMm * turns;
  if (Math.abs(travelMm) >= armMm)
    throw new InputError(
      "That many turns move the rod by more than the arm is long. Check the numbers.",
      "difference",
    );
  const sine = travelMm / armMm;
  return { travelMm, angleDeg: (Math.asin(sine) * 180) / Math.PI, acrossRimMm: rimMm * sine };
}
