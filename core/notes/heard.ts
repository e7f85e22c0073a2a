import { type Clause, type Told, isAction, sentencesOf, toldIn } from "./clauses";
import { doneIn } from "./done";
import { marksOf, singular } from "./mention";
import { sizeAt } from "./scan-size";
import { torqueAt } from "./scan-torque";
import { type FoundSize } from "./size-words";
import { spokenNumber } from "./spoken-number";
import type { Term } from "./terms";
import { AWAY, COMPOUND, HEADS, NO_THING, NOT_IN_NAME, PART_HEADS, THINGS, TOOL_HEADS } from "./vocabulary";
import { type FoundTorque } from "./written-torque";
import { torqueUnitAt } from "./written-torque";

/** Where in the text something was read. */
export interface Span {
  start: number;
  end: number;
}

/**
 * Something to have, to mind, to wait for, to measure or to do later, in a few words, with those it came
 * from.
 */
export interface Noted {
  name: string;
  span: Span;
}

/** The text as it was taken apart: what steps and lists are read from as well. */
export interface Heard {
  text: string;
  terms: readonly Term[];
  told: readonly Told[];
  sizes: readonly FoundSize[];
  torques: readonly FoundTorque[];
  /** Clauses that list what is needed, where sizes are those of tools. */
  listing: ReadonlySet<number>;
}

export function hear(text: string, terms: readonly Term[]): Heard {
  const told = toldIn(terms);
  const sizes: FoundSize[] = [];
  const torques: FoundTorque[] = [];
  for (const { from, to } of sentencesOf(terms)) {
    const sentence = terms.slice(0, to);
    for (let at = from; at < to;) {
      const torque = torqueAt(sentence, at);
      const size = torque ? undefined : sizeAt(sentence, at);
      if (torque) torques.push(torque);
      if (size) sizes.push(size);
      // "A hundred and ten": no part of a number is a size.
      at = Math.max(torque?.to ?? size?.to ?? spokenNumber(sentence, at)?.next ?? at + 1, at + 1);
    }
  }
  const all = [...torques, ...splitTorques(terms, torques), ...kilograms(text, terms, torques)].sort(
    (a, b) => a.from - b.from,
  );
  const inTorque = new Set(
    all.flatMap(({ from, to }) => Array.from({ length: to - from }, (_, i) => from + i)),
  );
  return {
    text,
    terms,
    told,
    sizes: sizes.filter(({ from }) => !inTorque.has(from)),
    torques: all,
    listing: listingIn(text, terms, told),
  };
}

/** "I think it's 36. Foot pounds.": a figure whose unit comes after a full stop or a breath. */
function splitTorques(terms: readonly Term[], known: readonly FoundTorque[]): FoundTorque[] {
  return terms.flatMap((term, at): FoundTorque[] => {
    if (
      !/^[.,]$/.test(term.text) ||
      terms[at - 1]?.tag !== "number" ||
      known.some(({ from, to }) => at - 1 >= from && at - 1 < to)
    )
      return [];
    const unit = torqueUnitAt(terms, at + 1);
    const start = [at - 2, at - 1].find((from) => spokenNumber(terms, from)?.next === at);
    const number = start === undefined ? undefined : spokenNumber(terms, start);
    if (
      !unit ||
      !number ||
      start === undefined ||
      number.fraction ||
      known.some(({ from, to }) => at + 1 >= from && at + 1 < to)
    )
      return [];
    return [
      {
        figure: {
          form: "value",
          torque: { value: number.value, unit: unit.unit, decimals: number.decimals },
        },
        from: start,
        to: unit.next,
      },
    ];
  });
}

