import { InputError } from "../input-error";

export interface ReadNumber {
  value: number;
  /** How many decimals were typed. */
  decimals: number;
}

const SPACES = /[\s\u00a0\u2009\u202f]/;
const PLAIN = /^[+-]?(\d+([.,]\d*)?|[.,]\d+)$/;
const GROUPED = /^[+-]?\d{1,3}([\s\u00a0\u2009\u202f]\d{3})+([.,]\d*)?$/;

/**
 * A number as people type it: comma or point for the decimals, thin or plain spaces between thousands.
 *
 * A comma before exactly three digits ("1,200") could be one point two or twelve hundred, which
 * differ a thousandfold, so it is asked about instead of guessed; so is more than one comma or point.
 * @param what starts the sentence of the error, e.g. "The grip length".
 * @throws InputError saying what could not be read.
 * Example: readNumber("148 210", "The reading") → { value: 148210, decimals: 0 }.
 */
export function readNumber(text: string, what: string, field?: string): ReadNumber {
  const trimmed = text.trim();
  if (trimmed === "") throw new InputError(`${what} is empty. Type a number.`, field);
  if (/^[+-]?[1-9]\d{0,2},\d{3}$/.test(trimmed)) {
    const plain = trimmed.replace(",", "");
    throw new InputError(`"${trimmed}" could be read two ways. Type ${plain} or ${trimmed.replace(",", ".")}.`, field);
  }
  if (!PLAIN.test(trimmed) && !GROUPED.test(trimmed)) {
    throw new InputError(`${what} reads "${trimmed}", which is not a number. Type digits, with a comma or a point.`, field);
  }
  const digits = trimmed.replace(new RegExp(SPACES, "g"), "").replace(",", ".");
  const value = Number(digits);
  if (!Number.isFinite(value)) throw new InputError(`${what} is too large to be real.`, field);
  return { value, decimals: digits.split(".")[1]?.length ?? 0 };
}
