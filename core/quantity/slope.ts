import { InputError } from "../input-error";
import { readNumber } from "./read-number";

/**
 * A slope as typed, in degrees: "2", "2°", "3 %", "1 in 30".
 * @throws InputError saying what could not be read, or for a slope that is negative or steeper than 45°. Example: readSlopeDeg("1 in 20", "The slope") → 2.862.
 */
export function readSlopeDeg(text: string, what: string, field?: string): number {
  const typed = text.trim();
  const ratio = /^(\S+)\s+in\s+(\S+)$/i.exec(typed);
  const read = (part: string) => readNumber(part, what, field).value;
  const degrees = ratio
    ? inDegrees(read(ratio[1] ?? "") / read(ratio[2] ?? ""))
    : typed.endsWith("%")
      ? inDegrees(read(typed.slice(0, -1)) / 100)
      : read(typed.replace(/\s*(?:°|deg(?:ree)?s?)$/i, ""));
  if (!(degrees >= 0 && degrees <= 45)) throw new InputError(`${what} is between 0 and 45 degrees. Type it like 2°, 3 % or 1 in 30.`, field);
  return degrees;
}

function inDegrees(rise: number): number {
  return (Math.atan(rise) * 180) / Math.PI;
}
