import type { Measure, Phase, Stance } from "../model/job";
import type { Span } from "./heard";

/** The id of the step that was told so-and-so many steps in. */
export const stepId = (at: number) => `step ${at}`;
/** Where a proposal was split: the id of the second of the two. */
export const secondOf = (id: string) => `${id} b`;

export interface Row {
  id: string;
  /** The words it came from. */
  spans: readonly Span[];
  doubtful: boolean;
}
export type FastenerProposal = Row & {
  kind: "fastener";
  name: string;
  count: string;
  size: string;
  /** Empty where it is the size it was undone with. */
  sizeToDoUp: string;
  hold: string;
  /** Its size was said with doubt; `doubtful` speaks of its figure. */
  doubtfulSize: boolean;
  torque: string;
  traits: readonly string[];
  /** Its head and its figure were told under two names: the other one. While its figure is doubtful, so is its size. */
  otherHalf?: string;
};
export type StepProposal = Row & {
  kind: "step";
  title: string;
  phase: Phase;
  /** The proposal of the fastener that it works on. */ fastener: string | undefined;
  cautions: readonly string[];
  /** Minutes that are waited before it is done, as typed; empty where none. */
  wait: string;
  /** What is waited for. */
  until: string;
  /** What is measured in it, where limits were told. */
  measure?: Measure;
  /** The vehicle goes up or comes down by it; and where it goes up, which end, if that is known. */
  lifts?: "raise" | "lower";
  stance?: Exclude<Stance, "on the ground">;
};

/** One line of what a narration would put into the plan, as it can be corrected before it goes in. */

export type Proposal =
  FastenerProposal | StepProposal | (Row & { kind: "part" | "tool" | "supply"; name: string });
/** Something only the reader's person can tell, with answers that are one press each. */

export interface Question {
  id: string;
  asks: string;
  spans: readonly Span[];
  answers: {
    says: string;
    proposal: string;
    change: Partial<FastenerProposal> | Partial<Pick<StepProposal, "stance">>;
    /** They are two, and so is what is done to them: what is written down of the second of each. */
    others?: { proposal: string; change: Partial<FastenerProposal> | Partial<StepProposal> }[];
  }[];
}

/** Said, and left out: with the words that say why. */

export interface LeftOut {
  what: string;
  why: string;
  span: Span;
}

export interface Proposed {
  rows: Proposal[];
  questions: Question[];
  leftOut: LeftOut[];
}
