import { MOST_TAKEN_BACK, type Work, type WorkEvent } from "../model/work";

/** One thing done, told from every other: what it is and its moment. */
export const keyOf = (event: WorkEvent): string =>
  JSON.stringify(Object.entries(event).sort(([a], [b]) => (a < b ? -1 : 1)));

/** A work after a change, with what was done before it and is not in it any more written down as taken back. */
export function withTakenBack(before: Work, after: Work): Work {
  const stays = new Set(after.events.map(keyOf));
  const takenBack = onceEach([...(after.takenBack ?? []), ...before.events])
    .filter((event) => !stays.has(keyOf(event)))
    .slice(-MOST_TAKEN_BACK);
  const { takenBack: _before, ...rest } = after;
  return takenBack.length > 0 ? { ...rest, takenBack } : rest;
}

export const onceEach = (events: readonly WorkEvent[]): WorkEvent[] => [
  ...new Map(events.map((event) => [keyOf(event), event])).values(),
];
