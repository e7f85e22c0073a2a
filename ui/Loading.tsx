"use client";

import { Box } from "@chakra-ui/react";

/**
 * Shown while this browser's store is being read; usually gone before it is seen. Where it stays, something of the page
 * did not come: that is told by the style alone, as no script may have come at all.
 */
export function Loading() {
  return (
    <Box role="status" padding="6" color="soft">
      Getting it out of the pocket…
      <div className="late">
        The signal may have broken off. <a href="">Load the page again</a>: what was saved is here.
      </div>
    </Box>
  );
}
