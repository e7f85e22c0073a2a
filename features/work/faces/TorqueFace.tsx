"use client";

import { Box } from "@chakra-ui/react";
import { useMemo } from "react";
import { capital } from "@/core/capital";
import { chestOf } from "@/core/chest/chest";
import { fastenerDoubts } from "@/core/fastener/doubts";
import { holdWords } from "@/core/fastener/held-still";
import { lacksFigure, roleOf } from "@/core/fastener/role";
import { coverHead } from "@/core/kit/cover/cover-head";
import { headName, headNeeds } from "@/core/kit/needs/head-needs";
import type { TorqueNeed } from "@/core/kit/needs/need";
import { torqueNeeds } from "@/core/kit/needs/torque-needs";
import { turnerOf } from "@/core/kit/needs/turned-by";
import type { Fastener } from "@/core/model/job";
import { holdsALife } from "@/core/model/role";
import { boltOrder } from "@/core/pattern/bolt-order";
import { formatHeadSize } from "@/core/quantity/read-head-size";
import { angleSaid } from "@/core/torque/adapter";
import { LOCKED_AFTER, type Stage } from "@/core/torque/target";
import { nextBolt, outOfTurn, stepStages, tickBolt, tickedBolts, untickBolt } from "@/core/work/progress";
import { finishTask } from "@/core/work/tasks";
import { BoltPattern } from "@/ui/drawing/BoltPattern";
import { Doubts } from "../../shared/Doubts";
import { useWrench } from "../../shared/wrench/WrenchProvider";
import { thisMoment } from "../../shell/clock";
import { ActionBar } from "./ActionBar";
import type { FaceProps } from "./face";
import { NoFigureFace } from "./NoFigureFace";
import { PlainFace } from "./PlainFace";
import { Readings } from "./Readings";
import { HOW, SAYS } from "./stage-words";
import { StageAnswer } from "./StageAnswer";
import { WrenchPull } from "./WrenchPull";

/** A fastener being tightened: the setting, as large as it can be, and its bolts ticked one by one. */
export function TorqueFace(props: FaceProps) {
  return props.fastener ? <Tightening {...props} fastener={props.fastener} /> : <PlainFace {...props} />;
}

