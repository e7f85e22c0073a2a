import { InputError } from "../input-error";
import { NUMBER, readNumber } from "../quantity/read-number";

export interface Limit {
  least?: number;
  most?: number;
}

const LEAST = /^(?:at least|min(?:imum)?\.?|not (?:less|under|below)(?: than)?|[≥>]=?)\s*/i;
const MOST = /^(?:at most|max(?:imum)?\.?|not (?:more|over|above)(?: than)?|no more than|[≤<]=?)\s*/i;
const RANGE = new RegExp(`^(${NUMBER})\\s*(?:-|–|to)\\s*(${NUMBER})$`, "i");

/**
 * Reads what a measured thing may be. Which side of it is allowed has to be said: 22 mm of a disc is the least, 204
 * mm of a drum the most.
 * @param unit that it is measured in, and taken where none is written.
 * @throws InputError for a bare number, another unit, and what is no number.
 * Example: readLimit("at least 22 mm", "mm") → { least: 22 }.
 */
export function readLimit(typed: string, unit: string): Limit {
  const text = typed.trim();
  const bare = text.toLowerCase().endsWith(unit.toLowerCase()) ? text.slice(0, -unit.length).trim() : text;
  const number = (said: string) => readNumber(said, `The limit in ${unit}`).value;
  const range = RANGE.exec(bare);
  if (range) {
    const [least, most] = [number(range[1] ?? ""), number(range[2] ?? "")];
    if (least >= most) throw new InputError("The lower limit comes first, and is less than the upper.");
    return { least, most };
  }
  if (LEAST.test(bare)) return { least: number(bare.replace(LEAST, "")) };
  if (MOST.test(bare)) return { most: number(bare.replace(MOST, "")) };
  const value = number(bare);
  throw new InputError(`Is ${value} the least or the most? Write “at least ${value}” or “at most ${value}”.`);
}
