"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { recalledOf } from "@/core/log/recalled";
import type { Vehicle } from "@/core/model/vehicle";
import { Sheet } from "@/ui/Sheet";
import type { LogRecords } from "../shared/use-logs";
import { workHref, entryHref } from "../shell/addresses";

const SHOWN = 4;

/** One's own notes about the vehicle: "stiff, will be rusty". */
export function RecalledSheet({ vehicle, records }: { vehicle: Vehicle; records: LogRecords }) {
  const notes = recalledOf(vehicle.id, records.replacements, records.jobs, records.works);
  if (notes.length === 0) return null;
  return (
    <Sheet title="You noted">
      {notes.slice(0, SHOWN).map(({ key, about, says, entryId, jobId }) => (
        <Box key={key} paddingBlock="1">
          {says}
          <Box
            asChild
            color="soft"
            fontSize="15px"
            display="flex"
            alignItems="center"
            minHeight="44px"
            textDecoration="underline"
          >
            <Link href={entryId ? entryHref(entryId) : workHref(jobId)} prefetch={false}>
              {about}
            </Link>
          </Box>
        </Box>
      ))}
      {notes.length > SHOWN && (
        <Box color="soft" fontSize="15px">
          and {notes.length - SHOWN} more in the log
        </Box>
      )}
    </Sheet>
  );
}
