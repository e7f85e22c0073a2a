import { formatHeadSize } from "../quantity/read-head-size";
import { chooseGroup, isAnyOf } from "./choose-group";
import { takeBoltOfClamp, ofClip, clampOfBattery } from "./clamps";
import { takeCounts, loneCount, countBehind, asManyAsEach } from "./counted";
import { text, SAYS_EACH } from "./counts";
import { takeElsewhere } from "./elsewhere";
import type { Group } from "./group";
import { saidIn } from "./heard";
import { LEFT_ALONE, isForbidden } from "./left-alone";
import {
  ofPartsTold,
  sideAhead,
  placeAhead,
  ofBothPlaces,
  splitByLook,
  described,
  tellBySize,
} from "./looks";
import type { Mention } from "./mention";
import { isNew, type Taking, beginOne } from "./new-group";
import { pointedAt, namedBefore, ofPlace, ownThings, saidToBe, ofStuds, ofThem, heldAhead } from "./of-what";
import { touch } from "./resolve";
import { isSame, mergeInto, alike } from "./same-group";
import { takeOtherEnd, takeSeveral, takePartOfLast } from "./take-together";
import {
  newOnes,
  sameBolt,
  calledAnew,
  ofLastCounted,
  MANY_BREATHS,
  inAll,
  toldApart,
  inSameWords,
  bySight,
  boltsOfNuts,
} from "./told-apart";
import { toldBeside } from "./told-beside";
import { PLACES, HELD_STILL } from "./vocabulary";
import { type Here, type Walk, nowSized } from "./walk";

/** Finds the group of each mention of a clause, or begins one. */
export function takeMentions(walk: Walk, here: Here): void {
  const { clause, said, mentions, places, things } = here;
  // "Take the charging cable off. ↵ Undo the upper bolt": a bolt with a place of its own.
  const anew =
    walk.isList &&
    walk.topicSentence !== clause.sentence &&
    mentions.some(({ marks }) => marks.length > 0) &&
    walk.groups.some(({ last }) => walk.heard.told[last]?.sentence === walk.topicSentence);
  const carried = anew ? [] : walk.topic;
  const held = heldAhead(walk, here);
  const topic =
    (held.length > 0 ? held : undefined) ??
    ofThem(walk, here) ??
    ofClip(walk, here) ??
    ofPlace(walk, here) ??
    (things.length > 0 ? things : carried);
  // "On the back is your brake line. It's a flare nut."
  const isIt = /^\W*(?:it's|it is|that's|that is) an? /i.test(said) && walk.topicAt === here.i - 1;
  const fresh = topic.length > 0 && (walk.topicSentence === clause.sentence || isIt);
  const begun = nowSized(walk, here);
  const own = ownThings(walk, here);
  for (const said1 of mentions) {
    const mention = inSameWords(walk, said1);
    tellBySize(walk, mention);
    // "The bottom one · it's an 18 bolt".
    if (begun && said1 === mentions[0] && said1.marks.length === 0 && alike(said1.family, "bolt")) {
      touch(begun, { ...mention, name: "" }, walk.heard.terms, here.i);
      places.push(begun);
      continue;
    }
    if (mention.elsewhere && takeElsewhere({ walk, here, mention, topic, fresh })) continue;
    const subject = saidToBe(walk, here, said1);
    if (subject) {
      touch(subject, { ...mention, count: undefined, name: "" }, walk.heard.terms, here.i);
      places.push(subject);
      continue;
    }
    const told = mention.count === undefined ? countBehind(walk, here) : undefined;
    if (said1 === mentions[0]) asManyAsEach(walk, here, mention);
    mention.count ??= loneCount(walk, here) ?? told?.count;
    mention.perSide ||= told?.perSide ?? false;
    const side = said1 === mentions[0] ? sideAhead(walk, here) : undefined;
    if (side) {
      mention.marks = [...mention.marks, side.mark];
      mention.name = `${side.called} ${mention.name}`;
    }
    const place = said1 === mentions[0] ? placeAhead(walk, here) : [];
    if (mention.marks.every((mark) => !PLACES.has(mark))) mention.marks = [...mention.marks, ...place];
    const isPlain = mention.marks.length === 0 && mention.count === undefined && mention.family !== "one";
    const known = here.goingBack && isPlain && things.length === 0 ? namedBefore(walk, here, mention) : [];
    const taking =
      known.length > 0
        ? { walk, here, mention, topic: known, fresh: true }
        : {
            walk,
            here,
            mention,
            topic:
              own.get(said1) ??
              ofStuds(walk, here, mention) ??
              (isOfItsOwn(walk, here, mention) ? things : topic),
            fresh,
          };
    const pointed = isPlain ? pointedAt(walk, here, mention) : [];
    const ofPointed = { ...taking, topic: pointed, fresh: true };
    if (pointed.length > 0 && isNew(ofPointed)) {
      beginOne(ofPointed);
      continue;
    }
    if (takeBoltOfClamp(taking)) continue;
    if (!(takeSeveral(taking) || (known.length === 0 && takeOtherEnd(taking)) || takePartOfLast(taking)))
      takeOne(taking);
  }
  // "The bracket has three bolts, but you don't need to touch them": none of the job.
  const left = walk.last;
  if (
    mentions.every(({ family, marks }) => family === "one" && marks.length === 0) &&
    left &&
    walk.groups.includes(left) &&
    (here.i - left.first <= 2 || walk.heard.told[left.first]?.sentence === clause.sentence) &&
    LEFT_ALONE.test(said)
  ) {
    walk.loose.push(...left.figures.map((figure) => ({ ...figure, notUsed: "it is left alone" })));
    left.figures = [];
    // Spoken of before, it may be another's: its figure is left, and the bolt stays.
    if (left.clauses.size === 1) walk.groups.splice(walk.groups.indexOf(left), 1);
    walk.last = walk.groups.at(-1);
  }
  // "There's one torx up by the latch each side".
  const [only] = places;
  if (
    only &&
    places.length === 1 &&
    /\b(?:each|either|every) side\W*$/i.test(said) &&
    only.first === here.i
  ) {
    only.perSide = true;
    if (!/s$/.test(mentions[0]?.head ?? "s")) only.count ??= 1;
  }
  if (SAYS_EACH.test(said))
    for (const group of places)
      if (group?.count !== undefined && group.first === here.i) group.perSide = true;
  takeCounts(walk, here);
}

