"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { type ComponentProps, type ReactNode, useMemo } from "react";
import { chestOf } from "@/core/chest/chest";
import { fastenerDoubts } from "@/core/fastener/doubts";
import { lacksFigure, roleOf } from "@/core/fastener/role";
import { coverHead } from "@/core/kit/cover/cover-head";
import { headName, headNeeds } from "@/core/kit/needs/head-needs";
import { torqueNeeds } from "@/core/kit/needs/torque-needs";
import { turnerOf } from "@/core/kit/needs/turned-by";
import type { Fastener } from "@/core/model/job";
import { holdsALife } from "@/core/model/role";
import { boltOrder } from "@/core/pattern/bolt-order";
import {
  type How,
  nextBolt,
  outOfTurn,
  stepStages,
  tickBolt,
  tickedBolts,
  untickBolt,
} from "@/core/work/progress";
import { finishTask } from "@/core/work/tasks";
import { BoltPattern } from "@/ui/drawing/BoltPattern";
import { later } from "@/ui/later";
import { CRAMPED, useWide } from "@/ui/use-wide";
import { Doubts } from "../../shared/Doubts";
import { useWrench } from "../../shared/wrench/WrenchProvider";
import { practiseThisHref } from "../../shell/addresses";
import { thisMoment } from "../../shell/clock";
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
  const { job, route, work, step, fastener, tools, vehicle, rusted, isDone, move, bar } = props;
  const wrench = useWrench();
  const wide = useWide("lg");
  const on = nextBolt(work, step, fastener);
  const next = on?.bolt;
  const stages = useMemo(() => stepStages(step, fastener), [step, fastener]);
  const at = on?.stage ?? stages.length - 1;
  const current = stages[at];
  const { pulls, lacking } = useMemo(() => needsOf(fastener, tools, rusted), [fastener, tools, rusted]);
  const before = stages.slice(0, at).filter(({ kind }) => kind === "torque").length;
  const pull = pulls[before];
  const order = useMemo(() => boltOrder(fastener), [fastener]);
  const ticked = tickedBolts(work, step.id, at);
  const doubts = useMemo(() => fastenerDoubts(fastener), [fastener]);
  if (!current) return null;
  const role = roleOf(route, fastener);
  const answered = job.answers?.some(({ rule, about }) => rule === "no-figure" && about === fastener.id);
  if (role && !isDone && !answered && lacksFigure(route, fastener))
    return <NoFigureFace {...props} role={role} />;

  const how = howPulled(current, pull, fastener);
  const tick = (bolt: number) => void move((now) => tickBolt(now, step.id, at, bolt, thisMoment(), how));
  const tickNext = (by: How = how) =>
    void move((now) => {
      const following = nextBolt(now, step, fastener);
      // A button pressed twice before it was drawn anew must not speak for another stage.
      return following
        ? tickBolt(
            now,
            step.id,
            following.stage,
            following.bolt,
            thisMoment(),
            following.stage === at ? by : {},
          )
        : now;
    });
  // A bolt that was taken back a moment ago is not passed over.
  const goOn = () =>
    void move((now) =>
      !isDone && nextBolt(now, step, fastener) ? now : finishTask(now, route, step, "hands", thisMoment()),
    );
  const pulling = wrench.is === "connected" && current.kind === "torque" && next !== undefined && !isDone;

  const bolts = (
    <Bolts
      fastener={fastener}
      order={order}
      ticked={ticked}
      next={next}
      title={boltTitle(fastener, order, next, current)}
      how={howTo({ pulling, next, current, pull })}
      why={wide || current.kind !== "torque" ? undefined : whyLess(pull)}
      then={current.kind === "torque" && at === stages.length - 1 ? toTheSlot(fastener, role) : undefined}
      onTick={(bolt) => {
        if (isDone) return;
        if (ticked.includes(bolt)) void move((now) => untickBolt(now, step.id, at, bolt));
        else tick(bolt);
      }}
    />
  );

  const answer = (
    <Box>
      <StageAnswer
        stage={current}
        pull={pull}
        fastener={fastener}
        unit={vehicle.torqueUnit}
        doubtful={doubts.some(({ grave }) => grave)}
        byReason={holdsALife(role)}
      />
      {lacking && !turnerOf(route, fastener) && <NotInChest name={headName(lacking)} />}
    </Box>
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
          stages.length > 1 ? `${current.label}, ${at + 1} of ${stages.length}` : undefined,
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
            {answer}
            {bolts}
          </SideBySide>
          {readings}
          {current.kind === "torque" && !isDone && !doubts.some(({ grave }) => grave) && (
            <TryFirst jobId={job.id} fastener={fastener} pull={before} />
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

/** The same bolt on a joint that is nobody's, and back. */
function TryFirst({ jobId, fastener, pull }: { jobId: string; fastener: Fastener; pull: number }) {
  return (
    <Box fontSize="16px">
      <Link href={practiseThisHref(jobId, fastener.id, "work", pull)}>Practise this one</Link>
    </Box>
  );
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

interface BoltsProps {
  fastener: Fastener;
  order: readonly number[];
  ticked: readonly number[];
  next: number | undefined;
  title: string;
  how: string;
  why: string | undefined;
  /** What follows at the same bolt. */
  then: string | undefined;
  onTick: (bolt: number) => void;
}

/** The bolts as they stand, which of them is next, and how it is done. */
function Bolts({ fastener, order, ticked, next, title, how, why, then, onTick }: BoltsProps) {
  const late = outOfTurn(order, ticked);
  return (
    <Box display="flex" gap={{ base: "3", lg: "8" }} alignItems="center" flexWrap="wrap">
      <BoltPattern fastener={fastener} order={[...order]} ticked={[...ticked]} next={next} onTick={onTick} />
      <Box flex="1" minWidth={{ base: "120px", lg: "min(200px, 100%)" }}>
        <Box as="h2" fontSize="26px" aria-live="polite" data-testid="bolt-count">
          {title}
        </Box>
        <Box fontSize="17px" color="soft">
          {how}
        </Box>
        {why && (
          <Box fontSize="16px" color="soft">
            {why}
          </Box>
        )}
        {then && (
          <Box fontSize="17px" fontWeight="600">
            {then}
          </Box>
        )}
        {late && <OutOfTurn late={late} order={order} />}
        {fastener.note && <Box fontSize="17px">{fastener.note}</Box>}
      </Box>
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

function OutOfTurn({
  late,
  order,
}: {
  late: NonNullable<ReturnType<typeof outOfTurn>>;
  order: readonly number[];
}) {
  return (
    <Box role="status" color="watch" fontWeight="600" fontSize="17px">
      ▲ {order.indexOf(late.bolt) + 1} came out of turn: {order.indexOf(late.expected) + 1} was next. Go on
      there; go round once more at the end.
    </Box>
  );
}

/** What has to be heard before a hand is on it. */
function Warnings({ doubts, brief, fastener }: ComponentProps<typeof Doubts> & { fastener: Fastener }) {
  return (
    <Box role="alert">
      <Doubts doubts={doubts} brief={brief ?? false} />
      {fastener.singleUse && <SingleUse fastener={fastener} />}
    </Box>
  );
}

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
