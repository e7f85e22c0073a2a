"use client";

import { Box } from "@chakra-ui/react";
import { format, parseISO } from "date-fns";
import { memo } from "react";
import { standNeed } from "@/core/kit/cover/stands";
import type { Route, Step } from "@/core/model/job";
import type { Tool } from "@/core/model/tool";
import type { Vehicle } from "@/core/model/vehicle";
import { SAFETY_TICKS, type SafetyTick, type Work } from "@/core/model/work";
import { beforeYouDrive } from "@/core/plan/after-the-work";
import { clockWasSetBack } from "@/core/work/event";
import { doneSteps, validSafetyTicks } from "@/core/work/progress";
import { whyNotToDrive } from "@/core/work/stopping";
import { formatMinutes, workTimes } from "@/core/work/times";
import { trayOf } from "@/core/work/tray";
import { StandsFromAbove } from "@/ui/drawing/StandsFromAbove";
import { Row, Sheet } from "@/ui/Sheet";
import { PinnedSlips } from "../../shared/slips/PinnedSlips";
import { thisMoment, today } from "../../shell/clock";
import { OtherSideSheet } from "../OtherSideSheet";
import { TraySheet } from "../tray/TraySheet";
import { StopSheet } from "../trouble/StopSheet";
import { useSame } from "../use-same";
import type { Move } from "../use-work";

/** The open step and everything it hangs on. */
export interface BearsOnItProps {
  vehicle: Vehicle;
  route: Route;
  work: Work;
  step: Step;
  tools: Tool[];
  move: Move;
}

/**
 * What bears on the step: what holds the vehicle up, how the other side went, what is off it, the time, and
 * what comes before driving.
 */
export function BearsOnIt({ vehicle, route, work, step, tools, move }: BearsOnItProps) {
  // Each sheet is drawn anew only when what it says has changed.
  const ticked = useSame(
    step.stance === "on the ground" ? [] : [...validSafetyTicks(work, route, step.stance, today())],
  );
  const tray = useSame(trayOf(work, route));
  const times = useSame(timesOf(work, route));
  const proposed = whyNotToDrive(work, route);
  return (
    <>
      {step.stance !== "on the ground" && (
        <HoldingUp step={step} vehicle={vehicle} ticked={ticked} tools={tools} />
      )}
      <PinnedSlips slips={step.slips} />
      <OtherSideSheet route={route} work={work} step={step} />
      <TraySheet tray={tray} step={step} move={move} />
      <Clock {...times} />
      <BeforeYouDrive route={route} />
      <StopSheet
        offered={work.events.length > 0 && work.doNotDrive === undefined}
        proposed={proposed}
        move={move}
      />
    </>
  );
}

interface HoldingUpProps {
  step: Step;
  vehicle: Vehicle;
  ticked: readonly SafetyTick[];
  tools: Tool[];
}

const HoldingUp = memo(function HoldingUp({ step, vehicle, ticked, tools }: HoldingUpProps) {
  if (step.stance === "on the ground") return null;
  const need = standNeed(step.stance, vehicle, tools);
  const said = (tick: SafetyTick) => (
    <Box as="span" color={ticked.includes(tick) ? "good" : "stop"} fontWeight="600">
      {ticked.includes(tick) ? "● checked" : "■ not yet"}
    </Box>
  );
  return (
    <Sheet title="Holding it up">
      {/* While they are being set, the ticks are large in the middle; here is where each stand and chock goes. */}
      {ticked.length < SAFETY_TICKS.length || step.kind === "raise" ? (
        <StandsFromAbove
          stance={step.stance}
          chocked={ticked.includes("chocks")}
          standing={ticked.includes("stands")}
        />
      ) : (
        <>
          <Row label="Ground">{said("ground")}</Row>
          <Row label="Chocks">{said("chocks")}</Row>
          <Row label={`${need.standsNeeded} stands, ${step.stance}`}>{said("stands")}</Row>
          <Row label="Shaken">{said("shake")}</Row>
        </>
      )}
      <Row label="Load per stand">
        {need.loadKg === undefined ? "not known" : `${Math.round(need.loadKg)} of ${need.ratingKg ?? "?"} kg`}
      </Row>
    </Sheet>
  );
});

/** The times of a job in words. */
function timesOf(work: Work, route: Route) {
  const done = doneSteps(work);
  const left = route.steps
    .filter(({ id }) => !done.has(id))
    .reduce((sum, { minutes }) => sum + (minutes?.usual ?? 0), 0);
  const first = work.events[0];
  const { totalMin, sides } = workTimes(work, route);
  return {
    begun: first ? format(parseISO(first.at), "d MMM, HH:mm") : "not yet",
    worked: totalMin >= 1 ? formatMinutes(totalMin) : undefined,
    sides:
      sides.left >= 1 && sides.right >= 1
        ? `${formatMinutes(sides.left)}, ${formatMinutes(sides.right)}`
        : undefined,
    left: left === 0 ? "none timed" : formatMinutes(left),
    setBack: clockWasSetBack(work, thisMoment().at),
  };
}

const Clock = memo(function Clock({ begun, worked, sides, left, setBack }: ReturnType<typeof timesOf>) {
  return (
    <Sheet title="Clock">
      <Row label="Begun">{begun}</Row>
      {worked && <Row label="Worked">{worked}</Row>}
      {sides && <Row label="Left, right">{sides}</Row>}
      <Row label="Steps left, usually">{left}</Row>
      {setBack && (
        <Box color="watch" fontSize="15px" paddingTop="1">
          ▲ This device’s clock stands before the last thing you did here. Nothing is lost; times and waits of
          this job may be off.
        </Box>
      )}
    </Sheet>
  );
});

const BeforeYouDrive = memo(function BeforeYouDrive({ route }: { route: Route }) {
  const before = beforeYouDrive(route);
  if (before.length === 0) return null;
  return (
    <Sheet title="Before you drive" tone="watch">
      {before.map((line) => (
        <Box key={line} fontSize="16px">
          {line}
        </Box>
      ))}
    </Sheet>
  );
});