/** Where a text speaks of a wrench in kilograms, "6 kg" on a fastener is 6 kgf·m. */
function kilograms(text: string, terms: readonly Term[], known: readonly FoundTorque[]): FoundTorque[] {
  if (!/\bkg (?:torque )?wrench\b|\bwrench (?:is )?in kg\b|\bkgf?[- ·.]?m\b|\bkg (?:metre|meter)/i.test(text))
    return [];
  return terms.flatMap((_, at): FoundTorque[] => {
    const number = spokenNumber(terms, at);
    if (
      !number ||
      !/^(?:kg|kilo|kilos|kgs)$/.test(terms[number.next]?.text ?? "") ||
      /^(?:wrench|torque)$/.test(terms[number.next + 1]?.text ?? "") ||
      number.value > 40
    )
      return [];
    if (
      known.some(({ from, to }) => at >= from && at < to) ||
      (at > 0 && (spokenNumber(terms, at - 1)?.next ?? 0) > at)
    )
      return [];
    return [
      {
        figure: { form: "value", torque: { value: number.value, unit: "kgf.m", decimals: number.decimals } },
        from: at,
        to: number.next + 1,
      },
    ];
  });
}

const LISTING =
  /\b(?:tools\b(?! (?:in|the|only))|you(?:'re|'ll)? (?:(?:will|gonna|going to|want to|wanna) )?(?:need|want)\b(?! (?:to|it|her|him|them|that|this|your)\b)|what (?:you|do you|we) (?:need|want)|you will need|on the bench|kit list|have ready|also needed|in the box|got to have|things you need|supplies|wants? for this)/i;

/** What is needed, as lists tell it: from the words that begin one to where something is done. */
function listingIn(text: string, terms: readonly Term[], told: readonly Told[]): Set<number> {
  const listing = new Set<number>();
  let open: Told | undefined;
  for (const [i, clause] of told.entries()) {
    const said = saidIn(text, terms, clause);
    if (headingOver(text, terms, clause) !== undefined) {
      listing.add(i);
      continue;
    }
    const toolCount = countTools(terms, clause);
    if (LISTING.test(said) && listAhead(terms, told, i)) open = clause;
    else if (
      open &&
      (clause.paragraph > open.paragraph + 1 ||
        // Without full stops a list ends where something is done.
        (toolCount === 0 && doneIn(terms, clause) !== undefined) ||
        (toolCount === 0 && clause.sentence > open.sentence && !listAhead(terms, told, i)))
    )
      open = undefined;
    // A list with a bullet on each line goes on for as long as its lines name tools.
    if (open && toolCount > 0 && /^\s*(?:[-*•]|\d)/.test(said) && clause.paragraph > open.paragraph)
      open = clause;
    if (open) listing.add(i);
  }
  return listing;
}

/**
 * The heading of the list that a clause stands in: "TOOLS", "Parts:", alone on its line, with a line for each
 * thing below it up to an empty one.
 */
export function headingOver(
  text: string,
  terms: readonly Term[],
  { from }: Clause,
): "tools" | "parts" | undefined {
  const start = terms[from]?.start ?? 0;
  const block = text.slice(text.lastIndexOf("\n\n", start) + 1, start).replace(/^\n+/, "");
  const [head = "", ...lines] = block.split("\n");
  if (
    lines.length === 0 ||
    !lines.slice(0, -1).every((line) => BULLET.test(line)) ||
    !BULLET.test(lines.at(-1) || "-")
  )
    return undefined;
  if (
    /^\W*(?:new )?(?:parts?|to buy|what to buy|shopping(?: list)?|spares)\W*(?:list|needed)?\W*$/i.test(head)
  )
    return "parts";
  return /^\W*(?:tools?|tool list|tools needed|tools and supplies|what you need|you need|kit)\W*$/i.test(head)
    ? "tools"
    : undefined;
}
const BULLET = /^\s*[-*•–]/;

/** Whether tools are spoken of thick and fast from here. */
function listAhead(terms: readonly Term[], told: readonly Told[], at: number): boolean {
  const ahead = told.slice(at, at + 6).filter((one) => one.sentence <= (told[at]?.sentence ?? 0) + 3);
  return ahead.reduce((sum, clause) => sum + countTools(terms, clause), 0) >= 2;
}

const countTools = (terms: readonly Term[], { from, to }: Clause) =>
  terms.slice(from, to).filter(({ text, tag }) => TOOL_HEADS.has(text) && tag !== "verb").length;

