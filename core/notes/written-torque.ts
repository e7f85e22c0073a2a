import { orSentence } from "../input-error";
import { readTorqueFigure } from "../quantity/read-torque-figure";
import { readTorqueUnit } from "../quantity/read-torque-unit";
import type { TorqueFigure } from "../quantity/torque-figure";
import type { TorqueUnit } from "../quantity/torque-unit";
import { hundredsSaid, spokenNumber, type Spoken } from "./spoken-number";
import type { Word } from "./words";

export const LONGEST_WRITTEN = 18;
/** Marks with which a figure is written rather than spoken. */
export const WRITTEN = /[±([{/x×]/;
export const ENDS = /^(?:[)\]}°º]|nm|m|lbs?|lbf|ft|in|kgm|turns?|degrees?|deg)$/;
/**
 * A figure written with marks, "25 ± 3 Nm", "110 Nm (81 lb ft)", "20 Nm + 2 x 90°", read as a field reads it;
 * the longest that can be.
 */
export function writtenAt(words: readonly Word[], at: number): FoundTorque | undefined {
  if (!/^\d/.test(words[at]?.text ?? "")) return undefined;
  const near = words.slice(at, at + LONGEST_WRITTEN);
  for (let length = near.length; length >= 4; length--) {
    if (!ENDS.test(near[length - 1]?.text ?? "")) continue;
    const piece = near.slice(0, length);
    if (
      piece.filter(({ text }) => /[([{]/.test(text)).length !==
      piece.filter(({ text }) => /[)\]}]/.test(text)).length
    )
      continue;
    const text = piece
      .map((word, i) => `${(piece[i - 1]?.end ?? word.start) < word.start ? " " : ""}${word.text}`)
      .join("");
    if (/[.;!?\n]/.test(text.replace(/\d[.,]\d/g, "")) || !WRITTEN.test(text)) continue;
    const figure = orSentence(
      () => readTorqueFigure(text),
      () => undefined,
    );
    if (figure) return { figure, from: at, to: at + length };
    const first = torqueUnitAt(words, at + 1);
    const opened =
      first && words[first.next]?.text === "(" && /\)$/.test(text) && torqueUnitAt(words, first.next + 2);
    if (opened) return { ...firstOf(words, at, first), to: at + length, contradicts: true };
  }
  return undefined;
}

export function firstOf(words: readonly Word[], at: number, { unit }: { unit: TorqueUnit }): FoundTorque {
  const number = spokenNumber(words, at);
  return {
    figure: { form: "value", torque: { value: number?.value ?? 0, unit, decimals: number?.decimals ?? 0 } },
    from: at,
    to: at + 1,
  };
}

/** "35 not 53 newton metres": the first is meant; the second is read, and struck, on its own. */
export function deniedAt(words: readonly Word[], at: number): FoundTorque | undefined {
  const first = spokenNumber(words, at);
  if (!first || words[first.next]?.text !== "not") return undefined;
  const second = spokenNumber(words, first.next + 1);
  const unit = second && torqueUnitAt(words, second.next)?.unit;
  return (
    unit && {
      figure: { form: "value", torque: { value: first.value, unit, decimals: first.decimals } },
      from: at,
      to: first.next,
    }
  );
}

export function firstEnd(words: readonly Word[], numbers: Numbers): number {
  const first = numbers.list[0];
  if (!first) return numbers.next;
  return torqueUnitAt(words, first.next)?.next ?? first.next;
}

export function endOf(words: readonly Word[], numbers: Numbers, last: number): number {
  const number = numbers.list[last];
  if (!number) return numbers.next;
  return torqueUnitAt(words, number.next)?.next ?? number.next;
}

export interface FoundTorque {
  figure: TorqueFigure;
  /** First word, and the first after it. */
  from: number;
  to: number;
  /** True where it was given in two units that contradict each other, may be the rest of a larger one, or the number of something else. */
  contradicts?: true;
}

/** The torque unit that begins at a word, in up to four words; a mark between them does not count. */

