import type { DriveChain } from "../../drive/chain";
import type { Fastener, Part } from "../../model/job";
import type { Amount } from "../../model/supply";
import type { ToolOf } from "../../model/tool";
import type { Tool } from "../../model/tool";
import type { HeadSize } from "../../quantity/head-size";
import type { Adapter } from "../../torque/adapter";
import type { WrenchRefusal, WrenchSetting } from "../../torque/choose-wrench";
import type { Stage } from "../../torque/target";

/** One pull of a torque wrench on one fastener, and how the chest covers it. */
export interface TorqueNeed {
  fastener: Fastener;
  stage: Extract<Stage, { kind: "torque" }>;
  /** The best wrench that is owned, set; undefined when none will do. */
  best: WrenchSetting | undefined;
  /**
   * What stands between the wrench and the bolt: the plan's adapter, or a crowfoot that brings the figure
   * into range.
   */
  adapter: Adapter | undefined;
  /** The owned crowfoot that brings the figure into the wrench's range, where the plan asks for none. */
  crowfoot: ToolOf<"crowfoot"> | undefined;
  multiplier: ToolOf<"multiplier"> | undefined;
  /** How the best wrench's square gets to the socket; undefined when either is not owned. */
  chain: DriveChain | undefined;
  others: WrenchSetting[];
  refused: WrenchRefusal[];
  /** True where nothing but a spanner gets on: then no wrench will ever do. */
  bySpanner: boolean;
}

/** What takes hold of a head, from what will do to what must be. */
export type Grip =
  "socket" | "socket or spanner" | "spanner" | "crowfoot" | "flare spanner" | "flare crowfoot";

export interface HeadUse {
  fastener: Fastener;
  when: "undo" | "do up" | "both" | "hold";
}

/** A head that has to be taken hold of, and how. */
export interface HeadNeed {
  kind: "head";
  head: HeadSize;
  grip: Grip;
  deep: boolean;
  /** True for the tool that keeps the other end still: it is another than the one that turns. */
  holds: boolean;
  uses: HeadUse[];
}

/** Undoing a fastener that was done up to a figure: the bar, and the pull on it. */
export interface BarNeed {
  kind: "bar";
  fastener: Fastener;
  /** What undoing may take, N·m, least and most. */
  torqueNm: readonly [number, number];
}

export type Need =
  | HeadNeed
  | BarNeed
  | ({ kind: "torque" } & TorqueNeed)
  | { kind: "angle"; fastener: Fastener; angleDeg: number }
  /** A head of which no size is written down: it is in the kit all the same, to be looked at. */
  | { kind: "size"; fastener: Fastener }
  | { kind: "part"; part: Part }
  | { kind: "hardware"; name: string; count: number; fastener?: Fastener; boxes: Part[] }
  | { kind: "supply"; name: string; amount: Amount; lost: number }
  | { kind: "special tool"; name: string; days: number; onlyIfNeeded: boolean; turns: Fastener[] }
  | {
      kind: "lifting";
      name: "stands" | "jack" | "wheel chocks";
      says?: string;
      state?: "holds" | "stop" | "unknown";
      tools: Tool[];
    }
  | { kind: "protection"; name: string };

/** A tool that was looked at and not taken, and why. */
export interface Refused {
  tool: Tool;
  why: string;
  fit?: Fit;
}

/**
 * A tool of another size on a head, to be drawn: both across flats, mm, and how far the tool turns before it
 * touches.
 */
export interface Fit {
  toolMm: number;
  headMm: number;
  isKey: boolean;
  turnedDeg: number;
}

/** How a need is met. `says` is a sentence for the person. */
export type Cover =
  | { kind: "owned"; tools: Tool[]; says?: string }
  | { kind: "stand-in"; tools: Tool[]; says: string; fit?: Fit }
  | { kind: "in the box"; says: string }
  | { kind: "in hand"; says?: string }
  | { kind: "on order"; says: string }
  | { kind: "missing"; says?: string; refused: Refused[] }
  /** The plan's figure cannot be right: until it is looked up, nothing can be said. */
  | { kind: "look up"; says: string };

/** One thing that the job needs, what it is for, when it is first wanted, and how it is met. */
export interface KitLine {
  /** Says the same thing whatever else the plan needs. */
  key: string;
  need: Need;
  name: string;
  for: string[];
  /** The place of the first step that wants it. */
  step: number;
  cover: Cover;
}

/** Whether it is a tool: what is kept after the job. */
export function isTool({ kind }: Need): boolean {
  return kind !== "part" && kind !== "hardware" && kind !== "supply";
}

/** Whether it is there, or will be, or is wanted only where the usual way fails. */
export function isCovered({ cover, need }: Pick<KitLine, "cover" | "need">): boolean {
  if (need.kind === "special tool" && need.onlyIfNeeded) return true;
  return cover.kind !== "missing" && cover.kind !== "look up";
}
