import { formatHeadSize } from "../quantity/read-head-size";
import { cautionsOf } from "./cautions";
import { type Clause, isAction } from "./clauses";
import type { Grouped } from "./group";
import { headingOver, type Heard, type Noted, saidIn, spanOf } from "./heard";
import { add, isTold, IN_PASSING, nameOf, NOT_TO_BE_USED } from "./list-names";
import { type Measured, measuresOf } from "./measures-said";
import { partsOf } from "./parts-said";
import { short } from "./short";
import { ACTIONS, CONSUMABLE_HEADS, NOT_THIS_ONE, PART_HEADS, TOOL_HEADS } from "./vocabulary";
import { type Wait, waitsOf } from "./waits";

export interface Lists {
  tools: Noted[];
  consumables: Noted[];
  parts: Noted[];
  cautions: Noted[];
  followUps: Noted[];
  waits: Wait[];
  measures: Measured[];
}

/** What stands in lists and beside the steps. */
export function listsOf(heard: Grouped): Lists {
  const { text, terms, told, listing } = heard;
  const lists: Lists = {
    tools: [],
    consumables: [],
    parts: [],
    cautions: [],
    followUps: [],
    waits: [],
    measures: [],
  };
  for (const [i, clause] of told.entries()) {
    const said = saidIn(text, terms, clause);
    things(heard, clause, listing.has(i), lists);
    if (listing.has(i)) continue;
    const span = spanOf(terms, clause.from, clause.to);
    const sentence = sentenceFrom(heard, i);
    if (isForLater(said, sentence) && !NOT_THIS_ONE.test(said) && told.length - i < told.length * 0.4)
      for (const name of eachForLater(
        sentence.replace(/^\s*(?:\d{1,2}[.)]|[-*•])\s*/, "").replace(SIGNS_OFF, ""),
      ))
        lists.followUps.push({ name, span });
  }
  for (const { name, span } of heldBy(heard)) add(lists.tools, name, span);
  for (const { name, span } of oilsIn(text)) add(lists.consumables, name, span);
  return {
    ...lists,
    parts: partsOf(heard),
    cautions: apart(cautionsOf(heard)),
    followUps: apart(lists.followUps),
    waits: apart(waitsOf(heard)),
    measures: measuresOf(heard),
  };
}