export function torqueUnitAt(
  words: readonly Word[],
  at: number,
): { unit: TorqueUnit; next: number } | undefined {
  for (let length = 5; length >= 1; length--) {
    const piece = words.slice(at, at + length);
    if (piece.length < length) continue;
    const text = piece.map((word) => word.text).join(" ");
    if (/[\n;:,()]/.test(text)) continue;
    const unit =
      readTorqueUnit(
        text.replace(/\bnewtons\b/g, "newton").replace(/\bnewton met(er|re)s?\b/g, "newton metres"),
      ) ?? (text === "newtons" || text === "newton" ? "N.m" : undefined);
    const end = piece[piece.length - 1]?.text ?? "";
    if (unit && /[a-z]$/.test(end)) return { unit, next: at + length };
  }
  return undefined;
}

export interface Numbers {
  list: Spoken[];
  links: string[];
  next: number;
  /** Unit of each where it is said behind it. */
  units: (TorqueUnit | undefined)[];
}

/** What stands before "one" where it is a thing, and no hundred: "this one, twenty"; "bolt one". */
const COUNTS_ONE =
  /^(?:this|that|the|each|every|other|last|next|first|second|third|long|short|big|small|little|new|old|upper|lower|top|bottom|middle|front|rear|left|right|inner|outer|number|stage|step|pass|just|only)$/;

/** A number as figures are said. Where "one twenty" may as well be the one and its 20, it is left to its parts. */
function figureNumber(words: readonly Word[], at: number): Spoken | undefined {
  const hundreds = mayBeOne(words, at) ? undefined : hundredsSaid(words, at);
  return hundreds ?? spokenNumber(words, at);
}

const mayBeOne = (words: readonly Word[], at: number): boolean =>
  (COUNTS_ONE.test(words[at - 1]?.text ?? "") ||
    (words[at - 1]?.text === "bolt" && /^(?:the|for|on|to|[.,;:]|)$/.test(words[at - 2]?.text ?? ""))) &&
  hundredsSaid(words, at) !== undefined;

/** Whether a number may be no more than the rest of one in hundreds: "this one twenty newton metres". */
export const mayBeHundreds = (words: readonly Word[], at: number): boolean => mayBeOne(words, at - 1);

/** Numbers in a row with links between, each with its unit where it has one: "20 then 40 then 60 Nm". */
export function numbersAt(words: readonly Word[], at: number): Numbers | undefined {
  const first = figureNumber(words, at);
  if (!first) return undefined;
  const found: Numbers = { list: [first], links: [], units: [], next: first.next };
  for (;;) {
    const unit = torqueUnitAt(words, found.next);
    found.units.push(unit?.unit);
    if (unit) found.next = unit.next;
    // A link, perhaps of several words: ", and then to".
    let link = found.next;
    const said: string[] = [];
    while (joinsNumbers(words, link) && said.length < 4) {
      said.push(isThereabouts(words, link) ? "or" : (words[link]?.text ?? ""));
      link++;
    }
    const last = found.list.at(-1)?.value ?? 0;
    // "Eight nine newton metres", straight behind each other.
    const isNext = said.length === 0 && !unit && spokenNumber(words, link)?.value === last + 1;
    if (isNext && /^[a-z]/.test(words[link]?.text ?? "")) said.push("or");
    const more = said.length > 0 ? figureNumber(words, link) : undefined;
    // "7 or 8 foot pounds", and not "18 nuts or 60 foot pounds".
    const isOtherwise =
      said[0] === "or" && (unit !== undefined || !more || more.value <= last || more.value > last * WIDEST);
    if (
      !more ||
      isOtherwise ||
      more.fraction ||
      found.list.length >= 6 ||
      words[more.next]?.text === "degrees" ||
      words[more.next]?.text === "°" ||
      words[more.next]?.text === "deg"
    )
      return found;
    found.links.push(said.join(" "));
    found.list.push(more);
    found.next = more.next;
  }
}

const LINKS = new Set(["to", "-", "–", "then", ",", "and", "through", "or"]);
/**
 * Whether a word joins the numbers on both sides of it. A mark that was put in where none was written does not,
 * but for "eight nine newton metres".
 */
export function joinsNumbers(words: readonly Word[], at: number): boolean {
  const word = words[at];
  if (!word || !LINKS.has(word.text)) return false;
  return word.end > word.start || isThereabouts(words, at);
}

const isThereabouts = (words: readonly Word[], at: number): boolean =>
  words[at]?.end === words[at]?.start &&
  spokenNumber(words, at + 1)?.value === (spokenNumber(words, at - 1)?.value ?? 0) + 1;
/** Two figures of one range, the upper over the lower. */
export const WIDEST = 1.5;
