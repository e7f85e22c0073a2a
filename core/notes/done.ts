import { isAction, type Clause } from "./clauses";
import type { Term } from "./terms";
import {
  ACTIONS,
  AWAY,
  CONSUMABLE_HEADS,
  HEADS,
  HOME,
  PART_HEADS,
  THINGS,
  TOOL_HEADS,
  type Way,
} from "./vocabulary";

export interface Done {
  way: Way;
  says: string;
  /** What it is done to, by word numbers. */
  object: Clause;
  /** Where it goes: "off", "back on". */
  particle: string;
}

export const LATER =
  /\b(?:again|recheck|re-check|next (?:day|week|morning|time)|tomorrow|after (?:a |about )?(?:\w+ )?(?:\d+|hundred|fifty|few|couple|week|day|thousand)|in a (?:week|month|few days))\b/i;
/** What a clause says is done, by its verb. */
export function doneIn(terms: readonly Term[], { from, to }: Clause): Done | undefined {
  const text = (n: number) => terms[n]?.text ?? "";
  for (let at = from; at < to && at < from + 9; at++) {
    const word = terms[at]?.text ?? "";
    const behind = terms[at + 1]?.text ?? "";
    const lead =
      at === from ||
      terms
        .slice(from, at)
        .every(
          (term) =>
            FILLERS.has(term.text) ||
            /^(?:pronoun|adverb|conjunction|mark|number)$/.test(term.tag) ||
            /^(?:'ve|i've|got|get|is|are|was|be|been|being|can|will|goes|with|carefully|slowly|gently)$/.test(
              term.text,
            ) ||
            term.tag === "other",
        );
    if (!lead) break;
    // "Mount off", "jack away", "lock to lock": what something is called, and no verb.
    if (
      at === from &&
      (THINGS.has(word) || PART_HEADS.has(word) || TOOL_HEADS.has(word) || Object.hasOwn(HEADS, word)) &&
      (AWAY.has(behind) || (behind === "to" && text(at + 2) === word))
    )
      return undefined;
    if (
      /^(?:get|gets|bring|grab)$/.test(word) &&
      (terms[at + 1]?.tag === "determiner" ||
        terms[at + 1]?.tag === "pronoun" ||
        terms[at + 1]?.tag === "noun")
    ) {
      const particle = particleAfter(terms, at + 1, to);
      if (particle && AWAY.has(particle))
        return { way: "off", says: "remove", object: { from: at + 1, to }, particle };
      if (particle) return { way: "on", says: "fit", object: { from: at + 1, to }, particle };
      continue;
    }
    const looks = /^(?:have|take|give)$/.test(word) ? lookAhead(terms, at + 1, to) : undefined;
    if (looks !== undefined)
      return { way: "look", says: "look", object: { from: looks + 1, to }, particle: "" };
    if (
      /^(?:take|get|snap|shoot)$/.test(word) &&
      /\b(?:photos?|photographs?|pictures?|pics?)\b/.test(
        terms
          .slice(at + 1, Math.min(to, at + 6))
          .map((term) => term.text)
          .join(" "),
      )
    )
      return { way: "look", says: "photograph", object: { from: at + 1, to }, particle: "" };
    if (
      /^(?:put|make|draw|add|paint|leave|scratch)$/.test(word) &&
      /^(?:(?:a|an|the|some|my|your|little|small|paint|pen|chalk|white|yellow|witness|match|reference|alignment) )*marks?\b/.test(
        terms
          .slice(at + 1, Math.min(to, at + 6))
          .map((term) => term.text)
          .join(" "),
      )
    )
      return { way: "look", says: "mark", object: { from: at + 1, to }, particle: "" };
    // "Let me see", "no wait": nobody waits for anything.
    if (/^(?:wait|leave|let)$/.test(word)) {
      if (/^(?:me|us)$/.test(behind)) continue;
      if (word === "let" && particleAfter(terms, at + 1, Math.min(to, at + 5)) === "down")
        return { way: "on", says: "lower", object: { from: at + 1, to }, particle: "down" };
      // "Leave it twenty minutes".
      const left =
        word !== "wait" && /^(?:it|that|them|em)$/.test(behind) && isOfTime(terms[at + 2] ?? NOTHING);
      if (left) return { way: "either", says: "wait", object: { from: at + 2, to }, particle: "" };
      if (word === "wait" && !terms.slice(at + 1, to).some(isOfTime)) return undefined;
      return {
        way: "either",
        says: word === "wait" ? "wait" : "let",
        object: { from: at + 1, to },
        particle: "",
      };
    }
    const object1 = words(terms, at + 1, to);
    if (
      /^(?:put|get|drive|run|set)$/.test(word) &&
      /\bup (?:on|onto|in) (?:\w+ ){0,2}(?:ramps?|stands?|air|jacks?)\b/.test(object1)
    )
      return { way: "safe", says: "raise", object: { from: at + 1, to }, particle: "up" };
    // "Take the weight off it with the jack".
    if (word === "take" && /^(?:the |its |some |up )*(?:weight|load|strain)\b/.test(object1))
      return { way: "safe", says: "support", object: { from: at + 1, to }, particle: "" };
    if (/^(?:put|set|lay)$/.test(word) && /^(?:aside|away)$/.test(particleAfter(terms, at + 1, to) ?? ""))
      return { way: "either", says: "set aside", object: { from: at + 1, to }, particle: "aside" };
    if (isOnlySaid(terms, at, to) || isCompound(terms, at, from)) return undefined;
    if (word === "set" && terms.slice(at + 1, at + 4).some((term) => /^(?:hand)?brakes?$/.test(term.text)))
      return { way: "safe", says: "set", object: { from: at + 1, to }, particle: "" };
    if (word === "run" && /^(?:it|her|him|the|engine)\b/.test(behind) && runsEngine(terms, at, to))
      return { way: "prove", says: "run", object: { from: at + 1, to }, particle: "" };
    if (/^(?:turn)$/.test(word) && /^(?:on|off)$/.test(behind))
      return { way: "safe", says: `switch ${behind}`, object: { from: at + 2, to }, particle: "" };
    // "Lower intake", "lower one", "top hose off": where it is.
    if (
      /^(?:lower|top)$/.test(word) &&
      terms[at + 1]?.tag !== "determiner" &&
      !/^(?:it|her|them|car|truck|vehicle|down|up|off)$/.test(behind)
    )
      return undefined;
    if (word === "torque" && /^wrench/.test(behind)) return undefined;
    if (/^(?:screw|bolt)$/.test(word) && /^(?:the|it|them|your)$/.test(behind)) {
      const particle = particleAfter(terms, at + 1, to) ?? "";
      const object = { from: at + 1, to };
      return AWAY.has(particle)
        ? { way: "off", says: "undo", object, particle }
        : { way: "on", says: word === "screw" ? "screw in" : "fit", object, particle };
    }
    // "Lock the two nuts against each other": no tab is bent.
    if (
      word === "lock" &&
      terms.slice(at + 1, Math.min(to, at + 5)).some((term) => HEADS[term.text] === "nut")
    )
      return { way: "on", says: "tighten", object: { from: at + 1, to }, particle: "" };
    // "Zip that off", by whatever word.
    if (isOffByAnyWord(terms, at, to))
      return { way: "off", says: "remove", object: { from: at + 1, to }, particle: text(at + 2) };
    if (
      !isAction(terms, at) &&
      !(
        at === from &&
        Object.hasOwn(ACTIONS, word) &&
        terms[at + 1]?.tag !== "verb" &&
        terms[at + 1]?.tag !== "mark" &&
        !Object.hasOwn(HEADS, behind) &&
        terms[at + 1]?.tag !== "preposition" &&
        (!HOME.has(behind) || (behind === "back" && MOVES_BACK.test(word))) &&
        !AWAY.has(behind)
      )
    )
      continue;
    const [way, says] = ACTIONS[word] ?? ["either", word];
    const object = { from: at + 1, to };
    // "They break every time": what happens, and nothing that is done.
    if (
      /^(?:they|it|he|she|which|people)$/.test(text(at - 1)) &&
      particleAfter(terms, at + 1, to) === undefined
    )
      return undefined;
    if (word === "pump" && terms.slice(at, to).some((term) => CONSUMABLE_HEADS.has(term.text)))
      return { way: "on", says: "fill", object, particle: "" };
    const particle = particleAfter(terms, at + 1, to) ?? "";
    if (
      /^(?:put|push|slide|slip|hook|clip|plug|press|thread|pop|drop|set|lift|swing|work|screw|run|turn|twist|wind|take|pull|peel|fold|roll|start|fire)$/.test(
        word,
      )
    ) {
      if (word === "start" && startsEngine(terms, at, to))
        return { way: "prove", says: "start", object, particle };
      // "Run it down", until it is home.
      if (/^(?:run|screw|wind|thread|spin)$/.test(word) && particle === "down")
        return { way: "on", says: `${word} down`, object, particle };
      if (
        /^(?:take|pull|lift|pop|slide|slip|twist|run|turn|wind|screw|work|swing)$/.test(word) &&
        AWAY.has(particle)
      )
        return {
          way: "off",
          says: plainVerb(word, particle),
          object,
          particle,
        };
      // "Slide the clamp back", "peel the sheet back": out of the way, unless it goes back on.
      if (MOVES_BACK.test(word) && particle === "back" && !goesBackOn(terms, at, to))
        return { way: "either", says: `${word} back`, object, particle };
      if (HOME.has(particle) && word !== "start")
        return { way: "on", says: /^(?:plug)$/.test(word) ? "plug in" : "fit", object, particle };
    }
    return { way, says, object, particle };
  }
  return undefined;
}