/**
 * "Spray the flange bolts and the clamp", "wheels off. Castle nut, 19 mm": the clamp of whatever it is, and a nut of its
 * own kind, are not of what was spoken of a sentence before.
 */
function isOfItsOwn(walk: Walk, here: Here, { family, head, definite, marks, count }: Mention): boolean {
  const isTheClamp =
    family === "clip" && /^clamps?$/.test(head) && definite && count === undefined && here.sizes.length === 0;
  const isOfWheel = walk.topic.join(" ") === "wheel" && walk.topicSentence < here.clause.sentence;
  return (isTheClamp && marks.length === 0) || (isOfWheel && marks.some((mark) => OWN_KIND.test(mark)));
}
const OWN_KIND = /^(?:castle|lock|locking|jam|pinch|banjo|flare)$/;

/** "Four bolts · tens": the head of those just counted. */
function headOfCounted({ walk: { last, heard }, here: { i, clause }, mention }: Taking): Group | undefined {
  const isAlone = mention.from === clause.from && mention.to === clause.to;
  const isOfLast =
    last?.undo === undefined && last?.last === i - 1 && heard.told[i - 1]?.sentence === clause.sentence;
  return mention.sized && mention.count === undefined && isAlone && isOfLast ? last : undefined;
}

/** "The sixteens are eighty newton metres", and nothing has such a head: bolts of their own, and no others' figure. */
function isUntoldHead({ walk: { groups, heard }, here, mention }: Taking): boolean {
  const size = here.sizes.find(({ from }) => from >= mention.from && from < mention.to);
  const isFigured = heard.torques.some(({ from }) => from >= mention.to && from < here.clause.to);
  if (!mention.sized || size?.kind !== "head" || !isFigured || !here.goingBack) return false;
  const head = formatHeadSize(size.head);
  return !groups.some((group) =>
    [group.undo, group.doUp].some((one) => one && formatHeadSize(one.head) === head),
  );
}

/** "That's 2 more 8 mm nuts": others than those before, whatever they have in common. */
const isMoreOfKind = ({ walk: { heard }, here, mention }: Taking): boolean =>
  !here.goingBack &&
  mention.count !== undefined &&
  mention.family !== "one" &&
  heard.terms.slice(mention.from, mention.to).some(({ text: word }) => word === "more");

/** "Adjuster nut, lock nut behind it": a nut of its own, that keeps the other where it is. */
const isLockNut = ({ walk: { last, groups }, here, mention }: Taking): boolean =>
  !here.goingBack &&
  mention.family === "nut" &&
  mention.marks.some((mark) => /^(?:lock|locking|jam)$/.test(mark)) &&
  last?.family === "nut" &&
  here.i - last.last <= 2 &&
  !groups.some(({ marks }) => mention.marks.some((mark) => marks.has(mark)));

