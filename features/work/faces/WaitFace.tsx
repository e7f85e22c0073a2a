"use client";

import { Box } from "@chakra-ui/react";
import { stepAfter } from "@/core/work/progress";
import { formatLeft, heldUpBy, runningWaits, type Wait, waitState } from "@/core/work/waits";
import { BigFigure } from "@/ui/BigFigure";
import { Button } from "@/ui/Button";
import { useNow } from "../use-now";
import { ActionBar } from "./ActionBar";
import type { FaceProps } from "./face";

/** Something soaks, cools or cures: what is left of it, and what can be done meanwhile. */
export function WaitFace({ route, work, step, isDone, move, finish, bar }: FaceProps) {
  const wait = runningWaits(work, route).find((one) => one.step.id === step.id);
  const now = useNow(wait !== undefined);
  if (!wait)
    return <ActionBar bar={bar} says={isDone ? "Next step" : "It is over"} onPrimary={() => finish()} />;
  const { kind, leftMs } = waitState(wait, now);
  const next = stepAfter(work, route, step.id);
  const free =
    next && next.id !== step.id && !heldUpBy(route, new Set([step.id])).has(next.id) ? next : undefined;
  const goOn = () => free && void move((was) => ({ ...was, openStepId: free.id }));
  return (
    <>
      <Box fontFamily="heading" fontWeight="600" fontSize="22px">
        {kind === "over" ? "The wait is over" : `Wait, until ${wait.until}`}
      </Box>
      <Box role="timer" color={kind === "over" ? "good" : undefined}>
        <BigFigure
          value={kind === "over" ? "0:00" : formatLeft(leftMs)}
          unit={`of ${wait.minutes} min`}
          size="work"
        />
      </Box>
      <Box role="status" fontSize="18px">
        {waitWords(kind, wait)}
      </Box>
      {kind !== "over" && free ? (
        <>
          <Box fontSize="18px">
            Meanwhile: <b>{free.title}</b>, if it does not hang on this.
          </Box>
          <ActionBar
            bar={bar}
            says="Go on meanwhile"
            onPrimary={goOn}
            others={
              <Button size="work" flex={{ base: "1", lg: "none" }} onClick={() => finish()}>
                It is over
              </Button>
            }
          />
        </>
      ) : (
        <ActionBar bar={bar} says={kind === "over" ? "Go on" : "It is over"} onPrimary={() => finish()} />
      )}
    </>
  );
}

function waitWords(kind: string, wait: Wait) {
  if (kind === "clock changed")
    return "▲ This device’s clock stands before the wait began, so it cannot be told how long it has been. Judge by what you see.";
  if (kind === "over") return `● Look whether ${wait.until}, then go on.`;
  return "It runs on while you do something else, with the screen off or the app closed.";
}
