/** The moment by which so many of a hundred runs were over. @param over the soonest first. */
export function within100(over: Float64Array, percent: number): number {
  return over[Math.min(over.length - 1, Math.ceil((percent / 100) * over.length) - 1)] ?? Infinity;
}

/** The share of runs that were over by a moment, 0 to 1. */
export function chanceBy(over: Float64Array, at: number): number {
  let [low, high] = [0, over.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((over[middle] ?? Infinity) <= at) low = middle + 1;
    else high = middle;
  }
  return over.length === 0 ? 0 : low / over.length;
}

/** What lasted no longer in so many of a hundred; Infinity where nothing was watched. */
export const chanceFrom = (lasted: Float64Array | undefined, percent: number): number =>
  lasted && lasted.length > 0 ? within100(lasted, percent) : Infinity;

/** A hundred ends that stand for all: the middle of each hundredth. */
export const hundredOf = (over: Float64Array): number[] =>
  Array.from({ length: 100 }, (_, i) => within100(over, i + 0.5));

/**
 * A chance as it is said: whole hundredths, rounded down, and never more than 99: no run knows of everything that can
 * go wrong on a driveway. Example: 1 → 99.
 */
export function inHundred(chance: number): number {
  if (chance <= 0) return 0;
  return Math.min(99, Math.max(1, Math.floor(chance * 100 + 1e-9)));
}
