import type { PullSample } from "../torque/digital-wrench";
import { beamReads, parallaxDeg } from "./beam";
import { type Joint, clampAtN, torqueAtNm } from "./joint";

/** How a simulated wrench tells its torque. */
export const WRENCH_FACES = ["click", "beam", "dial", "digital"] as const;
export type WrenchFace = (typeof WRENCH_FACES)[number];

/** A wrench on a bolt, ready to be pulled. */
export interface OnBolt {
  joint: Joint;
  face: WrenchFace;
  /** What it is set to, or is to be pulled to, at its own square, N·m. */
  setNm: number;
  /** Full scale, N·m. */
  fullNm: number;
  gripMm: number;
  /** What a crowfoot adds to the way from the bolt to the hand, mm. */
  addsMm: number;
  /** Reads this share of what there is: what the wrench itself is off. */
  reads: number;
}

/** Where hand and eye are. */
export interface Hand {
  /** How far it has swung since it took hold, degrees. */
  swungDeg: number;
  /** From the square, mm. */
  atMm: number;
  /** Beside the straight look at a pointer, degrees. */
  eyeDeg: number;
}

/** A sample of a pull, at the bolt. */
export interface CurvePoint extends PullSample {
  clampN: number;
}

/** A pull under way. Angles in degrees, torques in N·m. */
export interface Pull {
  on: OnBolt;
  boltDeg: number;
  /** Whether it turned in the last moment. */
  turns: boolean;
  /** Where the bolt stood when the hand took hold. */
  fromDeg: number;
  /** How far the tooth of a click wrench has let the handle go. */
  slipDeg: number;
  swungDeg: number;
  /** Where the hand is, mm from the square. */
  handMm: number;
  /** At the square of the wrench, as it is. */
  torqueNm: number;
  timeS: number;
  /** When the set torque was first there. */
  reachedAtS: number | undefined;
  /** When the click was, and how fast the hand was then, degrees a second. */
  click: { atS: number; handDegPerS: number } | undefined;
  /** The most that the bolt got. */
  peakNm: number;
  peakClampN: number;
  /** Angles from where the bolt was before its first pull. */
  curve: readonly CurvePoint[];
}

/** The hand leads the handle by so much at the set torque: what arm and handle give. */
const LEAD_DEG = 25;
/** A bolt that stands needs so much more than one that turns. */
const BREAKS_AWAY = 1.06;
/** A tooth needs its time to trip; how far it then lets the handle go, degrees. */
const TRIPS_S = 0.012;
const TOOTH_DEG = 4;
/** How finely a pull is reckoned: no step is longer. */
const STEP_S = 0.004;
/** A beam bends so far over its whole scale. */
const FULL_DEG = 4;

/** A hand takes hold: a bolt that was turned before stands where it was left. */
export function takeHold(on: OnBolt, boltDeg = 0): Pull {
  const clampN = clampAtN(on.joint, boltDeg);
  return {
    on,
    boltDeg,
    turns: false,
    fromDeg: boltDeg,
    slipDeg: 0,
    swungDeg: 0,
    handMm: on.gripMm,
    torqueNm: 0,
    timeS: 0,
    reachedAtS: undefined,
    click: undefined,
    peakNm: 0,
    peakClampN: clampN,
    curve: [{ angleDeg: boltDeg, torqueNm: 0, clampN }],
  };
}

/** The bolt's torque over the wrench's, with the hand where it is. */
export function ratioAt({ addsMm }: Pick<OnBolt, "addsMm">, handMm: number): number {
  return (handMm + addsMm) / handMm;
}

/**
 * A pull, a moment later: the hand is somewhere else, handle and arm are a spring between it and the bolt, and the
 * bolt turns as far as that overcomes what its joint answers with.
 * @param seconds since the last moment; nothing happens in none.
 */
export function pullOn(pull: Pull, hand: Hand, seconds: number): Pull {
  const steps = Math.max(1, Math.ceil(seconds / STEP_S));
  let now = pull;
  for (let i = 1; i <= steps && seconds > 0; i++)
    now = oneStep(
      now,
      pull.swungDeg + ((hand.swungDeg - pull.swungDeg) * i) / steps,
      hand.atMm,
      seconds / steps,
    );
  return now;
}