const words = (terms: readonly Term[], from: number, to: number): string =>
  terms
    .slice(from, to)
    .map(({ text }) => text)
    .join(" ");

const NOTHING: Term = { text: "", tag: "other", start: 0, end: 0 };

/** What a wait is for. */
const isOfTime = ({ text, tag }: Term): boolean =>
  tag === "number" ||
  /^(?:minutes?|hours?|until|till|overnight|for|while|days?|seconds?|dry|cool)$/.test(text);

/** Said with the verb of a deed, and none: "do every step", "take your time", "see the tear here". */
function isOnlySaid(terms: readonly Term[], at: number, to: number): boolean {
  const text = (n: number) => (n < to ? (terms[n]?.text ?? "") : "");
  const [word, next, after] = [text(at), text(at + 1), text(at + 2)];
  if (/^(?:themselves|itself|yourself|himself)$/.test(next)) return true;
  switch (word) {
    case "do":
      return !terms.slice(at + 1, Math.min(to, at + 7)).some((term) => Object.hasOwn(HEADS, term.text));
    case "turn":
    case "turned":
      // "It turned out to be the switch."
      return next === "out" && /^(?:to|that|it)$/.test(after);
    case "paint":
      return terms[at + 1]?.tag === "mark";
    case "took":
      // "Took me five hours".
      return !/^(?:the|it|them|em|that|those|this|these|my|off|out)$/.test(next);
    case "take":
      // "Take it for a drive" is said among what proves it.
      if (after === "for" && text(at + 3) === "a") return true;
      return /^(?:time|care|note|turns?|break)$/.test(/^(?:your|a|good|extra|it)$/.test(next) ? after : next);
    case "see":
    case "feel":
      return !/^(?:if|whether|how|for|that)$/.test(next) || (/^(?:that|for)$/.test(next) && after === "");
    case "look":
    case "listen":
      return /^(?:here|carefully|now|guys|folks)$/.test(next);
    case "start":
      return /^(?:over|again|with|from|at|in|on)$/.test(next);
    default:
      return false;
  }
}

