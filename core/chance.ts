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

/** Draws of one name: each is the next of a sequence that is the same for the same seed and words. */
export interface Luck {
  /** A whole number from the one to the other, both among them. */
  whole: Chance;
  /** Any number between two. */
  between: (low: number, high: number) => number;
  /** Normal about a mean, cut off at three standard deviations. */
  normal: (mean: number, deviation: number) => number;
  /** One of a list. @throws RangeError for an empty one. */
  pick: <T>(list: readonly T[]) => T;
  /** The same list in another order. */
  shuffled: <T>(list: readonly T[]) => T[];
}

const FINE = 1_000_000;

/** Example: luckOf(7, "castle nut").between(10, 20) is the same today and tomorrow. */
export function luckOf(seed: number, words: string): Luck {
  const whole = chanceOf(seed, words);
  const between = (low: number, high: number) => low + ((high - low) * whole(0, FINE)) / FINE;
  return {
    whole,
    between,
    // Box and Muller's form; a draw beyond three deviations is drawn again.
    normal: (mean, deviation) => {
      for (;;) {
        const standard = Math.sqrt(-2 * Math.log(between(1e-9, 1))) * Math.cos(2 * Math.PI * between(0, 1));
        if (Math.abs(standard) <= 3) return mean + deviation * standard;
      }
    },
    pick: (list) => {
      const one = list[whole(0, Math.max(0, list.length - 1))];
      if (one === undefined) throw new RangeError("There is nothing to pick from.");
      return one;
    },
    shuffled: (list) => {
      const left = [...list];
      return list.flatMap(() => left.splice(whole(0, left.length - 1), 1));
    },
  };
}
