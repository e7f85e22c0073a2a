import { addDays, format, parseISO } from "date-fns";
import { roleOf } from "../fastener/role";
import type { Job, Route } from "../model/job";
import type { FollowUp } from "../model/log";
import type { Draft } from "../model/record";
import type { Role } from "../model/role";
import type { Distance } from "../quantity/distance";

/** Wheel bolts are checked again after 50 to 100 km; this is the distance proposed, in each unit. */
const RECHECK_AFTER: Record<Distance["unit"], number> = { km: 80, mi: 50 };
/** New linings bed in over the first few hundred kilometres of ordinary stops. */
const BED_IN_OVER: Record<Distance["unit"], number> = { km: 300, mi: 200 };

/** Follow-ups that the work brings with it (what is hired or has a core is owed since it was brought home), proposed for a person to keep, change or drop. */
export function followUpsFrom(job: Job, route: Route, odometer: Distance, on: string): Draft<FollowUp>[] {
  const base = { vehicleId: job.vehicleId, jobId: job.id, state: "open" as const };
  const after = (by: Record<Distance["unit"], number>) => ({ value: odometer.value + by[odometer.unit], unit: odometer.unit });
  const proposed: Draft<FollowUp>[] = [];
  if (holds(route, "wheel")) {
    proposed.push({ ...base, kind: "recheck torque", text: `Recheck the wheel bolts after ${RECHECK_AFTER[odometer.unit]} ${odometer.unit}`, dueAt: after(RECHECK_AFTER) });
  }
  if (job.system === "steering and suspension") {
    proposed.push({ ...base, kind: "alignment", text: "Book a wheel alignment", dueOn: dayAfter(on, 7) });
  }
  if (job.system === "brakes" || job.system === "cooling" || job.system === "ignition and fuel") {
    proposed.push({ ...base, kind: "leak look", text: "Look for leaks, cold and after a drive", dueOn: dayAfter(on, 2) });
  }
  if (job.system === "brakes" && route.parts.some(({ name }) => /\b(?:shoes|pads|linings)\b/i.test(name))) {
    proposed.push({ ...base, kind: "bed in", text: `Bed in the new linings: gentle stops for ${BED_IN_OVER[odometer.unit]} ${odometer.unit}`, dueAt: after(BED_IN_OVER) });
  }
  return proposed;
}

/**
 * What to check before the vehicle is driven, from what was opened; short, in the order it is done.
 * Each is ticked apart before the job goes into the log.
 */
export function beforeYouDrive(job: Job, route: Route): string[] {
  const says: string[] = [];
  const leads = [...new Set(route.steps.flatMap(({ putsBack, takesOff }) => [...(putsBack ?? []), ...(takesOff ?? [])]))];
  const lineOpened = job.system === "brakes" && route.fasteners.some(({ overPipe, name }) => overPipe === true || /\b(?:union|bleed|banjo|hose)\b/i.test(name));
  if (leads.length > 0) says.push(`Tug each of these: ${leads.slice(0, 6).join(", ")}${leads.length > 6 ? ` and ${leads.length - 6} more` : ""}.`);
  if (job.system === "brakes") says.push("Pump the brake pedal until it is hard.");
  if (lineOpened) says.push("A brake line was opened: bled, level right, no drip under pressure.");
  if (job.system === "brakes") says.push("Slow test stops first, where nobody is.");
  if (job.system === "starting and charging") says.push("Earth lead on last, terminals tight, charge lamp out.");
  if (job.system === "cooling") says.push("Cold: full and bled. Run it up to heat and look for leaks.");
  if (job.system === "engine") says.push("Run it up to heat: no leaks, no lamp, nothing loose.");
  if (job.system === "ignition and fuel") says.push("No smell of fuel before it is started, none after.");
  if (job.system === "steering and suspension") says.push("Full lock both ways: nothing rubs, nothing pulls tight.");
  if (holds(route, "wheel")) says.push("Wheel bolts at their torque, on the ground.");
  return says;
}

const holds = (route: Route, role: Role) => route.fasteners.some((fastener) => roleOf(route, fastener) === role);

function dayAfter(on: string, days: number): string {
  return format(addDays(parseISO(on), days), "yyyy-MM-dd");
}
