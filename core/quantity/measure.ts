import { InputError } from "../input-error";
import { STANDARD_GRAVITY } from "./gravity";
import { NUMBER, isFraction, readNumber } from "./read-number";

interface MeasureUnit {
  /** As it is shown. */
  symbol: string;
  /** How much of the dimension's own unit it is. */
  factor: number;
  /** As people write it, in small letters: the source of a pattern. */
  written: string;
}

/*
 * Exact by definition: the inch is 25.4 mm and the pound 0.45359237 kg (international agreement of 1959),
 * standard gravity 9.80665 m/s², the US gallon 231 cubic inches, the imperial gallon 4.54609 L.
 */
export const INCH_MM = 25.4;
const POUND_KG = 0.45359237;
/** 2000 lb: what a "ton" is on a jack or a stand, and the least that it may be anywhere. */
export const SHORT_TON_KG = 2000 * POUND_KG;
const US_GALLON_L = (231 * INCH_MM ** 3) / 1e6;

/** What is measured besides torque. The first unit of each is its own: what core computes in. */
const DIMENSIONS = {
  length: [
    { symbol: "mm", factor: 1, written: String.raw`(?:mm|mils?|millimet(?:er|re)s?)` },
    { symbol: "cm", factor: 10, written: String.raw`(?:cm|centimet(?:er|re)s?)` },
    { symbol: "m", factor: 1000, written: String.raw`(?:m|met(?:er|re)s?)` },
    { symbol: "in", factor: INCH_MM, written: String.raw`(?:in|inch|inches|"|”|″|'')` },
    { symbol: "ft", factor: 12 * INCH_MM, written: String.raw`(?:ft|foot|feet|'|’|′)` },
  ],
  mass: [
    { symbol: "kg", factor: 1, written: String.raw`(?:kgs?|kilos?|kilograms?)` },
    { symbol: "t", factor: 1000, written: String.raw`(?:t|tonnes?)` },
    { symbol: "lb", factor: POUND_KG, written: String.raw`(?:lbs?|pounds?)` },
    { symbol: "short ton", factor: SHORT_TON_KG, written: String.raw`(?:(?:us|short)[ -])tons?` },
  ],
  volume: [
    { symbol: "L", factor: 1, written: String.raw`(?:l|lit(?:er|re)s?)` },
    { symbol: "ml", factor: 0.001, written: String.raw`(?:ml|millilit(?:er|re)s?|cc)` },
    { symbol: "US qt", factor: US_GALLON_L / 4, written: String.raw`(?:us )?(?:qts?|quarts?)` },
    { symbol: "US gal", factor: US_GALLON_L, written: String.raw`us (?:gals?|gallons?)` },
    { symbol: "imp pt", factor: 4.54609 / 8, written: String.raw`imp(?:erial)? (?:pts?|pints?)` },
    { symbol: "imp gal", factor: 4.54609, written: String.raw`imp(?:erial)? (?:gals?|gallons?)` },
  ],
  force: [
    { symbol: "N", factor: 1, written: String.raw`(?:n|newtons?)` },
    { symbol: "kg", factor: STANDARD_GRAVITY, written: String.raw`(?:kgs?|kgf|kilos?)` },
    { symbol: "lb", factor: POUND_KG * STANDARD_GRAVITY, written: String.raw`(?:lbs?|lbf|pounds?)` },
  ],
  angle: [
    { symbol: "°", factor: 1, written: String.raw`(?:°|º|deg|degs|degrees?)` },
    { symbol: "flats", factor: 60, written: String.raw`flats?` },
    { symbol: "turns", factor: 360, written: String.raw`turns?` },
  ],
} as const satisfies Record<string, readonly MeasureUnit[]>;

export type Dimension = keyof typeof DIMENSIONS;

/** Symbols of a dimension's units, its own first. */
export function measureUnits(dimension: Dimension): string[] {
  return DIMENSIONS[dimension].map(({ symbol }) => symbol);
}

