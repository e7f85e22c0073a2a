import type { Luck } from "../chance";
import type { StrengthClass } from "../thread/strength";
import { strengthOf } from "../thread/strength";
import { type Thread, diameterMm, pitchMm } from "../thread/thread";

/** A bolt that does not come, and what has been done to it. */
export interface Seized {
  thread: Thread;
  /** What it takes to break it loose as it stands, N·m. */
  freesNm: number;
  /** Where its shank begins to twist for good, and where it snaps, N·m. */
  yieldsNm: number;
  snapsNm: number;
  /** How far it twists before it yields, degrees. */
  springsDeg: number;
  tried: readonly Remedy[];
  fate: "stuck" | "free" | "snapped";
  /** The most that was leant on it, N·m. */
  leantNm: number;
}

export const REMEDIES = ["penetrating oil and an hour", "heat", "to and fro", "a knock on its head"] as const;
export type Remedy = (typeof REMEDIES)[number];

/*
 * What each leaves of the torque that it takes, drawn between two. No standard has these: our own, in the order in
 * which workshop practice ranks them. The second time the same does less.
 */
const LEAVES: Readonly<Record<Remedy, readonly [low: number, high: number]>> = {
  "penetrating oil and an hour": [0.7, 0.85],
  heat: [0.5, 0.65],
  "to and fro": [0.8, 0.9],
  "a knock on its head": [0.85, 0.95],
};

/** A shank snaps at about a fifth more than it yields at. */
const SNAPS = 1.2;
/** Shear yields at 1/√3 of the pull (von Mises), a plastic section carries a third more (π/12 against π/16). */
const SHEAR = 1 / Math.sqrt(3);

/**
 * The torque at which a bolt's core is twisted through, N·m: (π/12)·d3³·Rp/√3.
 * @throws InputError as strengthOf. Source: torsion of a round bar, fully plastic. Example: M8, 8.8 → about 26.
 */
export function twistsThroughNm(thread: Thread, strength: StrengthClass): number {
  const coreMm = diameterMm(thread) - 1.2269 * pitchMm(thread);
  return ((Math.PI / 12) * coreMm ** 3 * strengthOf(strength, diameterMm(thread)).yield * SHEAR) / 1000;
}

/** How hard it sits: as a share of what its core bears. */
export function seizedBolt(thread: Thread, strength: StrengthClass, share: number): Seized {
  const yieldsNm = twistsThroughNm(thread, strength);
  return {
    thread,
    freesNm: yieldsNm * share,
    yieldsNm,
    snapsNm: yieldsNm * SNAPS,
    springsDeg: 12,
    tried: [],
    fate: "stuck",
    leantNm: 0,
  };
}

/** How far its head has turned under a torque, degrees: straight as a spring does, then further and further. */
export function twistDeg({ yieldsNm, snapsNm, springsDeg }: Seized, torqueNm: number): number {
  const elastic = (Math.min(torqueNm, yieldsNm) / yieldsNm) * springsDeg;
  const beyond = Math.max(0, torqueNm - yieldsNm) / (snapsNm - yieldsNm);
  return elastic + 60 * beyond;
}

/** Leant on: it comes, it snaps, or it stays. */
export function leanOn(bolt: Seized, torqueNm: number): Seized {
  if (bolt.fate !== "stuck") return bolt;
  const leant = { ...bolt, leantNm: Math.max(bolt.leantNm, torqueNm) };
  if (torqueNm >= bolt.freesNm && bolt.freesNm <= bolt.snapsNm) return { ...leant, fate: "free" };
  if (torqueNm >= bolt.snapsNm) return { ...leant, fate: "snapped" };
  // Twisted for good, its core is weaker the next time.
  return torqueNm > bolt.yieldsNm
    ? { ...leant, snapsNm: Math.max(bolt.yieldsNm, bolt.snapsNm * 0.97) }
    : leant;
}

/** Something done to it. */
export function remedied(bolt: Seized, remedy: Remedy, luck: Luck): Seized {
  if (bolt.fate !== "stuck") return bolt;
  const [low, high] = LEAVES[remedy];
  const times = bolt.tried.filter((one) => one === remedy).length;
  const leaves = 1 - (1 - luck.between(low, high)) / (times + 1);
  return { ...bolt, freesNm: bolt.freesNm * leaves, tried: [...bolt.tried, remedy] };
}
