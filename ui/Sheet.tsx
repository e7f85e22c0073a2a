"use client";

import { Box, type BoxProps, chakra } from "@chakra-ui/react";
import { type ReactNode, useId } from "react";
import { SheetBoundary } from "./SheetBoundary";

interface SheetProps extends Omit<BoxProps, "title"> {
  title?: ReactNode;
  tone?: "plain" | "watch" | "stop";
}

const TONES = {
  plain: { background: "sheet", borderColor: "edge" },
  watch: { background: "watchPaper", borderColor: "watchEdge" },
  stop: { background: "stopPaper", borderColor: "stop" },
} as const;

/** A sheet of paper on the pad, with its heading. A toned sheet is a warning and says so in its words. */
export function Sheet({ title, tone = "plain", children, ...rest }: SheetProps) {
  const headingId = useId();
  return (
    <Box
      as="section"
      {...(title ? { "aria-labelledby": headingId } : {})}
      border="1px solid"
      borderRadius="sheet"
      padding="4"
      {...TONES[tone]}
      {...rest}
    >
      {title && (
        <SheetTitle id={headingId} color={tone === "plain" ? "ink" : tone}>
          {title}
        </SheetTitle>
      )}
      <SheetBoundary about={title}>{children}</SheetBoundary>
    </Box>
  );
}

export const SheetTitle = chakra("h2", { base: { fontSize: "22px", marginBottom: "2" } });

/** A label at the left and what belongs to it at the right, on one ruled line. */
export function Row({ label, children }: { label: ReactNode; children: ReactNode }) {
  return (
    <Box
      display="flex"
      justifyContent="space-between"
      gap="3"
      paddingBlock="6px"
      borderBottom="1px solid"
      borderColor="edge"
      fontSize="15px"
      _last={{ borderBottom: "none" }}
    >
      <Box as="span" minWidth="5ch" overflowWrap="anywhere">
        {label}
      </Box>
      <Box as="span" textAlign="right" flexShrink="0.5" maxWidth="70%">
        {children}
      </Box>
    </Box>
  );
}
