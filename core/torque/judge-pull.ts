import { median } from "simple-statistics";
import { roundedDown } from "../quantity/torque-quantity";
import { type TorqueUnit, fromNm, torqueSymbol } from "../quantity/torque-unit";
import type { PullSample } from "./digital-wrench";
import type { TorqueTarget } from "./target";

/** How a joint felt that does not feel right. */
export type Feel = "no rise" | "too soft" | "too early";

export interface PullVerdict {
  /** The most that reached the bolt, N·m. */
  peakNm: number;
  kind: "under" | "good" | "over";
  feel: Feel | undefined;
}

/**
 * A clamped steel joint goes from a fifth of its torque to all of it in less than half a turn; a soft gasket
 * takes up to two. Our own limits, on the wide side.
 */
const LONGEST_RISE_DEG = { hard: 180, soft: 720 };
/**
 * A maximum is not a figure to come near to from nowhere: below half of it nothing has been done up yet. Our
 * own limit.
 */
const DONE_OF_A_MAXIMUM = 0.5;
/**
 * A pull that still turns freely after so much, and has not come to half its torque, is not getting tight.
 */
const NO_RISE_DEG = 270;
/**
 * A bolt that was started by hand and comes to half its torque sooner than this has met something other than
 * its seat.
 */
const EARLIEST_HALF_DEG = 8;
/** A joint that gets this much less stiff near the end is giving way: plastic, or its thread. */
const GIVES_WAY = 0.35;

/**
 * What is known of a joint that changes how it feels: a locking nut turns hard all the way, a gasket gives.
 */
export interface JointIs {
  locking?: boolean;
  soft?: boolean;
}

/**
 * Judges one pull: what reached the bolt against what was asked, and whether the joint felt as a sound one
 * does. Only a pull that is the bolt's first at this stage can come too early: one that was tight already
 * rises at once.
 * @param pull samples at the bolt, N·m and degrees, in order. An empty pull is under, with a peak of 0.
 * Example: a straight rise to 41 N·m in 50° for 40 N·m ±10 % → good.
 */
export function judgePull(
  pull: readonly PullSample[],
  target: TorqueTarget,
  isFirst: boolean,
  joint: JointIs = {},
): PullVerdict {
  const peakNm = pull.reduce((most, { torqueNm }) => Math.max(most, torqueNm), 0);
  const leastNm = target.isMaximum ? target.highNm * DONE_OF_A_MAXIMUM : target.lowNm;
  const is = pullKind(peakNm, target, leastNm);
  return { peakNm, kind: is, feel: feelOf(pull, target.aimNm, peakNm, isFirst, joint) };
}

function pullKind(peakNm: number, target: TorqueTarget, leastNm: number) {
  if (peakNm > target.highNm) return "over";
  if (peakNm < leastNm || peakNm === 0) return "under";
  return "good";
}

/**
 * Where the joint begins to close: past what turns a locking nut, which is its torque over the first half of
 * the turning.
 */
function fromSeat(pull: readonly PullSample[], { locking }: JointIs): readonly PullSample[] {
  if (!locking) return pull;
  const half = pull.slice(0, Math.ceil(pull.length / 2)).map(({ torqueNm }) => torqueNm);
  const prevailing = half.length > 0 ? median(half) : 0;
  const seat = Math.max(
    0,
    pull.findLastIndex(({ torqueNm }) => torqueNm <= prevailing * 1.25),
  );
  const [fromDeg = 0] = pull.slice(seat, seat + 1).map(({ angleDeg }) => angleDeg);
  return pull.slice(seat).map(({ torqueNm, angleDeg }) => ({ torqueNm, angleDeg: angleDeg - fromDeg }));
}

