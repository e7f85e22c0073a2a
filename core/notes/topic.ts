import { type Clause, isAction } from "./clauses";
import { marksOf, singular } from "./mention";
import { type Term, spacedWords } from "./terms";
import { AWAY, COMPOUND, HEADS, NO_THING, NOT_IN_NAME, PART_HEADS, THINGS, TOOL_HEADS } from "./vocabulary";

/**
 * What is being worked on: the first thing that a clause names which is no fastener, tool or person; with
 * what tells it from others.
 */
export function topicIn(terms: readonly Term[], clause: Clause): string[] {
  const { from } = clause;
  const to = beforePurpose(terms, clause);
  for (let at = from; at < to; at++) {
    const word = terms[at]?.text ?? "";
    if (
      !(isThing(word) || isHeldBy(terms, at, from)) ||
      (TOOL_HEADS.has(terms[at + 1]?.text ?? "") && !HOLDERS.test(terms[at + 1]?.text ?? "")) ||
      (word === "block" &&
        /^of$/.test(terms[at + 1]?.text ?? "") &&
        /^wood$/.test(terms[at + 2]?.text ?? "")) ||
      // "Till the tab lines up": what it does.
      (word === "lines" && terms[at + 1]?.text === "up") ||
      (word === "blade" && /^(?:flat|razor|wide|putty|knife|scraper)$/.test(terms[at - 1]?.text ?? "")) ||
      (word === "wheel" && /^(?:wire|grinding|flap|buffing|polishing)$/.test(terms[at - 1]?.text ?? "")) ||
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

/** "It has to come out to get the cover off": what for, and not what is worked on. */
function beforePurpose(terms: readonly Term[], { from, to }: Clause): number {
  for (let at = from + 2; at < to - 1; at++)
    if (
      terms[at]?.text === "to" &&
      /^(?:get|reach|free)$/.test(terms[at + 1]?.text ?? "") &&
      /^(?:out|off|away|up|down|aside|back|it|this|that|them|those)$/.test(terms[at - 1]?.text ?? "")
    )
      return at;
  return to;
}

/** Behind a thing they are one with it: "battery tray". */
const HOLDERS = /^(?:lids?|trays?|boxe?s?|holders?|frames?|ends?|assembly|rails?|strips?)$/;

const isThing = (said: string, word = singular(said.replace(/'s$/, ""))) =>
  (THINGS.has(word) || PART_HEADS.has(word) || COMPOUND.test(word)) &&
  !Object.hasOwn(HEADS, said) &&
  !Object.hasOwn(HEADS, word);

const wordsBefore = (terms: readonly Term[], at: number) =>
  `${terms
    .slice(Math.max(0, at - 3), at)
    .map(({ text }) => text)
    .join(" ")} `;

/** "The backrest has three bolts", "each flap is held by two screws": a thing, whatever it is called. */
function isHeldBy(terms: readonly Term[], at: number, from: number): boolean {
  const { text = "", tag } = terms[at] ?? {};
  if (tag !== "noun" || !/^[a-z-]{4,}$/.test(text) || NO_THING.has(text) || NOT_IN_NAME.has(text))
    return false;
  if (Object.hasOwn(HEADS, text)) return false;
  // "The meter itself" is no tool, and no handle is that is held by two nuts.
  const behind = spacedWords(terms, at + 1, at + 10);
  if (TOOL_HEADS.has(text) && !/^(?:itself|(?:is|are) (?:held|fixed|secured|bolted|screwed))\b/.test(behind))
    return false;
  const leads =
    at === from ||
    [1, 2, 3].some((back) => /^(?:the|each|every|that|this|your|my)$/.test(terms[at - back]?.text ?? ""));
  return leads && HELD_BY.test(behind);
}
const HELD_BY = new RegExp(
  `^(?:itself )?(?:(?:has|have|had|takes)(?: got)? (?:(?!and\\b|the\\b)[a-z0-9-]+ ){1,4}?(?:bolt|nut|screw|stud|clip)s?|(?:is|are) (?:(?:held|fixed|secured|bolted|screwed|fastened|clipped)\\b|on (?:[a-z0-9-]+ ){1,3}?(?:bolt|nut|screw|stud|clip)s?))|^itself (?:[a-z0-9-]+ ){1,3}?(?:bolt|nut|screw|stud|clip)s?\\b`,
);

/** "Under the bonnet there is the top mount": where it is, and what is told of comes behind. */
function isWhereThereIs(terms: readonly Term[], at: number, { from, to }: Clause): boolean {
  if (!/^(?:under|underneath|behind|on|in|inside|at|above|below|beside)$/.test(terms[from]?.text ?? ""))
    return false;
  const there = terms
    .slice(at + 1, to)
    .findIndex(({ text }) => /^(?:there|there's|you've|you'll|you|sits?)$/.test(text));
  return there >= 0 && topicIn(terms, { from: at + there + 2, to }).length > 0;
}

/** "Between the pan and the gearbox", "on a tab": where a thing is, and not the thing. */
function isBehindPreposition(terms: readonly Term[], at: number, from: number): boolean {
  // "Top of the shock has two nuts": of the shock.
  if (
    /^(?:(?:the|at|on) )*(?:top|bottom|end|front|back|rear) of (?:the|that|this|each) $/.test(
      spacedWords(terms, from, at),
    )
  )
    return false;
  for (let i = at - 1; i >= from && at - i < 5; i--) {
    const word = terms[i]?.text ?? "";
    // "Down one more time: brackets" are not down anything.
    if (/^(?:[-–—:;(]|times?)$/.test(word)) return false;
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