export interface Measured {
  /** In the dimension's own unit: mm, kg, L, N or degrees. */
  value: number;
  /** The unit it was given in. */
  unit: string;
}

const WHOLE = new RegExp(`^([+-]?\\s*${NUMBER})\\s*([^\\d]*)$`, "s");
const FITS = new Map<string, RegExp>();

function isWritten({ written }: MeasureUnit, text: string): boolean {
  const known = FITS.get(written) ?? new RegExp(`^(?:${written})$`);
  FITS.set(written, known);
  return known.test(text.toLowerCase().replace(/\.$/, ""));
}

/**
 * A measure as typed, in its dimension's own unit. A unit written behind the number wins over the one of the
 * field.
 * @param unit the unit taken when none is written; the dimension's own where left out.
 * @throws InputError naming what could not be read, or asking what a bare fraction or a "ton" is.
 * Example: readMeasure("1 1/2 in", "length", "The offset") → { value: 38.1, unit: "in" }.
 */
export function readMeasure(
  text: string,
  dimension: Dimension,
  what: string,
  { unit, field }: { unit?: string | undefined; field?: string | undefined } = {},
): Measured {
  const units: readonly MeasureUnit[] = DIMENSIONS[dimension];
  const typed = text.trim();
  const match = WHOLE.exec(typed);
  if (!match) {
    // Without a number it is the number that is missing, whatever else stands there; with more than one it is
    // the rest that is not understood.
    readNumber(typed, what, field);
    throw new InputError(
      `${what} reads "${typed}". Write one number and its unit, such as 12 ${units[0]?.symbol ?? ""}.`,
      field,
    );
  }
  const [, number = "", behind = ""] = match;
  const written = behind.trim();
  const known =
    written === ""
      ? (units.find(({ symbol }) => symbol === unit) ?? units[0])
      : units.find((one) => isWritten(one, written));
  if (dimension === "mass" && /^tons?$/i.test(written))
    throw new InputError(
      `"${typed}" could be 1000 kg or 907 kg to the ton. Write t for the one, short ton for the other.`,
      field,
    );
  if (!known)
    throw new InputError(
      `"${written}" is not a unit of ${dimension}. Use ${listed(units.map(({ symbol }) => symbol))}.`,
      field,
    );
  if (written === "" && isFraction(number)) askWhatOf(typed, dimension, known.symbol, field);
  const { value } = readNumber(number, what, field);
  const measured = value * known.factor;
  if (!Number.isFinite(measured)) throw new InputError(`${what} is too large to be real.`, field);
  return { value: measured, unit: known.symbol };
}

/** Nobody writes millimetres or degrees in fractions: it is inches or turns that were meant, or a slip. */
function askWhatOf(typed: string, dimension: Dimension, unit: string, field: string | undefined): void {
  if (dimension === "length" && !["in", "ft"].includes(unit))
    throw new InputError(
      `"${typed}" is a fraction: inches? Write ${typed} in, or a decimal in ${unit}.`,
      field,
    );
  if (dimension === "angle" && unit === "°")
    throw new InputError(
      `"${typed}" could be of a degree or of a turn. Write ${typed} turn, or the degrees.`,
      field,
    );
}

/**
 * A number and, if there is one, its unit of a dimension, within a longer text: the source of a pattern, for
 * a text in small letters.
 */
export function measurePattern(dimension: Dimension): string {
  const units = DIMENSIONS[dimension].map(({ written }) => written).join("|");
  return `${NUMBER}(?:\\s*-?\\s*(?:${units})(?![a-z])\\.?)?`;
}

/**
 * A value of the dimension's own unit told in another of its units. @throws InputError for a unit it does not
 * have.
 */
export function toMeasureUnit(value: number, dimension: Dimension, unit: string): number {
  const found = DIMENSIONS[dimension].find(({ symbol }) => symbol === unit);
  if (!found) throw new InputError(`"${unit}" is not a unit of ${dimension}.`);
  return value / found.factor;
}

function listed(words: string[]): string {
  return `${words.slice(0, -1).join(", ")} or ${words.at(-1) ?? ""}`;
}
