import type { Clause } from "./clauses";
import { type Done, particleAfter } from "./particle";
import type { Term } from "./terms";
import { ACTIONS, AWAY, HEADS, type Way } from "./vocabulary";

/** A verb where it stands in a clause. */
export interface Place {
  terms: readonly Term[];
  at: number;
  to: number;
  word: string;
  /** The word behind it, and all that is said behind it. */
  next: string;
  behind: string;
}

export const placeAt = (terms: readonly Term[], at: number, to: number): Place => ({
  terms,
  at,
  to,
  word: terms[at]?.text ?? "",
  next: terms[at + 1]?.text ?? "",
  behind: terms
    .slice(at + 1, to)
    .map(({ text }) => text)
    .join(" "),
});

/** What a phrase says is done; "none" where it says nothing of the kind, undefined where it is no such phrase. */
type Reading = Done | "none" | undefined;

const done = ({ at, to }: Place, way: Way, says: string, particle = "", from = at + 1): Done => ({
  way,
  says,
  object: { from, to } satisfies Clause,
  particle,
});

/**
 * What is told in more than a verb and its thing: "have a look at", "leave it twenty minutes", "take the weight
 * off". The first that fits.
 */
export function idiomAt(terms: readonly Term[], at: number, to: number): Reading {
  const place = placeAt(terms, at, to);
  for (const read of [fetched, looked, marked, waited, moved]) {
    const reading = read(place);
    if (reading !== undefined) return reading;
  }
  return undefined;
}

/** As idiomAt, of verbs that mean something else of themselves. */
export function turnedAt(terms: readonly Term[], at: number, to: number): Reading {
  const place = placeAt(terms, at, to);
  return switched(place) ?? screwed(place) ?? offByAnyWord(place);
}

/** "Get the cover off", "get the bolts in". */
function fetched(place: Place): Reading {
  const { terms, at, to, word } = place;
  if (
    !/^(?:get|gets|bring|grab)$/.test(word) ||
    !/^(?:determiner|pronoun|noun)$/.test(terms[at + 1]?.tag ?? "")
  )
    return undefined;
  const particle = particleAfter(terms, at + 1, to);
  if (!particle) return undefined;
  return AWAY.has(particle) ? done(place, "off", "remove", particle) : done(place, "on", "fit", particle);
}

function looked(place: Place): Reading {
  const { terms, at, to, word, behind } = place;
  const looks = /^(?:have|take|give)$/.test(word) ? lookAhead(terms, at + 1, to) : undefined;
  if (looks !== undefined) return done(place, "look", "look", "", looks + 1);
  if (!/^(?:take|get|snap|shoot)$/.test(word) || !PICTURED.test(behind)) return undefined;
  // "A photograph of the springs": of the springs.
  const of = terms.findIndex(({ text }, n) => n > at && n < to - 1 && text === "of");
  return done(place, "look", "photograph", "", of < 0 ? at + 1 : of + 1);
}

const PICTURED = /^(?:\S+ ){0,4}?(?:photos?|photographs?|pictures?|pics?)\b/;

const MARK =
  /^(?:(?:a|an|the|some|my|your|little|small|paint|pen|chalk|white|yellow|witness|match|reference|alignment) )*marks?\b/;

const marked = (place: Place): Reading =>
  /^(?:put|make|draw|add|paint|leave|scratch)$/.test(place.word) && MARK.test(place.behind)
    ? done(place, "look", "mark")
    : undefined;

/** "Let it sit overnight", "leave it twenty minutes"; but "let me see" and "no wait" wait for nothing. */
function waited(place: Place): Reading {
  const { terms, at, to, word, next } = place;
  if (!/^(?:wait|leave|let)$/.test(word) || /^(?:me|us)$/.test(next)) return undefined;
  if (word === "let" && particleAfter(terms, at + 1, Math.min(to, at + 5)) === "down")
    return done(place, "on", "lower", "down");
  const first = terms[at + 2];
  if (word !== "wait" && /^(?:it|that|them|em)$/.test(next) && first && isOfTime(first))
    return done(place, "either", "wait", "", at + 2);
  if (word !== "wait") return done(place, "either", "let");
  return terms.slice(at + 1, to).some(isOfTime) ? done(place, "either", "wait") : "none";
}

