"use client";

import { useMemo } from "react";
import { type VehicleLog, vehicleLog } from "@/core/log/vehicle-log";
import type { Household } from "@/core/model/household";
import { useCollection } from "@/data/hooks";
import { today } from "../shell/clock";

export type LogRecords = Pick<
  Household,
  | "vehicles"
  | "readings"
  | "replacements"
  | "measurements"
  | "intervals"
  | "followUps"
  | "jobs"
  | "works"
  | "kits"
>;

/** Everything that the log is worked out from; undefined while it is being read. */
export function useLogRecords(): LogRecords | undefined {
  const vehicles = useCollection("vehicles");
  const readings = useCollection("readings");
  const replacements = useCollection("replacements");
  const measurements = useCollection("measurements");
  const intervals = useCollection("intervals");
  const followUps = useCollection("followUps");
  const jobs = useCollection("jobs");
  const works = useCollection("works");
  const kits = useCollection("kits");
  return useMemo(
    () =>
      vehicles && readings && replacements && measurements && intervals && followUps && jobs && works && kits
        ? { vehicles, readings, replacements, measurements, intervals, followUps, jobs, works, kits }
        : undefined,
    [vehicles, readings, replacements, measurements, intervals, followUps, jobs, works, kits],
  );
}

/** What the log knows of each vehicle, or of the one that is named, the oldest record first, as of today. */
export function useLogs(records: LogRecords | undefined, only?: string): VehicleLog[] | undefined {
  const on = today();
  return useMemo(
    () =>
      records &&
      [...records.vehicles]
        .filter(({ id }) => only === undefined || id === only)
        .sort((a, b) => a.createdAt.localeCompare(b.createdAt))
        .map((vehicle) => vehicleLog(vehicle, records, on)),
    [records, on, only],
  );
}
