"use client";

import { Box } from "@chakra-ui/react";
import { type ReactNode, useEffect, useRef } from "react";
import type { Outcome } from "@/core/practise/drill";
import { GRADE_WORDS } from "./drill-words";

/** How a drill went, in a word, a shape and a sentence, and what comes next; it takes the focus. */
export function OutcomeBox({ outcome, children }: { outcome: Outcome; children: ReactNode }) {
  const { sign, says, tone } = GRADE_WORDS[outcome.grade];
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    box.current?.focus({ preventScroll: true });
    box.current?.scrollIntoView({ block: "nearest" });
  }, []);
  return (
    <Box
      ref={box}
      tabIndex={-1}
      outline="none"
      borderTop="2px solid"
      borderColor={tone}
      paddingTop="3"
      display="grid"
      gap="3"
      data-testid="outcome"
    >
      <Box role="status" aria-live="assertive">
        <Box fontFamily="heading" fontWeight="700" fontSize="28px" color={tone} lineHeight="1.1">
          {sign} {says}
        </Box>
        <Box fontSize="18px">{outcome.says}</Box>
      </Box>
      <Box display="flex" gap="2" flexWrap="wrap">
        {children}
      </Box>
    </Box>
  );
}
