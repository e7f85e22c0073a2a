import { isAction, type Clause } from "./clauses";
import { idiomAt, turnedAt } from "./idiom";
import { isCompound, isOnlySaid } from "./only-said";
import { type Done, isThing, particleAfter } from "./particle";
import type { Term } from "./terms";
import { ACTIONS, AWAY, CONSUMABLE_HEADS, HEADS, HOME, PART_HEADS, THINGS, TOOL_HEADS } from "./vocabulary";

export const LATER =
  /\b(?:again|recheck|re-check|next (?:day|week|morning|time)|tomorrow|after (?:a |about )?(?:\w+ )?(?:\d+|hundred|fifty|few|couple|week|day|thousand)|in a (?:week|month|few days))\b/i;
/** What a clause says is done, by its verb. */
export function doneIn(terms: readonly Term[], { from, to }: Clause): Done | undefined {
  for (let at = from; at < to && at < from + 9 && leadsIn(terms, from, at); at++) {
    if (at === from && isCalled(terms, at)) return undefined;
    const idiom =
      idiomAt(terms, at, to) ??
      (isOnlySaid(terms, at, to) || isCompound(terms, at, from) ? "none" : undefined) ??
      turnedAt(terms, at, to);
    if (idiom === "none") return undefined;
    if (idiom) return idiom;
    if (isAction(terms, at) || (at === from && isBareAction(terms, at))) return byVerb(terms, at, to);
  }
  return undefined;
}

/** Whether what stands before a word in its clause only leads to it: "and then you can carefully …". */
const leadsIn = (terms: readonly Term[], from: number, at: number): boolean =>
  terms
    .slice(from, at)
    .every(
      (term) =>
        FILLERS.has(term.text) ||
        /^(?:pronoun|adverb|conjunction|mark|number|other)$/.test(term.tag) ||
        /^(?:'ve|i've|got|get|is|are|was|be|been|being|can|will|goes|with|carefully|slowly|gently)$/.test(
          term.text,
        ),
    );

/** "Mount off", "jack away", "lock to lock": what something is called, and no verb. */
function isCalled(terms: readonly Term[], at: number): boolean {
  const [word, next, after] = [0, 1, 2].map((n) => terms[at + n]?.text ?? "");
  // "Drain it (plug on the radiator)".
  if (terms[at - 1]?.text === "(" && word !== undefined && Object.hasOwn(HEADS, word)) return true;
  return (
    word !== undefined &&
    next !== undefined &&
    (THINGS.has(word) || PART_HEADS.has(word) || TOOL_HEADS.has(word) || Object.hasOwn(HEADS, word)) &&
    (AWAY.has(next) || (next === "to" && after === word))
  );
}

/** At the head of a clause a verb is one though the tagger calls it a noun, unless what follows makes it one. */
function isBareAction(terms: readonly Term[], at: number): boolean {
  const [word, next] = [terms[at]?.text ?? "", terms[at + 1]?.text ?? ""];
  return (
    Object.hasOwn(ACTIONS, word) &&
    !/^(?:verb|mark|preposition)$/.test(terms[at + 1]?.tag ?? "") &&
    !Object.hasOwn(HEADS, next) &&
    (!HOME.has(next) || (next === "back" && MOVES_BACK.test(word))) &&
    !AWAY.has(next)
  );
}

/** What a verb says is done, with where the thing goes. */
function byVerb(terms: readonly Term[], at: number, to: number): Done | undefined {
  const word = terms[at]?.text ?? "";
  const [way, says] = ACTIONS[word] ?? ["either", word];
  const object = { from: at + 1, to };
  const particle = particleAfter(terms, at + 1, to) ?? "";
  // "They break every time": what happens, and nothing that is done.
  if (/^(?:they|it|he|she|which|people)$/.test(terms[at - 1]?.text ?? "") && particle === "")
    return undefined;
  if (word === "pump" && terms.slice(at, to).some((term) => CONSUMABLE_HEADS.has(term.text)))
    return { way: "on", says: "fill", object, particle: "" };
  // "Drive the pin out": and nobody is on the road.
  const isDriven =
    /^(?:drive|driving|drove)$/.test(word) && !/\b(?:car|van|truck)\b/.test(objectOf(terms, at, to));
  if (isDriven && /^(?:out|off|down)$/.test(particle))
    return { way: "off", says: "tap out", object, particle };
  if (isDriven && /^(?:in|home)$/.test(particle)) return { way: "on", says: "tap in", object, particle };
  if (!GOES_EITHER_WAY.test(word)) return { way, says, object, particle };
  if (word === "start" && startsEngine(terms, at, to))
    return { way: "prove", says: "start", object, particle };
  // "Run it down", until it is home.
  if (/^(?:run|screw|wind|thread|spin)$/.test(word) && particle === "down")
    return { way: "on", says: `${word} down`, object, particle };
  if (TAKES_AWAY.test(word) && AWAY.has(particle))
    return { way: "off", says: plainVerb(word, particle), object, particle };
  // "Slide the clamp back", "peel the sheet back": out of the way, unless it goes back on.
  if (MOVES_BACK.test(word) && particle === "back" && !goesBackOn(terms, at, to))
    return { way: "either", says: `${word} back`, object, particle };
  if (HOME.has(particle) && word !== "start")
    return { way: "on", says: word === "plug" ? "plug in" : "fit", object, particle };
  return { way, says, object, particle };
}

const objectOf = (terms: readonly Term[], at: number, to: number): string =>
  terms
    .slice(at + 1, to)
    .map(({ text }) => text)
    .join(" ");

/** Verbs whose way is told by where the thing goes. */
const GOES_EITHER_WAY =
  /^(?:put|push|slide|slip|hook|clip|plug|press|thread|pop|drop|set|lift|swing|work|screw|run|turn|twist|wind|take|pull|peel|fold|roll|start|fire)$/;
const TAKES_AWAY = /^(?:take|pull|lift|pop|slide|slip|twist|run|turn|wind|screw|work|swing)$/;

/** Verbs that with "back" alone move a thing out of the way. */
const MOVES_BACK = /^(?:slide|push|pull|press|peel|fold|roll|pry|bend|squeeze|turn|wind)$/;

const goesBackOn = (terms: readonly Term[], from: number, to: number): boolean =>
  terms
    .slice(from, to)
    .some(
      ({ text }, n, all) =>
        text === "back" && /^(?:on|onto|in|into|over|up|together|where)$/.test(all[n + 1]?.text ?? ""),
    );

function plainVerb(word: string, particle: string): string {
  if (word === "take" || word === "pull") return "remove";
  if (word === "lift") return "lift out";
  if (word === "run" || word === "turn" || word === "wind") return "undo";
  return `${word} ${particle}`;
}

/** "Start the engine", "start it up and check": and not "start it by hand", which is a bolt. */
function startsEngine(terms: readonly Term[], at: number, to: number): boolean {
  const behind = objectOf(terms, at, to);
  return (
    /^(?:\w+ ){0,2}(?:engine|car|motor|truck|van|up)\b|^(?:it|her)(?: and\b|$)/.test(behind) &&
    !/\bhand|finger|thread/.test(behind)
  );
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

/** Left out of what is done: they say nothing of it. */
export const FILLERS = new Set(
  "just then now so and uh um like well ok okay right alright gonna going to you i we i'm i'll we'll you'll you're really actually basically kind sort of also too very still even only first next please here there your my our its it's that's maybe about little bit again go ahead let's want need have gotta should must simply finally".split(
    " ",
  ),
);
