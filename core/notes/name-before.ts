import { isAction } from "./clauses";
import { text } from "./counts";
import type { FoundSize } from "./size-words";
import { spokenNumber } from "./spoken-number";
import type { Term } from "./terms";
import { HEADS, NOT_IN_NAME } from "./vocabulary";

/** What a fastener is called before its noun, and its size there. */
export function nameBefore(
  terms: readonly Term[],
  at: number,
  from: number,
  sizeEndingAt: (at: number) => FoundSize | undefined,
  taken: ReadonlySet<number>,
): { start: number; marks: string[]; size: FoundSize | undefined } {
  let start = at;
  const marks: string[] = [];
  let size: FoundSize | undefined;
  for (let i = at - 1; i >= from; i--) {
    const found =
      sizeEndingAt(i + 1) ??
      (/^(?:head|headed|hex|socket|-)$/.test(text(terms, i)) ? sizeEndingAt(i) : undefined);
    if (found && found.from >= from) {
      size = found;
      start = found.from;
      i = found.from;
      continue;
    }
    const word = text(terms, i);
    // "Twelve-point bolts": the shape of their heads, and no name.
    if (/^points?$/.test(word)) break;
    if (word === "-" && at - i < 5) continue;
    if (
      taken.has(i) ||
      NOT_IN_NAME.has(word) ||
      !/^[a-zà-ÿ-]+$/.test(word) ||
      spokenNumber(terms, i) !== undefined ||
      at - i > 5
    )
      break;
    if (
      terms[i]?.tag === "verb" &&
      !/ing$|ed$/.test(word) &&
      !HEADS[word] &&
      marks.length > 0 &&
      isAction(terms, i)
    )
      break;
    // "one through bolt".
    const throughBolt = word === "through" && (i === at - 1 || (i === at - 2 && text(terms, at - 1) === "-"));
    if (throughBolt) {
      marks.unshift(word);
      start = i;
      continue;
    }
    if (terms[i]?.tag === "preposition" || terms[i]?.tag === "conjunction" || terms[i]?.tag === "pronoun")
      break;
    marks.unshift(word);
    start = i;
  }
  return { start, marks, size };
}
