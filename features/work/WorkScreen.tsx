"use client";

import { Box } from "@chakra-ui/react";
import { useCallback, useMemo } from "react";
import type { Job } from "@/core/model/job";
import type { Vehicle } from "@/core/model/vehicle";
import { chosenRoute } from "@/core/plan/chosen-route";
import { takeBack } from "@/core/work/event";
import { doneSteps, openStep } from "@/core/work/progress";
import { leftOvers } from "@/core/work/tray";
import { useCollection } from "@/data/hooks";
import { Drawers } from "@/ui/Drawers";
import { Loading } from "@/ui/Loading";
import { Sheet } from "@/ui/Sheet";
import { ThreeColumns } from "@/ui/ThreeColumns";
import { useWide } from "@/ui/use-wide";
import { ring } from "../shared/alarms";
import { useJobInHand } from "../shell/hand";
import { mean, useKey } from "../shell/keys";
import { NoJob } from "../shell/NoJob";
import { BearsOnIt, type BearsOnItProps } from "./faces/BearsOnIt";
import { LeftOverFace } from "./faces/LeftOverFace";
import { StepFace } from "./faces/StepFace";
import { HandsSheet } from "./hands/HandsSheet";
import { spokenHowMuch, spokenNow } from "./hands/spoken-now";
import { sayAloud, useAwake, useHands, usePressAnywhere, useReadAloud } from "./hands/use-hands";
import { useHeadset } from "./hands/use-headset";
import { useListening } from "./hands/use-listening";
import { NothingToDo } from "./NothingToDo";
import { StepsDone } from "./StepsDone";
import { DoNotDriveSheet } from "./trouble/DoNotDriveSheet";
import { useSame } from "./use-same";
import { useWork } from "./use-work";
import { WaitsOver, WaitsSheet } from "./WaitsSheet";
import { JobDone } from "./wrap-up/JobDone";
import { WrapUp } from "./wrap-up/WrapUp";

/** From this size on, three columns are too narrow for their words. */
const ONE_COLUMN_FROM = 1.5;

/** What is said in place of a key. */
const KEY_OF = { next: "later", done: "primary", trouble: "trouble", "take back": "takeBack" } as const;

/** The job being done, one step at a time. */
export function WorkScreen() {
  const inHand = useJobInHand();
  if (inHand === undefined) return <Loading />;
  if (inHand === null) return <NoJob does="takes you through a job one step at a time" example="work" />;
  return <JobAtWork key={`${inHand.job.id} ${inHand.job.chosenRouteId}`} {...inHand} />;
}

function JobAtWork({ job, vehicle }: { job: Job; vehicle: Vehicle }) {
  const tools = useCollection("tools");
  const { work, move } = useWork(job);
  const route = chosenRoute(job);
  const step = work && openStep(work, route);
  if (!work || !tools) return <Loading />;
  if (!step) return <NothingToDo job={job} />;
  return (
    <OpenStep job={job} vehicle={vehicle} route={route} work={work} step={step} tools={tools} move={move} />
  );
}

interface OpenStepProps extends BearsOnItProps {
  job: Job;
}

function OpenStep({ job, vehicle, route, work, step, tools, move }: OpenStepProps) {
  const [hands, changeHands] = useHands();
  const awake = useAwake(hands.awake);
  const wide = useWide("lg");
  usePressAnywhere(hands.anywhere);
  // Drawn anew only when a step is done, not with every tap.
  const doneIds = useSame([...doneSteps(work)]);
  const done = useMemo(() => new Set(doneIds), [doneIds]);
  const allDone = route.steps.every(({ id }) => done.has(id));
  const looking = allDone && work.openStepId !== undefined;
  const wrapping = allDone && !looking;
  const ended = job.state === "done";
  const aloud = hands.aloud && !ended && !wrapping;
  const says = aloud || hands.listen ? spokenNow(route, work, step, tools) : "";
  useReadAloud(aloud, says);
  const listening = useListening(hands.listen && !ended, (command) => {
    if (command === "again") sayAloud(says);
    else if (command === "how much") sayAloud(spokenHowMuch(route, work, step, tools));
    else mean(KEY_OF[command]);
  });

  const openId = useCallback(
    (stepId: string) => void move((now) => ({ ...now, openStepId: stepId })),
    [move],
  );
  const open = (by: number) => {
    const to = route.steps[route.steps.findIndex(({ id }) => id === step.id) + by];
    if (to) openId(to.id);
  };
  useHeadset(hands.headset && !ended);
  useKey("earlier", () => open(-1));
  useKey("later", () => open(1));
  useKey("takeBack", () => void move(takeBack), !ended);
  const tellOver = (title: string) => {
    // A page that nobody has touched yet may not shake.
    if (navigator.userActivation?.hasBeenActive) navigator.vibrate?.([300, 150, 300]);
    if (hands.aloud) sayAloud(`The wait is over: ${title}.`);
    ring(`${title}: the wait is over`);
  };
  const left = wrapping ? leftOvers(work, route) : [];

  const beforeThem = () => {
    if (ended) return <JobDone job={job} route={route} work={work} unit={vehicle.torqueUnit} />;
    if (left.length > 0)
      return (
        <Sheet flex="1" padding={{ base: "4", lg: "7" }} display="flex" flexDirection="column" gap="4">
          <LeftOverFace left={left} move={move} />
        </Sheet>
      );
    if (wrapping)
      return (
        <WrapUp
          job={job}
          vehicle={vehicle}
          route={route}
          work={work}
          move={move}
          onBack={() => void move(takeBack)}
        />
      );
    return (
      <StepFace
        key={step.id}
        job={job}
        route={route}
        work={work}
        step={step}
        vehicle={vehicle}
        tools={tools}
        move={move}
      />
    );
  };
  const steps = (
    <StepsDone job={job} route={route} done={done} openId={wrapping ? undefined : step.id} onOpen={openId} />
  );
  const waiting = <WaitsSheet route={route} work={work} openId={step.id} onOpen={openId} />;
  const middle = (
    <>
      {!ended && (
        <WaitsOver
          route={route}
          work={work}
          openId={wrapping ? undefined : step.id}
          onOpen={openId}
          onOver={tellOver}
        />
      )}
      {work.doNotDrive && !ended && <DoNotDriveSheet because={work.doNotDrive} move={move} />}
      {beforeThem()}
    </>
  );
  const beside = ended ? null : (
    <>
      <BearsOnIt vehicle={vehicle} route={route} work={work} step={step} tools={tools} move={move} />
      <HandsSheet hands={hands} awake={awake} listening={listening} onChange={changeHands} />
    </>
  );
  return (
    <Box style={{ zoom: hands.size, ["--work-zoom" as string]: hands.size }}>
      {wide ? (
        <ThreeColumns
          phone="middle, right, left"
          one={hands.size >= ONE_COLUMN_FROM}
          left={steps}
          middle={middle}
          right={
            ended ? null : (
              <>
                {waiting}
                {beside}
              </>
            )
          }
        />
      ) : (
        <Drawers
          left={{ handle: `Steps, ${done.size} of ${route.steps.length}`, children: steps }}
          right={beside ? { handle: "Tray and more", children: beside } : undefined}
          closeOn={step.id}
        >
          {middle}
          {!ended && waiting}
        </Drawers>
      )}
    </Box>
  );
}
