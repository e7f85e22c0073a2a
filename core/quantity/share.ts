import { InputError } from "../input-error";
import { readNumber } from "./read-number";

/**
 * A share as typed, 0 to 1: "50", "50 %", "50/50" and "1:1" are all one half.
 * A bare number below 1 ("0.5") is asked about: it could be half a per cent or one half.
 * @throws InputError saying what could not be read, or that it is below 0 or above 100 %.
 * Example: readShare("35 %", "The share") → 0.35.
 */
export function readShare(text: string, what: string, field?: string): number {
  const typed = text.trim();
  const parts = /^(\d{1,3})\s*[:/]\s*(\d{1,3})$/.exec(typed);
  if (parts) {
    const whole = Number(parts[1]) + Number(parts[2]);
    if (whole === 0) throw new InputError(`${what} reads "${typed}", which is nothing of nothing.`, field);
    return Number(parts[1]) / whole;
  }
  const { value } = readNumber(typed.replace(/\s*(?:%|per ?cent)$/i, ""), what, field);
  if (value > 0 && value < 1 && !/%|cent/i.test(typed)) {
    throw new InputError(`"${typed}" could be half a per cent or a part of one. Type it like 50 %.`, field);
  }
  if (value < 0) throw new InputError(`${what} cannot be less than zero.`, field);
  if (value > 100) throw new InputError(`${what} is at most 100 %.`, field);
  return value / 100;
}
