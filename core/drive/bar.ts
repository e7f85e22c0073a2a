import { requirePositive } from "../input-error";
import type { Band } from "../quantity/band";

/** What a person should not have to pull by hand without bracing, N; a starting value that can be changed. */
export const COMFORTABLE_PULL_N = 350;

/**
 * How much more undoing asks than doing up asked, least and most, by the state of the thread. Experience, not
 * a standard.
 */
export const UNDOING_FACTOR = {
  clean: [1, 1.5],
  rusted: [1.5, 2.5],
  threadlocked: [1.5, 2.5],
} as const satisfies Record<string, Band>;
export type ThreadState = keyof typeof UNDOING_FACTOR;
export const THREAD_STATES = Object.keys(UNDOING_FACTOR) as ThreadState[];

/**
 * What it may take to undo what was done up to a torque, N·m. @throws InputError unless positive. Example:
 * 110, rusted → 165 to 275.
 */
export function undoingTorqueNm(doneUpToNm: number, state: ThreadState): Band {
  requirePositive(doneUpToNm, "The torque", "torque");
  const [least, most] = UNDOING_FACTOR[state];
  return [doneUpToNm * least, doneUpToNm * most];
}

/**
 * Pull at the grip for a torque, N: T / L. @throws InputError unless both are positive.
 * Example: pullN(105, 300) → 350.
 */
export function pullN(torqueNm: number, barLengthMm: number): number {
  requirePositive(torqueNm, "The torque", "torque");
  requirePositive(barLengthMm, "The bar's length", "barLength");
  return torqueNm / (barLengthMm / 1000);
}

/**
 * The bar that keeps the pull under a limit, mm. @throws InputError unless both are positive.
 * Example: barLengthMm(105, 350) → 300.
 */
export function barLengthMm(torqueNm: number, limitN: number): number {
  requirePositive(torqueNm, "The torque", "torque");
  requirePositive(limitN, "The pull", "pull");
  return (torqueNm / limitN) * 1000;
}
