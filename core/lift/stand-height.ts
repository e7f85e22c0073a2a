import { InputError, requirePositive } from "../input-error";

export interface StandHeight {
  /** How far the stand point has to come up, mm; below zero when it is high enough already. */
  liftMm: number;
  verdict: "reaches" | "too low" | "too tall";
}

/**
 * Whether a stand can hold the stand point at the height wanted.
 * @param pointNowMm height of the stand point with the wheels down. @param wantedMm its height for the work.
 * @param lowestMm, highestMm what the stand can be set to.
 * @throws InputError for heights that are not positive, or a lowest above the highest.
 * Example: now 210, wanted 420, stand 280 to 430 → lift 210, reaches.
 */
export function standHeight(
  pointNowMm: number,
  wantedMm: number,
  lowestMm: number,
  highestMm: number,
): StandHeight {
  requirePositive(pointNowMm, "The stand point's height", "pointNow");
  requirePositive(wantedMm, "The height wanted", "wanted");
  requirePositive(lowestMm, "The stand's lowest height", "standLow");
  requirePositive(highestMm, "The stand's highest height", "standHigh");
  if (lowestMm > highestMm)
    throw new InputError("The stand's lowest height is above its highest. Swap the two.", "standLow");
  const verdict = reachVerdict(wantedMm, highestMm, lowestMm);
  return { liftMm: wantedMm - pointNowMm, verdict };
}

function reachVerdict(wantedMm: number, highestMm: number, lowestMm: number) {
  if (wantedMm > highestMm) return "too low";
  if (wantedMm < lowestMm) return "too tall";
  return "reaches";
}
