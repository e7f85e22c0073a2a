import { settledN } from "../joint/joint";
import { nutFactorsOf } from "../joint/joint";
import type { Pull } from "../joint/pull";
import type { Grade } from "../model/drill";
import type { Band } from "../quantity/band";
import { shown, shownTorque } from "../quantity/shown";
import type { TorqueUnit } from "../quantity/torque-unit";
import { preloadN } from "../thread/preload";
import { judgePull, pullSays } from "../torque/judge-pull";
import type { TorqueTarget } from "../torque/target";

/** What a pull came to. */
export interface AfterPull {
  grade: Grade;
  /** The most that the bolt got, N·m. */
  peakNm: number;
  /** What it clamps with once it has settled, N, and between what that lies for bolts of this kind. */
  clampN: number;
  scatterN: Band;
  /** How fast the hand was at the click, degrees a second. */
  handDegPerS: number | undefined;
  /** How the joint felt, where that was not as it should be. */
  feels: string | undefined;
  /** One sentence of what to do next time, or that it was right. */
  advice: string;
}

/** Faster than this a hand does not stop in time, degrees a second. Our own: it overruns by a tenth there. */
const TOO_FAST = 90;
/** Held so far from the middle of the grip, as a share of its length, it counts. */
const OFF_GRIP = 0.05;

/**
 * What a pull came to, and one sentence of advice: what matters most first.
 */
export function afterPull(pull: Pull, target: TorqueTarget, unit: TorqueUnit): AfterPull {
  const { joint, addsMm, gripMm, face } = pull.on;
  const curve = pull.curve.map(({ angleDeg, torqueNm }) => ({ angleDeg: angleDeg - pull.fromDeg, torqueNm }));
  const isFirst = pull.fromDeg === 0;
  const verdict = judgePull(curve, target, isFirst, {
    locking: joint.kind === "locking nut",
    soft: joint.kind === "gasket" || joint.kind === "to yield",
  });
  const clampN = settledN(joint, pull.curve.at(-1)?.clampN ?? 0);
  const got = Math.max(pull.peakNm, 1e-6);
  const fast = pull.click && pull.click.handDegPerS > TOO_FAST;
  const feels = verdict.feel && pullSays(verdict, target, unit);
  const advice = () => {
    if (feels) return feels;
    if (verdict.kind === "over" && fast)
      return `${shownTorque(got, unit)} reached the bolt: at ${shown(pull.click?.handDegPerS ?? 0, 2)}° a second the hand goes on after the click. Pull slower.`;
    if (verdict.kind === "over" && pull.click)
      return `${shownTorque(got, unit)} reached the bolt: it clicked, and you pulled on. Let go at the click.`;
    if (verdict.kind === "over")
      return `${shownTorque(got, unit)} reached the bolt, more than was asked. ${face === "beam" ? "Look straight down on the pointer and stop at the mark." : "Stop at the figure."}`;
    if (verdict.kind === "under" && face === "click")
      return `Only ${shownTorque(got, unit)} reached the bolt: pull on until it clicks.`;
    if (verdict.kind === "under")
      return `Only ${shownTorque(got, unit)} reached the bolt: pull on to the figure.`;
    if (addsMm !== 0 && Math.abs(pull.handMm / gripMm - 1) > OFF_GRIP)
      return `${shownTorque(got, unit)} reached the bolt. With a crowfoot on, hold the middle of the grip: the figure hangs on it.`;
    if (fast) return `${shownTorque(got, unit)} reached the bolt, but that was fast: slower is surer.`;
    return `${shownTorque(got, unit)} reached the bolt. That is how it should be.`;
  };
  return {
    grade: gradeOf(verdict, got, target),
    peakNm: pull.peakNm,
    clampN,
    scatterN: preloadN([got, got], nutFactorsOf(joint.kind), joint.thread),
    handDegPerS: pull.click?.handDegPerS,
    feels,
    advice: advice(),
  };
}

/** Beyond a figure by so much it has done no harm yet; short of it by so much it is pulled on. */
const NEAR = 0.1;

function gradeOf(
  { kind, feel }: ReturnType<typeof judgePull>,
  gotNm: number,
  { lowNm, highNm }: TorqueTarget,
): Grade {
  if (feel) return "wrong";
  if (kind === "good") return "right";
  return gotNm > highNm * (1 + NEAR) || gotNm < lowNm * (1 - NEAR) ? "wrong" : "near";
}
