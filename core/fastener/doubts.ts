import type { Fastener } from "../model/job";
import { torquesOf } from "../torque/torques-of";
import { judgeFigure } from "./judge-figure";

/**
 * Something to be wary of. A grave one means that the figure as written would break the fastener or leave it
 * loose.
 */
export interface Doubt {
  says: string;
  grave: boolean;
  /** Said of a figure while nothing is known of where it is from. */
  unsourced?: true;
}

/** Whether a fastener has a torque that nobody can look up again. */
export function lacksSource({ figure, source }: Fastener): boolean {
  return figure !== undefined && torquesOf(figure).length > 0 && source === undefined;
}

/**
 * What to be wary of in a fastener's figure, gravest first: a torque that its thread cannot bear, or where no
 * thread is written down none of those that its head usually has; no source,
 * a figure from memory or in doubt, a single-use fastener used again. Shown in Plan and again at the moment
 * of tightening.
 */
export function fastenerDoubts(fastener: Fastener): Doubt[] {
  const doubts: Doubt[] = [];
  const wary = (says: string) => doubts.push({ says, grave: false });
  const { figure, source } = fastener;
  const judged = judgeFigure(fastener);
  if (judged) doubts.push({ says: judged.says, grave: judged.grave });
  if (lacksSource(fastener))
    doubts.push({
      says: "This figure has no source. Look it up before you rely on it.",
      grave: false,
      unsourced: true,
    });
  else if (figure && torquesOf(figure).length > 0) {
    if (source === "memory") wary("This figure is from memory. Look it up before you rely on it.");
    else if (fastener.doubtful) wary("This figure was marked doubtful.");
  }
  if (fastener.singleUse)
    wary(
      fastener.reuseReason ? `Single-use, used again: ${fastener.reuseReason}` : "Single-use: fit a new one.",
    );
  return doubts;
}
