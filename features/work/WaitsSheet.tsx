"use client";

import { Box } from "@chakra-ui/react";
import { useEffect, useRef } from "react";
import type { Route } from "@/core/model/job";
import type { Work } from "@/core/model/work";
import { formatLeft, runningWaits, waitState } from "@/core/work/waits";
import { Button } from "@/ui/Button";
import { RowButton } from "@/ui/RowButton";
import { Sheet } from "@/ui/Sheet";
import { useNow } from "./use-now";

interface WaitsProps {
  route: Route;
  work: Work;
  /** The step that is open: its own wait is large in the middle already. */
  openId: string | undefined;
  onOpen: (stepId: string) => void;
}

/** The waits that run while other steps go ahead. */
export function WaitsSheet({ route, work, openId, onOpen }: WaitsProps) {
  const waits = runningWaits(work, route);
  const now = useNow(waits.length > 0);
  const running = waits.filter((wait) => wait.step.id !== openId && waitState(wait, now).kind !== "over");
  if (running.length === 0) return null;
  return (
    <Sheet title="Waiting">
      {running.map((wait) => {
        const { kind, leftMs } = waitState(wait, now);
        return (
          <RowButton key={wait.step.id} onClick={() => onOpen(wait.step.id)}>
            <span>{wait.step.title}</span>
            <Box as="span" fontFamily="heading" fontWeight="700" fontSize="26px" role="timer">
              {kind === "clock changed" ? "?" : formatLeft(leftMs)}
            </Box>
          </RowButton>
        );
      })}
    </Sheet>
  );
}

/** Above the step, where it is seen at once: a wait elsewhere is over. Told once each. */
export function WaitsOver({
  route,
  work,
  openId,
  onOpen,
  onOver,
}: WaitsProps & { onOver: (title: string) => void }) {
  const waits = runningWaits(work, route);
  const now = useNow(waits.length > 0);
  const over = waits.filter((wait) => waitState(wait, now).kind === "over");
  const told = useRef(new Set<string>());
  useEffect(() => {
    for (const { step } of over) {
      if (told.current.has(step.id)) continue;
      told.current.add(step.id);
      onOver(step.title);
    }
  });
  return over
    .filter(({ step }) => step.id !== openId)
    .map(({ step }) => (
      <Sheet key={step.id} tone="watch" role="status">
        <Box display="flex" gap="3" alignItems="center" justifyContent="space-between">
          <Box fontSize="18px" fontWeight="600" color="watch" minWidth="0">
            ▲ The wait is over: {step.title}
          </Box>
          <Button minHeight="56px" flexShrink={0} onClick={() => onOpen(step.id)}>
            Go there
          </Button>
        </Box>
      </Sheet>
    ));
}