/** How somebody who has been listened to ends. */
const SIGNS_OFF =
  /[\s,]*\b(?:(?:so |and |or so )?that's (?:it|about it|all)\b|(?:please )?like and subscribe|thanks for watching|cheers\b).*$/i;

const LATER =
  /\b(?:(?:check|look|re-?check|re-?torque|tighten|torque|go back|top (?:it )?up|nut|nuts|bolts)\b[^.]{0,60}\b(?:again|after|tomorrow|next|in a (?:week|month|few)|saturday|sunday|monday)|after (?:a |about |the first )?(?:\w+ )?(?:\d+|hundred|fifty|few|couple|thousand|week|two hundred)[^.]{0,20}(?:miles?|km|kilomet\w+|days?|weeks?|drives?)?|again (?:in|after|tomorrow|next)|next (?:change|service|oil|day|week|morning)|due (?:at|in)|take (?:the )?(?:old|core)|alignment|re-?check\b|booked (?:for |on )?(?:monday|tuesday|wednesday|thursday|friday|saturday|sunday|tomorrow|next)|(?:when|once|after) (?:it's|it has|she's|they've) (?:been (?:hot|run|driven|warm)|run|cooled)\b|(?:get|have|book|need) (?:the |your |my )?(?:tracking|toe|wheels? aligned|geometry))\b/i;

const MANY =
  "(?:an?|the|about|around|another|first|next|few|couple|of|\\d[\\d,.]*|one|two|three|four|five|six|eight|ten|twenty|thirty|fifty|hundred|thousand)";
/** When it is to be done: so far or so long from now, or at a time of its own. */
const WHEN = new RegExp(
  `\\b(?:(?:after|in|at|within)(?: ${MANY})+(?: \\w+)? ?(?<![a-z])(?:miles?|k'?s|km|kms|kilomet\\w+|days?|weeks?|wks?|months?|fortnight|drives?|trips?|trail|journey)\\b|after (?:the|your|a) (?:next |first )?(?:trip|run|drive|trail|journey|wash|winter)\\b|every (?:morning|day|week|month|trip|journey)\\b|tomorrow\\b|next (?:morning|day|week|weekend|month|time|trail|trip|spring|summer|service|change|fill-?up)\\b|in (?:the )?(?:spring|summer|autumn|winter|morning)\\b|when you get there\\b)`,
  "i",
);
const DONE_LATER =
  /\b(?:check(?:ed)?|look(?:ed)?|set|aligned|re-?check|re-?torque|torque|tighten|top|watch|keep an eye|order|change|do (?:it|the|them|that|in)|level|oil|nuts?|bolts?|again|same kit|click(?:s|ed)?)\b/i;
/** Told of what came about, and of how long it took. */
const CAME_ABOUT =
  /\b(?:took|lasted|had|was|were|did|drove|started|wasted|ago|it's been|has been|for years)\b|\btill it\b/i;

/** Somebody to be told, or something to be ordered, lent back or thrown away. */
const ERRAND =
  /^\W*(?:(?:and|then|also|so|must|need to|remember to|don't forget to|i(?:'ll| will| must| need to| have to)|you(?:'ll)? (?:need|have) to) )*(?:(?:tell|ring|order|book|return|hand in) (?:the|your|my|two|three|four|a|an|some|another)\b \w+|give (?:it|the \w+(?: \w+)?|them) back|old \w+ (?:goes )?(?:back )?to the (?:tip|dump|shop|garage|counter))\b/i;
/** At once, and not another day. */
const AT_ONCE = /\b(?:till|until) it \w+(?: \w+)? again\b|\bthen (?:check|look)\b.*\bagain\W*$/i;

const isForLater = (said: string, sentence: string) =>
  ERRAND.test(said) ||
  (LATER.test(said) && !AT_ONCE.test(said)) ||
  (WHEN.test(said) && DONE_LATER.test(sentence) && !CAME_ABOUT.test(sentence));

/** "Check the nuts after 50 miles and the lever at 200": two things, each at its time. */
function eachForLater(said: string): string[] {
  const [first = "", second, ...more] = said.split(/,? and (?=the |\w+ (?:\w+ ){0,3}(?:after|at|in) )/i);
  const verb = /^\W*(?:\w+ ){0,6}?(check|look at|re-?check|re-?torque)\b/i.exec(first)?.[1]?.toLowerCase();
  const isApart = second !== undefined && more.length === 0 && WHEN.test(first) && WHEN.test(second);
  if (!isApart) return [short(said)];
  return [
    short(first),
    short(verb && !DONE_LATER.test(second.split(" ")[0] ?? "") ? `${verb} ${second}` : second),
  ];
}

/** Tools and what is used up that a clause names. */
function things(heard: Heard, clause: Clause, listed: boolean, lists: Lists): void {
  const { terms, sizes } = heard;
  const said = saidIn(heard.text, terms, clause);
  const underTools = headingOver(heard.text, terms, clause) === "tools";
  for (let at = clause.from; at < clause.to; at++) {
    const word = terms[at]?.text ?? "";
    const next = terms[at + 1]?.text ?? "";
    const imperative =
      at === clause.from && Object.hasOwn(ACTIONS, word) && /^(?:the|a|an|it|them|your|both|all)$/.test(next);
    const isTool =
      !imperative &&
      (TOOL_HEADS.has(word) || (underTools && isItem(heard, clause, at))) &&
      !TOOL_HEADS.has(next) &&
      !(isAction(terms, at) && !listed) &&
      (terms[at]?.tag !== "verb" || [at - 1, at - 2].some((n) => /^an?$/.test(terms[n]?.text ?? "")));
    const isUsed =
      CONSUMABLE_HEADS.has(word) &&
      !CONSUMABLE_HEADS.has(next) &&
      !TOOL_HEADS.has(next) &&
      !PART_HEADS.has(next) &&
      !(isAction(terms, at) && !listed);
    const size = sizes.find(
      (one) => one.to === at + 1 && one.kind !== "thread" && (listed || /s$/.test(word)),
    );
    if (listed && size?.kind === "head" && !isTool && !TOOL_HEADS.has(next))
      add(
        lists.tools,
        `${formatHeadSize(size.head)}${/^[TEM]/.test(formatHeadSize(size.head)) || / key$/.test(formatHeadSize(size.head)) ? "" : " socket"}`,
        spanOf(terms, size.from, size.to),
      );
    if (!isTool && !isUsed) continue;
    const { name, from, amount } = nameOf(terms, at, clause.from, sizes);
    const span = spanOf(terms, from, at + 1);
    if (
      isTool &&
      (listed ||
        name.includes(" ") ||
        isMeans(terms, name, from) ||
        /^(?:pliers|mallet|hammer|chocks|stands|ramps|jack|screwdriver|puller|scraper|micrometer|straightedge|multimeter|meter|ratchet)$/.test(
          word,
        ))
    ) {
      if (/^(?:the )?tools?$/.test(name) || (!listed && !isMeans(terms, name, from) && !isTold(word, name)))
        continue;
      add(lists.tools, name, span);
    } else if (isUsed && !listed && (NOT_TO_BE_USED.test(said) || (!amount && IN_PASSING.test(name))))
      continue;
    else if (isUsed) add(lists.consumables, amount ? `${name}, ${amount}` : name, span);
  }
}

/** "With a mirror": what it is done with, whatever else is called so. */
const isMeans = (terms: Heard["terms"], name: string, at: number): boolean =>
  !name.includes(" ") &&
  /^(?:an?|the|my|your|some)$/.test(terms[at - 1]?.text ?? "") &&
  terms[at - 2]?.text === "with";

/** "Front wheels chocked", "up on two stands": what keeps the car where it is, by whatever word it is told. */
function heldBy({ text }: Heard): Noted[] {
  return HELD_BY.flatMap(([name, says]) => {
    const said = says.exec(text);
    return said ? [{ name, span: { start: said.index, end: said.index + said[0].length } }] : [];
  });
}
const HELD_BY: readonly (readonly [name: string, says: RegExp])[] = [
  ["wheel chocks", /\bchock(?:s|ed|ing)?\b/i],
  [
    "axle stands",
    /\b(?:axle|jack|car|safety) stands?\b|\b(?:on|onto|over|two|four|three|the|your|my|with) stands\b|\bstands (?:under|in|out|up|below|beneath|at|on)\b/i,
  ],
];

/** Oils by their grade: "three quarts of 75W-90", "2 litres 5w30". */
function oilsIn(text: string): Noted[] {
  const said =
    /(?:\b((?:\d+(?:[.,]\d+)?|one|two|three|four|five|six|half a)(?: and a half)? ?(?:litres?|liters?|l|quarts?|qts?|pints?))(?: of)? )?\b(\d{1,2}) ?w[- ]?(\d{2})\b( gear)?/gi;
  return [...text.matchAll(said)].map(({ 0: whole, 1: amount, 2: cold, 3: warm, 4: gear, index }) => ({
    name: `${cold}W-${warm}${gear ?? ""} oil${amount ? `, ${amount.toLowerCase()}` : ""}`,
    span: { start: index, end: index + whole.length },
  }));
}

/** Under a heading of tools, the last word of what a line or a part of it names. */
const isItem = ({ text, terms }: Heard, { from, to }: Clause, at: number) =>
  terms[at]?.tag === "noun" &&
  /^[a-z-]+$/.test(terms[at]?.text ?? "") &&
  !/\(\s*$/.test(text.slice(0, terms[from]?.start ?? 0)) &&
  (at === to - 1 || /^(?:and|or|,)$/.test(terms[at + 1]?.text ?? "")) &&
  !CONSUMABLE_HEADS.has(terms[at]?.text ?? "");

/** The sentence in which a clause stands where that is short; else what the clause says, and what leads into it. */
function sentenceFrom({ text, terms, told }: Heard, i: number): string {
  const clause = told[i];
  if (!clause) return "";
  const sentence = told.filter((one) => one.sentence === clause.sentence);
  const [first, last] = [sentence[0] ?? clause, sentence.at(-1) ?? clause];
  if (last.to - first.from <= MOST_WORDS) return saidIn(text, terms, { from: first.from, to: last.to });
  const before = told[i - 1];
  const led =
    before?.sentence === clause.sentence &&
    !DONE_LATER.test(saidIn(text, terms, clause)) &&
    clause.to - before.from <= MOST_WORDS
      ? before.from
      : clause.from;
  return saidIn(text, terms, { from: led, to: Math.min(last.to, led + MOST_WORDS) });
}
const MOST_WORDS = 14;

/** Said twice is one. */
function apart<T extends Noted>(list: readonly T[]): T[] {
  const kept: T[] = [];
  for (const one of list)
    if (
      !kept.some(
        ({ name, span }) => name === one.name || (span.end >= one.span.start && name.includes(one.name)),
      )
    )
      kept.push(one);
  return kept;
}
