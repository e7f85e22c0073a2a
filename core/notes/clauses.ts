import { pluralSize, spokenNumber } from "./spoken-number";
import { type Term, spacedWords } from "./terms";
import { ACTIONS, HEADS, PAST_DEEDS, THINGS } from "./vocabulary";
import type { Word } from "./words";
import { joinsNumbers, torqueUnitAt } from "./written-torque";

/** A run of words that says one thing, by word numbers. */
export interface Clause {
  from: number;
  to: number;
}

/** A clause within its sentence and paragraph, counted through the text. */
export interface Told extends Clause {
  sentence: number;
  paragraph: number;
}

/** Begin a new thought in speech without punctuation. */
const JOINS = new Set([
  "then",
  "so",
  "now",
  "next",
  "okay",
  "ok",
  "alright",
  "right",
  "anyway",
  "but",
  "because",
  "cause",
  "cuz",
  "while",
  "if",
  "unless",
  "when",
  "once",
  "before",
  "after",
  "otherwise",
  "except",
  "first",
]);

/** Who does it: where one of these follows a thing, something new is said. */
const SUBJECTS = new Set([
  "i",
  "i'm",
  "i've",
  "i'll",
  "i'd",
  "you",
  "you're",
  "you've",
  "you'll",
  "we",
  "we're",
  "we've",
  "we'll",
  "they",
  "they're",
  "it's",
  "that's",
  "there's",
  "here's",
  "what's",
  "don't",
  "never",
  "make",
]);

/** What may stand before a subject without a cut: it belongs to what came before. */
const HOLDS_ON = new Set([
  "what",
  "that",
  "which",
  "where",
  "how",
  "if",
  "when",
  "while",
  "because",
  "cause",
  "so",
  "and",
  "but",
  "before",
  "after",
  "till",
  "until",
  "than",
  "as",
  "like",
  "then",
  "or",
  "now",
  "who",
  "once",
]);

/**
 * A text as clauses: cut at marks, at joins, before a new subject, and before a verb that tells what to do
 * next.
 */
export function toldIn(terms: readonly Term[]): Told[] {
  const told: Told[] = [];
  let [from, sentence, paragraph] = [0, 0, 0];
  const close = (to: number) => {
    if (to > from) told.push({ from, to, sentence, paragraph });
  };
  terms.forEach((term, at) => {
    if (at < from) return;
    const inside = isInside(terms, at);
    if (term.text === "\n") {
      close(at);
      from = at + 1;
      sentence++;
      if (terms[at + 1]?.text === "\n" || /^(?:\*|-|•|\d)/.test(terms[at + 1]?.text ?? "")) paragraph++;
    } else if (/^[.;!?]$/.test(term.text) && !inside) {
      close(at);
      // An ellipsis is one end.
      if (!/^[.;!?]$/.test(terms[at - 1]?.text ?? ".")) sentence++;
      from = at + 1;
    } else if ((/^[,:()—–]$/.test(term.text) && !isListed(terms, at)) || isDash(terms, at)) {
      close(at);
      from = at + 1;
    } else if (at > from && beginsThought(terms, at)) {
      close(at);
      from = at;
    }
  });
  close(terms.length);
  return told;
}

/** A point between letters without a space belongs to what it stands in ("N.m"). */
function isInside(words: readonly Word[], at: number): boolean {
  const word = words[at];
  return (
    word?.text === "." &&
    words[at - 1]?.end === word.start &&
    words[at + 1]?.start === word.end &&
    /^[a-z]/.test(words[at + 1]?.text ?? "")
  );
}

/** "Eight screws - six are T25": between spaces, and not at the head of a line. */
const isDash = (words: readonly Word[], at: number): boolean => {
  const [before, dash, after] = [words[at - 1], words[at], words[at + 1]];
  return (
    dash?.text === "-" &&
    before !== undefined &&
    after !== undefined &&
    before.text !== "\n" &&
    before.end < dash.start &&
    dash.end < after.start
  );
};

/** A comma between numbers, as in "20, then 40", cuts nothing. */
function isListed(terms: readonly Term[], at: number): boolean {
  return (
    terms[at]?.text === "," &&
    joinsNumbers(terms, at) &&
    terms[at - 1]?.tag === "number" &&
    (terms[at + 1]?.tag === "number" || (terms[at + 1]?.text === "then" && terms[at + 2]?.tag === "number"))
  );
}

