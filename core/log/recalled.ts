import type { Job } from "../model/job";
import type { Replacement } from "../model/log";
import type { Work } from "../model/work";
import { eventsOf } from "../work/event";
import { lessonsFrom } from "../work/wrap-up";

/** A note of one's own, from an entry or from a job. */
export interface Recalled {
  key: string;
  about: string;
  says: string;
  on: string;
  entryId: string | undefined;
  jobId: string | undefined;
}

/**
 * One's own notes about a vehicle, the newest first: what stands on an entry, what was noticed at work for
 * the next time, and what was learnt.
 */
export function recalledOf(
  vehicleId: string,
  replacements: readonly Replacement[],
  jobs: readonly Job[],
  works: readonly Work[],
): Recalled[] {
  const ofEntries = replacements.flatMap(({ id, vehicleId: of, part, note, on }): Recalled[] =>
    of === vehicleId && note ? [{ key: id, about: part, says: note, on, entryId: id, jobId: undefined }] : [],
  );
  const ofJobs = jobs
    .filter((job) => job.vehicleId === vehicleId)
    .flatMap((job) => {
      const work = works.find((one) => one.jobId === job.id && one.routeId === job.chosenRouteId);
      if (!work) return [];
      const noticed = eventsOf(work, "noted").flatMap(({ as, text }) => (as === "noticed" ? [text] : []));
      const on = job.doneOn ?? work.events.at(-1)?.on ?? "";
      return [...noticed, ...lessonsFrom(work)].map((says, i): Recalled => ({
        key: `${job.id} ${i}`,
        about: job.title,
        says,
        on,
        entryId: undefined,
        jobId: job.id,
      }));
    });
  return [...ofEntries, ...ofJobs].sort((a, b) => b.on.localeCompare(a.on));
}
