import { requireFinite } from "../input-error";

/** The mile is 1609.344 m exactly (5280 ft of 0.3048 m). */
const MILE_KM = 1.609344;

export const DISTANCE_UNITS = ["km", "mi"] as const;
export type DistanceUnit = (typeof DISTANCE_UNITS)[number];

/** Where roads are measured in miles (Unicode CLDR, unit preferences for roads). */
const MILE_ROADS = ["GB", "US"];

/** What roads are measured in in a country, by its ISO 3166-1 code. Example: "GB" → mi. */
export function roadUnitOf(region: string): DistanceUnit {
  return MILE_ROADS.includes(region) ? "mi" : "km";
}

/** A distance as read off an odometer: the number and the unit of that odometer. */
export interface Distance {
  value: number;
  unit: DistanceUnit;
}

/**
 * The distance in another unit, unrounded. @throws InputError unless finite. Example: 100 mi → 160.9344 km.
 */
export function convertDistance(distance: Distance, unit: DistanceUnit): Distance {
  requireFinite(distance.value, "The distance");
  if (distance.unit === unit) return distance;
  return { value: unit === "mi" ? distance.value / MILE_KM : distance.value * MILE_KM, unit };
}

/** "148 210 km": whole units, thousands set off with a narrow no-break space. */
export function formatDistance(distance: Distance): string {
  return `${groupThousands(Math.round(distance.value))} ${distance.unit}`;
}

/** 12345 → "12 345", with narrow no-break spaces, the same in every place. */
export function groupThousands(whole: number): string {
  return String(whole).replace(/\B(?=(\d{3})+(?!\d))/g, "\u202f");
}
