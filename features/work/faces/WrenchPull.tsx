"use client";

import { Box } from "@chakra-ui/react";
import { type ReactNode, useEffect, useRef, useState } from "react";
import { jointFeels } from "@/core/fastener/joint-feels";
import { boltPerWrench } from "@/core/kit/needs/bolt-per-wrench";
import { highestNm } from "@/core/kit/needs/highest-torque";
import type { TorqueNeed } from "@/core/kit/needs/need";
import type { Fastener } from "@/core/model/job";
import { fromNm, torqueSymbol } from "@/core/quantity/torque-unit";
import type { DigitalWrench, PullSample } from "@/core/torque/digital-wrench";
import { type PullVerdict, judgePull, pullSays } from "@/core/torque/judge-pull";
import type { TorqueTarget } from "@/core/torque/target";
import { noteReading, readingAt } from "@/core/work/progress";
import { BigFigure } from "@/ui/BigFigure";
import { Button } from "@/ui/Button";
import { PullBar } from "@/ui/drawing/PullBar";
import { thisMoment } from "../../shell/clock";
import { ActionBar } from "./ActionBar";
import type { FaceProps } from "./face";
import { useHold } from "./use-hold";

interface WrenchPullProps extends FaceProps {
  fastener: Fastener;
  wrench: DigitalWrench;
  target: TorqueTarget;
  stage: number;
  bolt: number;
  /** What stands between the wrench and the bolt. */
  pull: TorqueNeed | undefined;
  /** Ticks the bolt whatever was read. */
  onByHand: () => void;
  children: ReactNode;
}

const TONE_SIGN = { good: "●", watch: "▲", stop: "■" } as const;

/** Too little can be pulled on; too much, or a thread that felt wrong, cannot be taken back. */
function pullTone({ kind, feel }: PullVerdict): keyof typeof TONE_SIGN {
  if (feel) return "stop";
  if (kind === "under") return "watch";
  return kind === "good" ? "good" : "stop";
}

/**
 * One bolt under a digital wrench: what reaches it as it is pulled; the peak is kept, and over, under or a
 * wrong feel said at once.
 */
export function WrenchPull({
  work,
  step,
  fastener,
  vehicle,
  wrench,
  target,
  stage,
  bolt,
  pull,
  move,
  bar,
  onByHand,
  children,
}: WrenchPullProps) {
  const [liveNm, setLiveNm] = useState(0);
  const [verdict, setVerdict] = useState<PullVerdict>();
  const ratio = boltPerWrench(wrench, pull);
  const unit = vehicle.torqueUnit;
  const isFirst = readingAt(work, step.id, stage, bolt) === undefined;
  const keep = (samples: readonly PullSample[]) => {
    const atBolt = samples.map(({ torqueNm, angleDeg }) => ({ torqueNm: torqueNm * ratio, angleDeg }));
    const judged = judgePull(atBolt, target, isFirst && stage === 0, jointFeels(fastener));
    setLiveNm(0);
    if (judged.peakNm < target.aimNm * 0.02) return;
    setVerdict(judged);
    const readingNm = Math.max(...samples.map(({ torqueNm }) => torqueNm));
    const reading = { value: Number(fromNm(readingNm, unit).toFixed(1)), unit, decimals: 1 };
    const sound = judged.kind === "good" && judged.feel === undefined;
    void move((now) =>
      noteReading(
        now,
        { stepId: step.id, stage, bolt, reading, boltNm: judged.peakNm, by: "wrench" },
        sound,
        thisMoment(),
      ),
    );
  };
  // The joint is that of the last pass, whichever pass is on.
  const fullNm = highestNm(fastener) ?? target.aimNm;
  const keeps = useRef(keep);
  useEffect(() => {
    keeps.current = keep;
  });
  useEffect(() => {
    wrench.hand?.takeBolt({ key: `${step.id} ${bolt}`, aimNm: fullNm, leverRatio: ratio });
    return wrench.listen({
      onSample: ({ torqueNm }) => setLiveNm(torqueNm * ratio),
      onReleased: (samples) => keeps.current(samples),
    });
  }, [wrench, step.id, stage, bolt, fullNm, ratio]);
  const hand = wrench.hand;
  const hold = useHold(hand);
  const last = readingAt(work, step.id, stage, bolt);

  return (
    <>
      <BigFigure value={fromNm(liveNm, unit).toFixed(1)} unit={torqueSymbol(unit)} size="work" />
      <PullBar nowNm={liveNm} target={target} unit={unit} />
      <Box
        role="status"
        aria-live="assertive"
        fontSize="19px"
        fontWeight="600"
        color={verdict && pullTone(verdict)}
        data-testid="pull-says"
      >
        {verdict && `${TONE_SIGN[pullTone(verdict)]} ${pullSays(verdict, target, unit)}`}
      </Box>
      {children}
      <ActionBar
        bar={{ ...bar, watchFor: undefined }}
        says={hand ? "Hold to pull" : "Pull the wrench"}
        onPrimary={() => undefined}
        hold={hold}
        // There from the start, so that the button under the finger does not move when the pull is told.
        others={
          <Button size="work" flex={{ base: "1 1 100%", lg: "none" }} disabled={!last} onClick={onByHand}>
            {last
              ? `Leave it at ${fromNm(last.boltNm, unit).toFixed(1)} ${torqueSymbol(unit)}`
              : "Leave it at that"}
          </Button>
        }
      />
    </>
  );
}
