"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { type Kit } from "@/core/kit/kit";
import { isCovered, type KitLine } from "@/core/kit/needs/need";
import type { Job } from "@/core/model/job";
import type { Vehicle } from "@/core/model/vehicle";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";
import { dayHref, kitHref, workHref } from "../shell/addresses";
import { type KitView, KitViews } from "./KitViews";
import type { KitInHand } from "./use-kit";

/** How many gaps are named at the side; the mat has them all. */
const MOST_SHOWN = 10;

/** Where the kit stands: how much of it is there, what is short, and what comes next. */
export function KitSide({
  job,
  vehicle,
  inHand: { kit },
  at,
  onChoose,
}: {
  job: Job;
  vehicle: Vehicle;
  inHand: KitInHand;
  at: KitView;
  onChoose?: (key: string) => void;
}) {
  const short = kit.lines.filter((line) => !isCovered(line));
  return (
    <Sheet flex={{ lg: "1" }} overflowY={{ lg: "auto" }}>
      <Box as="h1" fontSize="26px">
        {job.title}
      </Box>
      <Box color="soft">{vehicle.name}</Box>
      <Box
        fontFamily="heading"
        fontWeight="700"
        fontSize="46px"
        lineHeight="1.1"
        marginTop="2"
        data-testid="kit-ready"
      >
        {kit.ready} of {kit.total}
      </Box>
      <Box color={short.length > 0 ? "watch" : "good"} fontWeight="600">
        {kitState(kit, short)}
      </Box>
      <Box as="ul" listStyleType="none" padding="0" marginTop="1" marginBottom="3">
        {short.slice(0, MOST_SHOWN).map(({ key, need, name, cover, for: its }) => {
          const says =
            need.kind === "torque"
              ? `${its[0] ?? ""}: ${cover.kind === "look up" ? "look the figure up" : `no wrench for ${name}`}`
              : name;
          return (
            <Box as="li" key={key} fontSize="15px">
              {onChoose && cover.kind !== "look up" ? (
                <Button
                  look="quiet"
                  fontSize="16px"
                  paddingInline="0"
                  textAlign="left"
                  onClick={() => onChoose(key)}
                >
                  ■ {says}
                </Button>
              ) : (
                <Box color="stop" paddingBlock="2">
                  ■ {says}
                </Box>
              )}
            </Box>
          );
        })}
        {short.length > MOST_SHOWN && (
          <Box as="li" fontSize="15px" color="soft" paddingBlock="2">
            and {short.length - MOST_SHOWN} more on the mat
          </Box>
        )}
      </Box>
      {short.length > 0 && at === "" && (
        <Button asChild look="primary" width="100%" marginBottom="2">
          <Link href={kitHref(job.id, "shop")}>{short.length === 1 ? "Shop for it" : "Shop for them"}</Link>
        </Button>
      )}
      <Button asChild width="100%" marginBottom="2">
        <Link href={dayHref(job.id)}>When to start</Link>
      </Button>
      <Button
        asChild
        look={short.length > 0 || at !== "" ? "plain" : "primary"}
        width="100%"
        marginBottom="3"
      >
        <Link href={workHref(job.id)}>
          {job.state === "under way" ? "Go on with the work" : "Start the work"}
        </Link>
      </Button>
      <KitViews jobId={job.id} at={at} />
    </Sheet>
  );
}

function kitState(kit: Kit, short: KitLine[]) {
  if (kit.total === 0) return "● nothing is asked for yet";
  if (short.length > 0) return `▲ ${short.length} still to find`;
  return "● everything is there";
}
