"use client";

import { Box } from "@chakra-ui/react";
import { memo } from "react";
import type { DayTold } from "@/core/day/day";
import type { Slot } from "@/core/day/schedule";
import { dayText } from "@/core/day/words";
import type { Job } from "@/core/model/job";
import type { Vehicle } from "@/core/model/vehicle";
import { writeDayCalendar } from "@/data/calendar";
import { Button } from "@/ui/Button";
import { CopyButton } from "@/ui/CopyButton";
import { saveAs } from "../shell/save-as";

/** The day as text, as a calendar's entries, and on paper. */
export const TakeAlong = memo(function TakeAlong({
  job,
  vehicle,
  told,
  slots,
}: {
  job: Job;
  vehicle: Vehicle;
  told: DayTold;
  slots: readonly Slot[];
}) {
  const name = `day-${told.zero}`;
  const text = dayText(job, vehicle.name, told, slots, "text");
  return (
    <>
      <style>{`#day-paper { display: none } @media print { body * { visibility: hidden } #day-paper { display: block; position: absolute; top: 0; left: 0; white-space: pre-wrap; font: 12pt/1.4 sans-serif; color: #000 } #day-paper { visibility: visible } }`}</style>
      <div id="day-paper" aria-hidden>
        {text}
      </div>
      <Box display="flex" flexWrap="wrap" gap="2" marginTop="3">
        <Button
          onClick={() =>
            saveAs(
              `${name}.ics`,
              writeDayCalendar(job, vehicle.name, told, slots, new Date()),
              "text/calendar",
            )
          }
        >
          For a calendar
        </Button>
        <CopyButton text={text} />
        <Button
          onClick={() =>
            saveAs(`${name}.md`, dayText(job, vehicle.name, told, slots, "Markdown"), "text/markdown")
          }
        >
          Save as Markdown
        </Button>
        <Button onClick={() => window.print()}>Print</Button>
      </Box>
    </>
  );
});