/** "Handle nuts", of the two that the handle was said to be held by, and that got another name. */
const besideWhich = ({ walk, here, mention }: Taking) =>
  mention.head === "" ? undefined : toldBeside(walk, mention.marks, here.i, mention.family);

/** A mention of one group: the one that it is told by, or a new one where it names what was not there. */
function takeOne(taking: Taking): void {
  const { walk, here, mention } = taking;
  const { groups } = walk;
  const { text: whole, terms } = walk.heard;
  const { i, clause, places } = here;
  const known = ofPartsTold(walk, here, mention) ?? described(walk, here, mention);
  if (known) {
    places.push(known);
    return;
  }
  const found =
    splitByLook(walk, here, mention) ??
    ofLastCounted(walk, here, mention) ??
    inAll(walk, here, mention) ??
    calledAnew(walk, here, mention) ??
    bySight(walk, mention) ??
    newOnes(walk, here, mention) ??
    sameBolt(walk, here, mention) ??
    boltsOfNuts(walk, here, mention) ??
    clampOfBattery(walk, here, mention) ??
    chooseGroup(taking);
  const apart = found ?? toldApart(walk, here, mention);
  if (apart && !found) {
    touch(apart, { ...mention, count: undefined }, terms, i);
    places.push(apart);
    here.guessed.add(apart);
    walk.last = apart;
    return;
  }
  const counted = headOfCounted(taking);
  if (counted) {
    places.push(counted);
    return;
  }
  if (isLockNut(taking) || isMoreOfKind(taking)) return beginOne(taking);
  if (!found && isUntoldHead(taking)) return beginOne({ ...taking, topic: [] });
  const held = HELD_STILL.test(
    saidIn(whole, terms, { from: Math.max(clause.from, mention.from - 4), to: mention.from }),
  );
  const beside = !found && !held && here.goingBack ? besideWhich(taking) : undefined;
  if (beside) {
    places.push(beside);
    const isCalledSo = mention.marks.every((mark) => beside.marks.has(mark) || beside.topic.includes(mark));
    touch(beside, mention, terms, i);
    if (!isCalledSo) here.guessed.add(beside);
    walk.last = beside;
    return;
  }
  if (!found && !held && isNew(taking)) return beginOne(taking);
  // "Open the bleeder, no, don't open the bleeder": taken back.
  if (
    found &&
    isForbidden(taking.walk, taking.here, taking.mention) &&
    !found.undo &&
    found.figures.length === 0 &&
    i - found.first <= 2
  ) {
    groups.splice(groups.indexOf(found), 1);
    if (walk.last === found) walk.last = groups.at(-1);
    places.push(undefined);
    return;
  }
  places.push(found);
  if (!found) {
    // "Take these two, they're eights".
    const isCounted = mention.all && !here.goingBack && /^(?:these|those)$/.test(text(terms, mention.from));
    const isToBeTold = mention.marks.length > 0 && !mention.pointing;
    if (mention.family === "one" && (isToBeTold || isCounted) && !here.notThis)
      walk.unknown = { mention, at: i };
    return;
  }
  if (isAnyOf(taking, found)) here.guessed.add(found);
  touch(found, mention, terms, i);
  // "T30s are 5 Nm": all that have such a head.
  // "All T25 screws 2.5 Nm", wherever they were.
  const isAll =
    mention.marks.length === 0 && [mention.from - 1, mention.from].some((at) => text(terms, at) === "all");
  const isOfHead =
    mention.sized === true || (isAll && here.sizes.some(({ to }) => to < mention.to && to > mention.from));
  if (isOfHead && mention.count === undefined && here.goingBack && found.undo) {
    const head = formatHeadSize(found.undo.head);
    here.also.push(
      ...groups.filter(
        (group) =>
          group !== found &&
          group.figures.length === 0 &&
          group.undo &&
          formatHeadSize(group.undo.head) === head &&
          // Not those of something else, long ago.
          (isAll ||
            i - group.last <= MANY_BREATHS / 3 ||
            group.topic.some((word) => found.topic.includes(word))),
      ),
    );
  }
  here.also.push(...ofBothPlaces(taking, found));
  const same = groups.find((group) => group !== found && isSame(group, found, mention));
  if (same) {
    mergeInto(found, same);
    groups.splice(groups.indexOf(same), 1);
    if (walk.last === same) walk.last = found;
  }
  walk.unknown = undefined;
  const near = { from: Math.max(clause.from, mention.from - 3), to: Math.min(clause.to, mention.to + 3) };
  const isBroken = /\b(?:snap|strip|break|crack|shear|round)(?:s|ped|ped|ed|ing)?\b/.test(
    saidIn(whole, terms, near),
  );
  if (!held && !here.notThis && !isBroken) walk.last = found;
}
