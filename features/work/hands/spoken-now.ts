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
  const task = currentTask(work, step);
  const fastener = stepFastener(route, step);
  const next = nextBolt(work, step, fastener);
  const opening = spokenStep(step, task, held);
  if (held || task !== "hands" || !fastener || !next) return opening;
  const stages = stepStages(step, fastener);
  const stage = stages[next.stage];
  if (!stage) return opening;
  const pull = torqueNeeds(fastener, chestOf(tools))[
    stages.slice(0, next.stage).filter(({ kind }) => kind === "torque").length
  ];
  const turn = boltOrder(fastener).indexOf(next.bolt) + 1;
  const setting = pull?.best?.setting;
  if (turn === 1 && next.stage === 0) return `${opening} ${spokenBolt(stage, setting, fastener, turn)}`;
  return turn === 1 ? spokenBolt(stage, setting, fastener, turn) : spokenNext(stage, setting, fastener, turn);
}
