import { DAY_MS } from "@/core/day";
import { formatAmount } from "@/core/kit/needs/supply-needs";
import type { Tool } from "@/core/model/tool";
import { torqueSymbol } from "@/core/quantity/torque-unit";
import { formatDay } from "@/ui/day";

export interface ChestGroup {
  title: string;
  tools: Tool[];
  /** Shown by their sizes alone: everything else is in the title. */
  bySize: boolean;
}

const ORDER = [
  "Torque wrenches",
  "1/4 in",
  "3/8 in",
  "1/2 in",
  "3/4 in",
  "1 in",
  "Spanners",
  "Crowfoots",
  "Keys",
  "Drives",
  "Lifting",
  "Special tools",
  "Used up",
];

/** The chest as it would lie in drawers: sockets by drive, spanners by form, the rest by kind. */
export function chestGroups(tools: readonly Tool[]): ChestGroup[] {
  const groups = new Map<string, ChestGroup>();
  for (const tool of tools) {
    const title = titleOf(tool);
    const group = groups.get(title) ?? { title, tools: [], bySize: "head" in tool };
    group.tools.push(tool);
    groups.set(title, group);
  }
  const rank = (title: string) => ORDER.findIndex((start) => title.startsWith(start));
  return [...groups.values()]
    .map((group) => ({
      ...group,
      tools: group.bySize ? [...group.tools].sort((a, b) => across(a) - across(b)) : group.tools,
    }))
    .sort((a, b) => rank(a.title) - rank(b.title) || a.title.localeCompare(b.title));
}

function across(tool: Tool): number {
  if (!("head" in tool)) return 0;
  if (tool.head.unit === "in") return tool.head.size * 25.4;
  if (tool.head.unit === "mm") return tool.head.size;
  return 1000 + tool.head.size;
}

function titleOf(tool: Tool): string {
  switch (tool.kind) {
    case "torque wrench":
      return "Torque wrenches";
    case "socket":
      return `${tool.drive} in ${[tool.deep && "deep", tool.impact && "impact", "sockets and bits"].filter(Boolean).join(" ")}`;
    case "spanner":
      return `Spanners, ${tool.form ?? "combination"}`;
    case "crowfoot":
      return tool.flare ? "Crowfoots, flare" : "Crowfoots";
    case "key":
      return "Keys";
    case "stands":
    case "jack":
      return "Lifting";
    case "special tool":
      return "Special tools";
    case "consumable":
      return "Used up";
    default:
      return "Drives, bars and gauges";
  }
}

/** What matters about a tool beside its name. */
export function toolDetails(tool: Tool): string {
  switch (tool.kind) {
    case "torque wrench":
      return `${tool.drive} in, ${tool.min} to ${tool.max} ${torqueSymbol(tool.unit)} by ${tool.step}, ${tool.gripLengthMm === undefined ? "grip not measured" : `grip at ${tool.gripLengthMm} mm`}${tool.checkedOn ? `, checked ${formatDay(tool.checkedOn)}` : ""}`;
    case "crowfoot":
      return `${tool.drive} in, ${tool.offsetMm} mm`;
    case "extension":
    case "bar or ratchet":
      return `${tool.drive} in, ${tool.lengthMm} mm`;
    case "multiplier":
      return `${tool.from} to ${tool.to} in, ${Math.round(tool.efficiency * 100)} %`;
    case "stands":
      return `${tool.count} of ${tool.ratingPerStandKg} kg each${tool.highestMm ? `, ${tool.lowestMm} to ${tool.highestMm} mm` : ""}`;
    case "jack":
      return `${tool.ratingKg} kg${tool.highestMm ? `, ${tool.lowestMm} to ${tool.highestMm} mm` : ""}`;
    case "consumable":
      return `${formatAmount(tool.left)} left`;
    default:
      return "";
  }
}

/** A torque wrench wants checking each year, or each 5000 pulls (ISO 6789-1). */
export function isCheckDue(tool: Tool, today: string): boolean {
  if (tool.kind !== "torque wrench" || !tool.checkedOn) return false;
  return Date.parse(today) - Date.parse(tool.checkedOn) > 366 * DAY_MS;
}