/** Verbs that with the name of a fastener or of a part behind are its name: "drain plug", "feed hose". */
const NAMES_IT =
  /^(?:drain|fill|bleed|pinch|lock|push|set|drive|press|lift|slide|hook|clip|tap|cap|feed|pump|brake)$/;

function isCompound(terms: readonly Term[], at: number, from: number): boolean {
  const [word, next, after] = [0, 1, 2].map((n) => terms[at + n]?.text ?? "");
  if (at !== from || !NAMES_IT.test(word ?? "")) return false;
  if (Object.hasOwn(HEADS, next ?? "")) return true;
  return (
    terms[at + 1]?.tag === "noun" &&
    !/^(?:em|them|it)$/.test(next ?? "") &&
    (AWAY.has(after ?? "") || HOME.has(after ?? ""))
  );
}

/** "Run it with the heat on", and not "run it in by hand". */
const runsEngine = (terms: readonly Term[], at: number, to: number): boolean =>
  /^(?:it|her|him|(?:the )?engine)(?: (?:with|for|until|till|up to|warm|hot|a few|ten|five|fifteen|on)\b|$)/.test(
    terms
      .slice(at + 1, to)
      .map((term) => term.text)
      .join(" "),
  );

/** "Zip that off", "buzz them out": whatever it is called. */
const isOffByAnyWord = (terms: readonly Term[], at: number, to: number): boolean =>
  terms[at]?.tag === "verb" &&
  at + 2 < to &&
  !Object.hasOwn(ACTIONS, terms[at]?.text ?? "") &&
  !NOTHING_OFF.test(terms[at]?.text ?? "") &&
  /^(?:it|that|this|them|em|those|these)$/.test(terms[at + 1]?.text ?? "") &&
  /^(?:off|out)$/.test(terms[at + 2]?.text ?? "");

