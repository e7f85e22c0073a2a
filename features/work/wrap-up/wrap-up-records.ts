import type { Job, Part, Route } from "@/core/model/job";
import type { Work } from "@/core/model/work";
import { lessonsFrom, measurementsFrom, replacementFrom } from "@/core/work/wrap-up";
import { stamp, touched } from "@/data/stamp";
import type { WrapUpRead } from "./wrap-up-fields";

/** What the log gets: the job done, what was replaced with what it taught, what was measured, what follows. */
export function recordsOf(
  { job, route, work }: { job: Job; route: Route; work: Work },
  { odometer, on, fitted, followUps }: WrapUpRead,
) {
  const lessons = lessonsFrom(work);
  const { doNotDrive: _over, ...rest } = work;
  const noteOf = ({ name }: Part) => {
    const own = lessons.filter((lesson) => lesson.startsWith(name));
    return own.length > 0 ? own.join("\n") : undefined;
  };
  return {
    jobs: [touched({ ...job, state: "done" as const, doneOn: on })],
    works: [touched(rest)],
    replacements: fitted.map(({ part, ...said }) => ({
      ...stamp(job.origin),
      ...replacementFrom(job, part, { ...said, note: noteOf(part) }, odometer, on),
    })),
    measurements: measurementsFrom(job, route, work, odometer, on).map((one) => ({
      ...stamp(job.origin),
      ...one,
    })),
    followUps: followUps.map((one) => ({ ...stamp(job.origin), ...one })),
  };
}