export const spanOf = (terms: readonly Term[], from: number, to: number): Span => ({
  start: terms[from]?.start ?? 0,
  end: terms[to - 1]?.end ?? 0,
});

export function saidIn(text: string, terms: readonly Term[], { from, to }: Clause): string {
  const { start, end } = spanOf(terms, from, to);
  return text.slice(start, end);
}

/** The whole sentence in which a clause stands. */
export function sentenceOf({ text, terms, told }: Heard, i: number): string {
  const sentence = told.filter((one) => one.sentence === told[i]?.sentence);
  return saidIn(text, terms, { from: sentence[0]?.from ?? 0, to: sentence.at(-1)?.to ?? 0 });
}

/**
 * What is being worked on: the first thing that a clause names which is no fastener, tool or person; with
 * what tells it from others.
 */
export function topicIn(terms: readonly Term[], { from, to }: Clause): string[] {
  for (let at = from; at < to; at++) {
    const word = terms[at]?.text ?? "";
    if (
      !(isThing(word) || isHeldBy(terms, at)) ||
      (TOOL_HEADS.has(terms[at + 1]?.text ?? "") && !HOLDERS.test(terms[at + 1]?.text ?? "")) ||
      (word === "block" &&
        /^of$/.test(terms[at + 1]?.text ?? "") &&
        /^wood$/.test(terms[at + 2]?.text ?? "")) ||
      (word === "blade" && /^(?:flat|razor|wide|putty|knife|scraper)$/.test(terms[at - 1]?.text ?? "")) ||
      (word === "bar" &&
        /^(?:breaker|breaking|pry|prise|power|cheater|crow|knuckle|long)$/.test(terms[at - 1]?.text ?? "")) ||
      (at === from &&
        isAction(terms, at) &&
        /^(?:determiner|preposition|adverb|pronoun)$/.test(terms[at + 1]?.tag ?? "") &&
        !AWAY.has(terms[at + 1]?.text ?? "")) ||
      Object.hasOwn(HEADS, terms[at + 1]?.text ?? "") ||
      (isBehindPreposition(terms, at, from) &&
        !/\bback to (?:the |those |that )?$/.test(wordsBefore(terms, at))) ||
      isWhereThereIs(terms, at, { from, to })
    )
      continue;
    let end = at;
    const goesOn = (n: number) =>
      n < to && (isThing(terms[n]?.text ?? "") || HOLDERS.test(terms[n]?.text ?? ""));
    // "headlight leveling sensor", "headlight level sensor link".
    const leadsOn = (n: number) =>
      /ing$/.test(terms[n]?.text ?? "") ||
      (terms[n]?.tag === "noun" &&
        !NOT_IN_NAME.has(terms[n]?.text ?? "") &&
        !Object.hasOwn(HEADS, terms[n]?.text ?? ""));
    while (goesOn(end + 1) || (leadsOn(end + 1) && goesOn(end + 2))) end++;
    const words: string[] = [];
    for (let i = end; i >= from && end - i < 4; i--) {
      const mark = terms[i]?.text ?? "";
      if (
        i < at &&
        (NOT_IN_NAME.has(mark) ||
          !/^[a-zà-ÿ-]{3,}$/.test(mark) ||
          !/^(?:noun|adjective)$/.test(terms[i]?.tag ?? "") ||
          Object.hasOwn(HEADS, mark))
      )
        break;
      words.unshift(...marksOf([mark.replace(/'s$/, "")]));
    }
    return words;
  }
  return [];
}

/** Behind a thing they are one with it: "battery tray". */
const HOLDERS = /^(?:trays?|boxe?s?|holders?|frames?|ends?|assembly|rails?|strips?)$/;

const isThing = (said: string, word = singular(said.replace(/'s$/, ""))) =>
  (THINGS.has(word) || PART_HEADS.has(word) || COMPOUND.test(word)) &&
  !Object.hasOwn(HEADS, said) &&
  !Object.hasOwn(HEADS, word);

const wordsFrom = (terms: readonly Term[], from: number, to: number) =>
  terms
    .slice(from, to)
    .map(({ text }) => `${text} `)
    .join("");

const wordsBefore = (terms: readonly Term[], at: number) =>
  `${terms
    .slice(Math.max(0, at - 3), at)
    .map(({ text }) => text)
    .join(" ")} `;

/** "between the pan and the gearbox", "on a tab": where a thing is, and not the thing. */
/** "The backrest has three bolts", "each flap is held by two screws": a thing, whatever it is called. */
function isHeldBy(terms: readonly Term[], at: number): boolean {
  const { text = "", tag } = terms[at] ?? {};
  if (tag !== "noun" || !/^[a-z-]{4,}$/.test(text) || NO_THING.has(text) || NOT_IN_NAME.has(text))
    return false;
  if (Object.hasOwn(HEADS, text) || TOOL_HEADS.has(text)) return false;
  const named = [1, 2, 3].some((back) =>
    /^(?:the|each|every|that|this|your|my)$/.test(terms[at - back]?.text ?? ""),
  );
  return named && HELD_BY.test(wordsFrom(terms, at + 1, at + 10));
}
const HELD_BY = new RegExp(
  `^(?:(?:has|have|had|takes)(?: got)? (?:(?!and\\b|the\\b)[a-z0-9-]+ ){1,4}?(?:bolt|nut|screw|stud|clip)s?|(?:is|are) (?:(?:held|fixed|secured|bolted|screwed|fastened|clipped)\\b|on (?:[a-z0-9-]+ ){1,3}?(?:bolt|nut|screw|stud|clip)s?))`,
);

/** "Under the bonnet there is the top mount": where it is, and what is told of comes behind. */
function isWhereThereIs(terms: readonly Term[], at: number, { from, to }: Clause): boolean {
  if (!/^(?:under|underneath|behind|on|in|inside|at|above|below|beside)$/.test(terms[from]?.text ?? ""))
    return false;
  const there = terms.findIndex(
    ({ text }, i) => i > at && i < to && /^(?:there|there's|you've|you'll|you|sits?)$/.test(text),
  );
  return there > 0 && topicIn(terms, { from: there + 1, to }).length > 0;
}

function isBehindPreposition(terms: readonly Term[], at: number, from: number): boolean {
  // "Top of the shock has two nuts": of the shock.
  if (
    /^(?:(?:the|at|on) )*(?:top|bottom|end|front|back|rear) of (?:the|that|this|each) $/.test(
      wordsFrom(terms, from, at),
    )
  )
    return false;
  for (let i = at - 1; i >= from && at - i < 5; i--) {
    const word = terms[i]?.text ?? "";
    if (/^[-–—:;(]$/.test(word)) return false;
    if (
      terms[i]?.tag !== "noun" &&
      /^(?:on|in|to|from|between|into|under|behind|with|by|through|around|along|toward|towards|past|over|up|down|near|at|off|inside|against|onto|of)$/.test(
        word,
      )
    )
      return i > from || /^(?:between|with|from|by)$/.test(word);
    // A thing in between ends it, but for one of two: "between the pan and the gearbox".
    const ends =
      terms[i]?.tag === "noun" &&
      i < at - 1 &&
      !/^(?:and|or|,)$/.test(terms[i + 1]?.text ?? "") &&
      terms[i + 1]?.tag !== "noun";
    if (ends || terms[i]?.tag === "verb" || terms[i]?.tag === "pronoun") return false;
  }
  return false;
}

/** What stands between two words. */
export function gapBetween(text: string, terms: readonly Term[], from: number, to: number): string {
  return from >= to ? "" : saidIn(text, terms, { from, to });
}

/** As `gapBetween`, with the first word; nothing where there is no first. */
export const between = (text: string, terms: readonly Term[], from: number, to: number) =>
  from < 0 ? "" : saidIn(text, terms, { from, to: Math.max(from + 1, to) });
