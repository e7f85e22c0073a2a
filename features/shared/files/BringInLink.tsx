"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { filesHref } from "../../shell/addresses";

/** For somebody who comes with a file from another browser. */
export function BringInLink() {
  return (
    <Box color="soft">
      Coming from another browser?{" "}
      <Box asChild color="ink" textDecoration="underline">
        <Link href={filesHref()}>Bring in your file</Link>
      </Box>
      .
    </Box>
  );
}
