"use client";

import { Box } from "@chakra-ui/react";
import dynamic from "next/dynamic";
import { memo } from "react";
import { isLeftHand } from "@/core/fastener/left-hand";
import { highestNm } from "@/core/kit/needs/highest-torque";
import type { Fastener, Job, Step } from "@/core/model/job";
import type { Vehicle } from "@/core/model/vehicle";
import { chosenRoute } from "@/core/plan/chosen-route";
import { oftenWrongWords } from "@/core/plan/often-wrong";
import { cautionsOf, mindWords } from "@/core/plan/step-words";
import { rollWarning } from "@/core/work/safety-words";
import { CarWords } from "@/ui/CarWords";
import { today } from "../shell/clock";

/** With the rules, which are much: fetched where something was answered. */
const AnswersSaid = dynamic(() => import("./AnswersSaid").then((module) => module.AnswersSaid), {
  ssr: false,
});

/**
 * What to mind in a step: its cautions, what comes off and goes back, and what was answered to the second
 * look.
 */
export const StepMinds = memo(function StepMinds({
  vehicle,
  job,
  step,
  fastener,
  before = true,
}: {
  vehicle: Vehicle;
  job: Job;
  step: Step;
  fastener: Fastener | undefined;
  /** Whether how it sat before it came off is said here. */
  before?: boolean;
}) {
  const roll = fastener && rollWarning(step, fastener.name, highestNm(fastener), isLeftHand(fastener));
  const answers = (job.answers ?? []).filter(
    ({ about }) => about === step.fastenerId || about === step.id || about.startsWith(`${step.id} `),
  );
  const lines = mindWords(before ? chosenRoute(job) : { steps: [] }, step, fastener);
  const cautions = [...(roll ? [roll] : []), ...cautionsOf(step)];
  const wrong = step.troubles && oftenWrongWords(step.troubles, vehicle, today());
  if (lines.length + cautions.length + answers.length === 0 && !wrong) return null;
  return (
    <Box display="grid" gap="1">
      {cautions.map((caution) => (
        <Box key={caution} color="watch" fontWeight="600" fontSize="18px">
          ▲ <CarWords>{caution}</CarWords>
        </Box>
      ))}
      {lines.map((line) => (
        <Box key={line} fontSize="18px">
          <CarWords>{line}</CarWords>
        </Box>
      ))}
      {wrong && <Box color="soft">{wrong}</Box>}
      {answers.length > 0 && <AnswersSaid answers={answers} />}
    </Box>
  );
});
