import type { HeadSize } from "../quantity/head-size";
import { formatHeadSize } from "../quantity/read-head-size";
import type { Group } from "./group";
import { spanOf } from "./heard";
import { type Mention, marksOf, singular } from "./mention";
import { alike, contradict } from "./same-group";
import type { Term } from "./terms";
import { OPPOSITES, PLACES } from "./vocabulary";

/** Where something sits and how large it looks: that tells it from others, and is not what it is called. */
const WHERE = new Set([
  ...OPPOSITES.filter((set) => !set.includes("drain")).flat(),
  "underneath",
  "behind",
  "side",
  "end",
  "corner",
  "through",
]);

/** Of what kind it is: a name of its own, unless what it sits on was named with it. */
const KIND = new Set(["flare", "castle", "flange", "jam", "nyloc", "dome", "wing"]);

/**
 * Begins a group. What is worked on names it where nothing else does, and where it was named in this very
 * sentence and only its place follows: "the dipstick tube has a bolt on a tab".
 */
export function begin(
  mention: Mention,
  topic: readonly string[],
  terms: readonly Term[],
  at: number,
  fresh = false,
): Group {
  // "two bolts at the front", of the seat: where they are is no name.
  const called = mention.name.split(" ");
  const before = called.slice(0, Math.max(0, called.indexOf(mention.head))).map(singular);
  const own = mention.marks.some(
    (mark) =>
      !WHERE.has(mark) &&
      !(fresh && KIND.has(mark)) &&
      (!fresh || mention.head === "" || before.includes(mark)),
  );
  const about = isBledBy(mention, topic) ? [] : topic;
  const name = nameFor(mention, about, own);
  return {
    name,
    aliases: [],
    family: mention.sized || mention.placed ? "bolt" : mention.family,
    marks: new Set(mention.marks),
    // What has a name of its own is not told by what was being worked on.
    topic: own && !mention.sized && !mention.some ? [] : [...about],
    count: mention.count,
    perSide: mention.perSide,
    undo: undefined,
    doUp: undefined,
    hold: undefined,
    figures: [],
    traits: new Set(),
    spans: [spanOf(terms, mention.from, mention.to)],
    first: at,
    last: at,
    figuredAt: at,
    clauses: new Set([at]),
  };
}

/** "The brake line, and the bleeder is right above it": of what the line goes to. */
const isBledBy = ({ family }: Mention, topic: readonly string[]): boolean =>
  family === "bleeder" && /^(?:line|hose|pipe|tube)$/.test(topic.at(-1) ?? "");

function nameFor(mention: Mention, topic: readonly string[], own: boolean): string {
  if (mention.some) return [...mention.marks, ...topic, "bolts"].join(" ");
  if (mention.placed) return [...mention.marks, (mention.count ?? 2) > 1 ? "bolts" : "bolt"].join(" ");
  if (mention.sized) return [...topic, (mention.count ?? 2) > 1 ? "bolts" : "bolt"].join(" ");
  if (own) return mention.name;
  // "Bolts holding the glass" say already of what they are.
  const said = new Set(marksOf(mention.name.split(" ")));
  if (topic.every((word) => said.has(word))) return mention.name;
  // "Front 2 bolts", of the seat: the front seat bolts.
  const [place = "", ...rest] = mention.name.split(" ");
  return (PLACES.has(place) && rest.length > 0 ? [place, ...topic, ...rest] : [...topic, mention.name]).join(
    " ",
  );
}

export function touch(group: Group, mention: Mention, terms: readonly Term[], at: number): void {
  if (group.family === "one") group.family = mention.family;
  group.last = at;
  group.clauses.add(at);
  group.spans.push(spanOf(terms, mention.from, mention.to));
  mention.marks.forEach((mark) => group.marks.add(mark));
  // "An old wheel nut", of the wheel nuts: one of them.
  const isOneOfMany =
    mention.count === 1 &&
    !mention.definite &&
    mention.marks.length > 0 &&
    /(?:bolts|nuts|screws|studs)\b/.test(group.name);
  const isMore = group.count === 1 && (mention.count ?? 0) > 1 && !mention.definite;
  if (!isOneOfMany && (group.count === undefined || isMore)) {
    group.count = mention.count ?? group.count;
    group.perSide ||= mention.perSide;
  }
  if ((group.count ?? 0) > 1) group.name = group.name.replace(/\b(?:bolt|nut|screw|stud|plug|clip)$/, "$&s");
  if (mention.perSide && mention.count === group.count) group.perSide = true;
  if (mention.name && mention.name !== group.name && !group.aliases.includes(mention.name))
    group.aliases.push(mention.name);
}

