import { isSpannerOnly } from "../../fastener/held-still";
import type { Fastener } from "../../model/job";
import { type HeadSize, isRecess } from "../../quantity/head-size";
import { formatHeadSize, sameHead } from "../../quantity/read-head-size";
import { torquesOf } from "../../torque/torques-of";
import type { Grip, HeadNeed, HeadUse } from "./need";

/**
 * The heads that some fasteners need tools for, each size and way of holding it once: to undo, to do up, to
 * hold the other end. Example: a 16 mm bolt to 40 N·m, its nut held with a 17 → a 16 mm socket, and a 17 mm
 * spanner or socket to hold.
 */
export function headNeeds(fasteners: readonly Fastener[]): HeadNeed[] {
  const needs = new Map<string, HeadNeed>();
  const add = (head: HeadSize, grip: Grip, use: HeadUse) => {
    const deep = use.fastener.deepSocket === true && grip.includes("socket") && use.when !== "hold";
    const key = headKey({ head, grip, deep, holds: use.when === "hold" });
    const need = needs.get(key) ?? { kind: "head", head, grip, deep, holds: use.when === "hold", uses: [] };
    need.uses.push(use);
    needs.set(key, need);
  };
  for (const fastener of fasteners) {
    const undo = fastener.sizeToUndo;
    const doUp = fastener.sizeToDoUp ?? undo;
    const undoWith = undoGrip(fastener);
    const tightenWith = doUpGrip(fastener);
    if (undo && doUp && sameHead(undo, doUp) && (tightenWith === undoWith || serves(tightenWith, undoWith)))
      add(undo, tightenWith, { fastener, when: "both" });
    else {
      if (undo) add(undo, undoWith, { fastener, when: "undo" });
      if (doUp) add(doUp, tightenWith, { fastener, when: "do up" });
    }
    const held = fastener.counterHold?.size;
    if (held) add(held, "socket or spanner", { fastener, when: "hold" });
  }
  return [...needs.values()];
}

/** The key of a head need. Example: "socket 13 mm deep". */
export function headKey({
  head,
  grip,
  deep,
  holds,
}: Pick<HeadNeed, "head" | "grip" | "deep" | "holds">): string {
  return [holds ? "hold with" : grip, formatHeadSize(head), deep && "deep"].filter(Boolean).join(" ");
}

/** "10 mm flare spanner", "13 mm deep socket". */
export function headName({ head, grip, deep }: Pick<HeadNeed, "head" | "grip" | "deep">): string {
  const key = isRecess(head);
  const said = key ? grip.replace("socket or spanner", "bit or key").replace("socket", "bit") : grip;
  return `${formatHeadSize(head).replace(/ key$/, " hexagon")} ${deep ? "deep " : ""}${said}`;
}

/** Whether what tightens it also undoes it. */
function serves(tighten: Grip, undo: Grip): boolean {
  return (
    (tighten === "socket" && undo === "socket or spanner") ||
    (tighten === "flare crowfoot" && undo === "flare spanner")
  );
}

function undoGrip(fastener: Fastener): Grip {
  if (fastener.overPipe) return "flare spanner";
  if (fastener.adapter || fastener.access === "crowfoot only") return "crowfoot";
  return isSpannerOnly(fastener) ? "spanner" : "socket or spanner";
}

function doUpGrip(fastener: Fastener): Grip {
  if (fastener.overPipe)
    return fastener.adapter || fastener.access === "crowfoot only" ? "flare crowfoot" : "flare spanner";
  if (fastener.adapter || fastener.access === "crowfoot only") return "crowfoot";
  if (isSpannerOnly(fastener)) return "spanner";
  const toFigure = fastener.figure && torquesOf(fastener.figure).length > 0;
  return toFigure ? "socket" : "socket or spanner";
}
