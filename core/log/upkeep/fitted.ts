import type { Replacement } from "../../model/log";
import type { Place } from "../../model/place";
import { type Distance, convertDistance } from "../../quantity/distance";
import type { VehicleLog } from "../vehicle-log";

/** A part that is on the vehicle now, with how far it has gone since it was fitted. */
export interface FittedPart {
  replacement: Replacement;
  gone: Distance;
}

/**
 * What is on each place of one vehicle now: the newest replacement of each part there, newest first;
 * distances in the vehicle's unit.
 */
export function fittedParts(
  replacements: readonly Replacement[],
  vehicleId: string,
  { mileage, nowKm, vehicle }: Pick<VehicleLog, "mileage" | "nowKm" | "vehicle">,
): Map<Place, FittedPart[]> {
  const newest = new Map<string, Replacement>();
  for (const one of replacements) {
    if (one.vehicleId !== vehicleId) continue;
    const key = `${one.place} ${one.part.toLowerCase()}`;
    const other = newest.get(key);
    if (!other || one.on > other.on) newest.set(key, one);
  }
  const fitted = new Map<Place, FittedPart[]>();
  for (const replacement of [...newest.values()].sort((a, b) => b.on.localeCompare(a.on))) {
    const km = Math.max(0, nowKm - mileage.totalKm(replacement.odometer, replacement.on));
    const gone = convertDistance({ value: km, unit: "km" }, vehicle.distanceUnit);
    fitted.set(replacement.place, [...(fitted.get(replacement.place) ?? []), { replacement, gone }]);
  }
  return fitted;
}
