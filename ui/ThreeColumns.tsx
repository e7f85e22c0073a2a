"use client";

import { Box } from "@chakra-ui/react";
import type { ReactNode } from "react";

interface ThreeColumnsProps {
  left: ReactNode;
  middle: ReactNode;
  right: ReactNode;
  /** On a phone the columns stand under one another in this order. */
  phone?: keyof typeof PHONE_ORDER;
  /**
   * The right column is about something chosen in a long middle one: it stays beside it while that is
   * scrolled.
   */
  rightFollows?: boolean;
  /** One column at any width: where the words are too large for three. */
  one?: boolean;
}

/** What the header and the margins leave of the screen's height. */
const SCREEN = "calc(100dvh - 92px)";
const COLUMN = { display: "flex", flexDirection: "column", gap: "3", minWidth: "0" } as const;

const FOLLOWS = {
  position: { lg: "sticky" },
  top: { lg: "18px" },
  maxHeight: { lg: "calc(100dvh - 36px)" },
  overflowY: { lg: "auto" },
} as const;

/** Places of the left, middle and right column. */
const PHONE_ORDER = {
  "left, middle, right": [1, 2, 3],
  "left, right, middle": [1, 3, 2],
  "middle, right, left": [3, 1, 2],
  "middle, left, right": [2, 1, 3],
} as const;

/** Where I am, the thing itself, what bears on it. One column on a phone. */
export function ThreeColumns({
  left,
  middle,
  right,
  phone = "left, middle, right",
  rightFollows = false,
  one = false,
}: ThreeColumnsProps) {
  const [leftAt, middleAt, rightAt] = PHONE_ORDER[phone];
  if (one)
    return (
      <Box display="grid" gridTemplateColumns="minmax(0, 1fr)" gap="3" paddingRight={{ lg: "20px" }}>
        <Box order={leftAt} {...COLUMN}>
          {left}
        </Box>
        <Box order={middleAt} {...COLUMN}>
          {middle}
        </Box>
        <Box order={rightAt} {...COLUMN}>
          {right}
        </Box>
      </Box>
    );
  return (
    <Box
      display="grid"
      gridTemplateColumns={{ base: "minmax(0, 1fr)", lg: "240px minmax(0, 1fr) 310px" }}
      gap={{ base: "3", lg: "18px" }}
      alignItems="start"
      paddingRight={{ lg: "20px" }}
    >
      <Box order={{ base: leftAt, lg: 1 }} {...COLUMN} height={{ lg: SCREEN }}>
        {left}
      </Box>
      <Box order={{ base: middleAt, lg: 2 }} {...COLUMN} minHeight={{ lg: SCREEN }}>
        {middle}
      </Box>
      <Box order={{ base: rightAt, lg: 3 }} {...COLUMN} {...(rightFollows ? FOLLOWS : {})}>
        {right}
      </Box>
    </Box>
  );
}
