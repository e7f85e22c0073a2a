import { DAY_MS } from "../../day";
import type { Measurement, Replacement } from "../../model/log";
import type { Reading } from "../../model/vehicle";
import { type Distance, type DistanceUnit, convertDistance } from "../../quantity/distance";

/** A day as a number, for arithmetic: days since 1 January 2000. */
export function dayNumber(on: string): number {
  // A day without a time is read as UTC, where every day has as many hours.
  return (Date.parse(on) - EPOCH) / DAY_MS;
}

const EPOCH = Date.UTC(2000, 0, 1);

export interface MileagePoint {
  day: number;
  /** Distance since the first odometer's zero, km, a change of odometer bridged. */
  km: number;
}

/** How far a vehicle had gone on which day, in kilometres over all its odometers. */
export interface Mileage {
  /** By day, never going back; one a day. */
  points: MileagePoint[];
  /**
   * Readings that go back, or ahead of all that follow, without a new odometer: they are left out, not
   * believed.
   */
  refused: Reading[];
  /** The total at what an odometer said on a day, km. */
  totalKm: (distance: Distance, on: string) => number;
  /** What the odometer of today would say at a total. */
  shown: (totalKm: number, unit: DistanceUnit) => Distance;
}

interface Sighting {
  day: number;
  km: number;
  reading?: Reading;
}

interface Segment {
  from: number;
  offset: number;
}

const inKm = (distance: Distance) => convertDistance(distance, "km").value;

/**
 * The mileage of one vehicle from its readings and from the odometer written beside each entry of its log.
 * Where readings contradict each other, as many as possible are believed: one wrong digit does not throw out
 * the rest.
 */
export function mileageOf(
  vehicleId: string,
  readings: readonly Reading[],
  entries: readonly (Replacement | Measurement)[] = [],
): Mileage {
  const own = readings.filter((one) => one.vehicleId === vehicleId);
  const sightings: Sighting[] = [
    ...own.map((reading) => ({ day: dayNumber(reading.on), km: inKm(reading.distance), reading })),
    ...entries
      .filter((one) => one.vehicleId === vehicleId)
      .map(({ on, odometer }) => ({ day: dayNumber(on), km: inKm(odometer) })),
  ].sort((a, b) => a.day - b.day || a.km - b.km);
  const changes = own
    .filter(({ newOdometer }) => newOdometer === true)
    .map((reading) => ({ day: dayNumber(reading.on), km: inKm(reading.distance) }))
    .sort((a, b) => a.day - b.day);

  const points: MileagePoint[] = [];
  const refused: Reading[] = [];
  const segments: Segment[] = [];
  for (let i = 0; i <= changes.length; i++) {
    const start = changes[i - 1];
    const end = changes[i];
    const within = sightings.filter(
      ({ day, km }) =>
        (!start ||
          day > start.day ||
          (day === start.day && km <= (sightings.find((one) => one.day === day)?.km ?? km))) &&
        (!end || day < end.day || (day === end.day && km > end.km)),
    );
    const offset = start ? carriedOver(points, start) : 0;
    segments.push({ from: start?.day ?? -Infinity, offset });
    const { kept, dropped } = believed(within);
    refused.push(...dropped.flatMap(({ reading }) => reading ?? []));
    for (const { day, km } of kept) {
      const last = points.at(-1);
      const point = { day, km: km + offset };
      if (last?.day === day) last.km = Math.max(last.km, point.km);
      else points.push(point);
    }
  }
  const totalKm = (distance: Distance, on: string) => {
    const day = dayNumber(on);
    const km = inKm(distance);
    // On the very day of a change, a number as high as the old odometer's is the old one's.
    const at = segments.findLastIndex(
      ({ from }, i) => from < day || (from === day && km <= (changes[i - 1]?.km ?? km)),
    );
    return km + (segments[Math.max(0, at)]?.offset ?? 0);
  };
  const shown = (total: number, unit: DistanceUnit) =>
    convertDistance({ value: Math.max(0, total - (segments.at(-1)?.offset ?? 0)), unit: "km" }, unit);
  return { points, refused, totalKm, shown };
}

/**
 * What has to be added to a new odometer's readings. One that shows no more than the vehicle may have gone
 * since it was last read came new, at nothing, and what it shows has been driven; one that shows more came
 * used, and goes on from where the old one was.
 */
function carriedOver(points: readonly MileagePoint[], start: Sighting): number {
  const last = points.at(-1);
  if (!last) return 0;
  const first = points[0] ?? last;
  const rate = last.day > first.day ? (last.km - first.km) / (last.day - first.day) : USUAL_KM_A_DAY;
  const mayHaveGone = 3 * rate * Math.max(1, start.day - last.day) + 500;
  return start.km <= mayHaveGone ? last.km : last.km - start.km;
}

const USUAL_KM_A_DAY = 50;

/**
 * More than so many contradictions are not weighed one by one: the odometer's unit or vehicle is wrong, and
 * asked about elsewhere.
 */
const MOST_WEIGHED = 50;

/**
 * What is believed of sightings that contradict each other: as many as never go back; and where one of two
 * has to go, the one that agrees with fewer of the others. Two agree when what lies between them is no more
 * than the vehicle usually goes.
 */
function believed(sightings: Sighting[]): { kept: Sighting[]; dropped: Sighting[] } {
  const { kept, dropped } = rising(sightings);
  if (dropped.length === 0 || dropped.length > MOST_WEIGHED) return { kept, dropped };
  for (const one of [...dropped]) {
    const [against, ...more] = kept.filter(
      (other) =>
        (other.day - one.day) * (other.km - one.km) < 0 || (other.day === one.day && other.km > one.km),
    );
    if (!against || more.length > 0) continue;
    const others = kept.filter((other) => other !== against);
    if (agreeing(one, others) <= agreeing(against, others)) continue;
    kept.splice(kept.indexOf(against), 1);
    kept.push(one);
    kept.sort((a, b) => a.day - b.day || a.km - b.km);
    dropped.splice(dropped.indexOf(one), 1, against);
  }
  return { kept, dropped };
}

/** With how many of the others a sighting agrees, going by the usual distance a day between those. */
function agreeing(one: Sighting, others: readonly Sighting[]): number {
  const rates = others.flatMap((other, i) => {
    const before = others[i - 1];
    return before && other.day > before.day ? [(other.km - before.km) / (other.day - before.day)] : [];
  });
  const usual = [...rates].sort((a, b) => a - b)[Math.floor(rates.length / 2)] ?? USUAL_KM_A_DAY;
  return others.filter(
    (other) => Math.abs(other.km - one.km) <= 3 * usual * Math.abs(other.day - one.day) + 100,
  ).length;
}

/**
 * The longest run that never goes back, and what is not in it. n log n by patience: the usual
 * longest-subsequence method.
 */
function rising(sightings: Sighting[]): { kept: Sighting[]; dropped: Sighting[] } {
  const ends: number[] = [];
  const before: number[] = [];
  sightings.forEach(({ km }, i) => {
    let low = 0;
    let high = ends.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((sightings[ends[middle] ?? 0]?.km ?? 0) <= km) low = middle + 1;
      else high = middle;
    }
    before[i] = low > 0 ? (ends[low - 1] ?? -1) : -1;
    ends[low] = i;
  });
  const keep = new Set<number>();
  for (let i = ends.at(-1) ?? -1; i >= 0; i = before[i] ?? -1) keep.add(i);
  return { kept: sightings.filter((_, i) => keep.has(i)), dropped: sightings.filter((_, i) => !keep.has(i)) };
}
