import type { Clause } from "./clauses";
import type { Term } from "./terms";
import { AWAY, HEADS, HOME, PART_HEADS, THINGS, TOOL_HEADS, type Way } from "./vocabulary";

/** What is done to something. */
export interface Done {
  way: Way;
  says: string;
  /** What it is done to, by word numbers. */
  object: Clause;
  /** Where it goes: "off", "back on". */
  particle: string;
}

/** Where a thing goes, behind it: "off", "back on". */
export function particleAfter(terms: readonly Term[], from: number, to: number): string | undefined {
  for (let at = from; at < Math.min(to, from + 7); at++) {
    const word = terms[at]?.text ?? "";
    if (AWAY.has(word)) return word;
    if (HOME.has(word) && !(/^(?:on|in)$/.test(word) && terms[at + 1]?.tag === "determiner" && at > from + 2))
      return word;
  }
  return undefined;
}

export const isThing = (word: string) =>
  THINGS.has(word) || PART_HEADS.has(word) || Object.hasOwn(HEADS, word);
/**
 * "cap off", "hoses back on", "drum off", "guard slides off", "the plug goes back in": a thing and where it
 * goes.
 */
export function particleIn(terms: readonly Term[], { from, to }: Clause): Done | undefined {
  for (let at = from + 1; at < to; at++) {
    const word = terms[at]?.text ?? "";
    if (
      !AWAY.has(word) &&
      !(/^(?:into|onto)$/.test(word) && terms[at + 1]?.tag === "determiner") &&
      !(
        HOME.has(word) &&
        (word === "back" ||
          at === to - 1 ||
          /^(?:by|with|and|till|until|first|next|dry|loose|,)$/.test(terms[at + 1]?.text ?? ""))
      )
    )
      continue;
    // "a nut on the back": where it is.
    if (word === "back" && terms[at - 1]?.tag === "determiner") continue;
    const before = terms.slice(from, at);
    // "The rod that goes down to it", "the tap is down here", "three times over", "middle out".
    const beside = terms[at - 1]?.text ?? "";
    if (
      before.some(({ text }) => /^(?:that|which|where)$/.test(text)) ||
      (/^(?:is|are)$/.test(beside) &&
        (word === "down" || HOME.has(word) || /^(?:determiner|pronoun)$/.test(terms[at + 1]?.tag ?? ""))) ||
      // "The heads are aluminium and the threads come out with the plug."
      before.slice(0, -1).some(({ text }) => /^(?:is|are|was|were)$/.test(text)) ||
      /^(?:times|cent(?:er|re)|middle|criss|cross|ends?|inside|outside)$/.test(beside)
    )
      return undefined;
    const verbs = before.filter(
      (term) =>
        term.tag === "verb" &&
        !isThing(term.text) &&
        !/^(?:comes?|goes|go|come|slides?|pulls?|lifts?|drops?|pops?|wants?|bolts?|clips?|plugs?|screws?|is|are|pushes|back)$/.test(
          term.text,
        ),
    );
    const things = before.filter(
      (term) =>
        (term.tag === "noun" || isThing(term.text) || term.tag === "number" || TOOL_HEADS.has(term.text)) &&
        !/^(?:way|side|i|you|we|it)$/.test(term.text),
    );
    const named = things.some(({ text, tag }) => tag !== "number" && !NO_PART.test(text));
    if (verbs.length > 0 || !(named || COUNTED.test(wordsOf(before))) || before.length > 9) return undefined;
    const held = /^(?:hand)?brake$/.test(things.at(-1)?.text ?? "") && /^(?:on|off)$/.test(word);
    if (held && before.length <= 4)
      return {
        way: "safe",
        says: word === "off" ? "release" : "set",
        object: { from, to: thingEnd(terms, from, at) },
        particle: word,
      };
    const switched = things.every((term) => SWITCHED.test(term.text));
    if (switched && /^(?:on|off)$/.test(word))
      return {
        way: word === "off" ? "safe" : "prove",
        says: `switch ${word}`,
        object: { from, to: thingEnd(terms, from, at) },
        particle: word,
      };
    const away = AWAY.has(word) && word !== "down" && !/^(?:back)$/.test(terms[at - 1]?.text ?? "");
    return {
      way: away ? "off" : "on",
      says: away ? "remove" : "fit",
      object: { from, to: thingEnd(terms, from, at) },
      particle: word,
    };
  }
  return undefined;
}

const wordsOf = (terms: readonly Term[]): string => terms.map(({ text }) => text).join(" ");

/** "All four off": of what was spoken of. */
const COUNTED = /^(?:(?:and|then|get|got) )*(?:all|the other|those|these|both) (?:\w+)$/;
/** Where something is, how far, or how much: no part that comes off or goes on. */
const NO_PART =
  /^(?:front|back|rear|top|bottom|middle|ends?|corners?|half|quarter|air|gas|pressure|direction|cross|hand|mil|mm|inch|inches|hang|hold|times?|twice|once|guys?|t|e|m|hex|minutes?|drill|bench|floor|ground|fit|film)$/;

/** "Ignition off": nothing comes off the car. */
const SWITCHED =
  /^(?:ignition|engine|lights?|headlights?|heater|heat|heating|blower|radio|key|power|current|everything)$/;

/** Behind the last thing that is named, before "comes", "just slides". */
function thingEnd(terms: readonly Term[], from: number, to: number): number {
  let end = to;
  while (
    end > from + 1 &&
    /^(?:comes?|goes|go|slides?|pulls?|lifts?|drops?|pops?|just|away)$/.test(terms[end - 1]?.text ?? "")
  )
    end--;
  return end;
}
