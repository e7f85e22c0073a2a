"use client";

import { Box } from "@chakra-ui/react";
import { memo, useEffect, useState } from "react";
import { isRusted } from "@/core/kit/needs/undoing-torque";
import type { Job, Route, Step } from "@/core/model/job";
import type { Tool } from "@/core/model/tool";
import type { Vehicle } from "@/core/model/vehicle";
import type { LookedAt, Work } from "@/core/model/work";
import { stepFastener } from "@/core/plan/step-fastener";
import { takeBack } from "@/core/work/event";
import { howItSat } from "@/core/work/how-it-sat";
import { doneSteps, missingSafetyTicks } from "@/core/work/progress";
import { currentTask, finishTask } from "@/core/work/tasks";
import { leftOvers } from "@/core/work/tray";
import { openTrouble } from "@/core/work/trouble/trouble";
import { later } from "@/ui/later";
import { Sheet } from "@/ui/Sheet";
import { useWide } from "@/ui/use-wide";
import { StepMinds } from "../../shared/StepMinds";
import { thisMoment, today } from "../../shell/clock";
import type { Move } from "../use-work";
import type { FaceProps } from "./face";
import { faceOf } from "./face-of";
import { HowItSat } from "./HowItSat";
import { LeftHand } from "./LeftHand";
import { LeftOverFace } from "./LeftOverFace";
import { SafetyFace } from "./SafetyFace";

// With every ladder of what may go wrong: fetched once something does, and kept for when there is no network.
const TroubleChoice = later(() => import("../trouble/TroubleChoice").then((module) => module.TroubleChoice));
const TroubleFace = later(() => import("../trouble/TroubleFace").then((module) => module.TroubleFace));

interface StepFaceProps {
  job: Job;
  route: Route;
  work: Work;
  step: Step;
  vehicle: Vehicle;
  tools: Tool[];
  move: Move;
}

/** The open step, large: safety first, then what it asks for, then the one button. */
export function StepFace({ job, route, work, step, vehicle, tools, move }: StepFaceProps) {
  const [choosing, setChoosing] = useState(false);
  const isDone = doneSteps(work).has(step.id);
  const held = missingSafetyTicks(work, route, step, today()).length > 0;
  const task = currentTask(work, step);
  const trouble = openTrouble(work, step.id);
  const left = step.kind === "lower" && !isDone ? leftOvers(work, route, step) : [];
  const face: FaceProps = {
    job,
    route,
    work,
    step,
    fastener: stepFastener(route, step),
    vehicle,
    tools,
    rusted: isRusted(vehicle.year, Number(today().slice(0, 4))),
    isDone,
    move,
    finish: (found?: LookedAt) => void move((now) => finishTask(now, route, step, task, thisMoment(), found)),
    bar: {
      onBack: work.events.length > 0 ? () => void move(takeBack) : undefined,
      onTrouble: held || isDone ? undefined : () => setChoosing(true),
      watchFor: `${step.id} ${task} ${held} ${choosing} ${trouble?.id} ${trouble?.tried.length}`,
    },
  };
  const opened = face.bar.watchFor;
  // Whatever opens begins at its top, wherever the thumb had scrolled to.
  useEffect(() => {
    window.scrollTo({ top: 0 });
  }, [opened]);
  const raising = step.kind === "raise" && !isDone;
  // Where no number is the answer, what is done or looked at is.
  const titled =
    !raising &&
    (task === "mark" ||
      task === "look" ||
      (task === "hands" && step.kind !== "torque" && step.kind !== "count" && !face.fastener));
  const Face = faceOf(step, task);
  const middle = () => {
    if (held) return <SafetyFace {...face} />;
    if (choosing) return <TroubleChoice {...face} onClose={() => setChoosing(false)} />;
    if (trouble) return <TroubleFace {...face} trouble={trouble} />;
    if (raising) return <SafetyFace {...face} />;
    if (left.length > 0) return <LeftOverFace left={left} move={move} />;
    return <Face {...face} />;
  };
  const sat = howItSat(work, route, step);
  const withMinds = !held && !choosing && !trouble && left.length === 0;

  return (
    <Sheet
      flex="1"
      padding={{ base: "4", lg: "7" }}
      paddingTop={{ base: "3", lg: "7" }}
      display="flex"
      flexDirection="column"
      gap={{ base: "2", lg: "4" }}
      minHeight={{ base: "calc(100dvh - 204px)", lg: "auto" }}
    >
      <StepTitle step={step} titled={titled} withDetail={withMinds} />
      {withMinds && (
        <StepMinds vehicle={vehicle} job={job} step={step} fastener={face.fastener} before={!sat} />
      )}
      {withMinds && face.fastener && <LeftHand step={step} fastener={face.fastener} />}
      {withMinds && sat && <HowItSat sat={sat} stepId={step.id} move={move} />}
      {middle()}
    </Sheet>
  );
}

interface StepTitleProps {
  step: Step;
  titled: boolean;
  withDetail: boolean;
}

/**
 * The step's title and the person's own words for it. On a phone a number comes first: they are one line,
 * whole at a press.
 */
const StepTitle = memo(function StepTitle({ step, titled, withDetail }: StepTitleProps) {
  const wide = useWide("lg");
  const [whole, setWhole] = useState(false);
  const cut = !wide && !titled && !whole;
  return (
    <Box onClick={() => setWhole(!whole)}>
      <Box
        as="h1"
        fontSize={titled && withDetail ? { base: "40px", lg: "56px" } : { base: "30px", lg: "36px" }}
        lineHeight={titled ? "1.05" : undefined}
      >
        {step.title}
      </Box>
      {step.detail && withDetail && (
        <Box
          color="soft"
          fontSize={titled ? "22px" : "17px"}
          marginTop={titled ? "3" : "0"}
          {...(cut ? { whiteSpace: "nowrap", overflow: "hidden", textOverflow: "ellipsis" } : {})}
        >
          {step.detail}
        </Box>
      )}
    </Box>
  );
});
