"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { type NextThing, doNext } from "@/core/log/do-next";
import type { VehicleLog } from "@/core/log/vehicle-log";
import type { Job } from "@/core/model/job";
import { useCollection } from "@/data/hooks";
import { touched } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";
import { newJobHref, planHref, workHref, logHref } from "../shell/addresses";
import { today } from "../shell/clock";
import { useDo } from "../shell/DoProvider";

const WHEN_COLOUR = { now: "stop", soon: "watch", later: "soft" } as const;
const SHOWN = 6;

/** What is begun, owed or planned over all vehicles; the first is the one thing to do next. */
export function DoNextSheet({ logs, jobs }: { logs: VehicleLog[]; jobs: Job[] }) {
  const things = doNext(jobs, logs, today());
  const name = (id: string) => logs.find(({ vehicle }) => vehicle.id === id)?.vehicle.name ?? "";

  return (
    <Sheet
      title="Do next"
      padding="0"
      paddingTop="3"
      overflow="hidden"
      css={{ "& > h2": { paddingInline: "16px" } }}
    >
      {things.length === 0 && (
        <Box padding="0 16px 16px" color="soft">
          Nothing begun and nothing owed.
        </Box>
      )}
      {things.slice(0, SHOWN).map((thing, i) => (
        <NextRow key={thing.key} thing={thing} first={i === 0} vehicle={name(thing.vehicleId)} />
      ))}
      {things.length > SHOWN && (
        <Box padding="2" paddingInline="4" color="soft" fontSize="15px">
          and {things.length - SHOWN} more:{" "}
          <Link href={logHref(undefined, "due")}>
            <u>what is due</u>
          </Link>
          ,{" "}
          <Link href={logHref(undefined, "wear")}>
            <u>what wears</u>
          </Link>
          ,{" "}
          <Link href={logHref(undefined, "owed")}>
            <u>follow-ups</u>
          </Link>
        </Box>
      )}
      <Box padding="4">
        <Button asChild look="plain">
          <Link href={newJobHref()}>Plan a job</Link>
        </Button>
      </Box>
    </Sheet>
  );
}

function NextRow({ thing, first, vehicle }: { thing: NextThing; first: boolean; vehicle: string }) {
  const followUps = useCollection("followUps");
  const perform = useDo();
  const followUp = followUps?.find(({ id }) => id === thing.followUpId);
  const done = () =>
    followUp &&
    void perform(
      { put: { followUps: [touched({ ...followUp, state: "done" as const, closedOn: today() })] } },
      `Done: ${followUp.text}.`,
    );
  const words = (
    <>
      <Box fontFamily="heading" fontWeight="600" fontSize="19px" lineHeight="1.2">
        {thing.title}
      </Box>
      <Box fontSize="15px" color={first ? "onMarker" : "soft"}>
        {vehicle}
        {", "}
        <Box as="span" fontWeight="600" color={first ? "onMarker" : WHEN_COLOUR[thing.urgency]}>
          {thing.when}
        </Box>
      </Box>
    </>
  );
  return (
    <Box
      display="flex"
      alignItems="center"
      gap="3"
      padding="10px 16px"
      borderTop="1px solid"
      borderColor="edge"
      background={first ? "marker" : undefined}
      color={first ? "onMarker" : undefined}
    >
      {thing.jobId || thing.view ? (
        <Box asChild flex="1" minWidth="0" color="inherit" display="block">
          <Link href={hrefOf(thing)}>{words}</Link>
        </Box>
      ) : (
        <Box flex="1" minWidth="0">
          {words}
        </Box>
      )}
      {followUp && (
        <Button
          onClick={done}
          {...(first ? { background: "transparent", color: "onMarker", borderColor: "onMarker" } : {})}
          aria-label={`Done: ${thing.title}`}
        >
          Done
        </Button>
      )}
    </Box>
  );
}

function hrefOf({ jobId, when, vehicleId, view = "due" }: NextThing): string {
  if (!jobId) return logHref(vehicleId, view);
  return when === "under way" ? workHref(jobId) : planHref(jobId);
}
