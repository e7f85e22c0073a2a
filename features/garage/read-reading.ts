import { InputError } from "@/core/input-error";
import type { DistanceUnit } from "@/core/quantity/distance";
import { readNumber } from "@/core/quantity/read-number";

/** An odometer reading as typed. @throws InputError unless it is a number that an odometer of this unit can show. */
export function readOdometer(text: string, unit: DistanceUnit): number {
  const match = /^(.*?)\s*(km|kilomet(?:er|re)s?|mi|miles?)?$/i.exec(text.trim());
  const said = match?.[2]?.toLowerCase();
  if (said && said.startsWith("k") !== (unit === "km")) throw new InputError(`This odometer counts ${unit === "km" ? "kilometres" : "miles"}. Type the number it shows.`);
  const { value } = readNumber(match?.[1] ?? text, "The reading");
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
