import { monthsAfter } from "../day";
import type { Job, Part, Route } from "../model/job";
import type { Measurement, Replacement } from "../model/log";
import type { Draft } from "../model/record";
import type { Work } from "../model/work";
import type { Distance } from "../quantity/distance";
import { sideOf } from "../side";
import { eventsOf } from "./event";
import { measuredIn } from "./measured";
import { lessonOf, troublesOf } from "./trouble/trouble";

/** What is said of a part when it goes into the log; what the plan says unless it was corrected. */
export interface Fitted {
  priceMinor: number | undefined;
  warrantyMonths: number | undefined;
  note: string | undefined;
}

/** The Log entry for a part that the job replaced. */
export function replacementFrom(
  job: Job,
  part: Part,
  fitted: Fitted,
  odometer: Distance,
  on: string,
): Draft<Replacement> {
  const { priceMinor, warrantyMonths, note } = fitted;
  return {
    vehicleId: job.vehicleId,
    jobId: job.id,
    part: part.name,
    ...(part.partNumber === undefined ? {} : { partNumber: part.partNumber }),
    count: part.count,
    place: part.place,
    ...(part.hand === undefined ? {} : { hand: part.hand }),
    system: job.system,
    odometer,
    on,
    ...(priceMinor === undefined ? {} : { priceMinor }),
    ...(warrantyMonths === undefined ? {} : { warrantyUntil: monthsAfter(on, warrantyMonths) }),
    ...(note === undefined ? {} : { note }),
  };
}

/** What was measured on the way, each place once, as it goes into the log. */
export function measurementsFrom(
  job: Job,
  route: Route,
  work: Work,
  odometer: Distance,
  on: string,
): Draft<Measurement>[] {
  return route.steps.flatMap((step) => {
    const { measure } = step;
    if (!measure) return [];
    const { what, unit, least, most } = measure;
    return [...measuredIn(work, step.id)].map(([place, value]): Draft<Measurement> => {
      const at = place === "" ? sideOf(step.title) : place;
      return {
        vehicleId: job.vehicleId,
        jobId: job.id,
        what,
        ...(at === undefined ? {} : { at }),
        value,
        unit,
        ...(least === undefined ? {} : { least }),
        ...(most === undefined ? {} : { most }),
        odometer,
        on,
      };
    });
  });
}

/** Lessons for the next time: those written down, and one for each trouble met. */
export function lessonsFrom(work: Work): string[] {
  return [
    ...troublesOf(work).map(lessonOf),
    ...eventsOf(work, "noted").flatMap(({ as, text }) => (as === "lesson" ? [text] : [])),
  ];
}

/** Checks before driving that are not ticked yet. */
export function checksToDo(work: Work, checks: readonly string[]): string[] {
  const done = new Set(eventsOf(work, "checked").map(({ check }) => check));
  return checks.filter((check) => !done.has(check));
}
