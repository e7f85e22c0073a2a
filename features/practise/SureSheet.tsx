"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { DRILLS } from "@/core/practise/drills";
import type { Practised } from "@/core/practise/practised";
import { Button } from "@/ui/Button";
import { formatDay } from "@/ui/day";
import { Sheet } from "@/ui/Sheet";
import { practiseHref } from "../shell/addresses";
import { SURENESS_WORDS } from "./drill-words";
import type { PractisedHere } from "./use-practised";

/** What is sure and what is not: each skill with its estimate, the band of it, and when it comes back. */
export function SureSheet({ practised: { all, drills, forget } }: { practised: PractisedHere }) {
  const own = drills.filter(({ origin }) => origin === "own");
  return (
    <Sheet flex="1" padding={{ base: "4", lg: "6" }}>
      <Box as="h1" fontSize="30px">
        What is sure, and what is not
      </Box>
      <Box color="soft" marginBottom="3">
        The line is the chance that a drill of middling hardness goes right; it lies within the bar 95 times
        of 100. Few drills make a long bar.
      </Box>
      {all.map((one) => (
        <SkillRow key={one.skill} practised={one} />
      ))}
      <Box
        display="flex"
        justifyContent="space-between"
        color="soft"
        fontSize="14px"
        paddingLeft={{ md: "210px" }}
        paddingRight={{ md: "190px" }}
        aria-hidden
      >
        <span>never</span>
        <span>half</span>
        <span>always</span>
      </Box>
      {own.length > 0 && (
        <Button
          look="quiet"
          marginTop="4"
          onClick={() => void forget(own, `What was practised is forgotten: ${own.length} drills.`)}
        >
          Forget what was practised
        </Button>
      )}
    </Sheet>
  );
}

/** When it comes back. */
function againSays({ spaced, isDue }: Practised): string {
  if (!spaced) return "not tried yet";
  return isDue ? "▲ again now" : `again ${formatDay(spaced.dueAt.slice(0, 10))}`;
}

function SkillRow({ practised }: { practised: Practised }) {
  const { skill, estimate, sureness, isDue } = practised;
  const percent = (share: number) => Math.round(share * 100);
  const [low, high] = estimate.chanceBand;
  const words = SURENESS_WORDS[sureness];
  return (
    <Box
      display="grid"
      gridTemplateColumns={{ base: "1fr auto", md: "200px 1fr 180px" }}
      columnGap="10px"
      alignItems="center"
      paddingBlock="6px"
      borderBottom="1px solid"
      borderColor="edge"
    >
      <Link href={practiseHref(skill)} prefetch={false}>
        {DRILLS[skill].title}
      </Link>
      <Box
        role="img"
        aria-label={`${percent(estimate.chance)} of 100, between ${percent(low)} and ${percent(high)}`}
        position="relative"
        height="22px"
        order={{ base: 3, md: 0 }}
        gridColumn={{ base: "1 / -1", md: "auto" }}
        background="raised"
        border="1px solid"
        borderColor="edge"
      >
        {estimate.count > 0 && (
          <>
            <Box
              position="absolute"
              insetBlock="4px"
              background="drawing"
              opacity={0.35}
              style={{ left: `${percent(low)}%`, width: `${percent(high) - percent(low)}%` }}
            />
            <Box
              position="absolute"
              insetBlock="0"
              width="4px"
              background="ink"
              style={{ left: `calc(${percent(estimate.chance)}% - 2px)` }}
            />
          </>
        )}
      </Box>
      <Box fontSize="15px" color={isDue ? "watch" : "ink"} textAlign={{ base: "right", md: "left" }}>
        {words.sign} {words.says}
        <Box as="span" color={isDue ? "watch" : "soft"} display="block" fontSize="14px">
          {againSays(practised)}
        </Box>
      </Box>
    </Box>
  );
}
