import { capital } from "@/core/capital";
import { holdWords } from "@/core/fastener/held-still";
import { goesToSlot } from "@/core/fastener/how-tight";
import type { TorqueNeed } from "@/core/kit/needs/need";
import { turnerOf } from "@/core/kit/needs/turned-by";
import type { Fastener } from "@/core/model/job";
import type { Role } from "@/core/model/role";
import { formatHeadSize } from "@/core/quantity/read-head-size";
import { formatTorque } from "@/core/quantity/torque-quantity";
import { angleSaid } from "@/core/torque/adapter";
import { LOCKED_AFTER, type Stage } from "@/core/torque/target";
import type { How } from "@/core/work/progress";
import type { FaceProps } from "./face";
import { HOW, SAYS } from "./stage-words";

export function boltTitle(
  { count }: Fastener,
  order: readonly number[],
  next: number | undefined,
  current: Stage,
): string {
  if (next === undefined) return count === 1 ? "It is done" : `All ${count} done`;
  const called = current.kind === "fitted" ? capital(current.as) : "Bolt";
  return count === 1 ? "The one" : `${called} ${order.indexOf(next) + 1} of ${count}`;
}

/** What is tightened, with what, and in which state: one line. */
export function about(
  { step, route, fastener }: FaceProps & { fastener: Fastener },
  adapter: Fastener["adapter"],
  pass: string | undefined,
): string {
  const head = fastener.sizeToDoUp ?? fastener.sizeToUndo;
  return [
    step.title.includes(fastener.name) ? `${fastener.count} of them` : `${fastener.count} × ${fastener.name}`,
    turnerOf(route, fastener)?.name ?? (head && formatHeadSize(head)),
    adapter && `crowfoot ${angleSaid(adapter)}`,
    fastener.access && fastener.access !== "room for a torque wrench" && fastener.access,
    fastener.counterHold && holdWords(fastener.counterHold),
    // What is done once it is tight is a stage of its own.
    !LOCKED_AFTER.some((one) => one === fastener.locking) && fastener.locking,
    fastener.tightened && `final torque ${fastener.tightened}`,
    pass,
  ]
    .filter(Boolean)
    .join(", ");
}

/**
 * With what a bolt is brought to its torque, and what is set on it: the wrench of the Kit, a spanner where nothing
 * else gets on, and where there is no wrench for it by feel.
 */
export function howPulled(current: Stage, pull: TorqueNeed | undefined, { access }: Fastener): How {
  if (current.kind !== "torque") return {};
  if (pull?.bySpanner) return { by: "spanner" };
  if (!pull?.best || access === "by feel") return { by: "feel" };
  return { by: "wrench", set: pull.best.setting, boltNm: pull.best.nominalNm };
}

export interface Pulling {
  next: number | undefined;
  current: Stage;
  pull: TorqueNeed | undefined;
}

/** What to do with the hand, under the bolt that is next. */
export function howTo({ pulling, next, current, pull }: Pulling & { pulling: boolean }): string {
  const wrench = pull?.best?.wrench;
  if (pulling) return "Pull until the bar stands in the box, then let go.";
  if (next === undefined)
    return `Look once more, then go on.${wrench?.works === "click" ? " Wind the wrench back to its lowest mark." : ""}`;
  if (current.kind !== "torque") return HOW[current.kind];
  if (pull?.bySpanner) return "Pull evenly until the scale shows it, then tap.";
  if (!wrench)
    return "By feel it is a guess, and the log will say so. Borrow a wrench, or put one on it later.";
  return wrench && wrench.works !== "click" ? "Pull evenly until it reads that, then tap." : HOW.torque;
}

/** A castle nut: least first, on to the slot, never back; one on taper rollers is another matter. */
export function toTheSlot(fastener: Fastener, role: Role | undefined): string | undefined {
  if (!goesToSlot(fastener)) return undefined;
  const most =
    fastener.figure?.form === "range" ? `, and no further than ${formatTorque(fastener.figure.high)}` : "";
  const on = `Then on to the next slot that meets the hole, never back to one${most}. The new pin goes through it.`;
  return role === "hub and axle"
    ? `${on} A hub on taper rollers is backed off instead: then stop, and put its figure right in the plan.`
    : on;
}

export function boltButton(goesOn: boolean, { current, pull }: Pick<Pulling, "current" | "pull">): string {
  if (goesOn) return "Next step";
  return current.kind === "torque" && pull?.bySpanner ? "Pulled" : SAYS[current.kind];
}
