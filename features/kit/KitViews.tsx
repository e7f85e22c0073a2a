"use client";

import { Box, chakra } from "@chakra-ui/react";
import Link from "next/link";
import { kitHref } from "../shell/addresses";

/** The pages of the pocket. */
export const KIT_VIEWS = [
  { view: "", says: "Mat" },
  { view: "shop", says: "Shopping" },
  { view: "chest", says: "Chest" },
  { view: "sheet", says: "Sheet to print" },
] as const;
export type KitView = (typeof KIT_VIEWS)[number]["view"];

const Flap = chakra(Link, {
  base: {
    display: "flex",
    alignItems: "center",
    minHeight: "44px",
    paddingInline: "3",
    fontFamily: "heading",
    fontWeight: "600",
    fontSize: "18px",
    color: "ink",
    textDecoration: "none",
    borderLeft: "3px solid transparent",
    _currentPage: { borderColor: "drawing", background: "raised" },
  },
});

/** Where in the Kit I am, and the way to its other pages. */
export function KitViews({ jobId, at }: { jobId: string | undefined; at: KitView }) {
  return (
    <Box
      as="nav"
      aria-label="Kit"
      display="grid"
      gridTemplateColumns={{ base: "repeat(2, minmax(0, 1fr))", lg: "1fr" }}
      marginInline="-2"
    >
      {KIT_VIEWS.filter(({ view }) => jobId !== undefined || view === "chest").map(({ view, says }) => (
        <Flap key={view} href={kitHref(jobId, view)} aria-current={view === at ? "page" : undefined}>
          {says}
        </Flap>
      ))}
    </Box>
  );
}
