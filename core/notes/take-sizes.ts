import { formatHeadSize } from "../quantity/read-head-size";
import { bareHead } from "./bare-heads";
import { bothEnds, corrects, isOfThread } from "./both-ends";
import { isSqueezed } from "./clamps";
import type { Group } from "./group";
import { saidIn, spanOf, between, gapBetween } from "./heard";
import { isNoHead, type Sized, isDrive, type Head, isDistance } from "./no-head";
import { withRecess, shapedCross } from "./recess";
import { byWords } from "./same-group";
import { twoOfTwo } from "./two-of-two";
import { TAKEN_BACK, HOLD_BEFORE, THINGS, HOLD_AFTER, DENIED } from "./vocabulary";
import {
  type Here,
  type Walk,
  bySizeHere,
  namedAt,
  sizedUnnamed,
  isOfAnotherLine,
  beginUnknown,
  mentionsWithGroups,
  isNextPass,
} from "./walk";

/**
 * Gives each size of a clause to the group that it speaks of: to undo it, to do it up, or to hold its other
 * end.
 */
export function takeSizes(walk: Walk, here: Here): void {
  if (sizeLeads(walk, here) || bothEnds(walk, here) || corrects(walk, here)) return;
  for (const size of here.sizes) if (size.kind === "head") takeSize(sizedOf(walk, here, size));
  const bare = bareHead(walk, here);
  if (bare) {
    const sized = sizedOf(walk, here, bare.size);
    takeSize({ ...sized, one: { ...sized.one, doubtful: sized.one.doubtful || !bare.isSure } });
  }
  twoOfTwo(walk, here);
  // "15s, but it's twelve point": the shape of the head said after its size.
  const shaped = /\b(?:twelve|12)[- ]?points?\b|\bbi-?hex\b/i.exec(here.said);
  if (shaped && walk.last?.undo?.head.profile === "hexagon" && !DENIED.test(here.said.slice(0, shaped.index)))
    walk.last.undo.head = { ...walk.last.undo.head, profile: "twelve-point" };
  shapedCross(walk, here);
}
/** "T25: 4 Nm": the bolts of that head, of which something is told next. */
function sizeLeads(walk: Walk, here: Here): boolean {
  const { terms } = walk.heard;
  const { clause, sizes, places } = here;
  const [size] = sizes;
  const alone = size?.kind === "head" && size.from === clause.from && size.to === clause.to;
  if (!alone || terms[clause.to]?.text !== ":") return false;
  const said = formatHeadSize(size.head);
  const like = walk.groups.filter(({ undo }) => undo && formatHeadSize(undo.head) === said);
  const ofTopic = like.filter((group) =>
    walk.topic.some((word) => group.topic.includes(word) || group.marks.has(word)),
  );
  const [only, ...others] = ofTopic.length > 0 ? ofTopic : like;
  if (!only || others.length > 0) return false;
  only.last = here.i;
  places.push(only);
  walk.last = only;
  return true;
}

