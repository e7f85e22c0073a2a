import { sizeFollows } from "./behind";
import { wordsFrom } from "./behind";
import { behind } from "./behind";
import type { Clause } from "./clauses";
import { text, isPerSide } from "./counts";
import { marksOf, type Mention, mentionAt, singular } from "./mention";
import { spokenNumber } from "./spoken-number";
import type { Term } from "./terms";
import { HEADS, PART_HEADS, PLACES, THINGS } from "./vocabulary";

/** No cover has more bolts of one kind than this. */
export const MOST_OF_ONE_KIND = 32;
export function smallNumber(
  terms: readonly Term[],
  at: number,
  most = 12,
): { value: number; next: number } | undefined {
  const number = spokenNumber(terms, at);
  return number &&
    !number.fraction &&
    Number.isInteger(number.value) &&
    number.value >= 1 &&
    number.value <= most
    ? number
    : undefined;
}

/** "there's three of them": whatever they are, their size comes with them. */
export function ofThem(terms: readonly Term[], { from, to }: Clause): Mention | undefined {
  for (let at = from; at < to; at++) {
    const number = spokenNumber(terms, at);
    if (
      !number ||
      number.fraction ||
      number.value > 30 ||
      text(terms, number.next) !== "of" ||
      !/^(?:them|em|these|those)$/.test(text(terms, number.next + 1))
    )
      continue;
    // "fourteen of these and two of those": of more than one kind.
    if (/\bof (?:these|those) and \w+ of (?:these|those)\b/.test(wordsFrom(terms, at, to))) return undefined;
    // "Two of those are longer": some of them.
    if (/^(?:are|is|was|were)$/.test(text(terms, number.next + 2)) && !sizeFollows(terms, number.next + 3))
      return undefined;
    // "Three of them came out with a bigger hammer".
    if (
      /^(?:came|come|broke|snapped|stripped|rounded|fell|went|stayed|needed|took|had)$/.test(
        text(terms, number.next + 2),
      )
    )
      return undefined;
    // "there's ten of em" tells how many there are; "i broke two of em" does not.
    const tells = terms
      .slice(from, at)
      .every(
        (term) =>
          /^(?:there's|there|are|it's|they're|these|those|that's|and|so|i|count|got|now|is|was|all)$/.test(
            term.text,
          ) || term.tag === "mark",
      );
    if (tells && countsThings(terms, from)) return undefined;
    return mentionAt(
      at,
      number.next + 2,
      tells
        ? { sized: true, ofThem: true, count: number.value, perSide: isPerSide(terms, number.next + 2) }
        : { definite: true },
    );
  }
  return undefined;
}

/** "The tank straps, there are two of them": straps are counted, and not what holds them. */
function countsThings(terms: readonly Term[], from: number): boolean {
  let at = from - 1;
  while (at >= 0 && (terms[at]?.tag === "mark" || /^(?:um|uh|and|so|now)$/.test(text(terms, at)))) at--;
  const word = text(terms, at);
  return /[^s]s$/.test(word) && !HEADS[word] && (THINGS.has(singular(word)) || PART_HEADS.has(word));
}

/** "One's a fifteen, the other's a thirteen", "and the other two are T45": what is left of those just counted. */
function theOthers(terms: readonly Term[], from: number, to: number): Mention | undefined {
  const at = /^(?:and|but|then)$/.test(text(terms, from)) ? from + 1 : from;
  if (text(terms, at) !== "the" || text(terms, at + 1) !== "other") return undefined;
  const number = smallNumber(terms, at + 2, MOST_OF_ONE_KIND);
  const end = number?.next ?? at + 2;
  if (end >= to || !/^(?:is|are|was|were|takes?|gets?)$/.test(text(terms, end))) return undefined;
  return mentionAt(at, end, { share: true, name: "other", count: number?.value ?? 1, definite: true });
}

