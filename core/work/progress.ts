import { tighteningStages } from "../fastener/how-tight";
import type { Fastener, Route, Stance, Step } from "../model/job";
import { type EventOf, type LookedAt, SAFETY_TICKS, type SafetyTick, type Work } from "../model/work";
import { boltOrder } from "../pattern/bolt-order";
import type { Stage } from "../torque/target";
import { type Moment, eventsOf, withEvent } from "./event";
import { heldUpBy, runningWaits } from "./waits";

/** The stages of a step that tightens to its fastener's figure; none for any other step. */
export function stepStages(step: Step, fastener: Fastener | undefined): Stage[] {
  if (step.kind !== "torque" || !fastener) return [];
  return tighteningStages(fastener);
}

/** Ids of the steps that are over: done, or left out. */
export function doneSteps(work: Work): Set<string> {
  return new Set(work.events.flatMap((event) => (event.type === "step" ? [event.stepId] : [])));
}

/** Ids of the steps that were really done: one that was left out has moved nothing. */
export function stepsDone(work: Work): Set<string> {
  return new Set(
    work.events.flatMap((event) =>
      event.type === "step" && event.skipped === undefined ? [event.stepId] : [],
    ),
  );
}

/** Numbers of the bolts ticked at one stage of a step, in the order they were ticked. */
export function tickedBolts(work: Work, stepId: string, stage: number): number[] {
  return work.events.flatMap((event) =>
    event.type === "bolt" && event.stepId === stepId && event.stage === stage ? [event.bolt] : [],
  );
}

/** The bolt that comes next in a step, and its stage; undefined when every bolt has had every stage. */
export function nextBolt(
  work: Work,
  step: Step,
  fastener: Fastener | undefined,
): { stage: number; bolt: number } | undefined {
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
  const lastLowered = work.events.findLastIndex(
    (event) => event.type === "step" && event.skipped === undefined && lowering.has(event.stepId),
  );
  const since = work.events.slice(lastLowered + 1);
  return new Set(
    since.flatMap((event) =>
      event.type === "safety" && event.stance === stance && event.on === today ? [event.tick] : [],
    ),
  );
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

/**
 * True when ticks were set for a stance before and some no longer hold: it was let down, or the day changed.
 */
export function lostSafetyTicks(work: Work, route: Route, stance: Stance, today: string): boolean {
  const set = new Set(
    work.events.flatMap((event) => (event.type === "safety" && event.stance === stance ? [event.tick] : [])),
  );
  const valid = validSafetyTicks(work, route, stance, today);
  return [...set].some((tick) => !valid.has(tick));
}

/** The step that is open: the one last opened, or the first that is not done. */
export function openStep(work: Work, route: Route): Step | undefined {
  const done = doneSteps(work);
  return (
    route.steps.find((step) => step.id === work.openStepId) ??
    route.steps.find((step) => !done.has(step.id)) ??
    route.steps.at(-1)
  );
}

/** With what a bolt is brought to its torque; nothing where its stage is none. */
export type How = Pick<EventOf<"bolt">, "by" | "set" | "boltNm">;

/** The work with a bolt ticked at a stage. A bolt already ticked at that stage changes nothing. */
export function tickBolt(
  work: Work,
  stepId: string,
  stage: number,
  bolt: number,
  moment: Moment,
  how: How = {},
): Work {
  if (tickedBolts(work, stepId, stage).includes(bolt)) return work;
  return withEvent(work, { ...moment, type: "bolt", stepId, stage, bolt, ...how });
}

/** The work without the tick of a bolt at a stage; what its wrench read stays known. */
export function untickBolt(work: Work, stepId: string, stage: number, bolt: number): Work {
  const events = work.events.filter(
    (event) =>
      !(event.type === "bolt" && event.stepId === stepId && event.stage === stage && event.bolt === bolt),
  );
  return events.length === work.events.length ? work : { ...work, events, openStepId: stepId };
}

/** The last bolt ticked at a stage, where another was next in the order: said, not refused. */
export function outOfTurn(
  order: readonly number[],
  ticked: readonly number[],
): { bolt: number; expected: number } | undefined {
  const bolt = ticked.at(-1);
  const before = new Set(ticked.slice(0, -1));
  const expected = order.find((one) => !before.has(one));
  return bolt === undefined || expected === undefined || bolt === expected ? undefined : { bolt, expected };
}

/** What the wrench last read at a bolt at one stage; undefined when nothing was read. */
export function readingAt(
  work: Work,
  stepId: string,
  stage: number,
  bolt: number,
): EventOf<"reading"> | undefined {
  return eventsOf(work, "reading").findLast(
    (event) => event.stepId === stepId && event.stage === stage && event.bolt === bolt,
  );
}

/** The work with what a wrench read at a bolt; the bolt is ticked with it where the reading is good. */
export function noteReading(
  work: Work,
  reading: Omit<EventOf<"reading">, "type" | "at" | "on">,
  isGood: boolean,
  moment: Moment,
): Work {
  const noted = withEvent(work, { ...moment, type: "reading", ...reading });
  return isGood ? tickBolt(noted, reading.stepId, reading.stage, reading.bolt, moment) : noted;
}

/** The work with a safety tick set; tapped twice in a row, it is set once. */
export function tickSafety(work: Work, tick: SafetyTick, stance: Stance, moment: Moment): Work {
  const last = work.events.at(-1);
  if (last?.type === "safety" && last.tick === tick && last.stance === stance && last.on === moment.on)
    return work;
  return withEvent(work, { ...moment, type: "safety", tick, stance });
}

/** The work with a step done and the next step opened; none is open when that was the last. */
export function finishStep(work: Work, route: Route, stepId: string, moment: Moment, found?: LookedAt): Work {
  const finished = doneSteps(work).has(stepId)
    ? work
    : withEvent(work, { ...moment, type: "step", stepId, ...(found ? { found } : {}) });
  const next = stepAfter(finished, route, stepId);
  const { openStepId: _was, ...rest } = finished;
  return next ? { ...rest, openStepId: next.id } : rest;
}

/**
 * The step to go on with after another: the next that is not done and that no running wait holds up, then
 * those before it, and the waiting ones last. Undefined when every step is done.
 */
export function stepAfter(work: Work, route: Route, stepId: string): Step | undefined {
  const done = doneSteps(work);
  const held = heldUpBy(route, new Set(runningWaits(work, route).map(({ step }) => step.id)));
  const at = route.steps.findIndex((step) => step.id === stepId);
  const open = [...route.steps.slice(at + 1), ...route.steps.slice(0, at)].filter(
    (step) => !done.has(step.id),
  );
  return open.find((step) => !held.has(step.id)) ?? open[0];
}

/** The work with a step left out, and why: it counts as done, and the log says so. */
export function skipStep(work: Work, route: Route, stepId: string, because: string, moment: Moment): Work {
  if (doneSteps(work).has(stepId)) return work;
  const noted = withEvent(work, { ...moment, type: "step", stepId, skipped: because.slice(0, 200) });
  return finishStep(noted, route, stepId, moment);
}
