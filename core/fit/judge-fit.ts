import { proofLoadN } from "../thread/preload";
import { type Thread, diameterMm } from "../thread/thread";
import type { FitVerdict, HexagonFit } from "./hexagon-fit";

/** Shares of proof of class 8.8 (K 0.18, on the smallest thread that such a head has) up to which a looser fit is trusted. Our own judgement, on the safe side. */
const TRUSTED_SHARE: Partial<Record<FitVerdict, number>> = { usable: 0.9, "low torque only": 0.3 };

/**
 * The most that a fit is trusted with, N·m: undefined without a limit of its own, or where the head's thread is not known.
 * Example: 13 on 12.7 (an M8's torque at 90 % of proof) → 27.5.
 */
export function fitLimitNm({ verdict }: HexagonFit, threads: readonly Thread[]): number | undefined {
  const share = TRUSTED_SHARE[verdict];
  if (share === undefined || threads.length === 0) return undefined;
  return Math.min(...threads.map((thread) => share * 0.18 * (diameterMm(thread) / 1000) * proofLoadN(thread, "8.8")));
}

/**
 * A fit judged at the torque asked of it: beyond what it is trusted with, it will round the head.
 * A fit for low torque only whose head is unknown stays what it is.
 */
export function judgeFit(fit: HexagonFit, torqueNm: number, threads: readonly Thread[]): FitVerdict {
  const limit = fitLimitNm(fit, threads);
  return limit !== undefined && torqueNm > limit ? "will round it" : fit.verdict;
}
