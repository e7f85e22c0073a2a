import type { HeadSize } from "../quantity/head-size";
import { formatHeadSize } from "../quantity/read-head-size";
import type { Told } from "./clauses";
import type { Group, Grouped, SaidFigure, SaidSize } from "./group";
import { type Heard } from "./heard";
import { type Mention, mentionAt, singular } from "./mention";
import { begin } from "./resolve";
import { alike, byWords } from "./same-group";
import type { FoundSize } from "./size-words";
import type { Term } from "./terms";
import { topicIn } from "./topic";
import { HEADS, TOOL_HEADS } from "./vocabulary";

/** What is known so far on the one walk through a telling. */
export interface Walk {
  heard: Heard;
  groups: Group[];
  loose: SaidFigure[];
  struck: Grouped["struck"];
  takenBack: SaidFigure[];
  /** The words that torques are made of. */
  inTorque: ReadonlySet<number>;
  /** One thing is told a line: what a line is about is not what the next is. */
  isList: boolean;
  /** The clause from which things go back. */
  turn: number;
  /** The group spoken of last. */
  last: Group | undefined;
  /** The size said last: where one that is taken back stood. */
  lastSize: { group: Group; which: "undo" | "doUp" | "hold"; from: number; to: number } | undefined;
  /** Behind the size that was last said not to be it. */
  lastStruck: number | undefined;
  /** Behind the figure said last. */
  lastFigureAt: number;
  /** The bolt whose other end was spoken of last: the next size is its. */
  otherEnd: { group: Group; at: number } | undefined;
  /** "the skinny one": nothing that was named, until its size is. */
  unknown: { mention: Mention; at: number } | undefined;
  /** "There's a bracket, that's a ten": told before anything is named that has such a head. */
  sizeAhead: { size: SaidSize; at: number; topic: string[] } | undefined;
  /** What the job is about: the first thing named by more than one word. */
  title: string[];
  /** What is being worked on, and the sentence and clause that named it. */
  topic: string[];
  topicSentence: number;
  topicAt: number;
  /** The last sentence that begins with what it is about: "Wiper arms: lift the caps, …". */
  headedSentence: number;
  /** "Wheels off, 21 mm": told before what holds them is named. */
  wheelsHead: SaidSize | undefined;
  /** "8 bolts: 6 are 13 mm": how many of them are left to be told of. */
  others: number | undefined;
  /** "upper = fill": two words for one place. */
  same: [string, string][];
  /** What the last figure went to, and the clause that said it. */
  figured?: { group: Group | undefined; at: number };
  /** The last clause that spoke of another car. */
  otherFrom: number;
}

/** One clause on that walk. */
export interface Here {
  i: number;
  clause: Told;
  said: string;
  goingBack: boolean;
  /** It says that it is not sure. */
  inDoubt: boolean;
  /** The words that say it is of another car, and where they begin in the text. */
  notThis: { says: string; start: number } | undefined;
  sizes: readonly FoundSize[];
  mentions: readonly Mention[];
  /** The group of each mention; undefined where it is none. */
  places: (Group | undefined)[];
  /** The group spoken of last as the clause begins. */
  before: Group | undefined;
  /** "both plugs": the other groups of which the clause speaks with the one named. */
  also: Group[];
  /** Told only by what is left over: "the little one", of bolts that were never called so. */
  guessed: Set<Group>;
  /** From here on a size is that of what is held still. */
  heldFrom: number;
  /** What the clause itself names that is worked on. */
  things: string[];
  /** Numbers that looked like sizes and are none. */
  noSize: Set<number>;
}

export const mentionsWithGroups = ({ mentions, places }: Here): { mention: Mention; group: Group }[] =>
  mentions
    .map((mention, k) => ({ mention, group: places[k] }))
    .filter((one): one is { mention: Mention; group: Group } => one.group !== undefined);

/** The group that is named nearest before a place in the clause, or about it. */
export function namedAt(
  { heard: { terms }, unknown }: Pick<Walk, "heard" | "unknown">,
  here: Here,
  from: number,
  to: number,
): Group | undefined {
  const indexed = mentionsWithGroups(here);
  const before = indexed.filter(({ mention }) => mention.from <= from).at(-1);
  // "That's a 22 and four little ones around it": of what was spoken of before, and the little ones come next.
  const [first] = indexed;
  if (
    !before &&
    first &&
    /^(?:and|plus)$/.test(terms[first.mention.from - 1]?.text ?? "") &&
    POINTS.test(here.said)
  )
    return unknown ? undefined : here.before;
  const touching = indexed.find(
    ({ mention }) => mention.from <= to + 3 && mention.to > to - 1 && mention.from >= from - 1,
  );
  return (before ?? touching ?? first)?.group;
}

