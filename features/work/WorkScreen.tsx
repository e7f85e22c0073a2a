"use client";

import type { Job } from "@/core/model/job";
import type { Vehicle } from "@/core/model/vehicle";
import { chosenRoute } from "@/core/plan/chosen-route";
import { doneSteps, openStep, takeBack } from "@/core/work/progress";
import { useCollection } from "@/data/hooks";
import { Loading } from "@/ui/Loading";
import { ThreeColumns } from "@/ui/ThreeColumns";
import { useJobInHand } from "../shell/hand";
import { useKey } from "../shell/keys";
import { NoJob } from "../shell/NoJob";
import { BearsOnIt } from "./BearsOnIt";
import { JobDone } from "./JobDone";
import { StepFace } from "./StepFace";
import { StepsDone } from "./StepsDone";
import { useWork } from "./use-work";
import { NothingToDo } from "./NothingToDo";
import { WrapUp } from "./WrapUp";

/** The job being done, one step at a time. */
export function WorkScreen() {
  const inHand = useJobInHand();
  if (inHand === undefined) return <Loading />;
  if (inHand === null) return <NoJob does="takes you through it one step at a time" />;
  return <JobAtWork key={`${inHand.job.id} ${inHand.job.chosenRouteId}`} {...inHand} />;
}

function JobAtWork({ job, vehicle }: { job: Job; vehicle: Vehicle }) {
  const tools = useCollection("tools");
  const { work, move } = useWork(job);
  const route = chosenRoute(job);
  const step = work && openStep(work, route);
  const open = (by: number) => {
    const at = route.steps.findIndex(({ id }) => id === step?.id);
    const to = route.steps[at + by];
    if (to) void move((now) => ({ ...now, openStepId: to.id }));
  };
  useKey("ArrowLeft", () => open(-1));
  useKey("ArrowRight", () => open(1));
  useKey("Backspace", () => void move(takeBack));

  if (!work || !tools) return <Loading />;
  if (!step) return <NothingToDo job={job} />;
  const done = doneSteps(work);
  const allDone = route.steps.every(({ id }) => done.has(id));
  const looking = allDone && work.openStepId !== undefined;
  return (
    <ThreeColumns
      phone="middle, right, left"
      left={
        <StepsDone
          job={job}
          route={route}
          done={done}
          openId={allDone && !looking ? undefined : step.id}
          onOpen={(stepId) => void move((now) => ({ ...now, openStepId: stepId }))}
        />
      }
      middle={
        job.state === "done" ? (
          <JobDone job={job} />
        ) : allDone && !looking ? (
          <WrapUp job={job} vehicle={vehicle} route={route} onBack={() => void move(takeBack)} />
        ) : (
          <StepFace key={step.id} job={job} route={route} work={work} step={step} vehicle={vehicle} tools={tools} move={move} />
        )
      }
      right={<BearsOnIt job={job} vehicle={vehicle} route={route} work={work} step={step} tools={tools} />}
    />
  );
}
