import { mean, quantileSorted } from "simple-statistics";
import { type Luck, luckOf } from "../chance";
import { requirePositive } from "../input-error";
import type { Band } from "../quantity/band";
import { proofLoadN } from "../thread/preload";
import type { StrengthClass } from "../thread/strength";
import { type Thread, diameterMm } from "../thread/thread";
import { drawNutFactor } from "./joint";
import { frictionOf, yieldForceN } from "./yield-force";

/** How bolts are made tight. */
export const TECHNIQUES = ["by feel", "torque wrench", "torque, then angle", "to yield"] as const;
export type Technique = (typeof TECHNIQUES)[number];

/** A thousand bolts that are to be alike. */
export interface Batch {
  thread: Thread;
  strength: StrengthClass;
  /** Of the state that the threads are in. */
  nutFactor: Band;
  /** The figure, N·m. */
  torqueNm: number;
  /** Of the wrench, as a share of its setting. */
  accuracy: number;
  technique: Technique;
}

/** What became of them. Forces in N. */
export interface Scatter {
  /** Of each bolt, from the least to the most. */
  forces: readonly number[];
  meanN: number;
  /** 95 of 100 lie between these, and how far that is from the mean, as a share. */
  most: Band;
  shares: Band;
  proofN: number;
  /** How many of them are past the proof load, and how many hold less than half of the mean of them all. */
  pastProof: number;
  underHalf: number;
}

/*
 * Two deviations of each, as shares. A hand without a wrench: about ± 35 %, which is what fastener practice gives for
 * it. The rise of a joint from bolt to bolt, ± 10 %, and the yield stress of a batch, ± 8 %: the upper ends of what
 * VDI 2230-1 (table A8) leaves for tightening by angle and to yield.
 */
const FEEL = 0.35;
const RISE = 0.1;
const YIELD = 0.08;
/** Before the angle: this much of the torque brings the parts together. */
const SNUG = 0.3;

/**
 * The clamping forces of so many bolts of a batch. Nut factors are drawn as the Bench's band has them (its half is the
 * standard deviation), and what the wrench is off with its accuracy as two deviations.
 * @throws InputError unless torque and nut factors are positive, and as strengthOf.
 * Example: dry, by torque wrench → 95 of 100 within about a quarter below and a third above the mean.
 */
export function scatter(batch: Batch, count = 1000, seed = 1): Scatter {
  requirePositive(batch.torqueNm, "The torque", "torque");
  batch.nutFactor.forEach((factor) => requirePositive(factor, "The nut factor", "nutFactor"));
  const luck = luckOf(seed, batch.technique);
  const forces = Array.from({ length: count }, () => oneBolt(batch, luck)).sort((a, b) => a - b);
  const meanN = mean(forces);
  const most: Band = [quantileSorted(forces, 0.025), quantileSorted(forces, 0.975)];
  const proofN = proofLoadN(batch.thread, batch.strength);
  return {
    forces,
    meanN,
    most,
    shares: [most[0] / meanN - 1, most[1] / meanN - 1],
    proofN,
    pastProof: forces.filter((force) => force > proofN).length,
    underHalf: forces.filter((force) => force < meanN / 2).length,
  };
}

function oneBolt({ thread, strength, nutFactor, torqueNm, accuracy, technique }: Batch, luck: Luck): number {
  const d = diameterMm(thread) / 1000;
  const factor = drawNutFactor(nutFactor, luck);
  const yieldsN = yieldForceN(thread, strength, frictionOf(factor, thread)) * luck.normal(1, YIELD / 2);
  const byTorque = (nm: number, off: number) => (nm * luck.normal(1, off / 2)) / (factor * d);
  // Past its yield a bolt takes hardly more.
  const held = (force: number) => (force <= yieldsN ? force : yieldsN + (force - yieldsN) * 0.05);
  switch (technique) {
    case "by feel":
      return held(byTorque(torqueNm, FEEL));
    case "torque wrench":
      return held(byTorque(torqueNm, accuracy));
    case "torque, then angle": {
      const meant = torqueNm / (((nutFactor[0] + nutFactor[1]) / 2) * d);
      return held(byTorque(torqueNm * SNUG, accuracy) + meant * (1 - SNUG) * luck.normal(1, RISE / 2));
    }
    case "to yield":
      return yieldsN;
  }
}

/** A histogram: how many lie in each of so many steps of the same width. */
export function histogram(
  forces: readonly number[],
  steps = 24,
  [low, high]: Band = [0, Math.max(...forces) * 1.02],
): { fromN: number; toN: number; count: number }[] {
  const width = (high - low) / steps;
  return Array.from({ length: steps }, (_, i) => {
    const [fromN, toN] = [low + i * width, low + (i + 1) * width];
    return {
      fromN,
      toN,
      count: forces.filter((force) => force >= fromN && (force < toN || i === steps - 1)).length,
    };
  });
}
