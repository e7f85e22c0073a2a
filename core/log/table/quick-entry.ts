import { capital } from "../../capital";
import { InputError } from "../../input-error";
import type { Place, System } from "../../model/place";
import { type Distance, type DistanceUnit } from "../../quantity/distance";
import { LineTaker } from "../../quantity/line-taker";
import { type Money, readPrice } from "../../quantity/money";
import { NUMBER } from "../../quantity/read-number";
import { readOdometerNumber } from "../../quantity/read-odometer";
import { DAY_WRITTEN, readDaySaid } from "./read-day";

/** What one line says of a replacement; what it does not say is left out, and asked for in the form. */
export interface QuickEntry {
  part: string | undefined;
  place: Place | undefined;
  system: System | undefined;
  odometer: Distance | undefined;
  priceMinor: number | undefined;
  on: string | undefined;
  count: number;
  /**
   * Words with figures in them of which nothing could be made: they stay in the part's name, and are asked
   * about.
   */
  unsure: string[];
  /** What could be read in two ways or in none, as a sentence; the field it is about stays empty. */
  asks: { about: "day" | "odometer" | "price"; says: string }[];
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
  [/\b(?:brake|caliper|shoe|pad|disc|drum|wheel cylinder)/i, "brakes"],
  [
    /\b(?:steering wheel|wheel bearing|hub|damper|shock|strut|anti-?roll|drop link|t(?:ie|rack) rod|control arm)/i,
    "steering and suspension",
  ],
  [/\b(?:tyre|tire|wheel|rim)/i, "wheels"],
  [/\b(?:battery|starter|alternator)/i, "starting and charging", "engine"],
  [/\b(?:plug|coil|injector|fuel|air filter|throttle|lead)/i, "ignition and fuel", "engine"],
  [/\b(?:coolant|thermostat|radiator|antifreeze|water pump|expansion tank)/i, "cooling", "engine"],
  [/\b(?:exhaust|silencer|muffler|catalyst)/i, "exhaust", "underneath"],
  [
    /\b(?:clutch|gearbox|transmission|differential|transfer|axle|propshaft)/i,
    "gearbox and drive",
    "underneath",
  ],
  [/\b(?:spring|bush|arm|link|ball joint|steering|rack)/i, "steering and suspension"],
  [/\b(?:oil|filter|gasket|mount|valve|timing|sump)/i, "engine", "engine"],
];

const BY_CABIN = /\b(?:cabin|pollen)\b/i;

/** Nothing that hangs on a letter or another number: "FDB1641", "6PK1873" and "M14x1.5" are names. */
const APART = "(?<![\\w.,/+])";
const ENDS = "(?![\\w/]|[.,]\\d)";
const GROUPED = "\\d{1,3}(?:[ \\u00a0\\u2009\\u202f]\\d{3})+";
const SIGN = "\\p{Sc}";

const COUNTS = [
  new RegExp(`${APART}(\\d{1,2})\\s*[x×](?![\\w.])`, "i"),
  new RegExp(`(?<![\\w.,])[x×]\\s?(\\d{1,2})${ENDS}`, "i"),
];

const WITH_UNIT = new RegExp(
  `${APART}(\\d{1,3}(?:,\\d{3})+|${NUMBER})\\s*(k(?![a-z])|thousand)?\\s*(km|kms|kilomet(?:er|re)s?|mi|miles?)\\b`,
  "i",
);

const PLAIN_ODOMETER = new RegExp(`${APART}(${GROUPED}|\\d{4,7})${ENDS}`);
const MONEY = `(?:\\d{1,3}(?:[ ,.\\u00a0\\u2009\\u202f]\\d{3})+(?:[.,]\\d{2})|\\d+(?:[.,]\\d{1,2})?)`;
const PRICES = [
  new RegExp(`${SIGN}\\s?(${MONEY})${ENDS}`, "u"),
  new RegExp(`${APART}(${MONEY})\\s?(?:${SIGN}|eur(?:os?)?\\b|quid\\b|dollars?\\b)`, "iu"),
  new RegExp(`${APART}((?:\\d{1,3}(?:[ ,.\\u00a0\\u2009\\u202f]\\d{3})+|\\d{1,7})[.,]\\d{2})${ENDS}`),
];

