import { type Thread, diameterMm, stressAreaMm2 } from "./thread";

/** Proof stress of property class 8.8, N/mm²: 580 up to 16 mm, 600 above (ISO 898-1, stress under proof load). */
function proofStress88(diameter: number): number {
  return diameter <= 16 ? 580 : 600;
}

/**
 * The band that "good and tight" usually means for a thread, N·m: class 8.8 at 30 to 60 % of proof, K 0.18.
 * A typical band, never a specification.
 * @throws InputError for an impossible thread. Example: M6 → about 3.8 to 7.6.
 */
export function snugBandNm(thread: Thread): [low: number, high: number] {
  const diameter = diameterMm(thread);
  const atProofNm = 0.18 * (diameter / 1000) * proofStress88(diameter) * stressAreaMm2(thread);
  return [0.3 * atProofNm, 0.6 * atProofNm];
}
