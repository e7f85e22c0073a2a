"use client";

import { useMemo } from "react";
import { coverAll } from "@/core/kit/kit";
import type { KitLine } from "@/core/kit/needs/need";
import type { Route } from "@/core/model/job";
import type { Vehicle } from "@/core/model/vehicle";
import { useCollection } from "@/data/hooks";
import { today } from "../shell/clock";

/** Everything that a route needs as the chest alone meets it; undefined while the chest is read. */
export function useCover(route: Route, vehicle: Vehicle): KitLine[] | undefined {
  const tools = useCollection("tools");
  const thisYear = Number(today().slice(0, 4));
  return useMemo(
    () => tools && coverAll(route, tools, { vehicle, thisYear }),
    [route, tools, vehicle, thisYear],
  );
}
