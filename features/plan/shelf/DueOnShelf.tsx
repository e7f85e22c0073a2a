"use client";

import { Box } from "@chakra-ui/react";
import { sheetFor } from "@/core/log/upkeep/sheet-for";
import { titleOf } from "@/core/shelf/plan-from-sheet";
import { Sheet } from "@/ui/Sheet";
import { useLogRecords, useLogs } from "../../shared/use-logs";
import { shelfHref } from "../../shell/addresses";
import { ShelfRow } from "./ShelfRow";

/** What is due by the log and has a sheet; nothing where nothing is. */
export function DueOnShelf() {
  const logs = useLogs(useLogRecords()) ?? [];
  const due = logs.flatMap(({ vehicle, dues }) =>
    dues.flatMap((one) => {
      const sheet = sheetFor(one.interval.part);
      return sheet && (one.state === "overdue" || one.state === "soon")
        ? [{ ...one, key: `${vehicle.id} ${one.key}`, vehicle, sheet }]
        : [];
    }),
  );
  if (due.length === 0) return null;
  return (
    <Sheet title="Due by the log">
      <Box>
        {due.map(({ key, vehicle, sheet, interval, state }) => (
          <ShelfRow
            key={key}
            href={shelfHref(sheet.name, { vehicleId: vehicle.id })}
            title={interval.part}
            says={`${vehicle.name}: ${state === "overdue" ? "■ overdue" : "▲ soon"}. ${titleOf(sheet)}.`}
          />
        ))}
      </Box>
    </Sheet>
  );
}
