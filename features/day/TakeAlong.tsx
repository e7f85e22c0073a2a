"use client";

import { Box } from "@chakra-ui/react";
import { memo } from "react";
import { createPortal } from "react-dom";
import type { DayTold } from "@/core/day/day";
import type { Slot } from "@/core/day/schedule";
import { dayText } from "@/core/day/words";
import type { Job } from "@/core/model/job";
import type { Vehicle } from "@/core/model/vehicle";
import { writeDayCalendar } from "@/data/calendar";
import { Button } from "@/ui/Button";
import { CopyButton } from "@/ui/CopyButton";
import { saveAs } from "../shell/save-as";

/** On paper there is the day's text and nothing else: it stands beside the app, and takes its place. */
const PAPER = `#day-paper { display: none }
@media print {
  @page { margin: 15mm }
  html, body { background: #fff !important }
  body > *:not(#day-paper) { display: none !important }
  #day-paper { display: block; white-space: pre-wrap; font: 12pt/1.4 sans-serif; color: #000 }
}`;

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
      {createPortal(
        <div id="day-paper">
          <style>{PAPER}</style>
          {text}
        </div>,
        document.body,
      )}
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
