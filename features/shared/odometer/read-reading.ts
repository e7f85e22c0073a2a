import { InputError } from "@/core/input-error";
import type { DistanceUnit } from "@/core/quantity/distance";
import { readOdometer } from "@/core/quantity/read-odometer";

/**
 * A reading of one vehicle's own odometer. @throws InputError unless it is a number that an odometer of this
 * unit can show.
 */
export function readOwnOdometer(text: string, unit: DistanceUnit): number {
  const read = readOdometer(text, unit);
  if (read.unit !== unit)
    throw new InputError(
      `This odometer counts ${unit === "km" ? "kilometres" : "miles"}. Type the number it shows.`,
    );
  return read.value;
}

/** A day from a date field, not in the future. @throws InputError when it is empty or still to come. */
export function readDay(text: string, today: string): string {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(text)) throw new InputError("Choose the day.");
  if (text > today) throw new InputError("That day is still to come.");
  return text;
}
