import type { HeadSize } from "../quantity/head-size";
import type { Group } from "./group";
import { saidIn } from "./heard";
import { singular, type Mention } from "./mention";
import { begin, touch } from "./resolve";
import { alike, byWords, contradict } from "./same-group";
import { spokenNumber } from "./spoken-number";
import { HEADS } from "./vocabulary";
import type { Walk, Here } from "./walk";

/**
 * "All three bolts", where none are three of their own: the last groups that come to so many together; wheels
 * go on by themselves.
 */
export function together(groups: readonly Group[], { family, count, marks }: Mention): Group[] {
  const alike = groups
    .filter((group) => group.family === family && !group.marks.has("wheel"))
    .sort((a, b) => b.last - a.last);
  if (
    count === undefined ||
    marks.length > 0 ||
    groups.some((group) => group.family === family && group.count === count)
  )
    return [];
  let sum = 0;
  const found = alike.filter((group) => {
    if (sum >= count) return false;
    sum += group.count ?? 1;
    return true;
  });
  return sum === count ? found : [];
}

/**
 * "The two long ones get 70 and the little one 35": of bolts without a figure those that are so many, or so
 * many of a larger lot.
 */
export function toldApart(
  { groups, heard: { terms, torques } }: Walk,
  { i, clause, goingBack, places }: Here,
  mention: Mention,
): Group | undefined {
  // "… and the little one thirty five": by its number alone, too.
  const behind = spokenNumber(
    terms,
    mention.to + (/^(?:to|at|gets?|is)$/.test(terms[mention.to]?.text ?? "") ? 1 : 0),
  );
  const figured =
    torques.some(({ from }) => from >= clause.from && from < clause.to) ||
    (behind !== undefined && behind.next === clause.to && behind.value >= 3);
  if (
    !goingBack ||
    !figured ||
    mention.family !== "one" ||
    mention.marks.length === 0 ||
    mention.pointing ||
    !mention.definite ||
    mention.byFigure
  )
    return undefined;
  const count = mention.count ?? 1;
  const kind = places.findLast((group) => group !== undefined)?.family ?? "bolt";
  const open = groups.filter(
    (group) =>
      group.family === kind &&
      group.figures.length === 0 &&
      group.undo !== undefined &&
      !places.includes(group) &&
      !contradict(mention.marks, group.marks) &&
      i - group.last <= MANY_BREATHS,
  );
  // "The rears": as many as there are.
  const many = /s$/.test(terms[mention.to - 1]?.text ?? "") && mention.count === undefined;
  const [exact, ...others] = open.filter((group) =>
    many ? group.count !== 1 : (group.count ?? 1) === count,
  );
  if (exact && others.length === 0) return exact;
  if (many) return undefined;
  const [lot, ...lots] = open.filter((group) => (group.count ?? 0) > count);
  if (exact || !lot?.count || lots.length > 0) return undefined;
  const some: Group = {
    ...lot,
    name: `${mention.name} ${lot.name}`,
    marks: new Set([...lot.marks, ...mention.marks]),
    count,
    aliases: [],
    figures: [],
    traits: new Set(lot.traits),
    spans: [...lot.spans],
    clauses: new Set(lot.clauses),
  };
  lot.count -= count;
  groups.push(some);
  return some;
}

/**
 * "8 bolts: 6 are 13 mm, 2 at the rear are T45": the first are as many fewer of them, the others a lot of
 * their own.
 */
export function shared(walk: Walk, { i, sizes }: Here, mention: Mention): Group | undefined {
  const { last, groups, heard } = walk;
  const count = mention.count ?? 1;
  if (!last || i - last.last > 3 || !sizes.some(({ kind }) => kind === "head")) return undefined;
  if (walk.others !== count && last.count !== undefined && last.count > count && last.undo === undefined) {
    walk.others = last.count - count;
    last.count = count;
    touch(last, { ...mention, count: undefined, name: "" }, heard.terms, i);
    return last;
  }
  // "Two bolts, one's a fifteen": told in one breath, and the other is what is left.
  if (walk.others === undefined && mention.name === "other" && last.undo && (last.count ?? 0) > count) {
    walk.others = count;
    last.count = (last.count ?? 0) - count;
  }
  if (walk.others !== count) return undefined;
  const kind = last.name.split(" ").findLast((word) => HEADS[word]) ?? "bolts";
  const group = begin(
    {
      ...mention,
      count,
      family: last.family,
      name: [...mention.marks, count === 1 ? singular(kind) : kind].join(" "),
    },
    last.topic,
    heard.terms,
    i,
  );
  group.apartFrom = last;
  groups.push(group);
  walk.others = undefined;
  const size = sizes.find((one) => one.kind === "head");
  if (count === 1 && last.count === 1 && size?.kind === "head") bySize(last, group, size.head);
  return group;
}

