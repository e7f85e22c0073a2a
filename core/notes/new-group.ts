import { text } from "./counts";
import type { Group } from "./group";
import { saidIn, sentenceOf } from "./heard";
import { isForbidden } from "./left-alone";
import { type Mention } from "./mention";
import { begin } from "./resolve";
import { BOUGHT } from "./vocabulary";
import { type Here, type Walk, asBolts } from "./walk";

/** What each way of taking a mention needs to know. */
export interface Taking {
  walk: Walk;
  here: Here;
  mention: Mention;
  topic: string[];
  fresh: boolean;
}

/** Takes a group that was begun among those that are known. */
export function keepGroup(walk: Walk, here: Here, group: Group): void {
  const { sizeAhead } = walk;
  // "There's a bracket, that's a ten, it's just the one bolt": of the bracket, and not of what else is named.
  if (sizeAhead && here.sizes.length === 0 && sizeAhead.topic.some((word) => group.topic.includes(word))) {
    group.undo = sizeAhead.size;
    walk.sizeAhead = undefined;
  }
  walk.groups.push(group);
  here.places.push(group);
  walk.last = group;
}

/** "Two long ones, which are thirteen": named by what they look like, as their size is told with it. */
function isSizedHere({ here, mention }: Taking): boolean {
  const after = here.mentions.find((one) => one.from > mention.from)?.from ?? here.clause.to;
  return (
    mention.family === "one" &&
    mention.marks.length > 0 &&
    !mention.pointing &&
    here.sizes.some((one) => one.kind === "head" && one.from >= mention.to && one.from < after)
  );
}

/** "New clips in the bracket", "three broken clips": a part, and nothing that was undone. */
function isNewClip({ walk: { heard }, here, mention }: Taking): boolean {
  const before = saidIn(heard.text, heard.terms, {
    from: Math.max(here.clause.from, mention.from - 1),
    to: mention.to,
  });
  const isDoneUp = /\b(?:nip|crimp|tight|squeez|clamp|screw)/i.test(here.said);
  return (
    mention.family === "clip" &&
    here.sizes.length === 0 &&
    !isDoneUp &&
    /\b(?:new|broken|spare)\b/i.test(before)
  );
}

/** "Take an 8 mm bolt, run it in there": what pushes a thing off, and holds nothing. */
function isUsedAsTool({ walk: { heard }, here, mention }: Taking): boolean {
  const { text: whole, terms, told } = heard;
  const before = saidIn(whole, terms, { from: here.clause.from, to: mention.to });
  const taken =
    /\b(?:take|get|grab|use|find|with) (?:an?|some|another|two|a couple of|any) (?:[\w/]+ ){0,4}?\w+$/i.test(
      before,
    );
  const next = told[here.i + 1];
  // "The second one took me four nuts".
  if (/\b(?:took|cost) (?:me|us|him|her) (?:\w+ ){0,2}\w+$/i.test(before)) return true;
  const after = saidIn(whole, terms, {
    from: mention.to,
    to: next?.sentence === here.clause.sentence ? next.to : here.clause.to,
  });
  // "Lay a nut over it and weld through the middle".
  const welded =
    /\b(?:lay|slip|put|drop|weld|tack|set) an? (?:\w+ ){0,2}?nut$/i.test(before) &&
    /^\W*(?:over|on|onto|to)\b/i.test(after);
  return welded || (taken && /\b(?:run|thread|screw|wind|put|stick) (?:it|them|one|that)\b/i.test(after));
}

/** "Soaked every nut, every stud": whichever there are, and none that was told of. */
const isAnyOfThem = ({ walk: { heard }, here, mention }: Taking): boolean =>
  mention.marks.length === 0 &&
  here.sizes.length === 0 &&
  /^(?:every|any|each)$/.test(text(heard.terms, mention.to - 2));

/** Whether a mention of nothing known begins a group: not what is of another car, and not what was bought. */
export function isNew(taking: Taking): boolean {
  const { walk, here, mention } = taking;
  const { text: whole, terms } = walk.heard;
  const { clause, i } = here;
  return (
    here.notThis === undefined &&
    !isForbidden(taking.walk, taking.here, taking.mention) &&
    !isUsedAsTool(taking) &&
    !isNewClip(taking) &&
    !isAnyOfThem(taking) &&
    !(mention.ofThem && (walk.last?.count ?? 0) > (mention.count ?? 0) && here.sizes.length === 0) &&
    (mention.some ||
      mention.placed ||
      isSizedHere(taking) ||
      mention.family !== "one" ||
      (mention.sized && mention.count !== undefined)) === true &&
    !BOUGHT.test(
      saidIn(whole, terms, {
        from: Math.max(clause.from, mention.from - 12),
        to: Math.min(clause.to, mention.to + 12),
      }),
    ) &&
    !/^\W*(?:(?:stuff|things|parts?|bits) (?:i |you |we )?(?:bought|got|need)\b|(?:bought|ordered)\b|(?:new )?(?:parts|spares|to buy)\W*:)/i.test(
      sentenceOf(walk.heard, i),
    )
  );
}

/** Begins the group of a mention of nothing known. */
export function beginOne(taking: Taking): void {
  const { walk, here, mention, topic, fresh } = taking;
  const { last } = walk;
  const { terms } = walk.heard;
  const { i } = here;
  // "there's ten of them", after "these guys going around the cover".
  const called =
    mention.sized && mention.marks.length === 0 && walk.unknown && i - walk.unknown.at <= 2
      ? walk.unknown.mention.marks
      : [];
  const sizedHere = isSizedHere(taking);
  const begun: Mention = sizedHere
    ? {
        ...mention,
        count: mention.count ?? (text(terms, mention.to - 1) === "one" ? 1 : undefined),
        family: "bolt",
        name: asBolts(mention.name, (mention.count ?? 1) > 1),
      }
    : mention;
  // "Three bolts into the bracket, and one long one": beside those, and not of what was named before them.
  const beside =
    sizedHere &&
    !fresh &&
    last?.topic.length === 0 &&
    walk.heard.told[last.last]?.sentence === here.clause.sentence;
  const about = beside ? [] : topic;
  const group = begin(begun, called.length > 0 ? [...called] : about, terms, i, fresh);
  // "They're all seventeens, no, the hidden one is a fifteen": one fewer of the others.
  const isOneOfThem = sizedHere && mention.definite && (mention.count ?? 1) === 1;
  if (isOneOfThem && last?.count !== undefined && last.count > 2 && i - last.last <= 3) last.count -= 1;
  // "Seven bolts, most of them are 12s, and two 10s": the first are as many fewer.
  const ofMost = last && /\bmost(?: of (?:them|those|these))? (?:are|is)\b/i.test(saidOf(walk, last.last));
  if (
    ofMost &&
    here.sizes.length > 0 &&
    (last.count ?? 0) > (mention.count ?? Infinity) &&
    i - last.last <= 3
  )
    last.count = (last.count ?? 0) - (mention.count ?? 0);
  keepGroup(walk, here, group);
  walk.unknown = undefined;
}

function saidOf({ heard: { text: whole, terms, told } }: Walk, at: number): string {
  const clause = told[at];
  return clause ? saidIn(whole, terms, clause) : "";
}
