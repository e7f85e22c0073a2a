import { InputError, orSentence } from "../input-error";
import { readLengthMm } from "./length";
import { readNumber } from "./read-number";

/**
 * A reader of numbers from `least` to `most`; `what` starts its sentences: "The wait". @throws InputError for
 * any other.
 */
export function numberWithin(what: string, least: number, most: number, unit = ""): (text: string) => number {
  return (text) => inside(readNumber(text, what).value, what, least, most, unit);
}

/** A reader of whole numbers from `least` to `most`. @throws InputError for any other. */
export function wholeWithin(what: string, least: number, most: number, unit = ""): (text: string) => number {
  return (text) => {
    const { value } = readNumber(text, what);
    if (!Number.isInteger(value) || value < least || value > most)
      throw new InputError(`${what}: a whole number from ${least} to ${most}${unit}.`);
    return value;
  };
}

/**
 * A reader of lengths from `least` to `most` mm; a unit may stand behind the number. @throws InputError for
 * any other.
 */
export function mmWithin(what: string, least: number, most: number): (text: string) => number {
  return (text) => inside(readLengthMm(text, "mm", what), what, least, most, " mm");
}

function inside(value: number, what: string, least: number, most: number, unit: string): number {
  if (value < least || value > most)
    throw new InputError(`${what} is between ${least} and ${most}${unit}. Check the number.`);
  return value;
}

/** The number that is typed, where it is one. */
export function numberIn(text: string): number | undefined {
  return orSentence<number | undefined>(
    () => readNumber(text, "It").value,
    () => undefined,
  );
}
