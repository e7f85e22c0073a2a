import { orSentence } from "../input-error";
import { readTorqueUnit } from "../quantity/read-torque";
import { readTorqueFigure } from "../quantity/read-torque-figure";
import type { TorqueFigure } from "../quantity/torque-figure";
import { quantityNm, type TorqueQuantity } from "../quantity/torque-quantity";
import type { TorqueUnit } from "../quantity/torque-unit";
import { type Spoken, spokenNumber } from "./spoken-number";
import type { Word } from "./words";

export interface FoundTorque {
  figure: TorqueFigure;
  /** First word, and the first after it. */
  from: number;
  to: number;
  /** True where it was given in two units that contradict each other. */
  contradicts?: true;
}

const MAXIMUM = [
  ["max"],
  ["maximum"],
  ["no", "more", "than"],
  ["not", "more", "than"],
  ["at", "most"],
  ["up", "to", "a", "max", "of"],
  ["maximum", "of"],
  ["max", "of"],
  ["never", "more", "than"],
  ["don't", "go", "over"],
  ["not", "over"],
];
const LINKS = new Set(["to", "-", "–", "then", ",", "and", "through"]);

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

interface Numbers {
  list: Spoken[];
  links: string[];
  next: number;
  /** Unit of each where it is said behind it. */
  units: (TorqueUnit | undefined)[];
}

