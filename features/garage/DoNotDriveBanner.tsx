"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { standingNotes } from "@/core/work/stopping";
import { useCollection } from "@/data/hooks";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";
import { workHref } from "../shell/addresses";

/** Large over the vehicle: why it must not be driven, for each job that was left half done. */
export function DoNotDriveBanner({ vehicleId }: { vehicleId: string }) {
  const jobs = useCollection("jobs") ?? [];
  const works = useCollection("works") ?? [];
  return standingNotes(jobs, works, vehicleId).map(({ job, because }) => (
    <Sheet key={job.id} tone="stop" marginBottom="4">
      <Box
        fontFamily="heading"
        fontWeight="700"
        fontSize={{ base: "34px", lg: "44px" }}
        lineHeight="1"
        color="stop"
      >
        ■ Do not drive
      </Box>
      <Box fontSize="20px" marginBlock="2">
        {because}
      </Box>
      <Button asChild>
        <Link href={workHref(job.id)}>Go on with: {job.title}</Link>
      </Button>
    </Sheet>
  ));
}
