"use client";

import { Box, chakra } from "@chakra-ui/react";
import type { ReactNode } from "react";

const Tick = chakra("button", {
  base: {
    display: "flex",
    alignItems: "center",
    gap: "4",
    width: "100%",
    minHeight: "64px",
    padding: "3",
    textAlign: "left",
    background: "raised",
    color: "ink",
    border: "2px solid",
    borderColor: "ink",
    borderRadius: "button",
    cursor: "pointer",
    _pressed: { borderColor: "good" },
    _disabled: { cursor: "not-allowed", borderColor: "stop" },
  },
});

interface BigTickProps {
  isTicked: boolean;
  /** True where it must not be ticked as things stand. */
  stopped?: boolean;
  ask: ReactNode;
  children?: ReactNode;
  onTick: () => void;
}

/** Something to be ticked apart, with gloves on; a tick that is set stays set. */
export function BigTick({ isTicked, stopped = false, ask, children, onTick }: BigTickProps) {
  return (
    <Tick type="button" aria-pressed={isTicked} disabled={stopped} onClick={() => !isTicked && onTick()}>
      <svg width="34" height="34" viewBox="0 0 34 34" aria-hidden style={{ flexShrink: 0 }}>
        <rect
          x="2"
          y="2"
          width="30"
          height="30"
          rx="5"
          fill={isTicked ? "var(--chakra-colors-good)" : "none"}
          stroke={isTicked ? "var(--chakra-colors-good)" : "currentColor"}
          strokeWidth="3"
        />
        {isTicked && (
          <path
            d="M 9 18 L 15 24 L 26 11"
            fill="none"
            stroke="var(--chakra-colors-on-good)"
            strokeWidth="4"
          />
        )}
      </svg>
      <span>
        <Box as="span" display="block" fontSize="20px" fontWeight="600">
          {ask}
        </Box>
        {children}
      </span>
    </Tick>
  );
}
