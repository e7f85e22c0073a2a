import type { LaidOpen } from "../model/job";
import type { Replacement } from "../model/log";
import { type Distance, convertDistance } from "../quantity/distance";

/** What an hour of one’s own time is taken to be worth until it is said, minor units. */
export const USUAL_HOUR_MINOR = 1500;

export interface WhileOpen {
  part: LaidOpen;
  /** How far the one that is on has gone, km; undefined when the log does not say. */
  goneKm: number | undefined;
  /** True when the log has no entry: it has gone at least so far as the vehicle's readings reach. */
  atLeast: boolean;
  /** Minutes saved by doing it now. */
  savedMinutes: number;
  /**
   * What is thrown away with the life that the old one still has, in minor units; undefined when it cannot be
   * told.
   */
  wasteMinor: number | undefined;
  verdict: "do it now" | "leave it" | "not known";
}

/**
 * Whether a part that lies open is better renewed now: when the labour saved is worth more than the life
 * thrown away.
 * @param odometer where the vehicle stands now; undefined when there is no reading. @param hourMinor what an
 * hour of one's own time is worth, minor units. Example: saves 60 min at 15.00 an hour, wastes a quarter of
 * 24.00 → do it now.
 */
export function whileOpen(
  part: LaidOpen,
  log: readonly Replacement[],
  odometer: Distance | undefined,
  hourMinor: number,
): WhileOpen {
  const named = part.name.trim().toLowerCase();
  const last = log
    .filter((one) => one.part.trim().toLowerCase() === named && one.place === part.place)
    .sort((a, b) => b.on.localeCompare(a.on))[0];
  const nowKm = odometer && convertDistance(odometer, "km").value;
  const goneKm = kmSince(nowKm, last);
  const savedMinutes = Math.max(0, part.minutesLater - part.minutesNow);
  const left =
    goneKm === undefined || part.lastsKm === undefined ? undefined : Math.max(0, 1 - goneKm / part.lastsKm);
  const wasteMinor =
    left === undefined || part.priceMinor === undefined ? undefined : Math.round(part.priceMinor * left);
  const worth = (savedMinutes / 60) * hourMinor;
  return {
    part,
    goneKm,
    atLeast: !last,
    savedMinutes,
    wasteMinor,
    verdict: worthVerdict(wasteMinor, worth),
  };
}

function worthVerdict(wasteMinor: number | undefined, worth: number): "not known" | "do it now" | "leave it" {
  if (wasteMinor === undefined) return "not known";
  if (worth > wasteMinor) return "do it now";
  return "leave it";
}

function kmSince(nowKm: number | undefined, last: Pick<Replacement, "odometer"> | undefined) {
  if (nowKm === undefined) return undefined;
  if (last) return Math.max(0, nowKm - convertDistance(last.odometer, "km").value);
  return nowKm;
}
