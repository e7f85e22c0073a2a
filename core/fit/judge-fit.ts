import { proofLoadN } from "../thread/preload";
import { hasStrengths } from "../thread/strength";
import { type Thread, diameterMm } from "../thread/thread";
import { METRIC_PITCHES } from "../thread/thread-table";
import type { FitVerdict, HexagonFit } from "./hexagon-fit";

/**
 * Shares of proof of class 8.8 (K 0.18, on the smallest thread that such a head has) up to which a fit is
 * trusted. Our own judgement, on the safe side: as good as the right one up to what a 12.9 of that thread
 * gets at 90 % of its proof, a looser one less.
 */
const TRUSTED_SHARE: Partial<Record<FitVerdict, number>> = { snug: 1.5, usable: 0.9, "low torque only": 0.3 };

/**
 * The most that a fit is trusted with, N·m; undefined for one that is trusted with nothing.
 * @param threads those that the head may have; for a head of no known thread the thinnest that so wide a head
 * may sit on is taken. Example: 13 on 12.7 (an M8's torque at 90 % of proof) → 27.5.
 */
export function fitLimitNm(
  { verdict }: HexagonFit,
  threads: readonly Thread[],
  headMm: number,
): number | undefined {
  const share = TRUSTED_SHARE[verdict];
  if (share === undefined) return undefined;
  const known = threads.filter((thread) => hasStrengths(diameterMm(thread)));
  const may = known.length > 0 ? known : thinnestUnder(headMm);
  return Math.min(
    ...may.map((thread) => share * 0.18 * (diameterMm(thread) / 1000) * proofLoadN(thread, "8.8")),
  );
}

/**
 * Heads are at most about 1.8 times as wide as their thread is thick (ISO 4014 has 1.83 at M3, 1.5 at M24),
 * and keys at least 0.4 of it.
 */
function thinnestUnder(headMm: number): readonly Thread[] {
  const under = METRIC_PITCHES.filter(({ diameterMm: d }) => d * WIDEST_HEAD <= headMm).slice(-1);
  return (under.length > 0 ? under : METRIC_PITCHES.slice(0, 1)).map((found) => ({
    system: "metric",
    diameterMm: found.diameterMm,
    pitchMm: found.coarseMm,
  }));
}

const WIDEST_HEAD = 1.8;

/** What a fit comes to at the torque asked of it. */
export type TorqueVerdict = FitVerdict | "beyond its thread";

/**
 * A fit judged at the torque asked of it: beyond what it is trusted with, it will round the head. The head's
 * own size does not; there the thread breaks first.
 */
export function judgeFit(
  fit: HexagonFit,
  torqueNm: number,
  threads: readonly Thread[],
  headMm: number,
): TorqueVerdict {
  const limit = fitLimitNm(fit, threads, headMm);
  if (limit === undefined || torqueNm <= limit) return fit.verdict;
  return isOwnSize(fit) ? "beyond its thread" : "will round it";
}

const NO_PLAY_DEG = 0.01;

function isOwnSize({ freePlayDeg, mayGoOn }: HexagonFit): boolean {
  return freePlayDeg !== undefined && freePlayDeg < NO_PLAY_DEG && !mayGoOn;
}
