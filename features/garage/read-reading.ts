import { InputError } from "@/core/input-error";
import { readNumber } from "@/core/quantity/read-number";

/** An odometer reading as typed. @throws InputError unless it is a number of zero or more that an odometer can show. */
export function readWholeDistance(text: string): number {
  const { value } = readNumber(text.replace(/\s*(km|mi|miles)\s*$/i, ""), "The reading");
  if (value < 0) throw new InputError("An odometer does not go below zero.");
  if (value > 10_000_000) throw new InputError("That is further than any odometer shows. Check the number.");
  return value;
}

/** A day from a date field, not in the future. @throws InputError when it is empty or still to come. */
export function readDay(text: string, today: string): string {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(text)) throw new InputError("Choose the day.");
  if (text > today) throw new InputError("That day is still to come.");
  return text;
}
