import { type Clause, isAction } from "./clauses";
import { type Heard, saidIn } from "./heard";
import type { Term } from "./terms";
import {
  ACTIONS,
  AWAY,
  HEADS,
  HOME,
  NOT_THIS_ONE,
  OTHERS_SAY,
  PART_HEADS,
  THINGS,
  TOOL_HEADS,
  type Way,
} from "./vocabulary";

/** Said of what might be, of others, or of another day. */
const NOT_DONE =
  /^\W*(?:and |so |but |or |then )*(?:if|unless|in case|otherwise|or else|until|till|because|cause|cuz|since|which|who|though|although)\b|\b(?:don'?t|do not|never|can'?t|cannot|won'?t|shouldn'?t|didn'?t|wouldn'?t|could|would|you can|you could|i once|one time|last time|the first time|years? ago|used to|people|somebody|someone|some (?:folks|people)|i'?ve seen|they'?ll|he (?:said|says)|she (?:said|says)|subscribe|sponsor(?:ed)?|comments|welcome|thank)\b/i;
const LATER =
  /\b(?:again|recheck|re-check|next (?:day|week|morning|time)|tomorrow|after (?:a |about )?(?:\w+ )?(?:\d+|hundred|fifty|few|couple|week|day|thousand)|in a (?:week|month|few days))\b/i;
/** Left out of what is done: they say nothing of it. */
export const FILLERS = new Set(
  "just then now so and uh um like well ok okay right alright gonna going to you i we i'm i'll we'll you'll you're really actually basically kind sort of also too very still even only first next please here there your my our its it's that's maybe about little bit again go ahead let's want need have gotta should must simply finally".split(
    " ",
  ),
);

/** What each clause says is done; undefined where nothing is, or only might be. */
export function deedsOf({
  text,
  terms,
  told,
  listing,
  turn,
}: Pick<Heard, "text" | "terms" | "told" | "listing"> & { turn?: number }): (Done | undefined)[] {
  return told.map((clause, i) => {
    const said = saidIn(text, terms, clause);
    if (
      listing.has(i) ||
      NOT_DONE.test(said) ||
      NOT_THIS_ONE.test(said) ||
      OTHERS_SAY.test(said) ||
      (LATER.test(said) && turn !== undefined && i >= turn)
    )
      return undefined;
    return (
      doneIn(terms, clause) ??
      particleIn(terms, clause) ??
      (turn !== undefined && i >= turn ? newIn(terms, clause) : undefined)
    );
  });
}

/**
 * The clause from which things go back: where the fewest come off after it and go on before it, and where it
 * is said best. One place for the whole telling, so that a plug put back on the way turns nothing round.
 */
export function turnOf(heard: Pick<Heard, "text" | "terms" | "told" | "listing" | "torques">): number {
  const { text, terms, told, torques } = heard;
  const deeds = deedsOf(heard);
  // A figure told before anything has come off tells what the bolts are, and not that they go back.
  const firstOff = deeds.findIndex((deed) => deed?.way === "off");
  const weight = deeds.map((deed, i) => {
    const clause = told[i];
    // Nothing goes back before anything has come off, and a rag or a tray put somewhere is no part that goes
    // back.
    if (!clause || i < firstOff || (deed?.way === "on" && MEANWHILE.test(saidIn(text, terms, clause))))
      return 0;
    const torque = torques.some(({ from }) => from >= clause.from && from < clause.to);
    return directionOf(deed) + (torque ? 1.5 : 0);
  });
  // Before the turn what goes on counts against it, after it what comes off.
  let against = weight.reduce((sum, one) => sum + Math.max(0, -one), 0);
  let best = { at: told.length, cost: Infinity };
  for (let at = 0; at <= told.length; at++) {
    const clause = told[at];
    const said = clause ? saidIn(text, terms, clause) : "";
    const cue = turnWeight(said);
    const cost = against - cue;
    if (cost < best.cost) best = { at, cost };
    const one = weight[at] ?? 0;
    against += one;
  }
  return best.at;
}

/** Put somewhere for the time being. */
const MEANWHILE =
  /\b(?:rags?|pan under|tray|bowl|bucket|tub|cardboard|bungs?|block of wood|jack|stands?|chocks?|bag|drawer|box|bin|bench|floor|glasses|gloves|mask|towel|knee|paint mark)\b/i;

