"use client";

import { withOwnFigures } from "@/core/fastener/own-figure";
import type { Route } from "@/core/model/job";
import { chosenRoute, withRoute } from "@/core/plan/chosen-route";
import { useCurrent } from "@/data/hooks";
import { useChangeJob } from "./use-change-job";

/** Changes the chosen route of a job as it stands now; with `says`, the change can be undone from the bar. */
export function useChangeRoute(
  jobId: string,
): (change: (route: Route) => Route, says?: string) => Promise<boolean> {
  const changeJob = useChangeJob(jobId);
  const vehicles = useCurrent("vehicles");
  return (change, says) =>
    changeJob((job) => {
      const route = change(chosenRoute(job));
      const vehicle = vehicles(job.vehicleId);
      // Wheel bolts take the vehicle's own figure wherever they come from.
      return withRoute(job, vehicle ? withOwnFigures(route, vehicle) : route);
    }, says);
}
