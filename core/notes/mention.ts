import type { HeadProfile } from "../quantity/head-size";
import type { Clause } from "./clauses";
import { type HEADS, SAME_PLACE } from "./vocabulary";

export type Family = (typeof HEADS)[string] | "one";

/**
 * A fastener spoken of, by word numbers: by its name, as "the long one", or by its size, as "those two 13s".
 */
export interface Mention extends Clause {
  family: Family;
  /** The head as it was said; for "one" and sizes empty. */
  head: string;
  /** What tells it from others, each word without its plural. */
  marks: readonly string[];
  /** As it was said, without article and count. */
  name: string;
  count: number | undefined;
  /** "each side", "a wheel": the count is said of one of two. */
  perSide: boolean;
  /** Said with "the", "those" or "all": it has been named before, or is about to be clear. */
  definite: boolean;
  /** Told by its size alone: "those two 13s". */
  sized?: true;
  /** "five of them": whatever was spoken of, and how many. */
  ofThem?: true;
  /** Some of a group, by where they are: "the front two". */
  some?: true;
  /** "the three in the arm": told by how many there are and where. */
  placed?: true;
  /** "A screw behind the handle, and two in the pocket": others of the kind named last, where those are not. */
  elsewhere?: true;
  /** "two more": others of the kind named last. */
  more?: true;
  /** "6 are 13 mm": so many of those just counted. */
  share?: true;
  /** "all six": told by how many there are. */
  all?: true;
  /** "the triple squares": told by the kind of their head. */
  profile?: HeadProfile;
  /** "upper 50 Nm": told by where it sits and its figure, and by nothing else. */
  byFigure?: true;
  /** "these are", "they're": whatever was spoken of just now, and nothing else. */
  pointing: boolean;
  /** A pair of "bolt and nut": both are one. */
  through: boolean;
}

export const singular = (word: string) =>
  word.replace(/(?<=[a-z]{3})(?:(?<=sh|ch|ss|x)es|s)$/, (end) => (/(?:ss|is|us)$/.test(word) ? end : ""));

/** What tells a fastener from others, each in one form: "bottom" and "lower" are no two places. */
export const marksOf = (words: readonly string[]): string[] =>
  words.map(singular).map((word) => SAME_PLACE[word] ?? word);

/** A mention with nothing told but where it stands, to be filled with what is. */
export const mentionAt = (from: number, to: number, told: Partial<Mention>): Mention => ({
  from,
  to,
  family: "one",
  head: "",
  marks: [],
  name: "",
  count: undefined,
  perSide: false,
  definite: false,
  pointing: false,
  through: false,
  ...told,
});
