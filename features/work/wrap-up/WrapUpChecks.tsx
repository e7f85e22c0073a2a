"use client";

import { Box } from "@chakra-ui/react";
import { withEvent } from "@/core/work/event";
import { BigTick } from "@/ui/BigTick";
import { thisMoment } from "../../shell/clock";
import { ActionBar } from "../faces/ActionBar";
import type { Move } from "../use-work";

/** What is checked before the vehicle is driven, each ticked apart; the log is written only after them. */
export function WrapUpChecks({
  checks,
  toDo,
  move,
  onBack,
}: {
  checks: string[];
  toDo: string[];
  move: Move;
  onBack: () => void;
}) {
  const [next] = toDo;
  const tick = (check: string) =>
    void move((now) => withEvent(now, { ...thisMoment(), type: "checked", check }));
  return (
    <Box display="flex" flexDirection="column" gap="4" marginTop="2" flex="1">
      <Box fontSize="20px">Before you drive, in this order:</Box>
      <Box display="grid" gap="3" maxWidth="640px">
        {checks.map((check) => (
          <BigTick key={check} isTicked={!toDo.includes(check)} onTick={() => tick(check)} ask={check} />
        ))}
      </Box>
      <ActionBar
        bar={{ onBack, onTrouble: undefined, watchFor: next }}
        says="Checked"
        onPrimary={() => next && tick(next)}
      />
    </Box>
  );
}
