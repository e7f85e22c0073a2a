import type { Fastener } from "../../model/job";
import { quantityNm } from "../../quantity/torque-quantity";
import { proofLoadN } from "../../thread/preload";
import { hasStrengths, isDefinedFor } from "../../thread/strength";
import { diameterMm } from "../../thread/thread";
import { endsInAngle, holdingTorques } from "../../torque/torques-of";

/**
 * The most that a fastener's figure puts on it, N·m; undefined when none is written down. Torque then angle
 * goes on past its torque: with the thread known it is taken to what class 10.9 bears (K 0.18), as such bolts
 * are turned close to yield; otherwise to three times the torque.
 */
export function highestNm({ figure, thread, strength }: Fastener): number | undefined {
  if (!figure) return undefined;
  const torques = holdingTorques(figure).map(quantityNm);
  if (torques.length === 0) return undefined;
  const most = Math.max(...torques);
  if (!endsInAngle(figure)) return most;
  const known = strength && thread && isDefinedFor(strength, diameterMm(thread)) ? strength : "10.9";
  return Math.max(
    most,
    thread && hasStrengths(diameterMm(thread))
      ? 0.18 * (diameterMm(thread) / 1000) * proofLoadN(thread, known)
      : 3 * most,
  );
}
