"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { useState } from "react";
import { type Owed, dueWords } from "@/core/log/follow-up";
import { type DayBand } from "@/core/log/mileage/driving";
import type { VehicleLog } from "@/core/log/vehicle-log";
import type { Job } from "@/core/model/job";
import type { FollowUp } from "@/core/model/log";
import { formatDistance } from "@/core/quantity/distance";
import { touched } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { formatDay } from "@/ui/day";
import { planHref } from "../../shell/addresses";
import { today } from "../../shell/clock";
import { useDo } from "../../shell/DoProvider";
import { bandWords, bestWords } from "../due/when-words";
import { ReasonForm } from "../ReasonForm";
import { calendarEntry, saveCalendar } from "./calendar-file";
import { FollowUpForm } from "./FollowUpForm";

type Doing = "nothing" | "move" | "drop";

/** One thing that is owed: when, from which job, and done, moved, dropped or into a calendar. */
export function FollowUpRow({ owed, log, jobs }: { owed: Owed; log: VehicleLog; jobs: Job[] }) {
  const perform = useDo();
  const [doing, setDoing] = useState<Doing>("nothing");
  const { followUp, on, left, reached } = owed;
  const job = jobs.find(({ id }) => id === followUp.jobId);
  const entry = calendarEntry(owed, log.vehicle, jobs);
  const done = () =>
    void perform(
      { put: { followUps: [touched({ ...followUp, state: "done" as const, closedOn: today() })] } },
      `Done: ${followUp.text}.`,
    );
  return (
    <Box borderTop="1px solid" borderColor="edge" paddingBlock="3">
      <Box
        display="grid"
        gridTemplateColumns={{ base: "minmax(0, 1fr)", md: "minmax(0, 1fr) minmax(0, 1fr) 350px" }}
        gap={{ base: "1", md: "4" }}
        alignItems="start"
      >
        <Box>
          <Box fontWeight="600" fontSize="18px">
            {followUp.text}
          </Box>
          {job && (
            <Box asChild color="soft" fontSize="15px" textDecoration="underline">
              <Link href={planHref(job.id)} prefetch={false}>
                {job.title}
              </Link>
            </Box>
          )}
          {followUp.because && (
            <Box color="soft" fontSize="15px">
              Moved: {followUp.because}
            </Box>
          )}
        </Box>
        <Box>
          <Box
            fontFamily="heading"
            fontWeight="600"
            fontSize="22px"
            lineHeight="1.15"
            color={reached ? "stop" : "ink"}
          >
            {dueWhen(reached, on, followUp)}
          </Box>
          <Box color="soft" fontSize="15px">
            {(followUp.dueAt || reached) && dueWords(followUp, formatDay)}
            {left && left.value > 0 && `, ${formatDistance(left)} to go`}
            {on && bandWords(on) && `; ${bandWords(on)}`}
          </Box>
        </Box>
        <Box display="flex" gap="1" flexWrap="wrap">
          <Button onClick={done} aria-label={`Done: ${followUp.text}`}>
            Done
          </Button>
          <Button look="quiet" onClick={() => setDoing("move")}>
            Move
          </Button>
          <Button look="quiet" onClick={() => setDoing("drop")}>
            Drop
          </Button>
          {entry && (
            <Button
              look="quiet"
              aria-label={`Calendar file: ${followUp.text}`}
              onClick={() => void saveCalendar(`follow-up-${followUp.id}.ics`, [entry])}
            >
              Calendar
            </Button>
          )}
        </Box>
      </Box>
      {doing === "move" && (
        <FollowUpForm
          followUp={followUp}
          vehicle={log.vehicle}
          vehicles={[log.vehicle]}
          onClose={() => setDoing("nothing")}
        />
      )}
      {doing === "drop" && <Drop owed={owed} onClose={() => setDoing("nothing")} />}
    </Box>
  );
}

function dueWhen(reached: boolean, on: DayBand | undefined, followUp: FollowUp) {
  if (reached) return "■ now";
  if (on) return bestWords(on);
  return dueWords(followUp, formatDay);
}

function Drop({ owed: { followUp }, onClose }: { owed: Owed; onClose: () => void }) {
  const perform = useDo();
  const drop = (because: string) =>
    perform(
      {
        put: { followUps: [touched({ ...followUp, state: "dropped" as const, closedOn: today(), because })] },
      },
      `Dropped: ${followUp.text}.`,
    );
  return (
    <ReasonForm
      draft={`drop ${followUp.id}`}
      label="Why it is dropped"
      missing="Say why it is not needed."
      submit="Drop it"
      onSubmit={drop}
      onClose={onClose}
    />
  );
}