function feelOf(
  whole: readonly PullSample[],
  aimNm: number,
  peakNm: number,
  isFirst: boolean,
  joint: JointIs,
): Feel | undefined {
  const pull = fromSeat(whole, joint);
  const turnedDeg = pull.at(-1)?.angleDeg ?? 0;
  if (turnedDeg >= NO_RISE_DEG && peakNm < aimNm / 2) return "no rise";
  const angleAt = (share: number) => pull.find(({ torqueNm }) => torqueNm >= aimNm * share)?.angleDeg;
  const [fifth, half] = [angleAt(0.2), angleAt(0.5)];
  // Past a third of the torque it should only get tighter: over the last quarter turn it has not.
  const quarterAgo = pull.findLast(({ angleDeg }) => angleDeg <= turnedDeg - 90);
  if (
    quarterAgo &&
    quarterAgo.torqueNm > aimNm / 3 &&
    pull.slice(-1).every(({ torqueNm }) => torqueNm <= quarterAgo.torqueNm * 1.02) &&
    peakNm < aimNm
  )
    return "no rise";
  const atPeak = pull.find(({ torqueNm }) => torqueNm >= peakNm)?.angleDeg ?? 0;
  // One that was snug already comes to half at once too, but then rises as a sound joint does; one that has
  // met something stays as stiff.
  if (
    isFirst &&
    !joint.locking &&
    half !== undefined &&
    half < EARLIEST_HALF_DEG &&
    stiffnessFrom(pull, half, atPeak) > aimNm / (4 * EARLIEST_HALF_DEG)
  )
    return "too early";
  if (fifth === undefined || half === undefined || half <= fifth) return undefined;
  if (atPeak - fifth > (joint.soft ? LONGEST_RISE_DEG.soft : LONGEST_RISE_DEG.hard)) return "too soft";
  if (joint.soft) return undefined;
  const before = (aimNm * 0.3) / (half - fifth);
  const from = pull.findLast(({ angleDeg }) => angleDeg <= atPeak - (half - fifth));
  if (!from || from.angleDeg <= half || from.torqueNm >= peakNm) return undefined;
  const after = (peakNm - from.torqueNm) / (atPeak - from.angleDeg);
  return after < before * GIVES_WAY ? "too soft" : undefined;
}

/**
 * How steeply the torque rises from one angle to another, N·m a degree; as steep as can be where it does not
 * turn.
 */
function stiffnessFrom(pull: readonly PullSample[], fromDeg: number, toDeg: number): number {
  const torques = pull
    .filter(({ angleDeg }) => angleDeg >= fromDeg && angleDeg <= toDeg)
    .map(({ torqueNm }) => torqueNm);
  return toDeg - fromDeg < 0.5 ? Infinity : (Math.max(...torques) - Math.min(...torques)) / (toDeg - fromDeg);
}

const FEEL_SAYS: Record<Feel, string> = {
  "no rise":
    "It turns and gets no tighter: a stripped thread, or a bolt that is letting go. Stop, take it out and look.",
  "too soft":
    "It gives more than a sound joint does: not seated, dirt or a gasket between, or the bolt is yielding. Stop and look.",
  "too early":
    "It went tight before it was seated: cross-threaded, bottomed, or dirt in the thread. Back it out and start it by hand.",
};

/** The verdict in a sentence or two, with the torque in the unit of the vehicle. */
export function pullSays(
  { peakNm, kind, feel }: PullVerdict,
  target: TorqueTarget,
  unit: TorqueUnit,
): string {
  const [got, asked] = toldApart(peakNm, kind, target, unit);
  const said = pullSaysHere(kind, got, asked, feel);
  return feel ? `${said} ${FEEL_SAYS[feel]}` : said;
}

function pullSaysHere(kind: string, got: string, asked: string, feel: string | undefined) {
  if (kind === "good") return `${got} reached the bolt.`;
  if (kind === "under")
    return `Only ${got} reached the bolt; asked is ${asked}.${feel ? "" : " Pull again."}`;
  return `${got} reached the bolt; asked is ${asked}. Too much: slacken it fully, look at it, and tighten it anew. A single-use or angle-tightened one is renewed.`;
}

/**
 * What was reached and what was asked, with as many decimals as it takes to see the difference that the
 * verdict is about.
 */
function toldApart(
  peakNm: number,
  is: PullVerdict["kind"],
  { lowNm, highNm, isMaximum }: TorqueTarget,
  unit: TorqueUnit,
): [got: string, asked: string] {
  const [peak, low, high] = [peakNm, lowNm, highNm].map((nm) => fromNm(nm, unit)) as [number, number, number];
  const limit = is === "over" ? high : low;
  let decimals = peak < 100 ? 1 : 0;
  while (is !== "good" && decimals < 3 && peak.toFixed(decimals) === limit.toFixed(decimals)) decimals++;
  const symbol = torqueSymbol(unit);
  return [
    `${peak.toFixed(decimals)} ${symbol}`,
    isMaximum
      ? `at most ${roundedDown(high, decimals).toFixed(decimals)} ${symbol}`
      : `${low.toFixed(Math.max(1, decimals))} to ${high.toFixed(Math.max(1, decimals))} ${symbol}`,
  ];
}
