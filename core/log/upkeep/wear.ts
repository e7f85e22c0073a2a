import { capital } from "../../capital";
import type { Measurement, Replacement } from "../../model/log";
import { isBeyond } from "../../quantity/limits";
import { sidesCompared } from "../../work/measured";
import { type DayBand, type Driving, dayAfter } from "../mileage/driving";
import { type Mileage, dayNumber } from "../mileage/mileage";
import { studentQuantile90 } from "../mileage/student";
import { isPartOf, partKey } from "../part-key";
import { lastSoonDay } from "./due";

export interface WearPoint {
  totalKm: number;
  on: string;
  value: number;
}

/** One thing measured at one place over time, since it was last new. */
export interface WearSeries {
  what: string;
  at: string | undefined;
  unit: string;
  limit: { value: number; is: "least" | "most" } | undefined;
  points: WearPoint[];
  /** Points from before it was renewed. */
  earlier: WearPoint[];
  /**
   * To how many decimals its values were read: as many as any of its kind has, as one gauge reads left and
   * right.
   */
  decimals: number;
}

/** A straight line through a series, and where it meets the limit. */
export interface WearLine {
  /** The value at a total, on the line. */
  valueAt: (totalKm: number) => number;
  perThousandKm: number;
  /**
   * Where the line meets the limit, km over all odometers; `latest` may never come. Undefined without a
   * limit, or when it does not wear.
   */
  meets: { best: number; earliest: number | undefined; latest: number | undefined } | undefined;
  on: DayBand | undefined;
}

export type WearVerdict =
  "renewed since" | "one point" | "two points" | "no wear seen" | "no limit" | "beyond" | "forecast";

export interface Wear extends WearSeries {
  line: WearLine | undefined;
  verdict: WearVerdict;
  /** Overdue when measured beyond its limit, soon when it may meet it within the time that counts as soon. */
  state: "overdue" | "soon" | "later" | "unknown";
}

/** What of a value may be scatter or a sharper eye rather than a new part: a fifth of all it has worn. */
const JUMP_SHARE = 0.2;

/**
 * Each thing measured on a vehicle, place by place, with its line and the day that it meets its limit.
 * @param today the local calendar day.
 */
export function wearOf(
  vehicleId: string,
  measurements: readonly Measurement[],
  replacements: readonly Replacement[],
  mileage: Mileage,
  driving: Driving | undefined,
  today: string,
): Wear[] {
  const groups = new Map<string, Measurement[]>();
  for (const one of measurements) {
    if (one.vehicleId !== vehicleId) continue;
    const key = `${partKey(one.what)}|${(one.at ?? "").toLowerCase()}|${one.unit}`;
    groups.set(key, [...(groups.get(key) ?? []), one]);
  }
  const renewed = replacements.filter((one) => one.vehicleId === vehicleId);
  const kinds = new Map<string, number>();
  const kindOf = ({ what, unit }: Measurement) => `${partKey(what)}|${unit}`;
  for (const one of [...groups.values()].flat())
    kinds.set(kindOf(one), Math.max(kinds.get(kindOf(one)) ?? 0, decimalsOf(one.value)));
  return [...groups.values()]
    .map((group) =>
      judged(
        seriesOf(group, renewed, mileage, (group[0] && kinds.get(kindOf(group[0]))) ?? 0),
        driving,
        today,
      ),
    )
    .sort((a, b) => a.what.localeCompare(b.what) || (a.at ?? "").localeCompare(b.at ?? ""));
}

/**
 * Left against right in words: of places that differ by their side alone, on the last day on which both were
 * measured. Where there is more than one such pair, each begins with the rest of its place.
 */
export function sidesOf(wears: readonly Pick<WearSeries, "at" | "unit" | "points">[]): string[] {
  const place = ({ at = "" }: Pick<WearSeries, "at">) => at.toLowerCase();
  const pairs = wears.flatMap((left) => {
    const right = place(left).includes("left")
      ? wears.find((one) => place(one) === place(left).replace("left", "right"))
      : undefined;
    const both = left.points.findLast(({ on }) => right?.points.some((one) => one.on === on));
    const says = sidesCompared(
      both?.value,
      right?.points.findLast(({ on }) => on === both?.on)?.value,
      left.unit,
    );
    return says ? [{ rest: place(left).replace("left", "").trim(), says }] : [];
  });
  return pairs.map(({ rest, says }) =>
    pairs.length > 1 && rest !== "" ? `${capital(rest)}: ${says}` : says,
  );
}

