import { addDays, format } from "date-fns";
import { median } from "simple-statistics";
import { type Mileage, type MileagePoint, dayNumber } from "./mileage";
import { studentQuantile90 } from "./student";

/**
 * A day with the days between which it lies four times in five; `latest` is left out where it may never come,
 * or too little is known to say.
 */
export interface DayBand {
  best: string;
  earliest: string;
  latest: string | undefined;
}

/** How a vehicle is driven, and so when it will have gone how far. */
export interface Driving {
  kmPerDay: number;
  /** Where 80 % of such rates lie; undefined with two readings only, which make a rate but no band. */
  band: { low: number; high: number } | undefined;
  /** The last known point, from which is forecast. */
  from: MileagePoint;
  /** The estimated total on a day, km. */
  totalOn: (day: string) => number;
  /** The day on which a total is reached. */
  dayAt: (totalKm: number) => DayBand;
}

/** Habits change: only the last two years count, where they hold enough. */
const RECENT_DAYS = 730;
const ENOUGH_POINTS = 5;
/** Slopes are taken between every two points: more than this would be no better, only slower. */
const MOST_POINTS = 120;
/** Further ahead than this no date means anything. */
const FARTHEST_DAYS = 36_500;

/**
 * The rate by Theil and Sen: the median of the slopes between every two points, which one odd trip does not
 * turn. The band takes the distance driven as a walk with a drift (each day adds its own chance): a forecast
 * h days ahead from readings that span T days has the variance s²·(h + h²/T), s² from how the stretches
 * between readings differ. Undefined until there are two readings on different days between which it was
 * driven.
 */
export function drivingOf({ points }: Mileage): Driving | undefined {
  const used = thinned(recent(points));
  const first = used[0];
  const from = used.at(-1);
  if (!first || !from || used.length < 2) return undefined;
  const rate = median(used.flatMap((a, i) => used.slice(i + 1).map((b) => (b.km - a.km) / (b.day - a.day))));
  if (rate <= 0) return undefined;
  const span = from.day - first.day;
  const stretches = used
    .slice(1)
    .map((point, i) => ({ days: point.day - (used[i]?.day ?? 0), km: point.km - (used[i]?.km ?? 0) }));
  const freedom = stretches.length - 1;
  const variance =
    freedom < 1
      ? undefined
      : stretches.reduce((sum, { days, km }) => sum + (km - rate * days) ** 2 / days, 0) / freedom;
  // t²·s² of the band below.
  const spread = variance === undefined ? undefined : studentQuantile90(freedom) ** 2 * variance;
  const off = spread === undefined ? 0 : Math.sqrt(spread / span);

  const dayAt = (totalKm: number): DayBand => {
    const ahead = totalKm - from.km;
    const best = dayAfter(from.day, ahead / rate);
    if (ahead <= 0) return { best, earliest: best, latest: best };
    if (spread === undefined) return { best, earliest: best, latest: undefined };
    // (rate·h − ahead)² = spread·(h + h²/T), solved for h.
    const a = rate ** 2 - spread / span;
    const b = 2 * rate * ahead + spread;
    const root = Math.sqrt(Math.max(0, b ** 2 - 4 * a * ahead ** 2));
    const earliest = (2 * ahead ** 2) / (b + root);
    return {
      best,
      earliest: dayAfter(from.day, earliest),
      latest: a > 0 ? dayAfter(from.day, (b + root) / (2 * a)) : undefined,
    };
  };
  return {
    kmPerDay: rate,
    band: spread === undefined ? undefined : { low: Math.max(0, rate - off), high: rate + off },
    from,
    totalOn: (day) => from.km + rate * Math.max(0, dayNumber(day) - from.day),
    dayAt,
  };
}

/** Whichever comes first, a fixed day or one that is forecast: beyond the fixed day the band does not go. */
export function firstOf(fixed: string | undefined, forecast: DayBand | undefined): DayBand | undefined {
  if (fixed === undefined) return forecast;
  const before = (day = fixed) => (day < fixed ? day : fixed);
  return {
    best: before(forecast?.best),
    earliest: before(forecast?.earliest),
    latest: before(forecast?.latest),
  };
}

function recent(points: readonly MileagePoint[]): readonly MileagePoint[] {
  const last = points.at(-1);
  const late = points.filter(({ day }) => last && day >= last.day - RECENT_DAYS);
  return late.length >= ENOUGH_POINTS ? late : points;
}

/** At most so many points, evenly taken, the first and last among them. */
function thinned(points: readonly MileagePoint[]): readonly MileagePoint[] {
  if (points.length <= MOST_POINTS) return points;
  const every = (points.length - 1) / (MOST_POINTS - 1);
  return Array.from({ length: MOST_POINTS }, (_, i) => points[Math.round(i * every)]).flatMap(
    (point) => point ?? [],
  );
}

/** The calendar day so many days after a day number. */
export function dayAfter(day: number, days: number): string {
  const capped = Math.max(-FARTHEST_DAYS, Math.min(FARTHEST_DAYS, Math.round(days)));
  return format(addDays(new Date(2000, 0, 1), day + capped), "yyyy-MM-dd");
}
