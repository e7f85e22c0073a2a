"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";

/** When a pocket that works on a job has none in hand. */
export function NoJob({ does }: { does: string }) {
  return (
    <Sheet title="No job in hand" padding="5">
      <Box marginBottom="4">This pocket {does}. Choose a job first.</Box>
      <Button asChild look="primary">
        <Link href="/plan?all=1">Choose a job</Link>
      </Button>
    </Sheet>
  );
}
