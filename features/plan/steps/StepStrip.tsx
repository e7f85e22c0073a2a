"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { useMemo } from "react";
import type { Job, Route } from "@/core/model/job";
import type { Vehicle } from "@/core/model/vehicle";
import { comesBefore } from "@/core/order/order";
import { touched } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { SelectField } from "@/ui/form/Field";
import { Sheet } from "@/ui/Sheet";
import { StepsByPhase } from "../../shared/StepsByPhase";
import { jobsHref, planHref } from "../../shell/addresses";
import { useDo } from "../../shell/DoProvider";
import { LookUpLink } from "../shelf/LookUpLink";

interface StepStripProps {
  job: Job;
  vehicle: Vehicle;
  route: Route;
  chosenId: string | undefined;
  onChoose: (stepId: string) => void;
  onAdd: () => void;
}

/** The other views of a plan, in the order they are wanted. */
const VIEWS = [
  { view: "decide", name: "What is wrong?" },
  { view: "notes", name: "Read notes" },
  { view: "order", name: "Order" },
  { view: "fasteners", name: "All fasteners" },
  { view: "routes", name: "Routes" },
  { view: "sheet", name: "On paper" },
] as const;

/** On a desk the steps need the room more than their links do. */
const SMALL = { paddingInline: "2", fontSize: "17px", minHeight: { base: "44px", lg: "32px" } } as const;

/** The job and its steps in order, by phase. */
export function StepStrip({ job, vehicle, route, chosenId, onChoose, onAdd }: StepStripProps) {
  const perform = useDo();
  const waitsFor = useMemo(() => comesBefore(route.steps), [route.steps]);
  const choose = (chosenRouteId: string) =>
    void perform({ put: { jobs: [touched({ ...job, chosenRouteId })] } }, "Route changed.");
  return (
    <Sheet padding="0" paddingBlock="3" flex={{ lg: "1" }} display="flex" flexDirection="column">
      <Box paddingInline="4">
        <Box as="h1" fontSize="26px">
          {job.title}
        </Box>
        <Box color="soft" fontSize="15px">
          {vehicle.name}, {job.state}.{" "}
          <Box asChild color="ink" textDecoration="underline">
            <Link href={planHref(job.id, "about")}>About the job</Link>
          </Box>
          {", "}
          <Box asChild color="ink" textDecoration="underline">
            <Link href={jobsHref()}>all jobs</Link>
          </Box>
        </Box>
        <LookUpLink job={job} />
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
      <StepsByPhase
        steps={route.steps}
        openId={chosenId}
        look="chosen"
        waitsFor={waitsFor}
        onOpen={onChoose}
      />
      <Box paddingInline="2">
        <Button look="quiet" onClick={onAdd} {...SMALL}>
          Add a step
        </Button>
        {VIEWS.map(({ view, name }) => (
          <Button key={view} asChild look="quiet" {...SMALL}>
            <Link href={planHref(job.id, view)}>{name}</Link>
          </Button>
        ))}
      </Box>
    </Sheet>
  );
}
