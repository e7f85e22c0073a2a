import { type TorqueUnit, fromNm, torqueSymbol } from "./torque-unit";

/** "38.5 to 41.9 N·m": a band in the unit that the vehicle's torques are given in. */
export function formatBand([lowNm, highNm]: readonly [number, number], unit: TorqueUnit): string {
  const low = fromNm(lowNm, unit);
  const high = fromNm(highNm, unit);
  return `${low.toFixed(1)} to ${high.toFixed(1)} ${torqueSymbol(unit)}`;
}
