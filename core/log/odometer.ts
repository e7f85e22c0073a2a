import type { Reading } from "../model/vehicle";
import { type Distance, convertDistance, formatDistance } from "../quantity/distance";

/** A vehicle's newest reading by day, the higher of two on one day; undefined when it has none. */
export function latestReading(readings: readonly Reading[], vehicleId: string): Reading | undefined {
  return readings
    .filter((reading) => reading.vehicleId === vehicleId)
    .sort((a, b) => a.on.localeCompare(b.on) || km(a.distance) - km(b.distance))
    .at(-1);
}

/** Something about a reading that has to be asked before it is kept. */
export interface ReadingQuestion {
  says: string;
  /** True when a change of odometer would explain it. */
  mayBeNewOdometer: boolean;
}

/**
 * A question when a new reading is lower than an earlier one or higher than a later one;
 * undefined when it fits. Readings before a change of odometer are not compared with those after it.
 */
export function questionReading(readings: readonly Reading[], vehicleId: string, distance: Distance, on: string): ReadingQuestion | undefined {
  const own = readings.filter((reading) => reading.vehicleId === vehicleId).sort((a, b) => a.on.localeCompare(b.on));
  const lastChange = own.findLastIndex((reading) => reading.newOdometer === true && reading.on <= on);
  const nextChange = own.findIndex((reading) => reading.newOdometer === true && reading.on > on);
  const comparable = own.slice(Math.max(0, lastChange), nextChange < 0 ? undefined : nextChange);
  const higherBefore = comparable.filter((reading) => reading.on <= on && km(reading.distance) > km(distance)).at(-1);
  if (higherBefore) {
    const says = `${formatDistance(distance)} is less than the ${formatDistance(higherBefore.distance)} read on ${higherBefore.on}. Was the odometer changed, or is this a slip?`;
    return { says, mayBeNewOdometer: true };
  }
  const lowerAfter = comparable.find((reading) => reading.on > on && km(reading.distance) < km(distance));
  if (lowerAfter) {
    const says = `${formatDistance(distance)} is more than the ${formatDistance(lowerAfter.distance)} read later, on ${lowerAfter.on}. Correct the reading or the day.`;
    return { says, mayBeNewOdometer: false };
  }
  return undefined;
}

function km(distance: Distance): number {
  return convertDistance(distance, "km").value;
}
