"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { type Kit } from "@/core/kit/kit";
import { isCovered, type KitLine } from "@/core/kit/needs/need";
import type { Job } from "@/core/model/job";
import type { Vehicle } from "@/core/model/vehicle";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";
import { useWide } from "@/ui/use-wide";
import { dayHref, kitHref, workHref } from "../shell/addresses";
import { type KitView, KitViews } from "./KitViews";
import type { KitInHand } from "./use-kit";

/** How many gaps are named at the side; the mat has them all, and on a phone it begins in the first screen. */
const MOST_SHOWN = 10;
const MOST_ON_A_PHONE = 2;

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
  const most = useWide("lg") ? MOST_SHOWN : MOST_ON_A_PHONE;
  const short = kit.lines.filter((line) => !isCovered(line));
  return (
    <Sheet flex={{ lg: "1" }} overflowY={{ lg: "auto" }}>
      <Box as="h1" fontSize="26px">
        {job.title}
      </Box>
      <Box color="soft">{vehicle.name}</Box>
      <Box
        display="flex"
        flexDirection={{ base: "row", lg: "column" }}
        alignItems={{ base: "baseline", lg: "stretch" }}
        columnGap="3"
        flexWrap="wrap"
      >
        <Box
          fontFamily="heading"
          fontWeight="700"
          fontSize="46px"
          lineHeight="1.1"
          marginTop={{ lg: "2" }}
          data-testid="kit-ready"
        >
          {kit.ready} of {kit.total}
        </Box>
        <Box color={short.length > 0 ? "watch" : "good"} fontWeight="600">
          {kitState(kit, short)}
        </Box>
      </Box>
      <Box as="ul" listStyleType="none" padding="0" marginTop="1" marginBottom="3">
        {short.slice(0, most).map(({ key, need, name, cover, for: its }) => {
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
        {short.length > most && (
          <Box as="li" fontSize="15px" color="soft" paddingBlock={{ lg: "2" }}>
            and {short.length - most} more on the mat
          </Box>
        )}
      </Box>
      <Box display="grid" gridTemplateColumns={{ base: "1fr 1fr", lg: "1fr" }} gap="2" marginBottom="3">
        {short.length > 0 && at === "" && (
          <Button asChild look="primary" gridColumn={{ base: "1 / -1", lg: "auto" }}>
            <Link href={kitHref(job.id, "shop")}>{short.length === 1 ? "Shop for it" : "Shop for them"}</Link>
          </Button>
        )}
        <Button asChild>
          <Link href={dayHref(job.id)}>When to start</Link>
        </Button>
        <Button asChild look={short.length > 0 || at !== "" ? "plain" : "primary"}>
          <Link href={workHref(job.id)}>
            {job.state === "under way" ? "Go on with the work" : "Start the work"}
          </Link>
        </Button>
      </Box>
      <KitViews jobId={job.id} at={at} />
    </Sheet>
  );
}

function kitState(kit: Kit, short: KitLine[]) {
  if (kit.total === 0) return "● nothing is asked for yet";
  if (short.length > 0) return `▲ ${short.length} still to find`;
  return "● everything is there";
}
