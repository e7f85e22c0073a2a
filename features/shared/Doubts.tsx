"use client";

import { Box } from "@chakra-ui/react";
import type { Doubt } from "@/core/fastener/doubts";

/**
 * Doubts about a fastener, a grave one as a stop. In brief they are one line, the gravest first, that opens
 * to all that is to be said.
 */
export function Doubts({ doubts, brief = false }: { doubts: readonly Doubt[]; brief?: boolean }) {
  if (brief && doubts.length > 0) return <InBrief doubts={doubts} />;
  return <InFull doubts={doubts} />;
}

function InBrief({ doubts }: { doubts: readonly Doubt[] }) {
  const [first, ...others] = [...doubts].sort((a, b) => Number(b.grave) - Number(a.grave));
  if (!first) return null;
  const [sentence] = first.says.split(/(?<=\.) /);
  return (
    <details>
      <Box
        as="summary"
        color={first.grave ? "stop" : "watch"}
        fontWeight="600"
        fontSize="17px"
        paddingBlock="1"
      >
        {first.grave ? "■" : "▲"} {sentence}
        {others.length > 0 && ` And ${others.length} more.`}
      </Box>
      <InFull doubts={doubts} />
    </details>
  );
}

function InFull({ doubts }: { doubts: readonly Doubt[] }) {
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
