import { requireFinite, requirePositive } from "../input-error";
import type { TorqueQuantity } from "../quantity/torque-quantity";
import type { TorqueUnit } from "../quantity/torque-unit";

/**
 * The mark on a wrench's scale nearest to a value, or with `way` "down" the highest one not above it.
 * Marks are counted in steps from `from`, the bottom of the scale. Value, step, bottom and answer are all in
 * `unit`. @throws InputError when the step is not positive. Example: nearestMark(26.379, "lbf.ft", 0.5) →
 * 26.5 lb·ft, shown with one decimal.
 */
export function nearestMark(
  value: number,
  unit: TorqueUnit,
  step: number,
  { from = 0, way = "nearest" }: { from?: number; way?: "nearest" | "down" } = {},
): TorqueQuantity {
  requirePositive(step, "The wrench's smallest step", "step");
  requireFinite(value, "The torque", "torque");
  const steps = (value - from) / step;
  const marks = way === "down" ? Math.floor(steps + 1e-9) : Math.round(steps);
  const decimals = Math.max(stepDecimals(step), stepDecimals(from));
  return { value: Number((from + marks * step).toFixed(decimals)), unit, decimals };
}

/** Decimals needed to show every multiple of a step: 0.5 → 1, 0.25 → 2, 2 → 0. */
export function stepDecimals(step: number): number {
  const found = [0, 1, 2, 3].find(
    (places) => Math.abs(step * 10 ** places - Math.round(step * 10 ** places)) < 1e-9,
  );
  return found ?? 4;
}