const POINTS = /^\W*(?:and |so )?(?:that|it|they|those)(?:'s|'re| is| are)\b/i;

/** The group of what the clause works on, where it names no fastener. */
export const byTopic = ({ groups }: Walk, here: Here): Group | undefined =>
  here.places.every((group) => group === undefined) && here.things.length > 0
    ? byWords(groups, here.things)
    : undefined;

const ofSize = (groups: readonly Group[], head: HeadSize) =>
  groups.filter((group) =>
    [group.undo, group.doUp].some((one) => one && formatHeadSize(one.head) === formatHeadSize(head)),
  );

/** Which group a size speaks of that stands in a clause without its name. */
export function sizedUnnamed(walk: Walk, here: Here, head: HeadSize): Group | undefined {
  const { groups, last } = walk;
  const topical = byTopic(walk, here);
  const like = ofSize(groups, head);
  // "Air box 12 mm": of its clips and its bolt the one with that head.
  const [both, ...others] = like.filter((group) =>
    here.things.some((word) => group.marks.has(word) || group.topic.includes(word)),
  );
  if (both && others.length === 0) return both;
  if (topical && (!topical.undo || like.includes(topical))) return topical;
  // "It's an E14", some breaths after the bolt was named, and nothing else since.
  const stillIt =
    /^\W*(?:and |so |no |okay )*(?:it|they|those)(?:'s|'re| is| are)\b/i.test(here.said) &&
    last &&
    walk.topicAt <= last.last;
  if (
    last &&
    here.i - last.last <=
      (stillIt || walk.heard.told[last.last]?.sentence === here.clause.sentence ? 12 : 4) &&
    (!last.undo || formatHeadSize(last.undo.head) === formatHeadSize(head))
  )
    return last;
  if (like.length === 1) return like[0];
  if (last && here.i - last.last <= 2) return last;
  return undefined;
}

/** "20 foot pounds first, · and then thirty": the next pass over what was just torqued. */
export const isNextPass = ({ last }: Walk, { i, said, mentions }: Here): boolean =>
  last !== undefined &&
  last.figures.length > 0 &&
  i - last.figuredAt <= 3 &&
  mentions.length === 0 &&
  /^\W*then\b/i.test(said);

/**
 * "Earth lead on last, 6 Nm", "oil filter cap 32 mm", where one thing is told a line: nothing of the bolts of the
 * line before.
 */
export function isOfAnotherLine(walk: Walk, here: Here, group: Group): boolean {
  const { terms, told } = walk.heard;
  const { i, clause } = here;
  // "Motor T30 4 Nm": told by its head, whatever else the line names.
  if (!walk.isList || bySizeHere(walk, here) === group) return false;
  let first = i;
  while (first > 0 && terms[(told[first]?.from ?? 0) - 1]?.text !== "\n") first--;
  if (group.last >= first) return false;
  const line = told.slice(first, i + 1).flatMap((one) => topicIn(terms, one));
  const about = [...line, ...headOfLine(terms, told[first] ?? clause)].map(singular);
  const own = new Set([...group.topic, ...group.marks, ...group.name.split(" ")].map(singular));
  return about.length > 0 && !about.some((word) => own.has(word));
}

/** "- frame 10 Nm", where one thing is told a line, and one lot of bolts is called by that word. */
function byHeadOfLine({ isList, groups, heard: { terms } }: Walk, { clause, mentions }: Here) {
  const words = terms.slice(clause.from, clause.to);
  const begins = words.findIndex(({ tag }) => tag !== "mark");
  const word = words[begins]?.text ?? "";
  const before = terms[clause.from + begins - (words[0]?.tag === "mark" ? 2 : 1)]?.text ?? "\n";
  if (!isList || mentions.length > 0 || before !== "\n") return undefined;
  const called = groups.filter(({ topic, marks }) => topic.includes(word) || marks.has(word));
  return called.length === 1 ? called[0] : undefined;
}

