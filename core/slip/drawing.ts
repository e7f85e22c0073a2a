import type { Interval } from "../quantity/interval";
import type { TorqueUnit } from "../quantity/torque-unit";
import type { Thread } from "../thread/thread";

/** What a slip's drawing shows, in true measures; the interface draws it to scale. Lengths in mm, angles in degrees, torques in N·m. */
export type Drawing =
  | { of: "nothing" }
  | { of: "scales"; torquesNm: readonly number[] }
  | { of: "adapter"; gripLengthMm: number; adapters: readonly { offsetMm: number; angleDeg: number }[] }
  | { of: "band"; torquesNm: readonly number[]; each: readonly { thread: Thread; bandNm: Interval; fits: boolean }[]; maximumNm: number | undefined; unit: TorqueUnit }
  | { of: "clamp"; forceIfIgnored: Interval }
  | { of: "fit"; toolMm: number; headMm: number; isKey: boolean; turnedDeg: number | undefined }
  | { of: "chain"; barLengthMm: number; pullN: number; pullLimitN: number; pieces: readonly { name: string; limitNm: number }[]; torqueNm: Interval }
  | { of: "pattern"; points: readonly { x: number; y: number }[]; order: readonly number[]; canDrag: boolean }
  | { of: "clock"; from: number; angleDeg: number; swings: readonly number[] }
  /** How far the next slot is short of the hole, and whether the nut goes on to it or back to the one before. */
  | { of: "castle"; slots: number; shortDeg: number; way: "on" | "back" }
  | { of: "turns"; turns: number; pitchMm: number; from: number; to: number }
  | { of: "toe"; rimMm: number; angleDeg: number; acrossMm: number }
  | { of: "stud"; diameterMm: number; pitchMm: number; lengthMm: number; layers: readonly { name: string; mm: number }[]; wantedMm: number; depthMm: number | undefined }
  | { of: "levels"; capacityL: number; parts: readonly { name: string; litres: number; look: "left" | "concentrate" | "water" }[] }
  | {
      of: "stands";
      wheelbaseMm: number;
      frontInsetMm: number | undefined;
      rearInsetMm: number | undefined;
      liftMm: number;
      slopeDeg: number;
      roll: "forward" | "backward" | undefined;
    };

/** The measures of one kind of drawing. */
export type DrawingOf<K extends Drawing["of"]> = Omit<Extract<Drawing, { of: K }>, "of">;
