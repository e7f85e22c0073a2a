import { requirePositive } from "../input-error";
import type { Band } from "../quantity/band";
import { type Into, strippingTorqueNm } from "./hole";
import { proofLoadN } from "./preload";
import { hasStrengths } from "./strength";
import { type Thread, diameterMm } from "./thread";

/**
 * The band that "good and tight" usually means for a thread, N·m: 30 to 60 % of what would bring class 8.8 to
 * its proof, K 0.18, or strip the hole it goes into, whichever comes first. A typical band, never a
 * specification.
 * Undefined for a thread thicker than the standard has classes for.
 * @throws InputError for an impossible thread. Example: M6 → about 3.8 to 7.6.
 */
export function snugBandNm(thread: Thread, into?: Into): Band | undefined {
  requirePositive(diameterMm(thread), "The thread's diameter", "thread");
  if (!hasStrengths(diameterMm(thread))) return undefined;
  const atProofNm = 0.18 * (diameterMm(thread) / 1000) * proofLoadN(thread, "8.8");
  const givesNm = Math.min(atProofNm, (into && strippingTorqueNm(thread, into)) ?? Infinity);
  return [0.3 * givesNm, 0.6 * givesNm];
}
