"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import type { DayAsk } from "@/core/day/day";
import { inHundred } from "@/core/day/odds";
import type { Tried } from "@/core/day/start-when";
import type { DayPlan } from "@/core/model/day-plan";
import { withoutUndefined } from "@/core/without-undefined";
import { Button } from "@/ui/Button";
import { RowButton } from "@/ui/RowButton";
import { Sheet } from "@/ui/Sheet";
import { type DayInHand, useReckoned } from "./use-day";

/** How many starts are seen at once: the likeliest. */
const MOST_SHOWN = 3;

/** Starts on the days ahead and other ways of the day, held against each other; one press takes one. */
export function StartWhen({ ask, day, live }: { ask: DayAsk; day: DayInHand; live: boolean }) {
  const [wanted, setWanted] = useState(!live);
  const { told, stale } = useReckoned("compare", wanted ? ask : undefined);
  const take = (tried: Tried) =>
    void day.change(
      (now) => withoutUndefined({ ...now, ...tried.change }) as DayPlan,
      `Taken: ${tried.says}.`,
      tried.route,
    );
  if (!wanted)
    return (
      <Sheet title="Another day?">
        <Button onClick={() => setWanted(true)}>Hold days against each other</Button>
      </Sheet>
    );
  if (!told)
    return (
      <Sheet title="Start when">
        <Box color="soft">Days are held against each other …</Box>
      </Sheet>
    );
  const best = told.starts[told.best];
  const likely = [...told.starts].sort((a, b) => b.chance - a.chance).slice(0, MOST_SHOWN);
  const [shown, rest] = [
    told.starts.filter((one) => likely.includes(one) || one === best),
    told.starts.filter((one) => !likely.includes(one) && one !== best),
  ];
  return (
    <Sheet title="Start when">
      <Box opacity={stale ? 0.55 : 1}>
        {best ? (
          <Box fontWeight="600" fontSize="15px" marginBottom="1" data-testid="best-start">
            ● {best.says}: {inHundred(best.chance)} in 100. {best.because}
          </Box>
        ) : (
          <Box fontSize="15px">No hands are there on any day ahead: see “Where and when” below.</Box>
        )}
        {shown.map((tried) => (
          <Choice key={tried.says} tried={tried} best={tried === best} onTake={take} />
        ))}
        {rest.length > 0 && (
          <Box as="details">
            <Box as="summary" minHeight="44px" paddingTop="2" cursor="pointer">
              {rest.length} more
            </Box>
            {rest.map((tried) => (
              <Choice key={tried.says} tried={tried} best={false} onTake={take} />
            ))}
          </Box>
        )}
        {!live && (
          <>
            <Box fontWeight="600" fontSize="15px" marginTop="3">
              The same day otherwise
            </Box>
            {told.ways.map((tried, i) => (
              <Choice key={tried.says} tried={tried} best={false} onTake={i === 0 ? undefined : take} />
            ))}
          </>
        )}
      </Box>
    </Sheet>
  );
}

function Choice({
  tried,
  best,
  onTake,
}: {
  tried: Tried;
  best: boolean;
  onTake: ((tried: Tried) => void) | undefined;
}) {
  return (
    <RowButton
      minHeight="44px"
      disabled={!onTake}
      aria-label={`${tried.says}: ${inHundred(tried.chance)} in 100. ${tried.because}`}
      onClick={() => onTake?.(tried)}
    >
      <Box as="span">
        <Box as="span" fontWeight={best ? "700" : "400"}>
          {tried.says}
        </Box>
        {!best && (
          <Box as="span" display="block" fontSize="14px" color="soft">
            {tried.because}
          </Box>
        )}
      </Box>
      <Box as="span" fontFamily="heading" fontWeight="700" fontSize="22px">
        {inHundred(tried.chance)}
      </Box>
    </RowButton>
  );
}
