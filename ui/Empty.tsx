"use client";

import { Box } from "@chakra-ui/react";
import dynamic from "next/dynamic";
import type { ReactNode } from "react";
import type { Example } from "./drawing/Examples";
import { Sheet } from "./Sheet";

/** Most places are empty but once. */
const ExampleOf = dynamic(() => import("./drawing/Examples").then((module) => module.ExampleOf), {
  ssr: false,
});

interface EmptyProps {
  title: string;
  /** What this place is for. */
  children: ReactNode;
  example: Example;
  /** The next thing to do. */
  action: ReactNode;
}

/** A place with nothing in it yet: what it is for, what it looks like once there is, and the next thing to do. */
export function Empty({ title, children, example, action }: EmptyProps) {
  return (
    <Sheet
      padding={{ base: "4", lg: "6" }}
      display="grid"
      gridTemplateColumns={{ base: "minmax(0, 1fr)", md: "minmax(0, 1fr) minmax(0, 340px)" }}
      gap={{ base: "3", lg: "6" }}
      alignItems="center"
    >
      <Box>
        <Box as="h1" fontSize="30px" marginBottom="2">
          {title}
        </Box>
        <Box fontSize="17px" marginBottom="4">
          {children}
        </Box>
        <Box display="flex" gap="3" flexWrap="wrap">
          {action}
        </Box>
      </Box>
      <Box>
        <ExampleOf of={example} />
        <Box color="soft" fontSize="14px" textAlign="center">
          how it looks once there is something
        </Box>
      </Box>
    </Sheet>
  );
}
