import type { Fastener, Step } from "@/core/model/job";
import { stepStages } from "@/core/work/progress";

/** What the one button says: what was just done with the hands. */
export function primaryWords(step: Step, fastener: Fastener | undefined, stage: number | undefined): string {
  const all = fastener ? (fastener.count === 1 ? "It is" : `All ${fastener.count} are`) : "";
  switch (step.kind) {
    case "torque": {
      if (stage === undefined || !fastener) return "Next step";
      const kind = stepStages(step, fastener)[stage]?.kind;
      return kind === "torque" ? "Clicked" : kind === "angle" ? "Turned" : kind === "turns" ? "Counted" : "Tight";
    }
    case "undo":
      return fastener ? `${all} out` : "Done";
    case "hand-start":
      return fastener ? `${all} started` : "Done";
    case "look":
      return "Looked at, good";
    case "raise":
      return "Up and safe";
    case "lower":
      return "It is down";
    case "do":
      return "Done";
  }
}
