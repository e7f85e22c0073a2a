import type { Replacement } from "../model/log";
import type { Place } from "../model/place";
import { type Distance, convertDistance } from "../quantity/distance";

/** A part that is on the vehicle now, with how far it has gone since it was fitted. */
export interface FittedPart {
  replacement: Replacement;
  gone: Distance;
}

/**
 * What is on each place of one vehicle now: the newest replacement of each part there, newest first.
 * @param now the vehicle's newest reading; distances are told in its unit.
 */
export function fittedParts(replacements: readonly Replacement[], vehicleId: string, now: Distance): Map<Place, FittedPart[]> {
  const newest = new Map<string, Replacement>();
  for (const one of replacements) {
    if (one.vehicleId !== vehicleId) continue;
    const key = `${one.place} ${one.part.toLowerCase()}`;
    const other = newest.get(key);
    if (!other || one.on > other.on) newest.set(key, one);
  }
  const fitted = new Map<Place, FittedPart[]>();
  for (const replacement of [...newest.values()].sort((a, b) => b.on.localeCompare(a.on))) {
    const gone = Math.max(0, now.value - convertDistance(replacement.odometer, now.unit).value);
    fitted.set(replacement.place, [...(fitted.get(replacement.place) ?? []), { replacement, gone: { value: gone, unit: now.unit } }]);
  }
  return fitted;
}
