import { uniformInt } from "pure-rand/distribution/uniformInt";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";

/** Whole numbers that are always the same for the same seed and words, whatever was asked before. */
export type Chance = (from: number, to: number) => number;

/**
 * A chance of its own for every name. Example: chanceOf(7, "brake shoes")(1, 6) is the same today and
 * tomorrow.
 */
export function chanceOf(seed: number, words: string): Chance {
  let hash = seed | 0;
  for (const letter of words) hash = (Math.imul(hash, 31) + (letter.codePointAt(0) ?? 0)) | 0;
  const generator = xoroshiro128plus(hash);
  return (from, to) => uniformInt(generator, from, to);
}
