"use client";

import { Box } from "@chakra-ui/react";
import { format } from "date-fns";
import { heldDays, heldWords, stepsWent } from "@/core/day/held";
import { minutesSay } from "@/core/day/words";
import type { Job } from "@/core/model/job";
import type { Vehicle } from "@/core/model/vehicle";
import { useCollection } from "@/data/hooks";
import { Loading } from "@/ui/Loading";
import { Row, Sheet } from "@/ui/Sheet";

/** The day of a job that is done: what was said of it, how it went, step by step, and how well such odds have held. */
export function DayOver({ job, vehicle }: { job: Job; vehicle: Vehicle }) {
  const days = useCollection("days");
  const works = useCollection("works");
  const jobs = useCollection("jobs");
  if (!days || !works || !jobs) return <Loading />;
  const all = heldDays(days, jobs, works);
  const held = all.find(({ jobId }) => jobId === job.id);
  const work = works.find(({ jobId }) => jobId === job.id);
  const steps = work ? stepsWent(job, work) : [];
  const sum = (of: (step: (typeof steps)[number]) => number) =>
    steps.reduce((total, step) => total + of(step), 0);
  return (
    <Sheet maxWidth="760px" marginInline="auto" padding={{ base: "4", lg: "6" }}>
      <Box as="h1" fontSize="30px">
        {job.title}
      </Box>
      <Box color="soft">{vehicle.name}, done</Box>
      {held ? (
        <Box marginTop="3" data-testid="day-held">
          <Box fontSize="22px" fontFamily="heading" fontWeight="700">
            {held.inTime ? "● It rolled in time" : "▲ It rolled later than it had to"}
          </Box>
          Said: {Math.round(held.said.chance * 100)} in 100 by {format(new Date(held.said.rollBy), "HH:mm")},
          half over by {format(new Date(held.said.p50), "HH:mm")}, 80 of 100 by{" "}
          {format(new Date(held.said.p80), "HH:mm")}, 95 by {format(new Date(held.said.p95), "HH:mm")}. It was
          over at {format(new Date(held.rolledAt), "HH:mm")}.
        </Box>
      ) : (
        <Box marginTop="3">
          Nothing was put down for this day beforehand, so there is nothing to hold it against.
        </Box>
      )}
      {heldWords(all) && (
        <Box fontWeight="600" marginTop="2">
          {heldWords(all)}
        </Box>
      )}
      {steps.length > 0 && (
        <Box marginTop="4">
          <Box as="h2" fontSize="22px">
            Minutes of hands, planned and real
          </Box>
          {steps.map(({ stepId, title, planned, took }) => (
            <Row key={stepId} label={title}>
              {Math.round(planned)} planned, {minutesSay(took)}
            </Row>
          ))}
          <Row label="Together">
            {Math.round(sum(({ planned }) => planned))} planned, {minutesSay(sum(({ took }) => took))}
          </Row>
          <Box fontSize="15px" color="soft" marginTop="1">
            The next days are reckoned with it.
          </Box>
        </Box>
      )}
    </Sheet>
  );
}