/** Numbers in a row with links between, each with its unit where it has one: "20 then 40 then 60 Nm". */
function numbersAt(words: readonly Word[], at: number): Numbers | undefined {
  const first = spokenNumber(words, at);
  if (!first) return undefined;
  const found: Numbers = { list: [first], links: [], units: [], next: first.next };
  for (;;) {
    const unit = torqueUnitAt(words, found.next);
    found.units.push(unit?.unit);
    if (unit) found.next = unit.next;
    // A link, perhaps of several words: ", and then to".
    let link = found.next;
    const said: string[] = [];
    while (LINKS.has(words[link]?.text ?? "") && said.length < 4) said.push(words[link++]?.text ?? "");
    const more = said.length > 0 ? spokenNumber(words, link) : undefined;
    if (
      !more ||
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

/** The angle that follows a torque: "plus 90 degrees", "then a quarter turn", "+ 90°". */
function angleAt(words: readonly Word[], at: number): { degrees: number; next: number } | undefined {
  let i = at;
  const text = (n: number) => words[n]?.text ?? "";
  while (
    [",", "then", "plus", "+", "and", "another", "further", "a", "an", "turn", "it"].includes(text(i)) &&
    i - at < 5
  )
    i++;
  const number = spokenNumber(words, i);
  if (!number) return undefined;
  const unit = text(number.next);
  if (["degrees", "degree", "deg", "°", "º"].includes(unit) && number.value >= 5 && number.value <= 720)
    return { degrees: number.value, next: number.next + 1 };
  if (
    i > at &&
    (unit === "turn" ||
      (unit === "of" && text(number.next + 2) === "turn") ||
      (unit === "a" && text(number.next + 1) === "turn")) &&
    number.fraction
  ) {
    const next = afterUnit(unit, number);
    return { degrees: number.value * 360, next };
  }
  return undefined;
}

function afterUnit(unit: string, number: Spoken) {
  if (unit === "turn") return number.next + 1;
  if (unit === "a") return number.next + 2;
  return number.next + 3;
}

function maximumBefore(words: readonly Word[], at: number): number {
  const hit = MAXIMUM.map((phrase) => phrase.length).filter((length) =>
    MAXIMUM.some(
      (phrase) =>
        phrase.length === length && phrase.every((word, i) => words[at - length + i]?.text === word),
    ),
  );
  return Math.max(0, ...hit);
}

/** The torque that begins at a word, with its unit, in whatever form; undefined where none begins. */
export function torqueAt(words: readonly Word[], at: number): FoundTorque | undefined {
  const written = writtenAt(words, at);
  if (written) return written;
  const denied = deniedAt(words, at);
  if (denied) return denied;
  const numbers = numbersAt(words, at);
  if (!numbers) return undefined;
  // "all eight, 4 Nm": how many of them, and then the figure.
  if (
    numbers.links[0] === "," &&
    numbers.units[0] === undefined &&
    /^(?:all|both|every)$/.test(words[at - 1]?.text ?? "")
  )
    return undefined;
  // A size in front of a torque is none of it: "a 17, and 45 newton metres", "9/16 head, 25 lb ft".
  if (
    numbers.units[0] === undefined &&
    (numbers.list[0]?.fraction || /^(?:a|an|not)$/.test(words[at - 1]?.text ?? ""))
  )
    return undefined;
  // Only as far as the last number that has a unit, said behind it or once for all.
  const last = numbers.units.findLastIndex((unit) => unit !== undefined);
  if (last < 0) return undefined;
  const lastUnit = numbers.units[last];
  let to = numbers.next;
  if (last < numbers.list.length - 1) to = endOf(words, numbers, last);
  const quantities: TorqueQuantity[] = [];
  for (let i = 0; i <= last; i++) {
    const number = numbers.list[i];
    const unit = numbers.units[i] ?? numbers.units.slice(i).find((one) => one !== undefined) ?? lastUnit;
    if (!number || !unit || number.value <= 0 || number.value > 5000) return undefined;
    quantities.push({ value: number.value, unit, decimals: number.fraction ? 1 : number.decimals });
  }
  const [first, second] = quantities;
  if (!first) return undefined;
  const maximum = maximumBefore(words, at);
  if (quantities.length === 1) {
    const angles: number[] = [];
    for (let angle = angleAt(words, to); angle && angles.length < 3; angle = angleAt(words, to)) {
      angles.push(angle.degrees);
      to = angle.next;
    }
    if (angles.length > 0)
      return {
        figure: { form: "angle", first: { form: "value", torque: first }, anglesDeg: angles },
        from: at,
        to,
      };
    if (maximum > 0) return { figure: { form: "maximum", torque: first }, from: at - maximum, to };
    if (["max", "maximum", "tops"].includes(words[to]?.text ?? ""))
      return { figure: { form: "maximum", torque: first }, from: at, to: to + 1 };
    return { figure: { form: "value", torque: first }, from: at, to };
  }
  const link = numbers.links[0] ?? "";
  const before = words[at - 1]?.text;
  const twoPart = quantities.length === 2 && second && quantityNm(first) < quantityNm(second);
  const isRange =
    twoPart &&
    (link === "to" || link === "-" || link === "–" || (link === "and" && before === "between")) &&
    !/first/.test(
      words
        .slice(Math.max(0, at - 3), at)
        .map(({ text }) => text)
        .join(" "),
    );
  if (isRange)
    return {
      figure: { form: "range", low: first, high: second },
      from: before === "between" ? at - 1 : at,
      to,
    };
  const rising = quantities.every(
    (one, i) => i === 0 || quantityNm(one) > quantityNm(quantities[i - 1] ?? one),
  );
  const asPasses =
    rising &&
    numbers.links.slice(0, last).every((one) => /then|to|^,$|^, and$|^and$/.test(one)) &&
    (numbers.links.slice(0, last).some((one) => /then/.test(one)) ||
      /stage|pass|step|first/.test(
        words
          .slice(Math.max(0, at - 5), at)
          .map(({ text }) => text)
          .join(" "),
      ));
  if (asPasses) return { figure: { form: "passes", torques: quantities }, from: at, to };
  // Not one figure but several in a row: only the first is taken here, with the unit that was said for it or
  // for all.
  return { figure: { form: "value", torque: first }, from: at, to: firstEnd(words, numbers) };
}

const LONGEST_WRITTEN = 18;
/** Marks with which a figure is written rather than spoken. */
const WRITTEN = /[±([{/x×]/;
const ENDS = /^(?:[)\]}°º]|nm|m|lbs?|lbf|ft|in|kgm|turns?|degrees?|deg)$/;

/**
 * A figure written with marks, "25 ± 3 Nm", "110 Nm (81 lb ft)", "20 Nm + 2 x 90°", read as a field reads it;
 * the longest that can be.
 */
function writtenAt(words: readonly Word[], at: number): FoundTorque | undefined {
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

function firstOf(words: readonly Word[], at: number, { unit }: { unit: TorqueUnit }): FoundTorque {
  const number = spokenNumber(words, at);
  return {
    figure: { form: "value", torque: { value: number?.value ?? 0, unit, decimals: number?.decimals ?? 0 } },
    from: at,
    to: at + 1,
  };
}

/** "35 not 53 newton metres": the first is meant; the second is read, and struck, on its own. */
function deniedAt(words: readonly Word[], at: number): FoundTorque | undefined {
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

function firstEnd(words: readonly Word[], numbers: Numbers): number {
  const first = numbers.list[0];
  if (!first) return numbers.next;
  return torqueUnitAt(words, first.next)?.next ?? first.next;
}

function endOf(words: readonly Word[], numbers: Numbers, last: number): number {
  const number = numbers.list[last];
  if (!number) return numbers.next;
  return torqueUnitAt(words, number.next)?.next ?? number.next;
}
