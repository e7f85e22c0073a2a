import { InputError } from "../input-error";
import type { Hours } from "../model/day-plan";

const CLOCK = String.raw`(\d{1,2})(?:[:.](\d{2}))?\s*(?:h|uhr|o'clock)?\s*(am|pm)?`;
const FROM_TO = new RegExp(`^\\s*${CLOCK}\\s*(?:-|–|to|until)\\s*${CLOCK}\\s*$`, "i");
const SHUT = /^\s*(?:|-|–|shut|closed|none|never|no)\s*$/i;

function clock(hours = "", minutes = "00", half = ""): string | undefined {
  const twelve = /pm/i.test(half) ? 12 : 0;
  const whole = half ? (Number(hours) % 12) + twelve : Number(hours);
  if (whole > 23 || Number(minutes) > 59) return undefined;
  return `${String(whole).padStart(2, "0")}:${minutes}`;
}

/**
 * Hours of a day from what is typed; null where there are none.
 * @throws InputError for what is no hours, and for an end before the beginning.
 * Examples: "8-18" → 08:00 to 18:00; "9:30 to 4 pm" → 09:30 to 16:00; "shut" → null.
 */
export function readHours(text: string): Hours | null {
  if (SHUT.test(text)) return null;
  const found = FROM_TO.exec(text);
  const from = found && clock(found[1], found[2], found[3]);
  const to = found && clock(found[4], found[5], found[6]);
  if (!from || !to) throw new InputError(`“${text.trim()}” is no hours. Write 8:00-18:30, or shut.`);
  if (from >= to) throw new InputError("The end lies before the beginning. Write 8:00-18:30.");
  return { from, to };
}

/** As they are typed again. */
export const hoursText = (hours: Hours | null): string => (hours ? `${hours.from}-${hours.to}` : "shut");
