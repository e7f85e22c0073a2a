import { readMeasure } from "./measure";

/**
 * A length as typed, in millimetres. A unit written behind the number wins over the field's own.
 * @throws InputError naming what could not be read. Example: readLengthMm("2 in", "mm", "Offset") → 50.8.
 */
export function readLengthMm(text: string, unit: "mm" | "in", what: string, field?: string): number {
  return readMeasure(text, "length", what, { unit, field }).value;
}
