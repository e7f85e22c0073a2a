import { InputError } from "../input-error";
import { type Distance, type DistanceUnit, groupThousands } from "./distance";
import { NUMBER, readNumber } from "./read-number";

const FURTHEST = 10_000_000;

const WHOLE = new RegExp(
  `^(-?\\s*${NUMBER})\\s*(k(?![a-z])|thousand)?\\s*(km|kms|kilomet(?:er|re)s?|mi|miles?)?\\.?$`,
  "i",
);

/**
 * An odometer reading as typed: "148 210", "148,210 km", "98.4k mi". Odometers show whole units, and tenths
 * at the most: a point or comma before three digits sets off thousands in "1,234,567" and is asked about in
 * "148.210".
 * @param unit that of the odometer, for a number without one. @throws InputError unless it is a number that
 * an odometer can show. Example: readOdometer("98.4k mi", "mi") → { value: 98400, unit: "mi" }.
 */
export function readOdometer(text: string, unit: DistanceUnit, field?: string): Distance {
  const typed = text.trim();
  const match = WHOLE.exec(typed);
  if (!match) {
    readNumber(typed, "The reading", field);
    throw new InputError(
      `The reading is "${typed}", which is not a distance. Type it like 148 210 km.`,
      field,
    );
  }
  const [, number = "", thousand, said] = match;
  return {
    value: readOdometerNumber(number, thousand !== undefined, field),
    unit: unitSaid(said, unit),
  };
}

function unitSaid(said: string | undefined, unit: DistanceUnit): DistanceUnit {
  if (said === undefined) return unit;
  if (said.toLowerCase().startsWith("k")) return "km";
  return "mi";
}

/** The number of a reading, with "k" for thousands. @throws InputError as readOdometer. */
export function readOdometerNumber(number: string, inThousands: boolean, field?: string): number {
  const grouped = /^\d{1,3}([.,])\d{3}(?:\1\d{3})+$/.test(number) ? number.replace(/[.,]/g, "") : number;
  const either = /^(\d{1,3})[.,](\d{3})$/.exec(grouped);
  if (either && !inThousands) {
    const [, whole = "", rest = ""] = either;
    throw new InputError(
      `"${number}" could be ${groupThousands(Number(whole + rest))} or ${whole}.${rest}. Type the digits without a mark, or with a space: ${whole} ${rest}.`,
      field,
    );
  }
  const { value, decimals } = readNumber(grouped, "The reading", field);
  if (value < 0) throw new InputError("An odometer does not go below zero.", field);
  if (decimals > 1 && !inThousands)
    throw new InputError(`"${number}" has more decimals than an odometer shows. Type what it shows.`, field);
  const distance = inThousands ? Number((value * 1000).toFixed(1)) : value;
  if (distance > FURTHEST)
    throw new InputError("That is further than any odometer shows. Check the number.", field);
  return distance;
}
