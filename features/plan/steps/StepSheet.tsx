"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { capital } from "@/core/capital";
import type { Job, Route, Step } from "@/core/model/job";
import type { Vehicle } from "@/core/model/vehicle";
import { moveStep, removeStep, unpinSlip } from "@/core/plan/edit-route";
import { differencesOf } from "@/core/plan/mirror";
import { RULES } from "@/core/plan/second-look/second-look";
import { stepFastener } from "@/core/plan/step-fastener";
import { minutesWords } from "@/core/plan/step-minutes";
import { taskWords } from "@/core/plan/step-words";
import { STEP_KIND } from "@/core/step-kinds";
import { Button } from "@/ui/Button";
import { CarWords } from "@/ui/CarWords";
import { Sheet } from "@/ui/Sheet";
import { PinnedSlips } from "../../shared/slips/PinnedSlips";
import { StepMinds } from "../../shared/StepMinds";
import { useChangeRoute } from "../../shared/use-change-route";
import { kitHref } from "../../shell/addresses";
import { FastenerView } from "../fasteners/FastenerView";

interface StepSheetProps {
  vehicle: Vehicle;
  job: Job;
  route: Route;
  step: Step | undefined;
  onEdit: () => void;
  onEditFastener: (fastenerId?: string) => void;
}

/** The step in hand, with its fastener, and the ways to change it. */
export function StepSheet({ vehicle, job, route, step, onEdit, onEditFastener }: StepSheetProps) {
  const changeRoute = useChangeRoute(job.id);
  if (!step) {
    return (
      <Sheet title="No steps yet" flex="1">
        <Box marginBottom="4">Write down the first thing to do. The order can be changed later.</Box>
        <Button look="primary" onClick={onEdit}>
          Add the first step
        </Button>
      </Sheet>
    );
  }
  const fastener = stepFastener(route, step);
  const mended = RULES.find(({ id }) => step.mends?.startsWith(`${id} `));
  const at = route.steps.findIndex(({ id }) => id === step.id);
  const move = (way: "earlier" | "later") =>
    void changeRoute((now) => moveStep(now, step.id, way), `Moved ${way}: ${step.title}.`);

  return (
    <Sheet flex="1" padding={{ base: "4", lg: "6" }} display="flex" flexDirection="column" gap="4">
      <Box>
        <Box color="soft">
          {capital(step.phase)}, step {at + 1} of {route.steps.length}
        </Box>
        <Box as="h2" fontSize="34px">
          <CarWords>{step.title}</CarWords>
        </Box>
        <Box color="soft" marginTop="1">
          {[
            STEP_KIND[step.kind].says,
            step.stance === "on the ground" ? "vehicle on the ground" : `vehicle ${step.stance}`,
            step.minutes && minutesWords(step.minutes),
          ]
            .filter(Boolean)
            .join(" · ")}
        </Box>
      </Box>
      {step.detail && (
        <Box fontSize="18px">
          <CarWords>{step.detail}</CarWords>
        </Box>
      )}
      {differencesOf(route, step).length > 0 && (
        <Box fontSize="18px">
          <b>Going back:</b> {differencesOf(route, step).join(", ")}.
        </Box>
      )}
      {taskWords(step).map((line) => (
        <Box key={line} fontSize="18px">
          {line}
        </Box>
      ))}
      {mended && (
        <Box color="soft" fontSize="15px">
          Put in by the second look: {mended.reason}
        </Box>
      )}
      <StepMinds vehicle={vehicle} job={job} step={step} fastener={fastener} />
      {fastener ? (
        <FastenerView
          jobId={job.id}
          route={route}
          fastener={fastener}
          unit={vehicle.torqueUnit}
          onEdit={() => onEditFastener(fastener.id)}
        />
      ) : (
        <Box>
          <Button onClick={() => onEditFastener()}>Add a fastener to this step</Button>
        </Box>
      )}
      <PinnedSlips
        slips={step.slips}
        onUnpin={(slip) => void changeRoute((now) => unpinSlip(now, slip.id), "Unpinned.")}
      />
      <Box display="flex" flexWrap="wrap" gap="2" marginTop="auto" alignItems="center">
        <Button onClick={onEdit}>Edit step</Button>
        <Button onClick={() => move("earlier")} disabled={at === 0 && step.phase === "make safe"}>
          Move earlier
        </Button>
        <Button
          onClick={() => move("later")}
          disabled={at === route.steps.length - 1 && step.phase === "prove it"}
        >
          Move later
        </Button>
        <Button
          look="quiet"
          color="stop"
          onClick={() => void changeRoute((now) => removeStep(now, step.id), `Removed: ${step.title}.`)}
        >
          Remove
        </Button>
        <Button asChild look="primary" marginLeft={{ lg: "auto" }}>
          <Link href={kitHref(job.id)}>Gather the kit</Link>
        </Button>
      </Box>
    </Sheet>
  );
}
