import type { Job } from "../../model/job";
import type { KitRecord } from "../../model/kit";
import type { Replacement } from "../../model/log";
import type { Work } from "../../model/work";
import { type Quoted, hoursOf, quotedOf } from "./costs";

export interface YearSummary {
  jobs: number;
  minutes: number;
  replacements: number;
  spentMinor: number;
  /** Those without a price, which the sum leaves out. */
  unpriced: number;
  quoted: Quoted;
}

/** What all vehicles, or one, have had in one calendar year. */
export function yearSummary(
  household: {
    replacements: readonly Replacement[];
    jobs: readonly Job[];
    works: readonly Work[];
    kits: readonly KitRecord[];
  },
  vehicleId: string | undefined,
  year: string,
): YearSummary {
  const ours = <T extends { vehicleId: string }>(records: readonly T[]) =>
    records.filter((one) => vehicleId === undefined || one.vehicleId === vehicleId);
  const all = ours(household.replacements);
  const own = all.filter(({ on }) => on.startsWith(year));
  const done = ours(household.jobs).filter(
    ({ state, doneOn }) => state === "done" && doneOn?.startsWith(year),
  );
  // A job begun before New Year has parts from before it: against its quote they count all the same.
  const doneIds = new Set(done.map(({ id }) => id));
  const ofDone = all.filter(
    ({ on, jobId }) => on.startsWith(year) || (jobId !== undefined && doneIds.has(jobId)),
  );
  const works = household.works.map((work) => ({
    ...work,
    events: work.events.filter(({ on }) => on.startsWith(year)),
  }));
  return {
    jobs: done.length,
    minutes: hoursOf(ours(household.jobs), works).totalMin,
    replacements: own.length,
    spentMinor: own.reduce((sum, one) => sum + (one.priceMinor ?? 0), 0),
    unpriced: own.filter((one) => one.priceMinor === undefined).length,
    quoted: quotedOf(ofDone, done, household.kits),
  };
}