/** The words that a line begins with, where they name something: "- oil filter cap 32 mm". */
function headOfLine(terms: readonly Term[], { from, to }: Told): string[] {
  const words = terms.slice(from, to);
  const begins = words.findIndex(
    ({ text, tag }) => !/^(?:mark|number|determiner)$/.test(tag) && !/^(?:new|old)$/.test(text),
  );
  const ends = words.findIndex(({ tag }, k) => k >= begins && !/^(?:noun|adjective)$/.test(tag));
  return (begins < 0 ? [] : words.slice(begins, ends < 0 ? undefined : ends))
    .map(({ text }) => text)
    .filter(
      (word) => /^[a-z-]{3,}$/.test(word) && !HEADS[word] && !TOOL_HEADS.has(word) && !SAYS_HOW.test(word),
    );
}
const SAYS_HOW =
  /^(?:torques?|figures?|specs?|sizes?|heads?|threads?|pass(?:es)?|stages?|turns?|hand|star|pattern|order|diagonal|all|each|both|pounds?|newtons?)$/;

/** "E12 one 40": the only group with a head that a clause names. */
export const bySizeHere = ({ groups }: Walk, here: Here): Group | undefined =>
  here.sizes.flatMap((size) => {
    const like = size.kind === "head" && !here.noSize.has(size.from) ? ofSize(groups, size.head) : [];
    return like.length === 1 ? like : [];
  })[0];

/**
 * Which group a figure speaks of: the one named, sized or worked on in its clause, the one come back to, or
 * the last.
 */
export function figuredGroup(walk: Walk, here: Here, from: number, to: number): Group | undefined {
  const { groups, topic, topicAt, last } = walk;
  const named = namedAt(walk, here, from, to);
  if (named) return named;
  const sized = bySizeHere(walk, here);
  if (sized) return sized;
  const headed = byHeadOfLine(walk, here);
  if (headed) return headed;
  // "brackets 71 inch pounds cooler lines 18": what was said just before it in the same breath.
  const near = topicIn(walk.heard.terms, { from: Math.max(here.clause.from, walk.lastFigureAt), to: from });
  const beside = near.length > 0 ? byWords(groups, near) : undefined;
  if (beside) return beside;
  // "Wheels back on, 110 newton metres": what holds them, though nobody named it.
  if (here.goingBack && near.length > 0 && near.at(-1) === "wheel" && WHEELS_ON.test(here.said))
    return begunFor(walk, here, near.slice(-1), from);
  // "Sensor 8 newton metres", and no bolt of a sensor was spoken of: not that of anything else.
  if (near.length > 0 && isBeside(walk.heard.terms, from, near)) return begunFor(walk, here, near, from);
  // "If the carrier came off, 100": of what the sentence names, whose bolts nobody spoke of.
  const before = walk.heard.told[here.i - 1];
  const isOfTopic =
    topic.length > 0 &&
    !LIES_BETWEEN.test(topic.at(-1) ?? "") &&
    topicAt === here.i - 1 &&
    before?.sentence === here.clause.sentence &&
    before.to - before.from <= 6 &&
    from <= here.clause.from + 1 &&
    here.mentions.length === 0 &&
    (last?.figures.length ?? 0) > 0 &&
    (last?.last ?? -1) < topicAt &&
    byWords(groups, topic) === undefined;
  if (isOfTopic) return begunFor(walk, here, topic, from);
  const pronoun = /^\W*(?:and |so |then )*(?:that|it|they|those)(?:'s|'re| is| are| gets?)\b/i.test(
    here.said,
  );
  // "Then come back to the pan. … 106 on all of them": what was come back to, where nothing was named since.
  const isFigured = here.goingBack && (last?.figures.length ?? 0) > 0;
  const carried =
    (!pronoun || topicAt === here.i - 1 || isFigured) &&
    here.places.every((group) => group === undefined) &&
    topic.length > 0 &&
    topicAt > (last?.last ?? -1) &&
    here.i - topicAt <= 6
      ? byWords(groups, topic)
      : undefined;
  const meant = byTopic(walk, here) ?? carried ?? last;
  return meant && isOfAnotherKind(walk, here, from, meant) ? undefined : meant;
}

