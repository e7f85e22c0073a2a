import type { Route, Step } from "../model/job";
import type { Work } from "../model/work";
import { type Moment, eventsOf, withEvent } from "./event";

/** Half turns counted in a step so far. */
export function halfTurns(work: Work, stepId: string): number {
  return eventsOf(work, "half turn").reduce(
    (sum, event) => (event.stepId === stepId ? sum + event.by : sum),
    0,
  );
}

/** The work with half a turn more or less counted; never below none. */
export function countHalfTurn(work: Work, stepId: string, by: 1 | -1, moment: Moment): Work {
  if (by < 0 && halfTurns(work, stepId) === 0) return work;
  return withEvent(work, { ...moment, type: "half turn", stepId, by });
}

/**
 * The half turns that a step has to come to: as many as were counted when its fastener came off. Undefined
 * when none were.
 */
export function halfTurnsToGo(work: Work, route: Route, step: Step): number | undefined {
  if (step.phase !== "put back" && step.phase !== "prove it") return undefined;
  const counted = route.steps.find(({ id, kind, phase, fastenerId }) => {
    if (kind !== "count" || phase === "put back" || phase === "prove it") return false;
    return id === step.mirrorOf?.stepId || (fastenerId !== undefined && fastenerId === step.fastenerId);
  });
  const turns = counted && halfTurns(work, counted.id);
  return turns === 0 ? undefined : turns;
}
