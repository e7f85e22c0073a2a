import type { Word } from "./words";

/** A run of words that says one thing, by word numbers. */
export interface Clause {
  from: number;
  to: number;
}

/** Joins that begin a new thought in speech without punctuation. */
const JOIN = new Set(["then", "so", "now", "next", "okay", "ok", "right", "anyway"]);

/** A sentence cut where a new thought begins. */
export function clausesOf(words: readonly Word[], sentence: Clause): Clause[] {
  const clauses: Clause[] = [];
  let from = sentence.from;
  for (let at = sentence.from; at < sentence.to; at++) {
    const text = words[at]?.text ?? "";
    const comma = text === "," || text === ":" || text === "(" || text === ")" || text === "—";
    if ((!comma && !JOIN.has(text)) || at === from) continue;
    clauses.push({ from, to: at });
    from = at;
  }
  return [...clauses, { from, to: sentence.to }];
}

/** Words cut into runs at every word that ends one. */
export function cut(words: readonly Word[], ends: (word: Word) => boolean): Clause[] {
  const sentences: Clause[] = [];
  let from = 0;
  words.forEach((word, i) => {
    // A point between digits or letters without a space belongs to what it stands in ("N.m").
    const inside = word.text === "." && words[i - 1]?.end === word.start && words[i + 1]?.start === word.end && /^[a-z]/.test(words[i + 1]?.text ?? "");
    if (!ends(word) || inside) return;
    if (i > from) sentences.push({ from, to: i });
    from = i + 1;
  });
  if (from < words.length) sentences.push({ from, to: words.length });
  return sentences;
}
