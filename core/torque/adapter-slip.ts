import type { TorqueUnit } from "../quantity/torque-unit";
import { fromNm, torqueSymbol } from "../quantity/torque-unit";
import { type TorqueQuantity, convertTorque, formatTorque, formatTorqueValue, quantityNm } from "../quantity/torque-quantity";
import { type Adapter, boltTorqueNm, settingPerGripMm, wrenchTorqueNm } from "./adapter";
import { nearestMark } from "./nearest-mark";

export interface AdapterSlip {
  /** What the wrench should read before rounding to its scale, N·m. */
  exactNm: number;
  /** The nearest mark of the wrench's scale. */
  setting: TorqueQuantity;
  /** What the bolt gets at that mark, N·m. */
  nominalNm: number;
  /** The formula with the numbers in it, a line each. */
  working: string[];
  /** What a hand 10 mm off the middle of the grip changes, in a sentence; undefined without an effect. */
  margin: string | undefined;
  assumes: string;
  caution: string;
}

interface AdapterSlipInput {
  torque: TorqueQuantity;
  gripLengthMm: number;
  adapter: Adapter | undefined;
  unit: TorqueUnit;
  step: number;
  /** The bottom of the wrench's scale, in `unit`; 0 when it is not known. */
  scaleFrom: number;
}

/**
 * One adapter worked through: from the torque at the bolt to the nearest mark on a wrench's own scale.
 * @throws InputError for impossible lengths or a step that is not positive.
 * Example: 40 N·m, 45 mm in line, 380 mm, lb·ft in halves → 35.8 N·m, set 26.5 lb·ft.
 */
export function adapterSlip({ torque, gripLengthMm, adapter, unit, step, scaleFrom }: AdapterSlipInput): AdapterSlip {
  const lever = { gripLengthMm, adapters: adapter ? [adapter] : [] };
  const bolt = quantityNm(torque);
  const exactNm = wrenchTorqueNm(bolt, lever);
  const setting = nearestMark(fromNm(exactNm, unit), unit, step, { from: scaleFrom });
  const nominalNm = boltTorqueNm(quantityNm(setting), lever);
  const working: string[] = [];
  if (torque.unit !== "N.m") working.push(`${formatTorque(torque)} = ${formatTorqueValue(convertTorque(torque, "N.m"))} N·m`);
  if (adapter) {
    working.push("T wrench = T bolt · L / (L + E·cos θ)");
    working.push(`${round(bolt)} · ${round(gripLengthMm)} / (${round(gripLengthMm)} + ${round(adapter.offsetMm)}·cos ${round(adapter.angleDeg)}°) = ${exactNm.toFixed(2)} N·m`);
  }
  if (unit !== "N.m") working.push(`${exactNm.toFixed(2)} N·m = ${fromNm(exactNm, unit).toFixed(2)} ${torqueSymbol(unit)}`);
  working.push(`nearest mark ${formatTorque(setting)}; the bolt gets ${nominalNm.toFixed(1)} N·m`);
  const perTenMm = Math.abs(settingPerGripMm(bolt, lever)) * 10;
  return {
    exactNm,
    setting,
    nominalNm,
    working,
    margin: perTenMm < 0.005 ? undefined : `A hand 10 mm off the middle of the grip changes this by ${perTenMm.toFixed(perTenMm < 0.1 ? 2 : 1)} N·m.`,
    assumes: adapter ? "Pull at the middle of the grip, square to the handle." : "Straight extensions change nothing.",
    caution: "A universal joint is not for torquing. Wind a click wrench back to its lowest mark afterwards.",
  };
}

function round(value: number): string {
  return String(Number(value.toFixed(2)));
}
