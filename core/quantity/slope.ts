import { InputError } from "../input-error";
import { readNumber } from "./read-number";

/**
 * A slope as typed, in degrees: "2", "2°", "3 %", "1 in 30", "1:30", "1/30".
 * @throws InputError saying what could not be read, asking about "1/2", which could be half a degree, or for
 * a slope that is negative or steeper than 45°. Example: readSlopeDeg("1 in 20", "The slope") → 2.862.
 */
export function readSlopeDeg(text: string, what: string, field?: string): number {
  const typed = text.trim();
  const ratio =
    /^(\S+)\s+in\s+(\S+)$/i.exec(typed) ?? /^(\d+(?:[.,]\d+)?)\s*[:/]\s*(\d+(?:[.,]\d+)?)$/.exec(typed);
  // Nothing that a car stands on falls one in four: it is a part of a degree, or a slip.
  if (ratio && typed.includes("/") && Number(ratio[2]) < 5 * Number(ratio[1]))
    throw new InputError(
      `"${typed}" could be part of a degree or a slope. Write it like 0.5° or 1 in 20.`,
      field,
    );
  const read = (part: string) => readNumber(part, what, field).value;
  const degrees = degreesOf(ratio, read, typed);
  if (!(degrees >= 0 && degrees <= 45))
    throw new InputError(`${what} is between 0 and 45 degrees. Type it like 2°, 3 % or 1 in 30.`, field);
  return degrees;
}

function degreesOf(ratio: RegExpExecArray | null, read: (part: string) => number, typed: string) {
  if (ratio) return inDegrees(read(ratio[1] ?? "") / read(ratio[2] ?? ""));
  if (typed.endsWith("%")) return inDegrees(read(typed.slice(0, -1)) / 100);
  return read(typed.replace(/\s*(?:°|deg(?:ree)?s?)$/i, ""));
}

function inDegrees(rise: number): number {
  return (Math.atan(rise) * 180) / Math.PI;
}
