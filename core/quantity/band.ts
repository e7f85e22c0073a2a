/** A value that is not known exactly: the least and the most it can be. Both ends belong to it. */
export type Band = readonly [low: number, high: number];

/** A value give or take a share of itself. Example: around(50, 0.04) → [48, 52]. */
export function around(value: number, share: number): Band {
  return [value * (1 - share), value * (1 + share)];
}

/** The product of two intervals of positive values. Example: times([2, 3], [10, 20]) → [20, 60]. */
export function times(a: Band, b: Band): Band {
  return [a[0] * b[0], a[1] * b[1]];
}

/**
 * The quotient of two intervals of positive values that vary apart. Example: over([10, 20], [2, 5]) → [2,
 * 10].
 */
export function over(a: Band, b: Band): Band {
  return [a[0] / b[1], a[1] / b[0]];
}

/** The part of `of` that lies within `within`, 0 to 1; an interval of no width is in or out. */
export function shareWithin(of: Band, within: Band): number {
  const width = of[1] - of[0];
  if (width <= 0) return of[0] >= within[0] && of[0] <= within[1] ? 1 : 0;
  const inside = Math.min(of[1], within[1]) - Math.max(of[0], within[0]);
  return Math.min(1, Math.max(0, inside / width));
}
