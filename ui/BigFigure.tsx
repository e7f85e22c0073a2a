"use client";

import { Box } from "@chakra-ui/react";

/** On a phone it keeps within the sheet however large the words are set in Work. */
const SIZES = {
  work: {
    value: { base: "min(92px, calc(42vw / var(--work-zoom, 1)))", lg: "148px" },
    unit: { base: "32px", lg: "38px" },
  },
  /** Beside many bolts: on a phone it leaves them their room. */
  many: { value: { base: "64px", lg: "148px" }, unit: { base: "28px", lg: "38px" } },
  bench: { value: "60px", unit: "26px" },
  long: { value: "36px", unit: "22px" },
} as const;

/** The answer of the moment: the number as large as it can be, its unit beside it. */
export function BigFigure({ value, unit, size }: { value: string; unit?: string; size: keyof typeof SIZES }) {
  return (
    <Box
      display="flex"
      alignItems="baseline"
      flexWrap="wrap"
      columnGap="3"
      fontFamily="heading"
      fontWeight="700"
      lineHeight="0.95"
      data-testid="big-figure"
    >
      <Box as="span" fontSize={SIZES[size].value} letterSpacing="-0.01em">
        {value}
      </Box>
      {unit && (
        <Box as="span" fontSize={SIZES[size].unit} fontWeight="600">
          {unit}
        </Box>
      )}
    </Box>
  );
}
