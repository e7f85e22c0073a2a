"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import type { Job } from "@/core/model/job";
import { Button } from "@/ui/Button";
import { formatDay } from "@/ui/day";
import { Sheet } from "@/ui/Sheet";

/** A job that has been wrapped up. */
export function JobDone({ job }: { job: Job }) {
  return (
    <Sheet flex="1" padding={{ base: "4", lg: "6" }}>
      <Box as="h1" fontSize="34px">
        {job.title}
      </Box>
      <Box color="good" fontWeight="600" fontSize="20px" marginBlock="3">
        ● Done{job.doneOn && ` on ${formatDay(job.doneOn)}`}
      </Box>
      <Button asChild look="primary" size="work">
        <Link href={`/log?id=${encodeURIComponent(job.vehicleId)}`}>See it in the log</Link>
      </Button>
    </Sheet>
  );
}
