import type { Fastener } from "../model/job";
import type { TorqueQuantity } from "../quantity/torque-quantity";
import { doubtTorque } from "../thread/plausible";

/** Every torque written in a fastener's figure. */
function torquesIn({ figure }: Fastener): TorqueQuantity[] {
  switch (figure?.form) {
    case "value":
    case "maximum":
    case "angle":
      return [figure.torque];
    case "range":
      return [figure.low, figure.high];
    case "passes":
      return figure.torques;
    default:
      return [];
  }
}

/** Something to be wary of. A grave one means that the figure as written would break the fastener or leave it loose. */
export interface Doubt {
  says: string;
  grave: boolean;
}

/**
 * What to be wary of in a fastener's figure, gravest first: a torque its thread cannot bear, no source,
 * a figure from memory or in doubt, a single-use fastener used again. Shown in Plan and again at the moment of tightening.
 */
export function fastenerDoubts(fastener: Fastener): Doubt[] {
  const doubts: Doubt[] = [];
  const wary = (says: string) => doubts.push({ says, grave: false });
  const { thread, figure, source } = fastener;
  if (thread) {
    // Early passes are meant to be low: only the last torque, and anything too high, is held to the band.
    const torques = torquesIn(fastener);
    const judged = figure?.form === "passes" || figure?.form === "angle" ? torques.slice(-1) : torques;
    for (const says of new Set(judged.flatMap((torque) => doubtTorque(torque, thread) ?? []))) doubts.push({ says, grave: true });
  }
  if (figure && figure.form !== "snug") {
    if (source === undefined) wary("This figure has no source. Look it up before you rely on it.");
    else if (source === "memory") wary("This figure is from memory. Look it up before you rely on it.");
    else if (fastener.doubtful) wary("This figure was marked doubtful.");
  }
  if (fastener.singleUse) wary(fastener.reuseReason ? `Single-use, used again: ${fastener.reuseReason}` : "Single-use: fit a new one.");
  return doubts;
}
