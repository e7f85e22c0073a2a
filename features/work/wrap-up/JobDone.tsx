"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import type { Job, Route } from "@/core/model/job";
import type { Work } from "@/core/model/work";
import type { TorqueUnit } from "@/core/quantity/torque-unit";
import { Button } from "@/ui/Button";
import { formatDay } from "@/ui/day";
import { Sheet } from "@/ui/Sheet";
import { WrapUpReport } from "../../shared/WrapUpReport";
import { dayHref, logHref } from "../../shell/addresses";

/** A job that has been wrapped up, and how it went. */
export function JobDone({
  job,
  route,
  work,
  unit,
}: {
  job: Job;
  route: Route;
  work: Work;
  unit: TorqueUnit;
}) {
  return (
    <Sheet flex="1" padding={{ base: "4", lg: "6" }} display="grid" gap="4" alignContent="start">
      <Box>
        <Box as="h1" fontSize="34px">
          {job.title}
        </Box>
        <Box color="good" fontWeight="600" fontSize="20px" marginBlock="3">
          ● Done{job.doneOn && ` on ${formatDay(job.doneOn)}`}
        </Box>
        <Button asChild look="primary" size="work">
          <Link href={logHref(job.vehicleId)}>See it in the log</Link>
        </Button>
        <Button asChild marginLeft="3">
          <Link href={dayHref(job.id)}>How the day went</Link>
        </Button>
      </Box>
      <WrapUpReport route={route} work={work} unit={unit} />
    </Sheet>
  );
}
