import type { ToolOf } from "../../model/tool";
import { toNm } from "../../quantity/torque-unit";
import type { TorqueNeed } from "../needs/need";

/** What would bring a figure that no owned wrench can be set for into one's range. */
export interface Way {
  wrench: ToolOf<"torque wrench">;
  /** Offset of a crowfoot, mm, from least to most, in line or folded back. */
  offsetMm?: readonly [number, number];
  angleDeg?: 0 | 180;
  /** Ratio of a multiplier at 90 % efficiency. */
  ratio?: number;
}

/** Crowfoots longer than this are not made. */
const LONGEST_CROWFOOT_MM = 90;

/**
 * Per owned wrench: the crowfoot in line that lowers the setting into its range, folded back that raises it,
 * or the multiplier. Source: T_wrench = T · L / (L ± E). Example: 19 N·m on 240 mm ending at 16.95 → 29 mm or
 * more in line.
 */
export function waysIntoRange(
  { stage, adapter, bySpanner }: Pick<TorqueNeed, "stage" | "adapter" | "bySpanner">,
  wrenches: readonly ToolOf<"torque wrench">[],
): Way[] {
  if (adapter || bySpanner) return [];
  const torque = stage.target.aimNm;
  const ways = wrenches.flatMap((wrench): Way[] => {
    const top = toNm(wrench.max, wrench.unit);
    const bottom = Math.max(toNm(wrench.min, wrench.unit), top / 5);
    const grip = wrench.gripLengthMm;
    // Not measured: no crowfoot can be reckoned with.
    if (grip === undefined) return torque > top ? throughMultiplier(wrench, torque, top) : [];
    if (torque > top) {
      const least = Math.ceil(grip * (torque / top - 1));
      const most = Math.min(LONGEST_CROWFOOT_MM, Math.floor(grip * (torque / bottom - 1)));
      if (least <= most) return [{ wrench, offsetMm: [least, most], angleDeg: 0 }];
      return throughMultiplier(wrench, torque, top);
    }
    if (torque < bottom) {
      const least = Math.ceil(grip * (1 - torque / bottom));
      const most = Math.min(LONGEST_CROWFOOT_MM, Math.floor(grip * (1 - torque / top)));
      return least <= most ? [{ wrench, offsetMm: [least, most], angleDeg: 180 }] : [];
    }
    return [];
  });
  // In line is handier than folded back, and a multiplier the last resort.
  const rank = ({ angleDeg, ratio }: Way) => {
    if (ratio !== undefined) return 2;
    if (angleDeg === 180) return 1;
    return 0;
  };
  return ways.sort((a, b) => rank(a) - rank(b));
}

/** Through a multiplier that leaves a tenth of the wrench's scale free. */
function throughMultiplier(wrench: ToolOf<"torque wrench">, torqueNm: number, topNm: number): Way[] {
  const ratio = torqueNm / (topNm * 0.9);
  return ratio <= 25 ? [{ wrench, ratio }] : [];
}
