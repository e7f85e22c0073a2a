import type { Route } from "../model/job";
import type { Vehicle } from "../model/vehicle";
import { roleOf } from "./role";

/**
 * The route with the vehicle's own wheel torque on every wheel bolt or nut that has no figure, and where it
 * is from. One that has a figure keeps it. The same route where nothing changes.
 */
export function withOwnFigures(route: Route, { wheelTorque }: Pick<Vehicle, "wheelTorque">): Route {
  const bare = (fastener: Route["fasteners"][number]) =>
    fastener.figure === undefined && roleOf(route, fastener) === "wheel";
  if (wheelTorque === undefined || !route.fasteners.some(bare)) return route;
  return {
    ...route,
    fasteners: route.fasteners.map((fastener) =>
      bare(fastener) ? { ...fastener, figure: wheelTorque, source: "this vehicle's own" as const } : fastener,
    ),
  };
}
