"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { useMemo } from "react";
import type { Job } from "@/core/model/job";
import type { Vehicle } from "@/core/model/vehicle";
import { chosenRoute } from "@/core/plan/chosen-route";
import { jobSheetMarkdown } from "@/core/plan/job-sheet";
import { type PlanSheet, type PlanSheetStep, planSheet } from "@/core/plan/plan-sheet";
import { Button } from "@/ui/Button";
import { CopyButton } from "@/ui/CopyButton";
import { Loading } from "@/ui/Loading";
import { OnPaper } from "@/ui/print/OnPaper";
import { PRINTED, PaperFoot, PaperHead, PaperSettings, PaperSheet, PencilBox } from "@/ui/print/PaperSheet";
import { Sheet } from "@/ui/Sheet";
import { useCover } from "../shared/use-cover";
import { usePrinting } from "../shared/use-printing";
import { planHref } from "../shell/addresses";

/** The plan as a sheet to tick off under the car: as it will be printed, and printed. */
export function PaperScreen({ job, vehicle }: { job: Job; vehicle: Vehicle }) {
  const { paper, controls } = usePrinting();
  const route = chosenRoute(job);
  const lines = useCover(route, vehicle);
  const sheet = useMemo(() => lines && planSheet(job, route, vehicle, lines), [job, route, vehicle, lines]);
  if (!sheet) return <Loading />;
  return (
    <Box
      display="grid"
      gridTemplateColumns={{ base: "minmax(0, 1fr)", lg: "260px minmax(0, 860px)" }}
      gap="18px"
      alignItems="start"
      paddingRight={{ lg: "20px" }}
    >
      <Sheet title="The plan on paper">
        <Box color="soft" fontSize="15px" marginBottom="3">
          Every step with its size, what to set, and a box for each bolt in its order.
        </Box>
        {route.steps.length > 0 && controls}
        <Box display="flex" gap="2" flexWrap="wrap" marginTop="3">
          <CopyButton text={jobSheetMarkdown(job)} says="Copy as Markdown" />
          <Button asChild>
            <Link href={planHref(job.id)}>Back to the plan</Link>
          </Button>
        </Box>
      </Sheet>
      <PaperSheet>
        {route.steps.length > 0 ? (
          <PlanPaper sheet={sheet} />
        ) : (
          <Box>No step yet, so nothing to print. Go back to the plan and add the first.</Box>
        )}
      </PaperSheet>
      <OnPaper paper={paper}>
        <PlanPaper sheet={sheet} />
      </OnPaper>
    </Box>
  );
}

function PlanPaper({ sheet: { title, vehicle, phases, parts, footer } }: { sheet: PlanSheet }) {
  return (
    <Box fontSize="15px" lineHeight="1.25">
      <PaperHead title={title} vehicle={vehicle} />
      {parts.length > 0 && (
        <Box marginTop="2" display="flex" flexWrap="wrap" columnGap="5">
          <b>Parts:</b>
          {parts.map((part, i) => (
            <Box key={`${i} ${part}`} as="span" display="inline-flex" gap="6px" alignItems="center">
              <PencilBox /> {part}
            </Box>
          ))}
        </Box>
      )}
      {phases.map(({ title: phase, steps }, i) => (
        <Box key={`${i} ${phase}`} marginTop="3">
          <Box
            as="h2"
            fontFamily="heading"
            fontWeight="700"
            fontSize="20px"
            borderBottom={`2px solid ${PRINTED.ink}`}
            css={{ breakAfter: "avoid" }}
          >
            {phase}
          </Box>
          {steps.map((step) => (
            <StepLine key={step.number} step={step} />
          ))}
        </Box>
      ))}
      <PaperFoot>{footer}</PaperFoot>
    </Box>
  );
}

function StepLine({ step: { number, title, cautions, minds, head, set, bolts } }: { step: PlanSheetStep }) {
  return (
    <Box
      display="grid"
      gridTemplateColumns="30px 22px minmax(0, 1fr)"
      borderBottom={`1px solid ${PRINTED.line}`}
      paddingBlock="4px"
      css={{ breakInside: "avoid" }}
    >
      <Box fontWeight="600" textAlign="right" paddingRight="8px">
        {number}
      </Box>
      <Box paddingTop="2px">
        <PencilBox />
      </Box>
      <Box>
        <Box display="flex" flexWrap="wrap" justifyContent="space-between" columnGap="4">
          <Box as="span" fontWeight="600">
            {title}
          </Box>
          {head && <span>{head}</span>}
        </Box>
        <PaperSettings set={set} />
        {bolts.length > 0 && (
          <Box display="flex" flexWrap="wrap" gap="4px" marginBlock="3px" aria-label="Bolts in their order">
            {bolts.map((bolt) => (
              <PencilBox key={bolt}>{bolt}</PencilBox>
            ))}
          </Box>
        )}
        {cautions.map((words) => (
          <Box key={words} fontWeight="600">
            ▲ {words}
          </Box>
        ))}
        {minds.length > 0 && <Box>{minds.join(". ")}</Box>}
      </Box>
    </Box>
  );
}
