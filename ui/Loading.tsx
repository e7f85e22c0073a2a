"use client";

import { Box } from "@chakra-ui/react";

/** Shown while this browser's store is being read; usually gone before it is seen. What it says late is in app/layout.tsx. */
export function Loading() {
  return (
    <Box role="status" padding="6" color="soft">
      Getting it out of the pocket…
    </Box>
  );
}
