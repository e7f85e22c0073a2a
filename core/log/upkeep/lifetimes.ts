import { median } from "simple-statistics";
import type { Interval, Replacement } from "../../model/log";
import { type Distance, convertDistance } from "../../quantity/distance";
import { type Mileage, dayNumber } from "../mileage/mileage";
import { partKey } from "../part-key";

/**
 * One part in its chain at one place: what it replaced, what replaced it, and how long it lasted or has
 * lasted.
 */
export interface Lifetime {
  replacement: Replacement;
  /** What it took the place of; undefined for the first that the log knows. */
  before: Replacement | undefined;
  /** What took its place; undefined while it is on the vehicle. */
  after: Replacement | undefined;
  gone: Distance;
  days: number;
  /** Lasted less than half as long as its interval, or as others of its kind. */
  short: boolean;
}

/** Less than this share of what is usual stands out. Our own judgement: half is more than bad luck. */
const SHORT_SHARE = 0.5;
/** So many lives make a usual one. */
const ENOUGH_LIVES = 3;

/**
 * The life of every part that a vehicle's log knows, the newest first. One on the vehicle now has lived until
 * `today`.
 * @param nowKm the total now; the unit of each distance is that of the part's own odometer.
 */
export function lifetimesOf(
  vehicleId: string,
  replacements: readonly Replacement[],
  intervals: readonly Interval[],
  mileage: Mileage,
  nowKm: number,
  today: string,
): Lifetime[] {
  const chains = new Map<string, Replacement[]>();
  for (const one of replacements) {
    if (one.vehicleId !== vehicleId) continue;
    const key = `${partKey(one.part)}|${one.place}|${one.hand ?? ""}`;
    const chain = chains.get(key);
    if (chain) chain.push(one);
    else chains.set(key, [one]);
  }
  const lives = [...chains.values()].flatMap((chain) => {
    const sorted = chain.sort((a, b) => a.on.localeCompare(b.on) || a.createdAt.localeCompare(b.createdAt));
    return sorted.map((replacement, i) => {
      const after = sorted[i + 1];
      const end = after
        ? { km: mileage.totalKm(after.odometer, after.on), day: dayNumber(after.on) }
        : { km: nowKm, day: dayNumber(today) };
      const km = Math.max(0, end.km - mileage.totalKm(replacement.odometer, replacement.on));
      return {
        replacement,
        before: sorted[i - 1],
        after,
        km,
        days: Math.max(0, end.day - dayNumber(replacement.on)),
      };
    });
  });
  const ended = new Map<string, number[]>();
  for (const { replacement, after, km } of lives) {
    const key = partKey(replacement.part);
    if (after) ended.set(key, [...(ended.get(key) ?? []), km]);
  }
  const usual = (part: string): number | undefined => {
    const key = partKey(part);
    const every = intervals.find(
      (interval) => interval.vehicleId === vehicleId && partKey(interval.part) === key,
    )?.every;
    const own = ended.get(key) ?? [];
    if (every) return convertDistance(every, "km").value;
    if (own.length >= ENOUGH_LIVES) return median(own);
    return undefined;
  };
  return lives
    .map(({ replacement, before, after, km, days }): Lifetime => {
      const expected = usual(replacement.part);
      return {
        replacement,
        before,
        after,
        gone: convertDistance({ value: km, unit: "km" }, replacement.odometer.unit),
        days,
        short: after !== undefined && expected !== undefined && km < SHORT_SHARE * expected,
      };
    })
    .sort((a, b) => b.replacement.on.localeCompare(a.replacement.on));
}
