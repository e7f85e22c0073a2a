"use client";

import { Box, chakra } from "@chakra-ui/react";
import { type ReactNode, useEffect, useRef } from "react";
import { capital } from "@/core/capital";
import type { Step } from "@/core/model/job";
import { runsOf } from "@/core/order/runs";

const StepButton = chakra("button", {
  base: {
    display: "flex",
    alignItems: "center",
    gap: "2",
    width: "100%",
    minHeight: { base: "56px", lg: "34px" },
    paddingBlock: "3px",
    paddingInline: "16px",
    textAlign: "left",
    fontSize: "15px",
    lineHeight: "1.25",
    color: "ink",
    background: "transparent",
    border: "none",
    cursor: "pointer",
  },
  variants: {
    look: {
      chosen: {
        "&[aria-current=step]": {
          background: "raised",
          boxShadow: "inset 6px 0 0 var(--chakra-colors-drawing)",
          fontWeight: "600",
        },
      },
      next: { "&[aria-current=step]": { background: "marker", color: "onMarker", fontWeight: "600" } },
    },
    done: { true: { color: "soft" }, false: {} },
  },
});

interface StepsByPhaseProps {
  steps: readonly Step[];
  openId: string | undefined;
  /** "next" marks the open step as the one thing to do next; "chosen" only as the one in hand. */
  look: "chosen" | "next";
  onOpen: (stepId: string) => void;
  done?: ReadonlySet<string>;
  before?: (step: Step) => ReactNode;
  /** The list scrolls within this height on a phone. */
  phoneHeight: string;
}

/** A job's steps under their phases, the open one kept in view. */
export function StepsByPhase({ steps, openId, look, onOpen, done, before, phoneHeight }: StepsByPhaseProps) {
  const list = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const open = list.current?.querySelector<HTMLElement>("[aria-current]");
    if (list.current && open) list.current.scrollTop = open.offsetTop - list.current.clientHeight / 2;
  }, [openId]);
  return (
    <Box
      as="nav"
      aria-label="Steps"
      ref={list}
      position="relative"
      overflowY="auto"
      maxHeight={{ base: phoneHeight, lg: "none" }}
      flex={{ lg: "1 1 0" }}
      minHeight={{ lg: "0" }}
      marginTop="2"
    >
      {runsOf(steps).map(({ phase, steps: own }) => (
        <Box key={own[0]?.id} marginBottom="2">
          <Box as="h2" fontSize="18px" color="soft" paddingInline="16px" paddingBlock="1">
            {capital(phase)}
          </Box>
          {own.map((step) => (
            <StepButton
              key={step.id}
              type="button"
              look={look}
              done={done?.has(step.id) ?? false}
              aria-current={step.id === openId ? "step" : undefined}
              onClick={() => onOpen(step.id)}
            >
              {before?.(step)}
              {step.title}
            </StepButton>
          ))}
        </Box>
      ))}
    </Box>
  );
}
