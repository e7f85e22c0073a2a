"use client";

import { Box } from "@chakra-ui/react";
import type { ReactNode } from "react";

/** The colour of what is printed, and of the lines on it: the same on screen in any look, and on paper. */
export const PRINTED = { ink: "#101510", line: "#9aa59a" } as const;

/** A sheet as it will lie in the printer, on screen. */
export function PaperSheet({ children }: { children: ReactNode }) {
  return (
    <Box
      background="#FFFFFF"
      color={PRINTED.ink}
      border="1px solid"
      borderColor="edge"
      padding={{ base: "3", lg: "6" }}
      overflowX="auto"
    >
      {children}
    </Box>
  );
}

/** The head of a sheet: what it is of, and for which vehicle. */
export function PaperHead({ title, vehicle }: { title: string; vehicle: string }) {
  return (
    <Box
      display="flex"
      justifyContent="space-between"
      alignItems="baseline"
      gap="4"
      borderBottom={`3px solid ${PRINTED.ink}`}
      paddingBottom="1"
      fontFamily="heading"
    >
      <Box fontWeight="700" fontSize="30px">
        {title}
      </Box>
      <Box fontWeight="600" fontSize="20px">
        {vehicle}
      </Box>
    </Box>
  );
}

/** The foot of a sheet. */
export function PaperFoot({ children }: { children: ReactNode }) {
  return (
    <Box fontSize="12px" marginTop="2" borderTop={`1px solid ${PRINTED.line}`} paddingTop="1">
      {children}
    </Box>
  );
}

/** What is set, large, as it is read at arm's length; what takes a sentence is smaller. */
export function PaperSettings({ set }: { set: readonly string[] }) {
  return set.map((words, i) => (
    <Box
      key={`${i} ${words}`}
      fontFamily="heading"
      fontWeight="700"
      fontSize={words.length < 60 ? "21px" : "16px"}
      lineHeight="1.15"
    >
      {words}
    </Box>
  ));
}

/** A box to be ticked with a pencil; dashed where something is still missing. */
export function PencilBox({ gap = false, children }: { gap?: boolean; children?: ReactNode }) {
  return (
    <Box
      as="span"
      display="inline-flex"
      alignItems="center"
      justifyContent="center"
      width={children === undefined ? "13px" : "22px"}
      height={children === undefined ? "13px" : "22px"}
      border={gap ? `2px dashed ${PRINTED.ink}` : `1px solid ${PRINTED.ink}`}
      flexShrink={0}
      fontSize="12px"
    >
      {children}
    </Box>
  );
}
