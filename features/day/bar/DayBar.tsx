"use client";

import { Box } from "@chakra-ui/react";
import { format, parseISO } from "date-fns";
import { barOf } from "@/core/day/bar";
import type { DayTold } from "@/core/day/day";
import type { Slot } from "@/core/day/schedule";
import type { DayPlan } from "@/core/model/day-plan";
import type { Job } from "@/core/model/job";
import { chosenRoute } from "@/core/plan/chosen-route";
import { useWide } from "@/ui/use-wide";
import { BarRow, type Draggable } from "./BarRow";

interface DayBarProps {
  job: Job;
  told: DayTold;
  slots: readonly Slot[];
  pauses: DayPlan["pauses"];
  /** Where it begins, minutes, where that can be dragged. */
  start: number | undefined;
  onDrag: (next: Draggable) => void;
  onDrop: (next: Draggable, says: string) => void;
}

/** The day as a bar: hands, waits and what is open apart, light behind them, the shop at the foot, the end at the end. */
export function DayBar({ job, told, slots, pauses, start, onDrag, onDrop }: DayBarProps) {
  const upright = !useWide("md");
  const days = barOf(told, slots);
  const titles = new Map(chosenRoute(job).steps.map(({ id, title }) => [id, title]));
  return (
    <Box>
      {days.map((day, i) => (
        <Box key={day.day} marginTop={i > 0 ? "4" : "0"}>
          <Box fontWeight="600">{format(parseISO(day.day), "EEEE d MMMM")}</Box>
          <BarRow
            day={day}
            told={told}
            titles={titles}
            upright={upright}
            pauses={pauses}
            start={i === 0 ? start : undefined}
            onDrag={onDrag}
            onDrop={onDrop}
          />
        </Box>
      ))}
      <Legend told={told} upright={upright} />
    </Box>
  );
}

/** What the bar's parts mean, in words. */
function Legend({ told, upright }: { told: DayTold; upright: boolean }) {
  const waits = told.timed.some((one) => one.waits > 0);
  const parts = [
    `${upright ? "Left to right" : "From the top"}: hands${told.helper.length > 0 ? ", a helper’s hands" : ""}${waits ? ", waits (hatched)" : ""}${told.open.length > 0 ? ", what is open (◆)" : ""}, the shop’s hours.`,
    "Green: where the end lies, from 50 to 95 of 100; the line is 80.",
    told.light.length > 0
      ? "Darker where it is dark."
      : "Nothing is known of light: say where it is done, under “Where and when”.",
  ];
  return (
    <Box fontSize="14px" color="soft" marginTop="2">
      {parts.join(" ")}
      {upright && told.open.length > 0 ? ` ◆ ${told.open.map(({ says }) => says).join("; ")}.` : ""}
    </Box>
  );
}