function Tightening(props: FaceProps & { fastener: Fastener }) {
  const { job, route, work, step, fastener, tools, vehicle, rusted, isDone, move, bar } = props;
  const wrench = useWrench();
  const on = nextBolt(work, step, fastener);
  const stages = useMemo(() => stepStages(step, fastener), [step, fastener]);
  const at = on?.stage ?? stages.length - 1;
  const current = stages[at];
  const { pulls, lacking } = useMemo(() => needsOf(fastener, tools, rusted), [fastener, tools, rusted]);
  const pull = pulls[stages.slice(0, at).filter(({ kind }) => kind === "torque").length];
  const order = useMemo(() => boltOrder(fastener), [fastener]);
  const ticked = tickedBolts(work, step.id, at);
  const next = on?.bolt;
  const doubts = useMemo(() => fastenerDoubts(fastener), [fastener]);
  const late = outOfTurn(order, ticked);
  if (!current) return null;
  const role = roleOf(route, fastener);
  const answered = job.answers?.some(({ rule, about }) => rule === "no-figure" && about === fastener.id);
  if (role && !isDone && !answered && lacksFigure(route, fastener))
    return <NoFigureFace {...props} role={role} />;

  const tick = (bolt: number) => void move((now) => tickBolt(now, step.id, at, bolt, thisMoment()));
  const tickNext = () =>
    void move((now) => {
      const following = nextBolt(now, step, fastener);
      return following ? tickBolt(now, step.id, following.stage, following.bolt, thisMoment()) : now;
    });
  // A bolt that was taken back a moment ago is not passed over.
  const goOn = () =>
    void move((now) =>
      !isDone && nextBolt(now, step, fastener) ? now : finishTask(now, route, step, "hands", thisMoment()),
    );
  const pulling = wrench.is === "connected" && current.kind === "torque" && next !== undefined && !isDone;

  const bolts = (
    <Box display="flex" gap={{ base: "3", lg: "8" }} alignItems="center" flexWrap="wrap">
      <BoltPattern
        fastener={fastener}
        order={order}
        ticked={ticked}
        next={next}
        onTick={(bolt) => {
          if (isDone) return;
          if (ticked.includes(bolt)) void move((now) => untickBolt(now, step.id, at, bolt));
          else tick(bolt);
        }}
      />
      <Box flex="1" minWidth="min(200px, 100%)">
        <Box as="h2" fontSize="26px" aria-live="polite" data-testid="bolt-count">
          {boltTitle(fastener, order, next, current)}
        </Box>
        <Box fontSize="17px" color="soft">
          {howTo({ pulling, next, current, pull })}
        </Box>
        {late && <OutOfTurn late={late} order={order} />}
        {fastener.note && <Box fontSize="17px">{fastener.note}</Box>}
      </Box>
    </Box>
  );

  return (
    <>
      <Box fontSize="17px" color="soft" marginTop="-3">
        {about(
          props,
          pull?.adapter ?? fastener.adapter,
          stages.length > 1 ? `${current.label}, ${at + 1} of ${stages.length}` : undefined,
        )}
      </Box>
      <Box role="alert">
        <Doubts doubts={doubts} />
        {fastener.singleUse && <SingleUse fastener={fastener} />}
      </Box>
      {!pulling && (
        <StageAnswer
          stage={current}
          pull={pull}
          fastener={fastener}
          unit={vehicle.torqueUnit}
          doubtful={doubts.some(({ grave }) => grave)}
          byReason={holdsALife(role)}
        />
      )}
      {lacking && !turnerOf(props.route, fastener) && (
        <Box color="stop" fontWeight="600" fontSize="18px">
          ■ No {headName(lacking)} in the chest.
        </Box>
      )}
      {pulling && wrench.wrench ? (
        <WrenchPull
          {...props}
          key={`${at} ${next}`}
          wrench={wrench.wrench}
          target={current.target}
          stage={at}
          bolt={next}
          pull={pull}
          onByHand={tickNext}
        >
          {bolts}
          <Readings
            {...props}
            stage={at}
            target={current.target}
            order={order}
            pull={pull}
            wrench={wrench}
            next={next}
          />
        </WrenchPull>
      ) : (
        <>
          {bolts}
          {current.kind === "torque" && (
            <Readings
              {...props}
              stage={at}
              target={current.target}
              order={order}
              pull={pull}
              wrench={wrench}
              next={next}
            />
          )}
          <ActionBar
            bar={bar}
            says={boltButton(isDone || next === undefined, { current, pull })}
            onPrimary={() => (next === undefined || isDone ? goOn() : tickNext())}
          />
        </>
      )}
    </>
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

function boltTitle(
  { count }: Fastener,
  order: readonly number[],
  next: number | undefined,
  current: Stage,
): string {
  if (next === undefined) return count === 1 ? "It is done" : `All ${count} done`;
  const called = current.kind === "fitted" ? capital(current.as) : "Bolt";
  return count === 1 ? "The one" : `${called} ${order.indexOf(next) + 1} of ${count}`;
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

/** What is tightened, with what, and in which state: one line. */
function about(
  { step, route, fastener }: FaceProps & { fastener: Fastener },
  adapter: Fastener["adapter"],
  pass: string | undefined,
): string {
  const head = fastener.sizeToDoUp ?? fastener.sizeToUndo;
  return [
    step.title.includes(fastener.name) ? `${fastener.count} of them` : `${fastener.count} × ${fastener.name}`,
    turnerOf(route, fastener)?.name ?? (head && formatHeadSize(head)),
    adapter && `crowfoot ${angleSaid(adapter)}`,
    fastener.access && fastener.access !== "room for a torque wrench" && fastener.access,
    fastener.counterHold && holdWords(fastener.counterHold),
    // What is done once it is tight is a stage of its own.
    !LOCKED_AFTER.some((one) => one === fastener.locking) && fastener.locking,
    fastener.tightened && `final torque ${fastener.tightened}`,
    pass,
  ]
    .filter(Boolean)
    .join(", ");
}

interface Pulling {
  next: number | undefined;
  current: Stage;
  pull: TorqueNeed | undefined;
}

/** What to do with the hand, under the bolt that is next. */
function howTo({ pulling, next, current, pull }: Pulling & { pulling: boolean }): string {
  const wrench = pull?.best?.wrench;
  if (pulling) return "Pull until the bar stands in the box, then let go.";
  if (next === undefined)
    return `Look once more, then go on.${wrench?.works === "click" ? " Wind the wrench back to its lowest mark." : ""}`;
  if (current.kind !== "torque") return HOW[current.kind];
  if (pull?.bySpanner) return "Pull evenly until the scale shows it, then tap.";
  return wrench && wrench.works !== "click" ? "Pull evenly until it reads that, then tap." : HOW.torque;
}

function boltButton(goesOn: boolean, { current, pull }: Pick<Pulling, "current" | "pull">): string {
  if (goesOn) return "Next step";
  return current.kind === "torque" && pull?.bySpanner ? "Pulled" : SAYS[current.kind];
}
