import nlp from "compromise/two";
import { TIMES, speakersIn } from "./times";
import { HEADS, NAME_VERBS } from "./vocabulary";
import { type Word, wordsOf } from "./words";

export type Tag =
  | "noun"
  | "verb"
  | "adjective"
  | "determiner"
  | "number"
  | "pronoun"
  | "preposition"
  | "conjunction"
  | "adverb"
  | "mark"
  | "other";

/** A word with its part of speech. */
export interface Term extends Word {
  tag: Tag;
}

/** What the tagger calls each, the first that fits. */
const TAGS: readonly [theirs: string, tag: Tag][] = [
  ["Pronoun", "pronoun"],
  ["Determiner", "determiner"],
  ["Value", "number"],
  ["Preposition", "preposition"],
  ["Conjunction", "conjunction"],
  ["Adjective", "adjective"],
  ["Adverb", "adverb"],
  ["Verb", "verb"],
  ["Noun", "noun"],
];

interface TaggedTerm {
  tags: string[];
  offset: { start: number; length: number };
}

/** Longer runs without a full stop are tagged in pieces: the tagger's time grows faster than its text. */
const LONGEST_RUN = 600;

/**
 * The words of a text with their parts of speech. Numbers, marks and what the tagger does not see keep their
 * own.
 */
export function termsOf(text: string): Term[] {
  const tags = new Map<number, Tag>();
  for (const [start, piece] of piecesOf(text)) {
    for (const sentence of nlp(piece).json({ offset: true, terms: { offset: true, tags: true } }) as {
      terms: TaggedTerm[];
    }[]) {
      for (const { tags: theirs, offset } of sentence.terms) {
        const tag = TAGS.find(([name]) => theirs.includes(name))?.[1];
        if (tag) tags.set(start + offset.start, tag);
      }
    }
  }
  const times = [...text.matchAll(TIMES), ...speakersIn(text)].map((found) => ({
    start: found.index ?? 0,
    end: (found.index ?? 0) + found[0].length,
  }));
  const spoken = wordsOf(text).filter(
    (word) => !times.some(({ start, end }) => word.start >= start && word.end <= end),
  );
  const terms = spoken
    .filter(({ text: said }) => !HUMS.test(said))
    .flatMap(shortened)
    .map((word) => ({ ...word, tag: tagOf(word, tags) }));
  return terms.map((term, at) => (isNamePart(terms, at) ? { ...term, tag: "noun" } : term));
}

/** Said while thinking. */
const HUMS = /^(?:u+h+m*|u+m+|erm+|hm+)$/;

/** "Two slide pin bolts", "the drain plug": between what counts or points and a noun there is no verb. */
function isNamePart(terms: readonly Term[], at: number): boolean {
  const [before, after] = [terms[at - 1], terms[at + 1]];
  // "1 Remove bolts": the number of a line counts nothing.
  // "The down pipe", "the under tray": where a part runs is what it is called.
  if (
    /^(?:down|under|over|cross)$/.test(terms[at]?.text ?? "") &&
    /^(?:pipes?|trays?|members?|flow|shields?)$/.test(after?.text ?? "")
  )
    return true;
  const first = at < 2 || terms[at - 2]?.text === "\n" || terms[at - 2]?.tag === "mark";
  return (
    terms[at]?.tag === "verb" &&
    NAME_VERBS.has(terms[at]?.text ?? "") &&
    after?.tag === "noun" &&
    (before?.tag === "determiner" || (before?.tag === "number" && !first))
  );
}

function tagOf(word: Word, tags: Map<number, Tag>): Tag {
  if (/^\d/.test(word.text)) return "number";
  if (/^[^\wà-ÿ½¼¾⅛⅜⅝⅞]/.test(word.text)) return "mark";
  return tags.get(word.start) ?? "other";
}

/** "The nut's a nineteen", "one's a fifteen": what a fastener is called, and "is". */
function shortened(word: Word): Word[] {
  const called = /^([a-z-]+)'s$/.exec(word.text)?.[1];
  if (called === undefined || (!Object.hasOwn(HEADS, called) && !/^(?:one|other)$/.test(called)))
    return [word];
  const end = word.end - 2;
  return [
    { text: called, start: word.start, end },
    { text: "is", start: end, end: word.end },
  ];
}

function* piecesOf(text: string): Generator<[start: number, piece: string]> {
  let at = 0;
  while (at < text.length) {
    const line = text.indexOf("\n", at);
    let end = line < 0 ? text.length : line + 1;
    if (end - at > LONGEST_RUN) {
      const space = text.lastIndexOf(" ", at + LONGEST_RUN);
      end = space > at ? space + 1 : at + LONGEST_RUN;
    }
    yield [at, text.slice(at, end)];
    at = end;
  }
}

/** The words from one place to another, with a space behind each. */
export const spacedWords = (terms: readonly Term[], from: number, to: number): string =>
  terms
    .slice(from, to)
    .map(({ text }) => `${text} `)
    .join("");