/** "Three are 15 and the one by the starter's a 13": one of those just counted, told by what it is next to. */
function theOneAt(terms: readonly Term[], at: number, to: number): Mention | undefined {
  const isOne = text(terms, at) === "the" && text(terms, at + 1) === "one";
  if (!isOne || !/^(?:by|at|near|under|behind|beside|next|on|in)$/.test(text(terms, at + 2)))
    return undefined;
  for (let n = at + 3; n < Math.min(to, at + 7); n++) {
    const word = text(terms, n);
    const isEnd = /'s$/.test(word) || /^(?:is|was)$/.test(text(terms, n + 1));
    if (!isEnd || !sizeFollows(terms, /'s$/.test(word) ? n + 1 : n + 2)) continue;
    const thing = word.replace(/'s$/, "");
    return mentionAt(at, n + 1, {
      share: true,
      marks: marksOf([thing]),
      name: thing,
      count: 1,
      definite: true,
    });
  }
  return undefined;
}

/** "8 bolts: 6 are 13 mm and 2 at the rear are T45": so many of those just counted. */
export function sharesOf(terms: readonly Term[], { from, to }: Clause): Mention[] {
  const rest = theOthers(terms, from, to);
  if (rest) return [rest];
  return Array.from({ length: to - from }, (_, k) => from + k).flatMap((at) => {
    const leads = at === from || /^(?:and|,)$/.test(text(terms, at - 1));
    const one = leads ? theOneAt(terms, at, to) : undefined;
    if (one) return [one];
    const start = at === from && /^(?:and|the|,)$/.test(text(terms, from)) ? from + 1 : at;
    const number = leads ? smallNumber(terms, start, MOST_OF_ONE_KIND) : undefined;
    if (!number || number.next >= to) return [];
    const where = behind(terms, number.next);
    const end = number.next + where.words.length;
    return /^(?:are|is|was|were|take|takes|get|gets)$/.test(text(terms, end))
      ? [
          mentionAt(start, end, {
            share: true,
            marks: marksOf(where.marks),
            name: where.marks.join(" "),
            count: number.value,
            definite: true,
          }),
        ]
      : [];
  });
}

/** "Two at the bottom go straight through into the bracket": how many and where, before what they do. */
export function leadingPlaced(terms: readonly Term[], { from, to }: Clause): Mention | undefined {
  const start = /^(?:and|then|so)$/.test(text(terms, from)) ? from + 1 : from;
  const number = smallNumber(terms, start, MOST_OF_ONE_KIND);
  if (!number || !/^(?:at|on|in|down|up|along|underneath|behind)$/.test(text(terms, number.next)))
    return undefined;
  const where = behind(terms, number.next);
  const end = number.next + where.words.length;
  const placed = where.marks.filter((mark) => PLACES.has(mark) || THINGS.has(mark));
  if (placed.length === 0 || end >= to || !GOES.test(text(terms, end))) return undefined;
  return mentionAt(start, end, {
    placed: true,
    marks: marksOf(placed),
    name: placed.join(" "),
    count: number.value,
  });
}
const GOES =
  /^(?:go|goes|come|comes|run|runs|hold|holds|sit|sits|thread|threads|screw|screws|bolt|bolts|need|needs)$/;

/** "Three to the arm: 50 Nm each": told by how many they are, and where they go, and nothing else. */
export function soMany(terms: readonly Term[], { from, to }: Clause): Mention | undefined {
  const number = smallNumber(terms, from, MOST_OF_ONE_KIND);
  const isPlaced =
    number !== undefined &&
    number.value > 1 &&
    /^(?:to|into|on|in) (?:the|that|this) (?:[a-z-]+ ?){1,3}$/.test(wordsFrom(terms, number.next, to));
  return isPlaced
    ? mentionAt(from, number.next, { count: number.value, definite: true, all: true })
    : undefined;
}

/** "Nine of them are 13 mm and the two outer ones …": some of those just counted, and the rest behind. */
export const isShare = (terms: readonly Term[], from: number, to: number): boolean =>
  /^(?:and )?\w+ of (?:them|em|these|those) (?:are|is) .+ and$/.test(wordsFrom(terms, from, to));
