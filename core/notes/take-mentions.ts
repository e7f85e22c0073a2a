import { formatHeadSize } from "../quantity/read-head-size";
import { chooseGroup, isAnyOf } from "./choose-group";
import { clampOfBattery, ofClip, takeBoltOfClamp } from "./clamps";
import { countBehind, loneCount, asManyAsEach, takeCounts } from "./counted";
import { SAYS_EACH, text } from "./counts";
import { takeElsewhere } from "./elsewhere";
import { saidIn } from "./heard";
import { LEFT_ALONE, isForbidden } from "./left-alone";
import {
  allSmall,
  described,
  ofBothPlaces,
  ofPartsTold,
  placeAhead,
  sideAhead,
  splitByLook,
  tellBySize,
} from "./looks";
import { type Taking, beginOne, isNew, keepGroup } from "./new-group";
import { namedBefore, ofPlace, ofStuds, ofThem, ownThings, pointedAt, saidToBe } from "./of-what";
import { begin, touch } from "./resolve";
import { isOtherEnd } from "./same-group";
import { mergeInto } from "./same-group";
import { alike, isSame } from "./same-group";
import {
  MANY_BREATHS,
  bySight,
  calledAnew,
  inAll,
  inSameWords,
  lotOf,
  isShareOfLast,
  newOnes,
  sameBolt,
  ofLastCounted,
  shared,
  together,
  toldApart,
} from "./told-apart";
import { HEADS, HELD_STILL, PLACES } from "./vocabulary";
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
  const topic =
    ofThem(walk, here) ?? ofClip(walk, here) ?? ofPlace(walk, here) ?? (things.length > 0 ? things : carried);
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
        : { walk, here, mention, topic: own.get(said1) ?? ofStuds(walk, here, mention) ?? topic, fresh };
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
    here.i - left.first <= 2 &&
    left.figures.length === 0 &&
    LEFT_ALONE.test(said)
  ) {
    walk.groups.splice(walk.groups.indexOf(left), 1);
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
  if (SAYS_EACH.test(said)) places.forEach((group) => group && group.count === 1 && (group.perSide = true));
  takeCounts(walk, here);
}

/** "both plugs 10 mm", "all eight": said of each that was named. */
function takeSeveral({ walk, here, mention }: Taking): boolean {
  const { groups } = walk;
  const { terms } = walk.heard;
  const begins = text(terms, mention.from);
  const inAll =
    /^(?:all|those|these)$/.test(begins) && (mention.count ?? 0) > 2 ? together(groups, mention) : [];
  const several =
    /^(?:both|all)$/.test(begins) && mention.marks.length === 0 && mention.family !== "one"
      ? groups.filter((group) => group.family === mention.family)
      : [];
  const ofEach = several.length > 1 && several.every(({ count }) => (count ?? 1) === 1);
  // "All the manifold nuts", once the outer two were told apart: those too.
  const isAll = /\ball\b/.test(`${text(terms, mention.from - 1)} ${begins}`);
  const oneLot = isAll ? lotOf(groups, mention) : [];
  const small = isAll ? allSmall(walk, here, mention) : [];
  const taken = [inAll, oneLot, small].find(({ length }) => length > 1) ?? several;
  if (taken === several && !ofEach) return false;
  here.places.push(taken[0]);
  here.also.push(...taken.slice(1));
  taken.forEach((group) => touch(group, { ...mention, count: undefined, name: "" }, terms, here.i));
  walk.last = taken === several ? taken.at(-1) : taken[0];
  return true;
}

