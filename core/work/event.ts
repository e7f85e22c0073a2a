import type { EventOf, Work, WorkEvent } from "../model/work";
import { withTakenBack } from "./taken-back";

/** When something happened: the moment, and the local calendar day. */
export interface Moment {
  at: string;
  on: string;
}

/** The work with one more thing done; the step it belongs to is open then. */
export function withEvent(work: Work, event: WorkEvent): Work {
  const openStepId = "stepId" in event ? event.stepId : work.openStepId;
  return { ...work, events: [...work.events, event], ...(openStepId === undefined ? {} : { openStepId }) };
}

/** The events of one kind, in the order they happened. */
export function eventsOf<T extends WorkEvent["type"]>(work: Work, type: T): EventOf<T>[] {
  return work.events.filter((event): event is EventOf<T> => event.type === type);
}

/** The work with the last thing taken back and its step open again. */
export function takeBack(work: Work): Work {
  const last = work.events.at(-1);
  if (!last) return work;
  return withTakenBack(work, {
    ...work,
    events: work.events.slice(0, -1),
    openStepId: "stepId" in last ? last.stepId : work.openStepId,
  });
}

/**
 * True when the device's clock stands more than two minutes before the last thing done: it was set back, and
 * neither
 * waits nor times can be told by it.
 * @param now an instant in UTC.
 */
export function clockWasSetBack(work: Work, now: string): boolean {
  const last = work.events.at(-1);
  return last !== undefined && Date.parse(now) < Date.parse(last.at) - 120_000;
}
