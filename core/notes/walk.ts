import type { HeadSize } from "../quantity/head-size";
import { formatHeadSize } from "../quantity/read-head-size";
import type { Told } from "./clauses";
import type { Group, Grouped, SaidFigure, SaidSize } from "./group";
import { type Heard } from "./heard";
import { type Mention, singular, mentionAt } from "./mention";
import { begin } from "./resolve";
import { byWords } from "./same-group";
import type { FoundSize } from "./size-words";
import type { Term } from "./terms";
import { toldBeside } from "./told-beside";
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
  /** Where it was told that the vehicle stands on its wheels again, or as if it did. */
  atHeight: { at: number; paragraph: number } | undefined;
  /** "Wheels off, 21 mm, 5 each": told before what holds them is named. */
  wheelsOff: { size: SaidSize; at: number; each?: number } | undefined;
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
  // "T20s 5 Nm. New bolts, finger tight, then 8": of what was named since, which is no next pass.
  last.last <= last.figuredAt &&
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
  return about.length > 0 && !about.some((word) => own.has(word)) && toldBeside(walk, line, i) !== group;
}

/** The words that a line begins with, where they name something: "- oil filter cap 32 mm". */
function headOfLine(terms: readonly Term[], { from, to }: Told): string[] {
  const words = terms.slice(from, to);
  const begins = words.findIndex(
    ({ text, tag }) => !/^(?:mark|number|determiner)$/.test(tag) && !/^(?:new|old)$/.test(text),
  );
  // "- flares 14 Nm": what nothing else in the line can be.
  const isNamed = ({ tag }: Term, k: number) =>
    /^(?:noun|adjective)$/.test(tag) || (k === begins && tag === "verb" && words[k + 1]?.tag === "number");
  const ends = words.findIndex((word, k) => k >= begins && !isNamed(word, k));
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
