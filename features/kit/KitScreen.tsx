"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { kitFor } from "@/core/kit/kit";
import { standNeeds } from "@/core/kit/stands";
import { chosenRoute } from "@/core/plan/chosen-route";
import { useCollection } from "@/data/hooks";
import { Button } from "@/ui/Button";
import { Loading } from "@/ui/Loading";
import { Sheet } from "@/ui/Sheet";
import { ThreeColumns } from "@/ui/ThreeColumns";
import { useJobInHand } from "../shell/hand";
import { ChestSheet } from "./ChestSheet";
import { Mat } from "./Mat";
import { PartsToHave } from "./PartsToHave";
import { NoJob } from "../shell/NoJob";
import { TorqueNeeds } from "./TorqueNeeds";

/** What the plan needs against the chest: the mat, and every torque on the wrench that is owned. */
export function KitScreen() {
  const inHand = useJobInHand();
  const tools = useCollection("tools");
  if (inHand === undefined || !tools) return <Loading />;
  if (inHand === null) return <ThreeColumns left={null} middle={<NoJob does="shows what it needs against your chest" />} right={<ChestSheet tools={tools} />} />;

  const { job, vehicle } = inHand;
  const route = chosenRoute(job);
  const kit = kitFor(route, tools);
  const stands = standNeeds(route, vehicle, tools);
  const short = kit.total - kit.ready + stands.filter(({ verdict }) => verdict === "stop").length;
  return (
    <ThreeColumns
      left={
        <Sheet flex={{ lg: "1" }}>
          <Box as="h1" fontSize="26px">
            {job.title}
          </Box>
          <Box color="soft">{vehicle.name}</Box>
          <Box fontFamily="heading" fontWeight="700" fontSize="46px" lineHeight="1.1" marginTop="3" data-testid="kit-ready">
            {kit.ready} of {kit.total}
          </Box>
          <Box color={short > 0 ? "watch" : "good"} fontWeight="600">
            {short > 0 ? `▲ ${short} still to find` : "● everything is in the chest"}
          </Box>
          {stands.map((need) => (
            <Box key={need.stance} marginTop="4">
              <Box as="h2" fontSize="20px">
                Stands, {need.stance}
              </Box>
              <Box color={need.verdict === "stop" ? "stop" : need.verdict === "unknown" ? "watch" : undefined}>
                {need.verdict === "stop" ? "■ Stop. " : need.verdict === "unknown" ? "▲ " : ""}
                {need.says}
              </Box>
            </Box>
          ))}
          <PartsToHave parts={route.parts} />
          <Button asChild look="primary" marginTop="5">
            <Link href={`/work?id=${encodeURIComponent(job.id)}`}>{job.state === "under way" ? "Go on with the work" : "Start the work"}</Link>
          </Button>
        </Sheet>
      }
      middle={
        <>
          <Mat needs={kit.heads} />
          <TorqueNeeds needs={kit.torques} unit={vehicle.torqueUnit} />
        </>
      }
      right={<ChestSheet tools={tools} />}
    />
  );
}
