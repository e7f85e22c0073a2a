"use client";

import { chosenRoute, withRoute } from "@/core/plan/chosen-route";
import type { Route } from "@/core/model/job";
import { useCurrent } from "@/data/hooks";
import { touched } from "@/data/stamp";
import { useDo } from "../shell/DoProvider";

/** Changes the chosen route of a job as it stands now; with `says`, the change can be undone from the bar. */
export function useChangeRoute(jobId: string): (change: (route: Route) => Route, says?: string) => Promise<boolean> {
  const current = useCurrent("jobs");
  const does = useDo();
  return (change, says) =>
    does(() => {
      const job = current(jobId);
      return job ? { put: { jobs: [touched(withRoute(job, change(chosenRoute(job))))] } } : {};
    }, says);
}
