import { InputError } from "../input-error";
import { type HeadProfile, type HeadSize, MADE_NUMBERS } from "../quantity/head-size";
import { readHeadSize, sameHead } from "../quantity/read-head-size";

const ONE = String.raw`(?:(?<![a-z])ph\s?\d|#\d|(?<![a-z])[te]\s?\d{1,3}|(?<![a-z])m\s?\d{1,2}(?:\s*spline)?|\d+(?:[\s-]\d+)?\/\d+|\d+(?:[.,]\d+)?)`;
const RANGE = new RegExp(String.raw`(${ONE})\s*(?:-|–|to|up to|through)\s*(${ONE})|(${ONE})`, "gi");
const BUT = /\b(?:no|not|without|except|but not|missing|less|lacks)\b/;

/** What a list of sizes is about when a size is a bare number. */
export interface SizeSense {
  profile: HeadProfile;
  /** Bare numbers are inches: "5/16-3/4" always is. */
  inch: boolean;
}

/**
 * The sizes in a list: single ones, ranges of those that are made, and exceptions after "no" or "without".
 * A range of whole millimetres has every whole one; of inches every sixteenth; of T, E and spline numbers
 * those of the standard.
 * @throws InputError for a size that cannot be read, or a range that runs backwards.
 * Example: readSizeList("8-19 no 16", hexagon) → 8 to 19 mm, eleven of them.
 */
export function readSizeList(text: string, sense: SizeSense): HeadSize[] {
  const [wanted = "", ...rest] = text.toLowerCase().split(BUT);
  const left = new Map(sizesIn(wanted, sense).map((head) => [keyOf(head), head]));
  for (const gone of rest.flatMap((part) => sizesIn(part, sense))) {
    const known = [...left.values()].find((head) => sameHead(head, gone));
    if (!known)
      throw new InputError(`“no ${gone.size}”: there is no ${gone.size} among the sizes before it.`, "sizes");
    left.delete(keyOf(known));
  }
  return [...left.values()];
}

function keyOf({ profile, size, unit }: HeadSize): string {
  return `${profile} ${size} ${unit}`;
}

function sizesIn(text: string, sense: SizeSense): HeadSize[] {
  // "1-1/16" is one size, and no range.
  return [...text.replace(/(?<![\d/])([12])-(?=\d+\/\d)/g, "$1 ").matchAll(RANGE)].flatMap(
    ([, from, to, single]) =>
      from !== undefined && to !== undefined ? range(from, to, sense) : [one(single ?? "", sense)],
  );
}

function one(text: string, { profile, inch }: SizeSense): HeadSize {
  const lobe = /^[te]/.test(text);
  const spline = /^m/.test(text);
  if (lobe) return readHeadSize(text);
  if (spline) return readHeadSize(text.includes("spline") ? text : `${text} spline`);
  if (/^(?:ph|#)/.test(text)) return readHeadSize(`cross-head ${text.replace(/\D/g, "")}`);
  if (MADE_NUMBERS[profile]) return readHeadSize(`${NUMBERED_AS[profile] ?? profile} ${text}`);
  const head = readHeadSize(inch && !text.includes("/") ? `${text} in` : text);
  return { ...head, profile };
}

/** What a number of a shape that goes by number is read by. */
const NUMBERED_AS: Partial<Record<HeadProfile, string>> = {
  "six-lobe": "torx",
  "six-lobe external": "external torx",
  "multi-spline": "spline",
  cross: "cross-head",
};

function range(fromText: string, toText: string, sense: SizeSense): HeadSize[] {
  const from = one(fromText, sense);
  // "T20-50" and "M8-12": the letter is said once.
  const letter = /^[tem]/.exec(fromText)?.[0] ?? "";
  const to = one(/^[tem]/.test(toText) ? toText : letter + toText, sense);
  const said = `${fromText}-${toText}`;
  if (from.profile !== to.profile || from.unit !== to.unit)
    throw new InputError(
      `“${said}” starts as one kind of size and ends as another. Write them apart.`,
      "sizes",
    );
  if (from.size >= to.size)
    throw new InputError(`“${said}” runs backwards. Write the smaller size first.`, "sizes");
  const made = MADE_NUMBERS[from.profile];
  const sizes = sizesBetween(made, from, to);
  if (sizes.length > 60)
    throw new InputError(`“${said}” would be ${sizes.length} sizes. Check the numbers.`, "sizes");
  return sizes.map((size) => ({ ...from, size }));
}

function sizesBetween(made: readonly number[] | undefined, from: HeadSize, to: HeadSize) {
  if (made) return made.filter((size) => size >= from.size && size <= to.size);
  if (from.unit === "in") return steps(from.size, to.size, 1 / 16);
  return steps(from.size, to.size, 1);
}

function steps(from: number, to: number, by: number): number[] {
  const found = Array.from({ length: Math.floor((to - from) / by + 1e-6) + 1 }, (_, i) => from + i * by);
  // A range of whole sizes may begin or end on a half: 5.5-8 is 5.5, 6, 7, 8.
  const whole = by === 1 && !Number.isInteger(from) ? [from, ...steps(Math.ceil(from), to, 1)] : found;
  const last = whole.at(-1);
  return last !== undefined && to - last > 1e-6 ? [...whole, to] : whole;
}
