import { chestOf } from "@/core/chest/chest";
import { torqueNeeds } from "@/core/kit/needs/torque-needs";
import type { Route, Step } from "@/core/model/job";
import type { Tool } from "@/core/model/tool";
import type { Work } from "@/core/model/work";
import { boltOrder } from "@/core/pattern/bolt-order";
import { stepFastener } from "@/core/plan/step-fastener";
import { missingSafetyTicks, nextBolt, stepStages } from "@/core/work/progress";
import { spokenBolt, spokenNext, spokenStep } from "@/core/work/spoken";
import { currentTask } from "@/core/work/tasks";
import { today } from "../../shell/clock";

/** What is read aloud as the work stands: the step when it opens, then each bolt as it comes. */
export function spokenNow(route: Route, work: Work, step: Step, tools: readonly Tool[]): string {
  const held = missingSafetyTicks(work, route, step, today()).length > 0;
  const opening = spokenStep(step, currentTask(work, step), held);
  const bolt = held ? undefined : boltNow(route, work, step, tools);
  if (!bolt) return opening;
  const { stage, setting, fastener, turn, isFirst } = bolt;
  if (isFirst) return `${opening} ${spokenBolt(stage, setting, fastener, turn)}`;
  return turn === 1 ? spokenBolt(stage, setting, fastener, turn) : spokenNext(stage, setting, fastener, turn);
}

/** The answer to "how much": the bolt's setting in full, or that there is none. */
export function spokenHowMuch(route: Route, work: Work, step: Step, tools: readonly Tool[]): string {
  const bolt = boltNow(route, work, step, tools);
  return bolt ? spokenBolt(bolt.stage, bolt.setting, bolt.fastener, bolt.turn) : "Nothing to tighten here.";
}

/** The bolt that is next under the hands, and what it asks for; undefined where none is tightened. */
function boltNow(route: Route, work: Work, step: Step, tools: readonly Tool[]) {
  const fastener = stepFastener(route, step);
  const next = nextBolt(work, step, fastener);
  if (currentTask(work, step) !== "hands" || !fastener || !next) return undefined;
  const stages = stepStages(step, fastener);
  const stage = stages[next.stage];
  if (!stage) return undefined;
  const pull = torqueNeeds(fastener, chestOf(tools))[
    stages.slice(0, next.stage).filter(({ kind }) => kind === "torque").length
  ];
  const turn = boltOrder(fastener).indexOf(next.bolt) + 1;
  return { stage, setting: pull?.best?.setting, fastener, turn, isFirst: turn === 1 && next.stage === 0 };
}
