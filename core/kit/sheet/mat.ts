import type { Route } from "../../model/job";
import type { SquareDrive } from "../../model/square-drive";
import type { Tool } from "../../model/tool";
import { type KitLine, isCovered } from "../needs/need";

/** One thing on the mat: a tool for all that it is used for, or something that is still a gap. */
export interface MatItem {
  /** The tool's id, or the key of the line that has none. */
  key: string;
  tool: Tool | undefined;
  lines: KitLine[];
  /** The place of the first step that wants it. */
  step: number;
  gap: boolean;
}

export interface MatGroup {
  title: string;
  items: MatItem[];
}

/**
 * Everything in the order in which it is first used, each tool once. A line met by several tools lays out the
 * one that goes with
 * the wrench or bar that drives it.
 */
export function matOf(lines: readonly KitLine[]): MatItem[] {
  const drives = drivesInUse(lines);
  const items = new Map<string, MatItem>();
  const add = (key: string, tool: Tool | undefined, line: KitLine) => {
    const known = items.get(key);
    items.set(
      key,
      known
        ? { ...known, lines: [...known.lines, line], step: Math.min(known.step, line.step) }
        : { key, tool, lines: [line], step: line.step, gap: !isCovered(line) },
    );
  };
  for (const line of lines) {
    const tools = toolsOn(line, drives);
    if (tools.length > 0) tools.forEach((tool) => add(tool.id, tool, line));
    // A figure that is looked up, or reached by a spanner, is nothing to lay out.
    else if (
      line.need.kind !== "angle" &&
      line.cover.kind !== "look up" &&
      !(line.need.kind === "torque" && isCovered(line))
    )
      add(line.key, undefined, line);
  }
  return [...items.values()].sort((a, b) => a.step - b.step);
}

function toolsOn({ need, cover }: KitLine, drives: ReadonlyMap<string, ReadonlySet<SquareDrive>>): Tool[] {
  if (cover.kind !== "owned" && cover.kind !== "stand-in") return [];
  if (need.kind !== "head")
    return need.kind === "torque" ||
      need.kind === "bar" ||
      need.kind === "angle" ||
      need.kind === "supply" ||
      need.kind === "lifting"
      ? cover.tools
      : cover.tools.slice(0, 1);
  const wanted = new Set(need.uses.flatMap(({ fastener }) => [...(drives.get(fastener.id) ?? [])]));
  const one = cover.tools.find((tool) => "drive" in tool && wanted.has(tool.drive)) ?? cover.tools[0];
  return one ? [one] : [];
}

/** The square at the end of each wrench and bar with what stands between, by the fastener it turns. */
function drivesInUse(lines: readonly KitLine[]): Map<string, Set<SquareDrive>> {
  const drives = new Map<string, Set<SquareDrive>>();
  for (const { need, cover } of lines) {
    if ((need.kind !== "torque" && need.kind !== "bar") || !("tools" in cover)) continue;
    const end = cover.tools.reduce<SquareDrive | undefined>(
      (at, tool) =>
        tool.kind === "drive adapter" || tool.kind === "multiplier"
          ? tool.to
          : (at ?? ("drive" in tool ? tool.drive : undefined)),
      undefined,
    );
    if (end) drives.set(need.fastener.id, (drives.get(need.fastener.id) ?? new Set<SquareDrive>()).add(end));
  }
  return drives;
}

/** The mat by the step that first wants each thing. */
export function byStep(items: readonly MatItem[], { steps }: Pick<Route, "steps">): MatGroup[] {
  const groups = new Map<number, MatItem[]>();
  for (const item of items) groups.set(item.step, [...(groups.get(item.step) ?? []), item]);
  return [...groups]
    .sort(([a], [b]) => a - b)
    .map(([step, own]) => ({ title: stepTitle(steps, step), items: own }));
}

function stepTitle(steps: Route["steps"], at: number): string {
  const step = steps[at];
  return step ? `${at + 1}. ${step.title}` : "Throughout";
}

const OTHER_GROUPS = {
  parts: "Parts",
  supplies: "Used up",
  safety: "Lifting and safety",
  hand: "By hand",
  gaps: "Still to find",
};

/** The mat by square drive, then what has none. */
export function byDrive(items: readonly MatItem[]): MatGroup[] {
  const order = ["1/4", "3/8", "1/2", "3/4", "1"].map((drive) => `${drive} in`);
  const groups = new Map<string, MatItem[]>();
  for (const item of items) {
    const title = groupOf(item);
    groups.set(title, [...(groups.get(title) ?? []), item]);
  }
  const rank = (title: string) =>
    order.includes(title) ? order.indexOf(title) : 10 + Object.values(OTHER_GROUPS).indexOf(title);
  return [...groups].sort(([a], [b]) => rank(a) - rank(b)).map(([title, own]) => ({ title, items: own }));
}

function groupOf({ tool, lines: [line], gap }: MatItem): string {
  if (tool && "drive" in tool) return `${tool.drive} in`;
  if (tool && "from" in tool) return `${tool.from} in`;
  const kind = line?.need.kind;
  if (kind === "part" || kind === "hardware") return OTHER_GROUPS.parts;
  if (kind === "supply") return OTHER_GROUPS.supplies;
  if (kind === "lifting" || kind === "protection") return OTHER_GROUPS.safety;
  return gap ? OTHER_GROUPS.gaps : OTHER_GROUPS.hand;
}