/** Verbs that with "out" and "off" take nothing off. */
const NOTHING_OFF =
  /^(?:find|found|figure|sort|let|throw|help|write|rule|point|leave|hand|print|read|give|sell|call|put|keep|start|set|finish|top|round|switch|shut|see|hold|have|is|was)$/;

/** Where "look" stands in "(have) a good look at the rubbers". */
function lookAhead(terms: readonly Term[], from: number, to: number): number | undefined {
  for (let at = from; at < Math.min(to, from + 5); at++)
    if (
      terms[at]?.text === "look" &&
      /^(?:a|an|another|good|close|quick|little|proper)$/.test(terms[at - 1]?.text ?? "")
    )
      return at;
  return undefined;
}

/** Verbs that with "back" alone move a thing out of the way. */
const MOVES_BACK = /^(?:slide|push|pull|press|peel|fold|roll|pry|bend|squeeze|turn|wind)$/;

const goesBackOn = (terms: readonly Term[], from: number, to: number): boolean =>
  terms
    .slice(from, to)
    .some(
      ({ text }, n, all) =>
        text === "back" && /^(?:on|onto|in|into|over|up|together|where)$/.test(all[n + 1]?.text ?? ""),
    );

export function plainVerb(word: string, particle: string): string {
  if (word === "take" || word === "pull") return "remove";
  if (word === "lift") return "lift out";
  if (word === "run" || word === "turn" || word === "wind") return "undo";
  return `${word} ${particle}`;
}

/** "Start the engine", "start it up and check": and not "start it by hand", which is a bolt. */

export function startsEngine(terms: readonly Term[], at: number, to: number): boolean {
  const behind = terms
    .slice(at + 1, to)
    .map((term) => term.text)
    .join(" ");
  return (
    /^(?:\w+ ){0,2}(?:engine|car|motor|truck|van|up)\b|^(?:it|her)(?: and\b|$)/.test(behind) &&
    !/\bhand|finger|thread/.test(behind)
  );
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

/** "New damper", "new gasket, dry": what is new goes on, once things go back. */
export function newIn(terms: readonly Term[], { from, to }: Clause): Done | undefined {
  let at = from;
  while (
    at < to &&
    (FILLERS.has(terms[at]?.text ?? "") ||
      terms[at]?.tag === "mark" ||
      /^(?:the|a|two|three|four|both)$/.test(terms[at]?.text ?? ""))
  )
    at++;
  if (terms[at]?.text !== "new" || to - at > 7) return undefined;
  const thing = terms.slice(at + 1, to).some((term) => term.tag === "noun" || isThing(term.text));
  const verb = terms
    .slice(at + 1, to)
    .some((term) => term.tag === "verb" && !isThing(term.text) && !/ed$/.test(term.text));
  return thing && !verb ? { way: "on", says: "fit", object: { from: at, to }, particle: "" } : undefined;
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
    if (verbs.length > 0 || things.length === 0 || before.length > 9) return undefined;
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

/** Left out of what is done: they say nothing of it. */
export const FILLERS = new Set(
  "just then now so and uh um like well ok okay right alright gonna going to you i we i'm i'll we'll you'll you're really actually basically kind sort of also too very still even only first next please here there your my our its it's that's maybe about little bit again go ahead let's want need have gotta should must simply finally".split(
    " ",
  ),
);
