import { parseISO } from "date-fns";
import { getTimes } from "suncalc";
import type { DayPlan, Hours, Surroundings } from "../model/day-plan";
import { DAY_MIN, dayAt, minutesAt, minutesOf, minutesSince } from "./clock";
import type { World } from "./simulate";
import type { Spot } from "./spot";
import { type Windows, joined, without } from "./windows";

const OPEN: Hours = { from: "08:00", to: "18:00" };
const EVENING: Hours = { from: "17:00", to: "20:00" };
const FREE: Hours = { from: "08:00", to: "20:00" };

/** Until somebody says otherwise: the hours of the counter that comes with the app, a way of three quarters of an hour, a week of work. */
export const USUAL_SURROUNDINGS: Surroundings = {
  shop: [null, OPEN, OPEN, OPEN, OPEN, OPEN, { from: "09:00", to: "16:00" }],
  tripMin: 45,
  hands: [FREE, EVENING, EVENING, EVENING, EVENING, EVENING, FREE],
};

/** The hour from which hands are there on a day, "2026-11-28"; 08:00 where none are told. */
export const handsFrom = ({ hands }: Surroundings, day: string): string =>
  hands[parseISO(day).getDay()]?.from ?? "08:00";

/**
 * The hour at which a day begins that is moved to another: what was said, or, where it began with its hours, with those
 * of the other. Example: a Friday from 17:00, moved to a Saturday → "08:00".
 */
export const startOn = (
  around: Surroundings,
  plan: Pick<DayPlan, "startsOn" | "startsAt">,
  day: string,
): string => (plan.startsAt === handsFrom(around, plan.startsOn) ? handsFrom(around, day) : plan.startsAt);

/** How far ahead days are reckoned: what is not over by then is said not to be. */
export const HORIZON_DAYS = 10;

/** A parcel of a day is there by then, at the latest. A judgement: what comes earlier is a gift. */
const DELIVERED_AT = "18:00";

/** The same hours on each day from the first. @param ofDay the hours of a day, counted from the first. */
function daily(ofDay: (day: number) => Hours | null | undefined): Windows {
  return joined(
    Array.from({ length: HORIZON_DAYS }, (_, day) => day).flatMap((day) => {
      const hours = ofDay(day);
      return hours
        ? [[day * DAY_MIN + minutesOf(hours.from), day * DAY_MIN + minutesOf(hours.to)] as const]
        : [];
    }),
  );
}

/**
 * A plan's day as minutes since the midnight it begins at: when hands are there, when the shop is open.
 * @param live this moment, for a day under way: it goes on from now, whatever hours were told.
 */
export function worldOf(
  plan: Pick<DayPlan, "startsOn" | "startsAt" | "pauses" | "helper">,
  around: Surroundings,
  live?: number,
): World {
  const start = live ?? minutesOf(plan.startsAt);
  const pauses = joined(
    Array.from({ length: HORIZON_DAYS }, (_, day) => day * DAY_MIN).flatMap((zero) =>
      plan.pauses.map(({ at, minutes }) => [zero + minutesOf(at), zero + minutesOf(at) + minutes] as const),
    ),
  );
  const weekday = (day: number) => parseISO(dayAt(plan.startsOn, day * DAY_MIN)).getDay();
  const hands = daily((day) => around.hands[weekday(day)]);
  const helper = joined(
    plan.helper.flatMap(({ on, ...hours }) =>
      daily((day) => (on === undefined || on === dayAt(plan.startsOn, day * DAY_MIN) ? hours : null)),
    ),
  );
  const own = without(underWay(hands, live), pauses);
  return {
    people: helper.length > 0 ? [own, without(helper, pauses)] : [own],
    start,
    shop: daily((day) => around.shop[weekday(day)]),
    tripMin: around.tripMin,
  };
}

/** Somebody who is at it past the hours that were told goes on for so long, minutes. A judgement. */
const GOES_ON_MIN = 180;

/** Hands of a day under way are there from now to the end of its hours, or for a while where those are over. */
function underWay(hands: Windows, live: number | undefined): Windows {
  if (live === undefined) return hands;
  const midnight = (Math.floor(live / DAY_MIN) + 1) * DAY_MIN;
  const ends = hands.findLast(([from, to]) => from < midnight && to > live)?.[1] ?? live + GOES_ON_MIN;
  return joined([...hands, [live, Math.min(ends, midnight)]]);
}

/** When it is light enough to work by: from civil dawn to civil dusk of each day. Empty where the place is unknown. */
export function lightOf(zero: string, spot: Spot | undefined, days: number = HORIZON_DAYS): Windows {
  if (!spot) return [];
  return joined(
    Array.from({ length: days }, (_, day) => day).flatMap((day): Windows => {
      const noon = parseISO(`${dayAt(zero, day * DAY_MIN)}T12:00`);
      const { dawn, dusk, alwaysUp } = getTimes(noon, spot.latitude, spot.longitude);
      if (dawn && dusk) return [[minutesSince(zero, dawn), minutesSince(zero, dusk)]];
      // Where the sun goes down and dusk never ends, or it never goes down.
      return alwaysUp || (!dusk === !dawn && isLight(noon, spot))
        ? [[day * DAY_MIN, (day + 1) * DAY_MIN]]
        : [];
    }),
  );
}

function isLight(noon: Date, spot: Spot): boolean {
  const { sunrise, alwaysDown } = getTimes(noon, spot.latitude, spot.longitude);
  return sunrise !== null && !alwaysDown;
}

/** The moment a parcel of a day is there by. */
export const deliveredAt = (zero: string, on: string): number => minutesAt(zero, on, DELIVERED_AT);

/** Below this hardly anything cures, °C: what makers of sealants and threadlockers agree on. */
export const TOO_COLD_C = 5;

/**
 * How much longer curing takes than at 20 °C: twice for every ten degrees less, by the rule of van 't Hoff; never
 * less than is written down. Example: 10 °C → 2.
 */
export const cureFactor = (temperatureC: number): number =>
  Math.min(8, Math.max(1, 2 ** ((20 - temperatureC) / 10)));
