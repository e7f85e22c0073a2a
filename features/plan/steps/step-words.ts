import type { StepKind } from "@/core/model/job";

/** What each kind of step asks for, in a few words. */
export const KIND_SAYS: Record<StepKind, string> = {
  do: "Do",
  undo: "Undo a fastener",
  "hand-start": "Start by hand",
  torque: "Tighten to its figure",
  count: "Count its turns",
  look: "Look or check",
  raise: "Raise the vehicle",
  lower: "Let it down",
};
