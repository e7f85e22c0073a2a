import type { Fastener, Route, Stance, Step } from "../model/job";
import { SAFETY_TICKS, type SafetyTick, type Work, type WorkEvent } from "../model/work";
import { boltOrder } from "../pattern/bolt-order";
import { type Stage, stagesOf } from "../torque/target";

/** The stages of a step that tightens to its fastener's figure; none for any other step. */
export function stepStages(step: Step, fastener: Fastener | undefined): Stage[] {
  if (step.kind !== "torque" || !fastener) return [];
  return fastener.figure ? stagesOf(fastener.figure) : [{ kind: "snug", label: "" }];
}

/** Ids of the steps that are done. */
export function doneSteps(work: Work): Set<string> {
  return new Set(work.events.flatMap((event) => (event.type === "step" ? [event.stepId] : [])));
}

/** Numbers of the bolts ticked at one stage of a step, in the order they were ticked. */
export function tickedBolts(work: Work, stepId: string, stage: number): number[] {
  return work.events.flatMap((event) => (event.type === "bolt" && event.stepId === stepId && event.stage === stage ? [event.bolt] : []));
}

/** The bolt that comes next in a step, and its stage; undefined when every bolt has had every stage. */
export function nextBolt(work: Work, step: Step, fastener: Fastener | undefined): { stage: number; bolt: number } | undefined {
  if (!fastener) return undefined;
  const order = boltOrder(fastener);
  for (const [stage] of stepStages(step, fastener).entries()) {
    const ticked = new Set(tickedBolts(work, step.id, stage));
    const bolt = order.find((one) => !ticked.has(one));
    if (bolt !== undefined) return { stage, bolt };
  }
  return undefined;
}

/**
 * Safety ticks that hold for a stance now. They last until the vehicle is lowered or the day changes;
 * those of one raised end do not count for another.
 * @param today the local calendar day.
 */
export function validSafetyTicks(work: Work, route: Route, stance: Stance, today: string): Set<SafetyTick> {
  const lowering = new Set(route.steps.filter((step) => step.kind === "lower").map((step) => step.id));
  const lastLowered = work.events.findLastIndex((event) => event.type === "step" && lowering.has(event.stepId));
  const since = work.events.slice(lastLowered + 1);
  return new Set(since.flatMap((event) => (event.type === "safety" && event.stance === stance && event.on === today ? [event.tick] : [])));
}

/**
 * Safety ticks still to be set before a step may open; empty for steps on the ground.
 * Example: a step "rear up" on a new day → all four.
 */
export function missingSafetyTicks(work: Work, route: Route, step: Step, today: string): SafetyTick[] {
  if (step.stance === "on the ground") return [];
  const valid = validSafetyTicks(work, route, step.stance, today);
  return SAFETY_TICKS.filter((tick) => !valid.has(tick));
}

/** True when ticks were set for a stance before and some no longer hold: it was let down, or the day changed. */
export function lostSafetyTicks(work: Work, route: Route, stance: Stance, today: string): boolean {
  const set = new Set(work.events.flatMap((event) => (event.type === "safety" && event.stance === stance ? [event.tick] : [])));
  const valid = validSafetyTicks(work, route, stance, today);
  return [...set].some((tick) => !valid.has(tick));
}

/** The step that is open: the one last opened, or the first that is not done. */
export function openStep(work: Work, route: Route): Step | undefined {
  const done = doneSteps(work);
  return route.steps.find((step) => step.id === work.openStepId) ?? route.steps.find((step) => !done.has(step.id)) ?? route.steps.at(-1);
}

/** When something happened: the moment, and the local calendar day. */
export interface Moment {
  at: string;
  on: string;
}

/** The work with a bolt ticked at a stage. A bolt already ticked at that stage changes nothing. */
export function tickBolt(work: Work, stepId: string, stage: number, bolt: number, moment: Moment): Work {
  if (tickedBolts(work, stepId, stage).includes(bolt)) return work;
  return withEvent(work, { ...moment, type: "bolt", stepId, stage, bolt }, stepId);
}

/** The work with a safety tick set. */
export function tickSafety(work: Work, tick: SafetyTick, stance: Stance, moment: Moment): Work {
  return withEvent(work, { ...moment, type: "safety", tick, stance }, work.openStepId);
}

/** The work with a step done and the next step that is not done opened; none is open when that was the last. */
export function finishStep(work: Work, route: Route, stepId: string, moment: Moment): Work {
  const done = doneSteps(work);
  const finished = done.has(stepId) ? work : withEvent(work, { ...moment, type: "step", stepId }, stepId);
  done.add(stepId);
  const at = route.steps.findIndex((step) => step.id === stepId);
  const next = [...route.steps.slice(at + 1), ...route.steps.slice(0, at)].find((step) => !done.has(step.id));
  const { openStepId: _was, ...rest } = finished;
  return next ? { ...rest, openStepId: next.id } : rest;
}

/** The work with the last thing taken back and its step open again. */
export function takeBack(work: Work): Work {
  const last = work.events.at(-1);
  if (!last) return work;
  return { ...work, events: work.events.slice(0, -1), openStepId: "stepId" in last ? last.stepId : work.openStepId };
}

function withEvent(work: Work, event: WorkEvent, openStepId: string | undefined): Work {
  return { ...work, events: [...work.events, event], ...(openStepId === undefined ? {} : { openStepId }) };
}