const BARE = new RegExp(`${APART}(\\d{2,3})${ENDS}`);

/**
 * Reads a line like "front wipers 61 200 km 18.50 today".
 * @param unit the unit of the vehicle's odometer, for a number without one. @param today the local calendar
 * day. @param money what prices are in: one in another currency is asked about.
 */
export function readQuickEntry(line: string, unit: DistanceUnit, today: string, money?: Money): QuickEntry {
  const taker = new LineTaker(` ${line.trim()} `);
  const asks: QuickEntry["asks"] = [];
  const on = takeDay(taker, today, asks);
  const count =
    COUNTS.map((pattern) => taker.take(pattern, ([, number]) => positive(number))).find(
      (one) => one !== undefined,
    ) ?? 1;
  const signed = PRICES.slice(0, 2)
    .map((pattern) => taker.take(pattern, ([said]) => priceOf(said, asks, money)))
    .find((one) => one !== undefined);
  const measured = takeWithUnit(taker, asks);
  const priceMinor = signed ?? taker.take(PRICES[2] ?? BARE, ([said]) => priceOf(said, asks, money));
  const odometer =
    measured ??
    taker.take(PLAIN_ODOMETER, ([, number = ""]) => ({ value: Number(number.replace(/\D/g, "")), unit }));
  const place = PLACES_SAID.flatMap(([pattern, one]) => taker.take(pattern, () => one) ?? [])[0];
  if (priceMinor === undefined || odometer === undefined) {
    taker.take(BARE, ([, number = ""]) => {
      const could = [
        ...(priceMinor === undefined ? ["the price"] : []),
        ...(odometer === undefined ? ["the odometer"] : []),
      ];
      asks.push({
        about: priceMinor === undefined ? "price" : "odometer",
        says: `“${number}” could be ${could.join(" or ")}, or a size: it was left in the part’s name.`,
      });
      return undefined;
    });
  }
  const name = taker.rest().replace(/^[\s,;:–-]+|[\s,;:–-]+$/g, "");
  const kind = KINDS.find(([pattern]) => pattern.test(name));
  return {
    part: name === "" ? undefined : capital(name),
    place: place ?? (BY_CABIN.test(name) ? "cabin" : kind?.[2]),
    system: kind?.[1],
    odometer,
    priceMinor: priceMinor ?? undefined,
    on,
    count,
    unsure: name.split(" ").filter((word) => /\d/.test(word)),
    asks,
  };
}

function takeDay(taker: LineTaker, today: string, asks: QuickEntry["asks"]): string | undefined {
  const said = DAY_WRITTEN.map((pattern) => taker.take(pattern, ([found]) => readDaySaid(found, today))).find(
    (one) => one !== undefined,
  );
  if (!said || "on" in said) return said?.on;
  asks.push({ about: "day", says: `${said.asks} Choose the day.` });
  return undefined;
}

/** A distance with its unit, or in thousands: "98.4k mi", "61 200 km". */
function takeWithUnit(taker: LineTaker, asks: QuickEntry["asks"]): Distance | undefined {
  return (
    taker.take(WITH_UNIT, ([, number = "", thousand, said = ""]) => {
      const unit = said.toLowerCase().startsWith("k") ? ("km" as const) : ("mi" as const);
      return asked("odometer", asks, () => ({
        value: readOdometerNumber(number.replace(/(?<=\d),(?=\d{3}(?!\d))/g, ""), thousand !== undefined),
        unit,
      }));
    }) ?? undefined
  );
}

function priceOf(said: string, asks: QuickEntry["asks"], money: Money | undefined): number | undefined {
  // The last mark with two digits behind it is the decimals'; any other sets off thousands.
  return asked("price", asks, () => readPrice(said.replace(/[ ,.\u00a0\u2009\u202f](?=\d{3})/g, ""), money));
}

/** What could be read; undefined, and asked about, where it could not. */
function asked<T>(about: "odometer" | "price", asks: QuickEntry["asks"], how: () => T): T | undefined {
  try {
    return how();
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    asks.push({ about, says: error.message });
    return undefined;
  }
}

function positive(number: string | undefined): number | undefined {
  return Number(number) >= 1 ? Number(number) : undefined;
}
