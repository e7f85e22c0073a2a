"use client";

import { Box } from "@chakra-ui/react";
import { useMemo } from "react";
import { instantOf, minutesSince } from "@/core/day/clock";
import type { DayTold } from "@/core/day/day";
import type { Slot } from "@/core/day/schedule";
import { hourWords, minutesSay } from "@/core/day/words";
import type { Job } from "@/core/model/job";
import type { Work } from "@/core/model/work";
import { chosenRoute } from "@/core/plan/chosen-route";
import { runningWaits } from "@/core/work/waits";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";
import { type Alarm, useAlarms, useMayRing } from "../shared/alarms";

interface NowSheetProps {
  job: Job;
  told: DayTold;
  slots: readonly Slot[];
  work: Work;
}

/** A day under way: what is done now, what to start so that its wait is over in time, and the next decision. */
export function NowSheet({ job, told, slots, work }: NowSheetProps) {
  const route = chosenRoute(job);
  const title = (id: string) => route.steps.find((step) => step.id === id)?.title ?? "a step";
  const left = new Set(told.timed.map(({ id }) => id));
  const waits = runningWaits(work, route);
  const running = new Set(waits.map(({ step }) => step.id));
  const [next] = slots.filter(({ id }) => !running.has(id));
  // What could be put on now: nothing of what it needs is left to do.
  const soak = told.timed.find(
    ({ id, waits: long, after }) =>
      long >= 1 && !running.has(id) && after.every((before) => !left.has(before.id)),
  );
  const decide = told.decide.find(({ by }) => by > told.begins);
  const alarms = useMemo(
    (): Alarm[] => [
      ...runningWaits(work, chosenRoute(job)).map(({ step, endsMs }) => ({
        at: endsMs,
        says: `${step.title}: the wait is over`,
      })),
      ...told.decide
        .filter(({ by }) => Number.isFinite(by) && by > told.begins)
        .map(({ stepId, says, by }) => ({
          at: Date.parse(instantOf(told.zero, by)),
          says: `Decide before “${chosenRoute(job).steps.find(({ id }) => id === stepId)?.title ?? "the next step"}”: ${says}`,
        })),
    ],
    [work, job, told],
  );
  useAlarms(alarms);
  return (
    <Sheet title="Now">
      {next && (
        <Box fontSize="20px" fontFamily="heading" fontWeight="700">
          {title(next.id)}
        </Box>
      )}
      {waits.map(({ step, endsMs, until }) => (
        <Box key={step.id} fontSize="15px" marginTop="2">
          {minutesSince(told.zero, new Date(endsMs)) > told.begins
            ? `“${step.title}” runs until ${until}.`
            : `● “${step.title}” is over: ${until}.`}
        </Box>
      ))}
      {soak && soak.id !== next?.id && (
        <Box fontSize="15px" fontWeight="600" color="watch" marginTop="2">
          ▲ Start “{title(soak.id)}” now: its {minutesSay(soak.waits)} run while you go on.
        </Box>
      )}
      {decide && (
        <Box fontSize="15px" marginTop="2">
          ◆ Decide by {hourWords(told.zero, decide.by)}, before “{title(decide.stepId)}”.
        </Box>
      )}
      <MayRing alarms={alarms.length} />
    </Sheet>
  );
}

function MayRing({ alarms }: { alarms: number }) {
  const ringing = useMayRing();
  if (!ringing || alarms === 0) return null;
  if (ringing.may === "granted")
    return (
      <Box fontSize="14px" color="soft" marginTop="2">
        ● Rings for waits and decisions while this page stays open in the background.
      </Box>
    );
  return ringing.may === "default" ? (
    <Box marginTop="2">
      <Button onClick={ringing.ask}>Ring for waits and decisions</Button>
    </Box>
  ) : (
    <Box fontSize="14px" color="soft" marginTop="2">
      ▲ This browser does not let the app ring. Take the day into a calendar instead: it has the alarms.
    </Box>
  );
}