/** Those of one kind with heads of two sizes: told apart from then on by how large they are. */
export function bySize(one: Group, other: Group, head: HeadSize): void {
  const known = one.undo?.head;
  if (!known || known.unit !== head.unit || known.size === head.size) return;
  const { name } = one;
  const isLarger = known.size > head.size;
  for (const [group, size] of [
    [one, isLarger ? "big" : "small"],
    [other, isLarger ? "small" : "big"],
  ] as const) {
    group.name = `${size} ${group.count === 1 ? name.replace(/(bolt|nut|screw|stud)s\b/, "$1") : name}`;
    group.marks.add(size);
  }
}

/** "4 bolts, the three top ones 13 and the bottom one is an E12": some of those just counted, and the rest. */
export function isShareOfLast({ last, others }: Walk, { i, sizes }: Here, mention: Mention): boolean {
  // "Four bolts, three of them are fifteen".
  const isSome = mention.ofThem && last && i - last.last <= 2 && last.undo === undefined && sizes.length > 0;
  if (isSome && (last.count ?? 0) > (mention.count ?? 1)) return true;
  if (!last || mention.family !== "one" || mention.marks.length === 0 || i - last.last > 1) return false;
  const count = mention.count ?? 1;
  if (others !== undefined && others === count && i - last.first <= 4) return true;
  return (
    count > 1 &&
    (last.count ?? 0) > count &&
    i - last.first <= 2 &&
    last.undo === undefined &&
    sizes.some(({ kind, from }) => kind === "head" && from >= mention.to)
  );
}

/** As far back as what goes together is still being put back. */

export const MANY_BREATHS = 30;
/** The one group that has such a head. */
export function ofProfile(groups: readonly Group[], { profile, count }: Mention): Group | undefined {
  const like = groups.filter((group) =>
    [group.undo, group.doUp].some((one) => one?.head.profile === profile),
  );
  return like.length === 1 ? like[0] : like.find((group) => count !== undefined && group.count === count);
}

/** The group of just so many: that of what is worked on, or the one spoken of last. */
export function ofCount(
  groups: readonly Group[],
  { count }: Mention,
  topic: readonly string[],
  at: number,
): Group | undefined {
  const like = groups.filter(
    (group) =>
      group.count === count || (group.perSide && group.count !== undefined && group.count * 2 === count),
  );
  const topical = like.filter((group) =>
    topic.some((word) => group.marks.has(word) || group.topic.includes(word)),
  );
  return [...(topical.length > 0 ? topical : like)].sort((a, b) => at - a.last - (at - b.last))[0];
}

/**
 * "four of them": of those spoken of last, where nobody said yet how many they are; with a size only straight
 * behind them.
 */
export function ofLastCounted({ last }: Walk, here: Here, mention: Mention): Group | undefined {
  const sized = here.sizes.some((one) => one.kind === "head");
  const straight = last?.undo === undefined && here.i - (last?.last ?? 0) <= 1;
  return mention.ofThem &&
    last &&
    (last.count === undefined || (last.count === 1 && !mention.perSide)) &&
    here.i - last.last <= 3 &&
    (!sized || straight)
    ? last
    : undefined;
}

/** "Each bracket has two bolts … start all four": as many of the last as are said to be all. */
export function manyOfEach({ last, heard }: Walk, { count }: Mention, at: number): Group | undefined {
  const first = last && heard.told[last.first];
  if (!first || last.count === undefined || count === undefined || at - last.last > 8) return undefined;
  const each = /\beach\b/i.test(saidIn(heard.text, heard.terms, first));
  if (!each || last.perSide || count % last.count !== 0) return undefined;
  last.count = count;
  return last;
}

