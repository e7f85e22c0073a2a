import { format, isValid, parse, subDays, parseISO } from "date-fns";
import type { Place, System } from "../model/place";
import { type Distance, type DistanceUnit } from "../quantity/distance";

/** What one line says of a replacement; what it does not say is left out, and asked for in the form. */
export interface QuickEntry {
  part: string | undefined;
  place: Place | undefined;
  system: System | undefined;
  odometer: Distance | undefined;
  priceMinor: number | undefined;
  on: string | undefined;
  count: number;
  /** Words with figures in them of which nothing could be made: they stay in the part's name, and are asked about. */
  unsure: string[];
}

/** Places as people put them, the longer first. */
const PLACES_SAID: [RegExp, Place][] = [
  [/\b(?:left[ -]?front|front[ -]?left)\b/i, "left front"],
  [/\b(?:right[ -]?front|front[ -]?right)\b/i, "right front"],
  [/\b(?:left[ -]?rear|rear[ -]?left|left[ -]?back|back[ -]?left)\b/i, "left rear"],
  [/\b(?:right[ -]?rear|rear[ -]?right|right[ -]?back|back[ -]?right)\b/i, "right rear"],
  [/\bfront\b/i, "front"],
  [/\b(?:rear|back)\b/i, "rear"],
];

/** Which system a part belongs to and where it usually sits, by a word of its name; the first that fits. */
const KINDS: [RegExp, System, Place?][] = [
  [/\b(?:wiper|bulb holder|blade|washer jet|mirror|seat|door|cabin|pollen)/i, "body and cabin"],
  [/\b(?:bulb|lamp|light|fuse|relay|horn)/i, "lights and electrics"],
  [/\b(?:tyre|tire|wheel|rim)/i, "wheels"],
  [/\b(?:brake|caliper|shoe|pad|disc|drum)/i, "brakes"],
  [/\b(?:battery|starter|alternator)/i, "starting and charging", "engine"],
  [/\b(?:plug|coil|injector|fuel|air filter|throttle|lead)/i, "ignition and fuel", "engine"],
  [/\b(?:coolant|thermostat|radiator|antifreeze)/i, "cooling", "engine"],
  [/\b(?:exhaust|silencer|muffler|catalyst)/i, "exhaust", "underneath"],
  [/\b(?:clutch|gearbox|transmission|differential|transfer|axle|propshaft)/i, "gearbox and drive", "underneath"],
  [/\b(?:spring|bush|arm|link|ball joint|steering|rack)/i, "steering and suspension"],
  [/\b(?:oil|filter|gasket|mount|valve|timing|sump)/i, "engine", "engine"],
];
const BY_CABIN = /\b(?:cabin|pollen)\b/i;

const DAYS_SAID = ["d MMM yyyy", "d MMMM yyyy", "d.M.yyyy", "d MMM yy"];

/**
 * Reads a line like "front wipers 61 200 km 18.50 today".
 * @param unit the unit of the vehicle's odometer, for a number without one. @param today the local calendar day.
 */
export function readQuickEntry(line: string, unit: DistanceUnit, today: string): QuickEntry {
  let rest = ` ${line.trim()} `;
  const take = <T>(pattern: RegExp, made: (match: RegExpExecArray) => T | undefined): T | undefined => {
    const match = pattern.exec(rest);
    const value = match ? made(match) : undefined;
    if (match && value !== undefined) rest = `${rest.slice(0, match.index)} ${rest.slice(match.index + match[0].length)}`;
    return value;
  };
  const on =
    take(/\btoday\b/i, () => today) ??
    take(/\byesterday\b/i, () => format(subDays(parseISO(today), 1), "yyyy-MM-dd")) ??
    take(/\b\d{4}-\d{2}-\d{2}\b/, ([said]) => (isValid(parseISO(said)) ? said : undefined)) ??
    take(/\b\d{1,2}(?:\.\d{1,2}\.\d{4}|\s+[a-z]{3,9}\s+\d{4}|\s+[a-z]{3}\s+\d{2})\b/i, ([said]) => dayFrom(said, today));
  const odometer =
    take(/(?<![\d.,])(\d{1,3}(?:[ ,.\u00a0\u2009\u202f]\d{3})+|\d+)\s*(km|kms|kilomet(?:er|re)s?|mi|miles?)\b/i, ([, number = "", said = ""]) => ({
      value: Number(number.replace(/\D/g, "")),
      unit: said.toLowerCase().startsWith("k") ? ("km" as const) : ("mi" as const),
    })) ?? take(/(?<![\d.,])(\d{1,3}(?:[ \u00a0\u2009\u202f]\d{3})+|\d{4,7})(?![\d.,]*\d)/, ([, number = ""]) => ({ value: Number(number.replace(/\D/g, "")), unit }));
  const priceMinor = take(/(?<![\d.,])(\d{1,7})[.,](\d{2})(?![\d.,])/, ([, whole = "", part = ""]) => Number(whole) * 100 + Number(part));
  const count = take(/(?<![\d.,])(\d{1,2})\s*[x×]/i, ([, number]) => positive(number)) ?? take(/[x×]\s*(\d{1,2})\b/i, ([, number]) => positive(number)) ?? 1;
  const said = PLACES_SAID.flatMap(([pattern, place]) => take(pattern, () => place) ?? [])[0];
  const name = rest.replace(/\s+/g, " ").replace(/^[\s,;:–-]+|[\s,;:–-]+$/g, "");
  const kind = KINDS.find(([pattern]) => pattern.test(name));
  return {
    part: name === "" ? undefined : name.charAt(0).toUpperCase() + name.slice(1),
    place: said ?? (BY_CABIN.test(name) ? "cabin" : kind?.[2]),
    system: kind?.[1],
    odometer,
    priceMinor,
    on,
    count,
    unsure: name.split(" ").filter((word) => /\d/.test(word)),
  };
}

function positive(number: string | undefined): number | undefined {
  return Number(number) >= 1 ? Number(number) : undefined;
}

function dayFrom(said: string, today: string): string | undefined {
  for (const form of DAYS_SAID) {
    const day = parse(said.replace(/\s+/g, " "), form, parseISO(today));
    if (isValid(day)) return format(day, "yyyy-MM-dd");
  }
  return undefined;
}
