"use client";

import { Box } from "@chakra-ui/react";
import { type ComponentProps, type ReactNode, memo, useCallback, useMemo } from "react";
import { chestOf } from "@/core/chest/chest";
import { fastenerDoubts } from "@/core/fastener/doubts";
import { lacksFigure, roleOf } from "@/core/fastener/role";
import { coverHead } from "@/core/kit/cover/cover-head";
import { headName, headNeeds } from "@/core/kit/needs/head-needs";
import type { HeadNeed, TorqueNeed } from "@/core/kit/needs/need";
import { torqueNeeds } from "@/core/kit/needs/torque-needs";
import { turnerOf } from "@/core/kit/needs/turned-by";
import type { Fastener } from "@/core/model/job";
import { type Role, holdsALife } from "@/core/model/role";
import { boltOrder } from "@/core/pattern/bolt-order";
import type { Stage } from "@/core/torque/target";
import { type How, nextBolt, stepStages, tickBolt, tickedBolts, untickBolt } from "@/core/work/progress";
import { finishTask } from "@/core/work/tasks";
import { later } from "@/ui/later";
import { CRAMPED, useWide } from "@/ui/use-wide";
import { Doubts } from "../../shared/Doubts";
import { PractiseThis } from "../../shared/PractiseThis";
import { useWrench } from "../../shared/wrench/WrenchProvider";
import { thisMoment } from "../../shell/clock";
import { Bolts } from "./Bolts";
import type { FaceProps } from "./face";
import { PlainFace } from "./PlainFace";
import { Readings } from "./Readings";
import { StageAnswer, whyLess } from "./StageAnswer";
import { TickBar } from "./TickBar";
import { about, boltTitle, howPulled, howTo, toTheSlot } from "./torque-words";
import { WrenchPull } from "./WrenchPull";

/** It reads what is typed: fetched where a figure is missing. */
const NoFigureFace = later(() => import("./NoFigureFace").then((module) => module.NoFigureFace));

/** A fastener being tightened: the setting, as large as it can be, and its bolts ticked one by one. */
export function TorqueFace(props: FaceProps) {
  return props.fastener ? <Tightening {...props} fastener={props.fastener} /> : <PlainFace {...props} />;
}

function Tightening(props: FaceProps & { fastener: Fastener }) {
  const { job, route, fastener, isDone } = props;
  const stage = useStage(props);
  if (!stage) return null;
  const role = roleOf(route, fastener);
  const answered = job.answers?.some(({ rule, about }) => rule === "no-figure" && about === fastener.id);
  if (role && !isDone && !answered && lacksFigure(route, fastener))
    return <NoFigureFace {...props} role={role} />;
  return <AtStage {...props} {...stage} role={role} />;
}

/** The stage that is being tightened, and what the chest has for it. */
interface AtStage {
  /** Which of how many, from 0. */
  at: number;
  stages: number;
  current: Stage;
  /** The bolt that is next; undefined when every one has been tightened. */
  next: number | undefined;
  pull: TorqueNeed | undefined;
  /** Which of the fastener's pulls that is, from 0. */
  pullAt: number;
  /** The head that nothing in the chest turns. */
  lacking: HeadNeed | undefined;
}

function useStage(props: FaceProps & { fastener: Fastener }): AtStage | undefined {
  const { work, step, fastener, tools, rusted } = props;
  const on = nextBolt(work, step, fastener);
  const stages = useMemo(() => stepStages(step, fastener), [step, fastener]);
  const at = on?.stage ?? stages.length - 1;
  const current = stages[at];
  const { pulls, lacking } = useMemo(() => needsOf(fastener, tools, rusted), [fastener, tools, rusted]);
  if (!current) return undefined;
  const pullAt = stages.slice(0, at).filter(({ kind }) => kind === "torque").length;
  return { at, stages: stages.length, current, next: on?.bolt, pull: pulls[pullAt], pullAt, lacking };
}

type AtStageProps = FaceProps & AtStage & { fastener: Fastener; role: Role | undefined };