/** "Each has two bolts, so four bolts", "that's four nuts all told": of those just named, all of them together. */
export function inAll({ last }: Walk, here: Here, mention: Mention): Group | undefined {
  if (
    !last ||
    mention.count === undefined ||
    mention.count < (last.count ?? 0) ||
    mention.family !== last.family ||
    mention.marks.length > 0 ||
    here.i - last.last > (/\b(?:all told|in all|altogether|total)\b/i.test(here.said) ? 10 : 4) ||
    here.sizes.length > 0 ||
    !/^\W*(?:so (?:that's )?\w+ \w+\W*$|(?:so |and )?(?:that's |there's |there are )?\w+ \w+ (?:all told|in all|altogether|in total|total)\b)/i.test(
      here.said,
    )
  )
    return undefined;
  last.count = mention.count;
  last.perSide = false;
  return last;
}

/** "One nut in the middle. This is the big one": the one just named, by another word. */
export function calledAnew({ last }: Walk, here: Here, mention: Mention): Group | undefined {
  return mention.family === "one" &&
    last &&
    last.first === last.last &&
    here.i - last.last <= 1 &&
    (last.count ?? 1) === 1 &&
    (mention.count ?? 1) === 1 &&
    /^\W*(?:and |so |now )*(?:this|that|it)(?:'s| is) (?:the|your|a) \w+ (?:one|guy|fella)(?: (?:in|at|on|of) (?:the \w+ ?)+(?:of the \w+)?)?\W*$/i.test(
      here.said,
    )
    ? last
    : undefined;
}

/** "upper = fill": a mention that has one of the two words has both. */
export function inSameWords({ same }: Walk, mention: Mention): Mention {
  const others = same.flatMap((pair) =>
    pair.some((word) => mention.marks.includes(word))
      ? pair.filter((word) => !mention.marks.includes(word))
      : [],
  );
  return { ...mention, marks: [...mention.marks, ...others] };
}

/** "The idler up top, it's the same bolt": another, with the head of the one spoken of last. */
export function sameBolt(walk: Walk, here: Here, mention: Mention): Group | undefined {
  const { last, topic, topicAt, groups, heard } = walk;
  const isNew = last && topicAt > last.last && here.i - topicAt <= 2 && byWords(groups, topic) === undefined;
  const says = /\b(?:it's|that's|is|are|they're|has|have|got|takes?) (?:(?:exactly|got|the) )*same \w+/i.test(
    here.said,
  );
  if (!isNew || !says || heard.terms[mention.to - 2]?.text !== "same" || !alike(mention.family, last.family))
    return undefined;
  const group = begin(mention, topic, heard.terms, here.i);
  Object.assign(group, {
    undo: last.undo,
    doUp: last.doUp,
    hold: last.hold,
    count: mention.count ?? last.count,
  });
  groups.push(group);
  return group;
}

/** The parts of a lot that were told apart, where a mention names the lot. */
export function lotOf(groups: readonly Group[], { family, marks, count }: Mention): Group[] {
  const lot = groups.filter(
    (group) => group.apartFrom !== undefined || groups.some(({ apartFrom }) => apartFrom === group),
  );
  return count === undefined &&
    lot.every(
      (one) =>
        one.family === family && marks.every((mark) => one.topic.includes(mark) || one.marks.has(mark)),
    )
    ? lot
    : [];
}

/** "Three new bolts came with it": of those that are so many, where there is one such lot. */
export function newOnes({ groups, heard: { terms } }: Walk, here: Here, mention: Mention): Group | undefined {
  const { family, count, from, to } = mention;
  const isNew = terms.slice(Math.max(here.clause.from, from - 1), to).some(({ text }) => text === "new");
  if (!here.goingBack || !isNew || mention.marks.length > 0) return undefined;
  // "New bolts", of two lots of which one has its figure.
  if (count === undefined && /s$/.test(mention.head)) {
    const lots = groups.filter(
      (group) => group.family === family && (group.count ?? 2) > 1 && group.undo && !group.marks.has("wheel"),
    );
    const open = lots.filter(({ figures }) => figures.length === 0);
    return lots.length > 1 && open.length === 1 ? open[0] : undefined;
  }
  if (count === undefined || count < 2) return undefined;
  const [only, ...more] = groups.filter((group) => group.family === family && group.count === count);
  return more.length === 0 ? only : undefined;
}

/** What it looks like, and nothing that it is called. */
const LOOKS = /^(?:big|large|huge|main)$/;

/** "The big nut", where there is but one nut by itself: that one. */
export function bySight({ groups }: Walk, { family, marks, definite, count }: Mention): Group | undefined {
  if (family === "one" || !definite || (count ?? 1) > 1) return undefined;
  if (marks.length === 0 || !marks.every((mark) => LOOKS.test(mark))) return undefined;
  const like = groups.filter(
    (group) => group.family === family && (group.count ?? (/s$/.test(group.name) ? 2 : 1)) === 1,
  );
  const called = groups.some((group) => marks.some((mark) => group.marks.has(mark)));
  return like.length === 1 && !called ? like[0] : undefined;
}

/** "Nuts on, 65 newton metres": of the only bolts that were said to have nuts, and of no single nut of another kind. */
export function boltsOfNuts(
  { groups }: Walk,
  here: Here,
  { family, head, marks, count }: Mention,
): Group | undefined {
  const isPlain = family === "nut" && /s$/.test(head) && marks.length === 0 && count === undefined;
  const isMany = (group: Group) => (group.count ?? (/s$/.test(group.name) ? 2 : 1)) > 1;
  if (!here.goingBack || !isPlain || groups.some((group) => group.family === "nut" && isMany(group)))
    return undefined;
  const [only, ...others] = groups.filter((group) => group.family === "bolt" && group.hold && isMany(group));
  return others.length === 0 ? only : undefined;
}
