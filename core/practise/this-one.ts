import { luckOf } from "../chance";
import { jointFeels } from "../fastener/joint-feels";
import { type JointKind, jointOf } from "../joint/joint";
import type { TorqueNeed } from "../kit/needs/need";
import type { Fastener } from "../model/job";
import { quantityNm } from "../quantity/torque-quantity";
import { formatTorque } from "../quantity/torque-quantity";
import type { TorqueUnit } from "../quantity/torque-unit";
import { threadsOfHead } from "../thread/head-threads";
import { usualTorque } from "../thread/likely";
import { type StrengthClass, isDefinedFor } from "../thread/strength";
import { type Thread, diameterMm } from "../thread/thread";
import { METRIC_PITCHES } from "../thread/thread-table";
import { wrenchAccuracy } from "../torque/choose-wrench";
import type { TaskOf } from "./drill";

/** What a fastener of a plan is done up into. */
function kindOf(fastener: Fastener): JointKind {
  const { locking, soft } = jointFeels(fastener);
  if (locking) return "locking nut";
  if (soft) return "gasket";
  if (fastener.threadIs === "oiled" || (!fastener.threadIs && fastener.condition === "oiled")) return "oiled";
  return fastener.into === "aluminium" ? "aluminium" : "steel";
}

/**
 * The thread of a fastener: its own, or of those that its head has, or of any, the one that usually gets a torque
 * nearest to this.
 */
export function threadMeant({ thread, sizeToUndo, sizeToDoUp }: Fastener, aimNm: number): Thread {
  if (thread) return thread;
  const head = sizeToDoUp ?? sizeToUndo;
  const any = METRIC_PITCHES.map(({ diameterMm: mm, coarseMm }): Thread => ({
    system: "metric",
    diameterMm: mm,
    pitchMm: coarseMm,
  })).filter((one) => isDefinedFor("8.8", diameterMm(one)));
  const known = head ? threadsOfHead(head).filter((one) => isDefinedFor("8.8", diameterMm(one))) : [];
  const off = (one: Thread) => Math.abs(Math.log(usualTorque(one, {}).nm / aimNm));
  return (known.length > 0 ? known : any).reduce((best, one) => (off(one) < off(best) ? one : best));
}

/** A class that is strong enough for the figure: its own, or the first that is not past its yield there. */
function strengthMeant({ strength }: Fastener, thread: Thread): StrengthClass {
  return strength && isDefinedFor(strength, diameterMm(thread)) ? strength : "10.9";
}

/**
 * A fastener of a plan as a pull to practise: its figure, the wrench that the kit has for it, its adapter.
 * @param need what the kit says of this pull. @param seed another joint each time.
 */
export function thisOne(
  fastener: Fastener,
  need: TorqueNeed,
  unit: TorqueUnit,
  seed: number,
): TaskOf<"pull"> {
  const { target, given } = need.stage;
  const { best } = need;
  const luck = luckOf(seed, fastener.id);
  const thread = threadMeant(fastener, target.aimNm);
  const joint = jointOf(
    { kind: kindOf(fastener), thread, strength: strengthMeant(fastener, thread), aimNm: target.aimNm },
    luck,
  );
  const setNm = best ? quantityNm(best.setting) : target.aimNm;
  const gripMm = best?.wrench.gripLengthMm ?? 400;
  const ratio = best ? best.nominalNm / setNm : 1;
  return {
    kind: "pull",
    asks: `${fastener.name}: ${formatTorque(given)}`,
    detail: best
      ? `${best.wrench.name}, set to ${formatTorque(best.setting)}.`
      : "No wrench in the chest can be set for it: this is how one that could would feel.",
    on: {
      joint,
      face: best?.wrench.works ?? "click",
      setNm,
      fullNm: best ? quantityNm({ value: best.wrench.max, unit: best.wrench.unit, decimals: 0 }) : setNm * 2,
      gripMm,
      addsMm: gripMm * (ratio - 1),
      reads: luck.normal(1, (best ? wrenchAccuracy(best.wrench) : 0.04) / 2),
    },
    target,
    scaleUnit: best?.wrench.unit ?? unit,
    unit,
    isSound: true,
  };
}
