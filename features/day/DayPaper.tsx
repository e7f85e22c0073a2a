"use client";

import { Box } from "@chakra-ui/react";
import type { DayLine } from "@/core/day/words";
import { PRINTED, PaperHead, PencilBox } from "@/ui/print/PaperSheet";

/** The day on paper: when each step is begun, what waits, and where to decide. */
export function DayPaper({
  title,
  vehicle,
  says,
  lines,
}: {
  title: string;
  vehicle: string;
  says: readonly string[];
  lines: readonly DayLine[];
}) {
  return (
    <Box fontSize="15px" lineHeight="1.25">
      <PaperHead title={title} vehicle={vehicle} />
      {says.map((words) => (
        <Box key={words} marginTop="1">
          {words}
        </Box>
      ))}
      <Box marginTop="2">
        {lines.map(({ id, at, title: step, wait, decide }) => (
          <Box
            key={id}
            display="grid"
            gridTemplateColumns="64px 22px minmax(0, 1fr)"
            alignItems="start"
            borderBottom={`1px solid ${PRINTED.line}`}
            paddingBlock="3px"
            css={{ breakInside: "avoid" }}
          >
            <Box fontFamily="heading" fontWeight="700" fontSize="19px" lineHeight="1.1">
              {at}
            </Box>
            <Box paddingTop="2px">
              <PencilBox />
            </Box>
            <Box>
              {decide && <Box fontWeight="600">▲ Decide here. {decide}</Box>}
              <b>{step}</b>
              {wait && <Box>{wait}</Box>}
            </Box>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
