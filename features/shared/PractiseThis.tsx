"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { memo } from "react";
import { type PractisedFrom, practiseThisHref } from "../shell/addresses";

interface PractiseThisProps {
  jobId: string;
  fastenerId: string;
  from: PractisedFrom;
  /** Which of the fastener's pulls, from 0. */
  pull?: number;
}

/** The same bolt on a joint that is nobody's, and back. */
export const PractiseThis = memo(function PractiseThis({ jobId, fastenerId, from, pull }: PractiseThisProps) {
  return (
    <Box fontSize="16px" css={{ "& a": { textDecoration: "underline", textUnderlineOffset: "3px" } }}>
      <Link href={practiseThisHref(jobId, fastenerId, from, pull)}>Practise this one</Link>
    </Box>
  );
});
