import type { EventOf, Work, WorkEvent } from "../model/work";

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

/** One thing done, told from every other: what it is and its moment. */
const keyOf = (event: WorkEvent): string =>
  JSON.stringify(Object.entries(event).sort(([a], [b]) => (a < b ? -1 : 1)));

/** A work after a change, with what was done before it and is not in it any more written down as taken back. */
export function withTakenBack(before: Work, after: Work): Work {
  const stays = new Set(after.events.map(keyOf));
  const gone = before.events.filter((event) => !stays.has(keyOf(event)));
  const back = [...(after.takenBack ?? []), ...gone].filter((event) => !stays.has(keyOf(event)));
  const { takenBack: _before, ...rest } = after;
  return back.length > 0 ? { ...rest, takenBack: onceEach(back) } : rest;
}

const onceEach = (events: readonly WorkEvent[]): WorkEvent[] => [
  ...new Map(events.map((event) => [keyOf(event), event])).values(),
];

/**
 * One job done on two devices, tap by tap: what either did and neither took back, in the order of its moments. The same
 * whichever is named first, and however often. @param later the one whose open step and warnings stand.
 */
export function woven(earlier: Work, later: Work): Work {
  const takenBack = onceEach([...(earlier.takenBack ?? []), ...(later.takenBack ?? [])]);
  const back = new Set(takenBack.map(keyOf));
  const all = onceEach([...earlier.events, ...later.events]).filter((event) => !back.has(keyOf(event)));
  const has = (work: Work) => {
    const own = new Set(work.events.map(keyOf));
    return own.size === all.length && all.every((event) => own.has(keyOf(event)));
  };
  // Where one device has done it all, its own order stands: a clock may have been wrong.
  const [whole] = [later, earlier].filter(has);
  const events =
    whole?.events ??
    all.sort((a, b) => Date.parse(a.at) - Date.parse(b.at) || (keyOf(a) < keyOf(b) ? -1 : 1));
  const { takenBack: _own, ...rest } = later;
  return {
    ...rest,
    events,
    ...(takenBack.length > 0 ? { takenBack: takenBack.sort((a, b) => (keyOf(a) < keyOf(b) ? -1 : 1)) } : {}),
  };
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
