import { addDays, format, parseISO } from "date-fns";
import type { Job, Part, Route } from "../model/job";
import type { FollowUp, Replacement } from "../model/log";
import type { RecordStamp } from "../model/record";
import type { Distance } from "../quantity/distance";

type Draft<T> = Omit<T, keyof RecordStamp>;

/** The Log entry for a part that the job replaced. */
export function replacementFrom(job: Job, part: Part, odometer: Distance, on: string): Draft<Replacement> {
  return {
    vehicleId: job.vehicleId,
    jobId: job.id,
    part: part.name,
    ...(part.partNumber === undefined ? {} : { partNumber: part.partNumber }),
    count: part.count,
    place: part.place,
    system: job.system,
    odometer,
    on,
    ...(part.priceMinor === undefined ? {} : { priceMinor: part.priceMinor }),
  };
}

/** Wheel bolts are checked again after 50 to 100 km; this is the distance proposed, in each unit. */
const RECHECK_AFTER: Record<Distance["unit"], number> = { km: 80, mi: 50 };

/** Follow-ups that the kind of work brings with it, proposed for a person to keep or drop. */
export function followUpsFrom(job: Job, route: Route, odometer: Distance, on: string): Draft<FollowUp>[] {
  const base = { vehicleId: job.vehicleId, jobId: job.id, state: "open" as const };
  const proposed: Draft<FollowUp>[] = [];
  if (route.fasteners.some((fastener) => fastener.holdsWheel)) {
    const after = RECHECK_AFTER[odometer.unit];
    proposed.push({
      ...base,
      kind: "recheck torque",
      text: `Recheck the wheel bolts after ${after} ${odometer.unit}`,
      dueAt: { value: odometer.value + after, unit: odometer.unit },
    });
  }
  if (job.system === "steering and suspension") {
    proposed.push({ ...base, kind: "alignment", text: "Book a wheel alignment", dueOn: dayAfter(on, 7) });
  }
  if (job.system === "brakes" || job.system === "cooling" || job.system === "ignition and fuel") {
    proposed.push({ ...base, kind: "leak look", text: "Look for leaks, cold and after a drive", dueOn: dayAfter(on, 2) });
  }
  return proposed;
}

/** What to do before the vehicle is driven, from what was opened. Short, in the order it is done. */
export function beforeYouDrive(job: Job, route: Route): string[] {
  const says: string[] = [];
  if (job.system === "brakes") says.push("Pump the brake pedal until it is hard.", "Bleed the brakes if a line was opened.", "Slow test stops first.");
  if (job.system === "starting and charging") says.push("Earth lead on last, terminals tight.");
  if (job.system === "cooling" || job.system === "engine") says.push("Run it up to heat and look for leaks.");
  if (job.system === "steering and suspension") says.push("Book a wheel alignment.");
  if (route.fasteners.some((fastener) => fastener.holdsWheel)) says.push("Recheck the wheel bolts after 50 to 100 km.");
  return says;
}

function dayAfter(on: string, days: number): string {
  return format(addDays(parseISO(on), days), "yyyy-MM-dd");
}
