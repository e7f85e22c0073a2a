import { chanceOf } from "@/core/chance";

/** How a simulated joint behaves. */
export const JOINT_MOODS = ["sound", "soft", "early", "stripped"] as const;
export type JointMood = (typeof JOINT_MOODS)[number];

/** A joint as a wrench feels it, all at the bolt. */
export interface Joint {
  /** What turns it before anything is clamped, N·m: thread friction, and a locking nut's own. */
  prevailingNm: number;
  /** Turning until the head is on its seat. */
  runDownDeg: number;
  /** Rise once it is seated. */
  elasticNmPerDeg: number;
  /** Where bolt or thread begins to give, and the rise from then on. */
  yieldNm: number;
  plasticNmPerDeg: number;
}

/**
 * A joint for a torque, from a seed and a name: each bolt has its own friction, so that the same torque comes
 * at another angle. The elastic rise is scattered by ±15 %, which is what the nut factor of one batch
 * scatters (formulas.md 5: 0.17 to 0.22).
 */
export function jointFor(aimNm: number, seed: number, name: string, mood: JointMood): Joint {
  const chance = chanceOf(seed, name);
  const between = (low: number, high: number) => low + ((high - low) * chance(0, 10_000)) / 10_000;
  const sound: Joint = {
    prevailingNm: aimNm * between(0.02, 0.06),
    runDownDeg: between(15, 40),
    elasticNmPerDeg: (aimNm / 55) * between(0.85, 1.15),
    yieldNm: aimNm * between(1.5, 1.8),
    plasticNmPerDeg: (aimNm / 55) * 0.06,
  };
  switch (mood) {
    case "sound":
      return sound;
    case "soft":
      return { ...sound, elasticNmPerDeg: sound.elasticNmPerDeg * 0.18 };
    case "early":
      return {
        ...sound,
        runDownDeg: 1,
        prevailingNm: aimNm * 0.25,
        elasticNmPerDeg: sound.elasticNmPerDeg * 4,
      };
    case "stripped":
      return { ...sound, yieldNm: aimNm * 0.45, plasticNmPerDeg: -aimNm / 2000 };
  }
}

/**
 * What a bolt's joint is like: nearly always sound. One in eight is not, so that what is said then can be
 * met.
 */
export function moodOf(seed: number, name: string): JointMood {
  const thrown = chanceOf(seed, `${name} mood`)(1, 24);
  return JOINT_MOODS[thrown] ?? "sound";
}

/**
 * Torque that a joint answers with when it has been turned this far from where it was started by hand, N·m.
 * Example: unturned → 0.
 */
export function jointTorqueNm(joint: Joint, turnedDeg: number): number {
  if (turnedDeg <= 0) return 0;
  const seatedDeg = turnedDeg - joint.runDownDeg;
  if (seatedDeg <= 0) return joint.prevailingNm;
  const elastic = joint.prevailingNm + joint.elasticNmPerDeg * seatedDeg;
  if (elastic <= joint.yieldNm) return elastic;
  const past = seatedDeg - (joint.yieldNm - joint.prevailingNm) / joint.elasticNmPerDeg;
  return Math.max(0, joint.yieldNm + joint.plasticNmPerDeg * past);
}
