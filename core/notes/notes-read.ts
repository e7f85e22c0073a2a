import type { SquareDrive } from "../drive/square-drive";
import type { HeadSize } from "../model/head-size";
import type { CONDITIONS, LOCKINGS } from "../model/job";
import type { TorqueFigure } from "../model/torque-figure";

/** Where in the text something was read. */
export interface Span {
  start: number;
  end: number;
}

/** What every size and figure carries. */
export interface Read {
  span: Span;
  /** Said with doubt: "I think", "around". */
  doubtful: boolean;
  /** Corrected later in the text: the later one stands. */
  struck: boolean;
}

export interface ReadSize extends Read {
  head: HeadSize;
  /** How many are spoken of, where that is said. */
  count: number | undefined;
  /** The fastener it speaks of, by its place in `fasteners`; undefined when the text does not say. */
  fastener: number | undefined;
  /** True for the tool that holds the other end still. */
  holds: boolean;
}

export interface ReadFigure extends Read {
  figure: TorqueFigure;
  /** The fastener it speaks of, by its place in `fasteners`; undefined when the text does not say. */
  fastener: number | undefined;
}

/** A group of fasteners as the text speaks of it. */
export interface ReadFastener {
  name: string;
  span: Span;
  count: number | undefined;
  head: HeadSize | undefined;
  thread: string | undefined;
  singleUse: boolean;
  byHand: boolean;
  cross: boolean;
  onTheGround: boolean;
  counterHold: HeadSize | undefined;
  locking: (typeof LOCKINGS)[number] | undefined;
  threadIs: (typeof CONDITIONS)[number] | undefined;
}

export interface NotesRead {
  sizes: ReadSize[];
  figures: ReadFigure[];
  fasteners: ReadFastener[];
  drives: { drive: SquareDrive; span: Span }[];
  extensions: { mm: number; span: Span }[];
  tools: { name: string; span: Span }[];
  consumables: { name: string; span: Span }[];
  parts: { name: string; span: Span }[];
  cautions: { says: string; span: Span }[];
  steps: { says: string; span: Span }[];
}
