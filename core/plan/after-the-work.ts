import { daysAfter } from "../day";
import { roleOf } from "../fastener/role";
import type { Fastener, Job, Route } from "../model/job";
import type { FollowUp } from "../model/log";
import type { Draft } from "../model/record";
import { holdsALife } from "../model/role";
import type { Work } from "../model/work";
import type { Distance } from "../quantity/distance";
import { eventsOf } from "../work/event";
import { doneByFeel } from "../work/torques-reached";
import { openedBy } from "./opened";

/** Wheel bolts are checked again after 50 to 100 km; this is the distance proposed, in each unit. */
const RECHECK_AFTER: Record<Distance["unit"], number> = { km: 80, mi: 50 };
/** By when single-use hardware that was used again is to be renewed, days. Our own judgement. */
const RENEW_AFTER_DAYS = 30;
/** New linings bed in over the first few hundred kilometres of ordinary stops. */
const BED_IN_OVER: Record<Distance["unit"], number> = { km: 300, mi: 200 };

/**
 * Follow-ups that the work brings with it, by what it opens (what is hired or has a core is owed since it was
 * brought home), proposed for a person to keep, change or drop. What the second look asked for and was told why
 * not is not proposed again.
 */
export function followUpsFrom(
  job: Pick<Job, "id" | "vehicleId" | "answers">,
  route: Route,
  odometer: Distance,
  on: string,
  work?: Work,
): Draft<FollowUp>[] {
  const base = { vehicleId: job.vehicleId, jobId: job.id, state: "open" as const };
  const opened = openedBy(route);
  const isAnswered = (rule: string) => job.answers?.some((answer) => answer.rule === rule) ?? false;
  const after = (by: Record<Distance["unit"], number>) => ({
    value: odometer.value + by[odometer.unit],
    unit: odometer.unit,
  });
  const proposed: Draft<FollowUp>[] = [];
  const felt = feltNames(work, route).map((name) => name.toLowerCase());
  const again = [
    opened.has("wheel") ? "recheck the wheel bolts" : "",
    opened.has("hub") ? "look at the hub: no play, its nut as it was" : "",
    felt.length > 0 ? `a torque wrench on what was done up by feel: ${felt.join(", ")}` : "",
  ].filter((one) => one !== "");
  if (again.length > 0) {
    proposed.push({
      ...base,
      kind: "recheck torque",
      text: `After ${RECHECK_AFTER[odometer.unit]} ${odometer.unit}: ${again.join("; ")}`.slice(0, 200),
      dueAt: after(RECHECK_AFTER),
    });
  }
  if (opened.has("alignment") && !isAnswered("no-alignment")) {
    const counted = route.steps.some(
      ({ kind, mark }) =>
        kind === "count" || (mark !== undefined && /\bturns?\b|\bpaint\b|\bmark/i.test(mark)),
    );
    proposed.push({
      ...base,
      kind: "alignment",
      text: `Book a wheel alignment${counted ? "; it stands as it was counted or marked till then" : ""}`,
      dueOn: dayAfter(on, 7),
    });
  }
  if ((["brake line", "fluid", "coolant", "fuel"] as const).some((opening) => opened.has(opening))) {
    proposed.push({
      ...base,
      kind: "leak look",
      text: "Look for leaks, cold and after a drive",
      dueOn: dayAfter(on, 2),
    });
  }
  if (route.parts.some(({ name }) => /\b(?:shoes|pads|linings|discs|rotors)\b/i.test(name))) {
    proposed.push({
      ...base,
      kind: "bed in",
      text: `Bed in the new linings: gentle stops for ${BED_IN_OVER[odometer.unit]} ${odometer.unit}`,
      dueAt: after(BED_IN_OVER),
    });
  }
  const reused = reusedOnce(route);
  if (reused.length > 0)
    proposed.push({
      ...base,
      kind: "other",
      text: `Renew what is single-use and was used again: ${reused.map(({ name }) => name.toLowerCase()).join(", ")}`.slice(
        0,
        200,
      ),
      dueOn: dayAfter(on, RENEW_AFTER_DAYS),
    });
  return proposed;
}

