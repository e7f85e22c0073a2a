"use client";

import { Box } from "@chakra-ui/react";
import { COMPARED, type Compared } from "@/core/model/work";
import { type Sat, compare } from "@/core/work/how-it-sat";
import { Button } from "@/ui/Button";
import { Photos } from "../../shared/photos/Photos";
import { thisMoment } from "../../shell/clock";
import type { Move } from "../use-work";

const ANSWERS: Record<Compared, string> = {
  same: "● Same",
  "was wrong before": "▲ Was wrong",
  "cannot tell": "▲ Cannot tell",
};

const SAID: Record<Compared, string> = {
  same: "● It sits as before.",
  "was wrong before": "▲ It was wrong before.",
  "cannot tell": "▲ Nobody can tell whether it sits as before.",
};

/** How it sat before it came off, beside where it goes back: the photos large, the marks, the turns; and whether it does again. */
export function HowItSat({ sat, stepId, move }: { sat: Sat; stepId: string; move: Move }) {
  const { of, photoIds, lines, halfTurns, compared } = sat;
  // Once it is answered the hands need the room.
  if (compared)
    return (
      <Box fontSize="18px" fontWeight="600" color={compared === "same" ? "good" : "watch"}>
        {SAID[compared]}
      </Box>
    );
  return (
    <Box
      borderLeft="4px solid"
      borderColor="edge"
      paddingLeft="3"
      display="grid"
      gap="2"
      data-testid="how-it-sat"
    >
      <Box fontWeight="600" fontSize="18px">
        As it came off
      </Box>
      <Photos ids={photoIds.slice(-4)} of={of[0]?.title ?? "how it sat"} size={220} />
      {lines.map((line) => (
        <Box key={line} fontSize="20px">
          {line}.
        </Box>
      ))}
      {halfTurns > 0 && (
        <Box fontSize="20px">
          Counted off: {halfTurns / 2} {halfTurns <= 2 ? "turn" : "turns"}.
        </Box>
      )}
      <Box fontSize="18px">Does it sit as before?</Box>
      <Box display="grid" gridTemplateColumns="repeat(3, minmax(0, 1fr))" gap="2" maxWidth="520px">
        {COMPARED.map((as) => (
          <Button
            key={as}
            size="work"
            fontSize="16px"
            paddingInline="2"
            onClick={() => void move((now) => compare(now, stepId, as, thisMoment()))}
          >
            {ANSWERS[as]}
          </Button>
        ))}
      </Box>
    </Box>
  );
}
