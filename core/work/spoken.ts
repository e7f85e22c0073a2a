import { capital } from "../capital";
import type { Fastener, Step } from "../model/job";
import type { Task } from "../model/work";
import type { TorqueQuantity } from "../quantity/torque-quantity";
import { formatTorqueValue } from "../quantity/torque-quantity";
import { torqueUnitInWords } from "../quantity/torque-unit";
import { backOffInWords, depthInWords, threadsInWords } from "../quantity/torque-words";
import type { Stage } from "../torque/target";

/** A torque as it is read aloud, so that a voice does not spell its unit. Example: 26.5 lb·ft → "26.5 pound feet". */
export function spokenTorque(torque: TorqueQuantity): string {
  return `${formatTorqueValue(torque)} ${torqueUnitInWords(torque.unit).replaceAll("-", " ")}`;
}

/** What is read aloud when a step or its next task opens: short, what to do first. */
export function spokenStep(step: Step, task: Task, held: boolean): string {
  if (held) return `${step.title}. Stop: set the four ticks first. Ground, chocks, stands, shake.`;
  const cautions = step.cautions.length > 0 ? ` Careful: ${step.cautions.join(" ")}` : "";
  return `${step.title}.${cautions}${TASK_SAYS[task](step)}`;
}

const TASK_SAYS: Record<Task, (step: Step) => string> = {
  mark: ({ mark }) => (mark ? ` Mark: ${mark}.` : " Photograph it first."),
  hands: () => "",
  wait: ({ wait }) => (wait ? ` Wait ${wait.minutes} minutes, until ${wait.until}.` : ""),
  measure: ({ measure }) => (measure ? ` Measure the ${measure.what}.` : ""),
  look: () => " Good, watch, or replace?",
};

/** What is read aloud for the bolt that is next: its setting the first time, then only its turn. */
export function spokenBolt(
  stage: Stage,
  setting: TorqueQuantity | undefined,
  fastener: Fastener,
  turn: number,
): string {
  const which = fastener.count === 1 ? "" : ` Bolt ${turn} of ${fastener.count}.`;
  switch (stage.kind) {
    case "torque":
      return `${setting ? `Set the wrench to ${spokenTorque(setting)}.` : `The bolt needs ${spokenTorque(stage.given)}.`}${which}`;
    case "angle":
      return `Turn it ${stage.angleDeg} degrees further.${which}`;
    case "turns":
      return `${stage.turns} turns.${which}`;
    case "snug":
      return `Good and tight.${which}`;
    case "hand tight":
      return `Hand tight, no tool.${which}`;
    case "threads":
      return `Until ${threadsInWords(stage)} show.${which}`;
    case "depth":
      return `Drive it in until it lies ${depthInWords(stage.belowMm)}.${which}`;
    case "back off":
      return `Back it off ${backOffInWords(stage.by).replace("°", " degrees")}.${which}`;
    case "fitted":
      return `${capital(stage.as)}, by hand.${which}`;
    case "lock":
      return `Now lock it: ${stage.by}.${which}`;
    case "no figure":
      return `No figure was written down.${which}`;
  }
}

/** As somebody beside you would say it: "Next, bolt 3 of 4. Again 26.5 pound feet." */
export function spokenNext(
  stage: Stage,
  setting: TorqueQuantity | undefined,
  { count }: Fastener,
  turn: number,
): string {
  const again = stage.kind === "torque" ? ` Again ${spokenTorque(setting ?? stage.given)}.` : "";
  return `${turn === count ? "The last one" : `Next, bolt ${turn} of ${count}`}.${again}`;
}
