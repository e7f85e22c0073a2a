"use client";

import { Box } from "@chakra-ui/react";
import { COUNTER_DAYS, type CounterDay } from "@/data/settings";
import { Button } from "@/ui/Button";
import { SelectField } from "@/ui/form/Field";
import { Sheet } from "@/ui/Sheet";
import { type CounterState } from "./use-counter";

const DAYS: Record<CounterDay, string> = {
  open: "open",
  slow: "slow",
  shut: "shut",
  muddled: "answering rubbish",
};

/** Whether the counter is open, and what to do when it is not. It is simulated, and says so; in the demo it can be had shut. */
export function CounterSheet({
  state,
  day,
  onDay,
  onAskAgain,
}: {
  state: CounterState;
  day: CounterDay;
  onDay: (day: CounterDay) => void;
  onAskAgain: () => void;
}) {
  return (
    <Sheet title="The counter">
      <Box role="status" data-testid="counter">
        {state.kind === "asking" && <Box color="soft">Asking the counter …</Box>}
        {state.kind === "open" && (
          <Box color="good" fontWeight="600">
            ● open, {state.answer.offers.length} offers
          </Box>
        )}
        {state.kind === "shut" && (
          <>
            <Box color="watch" fontWeight="600">
              ▲ {state.why}
            </Box>
            <Box fontSize="15px">Your own prices and the plan’s still count, and everything else works.</Box>
            <Button marginTop="2" onClick={onAskAgain}>
              Ask again
            </Button>
          </>
        )}
      </Box>
      <Box as="details" marginTop="2" fontSize="15px">
        <Box as="summary" cursor="pointer" minHeight="44px" paddingTop="10px" color="soft">
          It is not a real shop
        </Box>
        It ships with the app: its goods and prices are invented, to shop with until real ones are typed in.
        {process.env.NEXT_PUBLIC_OPEN_WITH === "demo" && (
          <SelectField
            label="Today it is"
            choices={COUNTER_DAYS.map((value) => ({ value, label: DAYS[value] }))}
            value={day}
            onChange={(event) => onDay(event.target.value as CounterDay)}
          />
        )}
      </Box>
    </Sheet>
  );
}
