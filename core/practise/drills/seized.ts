import { seizedBolt } from "../../joint/seized";
import type { Level } from "../../model/drill";
import { readThread } from "../../thread/thread";
import type { Drill } from "../drill";

/** How hard it sits, as a share of what its core bears, from level to level. */
const SITS: Readonly<Record<Level, readonly [low: number, high: number]>> = {
  1: [0.6, 1.0],
  2: [0.8, 1.3],
  3: [1.1, 1.6],
  4: [1.3, 2],
  5: [1.5, 2.6],
};

export const seizedDrill: Drill = {
  skill: "seized",
  title: "The bolt that does not come",
  about: "Feel where it twists instead of turning, and stop there",
  slip: "bar",
  task: (level, luck) => {
    const thread = readThread(luck.pick(["M6", "M8", "M10"]));
    const bolt = seizedBolt(thread, "8.8", luck.between(...SITS[level]));
    return {
      kind: "seized",
      asks: "Undo it, and keep it whole",
      detail:
        "Lean a little harder each time. Where the head turns on and the pull hardly grows, the shank is twisting.",
      bolt,
      stepNm: bolt.yieldsNm / 12,
      luck,
      unit: "N.m",
    };
  },
};
