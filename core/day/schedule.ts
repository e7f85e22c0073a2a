import { uniformInt } from "pure-rand/distribution/uniformInt";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import type { Activity } from "./activity";
import { type Windows, nextIn, workedUntil } from "./windows";

/** When an activity's hands begin and end, and when its wait is over: minutes since the first midnight. */
export interface Slot {
  id: string;
  from: number;
  to: number;
  over: number;
  /** Whose hands, from 0 for one's own. */
  people: readonly number[];
}

/** What activities are fitted into: when each person's hands are there, and the moment it begins. */
export interface Hands {
  people: readonly Windows[];
  start: number;
}

/** Only what decides about an order: times in minutes, no longer in the least. */
export interface Timed {
  id: string;
  hands: number;
  minutes: number;
  waits: number;
  after: readonly { id: string; waited: boolean }[];
  /** Not before this moment. */
  notBefore?: number | undefined;
  /** What is found in it may have to be bought: of orders that are over alike, the one where it comes sooner. */
  looks?: boolean;
}

/**
 * Activities worked down in the order given, each as soon as what it needs is over and hands are there; work pauses where
 * hands do. An activity that wants more hands than there are people has all of them.
 * @returns a slot for each, in that order; Infinity where time runs out.
 */
export function workDown(activities: readonly Timed[], { people, start }: Hands): Slot[] {
  const free = people.map((windows) => nextIn(windows, start));
  const slots = new Map<string, Slot>();
  for (const { id, hands, minutes, waits, after, notBefore = start } of activities) {
    let ready = Math.max(start, notBefore);
    for (const before of after) {
      const slot = slots.get(before.id);
      if (slot) ready = Math.max(ready, before.waited ? slot.over : slot.to);
    }
    const chosen = soonest(people, free, ready, hands);
    const from = minutes > 0 ? chosen.at : ready;
    // Who has to pause holds up the others.
    const to = Math.max(...chosen.people.map((one) => workedUntil(people[one] ?? [], from, minutes)));
    if (minutes > 0) for (const person of chosen.people) free[person] = to;
    slots.set(id, { id, from, to, over: to + waits, people: chosen.people });
  }
  return [...slots.values()];
}

const ONLY_ONESELF: readonly number[] = [0];

/** Who can begin first, so many as are wanted and there, of equals the first; and when the last of them can. */
export function soonest(
  people: readonly Windows[],
  free: ArrayLike<number>,
  ready: number,
  hands: number,
): { people: readonly number[]; at: number } {
  if (people.length === 1)
    return { people: ONLY_ONESELF, at: nextIn(people[0] ?? [], Math.max(ready, free[0] ?? 0)) };
  const all = people
    .map((windows, person) => ({ person, at: nextIn(windows, Math.max(ready, free[person] ?? 0)) }))
    .sort((a, b) => a.at - b.at || a.person - b.person)
    .slice(0, Math.max(1, Math.min(hands, people.length)));
  return { people: all.map(({ person }) => person), at: all.at(-1)?.at ?? Infinity };
}

/** When all of it is over, waits included. */
export const overAt = (slots: readonly Slot[], start: number): number =>
  slots.reduce((latest, { over }) => Math.max(latest, over), start);

/** Whether an order has every activity behind what it needs. */
export function keepsOrder(activities: readonly Pick<Timed, "id" | "after">[]): boolean {
  const all = new Set(activities.map(({ id }) => id));
  const seen = new Set<string>();
  return activities.every(({ id, after }) => {
    const fits = after.every((before) => seen.has(before.id) || !all.has(before.id));
    seen.add(id);
    return fits;
  });
}

/** How often an order is tried otherwise before the best is taken. */
const MOST_TRIES = 3000;
const SEED = 1;

/**
 * The order that is over soonest: by the longest way to the end first, and from there an activity at a time moved to
 * another place, at random but the same each time, as long as nothing gets later by it. Never later than the order
 * given, which has to keep what needs what.
 */
export function bestOrder<T extends Timed>(
  activities: readonly T[],
  hands: Hands,
  mostTries = MOST_TRIES,
): T[] {
  const cost = (order: readonly T[]) => {
    const slots = workDown(order, hands);
    const looked = slots.reduce((sum, { from }, i) => sum + (order[i]?.looks ? from - hands.start : 0), 0);
    return overAt(slots, hands.start) + LOOKS_COUNT * looked;
  };
  const soonest = soonestPossible(activities, hands) + SOON_ENOUGH;
  let best = [...activities];
  let least = cost(best);
  for (const order of [byTail(activities, true), byTail(activities, false), looksFirst(activities)]) {
    const over = cost(order);
    if (over < least - SAME) [best, least] = [order, over];
  }
  const random = xoroshiro128plus(SEED);
  const upTo = (most: number) => uniformInt(random, 0, most);
  if (!best.some((_, i) => places(best, i).length > 1)) return best;
  let [now, over] = [best, least];
  for (let tries = 0; tries < mostTries && least > soonest; tries++) {
    const from = upTo(now.length - 1);
    const to = places(now, from);
    const order = movedTo(now, from, to[upTo(to.length - 1)] ?? from);
    const then = cost(order);
    if (then <= over + SAME) [now, over] = [order, then];
    if (over < least - SAME) [best, least] = [now, over];
  }
  return best;
}

