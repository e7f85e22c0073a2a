"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { useSearchParams } from "next/navigation";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";
import { jobsHref } from "./addresses";

/** What is said where an address names a job that this browser does not have. */
export const NOT_HERE =
  "The address names a job that is not in this browser: it was removed, or is on another device.";

/** When a pocket that works on a job has none in hand. */
export function NoJob({ does }: { does: string }) {
  const named = useSearchParams().has("id");
  return (
    <Sheet title={named ? "That job is not here" : "No job in hand"} padding="5">
      <Box marginBottom="4">
        {named ? NOT_HERE : `This pocket ${does}.`} Choose a job{named ? "" : " first"}.
      </Box>
      <Button asChild look="primary">
        <Link href={jobsHref()}>Choose a job</Link>
      </Button>
    </Sheet>
  );
}