/** The group that a mention speaks of; undefined where it is a new one. */
export function resolve(
  groups: readonly Group[],
  mention: Mention,
  size: HeadSize | undefined,
  topic: readonly string[],
  last: Group | undefined,
  at: number,
  goingBack: boolean,
  /** What is worked on was named in this very sentence. */
  fresh: boolean,
): Group | undefined {
  if (mention.marks.length === 0 && mention.family !== "one")
    return resolvePlain(groups, mention, size, topic, at, goingBack);
  let best: { group: Group; score: number } | undefined;
  for (const group of groups) {
    if (!mayBe(mention.family, group) && !(mention.through && alike("bolt", group.family))) continue;
    if (contradict(mention.marks, group.marks) || isOfAnother(mention, group)) continue;
    // "The back two" are no nuts by what is worked on alone.
    if (
      group.family === "one" &&
      mention.family !== "one" &&
      !mention.marks.some((mark) => group.marks.has(mark))
    )
      continue;
    // "Coil bolts" are not those of the coil cover: of what was worked on, its last word is the thing.
    const thing = group.topic.includes("to") ? undefined : group.topic.at(-1);
    const known = new Set(
      mention.family === "one" || thing === undefined || mention.marks.includes(thing)
        ? [...group.marks, ...group.topic]
        : group.marks,
    );
    const shared = mention.marks.filter((mark) => known.has(mark)).length;
    const extra = mention.marks.length - shared;
    const sameTopic = topic.filter((word) => known.has(word)).length;
    const plain = mention.marks.length === 0;
    // "Throttle cable bracket, two 10 mm": of what was named just now, and of nothing else.
    if (mention.sized && !mention.definite && !mention.pointing && fresh && sameTopic === 0) continue;
    // "The front two" of four are a group of their own once they are told apart.
    if (mention.some && !mention.marks.some((mark) => group.marks.has(mark))) continue;
    if (mention.pointing) {
      if (group !== last || at - group.last > 8) continue;
      return group;
    }
    const sizeSame = sizeFits(size, group);
    // "3 x T25": told by their head alone, and never those with another.
    if (mention.sized && !mention.ofThem && sizeSame < 0) continue;
    // "The sixteens", and no head is known of what was spoken of long ago.
    if (mention.sized && sizeSame === 0 && at - group.last > LATELY) continue;
    const counts = countFits(mention, group);
    // Counted anew, and not so many: others, unless some of them are meant.
    if (counts === -1 && !mention.definite && (mention.count ?? 0) > 1 && (group.count ?? 0) > 1) continue;
    const age = at - group.last;
    let score =
      3 * shared -
      1.2 * extra +
      1.2 * Math.min(2, sameTopic) +
      sizeWeight(sizeSame, goingBack) +
      (counts > 0 ? 0.9 : 3 * counts) +
      Math.max(0, 1.2 - age * 0.1);
    if (group === last) score += 0.5;
    // "Bracket bolts": not the one that was told apart from the others.
    if (
      /^(?:bolts|nuts|screws|studs)$/.test(mention.head) &&
      mention.count === undefined &&
      group.count === 1 &&
      !group.perSide
    )
      score -= 1.5;
    if (mention.family === group.family) score += 0.3;
    // Screws and bolts of one thing: each by its word.
    if (isOtherWord(mention.head, group.name)) score -= 1;
    if (plain && (mention.definite || mention.count === undefined)) score += 1.4;
    else if (plain) score -= plainWeight(counts > 0 && group === last, goingBack);
    // Called something else altogether: another, whatever is being worked on.
    if (extra > 0 && shared === 0 && !(counts > 0 && sameTopic > 0)) score -= 3;
    // All that it is called is known already.
    if (extra === 0 && shared > 0) score += 0.8;
    if (!best || score > best.score) best = { group, score };
  }
  return best && best.score >= (mention.family === "one" ? 1.2 : 2) ? best.group : undefined;
}

/** So many clauses on, a head is still that of what was named without one. */
const LATELY = 8;

const HOW_LARGE =
  /^(?:big|small|little|long|short|fat|thin|large|main|old|new|plain|other|heavy|rusty|single)$/;

/** "Crank arm nut" is none of the wiper arms': of a thing of that kind, and another. */
function isOfAnother({ marks, head, name }: Mention, group: Group): boolean {
  const thing = name.split(" ");
  const at = thing.indexOf(head);
  const [which, kind] = at >= 2 ? marksOf(thing.slice(at - 2, at)) : [];
  const known = marksOf(group.name.split(" "));
  const its = kind === undefined ? -1 : known.indexOf(kind);
  const other = known[its - 1];
  return (
    its > 0 &&
    which !== undefined &&
    other !== undefined &&
    ![which, other].some((word) => WHERE.has(word) || PLACES.has(word) || HOW_LARGE.test(word)) &&
    marks.includes(which) &&
    !known.includes(which) &&
    !group.marks.has(which) &&
    !group.topic.includes(which)
  );
}

/** Told as a screw and named as a bolt, or the other way round. */
function isOtherWord(head: string, name: string): boolean {
  const words = name.split(" ").map(singular);
  const other = { bolt: "screw", screw: "bolt" }[singular(head)];
  return other !== undefined && words.includes(other) && !words.includes(singular(head));
}

