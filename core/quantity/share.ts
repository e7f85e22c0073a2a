import { InputError } from "../input-error";
import { readNumber } from "./read-number";

/**
 * A share as typed, 0 to 1: "50", "50 %", "50/50" and "1:1" are all one half.
 * A bare number below 1 ("0.5") is asked about: it could be half a per cent or one half; so is "1/2", which
 * could be one half or one part to two.
 * @throws InputError saying what could not be read, or that it is below 0 or above 100 %.
 * Example: readShare("35 %", "The share") → 0.35.
 */
export function readShare(text: string, what: string, field?: string): number {
  const typed = text.trim();
  const parts = /^(\d{1,3})\s*[:/]\s*(\d{1,3})$/.exec(typed);
  if (parts) {
    const whole = Number(parts[1]) + Number(parts[2]);
    if (whole === 0) throw new InputError(`${what} reads "${typed}", which is nothing of nothing.`, field);
    if (typed.includes("/") && whole !== 100 && parts[1] !== parts[2]) {
      const [above, below] = [Number(parts[1]), Number(parts[2])];
      throw new InputError(
        `"${typed}" could be a fraction or parts to parts. Write ${percent(above / below)} or ${percent(above / whole)}, or ${above}:${below} for parts.`,
        field,
      );
    }
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

function percent(share: number): string {
  return Number.isFinite(share) ? `${Number((share * 100).toFixed(1))} %` : "a share like 50 %";
}
