"use client";

import { withOwnFigures } from "@/core/fastener/own-figure";
import type { Job, Route } from "@/core/model/job";
import type { Vehicle } from "@/core/model/vehicle";
import { stamp } from "@/data/stamp";
import { useDo } from "../../shell/DoProvider";

type Said = Pick<Job, "title" | "system"> & Partial<Pick<Job, "plannedFor" | "sheet" | "decide">>;

/** Puts a new job of a vehicle in the plan; resolves to it, or to nothing where it could not be stored. */
export function usePlanJob() {
  const perform = useDo();
  return async (
    vehicle: Vehicle,
    said: Said,
    routes: Route[],
    chosenRouteId?: string,
  ): Promise<Job | undefined> => {
    const [first] = routes;
    if (!first) return undefined;
    const job: Job = {
      ...stamp(vehicle.origin),
      vehicleId: vehicle.id,
      ...said,
      state: "planned",
      // Wheel bolts take the vehicle's own figure wherever they come from.
      routes: routes.map((route) => withOwnFigures(route, vehicle)),
      chosenRouteId: chosenRouteId ?? first.id,
    };
    return (await perform({ put: { jobs: [job] } }, `${said.title} planned.`)) ? job : undefined;
  };
}
