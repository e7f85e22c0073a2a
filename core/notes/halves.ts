import type { Group } from "./group";
import { contradict, mergeInto } from "./same-group";
import { isBorne } from "./settle";

const isSized = ({ undo, doUp, figures }: Group) => (undo ?? doUp) !== undefined && figures.length === 0;
const isFigured = ({ undo, doUp, figures }: Group) => (undo ?? doUp) === undefined && figures.length > 0;

/** Whether the one has the head and the other the figure, and nothing speaks against their being one. */
function areHalves(one: Group, other: Group): boolean {
  const [sized, figured] = isSized(one) ? [one, other] : [other, one];
  const counts = [one, other].map(({ count, perSide }) => count && count * (perSide ? 2 : 1));
  const [fewer = 1, more = 1] = counts.toSorted((a = 1, b = 1) => a - b);
  return (
    isSized(sized) &&
    isFigured(figured) &&
    (one.family === other.family || isBoltOfClamp(one, other) || isBoltOfClamp(other, one)) &&
    // "Four of them", later "the bolt"; two on each side, later four.
    (fewer === 1 || more === fewer || more === 2 * fewer) &&
    !contradict(one.marks, other.marks) &&
    !areElsewhere(one.name, other.name) &&
    isOfWheel(one) === isOfWheel(other) &&
    isBorne(sized, figured.figures.at(-1)?.figure)
  );
}

/** "Two bolts, 10 mm … glass clamps, 2 × 9 N·m": a clamp that is torqued is turned by its bolt. */
const isBoltOfClamp = (clamp: Group, bolt: Group) =>
  /\bclamps?$/.test(clamp.name) &&
  /^(?:bolt|nut|terminal)$/.test(bolt.family) &&
  clamp.count !== undefined &&
  clamp.count === bolt.count;

/** "Clamp at the radiator", "clamp at the thermostat": told by where each is. */
function areElsewhere(one: string, other: string): boolean {
  const [at, also] = [one, other].map((name) => /\b(?:at|on|in|for|of|under|behind)\b/.exec(name)?.[0]);
  return at !== undefined && at === also;
}

/** What holds a wheel is called so: it is nothing else by another name. */
const isOfWheel = ({ name, topic }: Group) => /\b(?:wheel|lug)\b/.test([name, ...topic].join(" "));

/**
 * Groups told in two halves under two names, the one with its head and the other with its figure, where no other
 * could be meant: "the big one is an 18 … drop link, fifty". They are one, and its figure is asked about.
 */
export function withHalvesJoined(groups: readonly Group[]): Group[] {
  const pairs = groups.flatMap((one, k) =>
    groups.slice(k + 1).flatMap((other) => (areHalves(one, other) ? [[one, other] as const] : [])),
  );
  const timesIn = (group: Group) => pairs.filter((pair) => pair.includes(group)).length;
  const joined = new Set<Group>();
  for (const pair of pairs) {
    if (pair.some((group) => timesIn(group) > 1)) continue;
    const [one, other] = pair[0].first <= pair[1].first ? pair : [pair[1], pair[0]];
    mergeInto(one, other);
    one.last = Math.max(one.last, other.last);
    one.figuredAt = Math.max(one.figuredAt, other.figuredAt);
    one.figures = one.figures.map((figure) => ({ ...figure, doubtful: true }));
    one.otherHalf = other.name;
    joined.add(other);
  }
  return groups.filter((group) => !joined.has(group));
}
