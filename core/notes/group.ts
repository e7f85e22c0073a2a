import type { HeadSize } from "../quantity/head-size";
import type { TorqueFigure } from "../quantity/torque-figure";
import type { TorqueQuantity } from "../quantity/torque-quantity";
import type { Heard, Span } from "./heard";
import type { Family } from "./mention";

export interface SaidSize {
  head: HeadSize;
  span: Span;
  doubtful: boolean;
}

export interface SaidFigure {
  figure: TorqueFigure;
  span: Span;
  doubtful: boolean;
  /** Said of "the bolts", and nothing more: whether which lot was meant is a guess, and whether more than one is spoken of. */
  loosely?: { isGuess: boolean; many: boolean };
  /** Why it is not to be used: the words that say so. */
  notUsed?: string;
  /** Said once more in another unit, and then something else: what it came to there. */
  restated?: TorqueQuantity;
}

/** One true group of like fasteners, with everything said of it over the whole text. */
export interface Group {
  name: string;
  /** Other names it is given. */
  aliases: string[];
  family: Family;
  marks: Set<string>;
  /** What was being worked on when it was first named. */
  topic: string[];
  count: number | undefined;
  perSide: boolean;
  undo: SaidSize | undefined;
  doUp: SaidSize | undefined;
  hold: SaidSize | undefined;
  figures: SaidFigure[];
  traits: Set<string>;
  spans: Span[];
  /** The clause in which it was spoken of first and last. */
  first: number;
  last: number;
  /** The clause in which its last figure was said. */
  figuredAt: number;
  /** The clauses that speak of it. */
  clauses: Set<number>;
  /** "Three bolts, two short, one long": how many of each look, until more is told of one of them. */
  looks?: readonly { mark: string; count: number }[];
  /** "Nine of them are 13 mm, the two outer ones 14": those that it was told apart from. */
  apartFrom?: Group;
  /** "And two in the pocket": named as those before it, by where it is. */
  isElsewhere?: true;
  /** Told as a bare number: what it comes to in each of the units that it may be in. */
  inSomeUnit?: readonly TorqueFigure[];
  /** Its head was told under one name and its figure under another: that of the half told last. */
  otherHalf?: string;
}

export interface Grouped extends Heard {
  /** The clause from which things go back. */
  turn: number;
  groups: Group[];
  /** Figures that are said and belong to nothing, or are not to be used. */
  loose: SaidFigure[];
  /** Taken back, or denied. */
  struck: { span: Span; what: string; of: "size" | "figure" }[];
}