/** Says in so many words that it goes together again. */
const TURNS =
  /\b(?:(?:ok|okay|now|so|alright|right|time to|start) (?:we're |i'm |it's )?(?:going|go|putting (?:it|this|everything)) back (?:in|on|together)|back together|let'?s get (?:this|it|that|everything|her|him) (?:all )?back|^re-?fitting|re-?assembl\w+|^assembly|^installation|right then|in reverse|^putting back|new one)\b/i;

export interface Done {
  way: Way;
  says: string;
  /** What it is done to, by word numbers. */
  object: Clause;
  /** Where it goes: "off", "back on". */
  particle: string;
}

function turnWeight(said: string) {
  if (TURNS.test(said)) return 3;
  if (
    /^\W*(?:and |now |so |ok |okay |right |all right |alright |then )*(?:the )?new (?!ones? )\w+/i.test(said)
  )
    return 1.5;
  return 0;
}

function directionOf(deed: Done | undefined) {
  if (deed?.way === "off") return -1;
  if (deed?.way === "on") return 1;
  return 0;
}

/** What a clause says is done, by its verb. */
function doneIn(terms: readonly Term[], { from, to }: Clause): Done | undefined {
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
    if (
      /^(?:take|get|snap|shoot)$/.test(word) &&
      /\b(?:photos?|pictures?|pics?)\b/.test(
        terms
          .slice(at + 1, Math.min(to, at + 6))
          .map((term) => term.text)
          .join(" "),
      )
    )
      return { way: "look", says: "photograph", object: { from: at + 1, to }, particle: "" };
    if (/^(?:wait|leave|let)$/.test(word))
      return {
        way: "either",
        says: word === "wait" ? "wait" : "let",
        object: { from: at + 1, to },
        particle: "",
      };
    if (/^(?:turn)$/.test(word) && /^(?:on|off)$/.test(behind))
      return { way: "safe", says: `switch ${behind}`, object: { from: at + 2, to }, particle: "" };
    // "Lower intake", "lower one": where it is.
    if (
      word === "lower" &&
      terms[at + 1]?.tag !== "determiner" &&
      !/^(?:it|her|them|car|truck|vehicle|down)$/.test(behind)
    )
      return undefined;
    if (word === "torque" && /^wrench/.test(behind)) return undefined;
    // "Lock the two nuts against each other": no tab is bent.
    if (
      word === "lock" &&
      terms.slice(at + 1, Math.min(to, at + 5)).some((term) => HEADS[term.text] === "nut")
    )
      return { way: "on", says: "tighten", object: { from: at + 1, to }, particle: "" };
    if (
      !isAction(terms, at) &&
      !(
        at === from &&
        Object.hasOwn(ACTIONS, word) &&
        terms[at + 1]?.tag !== "verb" &&
        !Object.hasOwn(HEADS, behind) &&
        terms[at + 1]?.tag !== "preposition" &&
        !HOME.has(behind) &&
        !AWAY.has(behind)
      )
    )
      continue;
    const [way, says] = ACTIONS[word] ?? ["either", word];
    const object = { from: at + 1, to };
    const particle = particleAfter(terms, at + 1, to) ?? "";
    if (
      /^(?:put|push|slide|slip|hook|clip|plug|press|thread|pop|drop|set|lift|swing|work|screw|run|turn|twist|wind|take|pull|start|fire)$/.test(
        word,
      )
    ) {
      if (word === "start" && startsEngine(terms, at, to))
        return { way: "prove", says: "start", object, particle };
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
      if (HOME.has(particle) && word !== "start")
        return { way: "on", says: /^(?:plug)$/.test(word) ? "plug in" : "fit", object, particle };
    }
    return { way, says, object, particle };
  }
  return undefined;
}

function plainVerb(word: string, particle: string): string {
  if (word === "take" || word === "pull") return "remove";
  if (word === "lift") return "lift out";
  if (word === "run" || word === "turn" || word === "wind") return "undo";
  return `${word} ${particle}`;
}

/** "Start the engine", "start it up and check": and not "start it by hand", which is a bolt. */
function startsEngine(terms: readonly Term[], at: number, to: number): boolean {
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
function particleAfter(terms: readonly Term[], from: number, to: number): string | undefined {
  for (let at = from; at < Math.min(to, from + 7); at++) {
    const word = terms[at]?.text ?? "";
    if (AWAY.has(word)) return word;
    if (HOME.has(word) && !(/^(?:on|in)$/.test(word) && terms[at + 1]?.tag === "determiner" && at > from + 2))
      return word;
  }
  return undefined;
}

/** "New damper", "new gasket, dry": what is new goes on, once things go back. */
function newIn(terms: readonly Term[], { from, to }: Clause): Done | undefined {
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

const isThing = (word: string) => THINGS.has(word) || PART_HEADS.has(word) || Object.hasOwn(HEADS, word);

/**
 * "cap off", "hoses back on", "drum off", "guard slides off", "the plug goes back in": a thing and where it
 * goes.
 */
function particleIn(terms: readonly Term[], { from, to }: Clause): Done | undefined {
  for (let at = from + 1; at < to; at++) {
    const word = terms[at]?.text ?? "";
    if (
      !AWAY.has(word) &&
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
        (term.tag === "noun" ||
          Object.hasOwn(HEADS, term.text) ||
          term.tag === "number" ||
          TOOL_HEADS.has(term.text)) &&
        !/^(?:way|side|i|you|we|it)$/.test(term.text),
    );
    if (verbs.length > 0 || things.length === 0 || before.length > 9) return undefined;
    const away = AWAY.has(word) && word !== "down" && !/^(?:back)$/.test(terms[at - 1]?.text ?? "");
    return {
      way: away ? "off" : "on",
      says: away ? "remove" : "fit",
      object: { from, to: at },
      particle: word,
    };
  }
  return undefined;
}
