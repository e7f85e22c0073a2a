import type { Drawing } from "./drawing";
import type { Owned, SlipField, Typed } from "./field";

/** How a statement is to be taken. Always shown with a word or a shape beside the colour. */
export type Tone = "good" | "watch" | "stop";

export interface SlipLine {
  label: string;
  value: string;
  tone?: Tone;
}

export interface SlipTable {
  title: string;
  head: readonly string[];
  rows: readonly { cells: readonly string[]; tone?: Tone }[];
}

/** One worked calculation, in words and figures. */
export interface Slip {
  /** "Set the wrench to", "26.5", "lb·ft". */
  answer: { says: string; value: string; unit?: string };
  verdict?: { tone: Tone; says: string };
  /** What else comes out of it. */
  lines: SlipLine[];
  tables?: SlipTable[];
  /** The formula, then with the numbers in it, a line each. */
  working: string[];
  /** How far the answer may be off, in a sentence. */
  margin: string;
  /** What it takes for granted, in a sentence. */
  assumes: string;
  /** What to mind, where there is something. */
  caution?: string;
  drawing: Drawing;
}

/** One calculation of the Bench: its inputs, the plain words by which it is found, and how it is worked. */
export interface SlipKind {
  name: string;
  title: string;
  /** One line under the title in the list. */
  about: string;
  /** What people call it, for the search. */
  words: string;
  fields: readonly SlipField[];
  /** Works it through from what stands in its fields; whatever is wrong is said at a field, never thrown. */
  work: (typed: Typed, owned: Owned) => Worked;
}

export interface Worked {
  slip: Slip | undefined;
  /** A sentence for each field that is wrong. */
  errors: Readonly<Record<string, string>>;
  /** What was understood by a field, where that is not plain from what was typed. */
  readBack: Readonly<Record<string, string>>;
}
