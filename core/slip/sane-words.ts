import type { TorqueQuantity } from "../quantity/torque-quantity";
import type { Judgement, SaneVerdict } from "../thread/sane";
import type { Tone } from "./slip";

export interface JudgedTorque {
  torque: TorqueQuantity;
  judgement: Judgement;
}

export const VERDICT_SAYS: Record<SaneVerdict, string> = {
  fits: "Fits",
  "fits some": "Fits some",
  "past proof": "At its proof",
  "too much": "Too much",
  "too little": "Too little",
  "above the maximum": "Above the maximum",
  "more than the hole": "Too much for the hole",
  "only the maker knows": "Only the maker knows",
};

export const TONE: Record<SaneVerdict, Tone> = {
  fits: "good",
  "fits some": "watch",
  "past proof": "watch",
  "only the maker knows": "watch",
  "more than the hole": "stop",
  "too much": "stop",
  "too little": "stop",
  "above the maximum": "stop",
};

/** The gravest last. */
export const GRAVITY: readonly SaneVerdict[] = [
  "fits",
  "fits some",
  "only the maker knows",
  "past proof",
  "more than the hole",
  "too little",
  "above the maximum",
  "too much",
];

/** What is said where nothing is said against the figure. */
export const MORE: Partial<Record<SaneVerdict, string>> & Record<"fits", string> = {
  fits: "It lies within what such a thread is tightened to. That makes it possible, not right: look up where it came from.",
  "fits some": "Some of the threads that this head can have would bear it, others not. Measure the thread.",
  "only the maker knows":
    "The bolt would bear it; whether the hole does, only the maker's maximum says. Type it if you have it.",
};

export function verdictTitle(
  jump: string | undefined,
  differ: boolean,
  first: { judgement: Judgement },
): string {
  if (jump) return "A slip";
  if (differ) return "It depends";
  return VERDICT_SAYS[first.judgement.verdict];
}
