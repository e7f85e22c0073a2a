import type { Measurement, Replacement } from "../model/log";
import type { Reading } from "../model/vehicle";
import { type Distance, type DistanceUnit, convertDistance } from "../quantity/distance";

/** A day as a number, for arithmetic: days since 1 January 2000. */
export function dayNumber(on: string): number {
  // A day without a time is read as UTC, where every day has as many hours.
  return (Date.parse(on) - EPOCH) / DAY_MS;
}
const EPOCH = Date.UTC(2000, 0, 1);
const DAY_MS = 86_400_000;

export interface MileagePoint {
  day: number;
  /** Distance since the first odometer's zero, km, a change of odometer bridged. */
  km: number;
}

/** How far a vehicle had gone on which day, in kilometres over all its odometers. */
export interface Mileage {
  /** By day, never going back; one a day. */
  points: MileagePoint[];
  /** Readings that go back, or ahead of all that follow, without a new odometer: they are left out, not believed. */
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
 * Where readings contradict each other, as many as possible are believed: one wrong digit does not throw out the rest.
 */
export function mileageOf(vehicleId: string, readings: readonly Reading[], entries: readonly (Replacement | Measurement)[] = []): Mileage {
  const own = readings.filter((one) => one.vehicleId === vehicleId);
  const sightings: Sighting[] = [
    ...own.map((reading) => ({ day: dayNumber(reading.on), km: inKm(reading.distance), reading })),
    ...entries.filter((one) => one.vehicleId === vehicleId).map(({ on, odometer }) => ({ day: dayNumber(on), km: inKm(odometer) })),
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
        (!start || day > start.day || (day === start.day && km <= (sightings.find((one) => one.day === day)?.km ?? km))) &&
        (!end || day < end.day || (day === end.day && km > end.km)),
    );
    const offset = start ? (points.at(-1)?.km ?? start.km) - start.km : 0;
    segments.push({ from: start?.day ?? -Infinity, offset });
    const { kept, dropped } = rising(within);
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
    const at = segments.findLastIndex(({ from }, i) => from < day || (from === day && km <= (changes[i - 1]?.km ?? km)));
    return km + (segments[Math.max(0, at)]?.offset ?? 0);
  };
  const shown = (total: number, unit: DistanceUnit) => convertDistance({ value: Math.max(0, total - (segments.at(-1)?.offset ?? 0)), unit: "km" }, unit);
  return { points, refused, totalKm, shown };
}

/** The longest run that never goes back, and what is not in it. n log n by patience: the usual longest-subsequence method. */
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