function seriesOf(
  group: Measurement[],
  renewed: readonly Replacement[],
  mileage: Mileage,
  decimals: number,
): WearSeries {
  const sorted = [...group].sort(
    (a, b) =>
      a.on.localeCompare(b.on) || mileage.totalKm(a.odometer, a.on) - mileage.totalKm(b.odometer, b.on),
  );
  const last = sorted.at(-1);
  if (!last) throw new Error("A series has at least one measurement.");
  // The newest words about its limit hold.
  const limited = sorted.findLast(({ least, most }) => least !== undefined || most !== undefined);
  const limit = limitOf(limited);
  const points = sorted.map(({ odometer, on, value }) => ({
    totalKm: mileage.totalKm(odometer, on),
    on,
    value,
  }));
  const ofNew = points.findLastIndex((_, i) => jumpsBack(points.slice(0, i + 1), limit));
  const days = renewed.filter((part) => isOf(part, last)).map(({ on }) => on);
  const ofOld = points.findLastIndex(({ on }, i) =>
    days.some((day) => on < day || (on === day && isLastOfOld(points.slice(0, i + 1), limit))),
  );
  const start = Math.max(0, ofNew, ofOld + 1);
  return {
    what: last.what,
    at: last.at,
    unit: last.unit,
    limit,
    points: points.slice(start),
    earlier: points.slice(0, start),
    decimals,
  };
}

function limitOf(limited: Pick<Measurement, "least" | "most"> | undefined) {
  if (limited?.least !== undefined) return { value: limited.least, is: "least" as const };
  if (limited?.most !== undefined) return { value: limited.most, is: "most" as const };
  return undefined;
}

/**
 * True when the last value, taken on the day that the part was renewed, is still the old part's: no new one
 * is beyond its limit, or goes on as the old one did.
 */
function isLastOfOld(points: WearPoint[], limit: WearSeries["limit"]): boolean {
  return (
    isWornOut(points.at(-1), limit) || (limit !== undefined && points.length > 1 && !jumpsBack(points, limit))
  );
}

function isWornOut(point: WearPoint | undefined, limit: WearSeries["limit"]): boolean {
  return limit !== undefined && point !== undefined && isBeyond({ [limit.is]: limit.value }, point.value);
}

/** True when the last value is so far back from its limit that the part must be a new one. */
function jumpsBack(points: WearPoint[], limit: WearSeries["limit"]): boolean {
  const [value, before] = [points.at(-1)?.value, points.at(-2)?.value];
  if (!limit || value === undefined || before === undefined) return false;
  const back = limit.is === "least" ? value - before : before - value;
  return back > JUMP_SHARE * Math.max(...points.map((point) => Math.abs(point.value - limit.value)));
}

/**
 * True when a replacement renews what was measured: what it is called is all in what was measured ("Tyre",
 * "Tyre tread"), and no word of where keeps them apart.
 */
function isOf(part: Replacement, measured: Measurement): boolean {
  if (!isPartOf(part.part, measured.what)) return false;
  const where = `${measured.at ?? ""} ${measured.what}`.toLowerCase();
  return ["left", "right", "front", "rear"].every(
    (side) => !part.place.includes(side) || where.includes(side) || !where.includes(opposite(side)),
  );
}

function opposite(side: string): string {
  return { left: "right", right: "left", front: "rear", rear: "front" }[side] ?? side;
}

function judged(series: WearSeries, driving: Driving | undefined, today: string): Wear {
  const { points, limit } = series;
  const line = points.length >= 2 ? lineThrough(series, driving) : undefined;
  const verdict: WearVerdict = wearState(points, limit, line);
  return { ...series, line, verdict, state: stateOf(verdict, line?.on, today) };
}

function wearState(
  points: WearPoint[],
  limit: { value: number; is: "least" | "most" } | undefined,
  line: WearLine | undefined,
): WearVerdict {
  if (isWornOut(points.at(-1), limit)) return "beyond";
  if (points.length === 0) return "renewed since";
  if (points.length < 2 || !line) return "one point";
  if (!limit) return "no limit";
  if (!line.meets) return "no wear seen";
  if (points.length === 2) return "two points";
  return "forecast";
}

