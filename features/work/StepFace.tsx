"use client";

import { Box } from "@chakra-ui/react";
import { standNeed } from "@/core/kit/stands";
import type { Job, Route, Step } from "@/core/model/job";
import type { Tool } from "@/core/model/tool";
import type { Vehicle } from "@/core/model/vehicle";
import type { Work } from "@/core/model/work";
import { stepFastener } from "@/core/plan/step-fastener";
import { doneSteps, finishStep, lostSafetyTicks, missingSafetyTicks, nextBolt, takeBack, tickBolt, tickSafety, validSafetyTicks } from "@/core/work/progress";
import { Sheet } from "@/ui/Sheet";
import { thisMoment, today } from "../shell/clock";
import { ActionBar } from "./ActionBar";
import { SafetyFace } from "./SafetyFace";
import { PlainFace } from "./PlainFace";
import { TorqueFace } from "./TorqueFace";
import { primaryWords } from "./primary-words";
import { StepMinds } from "./StepMinds";

export interface StepFaceProps {
  job: Job;
  route: Route;
  work: Work;
  step: Step;
  vehicle: Vehicle;
  tools: Tool[];
  move: (how: (work: Work) => Work) => Promise<boolean>;
}

/** The open step, large: safety first, then what it asks for, then the one button. */
export function StepFace({ job, route, work, step, vehicle, tools, move }: StepFaceProps) {
  const fastener = stepFastener(route, step);
  const missing = missingSafetyTicks(work, route, step, today());
  const isDone = doneSteps(work).has(step.id);
  const next = nextBolt(work, step, fastener);
  const held = missing.length > 0;

  const primary = () => {
    if (next && !isDone) void move((now) => tickNext(now));
    else void move((now) => finishStep(now, route, step.id, thisMoment()));
  };
  const tickNext = (now: Work) => {
    const bolt = nextBolt(now, step, fastener);
    return bolt ? tickBolt(now, step.id, bolt.stage, bolt.bolt, thisMoment()) : now;
  };

  return (
    <Sheet flex="1" padding={{ base: "4", lg: "7" }} display="flex" flexDirection="column" gap="4">
      <Box>
        <Box as="h1" fontSize={{ base: "30px", lg: "36px" }}>
          {step.title}
        </Box>
        {step.detail && !held && (
          <Box color="soft" fontSize="17px">
            {step.detail}
          </Box>
        )}
      </Box>
      {step.stance !== "on the ground" && (held || step.kind === "raise") ? (
        <SafetyFace
          stance={step.stance}
          raising={step.kind === "raise"}
          again={lostSafetyTicks(work, route, step.stance, today())}
          ticked={validSafetyTicks(work, route, step.stance, today())}
          stands={standNeed(step.stance, vehicle, tools)}
          onTick={(tick) => void move((now) => tickSafety({ ...now, openStepId: step.id }, tick, step.stance, thisMoment()))}
        />
      ) : step.kind === "torque" && fastener ? (
        <TorqueFace
          work={work}
          step={step}
          fastener={fastener}
          tools={tools}
          unit={vehicle.torqueUnit}
          stage={next?.stage}
          onTick={(stage, bolt) => void move((now) => tickBolt(now, step.id, stage, bolt, thisMoment()))}
        />
      ) : (
        <PlainFace step={step} fastener={fastener} tools={tools} />
      )}
      {!held && <StepMinds job={job} step={step} />}
      {!held &&
        step.cautions.map((caution) => (
          <Box key={caution} color="watch" fontWeight="600" fontSize="18px">
            ▲ {caution}
          </Box>
        ))}
      <ActionBar
        says={isDone ? "Next step" : primaryWords(step, fastener, next?.stage)}
        onPrimary={held ? undefined : primary}
        onBack={work.events.length > 0 ? () => void move(takeBack) : undefined}
        watchFor={`${step.id} ${held}`}
      />
    </Sheet>
  );
}
