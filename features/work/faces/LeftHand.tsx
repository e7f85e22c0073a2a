"use client";

import { Box } from "@chakra-ui/react";
import { isLeftHand, turnsTo } from "@/core/fastener/left-hand";
import type { Fastener, Step } from "@/core/model/job";
import { movesFasteners } from "@/core/step-kinds";
import { TurnWay } from "@/ui/drawing/TurnWay";

/** A left-hand thread: which way it goes, as a picture, off and on; nothing for any other. */
export function LeftHand({ step, fastener }: { step: Step; fastener: Fastener }) {
  const moves = movesFasteners(step);
  if (moves === "nothing" || !isLeftHand(fastener)) return null;
  const undoing = moves === "out";
  const to = turnsTo(fastener, undoing ? "undo" : "do up");
  return (
    <Box display="flex" gap="4" alignItems="center" role="note">
      <TurnWay to={to} />
      <Box color="stop" fontWeight="600" fontSize="22px" lineHeight="1.2">
        ■ Left-hand thread: {undoing ? "undo it" : "do it up"} {to}.
      </Box>
    </Box>
  );
}
