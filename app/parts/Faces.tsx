"use client";

import { useState } from "react";
import type { Household } from "@/core/model/household";
import type { Job, Step } from "@/core/model/job";
import type { Work } from "@/core/model/work";
import { chosenRoute } from "@/core/plan/chosen-route";
import { tasksOf } from "@/core/work/tasks";
import { stamp } from "@/data/stamp";
import { StepFace } from "@/features/work/faces/StepFace";
import type { Move } from "@/features/work/use-work";
import { Named } from "./Named";

/**
 * The face of one step of each kind, and of each row of tasks, that the demo's jobs have; what is done on it
 * is kept nowhere.
 */
export function Faces({ demo }: { demo: Household }) {
  const all = demo.jobs.flatMap((job) => chosenRoute(job).steps.map((step) => ({ job, step })));
  const kinds = new Map(
    all.map((one) => [
      `${one.step.kind}: ${tasksOf(one.step).join(", ")}${one.step.stance === "on the ground" ? "" : ", raised"}`,
      one,
    ]),
  );
  return [...kinds].map(([name, { job, step }]) => (
    <Named key={name} name={`StepFace: ${name}`}>
      <OneFace demo={demo} job={job} step={step} />
    </Named>
  ));
}

function OneFace({ demo, job, step }: { demo: Household; job: Job; step: Step }) {
  const [work, setWork] = useState<Work>(() => ({
    ...stamp("demo"),
    jobId: job.id,
    routeId: job.chosenRouteId,
    events: [],
  }));
  const move: Move = async (how) => {
    setWork(how);
    return true;
  };
  const vehicle = demo.vehicles.find(({ id }) => id === job.vehicleId);
  return vehicle ? (
    <StepFace
      job={job}
      route={chosenRoute(job)}
      work={work}
      step={step}
      vehicle={vehicle}
      tools={demo.tools}
      move={move}
    />
  ) : null;
}
