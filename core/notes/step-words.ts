import { FILLERS } from "./done";
import { singular } from "./mention";
import { type Done } from "./particle";
import { spokenNumber } from "./spoken-number";
import type { Term } from "./terms";
import { CONSUMABLE_HEADS, HEADS, NO_THING, PART_HEADS, THINGS, TOOL_HEADS } from "./vocabulary";
import { torqueUnitAt } from "./written-torque";

export const SOMETHING_ELSE =
  /^(?:which|who|because|cause|so|but|till|til|until|i|you|he|she|they|we|what|when|where|how|if|listen|look|while|or|\w+'(?:s|re|m|ll|ve|d)|don't|can't|won't|ain't|isn't|is|are|was|were)$/;
/** Things that steps are about beside those that fasteners hold. */
export const NAMED_BESIDE = new Set(
  "handbrake brake brakes car vehicle truck van trailer level leak leaks light lights photo picture mark line lines thread threads face faces surface surfaces wire wires connector connectors magnet ball jack engine wheel wheels lever tab lip edge hole holes boot panel bulb fuse tooth teeth crack cracks weep weeps drip drips rust idle brush fluid gauge key ignition pedal glass lens grommet sleeve groove weight load slope hill road block circuit washer ring".split(
    " ",
  ),
);

/** Whether a word names a thing of a vehicle, of a job, or what it is done with. */
export const isNamed = (word: string) =>
  Object.hasOwn(HEADS, word) ||
  [word, singular(word)].some(
    (one) => THINGS.has(one) || PART_HEADS.has(one) || CONSUMABLE_HEADS.has(one) || NAMED_BESIDE.has(one),
  ) ||
  TOOL_HEADS.has(word);
export function isFurtherThing(terms: readonly Term[], at: number, to: number): boolean {
  for (let i = at; i < Math.min(to, at + 3); i++) {
    const term = terms[i];
    if (term && isNamed(term.text)) return true;
    if (!term || !/^(?:determiner|adjective|number|noun)$/.test(term.tag)) return false;
  }
  return false;
}

/** What is meant where nothing is named. */
export const WHAT_ELSE: Readonly<Record<string, string>> = {
  chock: "wheels",
  raise: "car",
  support: "car",
  lower: "car",
  fill: "system",
  drive: "car",
  start: "engine",
  run: "engine",
  test: "car",
  pump: "pedal",
};

/** Told of another day, or of what might be. */
export const NEVER_SO =
  /^\W*(?:and |so |but )?(?:if|unless|when|until|till)\b|\b(?:last time|years? ago|used to|would|could)\b/i;
/** What a thing in hand is called when it is not called by its name. */
const POINTED = /^(?:guys?|suckers?|thing|things|one|ones|boys?|fella|beast|dude|critter)$/;
const POINTING = /\b(?:it|them|that|those|this|em|these)\b/i;

/**
 * The teller's own words where they are few enough for a line, and speak of a thing by its name: a word that
 * points at one thing is that thing, where it is known, and stands as it is where it is told that it is not ("").
 */
export function ownWords(said: string, meant?: string): string | undefined {
  const words = said
    .replace(/\s+/g, " ")
    .replace(
      /^(?:(?:and|so|but|then|now|ok|okay|alright|right|well|also|uh|um|just|first|i'm|i|you|we|we're|gonna|going to|want to|gotta|want|have to|need to|can|go ahead and|what you do is|step|\d+)\b[ ,.:]*|[-–*•] *)+/gi,
      "",
    )
    .trim();
  const count = words.split(" ").length;
  if (count < 2 || count > 13) return undefined;
  if (meant === undefined) return POINTING.test(words) ? undefined : words;
  const named = meant === "" ? words : words.replace(POINTING, `the ${meant}`);
  return (named.match(new RegExp(POINTING, "gi")) ?? []).length > (meant === "" ? 1 : 0) ? undefined : named;
}

const HOW_FAR = /^(?:all the|the whole|the rest of the) way\b/;
/** "With a flat screwdriver", "with your hand". */
const WITH_A_TOOL = new RegExp(
  `^with (?:(?:a|an|the|my|your|one|two|some) )?(?:[a-z0-9-]+ ){0,2}?(?:hands?|fingers?|${[...TOOL_HEADS].join("|")})s?\\b`,
);

const textFrom = (terms: readonly Term[], from: number, to: number) =>
  terms
    .slice(from, Math.min(to, from + 6))
    .map(({ text }) => text)
    .join(" ");

/**
 * What it is done to, in a few words: without fillers, a pronoun by what it stands for. `named` where the
 * clause itself names a thing.
 */
export function whatOf(
  terms: readonly Term[],
  { object, particle }: Done,
  last: string | undefined,
  thing?: string,
): { what: string; named: boolean; stood: boolean; meant: string | undefined } {
  const words: string[] = [];
  let named = false;
  let stood = false;
  let meant: string | undefined;
  for (let at = object.from; at < object.to && words.length < 11; at++) {
    const term = terms[at];
    if (!term || term.text === "\n") break;
    if (
      /^(?:it|them|em|that|those|these|this|both|they)$/.test(term.text) &&
      !named &&
      !stood &&
      (!/^(?:noun|adjective|number)$/.test(terms[at + 1]?.tag ?? "") ||
        POINTED.test(terms[at + 1]?.text ?? ""))
    ) {
      // "That guy", "those suckers": whatever was spoken of.
      if (POINTED.test(terms[at + 1]?.text ?? "")) at++;
      // "Four 18 mm bolts, drop it": not the bolts.
      meant = thing && last && /s$/.test(last) && /^(?:it|that|this)$/.test(term.text) ? thing : last;
      if (meant && !words.includes(meant)) words.push(meant);
      stood = true;
      continue;
    }
    // "All the way", "the whole way": how far.
    const way = HOW_FAR.exec(textFrom(terms, at, object.to));
    if (way) {
      at += way[0].split(" ").length - 1;
      continue;
    }
    // "Tap it out with a punch": how it is done.
    if (term.text === "with" && WITH_A_TOOL.test(textFrom(terms, at, object.to))) break;
    // Where somebody else or something else begins, the thing is told.
    if (
      words.length > 0 &&
      (SOMETHING_ELSE.test(term.text) || (term.text === "and" && !isFurtherThing(terms, at + 1, object.to)))
    )
      break;
    if (
      FILLERS.has(term.text) ||
      /^(?:the|a|an|up|with|this|those|these|some|any|them|it)$/.test(term.text) ||
      term.text === particle ||
      (term.tag === "mark" && !/[/.]/.test(term.text))
    )
      continue;
    // "Mark round them": where, and no thing that is called so.
    if (/^(?:a?round)$/.test(term.text) && words.length === 0) {
      words.push(term.text);
      continue;
    }
    // A torque and its unit stand on the fastener.
    const number = spokenNumber(terms, at);
    const unit = number && torqueUnitAt(terms, number.next);
    if (unit) {
      at = unit.next - 1;
      continue;
    }
    // "The new one", "the old ones".
    if (/^ones?$/.test(term.text) && /^(?:new|old)$/.test(terms[at - 1]?.text ?? "")) named = true;
    if (isNamed(term.text) || (term.tag === "noun" && !NO_THING.has(term.text) && !POINTED.test(term.text)))
      named = true;
    words.push(term.text.replace(/'s$/, ""));
  }
  return { what: words.join(" ").trim(), named, stood, meant };
}