/** "That plug's 30 foot pounds", and no plug is known: not the figure of the bolts spoken of before. */
function isOfAnotherKind({ heard: { terms } }: Walk, here: Here, from: number, meant: Group): boolean {
  const near = terms.slice(Math.max(here.clause.from, from - 5), from);
  // "Big ones go to 18", and no such were found: not the figure of a single bolt.
  const [only] = here.mentions;
  if (
    here.mentions.length === 1 &&
    only &&
    here.places[0] === undefined &&
    only.marks.length > 0 &&
    meant.count === 1 &&
    terms[only.to - 1]?.text === "ones"
  )
    return true;
  const kinds = near.flatMap(({ text }) => HEADS[text] ?? []);
  return kinds.length > 0 && !kinds.some((kind) => alike(kind, meant.family));
}

/** "big through the leg", of bolts: "big bolts through the leg". */
export const asBolts = (told: string, many: boolean): string =>
  told
    .replace(
      /(?:^| )(?=(?:for|on|of|at|in|into|from|along|under|through|holding|behind|that|around|across|to) )|$/,
      many ? " bolts " : " bolt ",
    )
    .trim();

/** Begins the group of "the skinny one", as its size is told now. */
export function beginUnknown(walk: Walk, { mention, at }: NonNullable<Walk["unknown"]>): Group {
  const many = (mention.count ?? 1) > 1;
  const group = begin(
    {
      ...mention,
      family: "bolt",
      name: asBolts(mention.name, many),
      count: mention.count ?? (many ? undefined : 1),
    },
    walk.topic,
    walk.heard.terms,
    at,
  );
  walk.groups.push(group);
  walk.last = group;
  walk.unknown = undefined;
  return group;
}

/** Goes in between, and is held by nothing of its own. */
const LIES_BETWEEN = /^(?:gasket|seal|o-ring|ring|washer|shim|spring|belt|pad|shoe|fluid|oil)$/;
const WHEELS_ON = /\bwheels?\b(?: \w+)? (?:back on|on)\b/i;

/** Whether a figure follows straight on the thing it is of. */
function isBeside(terms: readonly Term[], from: number, thing: readonly string[]): boolean {
  let at = from - 1;
  while (
    at >= 0 &&
    /^(?:is|are|gets?|to|at|on|goes|go|about|around|=|:|-|the|it's|they're)$/.test(terms[at]?.text ?? "")
  )
    at--;
  return singular(terms[at]?.text ?? "") === thing.at(-1);
}

function begunFor(walk: Walk, here: Here, thing: readonly string[], from: number): Group {
  const at = { from: from - 1, to: from };
  const group = begin(
    mentionAt(at.from, at.to, { family: "bolt", name: "bolt" }),
    thing,
    walk.heard.terms,
    here.i,
  );
  walk.groups.push(group);
  walk.last = group;
  return group;
}

/** "Here's the idler, this one's got a thirteen on it", and no bolt is spoken of: the one that holds it. */
export function beginAhead(walk: Walk, i: number): void {
  const { sizeAhead, last } = walk;
  const isLast = i === walk.heard.told.length - 1;
  if (!sizeAhead || (i - sizeAhead.at < 2 && !isLast)) return;
  const { size, at, topic } = sizeAhead;
  walk.sizeAhead = undefined;
  const { from } = walk.heard.told[at] ?? { from: 0 };
  const held = mentionAt(from, from + 1, { family: "bolt", name: "bolt", count: 1 });
  const group = begin(held, topic, walk.heard.terms, at);
  group.undo = size;
  const next = walk.groups.findIndex(({ first }) => first > at);
  walk.groups.splice(next < 0 ? walk.groups.length : next, 0, group);
  if ((last?.last ?? -1) < at) walk.last = group;
}

/** "The two big ones through the leg · they're 21 with a 21 nut": begun before its nut is. */
export function nowSized(walk: Walk, { i, clause, said, sizes, mentions }: Here): Group | undefined {
  const { unknown } = walk;
  if (unknown?.at !== i - 1 || mentions.length === 0) return undefined;
  const pointsAt =
    (unknown.mention.count ?? 1) > 1
      ? /^\W*(?:they|those|these)(?:'re| are)\b/i
      : /^\W*(?:it|that)(?:'s| is)\b/i;
  return pointsAt.test(said) && sizes.some(({ kind, from }) => kind === "head" && from <= clause.from + 3)
    ? beginUnknown(walk, unknown)
    : undefined;
}
