import type { HeadSize } from "../model/head-size";
import type { Fastener } from "../model/job";
import type { Tool } from "../model/tool";
import { formatHeadSize, sameHead } from "../quantity/read-head-size";

/** When a head is taken hold of. */
export interface HeadUse {
  fastener: Fastener;
  when: "undo" | "do up" | "both";
}

/** A socket, key, spanner or crowfoot of one size that the plan needs. */
export interface HeadNeed {
  head: HeadSize;
  /** "socket or spanner" does for undoing; tightening to a figure takes a socket; behind something, a crowfoot. */
  type: "socket or spanner" | "socket" | "crowfoot";
  uses: HeadUse[];
  /** Owned tools that fit exactly. */
  tools: Tool[];
}

const FITTING: Record<HeadNeed["type"], readonly Tool["kind"][]> = {
  "socket or spanner": ["socket", "spanner", "crowfoot"],
  socket: ["socket"],
  crowfoot: ["crowfoot"],
};

/**
 * The heads that some fasteners need tools for, each size once, against the chest.
 * A metric size is never covered by an inch one here, however near.
 */
export function headNeeds({ fasteners }: { fasteners: readonly Fastener[] }, tools: readonly Tool[]): HeadNeed[] {
  const needs = new Map<string, HeadNeed>();
  const add = (head: HeadSize, type: HeadNeed["type"], use: HeadUse) => {
    const key = `${type} ${formatHeadSize(head)}`;
    const need = needs.get(key) ?? { head, type, uses: [], tools: tools.filter((tool) => FITTING[type].includes(tool.kind) && "head" in tool && sameHead(tool.head, head)) };
    need.uses.push(use);
    needs.set(key, need);
  };
  for (const fastener of fasteners) {
    const undo = fastener.sizeToUndo;
    const doUp = fastener.sizeToDoUp ?? undo;
    const tightenWith = doUpType(fastener);
    const undoWith = fastener.adapter ? "crowfoot" : "socket or spanner";
    if (undo && doUp && sameHead(undo, doUp) && (tightenWith === undoWith || tightenWith === "socket")) {
      add(undo, tightenWith, { fastener, when: "both" });
      continue;
    }
    if (undo) add(undo, undoWith, { fastener, when: "undo" });
    if (doUp) add(doUp, tightenWith, { fastener, when: "do up" });
  }
  return [...needs.values()];
}

function doUpType(fastener: Fastener): HeadNeed["type"] {
  if (fastener.adapter) return "crowfoot";
  const toFigure = fastener.figure && fastener.figure.form !== "snug" && fastener.figure.form !== "turns";
  return toFigure ? "socket" : "socket or spanner";
}
