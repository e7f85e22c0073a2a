"use client";

import { Box } from "@chakra-ui/react";
import { memo } from "react";
import type { DayTold } from "@/core/day/day";
import type { Slot } from "@/core/day/schedule";
import { dayLines, dayText, dayWords, oddsWords } from "@/core/day/words";
import type { Job } from "@/core/model/job";
import type { Vehicle } from "@/core/model/vehicle";
import { paperOf } from "@/core/quantity/paper";
import { writeDayCalendar } from "@/data/calendar";
import { Button } from "@/ui/Button";
import { CopyButton } from "@/ui/CopyButton";
import { OnPaper } from "@/ui/print/OnPaper";
import { useMoney } from "../shared/money/use-money";
import { saveAs } from "../shell/save-as";
import { DayPaper } from "./DayPaper";

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
  const { region } = useMoney();
  const name = `day-${told.zero}`;
  const text = dayText(job, vehicle.name, told, slots, "text");
  return (
    <>
      <OnPaper paper={paperOf(region)}>
        <DayPaper
          title={job.title}
          vehicle={vehicle.name}
          says={[dayWords(told), oddsWords(told)]}
          lines={dayLines(job, told, slots)}
        />
      </OnPaper>
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
