"use client";

import { Box } from "@chakra-ui/react";
import type { ReactNode } from "react";
import type { VehicleLog } from "@/core/log/vehicle-log";
import type { Vehicle } from "@/core/model/vehicle";
import { Sheet } from "@/ui/Sheet";
import type { LogRecords } from "../shared/use-logs";
import { type LogView } from "../shell/addresses";
import { LogViews } from "./LogViews";

/** What every page of the Log is given: all records, and the logs of the vehicles it is about. */
export interface LogPageProps {
  records: LogRecords;
  logs: VehicleLog[];
  /** Undefined for all of them. */
  vehicle: Vehicle | undefined;
}

/**
 * The pages of the Log at the left, what is particular to this one under them, and the page itself beside.
 */
export function LogPage({
  at,
  vehicle,
  records,
  left,
  children,
}: {
  at: LogView;
  vehicle: Vehicle | undefined;
  records: LogRecords;
  left?: ReactNode;
  children: ReactNode;
}) {
  return (
    <Box
      display="grid"
      gridTemplateColumns={{ base: "minmax(0, 1fr)", lg: "240px minmax(0, 1fr)" }}
      gap={{ base: "3", lg: "18px" }}
      alignItems="start"
      paddingRight={{ lg: "20px" }}
    >
      <Sheet
        position={{ lg: "sticky" }}
        top={{ lg: "18px" }}
        maxHeight={{ lg: "calc(100dvh - 36px)" }}
        overflowY={{ lg: "auto" }}
      >
        <LogViews at={at} vehicle={vehicle} vehicles={records.vehicles} />
        {left}
      </Sheet>
      <Box display="grid" gap={{ base: "3", lg: "18px" }} minWidth="0">
        {children}
      </Box>
    </Box>
  );
}
