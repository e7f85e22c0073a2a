"use client";

import type { Job } from "@/core/model/job";
import { useCurrent } from "@/data/hooks";
import { touched } from "@/data/stamp";
import { useDo } from "../shell/DoProvider";

/** Changes a job as it stands now; with `says`, the change can be undone from the bar. */
export function useChangeJob(jobId: string): (change: (job: Job) => Job, says?: string) => Promise<boolean> {
  const current = useCurrent("jobs");
  const perform = useDo();
  return (change, says) =>
    perform(() => {
      const job = current(jobId);
      return job ? { put: { jobs: [touched(change(job))] } } : {};
    }, says);
}
