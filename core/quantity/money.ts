import { InputError } from "../input-error";
import { groupThousands } from "./distance";
import { readNumber } from "./read-number";

/** What may stand before or behind a price. */
const CURRENCY =
  /^\s*(?:\p{Sc}|eur|usd|gbp|chf)\s*|\s*(?:\p{Sc}|eur|usd|gbp|chf|euros?|dollars?|quid|bucks)\s*$/giu;

/**
 * A price as typed, in whole minor units (hundredths); a sign or name of a currency beside it says nothing,
 * as there is only one. Example: readPrice("18.50") → 1850.
 * @throws InputError when it is not a price or has more than two decimals.
 */
export function readPrice(text: string, field?: string): number {
  const { value, decimals } = readNumber(text.replace(CURRENCY, ""), "The price", field);
  if (value < 0) throw new InputError("A price cannot be less than nothing.", field);
  if (decimals > 2)
    throw new InputError(`"${text.trim()}" has more than two decimals. Type it like 18.50.`, field);
  return Math.round(value * 100);
}

/** 41260 → "412.60". No currency: the household has only one. */
export function formatPrice(minorUnits: number): string {
  const whole = Math.trunc(minorUnits / 100);
  return `${groupThousands(whole)}.${String(Math.abs(minorUnits % 100)).padStart(2, "0")}`;
}
