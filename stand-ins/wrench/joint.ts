import { chanceOf, luckOf } from "@/core/chance";
import type { Joint } from "@/core/joint/joint";
import { diameterMm, readThread } from "@/core/thread/thread";

/** How a simulated joint behaves. */
export const JOINT_MOODS = ["sound", "soft", "early", "stripped"] as const;
export type JointMood = (typeof JOINT_MOODS)[number];

/** A wrench is told a torque and no thread: whichever it is, its clamping force follows from these. */
const THREAD = readThread("M10");
const NUT_FACTOR = 0.18;
const NM_PER_N = NUT_FACTOR * (diameterMm(THREAD) / 1000);

/**
 * A joint for a torque, from a seed and a name: each bolt has its own friction, so that the same torque comes
 * at another angle. The elastic rise is scattered by ±15 %, which is what the nut factor of one batch
 * scatters (formulas.md 5: 0.17 to 0.22).
 */
export function jointFor(aimNm: number, seed: number, name: string, mood: JointMood): Joint {
  const { between } = luckOf(seed, name);
  const sound: Joint = {
    kind: "steel",
    thread: THREAD,
    strength: "8.8",
    nutFactor: NUT_FACTOR,
    prevailingNm: aimNm * between(0.02, 0.06),
    runDownDeg: between(15, 40),
    clampPerDeg: ((aimNm / 55) * between(0.85, 1.15)) / NM_PER_N,
    givesN: (aimNm * between(1.5, 1.8)) / NM_PER_N,
    thenShare: 0.06,
    bindsNmPerDeg: 0,
    bindsFromDeg: 0,
    chatter: 0,
    settles: 0,
  };
  switch (mood) {
    case "sound":
      return sound;
    case "soft":
      return { ...sound, clampPerDeg: sound.clampPerDeg * 0.18 };
    case "early":
      return {
        ...sound,
        runDownDeg: 1,
        prevailingNm: aimNm * 0.25,
        clampPerDeg: sound.clampPerDeg * 4,
      };
    case "stripped":
      return { ...sound, givesN: (aimNm * 0.4) / NM_PER_N, thenShare: -0.03 };
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