function sizedOf(walk: Walk, here: Here, size: Head): Sized {
  const { text, terms } = walk.heard;
  const { clause } = here;
  const before = saidIn(text, terms, { from: clause.from, to: size.from });
  const beforeNear = saidIn(text, terms, { from: Math.max(clause.from, size.from - 13), to: size.from });
  // "A 17 with a 5 mm allen in the end": what is said behind another size is said of that.
  const next = here.sizes.find(({ kind, from }) => kind === "head" && from >= size.to)?.from ?? clause.to;
  const after = saidIn(text, terms, { from: size.to, to: Math.min(clause.to, size.to + 8, next) });
  const { lastSize } = walk;
  const crossed =
    lastSize &&
    /^\W*(?:no|nope|or rather|i mean|sorry)\W*(?:(?:they're|it's|that's|those are|i lie)(?: a| an)?)?\W*$/i.test(
      gapBetween(text, terms, lastSize.to, size.from),
    );
  return {
    walk,
    here,
    size,
    one: {
      head: sameHead(walk, size, before),
      span: spanOf(terms, size.from, size.to),
      doubtful: here.inDoubt,
    },
    before,
    after,
    holds:
      size.from >= here.heldFrom ||
      HOLD_BEFORE.test(beforeNear) ||
      HOLD_AFTER.test(after) ||
      (/^\W*nut\b/i.test(after) && /\b(?:head|bolt) (?:and|,)(?: a)?\s*$/i.test(before)),
    back:
      crossed === true ||
      TAKEN_BACK.test(before) ||
      (lastSize !== undefined &&
        TAKEN_BACK.test(between(text, terms, lastSize.from, size.from)) &&
        size.from - lastSize.from < 30),
  };
}

/** "Same 8 mm", of a key of that size: the head that it was. */
function sameHead({ groups }: Walk, { head }: Head, before: string) {
  if (!/\bsame\s*$/i.test(before)) return head;
  const known = groups.flatMap(({ undo }) => (undo ? [undo.head] : []));
  return known.findLast(({ size, unit }) => size === head.size && unit === head.unit) ?? head;
}

function takeSize(sized: Sized): void {
  const { walk, here, size, one, holds } = sized;
  const { i, mentions } = here;
  if (isFigure(sized)) {
    here.noSize.add(size.from);
    return;
  }
  if (isNoHead(sized) || isDistance(sized)) return;
  // "There's a bracket too, that's a ten, it's just the one bolt".
  if (isAhead(sized)) {
    walk.sizeAhead = { size: one, at: i, topic: walk.topic };
    return;
  }
  let group = groupOf(sized);
  if (/\b(?:not|isn't|ain't|aren't)(?: a| an| the)?$/i.test(sized.before)) return strike(sized, group);
  group = ofUnknown(sized) ?? group;
  // Nothing turns a clamp that is squeezed.
  if (group && isSqueezed(group)) return;
  // "15 bolt, 15 on the nut": the nut of the bolt spoken of just before.
  const onItsNut =
    holds &&
    walk.last?.family === "bolt" &&
    walk.last.undo !== undefined &&
    i - walk.last.last <= 1 &&
    group?.family === "nut" &&
    group !== walk.last;
  if (onItsNut) group = walk.last;
  if (walk.otherEnd && i - walk.otherEnd.at <= 2 && mentions.length === 0 && !walk.otherEnd.group.hold) {
    walk.otherEnd.group.hold = one;
    walk.otherEnd.group.traits.add("counter-hold");
    walk.otherEnd = undefined;
    return;
  }
  if (!group && isOfWheels(sized)) walk.wheelsOff = { size: one, at: i };
  if (holds && !group && walk.last && isStillAbout(walk, here, walk.last)) group = walk.last;
  if (!group || isOfAnotherLine(walk, here, group)) return;
  group.last = i;
  if (holds) {
    // "Hold the five with the allen": its key.
    const isKey =
      one.head.profile === "hexagon" &&
      one.head.size <= 10 &&
      /\ballen\b|\bhex in the end\b/i.test(here.said);
    group.hold ??= one;
    if (isKey && group.hold.head.size === one.head.size)
      group.hold = { ...group.hold, head: { ...group.hold.head, profile: "hexagon key" } };
    group.traits.add("counter-hold");
    walk.lastSize = { group, which: "hold", from: size.from, to: size.to };
    return;
  }
  putSize(sized, group);
}

const WHEELS_OFF = /\bwheels? (?:\w+ )?off\b/i;

/** "Wheels off twenty one millimeter", "wheels off, 21 mm". */
function isOfWheels({ walk: { heard }, here: { i, clause, said }, size }: Sized): boolean {
  const before = heard.told[i - 1];
  const isAlone = size.from === clause.from && before?.sentence === clause.sentence;
  return WHEELS_OFF.test(isAlone ? saidIn(heard.text, heard.terms, before) : said);
}

/** Whether a thing was named since any bolt was, and its size is told before the bolt that has it. */
function isAhead({ walk, here, size }: Sized): boolean {
  const { last, topic, topicAt, groups, unknown } = walk;
  return (
    here.places.every((group) => group === undefined) &&
    here.things.length === 0 &&
    /^\W*(?:and |so )?(?:that|it|those|they|this one|that one)(?:'s|'re| is| are| takes| has)\b/i.test(
      here.said,
    ) &&
    size.from <= here.clause.from + 5 &&
    topic.length > 0 &&
    // "Two bigger ones · those are 18": of those.
    (unknown === undefined || here.i - unknown.at > 2) &&
    here.i - topicAt <= 1 &&
    topicAt > (last?.last ?? -1) &&
    !groups.some((group) => topic.some((word) => group.topic.includes(word) || group.marks.has(word)))
  );
}

/** "the short one is twenty two", when its head is known and figures are being said: a figure without its unit. */
function isFigure({ walk, here, size, before }: Sized): boolean {
  const { terms, torques } = walk.heard;
  if (/^(?:mm|mils?|millimet\w+|inch|in|"|s)$/.test(terms[size.to - 1]?.text ?? "")) return false;
  if (size.to === here.clause.to && isNextPass(walk, here)) return true;
  const known = (namedAt(walk, here, size.from, size.to) ?? bySizeHere(walk, here))?.undo;
  return (
    here.goingBack &&
    known !== undefined &&
    formatHeadSize(known.head) !== formatHeadSize(size.head) &&
    /\b(?:is|are|at|to|gets?|be|ones?)$/i.test(before) &&
    torques.some(({ from }) => size.from - from > 0 && size.from - from < 40)
  );
}

/** The group that a size is of: where it takes another back, that one's; else the one named or the last. */
function groupOf({ walk, here, size, holds, back }: Sized): Group | undefined {
  const { lastSize, last } = walk;
  const namedSince = here.mentions.some(
    (mention, k) => here.places[k] && mention.to <= size.from && mention.from > (lastSize?.from ?? 0),
  );
  if (back && lastSize && !namedSince) return lastSize.group;
  const named = onWhat(walk, here, size) ?? namedAt(walk, here, size.from, size.to);
  if (named) return named;
  return holds && last && isStillAbout(walk, here, last) ? last : sizedUnnamed(walk, here, size.head);
}

/** "Ten mil on the terminals and a thirteen on the clamp": each of what it is on. */
const onWhat = ({ heard: { terms } }: Walk, here: Here, { to }: Head): Group | undefined =>
  /^(?:on|for)$/.test(terms[to]?.text ?? "")
    ? mentionsWithGroups(here).find(({ mention: { from } }) => from > to && from - to <= 2)?.group
    : undefined;

/** Whether what is held is the other end of what was spoken of last: nothing else was named since. */
const isStillAbout = ({ topicAt, topic, groups }: Walk, { i, said }: Here, last: Group): boolean =>
  i - last.last <= 12 &&
  (/\bhold/i.test(said) || topicAt <= last.last || byWords(groups, topic) === last || i - last.last <= 2);

/** "they're a 16 and not a 15": the new one is another than the old one, which stays what it was. */
function strike({ walk, size, one }: Sized, group: Group | undefined): void {
  walk.struck.push({ span: one.span, what: formatHeadSize(size.head), of: "size" });
  walk.lastStruck = size.to;
  const contrasts = group?.doUp !== undefined && walk.lastSize?.which === "doUp";
  if (group?.undo && !contrasts && formatHeadSize(group.undo.head) === formatHeadSize(size.head))
    group.undo = undefined;
}

/** "the skinny one … is a ten": a group of its own, begun with its size. */
function ofUnknown({ walk, here, size, holds, back }: Sized): Group | undefined {
  const { unknown } = walk;
  if (!unknown || isDrive(size) || here.i - unknown.at > 2 || back || holds) return undefined;
  // "That's a 22 and four little ones": the size before them is not theirs.
  if (mentionsWithGroups(here).length > 0 || (unknown.at === here.i && unknown.mention.from > size.from))
    return undefined;
  return beginUnknown(walk, unknown);
}

function putSize(sized: Sized, group: Group): void {
  const { walk, here, size, after, back } = sized;
  const one = withRecess(walk, here, sized.one, size, group);
  const { terms, told } = walk.heard;
  const { said, goingBack, mentions } = here;
  // A size of its own goes on only to what came off with another: told before the turn, or told to be new.
  const cameOff = group.undo && group.undo.span.start < (terms[told[walk.turn]?.from ?? 0]?.start ?? 0);
  const newOne = (goingBack && cameOff) || /\b(?:new|different)\b/.test(said);
  const which =
    group.undo && newOne && formatHeadSize(group.undo.head) !== formatHeadSize(size.head) && !back
      ? "doUp"
      : "undo";
  const there = group[which];
  // "9/16 bolts, so that's a 7/8 wrench".
  const isOfHead =
    /^(?:wrench|spanner|socket)/.test(after) || /\bheads?(?:'s| is| are)?\W*$/i.test(sized.before);
  const wasThread = there && isOfThread(walk, there) && isOfHead;
  if (!there || wasThread) group[which] = one;
  else if (back && formatHeadSize(there.head) !== formatHeadSize(size.head)) {
    walk.struck.push({ span: there.span, what: formatHeadSize(there.head), of: "size" });
    // "hex socket, eight mil; no, it's a nine": the head is of the kind that it was said to be.
    const kept =
      one.head.profile === "hexagon" &&
      one.head.unit === there.head.unit &&
      there.head.profile === "hexagon key";
    group[which] = kept ? { ...one, head: { ...one.head, profile: there.head.profile } } : one;
  }
  // "wrench on the top and wrench on the bottom, nine sixteenths both".
  if (/\bboth ends\b/i.test(said)) group.traits.add("counter-hold");
  if (group.traits.has("counter-hold") && /\bboth\b/i.test(said)) group.hold ??= one;
  for (const other of here.also) other[which] ??= one;
  // "so 12 on the post": where it sits, told with its size.
  const sits = /^\W*on the ([a-z-]+)\b/i.exec(after)?.[1];
  if (sits && mentions.length === 0 && THINGS.has(sits)) group.marks.add(sits);
  walk.lastSize = { group, which, from: size.from, to: size.to };
}
