"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import type { Job } from "@/core/model/job";
import { chosenRoute } from "@/core/plan/chosen-route";
import { pinSlip } from "@/core/plan/edit-route";
import type { Typed } from "@/core/slip/field";
import type { SlipKind } from "@/core/slip/slip";
import { useCollection } from "@/data/hooks";
import { newId } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { SelectField } from "@/ui/form/Field";
import { useChangeRoute } from "../shared/use-change-route";
import { useHand } from "../shell/hand";

interface PinToStepProps {
  kind: SlipKind;
  typed: Typed;
  ready: boolean;
}

/** Pins the slip to a step of the job in hand: the one that is open in Work, unless another is chosen. */
export function PinToStep(props: PinToStepProps) {
  const [hand] = useHand();
  const job = useCollection("jobs")?.find(({ id }) => id === hand?.jobId);
  if (!job || job.state === "done")
    return (
      <Box color="soft" fontSize="15px">
        Take a job in hand to pin this to one of its steps.
      </Box>
    );
  return <PinToJob key={job.id} {...props} job={job} />;
}

function PinToJob({ kind, typed, ready, job }: PinToStepProps & { job: Job }) {
  const { steps } = chosenRoute(job);
  const open = useCollection("works")?.find(({ jobId }) => jobId === job.id)?.openStepId;
  const [chosen, setChosen] = useState<string>();
  const changeRoute = useChangeRoute(job.id);
  const stepId = steps.find(({ id }) => id === (chosen ?? open))?.id ?? steps[0]?.id;
  if (stepId === undefined)
    return (
      <Box color="soft" fontSize="15px">
        The job in hand has no steps yet to pin this to.
      </Box>
    );
  const pin = () =>
    void changeRoute(
      (route) => pinSlip(route, stepId, { id: newId(), slip: kind.name, typed: { ...typed } }),
      `${kind.title} is pinned to its step.`,
    );
  return (
    <Box display="flex" gap="2" alignItems="flex-end">
      <Box flex="1" minWidth="0">
        <SelectField
          label={`Pin to a step of “${job.title}”`}
          choices={steps.map(({ id, title }) => ({ value: id, label: title }))}
          value={stepId}
          onChange={(event) => setChosen(event.target.value)}
        />
      </Box>
      <Button disabled={!ready} onClick={pin}>
        Pin
      </Button>
    </Box>
  );
}
