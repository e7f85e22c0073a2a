import { requirePositive } from "../input-error";
import { type Band, over } from "../quantity/band";
import { type StrengthClass, strengthOf } from "./strength";
import { type Thread, diameterMm, stressAreaMm2 } from "./thread";

/**
 * Clamping force, N: F = T / (K·d), with torque and nut factor as intervals.
 * @throws InputError unless torque and nut factor are positive.
 * Source: short form torque equation. Example: 40 N·m, K 0.17 to 0.22, M10 → 18.2 to 23.5 kN.
 */
export function preloadN(torqueNm: Band, nutFactor: Band, thread: Thread): Band {
  torqueNm.forEach((torque) => requirePositive(torque, "The torque", "torque"));
  nutFactor.forEach((factor) => requirePositive(factor, "The nut factor"));
  requirePositive(diameterMm(thread), "The thread's diameter", "thread");
  const d = diameterMm(thread) / 1000;
  return over(torqueNm, [nutFactor[0] * d, nutFactor[1] * d]);
}

/**
 * The force a thread of a class is proofed to, N. @throws InputError as strengthOf. Example: M10, 8.8 → 33
 * 600.
 */
export function proofLoadN(thread: Thread, strength: StrengthClass): number {
  return strengthOf(strength, diameterMm(thread)).proof * stressAreaMm2(thread);
}
