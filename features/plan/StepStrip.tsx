"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import type { Job, Route } from "@/core/model/job";
import type { Vehicle } from "@/core/model/vehicle";
import { touched } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { SelectField } from "@/ui/form/Field";
import { Sheet } from "@/ui/Sheet";
import { useDo } from "../shell/DoProvider";
import { StepsByPhase } from "./StepsByPhase";

interface StepStripProps {
  job: Job;
  vehicle: Vehicle;
  route: Route;
  chosenId: string | undefined;
  onChoose: (stepId: string) => void;
  onAdd: () => void;
}

/** The job and its steps in order, by phase. */
export function StepStrip({ job, vehicle, route, chosenId, onChoose, onAdd }: StepStripProps) {
  const does = useDo();
  const choose = (chosenRouteId: string) => void does({ put: { jobs: [touched({ ...job, chosenRouteId })] } }, "Route changed.");
  return (
    <Sheet padding="0" paddingBlock="3" flex={{ lg: "1" }} display="flex" flexDirection="column">
      <Box paddingInline="4">
        <Box as="h1" fontSize="26px">
          {job.title}
        </Box>
        <Box color="soft" fontSize="15px">
          {vehicle.name}, {job.state}.{" "}
          <Box asChild color="ink" textDecoration="underline">
            <Link href="/plan?all=1">All jobs</Link>
          </Box>
        </Box>
        {job.routes.length > 1 && (
          <Box marginTop="3">
            <SelectField
              label="Route"
              value={job.chosenRouteId}
              onChange={(event) => choose(event.target.value)}
              choices={job.routes.map(({ id, name }) => ({ value: id, label: name }))}
            />
          </Box>
        )}
      </Box>
      <StepsByPhase steps={route.steps} openId={chosenId} look="chosen" phoneHeight="230px" onOpen={onChoose} />
      <Box paddingInline="2">
        <Button look="quiet" onClick={onAdd}>
          Add a step
        </Button>
        <Button asChild look="quiet">
          <Link href={`/plan?id=${encodeURIComponent(job.id)}&notes=1`}>Read notes</Link>
        </Button>
        <Button asChild look="quiet">
          <Link href={`/plan?id=${encodeURIComponent(job.id)}&routes=1`}>Routes and job sheet</Link>
        </Button>
      </Box>
    </Sheet>
  );
}