/** What a wait is for. */
const isOfTime = ({ text, tag }: Term): boolean =>
  tag === "number" ||
  /^(?:minutes?|hours?|until|till|overnight|for|while|days?|seconds?|dry|cool)$/.test(text);

/** The whole vehicle, its weight, or a thing put out of the way. */
function moved(place: Place): Reading {
  const { terms, at, to, word, behind } = place;
  if (
    /^(?:put|get|drive|run|set)$/.test(word) &&
    /\bup (?:on|onto|in) (?:\w+ ){0,2}(?:ramps?|stands?|air|jacks?)\b/.test(behind)
  )
    return done(place, "safe", "raise", "up");
  if (word === "take" && /^(?:the |its |some |up )*(?:weight|load|strain)\b/.test(behind))
    return done(place, "safe", "take");
  if (/^(?:put|set|lay)$/.test(word) && /^(?:aside|away)$/.test(particleAfter(terms, at + 1, to) ?? ""))
    return done(place, "either", "set aside", "aside");
  return undefined;
}

/** "Set the brake", "run it with the heat on", "turn off the ignition". */
function switched(place: Place): Reading {
  const { word, next, behind } = place;
  if (word === "set" && /^(?:\S+ ){0,2}(?:hand)?brakes?\b/.test(behind)) return done(place, "safe", "set");
  if (word === "run" && RUNS_ENGINE.test(behind)) return done(place, "prove", "run");
  if (word === "turn" && /^(?:on|off)$/.test(next))
    return done(place, "safe", `switch ${next}`, "", place.at + 2);
  return undefined;
}

/** "Run it with the heat on", and not "run it in by hand". */
const RUNS_ENGINE =
  /^(?:it|her|him|(?:the )?engine)(?: (?:with|for|until|till|up to|warm|hot|a few|ten|five|fifteen|on)\b|$)/;

/** Verbs that are a fastener's name as well. */
function screwed(place: Place): Reading {
  const { terms, at, to, word, next, behind } = place;
  // "Lower intake", "lower one", "top hose off": where it is.
  if (
    /^(?:lower|top)$/.test(word) &&
    terms[at + 1]?.tag !== "determiner" &&
    !/^(?:it|her|them|car|truck|vehicle|down|up|off)$/.test(next)
  )
    return "none";
  if (word === "torque" && /^wrench/.test(next)) return "none";
  if (/^(?:screw|bolt)$/.test(word) && /^(?:the|it|them|your)$/.test(next)) {
    const particle = particleAfter(terms, at + 1, to) ?? "";
    if (AWAY.has(particle)) return done(place, "off", "undo", particle);
    return done(place, "on", word === "screw" ? "screw in" : "fit", particle);
  }
  // "Lock the two nuts against each other": no tab is bent.
  const locksNuts = behind
    .split(" ")
    .slice(0, 4)
    .some((one) => HEADS[one] === "nut");
  return word === "lock" && locksNuts ? done(place, "on", "tighten") : undefined;
}

/** "Zip that off", "buzz them out": whatever it is called. */
function offByAnyWord(place: Place): Reading {
  const { terms, at, to, word, next } = place;
  const particle = at + 2 < to ? (terms[at + 2]?.text ?? "") : "";
  return terms[at]?.tag === "verb" &&
    !Object.hasOwn(ACTIONS, word) &&
    !NOTHING_OFF.test(word) &&
    /^(?:it|that|this|them|em|those|these)$/.test(next) &&
    /^(?:off|out)$/.test(particle)
    ? done(place, "off", "remove", particle)
    : undefined;
}

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
