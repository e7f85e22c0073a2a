import { requirePositive } from "../input-error";
import { type Thread, diameterMm, pitchMm } from "./thread";

/** Drills for coarse metric threads, mm, by diameter. Source: ISO 2306. */
const COARSE_DRILL_MM: Record<number, number> = {
  2.5: 2.05,
  3: 2.5,
  3.5: 2.9,
  4: 3.3,
  5: 4.2,
  6: 5,
  7: 6,
  8: 6.8,
  9: 7.8,
  10: 8.5,
  11: 9.5,
  12: 10.2,
  14: 12,
  16: 14,
  18: 15.5,
  20: 17.5,
  22: 19.5,
  24: 21,
  27: 24,
  30: 26.5,
};

/**
 * Drill for a tapped hole, mm. Coarse metric threads by the standard's table; others by its rule, diameter
 * less one pitch, which for inch threads comes within one drill size of the numbered and lettered drills.
 * @throws InputError for sizes that are not positive. Example: M10 → 8.5; 3/8-16 → 7.9.
 */
export function tapDrillMm(thread: Thread): number {
  requirePositive(diameterMm(thread), "The thread's diameter", "thread");
  requirePositive(pitchMm(thread), "The thread's pitch", "thread");
  const exact = diameterMm(thread) - pitchMm(thread);
  const listed = thread.system === "metric" ? COARSE_DRILL_MM[thread.diameterMm] : undefined;
  if (listed !== undefined && Math.abs(listed - exact) < 0.06) return listed;
  const step = exact < 4 ? 0.05 : 0.1;
  return Number((Math.round(exact / step + 1e-9) * step).toFixed(2));
}
