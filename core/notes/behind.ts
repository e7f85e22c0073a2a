import { text } from "./counts";
import { spokenNumber } from "./spoken-number";
import { type Term, spacedWords } from "./terms";
import { HEADS, NOT_IN_NAME, PLACES } from "./vocabulary";

/** Where nothing is fastened. */
export const STANDS = /^(?:ground|floor|car|head)$/;
export const NOWHERE =
  /^(?:mine|yours|ours|air|hand|way|threads?|end|bench|bag|bin|box|while|time|turn|half|day|drawer|shelf|star|cross|pattern|sequence|order|morning|evening|kit|paper|book)$/;
/** "nut for the charge wire", "bolts along the front", "the bolt underneath": where it is, in a few words. */

export function behind(terms: readonly Term[], at: number): { words: string[]; marks: string[] } {
  const none = { words: [], marks: [] };
  if (
    /^(?:going|goes|go|down|up)$/.test(text(terms, at)) &&
    /^(?:going|down|up|in|into|on|to|through|along|around|round|across|under|behind|at|all)$/.test(
      text(terms, at + 1),
    )
  ) {
    const further = behind(terms, at + 1);
    return further.words.length > 0 ? { ...further, words: [text(terms, at), ...further.words] } : none;
  }
  if (/^(?:underneath|behind|below|above)$/.test(text(terms, at)) && !leadsToThing(terms, at + 1))
    return { words: [text(terms, at)], marks: [text(terms, at)] };
  if (
    !/^(?:for|on|of|at|in|into|from|along|under|through|holding|underneath|behind|below|above|by|near|beside|inside|that|around|across|to)$/.test(
      text(terms, at),
    )
  )
    return none;
  const words = [text(terms, at)];
  const marks: string[] = [];
  let i = at + 1;
  // "on top of the lamp", "in front of the hub".
  if (/^(?:top|front|back)$/.test(text(terms, i)) && text(terms, i + 1) === "of") {
    words.push(text(terms, i), "of");
    i += 2;
  }
  // "Along the edge of the undertray".
  if (
    text(terms, i) === "the" &&
    /^(?:edge|end|side|corner|lip|rim)s?$/.test(text(terms, i + 1)) &&
    text(terms, i + 2) === "of"
  ) {
    words.push("the", text(terms, i + 1), "of");
    i += 3;
  }
  if (text(terms, at) === "that") {
    if (!/^(?:holds?|hold|held|go|goes)$/.test(text(terms, i))) return none;
    words.push(text(terms, i++));
  }
  for (; i < at + 6; i++) {
    const word = text(terms, i);
    const term = terms[i];
    // "on hand tight", "by the way": no place.
    if (marks.length === 0 && NOWHERE.test(word)) return none;
    if (
      !term ||
      // "From the top · nuts on the bottom".
      (marks.length > 0 && Object.hasOwn(HEADS, word) && /s$/.test(word)) ||
      /^(?:mark|verb|pronoun|conjunction|number)$/.test(term.tag) ||
      (term.tag === "preposition" && marks.length > 0)
    )
      break;
    // "The one behind the pipe's a ten".
    const isShort = term.tag === "noun" && /[a-z]'s$/.test(word) && sizeFollows(terms, i + 1);
    if (isShort) {
      words.push(word.slice(0, -2));
      marks.push(word.slice(0, -2));
      break;
    }
    words.push(word);
    // "On the back side": where it is, though "back" is mostly where something goes.
    const isPlace =
      PLACES.has(word) &&
      text(terms, i - 1) === "the" &&
      text(terms, i + 1) !== "of" &&
      (terms[i + 1]?.tag !== "noun" || /^(?:side|end)$/.test(text(terms, i + 1)));
    if (isPlace || !(NOT_IN_NAME.has(word) || term.tag === "preposition")) marks.push(word);
    if (term.tag === "noun" && terms[i + 1]?.tag !== "noun" && marks.length > 0) break;
  }
  // "In from the top": the way it goes in.
  if (text(terms, at) === "from" && marks.every((mark) => PLACES.has(mark))) return none;
  // "through the floor" is where a bolt sits; "on the floor" is where the car stands.
  const stands = /^(?:on|at|to|in|from)$/.test(text(terms, at));
  const telling = marks.filter((mark) => !NOWHERE.test(mark) && !(stands && STANDS.test(mark)));
  if (telling.length === 0) return none;
  // "One long bolt through the middle": the through bolt.
  return { words, marks: text(terms, at) === "through" ? [...telling, "through"] : telling };
}

/** "Behind the handle": a thing, and not only behind. */
const leadsToThing = (terms: readonly Term[], at: number): boolean =>
  /^(?:the|that|this|your|my|each|a|an)$/.test(text(terms, at)) &&
  /^(?:noun|adjective)$/.test(terms[at + 1]?.tag ?? "");

export const wordsFrom = (terms: readonly Term[], from: number, to: number) =>
  spacedWords(terms, from, to).trimEnd();
/** Whether a size is told next, as of so many of a lot it is. */

export const sizeFollows = (terms: readonly Term[], at: number) =>
  terms
    .slice(at, at + 3)
    .some((term, k) => spokenNumber(terms, at + k) !== undefined || /^[te]\d|^m\d/.test(term.text));
