import type { Job, Route } from "../model/job";
import type { Work } from "../model/work";
import { stepsDone } from "./progress";
import { trayOf } from "./tray";

/** True while the vehicle is up: raised by a step, and not let down since. */
export function isUp(work: Work, route: Route): boolean {
  const kinds = new Map(route.steps.map(({ id, kind }) => [id, kind]));
  const last = work.events.findLast(
    (event) =>
      event.type === "step" &&
      event.skipped === undefined &&
      (kinds.get(event.stepId) === "raise" || kinds.get(event.stepId) === "lower"),
  );
  return last !== undefined && "stepId" in last && kinds.get(last.stepId) === "raise";
}

/**
 * A reason not to drive it as the job stands, to be put into one's own words; undefined when nothing speaks
 * against it.
 */
export function whyNotToDrive(work: Work, route: Route): string | undefined {
  const done = stepsDone(work);
  if (done.size === 0) return undefined;
  const off = trayOf(work, route).flatMap(({ name, out, back }) => (back < out ? [name] : []));
  const loose = route.steps.filter(
    ({ id, kind, fastenerId }) =>
      kind === "torque" &&
      !done.has(id) &&
      route.steps.some(
        (one) => one.kind === "hand-start" && one.fastenerId === fastenerId && done.has(one.id),
      ),
  );
  const says = [
    ...(off.length > 0
      ? [`off: ${off.slice(0, 3).join(", ")}${off.length > 3 ? ` and ${off.length - 3} more` : ""}`]
      : []),
    ...(loose.length > 0
      ? [
          `not tight: ${loose
            .slice(0, 2)
            .map(({ title }) => title)
            .join(", ")}`,
        ]
      : []),
    ...(isUp(work, route) ? ["it stands on stands"] : []),
  ];
  return says.length > 0 ? says.join("; ").slice(0, 200) : undefined;
}

/** The jobs of a vehicle that were left with a note that it must not be driven, and the note. */
export function standingNotes(
  jobs: readonly Job[],
  works: readonly Work[],
  vehicleId: string,
): { job: Job; because: string }[] {
  return jobs.flatMap((job) => {
    if (job.vehicleId !== vehicleId || job.state === "done") return [];
    const because = works.find(
      (work) => work.jobId === job.id && work.routeId === job.chosenRouteId,
    )?.doNotDrive;
    return because === undefined ? [] : [{ job, because }];
  });
}