function oneStep(pull: Pull, swungDeg: number, handMm: number, seconds: number): Pull {
  const { on, fromDeg } = pull;
  const ratio = ratioAt(on, handMm);
  const perDeg = on.setNm / LEAD_DEG;
  const timeS = pull.timeS + seconds;
  const atWrench = (boltDeg: number, slipDeg: number) =>
    Math.max(0, perDeg * (swungDeg - (boltDeg - fromDeg) - slipDeg));
  const handDegPerS = Math.max(0, (swungDeg - pull.swungDeg) / seconds);
  const boltDeg = turnedTo(on.joint, pull.boltDeg, pull.turns, (deg) => atWrench(deg, pull.slipDeg) * ratio);
  const before = atWrench(boltDeg, pull.slipDeg);
  const reached = on.face === "click" && before >= on.setNm / on.reads;
  const reachedAtS = pull.reachedAtS ?? (reached ? timeS : undefined);
  const trips =
    on.face === "click" && !pull.click && reachedAtS !== undefined && timeS - reachedAtS >= TRIPS_S;
  const slipDeg = trips ? TOOTH_DEG : pull.slipDeg;
  const torqueNm = trips ? atWrench(boltDeg, slipDeg) : before;
  const boltNm = before * ratio;
  const clampN = clampAtN(on.joint, boltDeg);
  return {
    ...pull,
    boltDeg,
    turns: boltDeg > pull.boltDeg,
    slipDeg,
    swungDeg,
    handMm,
    torqueNm,
    timeS,
    reachedAtS,
    click: trips ? { atS: timeS, handDegPerS } : pull.click,
    peakNm: Math.max(pull.peakNm, boltNm),
    peakClampN: Math.max(pull.peakClampN, clampN),
    curve: withPoint(pull.curve, { angleDeg: boltDeg, torqueNm: boltNm, clampN }),
  };
}

/**
 * As far as the hand's torque overcomes the joint's: no further on than that, and never back. A bolt that stands has
 * to be broken away first.
 */
function turnedTo(
  joint: Joint,
  standsDeg: number,
  turns: boolean,
  givenNm: (boltDeg: number) => number,
): number {
  const holdsNm = torqueAtNm(joint, standsDeg) * (turns ? 1 : BREAKS_AWAY);
  if (givenNm(standsDeg) <= holdsNm) return standsDeg;
  const free = (deg: number) => givenNm(deg) - torqueAtNm(joint, deg);
  // The nearest place ahead where both are the same; a joint that lets go has none near.
  let low = standsDeg;
  while (free(low + STRIDE_DEG) > 0) low += STRIDE_DEG;
  let high = low + STRIDE_DEG;
  for (let i = 0; i < 20; i++) {
    const middle = (low + high) / 2;
    if (free(middle) > 0) low = middle;
    else high = middle;
  }
  return low;
}

const STRIDE_DEG = 0.5;

/** Samples nearer than this are one, degrees and a share of the torque. */
const NEAR_DEG = 0.5;

function withPoint(curve: readonly CurvePoint[], point: CurvePoint): readonly CurvePoint[] {
  const last = curve.at(-1);
  const before = curve.at(-2);
  // Where it only falls, the peak stays; where it hardly moves, the last is renewed.
  if (last && before && point.angleDeg - before.angleDeg < NEAR_DEG)
    return point.torqueNm >= last.torqueNm ? [...curve.slice(0, -1), point] : curve;
  return [...curve, point];
}

/** What the eye reads on the wrench in this moment, N·m; undefined on one that only clicks. */
export function readOff(pull: Pull, hand: Hand): number | undefined {
  const { on, torqueNm } = pull;
  switch (on.face) {
    case "click":
      return undefined;
    case "beam":
      return Math.max(
        0,
        torqueNm * on.reads * beamReads(Math.max(hand.atMm, on.gripMm * 0.86), on.gripMm) +
          (parallaxDeg(hand.eyeDeg) / FULL_DEG) * on.fullNm,
      );
    case "dial":
    case "digital":
      return torqueNm * on.reads;
  }
}

/** How somebody pulls who hears or sees that it is enough, and stops some time after. */
export interface PullBy {
  degPerS: number;
  reactsS: number;
  handMm?: number;
  eyeDeg?: number;
}

const FRAME_S = 1 / 60;
/** Nobody swings further in one go than this, degrees; then the ratchet goes back. */
const FARTHEST_DEG = 400;

/**
 * A whole pull by a simulated hand: it swings evenly until the wrench clicks, or shows what it is set to, and goes on
 * for as long as it takes to let go.
 * Example: twice as fast goes twice as far beyond.
 */
export function pulledBy(
  on: OnBolt,
  { degPerS, reactsS, handMm = on.gripMm, eyeDeg = 0 }: PullBy,
  boltDeg = 0,
): Pull {
  let pull = takeHold(on, boltDeg);
  let enoughAtS: number | undefined;
  for (let swungDeg = 0; swungDeg < FARTHEST_DEG;) {
    swungDeg += degPerS * FRAME_S;
    const hand = { swungDeg, atMm: handMm, eyeDeg };
    pull = pullOn(pull, hand, FRAME_S);
    const enough = pull.click !== undefined || (readOff(pull, hand) ?? 0) >= on.setNm;
    enoughAtS ??= enough ? pull.timeS : undefined;
    if (enoughAtS !== undefined && pull.timeS - enoughAtS >= reactsS) break;
  }
  return pull;
}
