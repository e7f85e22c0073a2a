"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import type { Job } from "@/core/model/job";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";
import { planHref } from "../shell/addresses";

/** When the plan has no steps yet. */
export function NothingToDo({ job }: { job: Job }) {
  return (
    <Sheet title={job.title} padding="5">
      <Box marginBottom="4">The plan has no steps yet, so there is nothing to work through.</Box>
      <Button asChild look="primary">
        <Link href={planHref(job.id)}>Add steps to the plan</Link>
      </Button>
    </Sheet>
  );
}
