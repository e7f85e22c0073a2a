import { requirePositive } from "../input-error";
import type { Band } from "../quantity/band";
import { proofLoadN } from "./preload";
import { hasStrengths } from "./strength";
import { type Thread, diameterMm } from "./thread";

/**
 * The band that "good and tight" usually means for a thread, N·m: class 8.8 at 30 to 60 % of proof, K 0.18.
 * A typical band, never a specification.
 * Undefined for a thread thicker than the standard has classes for.
 * @throws InputError for an impossible thread. Example: M6 → about 3.8 to 7.6.
 */
export function snugBandNm(thread: Thread): Band | undefined {
  requirePositive(diameterMm(thread), "The thread's diameter", "thread");
  if (!hasStrengths(diameterMm(thread))) return undefined;
  const atProofNm = 0.18 * (diameterMm(thread) / 1000) * proofLoadN(thread, "8.8");
  return [0.3 * atProofNm, 0.6 * atProofNm];
}
