import { InputError } from "../input-error";

export interface ReadNumber {
  value: number;
  /** How many decimals were typed; of a fraction, as many as it has, four at the most. */
  decimals: number;
}

/**
 * A number within a text, as the source of a pattern: fractions and mixed numbers, single-sign fractions,
 * thousands set off by spaces, comma or point. It takes all the digits and marks that hang together, so that
 * what is no number ("1,200", "1.2.3") is refused whole instead of being read in part.
 */
export const NUMBER =
  "(?:(?:\\d+(?:\\s+|\\s*-\\s*))?\\d+\\s?[/⁄]\\s?\\d+|\\d*\\s?[½¼¾⅛⅜⅝⅞⅓⅔]|\\d{1,3}(?:[\\s\\u00a0\\u2009\\u202f]\\d{3})+(?!\\d)(?:[.,]\\d+)*|\\d+(?:[.,]\\d+)*|[.,]\\d+)";

const SPACES = /[\s\u00a0\u2009\u202f]/g;
const PLAIN = /^[+-]?(\d+([.,]\d*)?|[.,]\d+)$/;
const GROUPED = /^[+-]?\d{1,3}([\s\u00a0\u2009\u202f]\d{3})+([.,]\d*)?$/;
/** "13/16", and with a whole number before it "1 3/16" or "1-3/16". */
const FRACTION = /^([+-])?(?:(\d+)(?:\s+|\s*-\s*))?(\d+)\s*[/⁄]\s*(\d+)$/;
const SINGLE_SIGN: Record<string, string> = {
  "½": "1/2",
  "¼": "1/4",
  "¾": "3/4",
  "⅛": "1/8",
  "⅜": "3/8",
  "⅝": "5/8",
  "⅞": "7/8",
  "⅓": "1/3",
  "⅔": "2/3",
};

/**
 * A number as people type it: comma or point for the decimals, thin or plain spaces between thousands,
 * fractions and mixed numbers.
 *
 * A comma before exactly three digits ("1,200") could be one point two or twelve hundred, which
 * differ a thousandfold, so it is asked about instead of guessed; so is more than one comma or point.
 * @param what starts the sentence of the error, e.g. "The grip length".
 * @throws InputError saying what could not be read.
 * Example: readNumber("148 210", "The reading") → { value: 148210, decimals: 0 }; "1-3/16" → 1.1875.
 */
export function readNumber(text: string, what: string, field?: string): ReadNumber {
  const trimmed = text
    .trim()
    .replace(/[½¼¾⅛⅜⅝⅞⅓⅔]/g, (sign) => ` ${SINGLE_SIGN[sign] ?? ""}`)
    .trim();
  if (trimmed === "") throw new InputError(`${what} is empty. Type a number.`, field);
  const fraction = FRACTION.exec(trimmed);
  if (fraction) return readFraction(fraction, what, field);
  if (/^[+-]?[1-9]\d{0,2},\d{3}$/.test(trimmed)) {
    const plain = trimmed.replace(",", "");
    throw new InputError(
      `"${trimmed}" could be read two ways. Type ${plain} or ${trimmed.replace(",", ".")}.`,
      field,
    );
  }
  if (!PLAIN.test(trimmed) && !GROUPED.test(trimmed)) {
    refuseStrange(trimmed, what, field);
    throw new InputError(
      `${what} reads "${trimmed}", which is not a number. Type digits, with a comma or a point.`,
      field,
    );
  }
  const digits = trimmed.replace(SPACES, "").replace(",", ".");
  const value = Number(digits);
  if (!Number.isFinite(value)) throw new InputError(`${what} is too large to be real.`, field);
  return { value, decimals: digits.split(".")[1]?.length ?? 0 };
}

function readFraction(
  [text, sign, whole = "0", above = "", below = ""]: RegExpExecArray,
  what: string,
  field?: string,
): ReadNumber {
  if (Number(below) === 0)
    throw new InputError(`${what} reads "${text}": nothing can be divided by zero.`, field);
  const value = (sign === "-" ? -1 : 1) * (Number(whole) + Number(above) / Number(below));
  if (!Number.isFinite(value)) throw new InputError(`${what} is too large to be real.`, field);
  return { value, decimals: String(Number(Math.abs(value % 1).toFixed(4))).split(".")[1]?.length ?? 0 };
}

/** Whether a number was written as a fraction or has one in it: "3/8", "1-3/4", "½". */
export function isFraction(text: string): boolean {
  return /[/⁄½¼¾⅛⅜⅝⅞⅓⅔]/.test(text);
}

/** Throws for what is no number in any unit: a picture, or a number written with an e. */
export function refuseStrange(text: string, what: string, field?: string): void {
  if (/\p{Extended_Pictographic}/u.test(text))
    throw new InputError(`${what} has a picture in it. Type digits, with a comma or a point.`, field);
  if (/^[+-]?[\d.,]+e[+-]?\d/i.test(text))
    throw new InputError(`${what} reads "${text}". Write the number out in digits, without an e.`, field);
}