function stateOf(verdict: WearVerdict, on: DayBand | undefined, today: string): Wear["state"] {
  if (verdict === "beyond") return "overdue";
  if ((verdict !== "forecast" && verdict !== "two points") || !on) return "unknown";
  return on.earliest <= lastSoonDay(today) ? "soon" : "later";
}

/**
 * The straight line of least squares on distance, and where it meets the limit. The band is Fieller's: every
 * distance at which the limit lies within the 80 % band of the line. Values that all lie on the line still
 * have half a digit of their reading to be out.
 */
export function lineThrough(
  { points, limit, decimals }: Pick<WearSeries, "points" | "limit" | "decimals">,
  driving: Driving | undefined,
): WearLine | undefined {
  const n = points.length;
  const meanX = points.reduce((sum, { totalKm }) => sum + totalKm, 0) / n;
  const meanY = points.reduce((sum, { value }) => sum + value, 0) / n;
  const sxx = points.reduce((sum, { totalKm }) => sum + (totalKm - meanX) ** 2, 0);
  if (sxx === 0) return undefined;
  const slope =
    points.reduce((sum, { totalKm, value }) => sum + (totalKm - meanX) * (value - meanY), 0) / sxx;
  const valueAt = (totalKm: number) => meanY + slope * (totalKm - meanX);
  const wears = limit && (limit.is === "least" ? slope < 0 : slope > 0);
  const line = { valueAt, perThousandKm: slope * 1000 };
  if (!limit || !wears) return { ...line, meets: undefined, on: undefined };
  const toLimit = meanY - limit.value;
  const best = meanX - toLimit / slope;
  if (n === 2)
    return {
      ...line,
      meets: { best, earliest: undefined, latest: undefined },
      on: driving && { ...driving.dayAt(best), latest: undefined },
    };
  const read = 10 ** (-2 * decimals) / 12;
  const variance = Math.max(
    points.reduce((sum, { totalKm, value }) => sum + (value - valueAt(totalKm)) ** 2, 0) / (n - 2),
    read,
  );
  const k = studentQuantile90(n - 2) ** 2 * variance;
  // (toLimit + slope·u)² = k·(1/n + u²/sxx), solved for u, the distance from the mean.
  const a = slope ** 2 - k / sxx;
  const b = slope * toLimit;
  const square = b ** 2 - a * (toLimit ** 2 - k / n);
  const ends = a === 0 || square < 0 ? [] : [(-b - Math.sqrt(square)) / a, (-b + Math.sqrt(square)) / a];
  const bestFromMean = -toLimit / slope;
  const low = ends.filter((u) => u <= bestFromMean).sort((one, other) => other - one)[0];
  const high = a > 0 ? ends.find((u) => u >= bestFromMean) : undefined;
  const meets = {
    best,
    earliest: low === undefined ? undefined : meanX + low,
    latest: high === undefined ? undefined : meanX + high,
  };
  return { ...line, meets, on: driving && dateOf(meets, driving) };
}

/**
 * The day of the best guess; what the line and the driving each leave open is put together as independent,
 * side by side.
 */
function dateOf(
  meets: { best: number; earliest: number | undefined; latest: number | undefined },
  driving: Driving,
): DayBand {
  const { best, earliest, latest } = driving.dayAt(meets.best);
  const day = dayNumber(best);
  const early = meets.earliest === undefined ? Infinity : (meets.best - meets.earliest) / driving.kmPerDay;
  const late = meets.latest === undefined ? Infinity : (meets.latest - meets.best) / driving.kmPerDay;
  const before = Math.min(Math.hypot(early, day - dayNumber(earliest)), Math.max(0, day - driving.from.day));
  return {
    best,
    earliest: dayAfter(day, -before),
    latest:
      latest === undefined || late === Infinity
        ? undefined
        : dayAfter(day, Math.hypot(late, dayNumber(latest) - day)),
  };
}

function decimalsOf(value: number): number {
  return String(value).split(".")[1]?.length ?? 0;
}
