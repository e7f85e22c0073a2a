import { InputError } from "../input-error";
import type { Minutes } from "../model/job";
import { numberWithin } from "../quantity/number-within";
import { NUMBER } from "../quantity/read-number";

const RANGE = new RegExp(`(${NUMBER})\\s*(?:-|–|to)\\s*(${NUMBER})`, "i");
const time = numberWithin("The time", 0, 10_000, " minutes");

/**
 * How long a step takes: usually, and from the least to the most where that is said.
 * @throws InputError for a range of which nobody says what is usual, and for what is no time.
 * Example: readMinutes("5 to 20, usually 8") → { least: 5, usual: 8, most: 20 }.
 */
export function readMinutes(text: string): Minutes {
  const range = RANGE.exec(text);
  const rest = text
    .replace(RANGE, "")
    .replace(/usually|mostly|about|min(?:utes)?\.?/gi, "")
    .replace(/^[\s,;()]+|[\s,;()]+$/g, "");
  if (!range) return { usual: time(rest) };
  const [least, most] = [time(range[1] ?? ""), time(range[2] ?? "")];
  if (rest === "") throw new InputError(`How long is it usually? Write “${least} to ${most}, usually …”.`);
  const usual = time(rest);
  if (least > usual || usual > most)
    throw new InputError(`${usual} minutes do not lie from ${least} to ${most}. Write the least first.`);
  return { least, usual, most };
}

/** As it is typed again. Example: { least: 5, usual: 8, most: 20 } → "5 to 20, usually 8". */
export function minutesText({ least, usual, most }: Minutes): string {
  return least === undefined || most === undefined ? String(usual) : `${least} to ${most}, usually ${usual}`;
}

/** As it stands on a step. Example: { usual: 8 } → "about 8 min". */
export function minutesWords({ least, usual, most }: Minutes): string {
  return `about ${usual} min${least === undefined || most === undefined ? "" : `, ${least} to ${most}`}`;
}
