"use client";

import type { Route } from "@/core/model/job";
import { chosenRoute, withRoute } from "@/core/plan/chosen-route";
import { useChangeJob } from "./use-change-job";

/** Changes the chosen route of a job as it stands now; with `says`, the change can be undone from the bar. */
export function useChangeRoute(jobId: string): (change: (route: Route) => Route, says?: string) => Promise<boolean> {
  const changeJob = useChangeJob(jobId);
  return (change, says) => changeJob((job) => withRoute(job, change(chosenRoute(job))), says);
}
