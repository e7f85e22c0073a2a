"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { useMemo, useState } from "react";
import { chestOf } from "@/core/chest/chest";
import { torqueNeeds } from "@/core/kit/needs/torque-needs";
import type { Fastener, Job } from "@/core/model/job";
import type { Tool } from "@/core/model/tool";
import { boltOrder } from "@/core/pattern/bolt-order";
import { chosenRoute } from "@/core/plan/chosen-route";
import { type judgeTask } from "@/core/practise/judge";
import { thisOne } from "@/core/practise/this-one";
import type { TorqueUnit } from "@/core/quantity/torque-unit";
import { useCollection } from "@/data/hooks";
import { Button } from "@/ui/Button";
import { BoltPattern } from "@/ui/drawing/BoltPattern";
import { Loading } from "@/ui/Loading";
import { Sheet } from "@/ui/Sheet";
import { kitHref, planHref, practiseHref, workHref } from "../shell/addresses";
import { DrillSheet } from "./DrillRun";
import { PullFace } from "./faces/PullFace";
import { OutcomeBox } from "./OutcomeBox";

/** So often a bolt is tried before its own thread. */
const PULLS = 3;

interface ThisOneProps {
  jobId: string;
  fastenerId: string;
  /** The pocket that is gone back to. */
  from: string;
  pull: string | null;
}

/** A bolt of a plan, tried three times on a simulated joint, and then back to it. */
export function ThisOneScreen({ jobId, fastenerId, from, pull }: ThisOneProps) {
  const jobs = useCollection("jobs");
  const vehicles = useCollection("vehicles");
  const tools = useCollection("tools");
  if (!jobs || !tools || !vehicles) return <Loading />;
  const job = jobs.find(({ id }) => id === jobId);
  const fastener = job && chosenRoute(job).fasteners.find(({ id }) => id === fastenerId);
  const unit = vehicles.find(({ id }) => id === job?.vehicleId)?.torqueUnit ?? "N.m";
  if (!job || !fastener)
    return <NotHere says="The address names a fastener that is not in this browser’s plans." />;
  return (
    <ThisOne job={job} fastener={fastener} tools={tools} unit={unit} back={backOf(from, jobId)} at={pull} />
  );
}

function backOf(from: string, jobId: string): { href: string; says: string } {
  if (from === "work") return { href: workHref(jobId), says: "Back to the bolt" };
  if (from === "kit") return { href: kitHref(jobId), says: "Back to the kit" };
  return { href: planHref(jobId), says: "Back to the plan" };
}

interface TriedProps {
  job: Job;
  fastener: Fastener;
  tools: Tool[];
  unit: TorqueUnit;
  back: { href: string; says: string };
  at: string | null;
}

function ThisOne({ job, fastener, tools, unit, back, at }: TriedProps) {
  const needs = useMemo(() => torqueNeeds(fastener, chestOf(tools)), [fastener, tools]);
  const need = (at === null ? undefined : needs[Number(at)]) ?? needs.at(-1);
  const [seed] = useState(() => Math.floor(Math.random() * 2 ** 30));
  const [tried, setTried] = useState(0);
  const [over, setOver] = useState<ReturnType<typeof judgeTask>>();
  const task = useMemo(
    () => need && thisOne(fastener, need, unit, seed + tried),
    [fastener, need, unit, seed, tried],
  );
  if (!need || !task)
    return <NotHere says="This fastener has no torque to pull to: look its figure up first." back={back} />;
  const order = boltOrder(fastener);
  const isLast = tried + 1 >= PULLS;
  return (
    <Box maxWidth="900px" marginInline="auto">
      <DrillSheet
        above={`${job.title} · pull ${tried + 1} of ${PULLS}`}
        asks={task.asks}
        detail={task.detail}
      >
        <Box display="flex" gap="6" alignItems="flex-start">
          <Box flex="1" minWidth="0">
            <PullFace key={tried} task={task} isOver={over !== undefined} onDone={setOver} />
          </Box>
          {fastener.count > 1 && (
            <Box display={{ base: "none", lg: "block" }} inert>
              <BoltPattern
                fastener={fastener}
                order={order}
                ticked={order.slice(0, tried)}
                next={order[tried]}
                onTick={() => undefined}
              />
            </Box>
          )}
        </Box>
        {over ? (
          <OutcomeBox outcome={over}>
            <Button
              look={isLast ? "plain" : "primary"}
              size="work"
              onClick={() => {
                setTried(tried + 1);
                setOver(undefined);
              }}
            >
              {isLast ? "Once more" : "The next"}
            </Button>
            <Button asChild look={isLast ? "primary" : "plain"} size="work">
              <Link href={back.href}>{back.says}</Link>
            </Button>
          </OutcomeBox>
        ) : (
          <Box>
            <Link href={back.href}>{back.says}</Link>
          </Box>
        )}
      </DrillSheet>
    </Box>
  );
}

function NotHere({ says, back }: { says: string; back?: { href: string; says: string } }) {
  return (
    <Sheet title="Nothing to pull" padding="5">
      <Box marginBottom="4">{says}</Box>
      <Button asChild look="primary">
        <Link href={back?.href ?? practiseHref()}>{back?.says ?? "What there is to practise"}</Link>
      </Button>
    </Sheet>
  );
}
