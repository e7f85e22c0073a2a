import { formatHeadSize } from "../quantity/read-head-size";
import { isAction, type Clause } from "./clauses";
import { countBefore } from "./counts";
import type { Heard, Noted, Span } from "./heard";
import { singular } from "./mention";
import type { FoundSize } from "./size-words";
import type { Term } from "./terms";
import { HEADS, NOT_IN_NAME } from "./vocabulary";

/** "don't use sealant on it", "no grease on these". */
export const NOT_TO_BE_USED =
  /\b(?:don'?t|do not|never|not)(?: \w+){0,2} (?:use|put|smear|need)\b|\b(?:without|no) (?:any )?(?:grease|oil|sealant|silicone|threadlocker|paste|anti-?seize)\b/i;
/**
 * What a car is full of, or what something is made of, spoken of by one word alone: nothing to have by that.
 */
export const IN_PASSING =
  /^(?:(?:old|little|clean|warm|hot|hit|stuff|getting|including|used) )?(?:oil|fluid|coolant|antifreeze|water|paint|paper|bags?|copper|nickel|ties?)$/;
export const lengthText = (terms: readonly Term[], { from, to }: Clause) =>
  terms
    .slice(from, to)
    .map(({ text }) => text)
    .filter((word) => word !== "-")
    .join(" ")
    .replace(/inch(?:es)?/, "in")
    .replace(/mils?$/, "mm")
    .replace(/^six/, "6")
    .replace(/^ten/, "10")
    .replace(/^three/, "3");
export function sizeName(size: FoundSize, terms: readonly Term[]): string {
  if (size.kind === "head") return formatHeadSize(size.head).replace(/ key$/, "");
  if (size.kind === "drive") return `${size.drive} in`;
  if (size.kind === "length") return lengthText(terms, size);
  return size.text;
}

/** The name that ends at a word: with what stands before it and its size, without articles and counts. */
export function nameOf(
  terms: readonly Term[],
  at: number,
  least: number,
  sizes: Heard["sizes"],
): { name: string; from: number; isNew: boolean; amount: string | undefined; count: number } {
  const words = [terms[at]?.text ?? ""];
  let from = at;
  let isNew = false;
  for (let i = at - 1; i >= least && at - i < 7; i--) {
    const word = terms[i]?.text ?? "";
    const size = sizes.find((one) => one.to === i + 1);
    if (size) {
      words.unshift(sizeName(size, terms));
      i = size.from;
      from = size.from;
      continue;
    }
    if (word === "new") {
      isNew = true;
      break;
    }
    if (word === "-" || word === "drive") continue;
    if (
      (NOT_IN_NAME.has(word) &&
        !/^(?:torque|torx|hex|deep|long|old|little|small|big|short|plain)$/.test(word)) ||
      !/^[a-zà-ÿ'-]+$/.test(word)
    )
      break;
    if (
      !/^(?:noun|adjective|verb|other|adverb)$/.test(terms[i]?.tag ?? "") ||
      (terms[i]?.tag === "verb" && isAction(terms, i))
    )
      break;
    // "both faces plastic scraper", in speech without stops: a plural is no part of the name behind it.
    if (
      terms[i]?.tag === "noun" &&
      /[^s]s$/.test(word) &&
      !/^(?:pads|points|jaws|brakes|springs|glass|gas|nos|circlips|torx)$/.test(word)
    )
      break;
    if (/^(?:mm|mil|inch|millimeter|millimetre|good|decent|proper|nice|old)$/.test(word)) continue;
    words.unshift(word);
    from = i;
  }
  const before = terms
    .slice(Math.max(least, from - 5), from)
    .map(({ text }) => text)
    .join(" ");
  const amount =
    /((?:\d+(?:[.,]\d+)?|one|two|three|four|five|six|half|a|couple)(?: and a half)? ?(?:litres?|liters?|l|quarts?|pints?|ml|cans?|tubes?|bottles?|cartons?))(?: of)?(?: the)?$/.exec(
      before,
    )?.[1];
  return {
    name: words.join(" "),
    from,
    isNew: isNew || /\bnew$/.test(before),
    amount,
    count: countBefore(terms, from, least).count ?? 1,
  };
}

/** A part by its fullest name: "washers" that were "2 copper washers" before. */
export function fullest(name: string, spoken: readonly string[]): string {
  if (name.includes(" ")) return name;
  const fuller = [...new Set(spoken.filter((one) => one.endsWith(` ${name}`)))].sort(
    (a, b) => b.length - a.length,
  );
  return fuller.length > 0 && fuller.length <= 2 ? (fuller[0] ?? name) : name;
}

/** Adds what is not in a list yet; the fuller name of the same stays. */
export function add(list: Noted[], name: string, span: Span): void {
  // How many there are tells no two apart: "washers" are the "2 copper washers".
  const words = (of: string) =>
    new Set(
      of
        .replace(/^\d{1,2} (?!mm\b|in\b)/, "")
        .split(" ")
        .map(singular),
    );
  const mine = words(name);
  const known = list.find((one) => {
    const theirs = words(one.name);
    return [...mine].every((word) => theirs.has(word)) || [...theirs].every((word) => mine.has(word));
  });
  if (!known) list.push({ name, span });
  else if (name.length > known.name.length && !Object.hasOwn(HEADS, name)) known.name = name;
}

/**
 * Names of tools that things of a vehicle have as well, by the words that make each one a tool: a pan to drain
 * into and a pan that is drained, a bar to pry with and a bar that rolls.
 */
const TOOLS_BY: Readonly<Record<string, RegExp>> = {
  pan: /\b(?:drain|catch|drip|big|old|metal|plastic|shallow|\d+ (?:l|litre|quart)) /,
  bar: /\b(?:breaker|breaking|pry|prise|crow|power|knuckle|extension|cheater|\d+ mm|\d+ in|long) /,
  pump: /\b(?:hand|vacuum|suction|transfer|bleeding|grease|oil|fluid|tyre|tire) /,
  key: /\b(?:allen|hex|hexagon|mm|torx|chuck|\d+) /,
  light: /\b(?:work|inspection|trouble|test|timing|head|shop|led) ?/,
  lever: /\b(?:tyre|tire|pry) /,
  bit: /\d|\b(?:allen|hex|torx|spline|star|drill|screwdriver|long|phillips|impact) /,
  handle: /\b(?:hammer|breaker|jack|ratchet|broom) /,
  caliper: /\b(?:vernier|digital|dial) /,
  tray: /\b(?:drip|magnetic|parts|drain) /,
  arm: /^$/,
  head: /^$/,
  wheel: /\b(?:wire|flap|grinding|cutting|polishing|measuring) /,
  kit: /\b(?:press|puller|tap and die|extractor|bleeding|pressing|gauge) /,
  block: /\b(?:wood|wooden|sanding|rubber) /,
  press: / /,
  stand: / /,
  tape: / /,
  pick: / /,
  file: / /,
  hook: / /,
  adapter: / /,
};

/** Whether a tool is meant by a name that things of a vehicle have as well; and by any that they have not. */
export function isTold(word: string, name: string): boolean {
  const by = TOOLS_BY[singular(word)];
  return by === undefined || by.test(name);
}

/** Whether a name that things of a vehicle have as well is a tool's here: "wire wheel", "vernier caliper". */
export const isToolHere = (word: string, name: string): boolean =>
  TOOLS_BY[singular(word)]?.test(name) === true;