/** "there's a nut on the back": what a bolt goes into, held still and no group of its own. */
function takeOtherEnd({ walk, here, mention }: Taking): boolean {
  const { last, groups } = walk;
  const { said, i, things } = here;
  // "Outer bolt 21 mm, nut 21 mm".
  const beside =
    last?.family === "bolt" &&
    mention.family === "nut" &&
    mention.marks.length === 0 &&
    i - last.last <= 1 &&
    walk.heard.told[last.last]?.sentence === here.clause.sentence &&
    last.undo !== undefined &&
    /^\W*(?:and |with )?(?:(?:an?|the|same|also|\d+|mm) ?)*nut\b/i.test(said);
  // "The heads are 7/8 and the nut's 7/8 too".
  const ofHead =
    last?.family === "bolt" &&
    mention.family === "nut" &&
    mention.marks.length === 0 &&
    here.sizes.length === 2 &&
    i - last.last <= 2 &&
    /\bheads?\b[^.]*\bnut/i.test(said);
  // "The link was in the way, so I took its bottom nut off": of that, and of no bolt before it.
  const { topic, topicAt, topicSentence } = walk;
  const isOfTopic =
    last !== undefined &&
    topicSentence === here.clause.sentence &&
    topicAt > last.last &&
    !topic.some((word) => last.topic.includes(word) || last.marks.has(word));
  if (isOfTopic) return false;
  // "Bolts are new, 10.9, with new lock nuts": what goes on their other end.
  const isWith =
    here.goingBack &&
    last?.family === "bolt" &&
    last.traits.has("counter-hold") &&
    mention.family === "nut" &&
    mention.marks.every((mark) => /^(?:lock|nyloc|flange|self)$/.test(mark)) &&
    walk.heard.told[last.last]?.sentence === here.clause.sentence &&
    /^(?:with|and)$/.test(
      text(walk.heard.terms, mention.from - (text(walk.heard.terms, mention.from - 1) === "new" ? 2 : 1)),
    );
  // "There's a flat on the slide pin to hold": what the bolt goes into.
  const isHeldPin =
    last?.family === "bolt" &&
    mention.family === "pin" &&
    i - last.last <= 2 &&
    /\b(?:hold|held|flats?|stop(?:s|ped)?)\b/i.test(said);
  if (
    !last ||
    !(beside || ofHead || isWith || isHeldPin || isOtherEnd(mention, last, groups, said, i, things))
  )
    return false;
  last.hold ??= last.undo && /\b(?:also|same|too)\b/.test(said) ? last.undo : undefined;
  last.traits.add("counter-hold");
  touch(last, { ...mention, marks: [], name: "" }, walk.heard.terms, i);
  here.places.push(last);
  here.heldFrom = mention.from;
  walk.otherEnd = { group: last, at: i };
  return true;
}

/** "one of them is shorter", "and two more down low": a part of those spoken of last, or more like them. */
function takePartOfLast({ walk, here, mention, topic }: Taking): boolean {
  const { last } = walk;
  if (mention.share || isShareOfLast(walk, here, mention)) {
    const group = shared(walk, here, mention);
    here.places.push(group);
    walk.last = group ?? walk.last;
    return true;
  }
  if (!mention.more || !last) return false;
  const kind = last.name.split(" ").findLast((word) => HEADS[word]) ?? "bolt";
  const group = begin(
    { ...mention, family: last.family, name: [...mention.marks, kind].join(" ") },
    topic.length > 0 ? topic : last.topic,
    walk.heard.terms,
    here.i,
  );
  group.name = group.name.replace(/(?<!s)$/, "s");
  keepGroup(walk, here, group);
  return true;
}

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
  const held = HELD_STILL.test(
    saidIn(whole, terms, { from: Math.max(clause.from, mention.from - 4), to: mention.from }),
  );
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
  if (mention.sized && mention.count === undefined && here.goingBack && found.undo) {
    const head = formatHeadSize(found.undo.head);
    here.also.push(
      ...groups.filter(
        (group) =>
          group !== found &&
          group.figures.length === 0 &&
          group.undo &&
          formatHeadSize(group.undo.head) === head &&
          // Not those of something else, long ago.
          (i - group.last <= MANY_BREATHS / 3 || group.topic.some((word) => found.topic.includes(word))),
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
