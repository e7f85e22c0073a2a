import { InputError, requireFinite } from "../input-error";
import { readNumber } from "../quantity/read-number";

/**
 * Hours that a mark shows as it is said: "3", "3 o'clock", "4:30", "half past 4". 12 is straight up.
 * @throws InputError unless it is on the dial. Example: readClock("half past 4", "The mark") → 4.5.
 */
export function readClock(text: string, what: string, field?: string): number {
  const typed = text.trim().toLowerCase().replace(/[’‘]/g, "'");
  const timed = /^(\d{1,2}):([0-5]\d)$/.exec(typed);
  const half = /^half past (\d{1,2})$/.exec(typed);
  const hours = hoursOf(timed, half, typed, what, field);
  if (!(hours >= 0 && hours < 13))
    throw new InputError(`${what} is where a mark points on a clock face, from 1 to 12.`, field);
  return hours % 12 === 0 ? 12 : hours % 12;
}

function hoursOf(
  timed: RegExpExecArray | null,
  half: RegExpExecArray | null,
  typed: string,
  what: string,
  field: string | undefined,
) {
  if (timed) return Number(timed[1]) + Number(timed[2]) / 60;
  if (half) return Number(half[1]) + 0.5;
  return readNumber(typed.replace(/\s*o'?clock$/, ""), what, field).value;
}

/**
 * Where a mark points after turning clockwise (anticlockwise below zero), hours from above 0 to 12. Example:
 * from 12, 90° → 3.
 */
export function clockAfter(fromHours: number, turnedDeg: number): number {
  requireFinite(fromHours, "The mark", "mark");
  requireFinite(turnedDeg, "The angle", "angle");
  const hours = (((fromHours + turnedDeg / 30) % 12) + 12) % 12;
  return hours < 1e-9 || hours > 12 - 1e-9 ? 12 : hours;
}

/** "3 o'clock", "half past 4", "4:20" to the nearest five minutes. */
export function formatClock(hours: number): string {
  const minutes = Math.round((hours * 60) / 5) * 5;
  const hour = Math.floor(minutes / 60) % 12 || 12;
  const past = minutes % 60;
  if (past === 0) return `${hour} o'clock`;
  return past === 30 ? `half past ${hour}` : `${hour}:${String(past).padStart(2, "0")}`;
}
