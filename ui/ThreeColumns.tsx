"use client";

import { Box } from "@chakra-ui/react";
import type { ReactNode } from "react";

interface ThreeColumnsProps {
  left: ReactNode;
  middle: ReactNode;
  right: ReactNode;
  /** On a phone the columns stand under one another in this order. */
  phone?: keyof typeof PHONE_ORDER;
}

/** What the header and the margins leave of the screen's height. */
const SCREEN = "calc(100dvh - 92px)";
const COLUMN = { display: "flex", flexDirection: "column", gap: "3", minWidth: "0" } as const;

/** Places of the left, middle and right column. */
const PHONE_ORDER = {
  "left, middle, right": [1, 2, 3],
  "left, right, middle": [1, 3, 2],
  "middle, right, left": [3, 1, 2],
} as const;

/** Where I am, the thing itself, what bears on it. One column on a phone. */
export function ThreeColumns({ left, middle, right, phone = "left, middle, right" }: ThreeColumnsProps) {
  const [leftAt, middleAt, rightAt] = PHONE_ORDER[phone];
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
      <Box order={{ base: rightAt, lg: 3 }} {...COLUMN}>
        {right}
      </Box>
    </Box>
  );
}
