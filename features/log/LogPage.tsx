"use client";

import { Box } from "@chakra-ui/react";
import type { ReactNode } from "react";
import type { VehicleLog } from "@/core/log/vehicle-log";
import type { Vehicle } from "@/core/model/vehicle";
import type { Example } from "@/ui/drawing/Examples";
import { Sheet } from "@/ui/Sheet";
import type { LogRecords } from "../shared/use-logs";
import { type LogView } from "../shell/addresses";
import { NoVehicle } from "../shell/NoVehicle";
import { LogViews } from "./LogViews";

/** What every page of the Log is given: all records, and the logs of the vehicles it is about. */
export interface LogPageProps {
  records: LogRecords;
  logs: VehicleLog[];
  /** Undefined for all of them. */
  vehicle: Vehicle | undefined;
}

/** What each page is for, said where there is nothing on it yet. */
export const NOTHING: Readonly<Record<LogView, { title: string; says: string; example: Example }>> = {
  "": {
    title: "Nothing in the log yet",
    says: "Here is what was replaced on each vehicle, at what reading: a job that is wrapped up writes it, or one line that you type.",
    example: "replaced",
  },
  due: {
    title: "Nothing is due yet",
    says: "Here is what is renewed by distance or time, and when that falls, from how the vehicle is really driven.",
    example: "due",
  },
  wear: {
    title: "Nothing measured yet",
    says: "A tread depth or a lining, measured two or three times some months apart, tells when it will be worn.",
    example: "wear",
  },
  costs: {
    title: "Nothing spent yet",
    says: "Here is what each vehicle costs, by year and by distance, from the prices in its log.",
    example: "costs",
  },
  owed: {
    title: "Nothing is owed",
    says: "A job that is wrapped up proposes what to look at again: the wheel bolts, a leak, a core to take back.",
    example: "owed",
  },
};

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
      <Box display="grid" gridTemplateColumns="minmax(0, 1fr)" gap={{ base: "3", lg: "18px" }} minWidth="0">
        {records.vehicles.length === 0 ? (
          <NoVehicle title={NOTHING[at].title} example={NOTHING[at].example}>
            {NOTHING[at].says}
          </NoVehicle>
        ) : (
          children
        )}
      </Box>
    </Box>
  );
}
