import type { Phase, Step, StepKind } from "./model/job";

interface StepKindWords {
  /** What it asks for, in a few words. */
  says: string;
  /** What is on its button when it is done, by how many of its fastener there are, and how it leaves them. */
  done: (count: number | undefined, leaves?: Step["leaves"]) => string;
  /** The kind of the step that puts it right. */
  back: StepKind;
  /** Whether its fasteners come out by it, go in, or either, by the half of the job. */
  moves: "out" | "in" | "by half" | "nothing";
}

const all = (count: number) => (count === 1 ? "It is" : `All ${count} are`);

/** All that hangs on a step's kind but its face in Work, which is in `features/work/faces/face-of.ts`. */
export const STEP_KIND: Record<StepKind, StepKindWords> = {
  do: { says: "Do", done: () => "Done", back: "do", moves: "nothing" },
  undo: {
    says: "Undo a fastener",
    done: (count, leaves) => {
      if (count === undefined) return "Done";
      if (leaves === "cracked") return `${all(count)} cracked`;
      if (leaves === "finger tight") return `${all(count)} finger tight`;
      if (leaves === "one left in" && count > 1) return "All but one are out";
      return leaves === "hanging" ? "It hangs" : `${all(count)} out`;
    },
    back: "torque",
    moves: "out",
  },
  "hand-start": {
    says: "Start by hand",
    done: (count) => (count === undefined ? "Done" : `${all(count)} started`),
    back: "hand-start",
    moves: "in",
  },
  torque: { says: "Tighten to its figure", done: () => "Done", back: "torque", moves: "in" },
  count: { says: "Count its turns", done: () => "Done", back: "count", moves: "by half" },
  look: { says: "Look or check", done: () => "Begin the wait", back: "look", moves: "nothing" },
  raise: { says: "Raise the vehicle", done: () => "Up and safe", back: "raise", moves: "nothing" },
  lower: { says: "Let it down", done: () => "It is down", back: "lower", moves: "nothing" },
};

const isPutBack = (phase: Phase) => phase === "put back" || phase === "prove it";

/** Whether a step's fasteners are out when it is done: what is only cracked still holds. */
export const takesOut = (step: Pick<Step, "kind" | "phase" | "leaves">): boolean =>
  movesFasteners(step) === "out" && step.leaves !== "cracked" && step.leaves !== "finger tight";

/** Whether a step turns its fasteners out, in, or neither. */
export function movesFasteners({ kind, phase }: Pick<Step, "kind" | "phase">): "out" | "in" | "nothing" {
  const { moves } = STEP_KIND[kind];
  if (moves !== "by half") return moves;
  return isPutBack(phase) ? "in" : "out";
}