/** No order is looked for that is over less than this sooner, minutes. */
const SOON_ENOUGH = 0.01;
/** Minutes that are no difference; and what a minute later at a look counts for beside one at the end. */
const SAME = 1e-9;
const LOOKS_COUNT = 1e-7;

/** A list with one of its own at another place of it. */
export const movedTo = <T>(order: readonly T[], from: number, to: number): T[] => {
  const rest = order.filter((_, i) => i !== from);
  const one = order[from];
  return one === undefined ? rest : [...rest.slice(0, to), one, ...rest.slice(to)];
};

/** The places that what it needs and what needs it leave an activity, where it stands among them. */
export function places(order: readonly Pick<Timed, "id" | "after">[], from: number): number[] {
  const activity = order[from];
  if (!activity) return [];
  const rest = order.filter((_, i) => i !== from);
  const needs = new Set(activity.after.map(({ id }) => id));
  const first = rest.findLastIndex(({ id }) => needs.has(id)) + 1;
  const behind = rest.findIndex(({ after }) => after.some(({ id }) => id === activity.id));
  const last = behind < 0 ? rest.length : behind;
  return Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => first + i);
}

/** The longest way to the end from each activity, its own time included. */
function tails(activities: readonly Timed[]): Map<string, number> {
  const tail = new Map<string, number>();
  for (const { id, minutes, waits } of [...activities].reverse()) {
    const next = activities.flatMap(({ id: other, after }) =>
      after.flatMap((before) =>
        before.id === id ? [(tail.get(other) ?? 0) + (before.waited ? waits : 0)] : [],
      ),
    );
    tail.set(id, minutes + Math.max(waits, ...next, 0));
  }
  return tail;
}

function byTail<T extends Timed>(activities: readonly T[], waitsFirst: boolean): T[] {
  const tail = tails(activities);
  return byWorth(
    activities,
    (one) => (tail.get(one.id) ?? 0) + (waitsFirst && one.waits > 0 ? FIRST_OF_ALL : 0),
  );
}

/** What leads to a look before what does not, the nearest first. */
function looksFirst<T extends Timed>(activities: readonly T[]): T[] {
  const far = new Map<string, number>();
  for (const { id, looks, minutes } of [...activities].reverse()) {
    const next = activities.flatMap(({ id: other, after }) =>
      after.some((before) => before.id === id) ? [far.get(other) ?? FIRST_OF_ALL] : [],
    );
    far.set(id, looks ? 0 : minutes + Math.min(FIRST_OF_ALL, ...next));
  }
  return byWorth(activities, ({ id }) => -(far.get(id) ?? FIRST_OF_ALL));
}

const FIRST_OF_ALL = 1e6;

/** Of what is ready always the worthiest, of equals the first. */
function byWorth<T extends Timed>(activities: readonly T[], worth: (one: T) => number): T[] {
  const left = [...activities];
  const all = new Set(activities.map(({ id }) => id));
  const done = new Set<string>();
  const out: T[] = [];
  while (left.length > 0) {
    const ready = left.filter(({ after }) => after.every(({ id }) => done.has(id) || !all.has(id)));
    const next =
      ready.reduce<T | undefined>((a, b) => (a && worth(a) >= worth(b) ? a : b), undefined) ?? left[0];
    if (!next) break;
    left.splice(left.indexOf(next), 1);
    done.add(next.id);
    out.push(next);
  }
  return out;
}

/** No order is over sooner: the longest way through, and all hands' work spread over all hands. */
function soonestPossible(activities: readonly Timed[], { people, start }: Hands): number {
  const begins = Math.min(...people.map((windows) => nextIn(windows, start)));
  const longest = Math.max(0, ...tails(activities).values());
  const work = activities.reduce(
    (sum, { minutes, hands }) => sum + minutes * Math.min(hands, people.length),
    0,
  );
  return begins + Math.max(longest, work / Math.max(1, people.length));
}

/** Activities with one time each: the mean of what they may take. */
export const timedAs = (
  activities: readonly Activity[],
  minutes: (activity: Activity) => number,
): (Timed & { activity: Activity })[] =>
  activities.map((activity) => ({
    ...activity,
    activity,
    minutes: minutes(activity),
    looks: activity.step.kind === "look",
  }));
