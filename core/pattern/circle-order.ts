import { InputError } from "../input-error";

/**
 * The order in which to tighten n bolts on a circle, numbered round the circle from 1.
 *
 * Even counts go by opposite pairs, the next pair about a quarter turn on; the order of the pairs is the
 * same rule on half the circle. Odd counts step by the number nearest n/2 that visits every bolt.
 * Undoing goes the other way.
 * @throws InputError unless n is a whole number from 1 to 64.
 * Source: ASME PCC-1 legacy pattern. Example: circleOrder(4) → [1, 3, 2, 4]; circleOrder(5) → [1, 3, 5, 2,
 * 4].
 */
export function circleOrder(count: number): number[] {
  if (!Number.isInteger(count) || count < 1 || count > 64)
    throw new InputError("A pattern has a whole number of bolts, from 1 to 64.", "count");
  if (count === 1) return [1];
  if (count % 2 === 0) return circleOrder(count / 2).flatMap((bolt) => [bolt, bolt + count / 2]);
  let step = Math.floor(count / 2);
  while (commonDivisor(step, count) !== 1) step -= 1;
  return Array.from({ length: count }, (_, i) => ((i * step) % count) + 1);
}

function commonDivisor(a: number, b: number): number {
  return b === 0 ? a : commonDivisor(b, a % b);
}
