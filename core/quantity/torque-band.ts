import { roundedDown } from "./torque-quantity";
import { type TorqueUnit, fromNm, torqueSymbol } from "./torque-unit";

/** "38.5 to 41.9 N·m": what a torque may come to, in the unit that the vehicle's torques are given in. */
export function formatBand([lowNm, highNm]: readonly [number, number], unit: TorqueUnit): string {
  return `${fromNm(lowNm, unit).toFixed(1)} to ${fromNm(highNm, unit).toFixed(1)} ${torqueSymbol(unit)}`;
}

/** As formatBand, for limits that must be kept: the lower is rounded up and the upper down. */
export function formatLimits([lowNm, highNm]: readonly [number, number], unit: TorqueUnit): string {
  const [low, high] = [-roundedDown(-fromNm(lowNm, unit), 1), roundedDown(fromNm(highNm, unit), 1)];
  // A range narrower than the rounding keeps its own ends.
  return low <= high
    ? `${low.toFixed(1)} to ${high.toFixed(1)} ${torqueSymbol(unit)}`
    : `${fromNm(lowNm, unit).toFixed(2)} to ${fromNm(highNm, unit).toFixed(2)} ${torqueSymbol(unit)}`;
}
