import type { Reading } from "../../model/vehicle";
import { type Distance, convertDistance, formatDistance } from "../../quantity/distance";
import { dayNumber } from "./mileage";

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
 * Nobody drives so far: beyond this a day, or beyond so many times the vehicle's own usual, with something to
 * spare, a digit is too many. Our own limits.
 */
const FURTHEST_A_DAY_KM = 1000;
const TIMES_ITS_USUAL = 5;
const SPARE_KM = 3000;

/** Whether a reading lies further ahead of those before it than the vehicle can have gone. */
function tooFar(before: readonly Reading[], distance: Distance, on: string): Reading | undefined {
  const sorted = [...before].sort((a, b) => a.on.localeCompare(b.on) || km(a.distance) - km(b.distance));
  const [first, last] = [sorted[0], sorted.at(-1)];
  if (!first || !last) return undefined;
  const since = Math.max(1, dayNumber(on) - dayNumber(last.on));
  const span = dayNumber(last.on) - dayNumber(first.on);
  const usual =
    span >= 30
      ? Math.max(10, (km(last.distance) - km(first.distance)) / span)
      : FURTHEST_A_DAY_KM / TIMES_ITS_USUAL;
  const furthest = Math.min(FURTHEST_A_DAY_KM, TIMES_ITS_USUAL * usual) * since + SPARE_KM;
  return km(distance) - km(last.distance) > furthest ? last : undefined;
}

/**
 * A question when a new reading is lower than an earlier one, higher than a later one, or further ahead than
 * the vehicle can have gone; undefined when it fits. Readings before a change of odometer are not compared
 * with those after it.
 */
export function questionReading(
  readings: readonly Reading[],
  vehicleId: string,
  distance: Distance,
  on: string,
): ReadingQuestion | undefined {
  const own = readings
    .filter((reading) => reading.vehicleId === vehicleId)
    .sort((a, b) => a.on.localeCompare(b.on));
  const lastChange = own.findLastIndex((reading) => reading.newOdometer === true && reading.on <= on);
  const nextChange = own.findIndex((reading) => reading.newOdometer === true && reading.on > on);
  const comparable = own.slice(Math.max(0, lastChange), nextChange < 0 ? undefined : nextChange);
  const higherBefore = comparable
    .filter((reading) => reading.on <= on && km(reading.distance) > km(distance))
    .at(-1);
  if (higherBefore) {
    const says = `${formatDistance(distance)} is less than the ${formatDistance(higherBefore.distance)} read on ${higherBefore.on}. Was the odometer changed, or is this a slip?`;
    return { says, mayBeNewOdometer: true };
  }
  const lowerAfter = comparable.find((reading) => reading.on > on && km(reading.distance) < km(distance));
  if (lowerAfter) {
    const says = `${formatDistance(distance)} is more than the ${formatDistance(lowerAfter.distance)} read later, on ${lowerAfter.on}. Correct the reading or the day.`;
    return { says, mayBeNewOdometer: false };
  }
  const far = tooFar(
    comparable.filter((reading) => reading.on <= on),
    distance,
    on,
  );
  if (far) {
    const gone = formatDistance({
      value:
        convertDistance(distance, distance.unit).value - convertDistance(far.distance, distance.unit).value,
      unit: distance.unit,
    });
    return {
      says: `${formatDistance(distance)} is ${gone} more than on ${far.on}, further than it is driven. Is a digit too many, or is it right?`,
      mayBeNewOdometer: false,
    };
  }
  return undefined;
}

function km(distance: Distance): number {
  return convertDistance(distance, "km").value;
}
