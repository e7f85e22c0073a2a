import { InputError } from "../input-error";
import { readNumber } from "./read-number";

interface MeasureUnit {
  /** As it is shown. */
  symbol: string;
  /** How much of the dimension's own unit it is. */
  factor: number;
  /** As people write it, in small letters. */
  written: RegExp;
}

/*
 * Exact by definition: the inch is 25.4 mm and the pound 0.45359237 kg (international agreement of 1959),
 * standard gravity 9.80665 m/s², the US gallon 231 cubic inches, the imperial gallon 4.54609 L.
 */
export const INCH_MM = 25.4;
const POUND_KG = 0.45359237;
const GRAVITY = 9.80665;
const US_GALLON_L = (231 * INCH_MM ** 3) / 1e6;

/** What is measured besides torque. The first unit of each is its own: what core computes in. */
const DIMENSIONS = {
  length: [
    { symbol: "mm", factor: 1, written: /^(?:mm|mils?|millimet(?:er|re)s?)$/ },
    { symbol: "cm", factor: 10, written: /^(?:cm|centimet(?:er|re)s?)$/ },
    { symbol: "m", factor: 1000, written: /^(?:m|met(?:er|re)s?)$/ },
    { symbol: "in", factor: INCH_MM, written: /^(?:in|inch|inches|"|”|″|'')$/ },
    { symbol: "ft", factor: 12 * INCH_MM, written: /^(?:ft|foot|feet|'|’|′)$/ },
  ],
  mass: [
    { symbol: "kg", factor: 1, written: /^(?:kgs?|kilos?|kilograms?)$/ },
    { symbol: "t", factor: 1000, written: /^(?:t|tonnes?)$/ },
    { symbol: "lb", factor: POUND_KG, written: /^(?:lbs?|pounds?)$/ },
  ],
  volume: [
    { symbol: "L", factor: 1, written: /^(?:l|lit(?:er|re)s?)$/ },
    { symbol: "ml", factor: 0.001, written: /^(?:ml|millilit(?:er|re)s?|cc)$/ },
    { symbol: "US qt", factor: US_GALLON_L / 4, written: /^(?:us )?(?:qts?|quarts?)$/ },
    { symbol: "US gal", factor: US_GALLON_L, written: /^us (?:gals?|gallons?)$/ },
    { symbol: "imp pt", factor: 4.54609 / 8, written: /^imp(?:erial)? (?:pts?|pints?)$/ },
    { symbol: "imp gal", factor: 4.54609, written: /^imp(?:erial)? (?:gals?|gallons?)$/ },
  ],
  force: [
    { symbol: "N", factor: 1, written: /^(?:n|newtons?)$/ },
    { symbol: "kg", factor: GRAVITY, written: /^(?:kgs?|kgf|kilos?)$/ },
    { symbol: "lb", factor: POUND_KG * GRAVITY, written: /^(?:lbs?|lbf|pounds?)$/ },
  ],
  angle: [
    { symbol: "°", factor: 1, written: /^(?:°|º|deg|degs|degrees?)$/ },
    { symbol: "flats", factor: 60, written: /^flats?$/ },
    { symbol: "turns", factor: 360, written: /^turns?$/ },
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

/**
 * A measure as typed, in its dimension's own unit. A unit written behind the number wins over the one of the field.
 * @param unit the unit taken when none is written; the dimension's own where left out.
 * @throws InputError naming what could not be read.
 * Example: readMeasure("1 1/2 in", "length", "The offset") → { value: 38.1, unit: "in" }.
 */
export function readMeasure(text: string, dimension: Dimension, what: string, { unit, field }: { unit?: string | undefined; field?: string | undefined } = {}): Measured {
  const units: readonly MeasureUnit[] = DIMENSIONS[dimension];
  const match = /^(.*?[\d.,½¼¾⅛⅜⅝⅞⅓⅔])?\s*([^\d.,½¼¾⅛⅜⅝⅞⅓⅔]*)$/s.exec(text.trim());
  const written = (match?.[2] ?? "").trim();
  const known = written === "" ? (units.find(({ symbol }) => symbol === unit) ?? units[0]) : units.find((one) => one.written.test(written.toLowerCase().replace(/\.$/, "")));
  if (match?.[1] === undefined || !known) {
    // Without a number it is the number that is missing, whatever else stands there.
    if (match?.[1] === undefined) readNumber(text, what, field);
    throw new InputError(`"${written}" is not a unit of ${dimension}. Use ${listed(units.map(({ symbol }) => symbol))}.`, field);
  }
  const { value } = readNumber(match[1], what, field);
  const measured = value * known.factor;
  if (!Number.isFinite(measured)) throw new InputError(`${what} is too large to be real.`, field);
  return { value: measured, unit: known.symbol };
}

/** A value of the dimension's own unit told in another of its units. @throws InputError for a unit it does not have. */
export function toMeasureUnit(value: number, dimension: Dimension, unit: string): number {
  const found = DIMENSIONS[dimension].find(({ symbol }) => symbol === unit);
  if (!found) throw new InputError(`"${unit}" is not a unit of ${dimension}.`);
  return value / found.factor;
}

function listed(words: string[]): string {
  return `${words.slice(0, -1).join(", ")} or ${words.at(-1) ?? ""}`;
}