/** Whether what a fastener is called may be a group's: a bleeder or a plug is a bolt that is for that, and no other. */
const mayBe = (family: Mention["family"], { family: known, marks, topic }: Group): boolean =>
  alike(family, known) &&
  // "Flares 14 Nm": no nut of a damper.
  !(family === "union" && known === "nut" && ![...marks, ...topic].some((word) => OF_LINES.test(word))) &&
  !(/^(?:bleeder|plug)$/.test(family) && known === "bolt" && !FOR_FLUID.some((mark) => marks.has(mark)));
const OF_LINES = /^(?:flare|pipe|line|hose|tube|brake|fuel|cooler|union|banjo|feed|return)$/;
const FOR_FLUID = ["bleed", "bleeder", "drain", "fill", "filler", "level", "sump", "oil"];

/** What speaks against bolts that are named no more closely being a group that is. */
function plainWeight(theLast: boolean, goingBack: boolean): number {
  if (theLast) return -1.4;
  return goingBack ? 0.2 : 1.5;
}

function sizeWeight(fits: number, goingBack: boolean): number {
  if (fits === 0) return 0;
  if (fits > 0) return 2.2;
  return goingBack ? -1.5 : -3;
}

/** 1 where a count is the group's, less than 0 where it is another, 0 where either is not known. */
function countFits(mention: Mention, { count, perSide }: Group): number {
  if (mention.count === undefined || count === undefined) return 0;
  if (mention.count === count || (perSide && mention.count === count * 2)) return 1;
  return mention.definite && mention.count < count ? -0.3 : -1;
}

/** 1 where a size is the group's, -1 where it is another, 0 where either is not known. */
function sizeFits(size: HeadSize | undefined, { undo, doUp }: Group): number {
  if (!size || !undo) return 0;
  const said = formatHeadSize(size);
  return said === formatHeadSize(undo.head) || (doUp && said === formatHeadSize(doUp.head)) ? 1 : -1;
}

/** "Arm to knuckle" is not "arm to body". */
const isOfOtherEnd = (topic: readonly string[], its: readonly string[]): boolean =>
  topic.includes("to") && its.includes("to") && topic.at(-1) !== its.at(-1);

/**
 * "the bolts", "two bolts", "nuts": told by what is worked on, by how many, and by what was spoken of last.
 */
export function resolvePlain(
  groups: readonly Group[],
  { family, count, definite, head }: Mention,
  size: HeadSize | undefined,
  topic: readonly string[],
  at: number,
  goingBack: boolean,
): Group | undefined {
  const ofTopic = (group: Group) =>
    topic.filter((word) => group.topic.includes(word) || group.marks.has(word)).length;
  // Nuts of a part are none of a wheel's, which come off once and go on last.
  const isOfWheel = ({ marks, last }: Group) =>
    marks.has("wheel") && !topic.includes("wheel") && at - last > 6;
  const fits = (group: Group) =>
    !isOfWheel(group) &&
    (group.family === family || (mayBe(family, group) && group.family !== "one" && at - group.last <= 4)) &&
    !(
      size &&
      group.undo &&
      formatHeadSize(size) !== formatHeadSize(group.undo.head) &&
      !(goingBack && topic.some((word) => group.topic.includes(word) || group.marks.has(word)))
    ) &&
    (count === undefined ||
      group.count === undefined ||
      count === group.count ||
      (group.perSide && count === 2 * group.count) ||
      (definite && count < group.count) ||
      // "Shield on with two bolts", of the three that it had.
      (goingBack && count > 1 && count < group.count && topic.length > 0 && ofTopic(group) === topic.length));
  // "Rear bush: two bolts": none of the front one.
  const candidates = groups.filter(
    (group) =>
      fits(group) &&
      !contradict(topic, new Set([...group.marks, ...group.topic])) &&
      !isOfOtherEnd(topic, group.topic),
  );
  const plural = (group: Group) => (group.count ?? (/s$/.test(group.name) ? 2 : 1)) > 1;
  const manyAsked = (count ?? (/s$/.test(head) ? 2 : 1)) > 1;
  const score = (group: Group) =>
    2 * Math.min(2, ofTopic(group)) +
    // Another size speaks against a group; the same one may well be that of several.
    (sizeFits(size, group) < 0 ? -2 : 0.5 * sizeFits(size, group)) +
    Math.max(0, 3 - (at - group.last) * 0.15) +
    (plural(group) === manyAsked ? 1.5 : 0) +
    (singular(group.name.split(" ").at(-1) ?? "") === singular(head) ? 1 : 0) +
    (count !== undefined && count === group.count ? 1.5 : 0);
  const ranked = candidates
    .map((group) => ({ group, topical: ofTopic(group), score: score(group) }))
    .sort((a, b) => b.score - a.score);
  const [first] = ranked;
  if (!first) return undefined;
  if (first.topical > 0) return first.group;
  const recent = at - first.group.last;
  // Counted anew with nothing that ties it to what is known: another group, as long as things come off.
  if (count !== undefined && !definite)
    return goingBack && count === first.group.count && topic.length === 0 ? first.group : undefined;
  if (topic.length > 0 && recent > 12 && !definite && !goingBack) return undefined;
  return first.group;
}
