"use client";

import { Box } from "@chakra-ui/react";
import { format, parseISO } from "date-fns";
import { standNeed } from "@/core/kit/stands";
import type { Job, Route, Step } from "@/core/model/job";
import type { Tool } from "@/core/model/tool";
import type { Vehicle } from "@/core/model/vehicle";
import type { Work } from "@/core/model/work";
import { doneSteps, validSafetyTicks } from "@/core/work/progress";
import { trayOf } from "@/core/work/tray";
import { beforeYouDrive } from "@/core/work/wrap-up";
import { Row, Sheet } from "@/ui/Sheet";
import { PinnedSlips } from "../bench/PinnedSlips";
import { today } from "../shell/clock";

interface BearsOnItProps {
  job: Job;
  vehicle: Vehicle;
  route: Route;
  work: Work;
  step: Step;
  tools: Tool[];
}

/** What bears on the step: what holds the vehicle up, what is off it, the time, and what comes before driving. */
export function BearsOnIt({ job, vehicle, route, work, step, tools }: BearsOnItProps) {
  const tray = trayOf(work, route);
  const before = beforeYouDrive(job, route);
  return (
    <>
      {step.stance !== "on the ground" && <HoldingUp step={step} vehicle={vehicle} route={route} work={work} tools={tools} />}
      <PinnedSlips slips={step.slips} />
      <Sheet title="In the tray">
        {tray.length === 0 && <Box color="soft">Nothing is off yet.</Box>}
        {tray.map(({ fastener, out, back }) => (
          <Row key={fastener.id} label={fastener.name}>
            <Box as="span" color={back === out ? "good" : undefined}>
              {back === out ? `● all ${out} back` : `${out} out, ${back} back`}
            </Box>
          </Row>
        ))}
      </Sheet>
      <Clock route={route} work={work} />
      {before.length > 0 && (
        <Sheet title="Before you drive" tone="watch">
          {before.map((line) => (
            <Box key={line} fontSize="16px">
              {line}
            </Box>
          ))}
        </Sheet>
      )}
    </>
  );
}

function HoldingUp({ step, vehicle, route, work, tools }: Omit<BearsOnItProps, "job">) {
  if (step.stance === "on the ground") return null;
  const ticks = validSafetyTicks(work, route, step.stance, today());
  const need = standNeed(step.stance, vehicle, tools);
  const said = (set: boolean) => (
    <Box as="span" color={set ? "good" : "stop"} fontWeight="600">
      {set ? "● checked" : "■ not yet"}
    </Box>
  );
  return (
    <Sheet title="Holding it up">
      <Row label="Ground">{said(ticks.has("ground"))}</Row>
      <Row label="Chocks">{said(ticks.has("chocks"))}</Row>
      <Row label={`${need.standsNeeded} stands, ${step.stance}`}>{said(ticks.has("stands"))}</Row>
      <Row label="Shaken">{said(ticks.has("shake"))}</Row>
      <Row label="Load on each stand">{need.loadKg === undefined ? "not known" : `up to ${Math.round(need.loadKg)} of ${need.ratingKg ?? "?"} kg`}</Row>
    </Sheet>
  );
}

function Clock({ route, work }: { route: Route; work: Work }) {
  const done = doneSteps(work);
  const left = route.steps.filter(({ id }) => !done.has(id)).reduce((sum, { usualMinutes }) => sum + (usualMinutes ?? 0), 0);
  const first = work.events[0];
  return (
    <Sheet title="Clock">
      <Row label="Begun">{first ? format(parseISO(first.at), "d MMM, HH:mm") : "not yet"}</Row>
      <Row label="Steps left, usually">{left === 0 ? "none timed" : `${Math.floor(left / 60)} h ${String(Math.round(left % 60)).padStart(2, "0")} min`}</Row>
    </Sheet>
  );
}
