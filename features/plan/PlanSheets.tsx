"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import type { Job, Part, Step } from "@/core/model/job";
import type { Vehicle } from "@/core/model/vehicle";
import { chosenRoute } from "@/core/plan/chosen-route";
import { Button } from "@/ui/Button";
import { Drawers } from "@/ui/Drawers";
import { later } from "@/ui/later";
import { ThreeColumns } from "@/ui/ThreeColumns";
import { useWide } from "@/ui/use-wide";
import { useStepInHand } from "../shell/hand";
import { useKey } from "../shell/keys";
import { FastenerSheet } from "./fasteners/FastenerSheet";
import { PartsSheet } from "./parts/PartsSheet";
import { WhileOpenSheet } from "./parts/WhileOpenSheet";
import { OneSideSheet } from "./routes/OneSideSheet";
import { WayBackSheet } from "./routes/WayBackSheet";
import { SecondLookSheet } from "./second-look/SecondLookSheet";
import { StepSheet } from "./steps/StepSheet";
import { StepStrip } from "./steps/StepStrip";

const FastenerForm = later(() => import("./fasteners/FastenerForm").then((module) => module.FastenerForm));
const PartForm = later(() => import("./parts/PartForm").then((module) => module.PartForm));
const StepForm = later(() => import("./steps/StepForm").then((module) => module.StepForm));

/** What stands in the middle: a step, or the form of a step, a fastener or a part. */
type Middle =
  | { kind: "step" }
  | { kind: "step form"; step?: Step }
  | { kind: "fastener form"; fastenerId?: string; forStepId?: string }
  | { kind: "part form"; part?: Part };

const TURN = { minHeight: "56px", minWidth: "64px", fontSize: "22px" } as const;

/** The plan of one job: its steps, the step in hand, and what the steps work on. */
export function PlanSheets({ job, vehicle }: { job: Job; vehicle: Vehicle }) {
  const route = chosenRoute(job);
  const wide = useWide("lg");
  const [stepId, setStepId] = useStepInHand(job);
  const [middle, setMiddle] = useState<Middle>({ kind: route.steps.length === 0 ? "step form" : "step" });
  const step = route.steps.find(({ id }) => id === stepId) ?? route.steps[0];
  const back = () => setMiddle({ kind: "step" });
  useKey("add", () => setMiddle({ kind: "step form" }));

  const choose = (id: string) => {
    setStepId(id);
    back();
  };
  const at = step ? route.steps.indexOf(step) : -1;
  const turn = (by: 1 | -1) => {
    const next = route.steps[at + by];
    if (next && middle.kind === "step") choose(next.id);
  };
  useKey("earlier", () => turn(-1));
  useKey("later", () => turn(1));

  const middleSheet = (
    <MiddleSheet
      job={job}
      vehicle={vehicle}
      step={step}
      middle={middle}
      onMiddle={setMiddle}
      onClose={(saved) => (saved ? choose(saved.id) : back())}
    />
  );
  const strip = (
    <StepStrip
      job={job}
      vehicle={vehicle}
      route={route}
      chosenId={middle.kind === "step" ? step?.id : undefined}
      onChoose={choose}
      onAdd={() => setMiddle({ kind: "step form" })}
    />
  );
  const beside = (
    <>
      <SecondLookSheet
        job={job}
        route={route}
        vehicle={vehicle}
        onOpenStep={choose}
        onOpenFastener={(fastenerId) => setMiddle({ kind: "fastener form", fastenerId })}
      />
      <WayBackSheet job={job} route={route} />
      <OneSideSheet job={job} route={route} />
      <WhileOpenSheet job={job} route={route} vehicle={vehicle} />
      <FastenerSheet
        route={route}
        onEdit={(fastenerId) => setMiddle({ kind: "fastener form", fastenerId })}
        onAdd={() => setMiddle({ kind: "fastener form" })}
      />
    </>
  );
  if (wide) return <ThreeColumns left={strip} middle={middleSheet} right={beside} />;
  return (
    <Drawers
      left={{ handle: `All ${route.steps.length} steps`, children: strip }}
      right={undefined}
      between={
        <Box display="flex" gap="2">
          <Button aria-label="Step before" disabled={at < 1} {...TURN} onClick={() => turn(-1)}>
            ←
          </Button>
          <Button
            aria-label="Step after"
            disabled={at < 0 || at === route.steps.length - 1}
            {...TURN}
            onClick={() => turn(1)}
          >
            →
          </Button>
        </Box>
      }
      closeOn={`${middle.kind} ${step?.id}`}
    >
      {middleSheet}
      {beside}
    </Drawers>
  );
}

interface MiddleProps {
  job: Job;
  vehicle: Vehicle;
  /** The step in hand. */
  step: Step | undefined;
  middle: Middle;
  onMiddle: (middle: Middle) => void;
  onClose: (saved?: Step) => void;
}

/** The step in hand with what goes on the mat for it, or the form that is open in its place. */
function MiddleSheet({ job, vehicle, step, middle, onMiddle, onClose }: MiddleProps) {
  const route = chosenRoute(job);
  if (middle.kind === "step form")
    return (
      <StepForm
        key={middle.step?.id ?? "new"}
        job={job}
        route={route}
        step={middle.step}
        phase={step?.phase ?? "make safe"}
        onClose={onClose}
      />
    );
  if (middle.kind === "fastener form")
    return (
      <FastenerForm
        key={middle.fastenerId ?? "new"}
        job={job}
        vehicle={vehicle}
        fastener={route.fasteners.find(({ id }) => id === middle.fastenerId)}
        forStepId={middle.forStepId}
        onClose={() => onClose()}
      />
    );
  if (middle.kind === "part form")
    return <PartForm key={middle.part?.id ?? "new"} job={job} part={middle.part} onClose={() => onClose()} />;
  const editFastener = (fastenerId: string | undefined): Middle =>
    fastenerId
      ? { kind: "fastener form", fastenerId }
      : { kind: "fastener form", ...(step ? { forStepId: step.id } : {}) };
  return (
    <>
      <StepSheet
        vehicle={vehicle}
        job={job}
        route={route}
        step={step}
        onEdit={() => onMiddle(step ? { kind: "step form", step } : { kind: "step form" })}
        onEditFastener={(fastenerId) => onMiddle(editFastener(fastenerId))}
      />
      <PartsSheet
        route={route}
        onEdit={(part) => onMiddle(part ? { kind: "part form", part } : { kind: "part form" })}
      />
    </>
  );
}
