import { InputError } from "../input-error";
import { type OftenWrong, TROUBLE_KINDS } from "../model/trouble";
import type { Vehicle } from "../model/vehicle";
import { numberWithin } from "../quantity/number-within";
import { NUMBER } from "../quantity/read-number";

/** Years up to which a vehicle is like new, and from which rust has had its time. A judgement, not a measurement. */
const LIKE_NEW = 3;
const OLD = 15;
/** On salted roads a year counts for so many. A judgement, too. */
const SALT_AGES = 1.5;

const ONE = new RegExp(`^(\\D+?)\\s*(${NUMBER})(?:\\s*(?:-|–|to)\\s*(${NUMBER}))?\\s*(?:%|in 100)?$`, "i");
const often = numberWithin("How often", 0, 100, " in 100");

/**
 * What often goes wrong at a step, several set apart by a semicolon: what, and how often in a hundred on a
 * vehicle like new and on one that is old and rusty; one number is both.
 * @throws InputError for a trouble that has no ladder, and for what is no number of a hundred.
 * Example: "seized 5 to 40; snapped 2" → two of them.
 */
export function readOftenWrong(text: string): OftenWrong[] {
  return text
    .split(";")
    .map((one) => one.trim())
    .filter(Boolean)
    .map((one) => {
      const [, what = one, first, second] = ONE.exec(one) ?? [];
      const kind = TROUBLE_KINDS.find((known) => known === what.trim().toLowerCase());
      if (!kind)
        throw new InputError(
          `“${what.trim()}” is none of ${TROUBLE_KINDS.join(", ")}. Write one of them, such as seized 5 to 40.`,
        );
      if (first === undefined)
        throw new InputError(
          `Say how often in a hundred: ${kind} 5 on one like new, ${kind} 5 to 40 to an old one.`,
        );
      const young = often(first);
      const old = second === undefined ? young : often(second);
      if (old < young)
        throw new InputError(`What is old goes wrong more often. Write “${kind} ${old} to ${young}”.`);
      return { kind, young, old };
    });
}

/** As it is typed again. Example: [seized, 5 and 40] → "seized 5 to 40". */
export const oftenWrongText = (all: readonly OftenWrong[]): string =>
  all.map(({ kind, young, old }) => `${kind} ${young === old ? young : `${young} to ${old}`}`).join("; ");

/**
 * How often a trouble is met on a vehicle, in a hundred: between like new and old by its age, in the middle where
 * its year is not known; salt ages it.
 * @param today "2026-11-27". Example: 5 and 45 on one nine years old → 25.
 */
export function chanceOf(
  { young, old }: Pick<OftenWrong, "young" | "old">,
  { year, salted }: Pick<Vehicle, "year" | "salted">,
  today: string,
): number {
  const years = year === undefined ? (LIKE_NEW + OLD) / 2 : Number(today.slice(0, 4)) - year;
  const age = salted ? years * SALT_AGES : years;
  const share = Math.min(1, Math.max(0, (age - LIKE_NEW) / (OLD - LIKE_NEW)));
  return young + share * (old - young);
}

/** In words, for this vehicle. Example: "Often goes wrong here: seized, 25 in 100; snapped, 6 in 100." */
export function oftenWrongWords(
  all: readonly OftenWrong[],
  vehicle: Pick<Vehicle, "year" | "salted">,
  today: string,
): string {
  const each = all
    .map(({ kind, ...one }) => ({ kind, chance: Math.round(chanceOf(one, vehicle, today)) }))
    .sort((a, b) => b.chance - a.chance)
    .map(({ kind, chance }) => `${kind}, ${chance < 1 ? "hardly ever" : `about ${chance} in 100`}`);
  return `May go wrong here: ${each.join("; ")}.`;
}
