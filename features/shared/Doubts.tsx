"use client";

import { Box } from "@chakra-ui/react";
import type { Doubt } from "@/core/fastener/doubts";

/** Doubts about a fastener, a grave one as a stop. */
export function Doubts({ doubts }: { doubts: readonly Doubt[] }) {
  return doubts.map(({ says, grave }) => (
    <Box
      key={says}
      background={grave ? "stopPaper" : "watchPaper"}
      color={grave ? "stop" : "watch"}
      border="1px solid"
      borderColor={grave ? "stop" : "watchEdge"}
      borderRadius="sheet"
      padding="3"
      marginTop="2"
      fontWeight="600"
    >
      {grave ? "■" : "▲"} {says}
    </Box>
  ));
}
