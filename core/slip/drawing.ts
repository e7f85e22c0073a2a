import type { Band } from "../quantity/band";
import type { TorqueUnit } from "../quantity/torque-unit";
import type { Thread } from "../thread/thread";

/**
 * What a slip's drawing shows, in true measures; the interface draws it to scale. Lengths in mm, angles in
 * degrees, torques in N·m.
 */
export type Drawing =
  | { kind: "nothing" }
  | { kind: "scales"; torquesNm: readonly number[] }
  | { kind: "adapter"; gripLengthMm: number; adapters: readonly { offsetMm: number; angleDeg: number }[] }
  | {
      kind: "band";
      torquesNm: readonly number[];
      each: readonly { thread: Thread; bandNm: Band; fits: boolean }[];
      maximumNm: number | undefined;
      unit: TorqueUnit;
    }
  | { kind: "clamp"; forceIfIgnored: Band }
  | { kind: "fit"; toolMm: number; headMm: number; isKey: boolean; turnedDeg: number | undefined }
  | {
      kind: "chain";
      barLengthMm: number;
      pullN: number;
      pullLimitN: number;
      pieces: readonly { name: string; limitNm: number }[];
      torqueNm: Band;
    }
  | {
      kind: "pattern";
      points: readonly { x: number; y: number }[];
      order: readonly number[];
      canDrag: boolean;
    }
  | { kind: "clock"; from: number; angleDeg: number; swings: readonly number[] }
  /**
   * How far the next slot is short of the hole, and whether the nut goes on to it or back to the one before.
   */
  | { kind: "castle"; slots: number; shortDeg: number; way: "on" | "back" }
  | { kind: "turns"; turns: number; pitchMm: number; from: number; to: number }
  | { kind: "toe"; rimMm: number; angleDeg: number; acrossMm: number }
  | {
      kind: "stud";
      diameterMm: number;
      pitchMm: number;
      lengthMm: number;
      layers: readonly { name: string; mm: number }[];
      wantedMm: number;
      depthMm: number | undefined;
    }
  | {
      kind: "levels";
      capacityL: number;
      parts: readonly { name: string; litres: number; look: "left" | "concentrate" | "water" }[];
    }
  | {
      kind: "stands";
      wheelbaseMm: number;
      frontInsetMm: number | undefined;
      rearInsetMm: number | undefined;
      liftMm: number;
      slopeDeg: number;
      roll: "forward" | "backward" | undefined;
    };

/** The measures of one kind of drawing. */
export type DrawingOf<K extends Drawing["kind"]> = Omit<Extract<Drawing, { kind: K }>, "kind">;