/** Single-use hardware that is used again for a reason that was written down. */
export const reusedOnce = ({ fasteners }: Pick<Route, "fasteners">): Fastener[] =>
  fasteners.filter(({ singleUse, reuseReason }) => singleUse === true && reuseReason !== undefined);

const feltNames = (work: Work | undefined, route: Route): string[] => {
  const ids = work ? doneByFeel(work, route) : [];
  return route.fasteners.filter(({ id }) => ids.includes(id)).map(({ name }) => name);
};

/**
 * What to check before the vehicle is driven, from what was opened; short, in the order it is done.
 * Each is ticked apart before the job goes into the log.
 */
export function beforeYouDrive(route: Route, work?: Work): string[] {
  const opened = openedBy(route);
  const says: string[] = [];
  const leads = [
    ...new Set(route.steps.flatMap(({ putsBack, takesOff }) => [...(putsBack ?? []), ...(takesOff ?? [])])),
  ];
  if (leads.length > 0)
    says.push(
      `Tug each of these: ${leads.slice(0, 6).join(", ")}${leads.length > 6 ? ` and ${leads.length - 6} more` : ""}.`,
    );
  if (route.steps.some(({ kind }) => kind === "raise"))
    says.push("Off the stands, jack and chocks out of the way.");
  if (opened.has("brake") || opened.has("brake line")) says.push("Pump the brake pedal until it is hard.");
  if (opened.has("brake line"))
    says.push("A brake line was opened: bled, level right, no drip under pressure.");
  if (opened.has("brake") || opened.has("brake line")) says.push("Slow test stops first, where nobody is.");
  if (opened.has("battery")) says.push("Earth lead on last, terminals tight, charge lamp out.");
  if (opened.has("coolant"))
    says.push(
      "Cold: full and bled of air. Run it up to heat and look for leaks. What was spilt is poison: wiped up.",
    );
  if (opened.has("fluid")) says.push("Run it: no leaks, then off and the level right.");
  if (opened.has("belt")) says.push("Run it five seconds, stop, look how the belt runs.");
  if (opened.has("fuel")) says.push("No smell of fuel before it is started, none after.");
  if (opened.has("restraint"))
    says.push("The restraint's lamp goes out, and the belt holds when it is tugged.");
  if (opened.has("hub")) says.push("The wheel turns by hand without noise, and has no play.");
  if (opened.has("alignment"))
    says.push("Full lock both ways: nothing rubs, nothing pulls tight. Drive slowly till it is aligned.");
  if (opened.has("wheel")) says.push("Wheel bolts at their torque, on the ground.");
  const felt = work ? doneByFeel(work, route) : [];
  for (const fastener of route.fasteners.filter(({ id }) => felt.includes(id)))
    if (holdsALife(roleOf(route, fastener)))
      says.push(
        `${fastener.name}: done up by feel. A torque wrench on them before it is driven.`.slice(0, 200),
      );
  for (const { stepId, skipped } of work ? eventsOf(work, "step") : []) {
    const step = skipped === undefined ? undefined : route.steps.find(({ id }) => id === stepId);
    const fastener = route.fasteners.find(({ id }) => id === step?.fastenerId);
    if (step?.kind === "torque" && fastener && holdsALife(roleOf(route, fastener)))
      says.push(`${step.title}: left out, because “${skipped}”. Tight all the same?`.slice(0, 200));
  }
  // Lowered is asked where the plan forgot it.
  const raised = route.steps.findLastIndex(({ kind }) => kind === "raise");
  if (raised >= 0 && !route.steps.slice(raised).some(({ kind }) => kind === "lower"))
    says.unshift("Let down on its wheels: no step of the plan does it.");
  const unsure = work ? eventsOf(work, "compared").filter(({ as }) => as === "cannot tell") : [];
  for (const { stepId } of unsure) {
    const title = route.steps.find(({ id }) => id === stepId)?.title;
    if (title) says.push(`${title}: nobody could tell whether it sits as before. Look again.`.slice(0, 200));
  }
  return [...new Set(says)];
}

function dayAfter(on: string, days: number): string {
  return daysAfter(on, days);
}
