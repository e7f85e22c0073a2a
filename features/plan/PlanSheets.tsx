"use client";

import { useState } from "react";
import type { Job, Part, Step } from "@/core/model/job";
import type { Vehicle } from "@/core/model/vehicle";
import { chosenRoute } from "@/core/plan/chosen-route";
import { ThreeColumns } from "@/ui/ThreeColumns";
import { useKey } from "../shell/keys";
import { FastenerForm } from "./fasteners/FastenerForm";
import { FastenerSheet } from "./fasteners/FastenerSheet";
import { PartForm } from "./parts/PartForm";
import { PartsSheet } from "./parts/PartsSheet";
import { WhileOpenSheet } from "./parts/WhileOpenSheet";
import { WayBackSheet } from "./routes/WayBackSheet";
import { SecondLookSheet } from "./second-look/SecondLookSheet";
import { StepForm } from "./steps/StepForm";
import { StepSheet } from "./steps/StepSheet";
import { StepStrip } from "./steps/StepStrip";

/** What stands in the middle: a step, or the form of a step, a fastener or a part. */
type Middle =
  { showing: "step" } | { showing: "step form"; step?: Step } | { showing: "fastener form"; fastenerId?: string; forStepId?: string } | { showing: "part form"; part?: Part };

/** The plan of one job: its steps, the step in hand, and what the steps work on. */
export function PlanSheets({ job, vehicle }: { job: Job; vehicle: Vehicle }) {
  const route = chosenRoute(job);
  const [stepId, setStepId] = useState(route.steps[0]?.id);
  const [middle, setMiddle] = useState<Middle>({ showing: route.steps.length === 0 ? "step form" : "step" });
  const step = route.steps.find(({ id }) => id === stepId) ?? route.steps[0];
  const back = () => setMiddle({ showing: "step" });
  useKey("add", () => setMiddle({ showing: "step form" }));

  const choose = (id: string) => {
    setStepId(id);
    back();
  };

  return (
    <ThreeColumns
      left={
        <StepStrip
          job={job}
          vehicle={vehicle}
          route={route}
          chosenId={middle.showing === "step" ? step?.id : undefined}
          onChoose={choose}
          onAdd={() => setMiddle({ showing: "step form" })}
        />
      }
      middle={
        middle.showing === "step form" ? (
          <StepForm
            key={middle.step?.id ?? "new"}
            job={job}
            route={route}
            step={middle.step}
            phase={step?.phase ?? "make safe"}
            onClose={(saved) => (saved ? choose(saved.id) : back())}
          />
        ) : middle.showing === "fastener form" ? (
          <FastenerForm
            key={middle.fastenerId ?? "new"}
            job={job}
            vehicle={vehicle}
            fastener={route.fasteners.find(({ id }) => id === middle.fastenerId)}
            forStepId={middle.forStepId}
            onClose={back}
          />
        ) : middle.showing === "part form" ? (
          <PartForm key={middle.part?.id ?? "new"} job={job} part={middle.part} onClose={back} />
        ) : (
          <>
            <StepSheet
              job={job}
              route={route}
              step={step}
              onEdit={() => setMiddle(step ? { showing: "step form", step } : { showing: "step form" })}
              onEditFastener={(fastenerId) =>
                setMiddle(fastenerId ? { showing: "fastener form", fastenerId } : { showing: "fastener form", ...(step ? { forStepId: step.id } : {}) })
              }
            />
            <PartsSheet route={route} onEdit={(part) => setMiddle(part ? { showing: "part form", part } : { showing: "part form" })} />
          </>
        )
      }
      right={
        <>
          <SecondLookSheet job={job} route={route} vehicle={vehicle} onOpenStep={choose} onOpenFastener={(fastenerId) => setMiddle({ showing: "fastener form", fastenerId })} />
          <WayBackSheet job={job} route={route} />
          <WhileOpenSheet job={job} route={route} vehicle={vehicle} />
          <FastenerSheet route={route} onEdit={(fastenerId) => setMiddle({ showing: "fastener form", fastenerId })} onAdd={() => setMiddle({ showing: "fastener form" })} />
        </>
      }
    />
  );
}
