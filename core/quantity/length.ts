import { requireFinite } from "../input-error";
import { readNumber } from "./read-number";

/** The inch is 25.4 mm exactly (international yard and pound agreement of 1959). */
export const INCH_MM = 25.4;

export type LengthUnit = "mm" | "in";

/** Millimetres of a length in mm or inches. @throws InputError unless finite. Example: toMm(2, "in") → 50.8. */
export function toMm(value: number, unit: LengthUnit): number {
  requireFinite(value, "The length");
  return unit === "in" ? value * INCH_MM : value;
}

/**
 * A length as typed, in millimetres. A unit written behind the number wins over the field's own.
 * @throws InputError naming what could not be read. Example: readLengthMm("2 in", "mm", "Offset") → 50.8.
 */
export function readLengthMm(text: string, unit: LengthUnit, what: string, field?: string): number {
  const match = /^(.*?)\s*(mm|millimet(?:er|re)s?|cm|in|inch|inches|["”])?$/i.exec(text.trim());
  const said = match?.[2]?.toLowerCase();
  const { value } = readNumber(match?.[1] ?? text, what, field);
  if (said === "cm") return value * 10;
  if (said === undefined) return toMm(value, unit);
  return toMm(value, said.startsWith("m") ? "mm" : "in");
}