function AtStage(props: AtStageProps) {
  const { job, route, work, step, fastener, vehicle, isDone, role, bar } = props;
  const { at, stages, current, next, pull, pullAt, lacking } = props;
  const wrench = useWrench();
  const wide = useWide("lg");
  const order = useMemo(() => boltOrder(fastener), [fastener]);
  const doubts = useMemo(() => fastenerDoubts(fastener), [fastener]);
  const how = useMemo(() => howPulled(current, pull, fastener), [current, pull, fastener]);
  const { onTick, tickNext, goOn } = useTicks(props, how);
  const grave = doubts.some((doubt) => doubt.grave);
  const pulling = wrench.is === "connected" && current.kind === "torque" && next !== undefined && !isDone;

  const bolts = (
    <Bolts
      fastener={fastener}
      order={order}
      ticked={tickedBolts(work, step.id, at)}
      next={next}
      title={boltTitle(fastener, order, next, current)}
      how={howTo({ pulling, next, current, pull })}
      why={wide || current.kind !== "torque" ? undefined : whyLess(pull)}
      then={current.kind === "torque" && at === stages - 1 ? toTheSlot(fastener, role) : undefined}
      onTick={onTick}
    />
  );
  const readings = current.kind === "torque" && (
    <Readings
      {...props}
      stage={at}
      target={current.target}
      order={order}
      pull={pull}
      wrench={wrench}
      next={next}
    />
  );

  return (
    <>
      <Box fontSize="17px" color="soft" marginTop={{ base: "-1", lg: "-3" }}>
        {about(
          props,
          pull?.adapter ?? fastener.adapter,
          stages > 1 ? `${current.label}, ${at + 1} of ${stages}` : undefined,
        )}
      </Box>
      <Warnings doubts={doubts} brief={!wide} fastener={fastener} />
      {pulling && wrench.wrench ? (
        <WrenchPull
          {...props}
          key={`${at} ${next}`}
          wrench={wrench.wrench}
          target={current.target}
          stage={at}
          bolt={next}
          pull={pull}
          onByHand={() => tickNext()}
        >
          {bolts}
          {readings}
        </WrenchPull>
      ) : (
        <>
          <SideBySide>
            <Box>
              <StageAnswer
                stage={current}
                pull={pull}
                fastener={fastener}
                unit={vehicle.torqueUnit}
                doubtful={grave}
                byReason={holdsALife(role)}
              />
              {lacking && !turnerOf(route, fastener) && <NotInChest name={headName(lacking)} />}
            </Box>
            {bolts}
          </SideBySide>
          {readings}
          {current.kind === "torque" && !isDone && !grave && (
            <PractiseThis jobId={job.id} fastenerId={fastener.id} from="work" pull={pullAt} />
          )}
          <TickBar
            bar={bar}
            current={current}
            pull={pull}
            byFeel={how.by === "feel"}
            straight={fastener.adapter === undefined}
            onTick={isDone || next === undefined ? undefined : tickNext}
            onGoOn={goOn}
          />
        </>
      )}
    </>
  );
}

/** What a press comes to: at one bolt, at the one that is next, and on once all are tight. */
function useTicks({ route, step, fastener, at, isDone, move }: AtStageProps, how: How) {
  const onTick = useCallback(
    (bolt: number, off: boolean) => {
      if (isDone) return;
      void move((now) =>
        off ? untickBolt(now, step.id, at, bolt) : tickBolt(now, step.id, at, bolt, thisMoment(), how),
      );
    },
    [move, isDone, step.id, at, how],
  );
  const tickNext = (by: How = how) =>
    void move((now) => {
      const following = nextBolt(now, step, fastener);
      if (!following) return now;
      // A button pressed twice before it was drawn anew must not speak for another stage.
      const said = following.stage === at ? by : {};
      return tickBolt(now, step.id, following.stage, following.bolt, thisMoment(), said);
    });
  // A bolt that was taken back a moment ago is not passed over.
  const goOn = () =>
    void move((now) =>
      !isDone && nextBolt(now, step, fastener) ? now : finishTask(now, route, step, "hands", thisMoment()),
    );
  return { onTick, tickNext, goOn };
}

/** The answer above the bolts; beside them on a phone on its side. */
function SideBySide({ children }: { children: ReactNode }) {
  return (
    <Box
      display="flex"
      flexDirection="column"
      gap={{ base: "2", lg: "4" }}
      css={{ [CRAMPED]: { flexDirection: "row", "& > *": { flex: "1 1 0", minWidth: "0" } } }}
    >
      {children}
    </Box>
  );
}

function NotInChest({ name }: { name: string }) {
  return (
    <Box color="stop" fontWeight="600" fontSize="18px">
      ■ No {name} in the chest.
    </Box>
  );
}

type WarningsProps = ComponentProps<typeof Doubts> & { fastener: Fastener };

/** What has to be heard before a hand is on it. */
const Warnings = memo(function Warnings({ doubts, brief, fastener }: WarningsProps) {
  return (
    <Box role="alert">
      <Doubts doubts={doubts} brief={brief ?? false} />
      {fastener.singleUse && <SingleUse fastener={fastener} />}
    </Box>
  );
});

function SingleUse({ fastener: { reuseReason, count } }: { fastener: Fastener }) {
  const which = reuseReason
    ? `the old one, because “${reuseReason}”`
    : `a new one${count > 1 ? " each" : ""}, not the old`;
  return (
    <Box color="watch" fontWeight="600" fontSize="18px">
      ▲ Single-use: {which}.
    </Box>
  );
}

/**
 * What the chest has for a fastener: the pulls that its figure asks for, and the head that nothing in it
 * turns.
 */
function needsOf(fastener: Fastener, tools: FaceProps["tools"], rusted: boolean) {
  const chest = chestOf(tools);
  const lacking = headNeeds([fastener]).find(
    (need) =>
      !need.holds &&
      need.uses.some(({ when }) => when !== "undo") &&
      coverHead(need, chest, rusted).kind === "missing",
  );
  return { pulls: torqueNeeds(fastener, chest), lacking };
}
