import { formatBand } from "../quantity/torque-band";
import { type TorqueUnit, fromNm, torqueSymbol } from "../quantity/torque-unit";
import type { PullSample } from "./digital-wrench";
import type { TorqueTarget } from "./target";

/** How a joint felt that does not feel right. */
export type Feel = "no rise" | "too soft" | "too early";

export interface PullVerdict {
  /** The most that reached the bolt, N·m. */
  peakNm: number;
  is: "under" | "good" | "over";
  feel: Feel | undefined;
}

/** A clamped steel joint goes from a fifth of its torque to all of it in less than half a turn. Our own limit, on the wide side. */
const LONGEST_RISE_DEG = 180;
/** A pull that still turns freely after so much, and has not come to half its torque, is not getting tight. */
const NO_RISE_DEG = 270;
/** A bolt that was started by hand and comes to half its torque sooner than this has met something other than its seat. */
const EARLIEST_HALF_DEG = 8;
/** A joint that gets this much less stiff near the end is giving way: plastic, or its thread. */
const GIVES_WAY = 0.35;

/**
 * Judges one pull: what reached the bolt against what was asked, and whether the joint felt as a sound one does.
 * Only a pull that is the bolt's first at this stage can come too early: one that was tight already rises at once.
 * @param pull samples at the bolt, N·m and degrees, in order. An empty pull is under, with a peak of 0.
 * Example: a straight rise to 41 N·m in 50° for 40 N·m ±10 % → good.
 */
export function judgePull(pull: readonly PullSample[], target: TorqueTarget, isFirst: boolean): PullVerdict {
  const peakNm = pull.reduce((most, { torqueNm }) => Math.max(most, torqueNm), 0);
  const is = peakNm > target.highNm ? "over" : peakNm < target.lowNm || peakNm === 0 ? "under" : "good";
  return { peakNm, is, feel: feelOf(pull, target.aimNm, peakNm, isFirst) };
}

function feelOf(pull: readonly PullSample[], aimNm: number, peakNm: number, isFirst: boolean): Feel | undefined {
  const turnedDeg = pull.at(-1)?.angleDeg ?? 0;
  if (turnedDeg >= NO_RISE_DEG && peakNm < aimNm / 2) return "no rise";
  const angleAt = (share: number) => pull.find(({ torqueNm }) => torqueNm >= aimNm * share)?.angleDeg;
  const [fifth, half] = [angleAt(0.2), angleAt(0.5)];
  // Past a third of the torque it should only get tighter: over the last quarter turn it has not.
  const quarterAgo = pull.findLast(({ angleDeg }) => angleDeg <= turnedDeg - 90);
  if (quarterAgo && quarterAgo.torqueNm > aimNm / 3 && (pull.at(-1)?.torqueNm ?? 0) <= quarterAgo.torqueNm * 1.02 && peakNm < aimNm) return "no rise";
  if (isFirst && half !== undefined && half < EARLIEST_HALF_DEG) return "too early";
  if (fifth === undefined || half === undefined || half <= fifth) return undefined;
  const atPeak = pull.find(({ torqueNm }) => torqueNm >= peakNm)?.angleDeg ?? half;
  if (atPeak - fifth > LONGEST_RISE_DEG) return "too soft";
  const before = (aimNm * 0.3) / (half - fifth);
  const from = pull.findLast(({ angleDeg }) => angleDeg <= atPeak - (half - fifth));
  if (!from || from.angleDeg <= half || from.torqueNm >= peakNm) return undefined;
  const after = (peakNm - from.torqueNm) / (atPeak - from.angleDeg);
  return after < before * GIVES_WAY ? "too soft" : undefined;
}

const FEEL_SAYS: Record<Feel, string> = {
  "no rise": "It turns and gets no tighter: a stripped thread, or a bolt that is letting go. Stop, take it out and look.",
  "too soft": "It gives more than a sound joint does: not seated, dirt or a gasket between, or the bolt is yielding. Stop and look.",
  "too early": "It went tight before it was seated: cross-threaded, bottomed, or dirt in the thread. Back it out and start it by hand.",
};

/** The verdict in a sentence or two, with the torque in the unit of the vehicle. */
export function pullSays({ peakNm, is, feel }: PullVerdict, target: TorqueTarget, unit: TorqueUnit): string {
  const asked = target.isMaximum ? `at most ${tidy(fromNm(target.highNm, unit))} ${torqueSymbol(unit)}` : formatBand([target.lowNm, target.highNm], unit);
  const got = `${tidy(fromNm(peakNm, unit))} ${torqueSymbol(unit)}`;
  const said =
    is === "good"
      ? `${got} reached the bolt.`
      : is === "under"
        ? `Only ${got} reached the bolt; asked is ${asked}. Pull again.`
        : `${got} reached the bolt; asked is ${asked}. Too much: slacken it fully, look at it, and tighten it anew. A single-use or angle-tightened one is renewed.`;
  return feel ? `${said} ${FEEL_SAYS[feel]}` : said;
}

function tidy(value: number): string {
  return value.toFixed(value < 100 ? 1 : 0);
}
