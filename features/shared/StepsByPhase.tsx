"use client";

import { Box, chakra } from "@chakra-ui/react";
import { type ReactNode, useEffect, useRef, useState } from "react";
import { capital } from "@/core/capital";
import type { Step } from "@/core/model/job";
import { runsOf } from "@/core/order/runs";
import { BlocksEdge } from "./BlocksEdge";

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

const PhaseButton = chakra("button", {
  base: {
    display: "flex",
    alignItems: "center",
    gap: "2",
    width: "100%",
    minHeight: { base: "44px", lg: "28px" },
    paddingInline: "16px",
    fontFamily: "heading",
    fontWeight: "600",
    fontSize: "18px",
    color: "soft",
    textAlign: "left",
    background: "transparent",
    border: "none",
    cursor: "pointer",
    "& span": { fontSize: "14px", fontWeight: "400" },
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
  /** What comes before each, drawn at the edge; nothing is drawn without it. */
  waitsFor?: ReadonlyMap<string, ReadonlySet<string>>;
}

/** A job's steps under their phases, which fold; the open one is kept in view. */
export function StepsByPhase({ steps, openId, look, onOpen, done, before, waitsFor }: StepsByPhaseProps) {
  const list = useRef<HTMLDivElement>(null);
  /** By the first step of each: a phase may come twice. */
  const [folded, setFolded] = useState<ReadonlySet<string>>(new Set());
  const fold = (id: string) =>
    setFolded((was) => (was.has(id) ? new Set([...was].filter((one) => one !== id)) : new Set([...was, id])));
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
      flex={{ lg: "1 1 0" }}
      minHeight={{ lg: "0" }}
      marginTop="2"
    >
      {waitsFor && <BlocksEdge list={list} waitsFor={waitsFor} openId={openId} drawnAnew={folded} />}
      {runsOf(steps).map(({ phase, steps: own }) => {
        const id = own[0]?.id ?? "";
        const shut = folded.has(id);
        return (
          <Box key={id} marginBottom="2">
            <Box as="h2" fontSize="18px">
              <PhaseButton type="button" aria-expanded={!shut} onClick={() => fold(id)}>
                {capital(phase)}
                <span>{shut ? `▸ ${own.length} ${own.length === 1 ? "step" : "steps"}` : "▾"}</span>
              </PhaseButton>
            </Box>
            {/* The one in hand stays in sight in a phase that is folded. */}
            {own
              .filter((step) => !shut || step.id === openId)
              .map((step) => (
                <StepButton
                  key={step.id}
                  type="button"
                  look={look}
                  data-step={step.id}
                  done={done?.has(step.id) ?? false}
                  aria-current={step.id === openId ? "step" : undefined}
                  onClick={() => onOpen(step.id)}
                  paddingRight={waitsFor ? "28px" : undefined}
                >
                  {before?.(step)}
                  {step.title}
                </StepButton>
              ))}
          </Box>
        );
      })}
    </Box>
  );
}
