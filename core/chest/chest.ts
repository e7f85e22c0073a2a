import { type FindChain, chainFinder } from "../drive/chain";
import type { Tool, ToolOf } from "../model/tool";
import type { HeadSize } from "../quantity/head-size";
import { INCH_MM } from "../quantity/measure";
import { formatHeadSize } from "../quantity/read-head-size";

/** Tools with a head, by what they do to it. */
export type HeadTool = ToolOf<"socket" | "key" | "spanner" | "crowfoot">;

/** A tool for a hexagon, and its size across flats, mm. */
export interface SizedTool {
  tool: HeadTool;
  acrossMm: number;
}

/** The tools that are at hand, laid out so that each question about them is answered quickly. */
export interface Chest {
  tools: readonly Tool[];
  /** Those lent out: they cover nothing, but are worth asking back. */
  lent: readonly Tool[];
  ofKind: <K extends Tool["kind"]>(kind: K) => readonly ToolOf<K>[];
  /** Exactly this head; a metric size is never an inch one, however near. */
  onHead: (head: HeadSize) => readonly HeadTool[];
  /** Tools of this profile from one size to another across flats, mm, the smallest first. */
  between: (profile: HeadSize["profile"], fromMm: number, toMm: number) => readonly SizedTool[];
  /** What was worked out about this chest once is not worked out again. */
  remember: <T>(key: string, how: () => T) => T;
  /** Through this chest's adapters and extensions. */
  chain: FindChain;
}

/** Lays out a chest. Example: chestOf(tools).onHead(13 mm) → the 13 mm sockets, spanners and crowfoots. */
export function chestOf(all: readonly Tool[]): Chest {
  const tools = all.filter(({ lentTo }) => lentTo === undefined);
  const byKind = new Map<Tool["kind"], Tool[]>();
  const byHead = new Map<string, HeadTool[]>();
  for (const tool of tools) {
    push(byKind, tool.kind, tool);
    if ("head" in tool) push(byHead, formatHeadSize(tool.head), tool);
  }
  const remembered = new Map<string, unknown>();
  let sized: SizedTool[] | undefined;
  const sizedTools = () =>
    (sized ??= [...byHead.values()]
      .flat()
      .flatMap(withSize)
      .sort((a, b) => a.acrossMm - b.acrossMm));
  return {
    tools,
    lent: all.filter(({ lentTo }) => lentTo !== undefined),
    ofKind: <K extends Tool["kind"]>(kind: K) => (byKind.get(kind) ?? []) as ToolOf<K>[],
    onHead: (head) => byHead.get(formatHeadSize(head)) ?? [],
    between: (profile, fromMm, toMm) =>
      within(sizedTools(), fromMm, toMm).filter(({ tool }) => tool.head.profile === profile),
    remember: <T>(key: string, how: () => T) => {
      const known = remembered.get(key) as T | undefined;
      if (known !== undefined) return known;
      const worked = how();
      remembered.set(key, worked);
      return worked;
    },
    chain: chainFinder(tools),
  };
}

function push<K, V>(map: Map<K, V[]>, key: K, value: V): void {
  const list = map.get(key);
  if (list) list.push(value);
  else map.set(key, [value]);
}

function withSize(tool: HeadTool): SizedTool[] {
  const acrossMm = hexagonMm(tool.head);
  return acrossMm === undefined ? [] : [{ tool, acrossMm }];
}

/** Across flats of what is a hexagon, mm; other shapes only match themselves. */
export function hexagonMm({ profile, size, unit }: HeadSize): number | undefined {
  if (profile !== "hexagon" && profile !== "hexagon key") return undefined;
  return unit === "in" ? size * INCH_MM : size;
}

/** The part of a sorted list from one size to another, found by halving. */
function within(sized: readonly SizedTool[], fromMm: number, toMm: number): SizedTool[] {
  const firstNotBelow = (mm: number) => {
    let [low, high] = [0, sized.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((sized[middle]?.acrossMm ?? Infinity) < mm) low = middle + 1;
      else high = middle;
    }
    return low;
  };
  return sized.slice(firstNotBelow(fromMm), firstNotBelow(toMm + 1e-9));
}
