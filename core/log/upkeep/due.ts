import { daysAfter, monthsAfter } from "../../day";
import type { Interval, Replacement } from "../../model/log";
import type { Place } from "../../model/place";
import { type Distance, convertDistance } from "../../quantity/distance";
import { type DayBand, type Driving, firstOf } from "../mileage/driving";
import type { Mileage } from "../mileage/mileage";
import { partKey } from "../part-key";

export type DueState = "overdue" | "soon" | "later" | "snoozed" | "unknown";

/** When one part at one place is due again. */
export interface Due {
  key: string;
  interval: Interval;
  place: Place | undefined;
  /** When it was last renewed; undefined when the log does not know, and then nothing is due. */
  last: Replacement | undefined;
  dueAt: Distance | undefined;
  /** How far it still has to go by today, as estimated; below zero when that is passed. */
  left: Distance | undefined;
  dueOn: string | undefined;
  /** The day it is due, by whichever of the two comes first; undefined when the log does not know. */
  on: DayBand | undefined;
  by: "distance" | "time" | undefined;
  state: DueState;
}

/** Due within this many days is soon. Our own judgement: time to order parts and find a free Saturday. */
const SOON_DAYS = 45;
/** The last day that counts as soon. */
export const lastSoonDay = (today: string): string => daysAfter(today, SOON_DAYS);
const RANK: Record<DueState, number> = { overdue: 0, soon: 1, later: 2, snoozed: 3, unknown: 4 };

/**
 * What is due on one vehicle, most pressing first. An interval that names no place counts apart at each place
 * where the log has the part.
 * @param today the local calendar day. @param driving undefined with fewer than two readings: then only time
 * counts.
 */
export function dueOf(
  vehicleId: string,
  intervals: readonly Interval[],
  replacements: readonly Replacement[],
  mileage: Mileage,
  driving: Driving | undefined,
  today: string,
): Due[] {
  return intervals
    .filter((interval) => interval.vehicleId === vehicleId)
    .flatMap((interval) => {
      const lasts = lastRenewed(interval, replacements);
      return lasts.length === 0
        ? [unknown(interval)]
        : lasts.map((last) => dueAfter(interval, last, mileage, driving, today));
    })
    .sort(
      (a, b) =>
        RANK[a.state] - RANK[b.state] ||
        (a.on?.best ?? "9").localeCompare(b.on?.best ?? "9") ||
        a.key.localeCompare(b.key),
    );
}

/** The newest renewal of the part at each place that the interval means. */
function lastRenewed(
  { vehicleId, part, place }: Interval,
  replacements: readonly Replacement[],
): Replacement[] {
  const key = partKey(part);
  const newest = new Map<Place, Replacement>();
  for (const one of replacements) {
    if (
      one.vehicleId !== vehicleId ||
      (place !== undefined && one.place !== place) ||
      partKey(one.part) !== key
    )
      continue;
    const other = newest.get(one.place);
    if (!other || one.on > other.on) newest.set(one.place, one);
  }
  return [...newest.values()];
}

function unknown(interval: Interval): Due {
  return {
    key: interval.id,
    interval,
    place: interval.place,
    last: undefined,
    dueAt: undefined,
    left: undefined,
    dueOn: undefined,
    on: undefined,
    by: undefined,
    state: "unknown",
  };
}

function dueAfter(
  interval: Interval,
  last: Replacement,
  mileage: Mileage,
  driving: Driving | undefined,
  today: string,
): Due {
  const { every, months, snoozed } = interval;
  const unit = last.odometer.unit;
  const totalDue = every && mileage.totalKm(last.odometer, last.on) + convertDistance(every, "km").value;
  const now = driving?.totalOn(today) ?? mileage.points.at(-1)?.km;
  const byDistance = totalDue !== undefined && driving ? driving.dayAt(totalDue) : undefined;
  const passed = totalDue !== undefined && now !== undefined && now >= totalDue;
  const dueOn = months === undefined ? undefined : monthsAfter(last.on, months);
  const on = firstOf(dueOn, byDistance);
  const overdue = passed || (on !== undefined && on.best <= today);
  const state: DueState = dueState(snoozed, today, overdue, on);
  return {
    key: `${interval.id} ${last.place}`,
    interval,
    place: last.place,
    last,
    dueAt: totalDue === undefined ? undefined : mileage.shown(totalDue, unit),
    left:
      totalDue === undefined || now === undefined
        ? undefined
        : convertDistance({ value: totalDue - now, unit: "km" }, unit),
    dueOn,
    on,
    by: on && (on.best === dueOn ? "time" : "distance"),
    state,
  };
}

function dueState(
  snoozed: { until: string; because: string } | undefined,
  today: string,
  overdue: boolean,
  on: DayBand | undefined,
): DueState {
  if (snoozed && snoozed.until > today) return "snoozed";
  if (overdue) return "overdue";
  if (on !== undefined && on.best <= lastSoonDay(today)) return "soon";
  if (on === undefined) return "unknown";
  return "later";
}