function beginsThought(terms: readonly Term[], at: number): boolean {
  const text = (n: number) => terms[n]?.text ?? "";
  const [word, before] = [text(at), text(at - 1)];
  // "Left and right".
  if (word === "right" && /^(?:and|or|left|front|rear|on|to|the)$/.test(before)) return false;
  if (word === "and" && before === "left") return false;
  if (JOINS.has(word))
    return (
      !(word === "right" && terms[at + 1]?.tag === "noun") &&
      !(word === "first" && /^(?:the|at|one)$/.test(before)) &&
      !(word === "so" && text(at + 1) === "that")
    );
  if (word === "and") {
    const next = text(at + 1);
    return (
      SUBJECTS.has(next) ||
      JOINS.has(next) ||
      // "Loosen those · and the whole tube lifts right out".
      (terms[at + 1]?.tag === "determiner" &&
        [2, 3, 4, 5].some((n) =>
          /^(?:lifts|comes|slides|drops|falls|pops|swings|pulls|hangs)$/.test(text(at + n)),
        )) ||
      // "That's a phillips · and two in the pull pocket".
      (terms[at + 1]?.tag === "number" &&
        /^(?:in|at|on|behind|under|along|by|near|inside|below|above|from)$/.test(text(at + 2)) &&
        ([3, 2, 4].some((back) => /^(?:that's|it's|they're)$/.test(text(at - back))) ||
          // "Two bolts to the body, sixteens · and three from the mount to the bracket".
          pluralSize(before) !== undefined)) ||
      // "18 foot pounds · and the one on the back goes to 35".
      (/^(?:the|those|these|that)$/.test(next) && isBehindTorque(terms, at)) ||
      // "Five ten mil nuts to the door · and the motor is three T27".
      (terms[at + 1]?.tag === "determiner" && SAYS_HOW_MANY.test(spacedWords(terms, at + 2, at + 10))) ||
      // "Out of the way · and the last thing is the mount".
      (next === "the" && /^(?:last|next|first|other|only)$/.test(text(at + 2)) && text(at + 3) === "thing") ||
      (isAction(terms, at + 1) && terms[at + 2]?.tag !== "verb") ||
      terms[at + 1]?.tag === "pronoun"
    );
  }
  if (SUBJECTS.has(word)) return !HOLDS_ON.has(before);
  const next = text(at + 1);
  // "It's stuck · do not pry", "seven mil bolts · those are like seventy".
  if (
    (word === "do" && next === "not") ||
    (IS_POINTED_AT.test(word) && /^(?:is|are|was|were|come|go|get|take|have)$/.test(next))
  )
    return !HOLDS_ON.has(before) && !/^(?:of|with|to|on|in|for|at|is|are)$/.test(before);
  if (word === "this" && next === "is") return !HOLDS_ON.has(before) && terms[at - 1]?.tag !== "verb";
  // "With brake cleaner · T30 back in".
  if (/^[te]\d{1,2}$/.test(word) && /^(?:back|goes)$/.test(next)) return true;
  if (saysWhatHolds(terms, at) || isNextSubject(terms, at)) return true;
  // "To 35 foot pounds · crossmember back up": what it is torqued to ends what is said of it.
  if (/^(?:noun|determiner|verb|adjective|pronoun)$/.test(terms[at]?.tag ?? "") && endsTorque(terms, at))
    return true;
  // "Harness nuts same thing · bracket bolt snug".
  if (
    before === "thing" &&
    text(at - 2) === "same" &&
    /^(?:noun|determiner|adjective|verb)$/.test(terms[at]?.tag ?? "")
  )
    return true;
  // "Coils back in · seven mil bolts", "back on snug · coils back in".
  if (
    (terms[at]?.tag === "number" && /^(?:on|in)$/.test(before) && text(at - 2) === "back") ||
    (terms[at]?.tag === "noun" &&
      /^(?:snug|tight)$/.test(before) &&
      /^(?:on|in)$/.test(text(at - 2)) &&
      text(at - 3) === "back")
  )
    return true;
  // "crack it · don't", "the pulley · pull the belt off": what is done next, straight after a thing or where
  // it goes.
  const told =
    word === "look" ||
    isAction(terms, at) ||
    (TELLS.test(word) && terms[at]?.tag === "verb" && !/s$/.test(before));
  const begins =
    (word === "look" ? LOOKED_AT : DONE_TO).test(next) ||
    // "Plug it in · hook up the battery".
    (/^(?:up|off|out|in|on)$/.test(next) && DONE_TO.test(text(at + 2)));
  return (
    told &&
    begins &&
    (/^(?:noun|adverb|adjective|number)$/.test(terms[at - 1]?.tag ?? "") ||
      // "It's aluminium · tap it".
      (terms[at - 1]?.tag === "verb" && /^(?:it|them|em)$/.test(next) && isBeing(text(at - 2))) ||
      /^(?:over|off|out|up|down|back|in|on|away|together)$/.test(before) ||
      // "Don't drag it · get all eight of them"; but "let it pull the hose".
      (/^(?:it|them|em)$/.test(before) && !/^(?:let|make|help|have|see|watch)$/.test(text(at - 2)))) &&
    !/^(?:never|not|always)$/.test(before) &&
    !HOLDS_ON.has(before)
  );
}

/** Whether the words before a place are a number and the unit of a torque, and the word no part of that. */
function endsTorque(terms: readonly Term[], at: number): boolean {
  if (
    /^(?:each|a|per|and|plus|degrees?|torque|max|tops|dry|cold|total|of|with|all|there|if|or|sorry|no|nope|not|wait|hang|er|uh|um|correction|oops|scratch|i|actually|rather|make|is|are|was|were|which|that|that's|they're|it's)$/.test(
      terms[at]?.text ?? "",
    )
  )
    return false;
  return isBehindTorque(terms, at);
}

function isBehindTorque(terms: readonly Term[], at: number): boolean {
  for (let from = Math.max(0, at - 6); from < at; from++) {
    const number = spokenNumber(terms, from);
    if (number && torqueUnitAt(terms, number.next)?.next === at) return true;
  }
  return false;
}

/** "Pops out under the hood · the bracket is on two bolts": a thing, and what it is held by. */
function saysWhatHolds(terms: readonly Term[], at: number): boolean {
  const before = terms[at - 1];
  if (!/^(?:the|each|every)$/.test(terms[at]?.text ?? "")) return false;
  if (!before || !/^(?:noun|adverb|number)$/.test(before.tag) || HOLDS_ON.has(before.text)) return false;
  return SAYS_WHAT_HOLDS.test(spacedWords(terms, at + 1, at + 9));
}
const SOME = "(?:a|an|one|two|three|four|five|six|seven|eight|ten|\\d+)";
const SAYS_WHAT_HOLDS = new RegExp(
  `^(?!ones?\\b)(?:[a-z-]+ ){1,3}?(?:(?:is|are) (?:held|bolted|fixed|on ${SOME})|(?:has|takes)(?: got)? ${SOME}) `,
);
const SAYS_HOW_MANY = new RegExp(
  `^(?!ones?\\b)(?:[a-z-]+ ){1,3}?(?:is|are|has|takes)(?: only| just)? ${SOME} `,
);

/** "You'll reuse it · glass is held by two", "all of them · glass bolts are five": no thing is named right behind a pronoun. */
function isNextSubject(terms: readonly Term[], at: number): boolean {
  if (!/^(?:it|them|em)$/.test(terms[at - 1]?.text ?? "")) return false;
  const isNamed = ({ text, tag }: Term) => tag === "noun" || THINGS.has(text) || Object.hasOwn(HEADS, text);
  let end = at;
  while (terms[end] && isNamed(terms[end] as Term) && end - at < 4) end++;
  return end > at && /^(?:is|are)$/.test(terms[end]?.text ?? "");
}

const isBeing = (word: string) => /^(?:it's|that's|they're|is|are|was|were)$/.test(word);

/** Tell what to do without being work on a part. */
const TELLS = /^(?:let|watch|keep|hold|leave|get|grab|mind|stuff|use)$/;
const IS_POINTED_AT = /^(?:those|these)$/;
const DONE_TO = /^(?:the|that|this|those|these|your|my|it|them|em|all|both|a|an|each|every|another)$/;
const LOOKED_AT = /^(?:at|for|in|inside|under|around|down|over)$/;

/** Whether the word at a place tells what is done: a known verb, and not the name of a thing. */
export function isAction(terms: readonly Term[], at: number): boolean {
  const term = terms[at];
  if (!term || !Object.hasOwn(ACTIONS, term.text)) return false;
  const [before, after] = [terms[at - 1], terms[at + 1]];
  if (term.text === "torque" && /^wrench/.test(after?.text ?? "")) return false;
  // "1/4 drive".
  if (term.text === "drive" && before?.tag === "number") return false;
  // "It was removed", "the one I greased" tell how a thing is.
  if (PAST_DEEDS.has(term.text) && /^(?:noun|verb|adverb|number)$/.test(before?.tag ?? "")) return false;
  if (
    before &&
    (before.tag === "determiner" || /^(?:a|an|the|of|with|my|your|new|old|to the)$/.test(before.text))
  )
    return false;
  if (term.tag === "verb") return true;
  // "clip the new one back", "plug it in": a thing's name before a determiner or a pronoun is a verb.
  return (
    after !== undefined &&
    (after.tag === "determiner" ||
      after.tag === "pronoun" ||
      /^(?:the|it|them|em|that|those|off|out|up)$/.test(after.text)) &&
    // Nothing is named with "it" behind: "it's aluminium · tap it".
    (/^(?:it|them|em)$/.test(after.text) || (before?.tag !== "adjective" && before?.tag !== "noun"))
  );
}

/** Words cut into runs at every word that ends one. */
export function sentencesOf(words: readonly Word[]): Clause[] {
  const sentences: Clause[] = [];
  let from = 0;
  words.forEach((word, i) => {
    if (!/^[.;!?\n]$/.test(word.text) || isInside(words, i)) return;
    if (i > from) sentences.push({ from, to: i });
    from = i + 1;
  });
  if (from < words.length) sentences.push({ from, to: words.length });
  return sentences;
}
