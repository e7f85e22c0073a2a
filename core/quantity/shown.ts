import { type Band } from "./band";
import { roundedDown } from "./torque-quantity";
import { type TorqueUnit, fromNm, torqueSymbol } from "./torque-unit";

/**
 * A number to so many significant digits, without an exponent and without noughts that say nothing: 0.33062 →
 * "0.331".
 */
export function shown(value: number, digits = 3): string {
  if (value === 0) return "0";
  const decimals = Math.min(12, Math.max(0, digits - 1 - Math.floor(Math.log10(Math.abs(value)))));
  const fixed = value.toFixed(decimals);
  return fixed.includes(".") ? fixed.replace(/\.?0+$/, "") : fixed;
}

/** "12 to 15", or one number where both ends show the same. */
export function shownBand([low, high]: Band, digits = 3): string {
  const [from, to] = [shown(low, digits), shown(high, digits)];
  return from === to ? from : `${from} to ${to}`;
}

/**
 * A torque of so many N·m told in a unit, to a tenth or three digits, whichever is finer: "40.2 N·m", "0.284
 * lb·ft". With `way` "down" it is cut instead of rounded, for what must not be passed.
 */
export function shownTorque(torqueNm: number, unit: TorqueUnit, way: "nearest" | "down" = "nearest"): string {
  const value = fromNm(torqueNm, unit);
  if (way === "down" && value > 0) {
    const decimals = value >= 10 ? 1 : Math.max(0, 2 - Math.floor(Math.log10(value)));
    return `${shown(roundedDown(value, decimals), 6)} ${torqueSymbol(unit)}`;
  }
  return `${Math.abs(value) >= 10 ? value.toFixed(1) : shown(value)} ${torqueSymbol(unit)}`;
}
