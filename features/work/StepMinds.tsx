"use client";

import { Box } from "@chakra-ui/react";
import type { Job, Step } from "@/core/model/job";
import { RULES } from "@/core/plan/second-look/second-look";
import { measureWords } from "@/core/plan/step-words";

/** What to mind in a step beside its cautions: what comes off and goes back, what to measure and mark, and what was answered to the second look. */
export function StepMinds({ job, step }: { job: Job; step: Step }) {
  const answers = (job.answers ?? []).filter(({ about }) => about === step.fastenerId || about === step.id || about.startsWith(`${step.id} `));
  const lines = [
    step.vehicleIs ? `The vehicle: ${step.vehicleIs}.` : undefined,
    step.takesOff?.length ? `Off: ${step.takesOff.join(", ")}.` : undefined,
    step.putsBack?.length ? `Back on, and tug each: ${step.putsBack.join(", ")}.` : undefined,
    step.movesPast?.length ? `Free of it first: ${step.movesPast.join(", ")}.` : undefined,
    step.hands && step.hands > 1 ? `${step.hands} people.` : undefined,
    step.wait ? `Wait about ${step.wait.minutes} min, until ${step.wait.until}.` : undefined,
    step.photo ? "Photograph it as it is." : undefined,
    step.mark ? `Mark or count: ${step.mark}.` : undefined,
    step.measure ? measureWords(step.measure) : undefined,
  ].filter((line) => line !== undefined);
  return (
    <>
      {lines.map((line) => (
        <Box key={line} fontSize="18px">
          {line}
        </Box>
      ))}
      {answers.map(({ rule, about, because }) => (
        <Box key={`${rule} ${about}`} color="watch" fontSize="17px">
          ▲ {RULES.find(({ id }) => id === rule)?.reason ?? ""} You said: “{because}”
        </Box>
      ))}
    </>
  );
}
