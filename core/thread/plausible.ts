import type { TorqueQuantity } from "../quantity/torque-quantity";
import { formatTorque, quantityNm } from "../quantity/torque-quantity";
import type { TorqueUnit } from "../quantity/torque-unit";
import { type Thread, diameterMm, formatThread, stressAreaMm2 } from "./thread";

/** Stress under proof load, N/mm² (ISO 898-1): the weakest and the strongest class in common use. */
const PROOF_CLASS_4_6 = 225;
const PROOF_CLASS_12_9 = 970;

/**
 * The widest band in which a torque for a thread can make sense, N·m: from class 4.6 at 40 % of proof
 * with K 0.12 to class 12.9 at 90 % of proof with K 0.22, where T = K·d·F.
 * @throws InputError for an impossible thread. Example: M6 → about 1.3 to 23.2.
 */
export function plausibleBandNm(thread: Thread): [floor: number, ceiling: number] {
  const diameterM = diameterMm(thread) / 1000;
  const area = stressAreaMm2(thread);
  return [0.12 * diameterM * 0.4 * PROOF_CLASS_4_6 * area, 0.22 * diameterM * 0.9 * PROOF_CLASS_12_9 * area];
}

/** Units to try when a figure does not fit as written, the likeliest slip first. */
const LIKELY_SLIP: Record<TorqueUnit, TorqueUnit[]> = {
  "lbf.ft": ["lbf.in", "N.m"],
  "lbf.in": ["lbf.ft", "N.m"],
  "N.m": ["lbf.ft", "lbf.in", "kgf.m"],
  "kgf.m": ["N.m", "lbf.ft"],
  "kgf.cm": ["kgf.m", "N.m"],
  "cN.m": ["N.m"],
  "dN.m": ["N.m"],
  "kN.m": ["N.m"],
  "ozf.in": ["lbf.in", "N.m"],
};

/**
 * A sentence when a torque cannot be right for a thread, naming the unit that would fit; undefined when it can.
 * It warns and never changes the figure.
 * Example: 106 lb·ft on M6 → "106 lb·ft would break an M6. As lb·in it is 12.0 N·m, which fits."
 */
export function doubtTorque(torque: TorqueQuantity, thread: Thread): string | undefined {
  const [floor, ceiling] = plausibleBandNm(thread);
  const given = quantityNm(torque);
  if (given >= floor && given <= ceiling) return undefined;
  const says = given > ceiling ? `${formatTorque(torque)} would break an ${formatThread(thread)}.` : `${formatTorque(torque)} would leave an ${formatThread(thread)} loose.`;
  const meant = LIKELY_SLIP[torque.unit].map((unit) => ({ ...torque, unit })).find((other) => quantityNm(other) >= floor && quantityNm(other) <= ceiling);
  if (!meant) return `${says} Look the figure up again.`;
  const fits = meant.unit === "N.m" ? `As ${formatTorque(meant)} it would fit.` : `As ${formatTorque(meant)} it is ${quantityNm(meant).toFixed(1)} N·m, which fits.`;
  return `${says} ${fits} Look it up before you use it.`;
}
