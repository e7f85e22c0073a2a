"use client";

import { Box } from "@chakra-ui/react";
import { memo, useCallback, useDeferredValue, useMemo } from "react";
import type { Job } from "@/core/model/job";
import type { Vehicle } from "@/core/model/vehicle";
import { chosenRoute } from "@/core/plan/chosen-route";
import { takeBack } from "@/core/work/event";
import { doneSteps, openStep } from "@/core/work/progress";
import { leftOvers } from "@/core/work/tray";
import { useCollection } from "@/data/hooks";
import type { SettingValue } from "@/data/settings";
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
import { type Listening, useListening } from "./hands/use-listening";
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

/** How far the job is: wrapped up once every step is done and none is looked at again. */
interface HowFar {
  ended: boolean;
  wrapping: boolean;
}

function OpenStep(props: OpenStepProps) {
  const { job, route, work, step, move } = props;
  const [hands, changeHands] = useHands();
  const awake = useAwake(hands.awake);
  const wide = useWide("lg");
  // Drawn anew only when a step is done, not with every tap.
  const doneIds = useSame([...doneSteps(work)]);
  const done = useMemo(() => new Set(doneIds), [doneIds]);
  const ended = job.state === "done";
  const wrapping = route.steps.every(({ id }) => done.has(id)) && work.openStepId === undefined;
  const openId = wrapping ? undefined : step.id;
  const listening = useHandsFree(props, hands, { ended, wrapping });
  const onOpen = useCallback(
    (stepId: string) => void move((now) => ({ ...now, openStepId: stepId })),
    [move],
  );
  useStepKeys(props, onOpen, ended);

  const steps = useMemo(
    () => <StepsDone job={job} route={route} done={done} openId={openId} onOpen={onOpen} />,
    [job, route, done, openId, onOpen],
  );
  const besideNow = useMemo(
    () =>
      ended ? undefined : (
        <>
          <BearsOnIt {...props} />
          <HandsSheet hands={hands} awake={awake} listening={listening} onChange={changeHands} />
        </>
      ),
    [ended, props, hands, awake, listening, changeHands],
  );
  // What stands beside the step is drawn after it: the next thing to do comes first.
  const beside = useDeferredValue(besideNow);
  const left = useMemo(
    () => ({ handle: `Steps, ${done.size} of ${route.steps.length}`, children: steps }),
    [done, route, steps],
  );
  const right = useMemo(() => beside && { handle: "Tray and more", children: beside }, [beside]);
  const waiting = !ended && <WaitsSheet route={route} work={work} openId={step.id} onOpen={onOpen} />;
  const middle = (
    <>
      {!ended && (
        <WaitsOver
          route={route}
          work={work}
          openId={openId}
          onOpen={onOpen}
          onOver={(title) => tellOver(title, hands.aloud)}
        />
      )}
      {work.doNotDrive && !ended && <DoNotDriveSheet because={work.doNotDrive} move={move} />}
      <BeforeThem {...props} ended={ended} wrapping={wrapping} />
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
            <>
              {waiting}
              {beside}
            </>
          }
        />
      ) : (
        <Drawers left={left} right={right} closeOn={step.id}>
          {middle}
          {waiting}
        </Drawers>
      )}
    </Box>
  );
}

/**
 * What is done now: the step, what was left over, the wrap-up, or what the job came to. Not drawn a second time
 * when what stands beside it follows.
 */
const BeforeThem = memo(function BeforeThem({ ended, wrapping, ...open }: OpenStepProps & HowFar) {
  const { job, vehicle, route, work, step, move } = open;
  if (ended) return <JobDone job={job} route={route} work={work} unit={vehicle.torqueUnit} />;
  const left = wrapping ? leftOvers(work, route) : [];
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
  return <StepFace key={step.id} {...open} />;
});

/** The job's voice and ears, where they are wanted; resolves to what the listening comes to. */
function useHandsFree(
  { route, work, step, tools }: OpenStepProps,
  hands: SettingValue<"hands">,
  { ended, wrapping }: HowFar,
): Listening {
  const aloud = hands.aloud && !ended && !wrapping;
  const says = aloud || hands.listen ? spokenNow(route, work, step, tools) : "";
  usePressAnywhere(hands.anywhere);
  useReadAloud(aloud, says);
  useHeadset(hands.headset && !ended);
  return useListening(hands.listen && !ended, (command) => {
    if (command === "again") sayAloud(says);
    else if (command === "how much") sayAloud(spokenHowMuch(route, work, step, tools));
    else mean(KEY_OF[command]);
  });
}

/** The keys that open another step or take the last thing back. */
function useStepKeys({ route, step, move }: OpenStepProps, onOpen: (stepId: string) => void, ended: boolean) {
  const open = (by: number) => {
    const to = route.steps[route.steps.findIndex(({ id }) => id === step.id) + by];
    if (to) onOpen(to.id);
  };
  useKey("earlier", () => open(-1));
  useKey("later", () => open(1));
  useKey("takeBack", () => void move(takeBack), !ended);
}

function tellOver(title: string, aloud: boolean): void {
  // A page that nobody has touched yet may not shake.
  if (navigator.userActivation?.hasBeenActive) navigator.vibrate?.([300, 150, 300]);
  if (aloud) sayAloud(`The wait is over: ${title}.`);
  ring(`${title}: the wait is over`);
}
