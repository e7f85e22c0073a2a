import type { KitLine } from "@/core/kit/needs/need";
import { formatAmount } from "@/core/kit/needs/supply-needs";
import type { MatItem } from "@/core/kit/sheet/mat";
import type { Tool } from "@/core/model/tool";
import { formatHeadSize } from "@/core/quantity/read-head-size";
import { formatTorque } from "@/core/quantity/torque-quantity";
import type { OtherShape } from "@/ui/drawing/ToolSilhouette";

/** What stands largest on a tile: the size, the length, the setting, the count. */
export function bigWords({ tool, lines }: MatItem): string {
  const [line] = lines;
  if (!line) return "";
  const { need } = line;
  if (need.kind === "head") return formatHeadSize(tool && "head" in tool ? tool.head : need.head);
  if (need.kind === "supply") return formatAmount(need.amount);
  if (need.kind === "part") return need.part.count > 1 ? `${need.part.count} ×` : "";
  if (need.kind === "hardware") return `${need.count} ×`;
  if (tool?.kind === "torque wrench") return settingsOn(tool, lines);
  if (tool?.kind === "extension" || tool?.kind === "bar or ratchet") return `${tool.lengthMm} mm`;
  if (tool?.kind === "crowfoot") return formatHeadSize(tool.head);
  if (tool && "from" in tool) return `${tool.from} to ${tool.to}`;
  if (tool?.kind === "stands") return `${tool.count} × ${tool.ratingPerStandKg} kg`;
  if (tool?.kind === "jack") return `${tool.ratingKg} kg`;
  return "";
}

/** The settings that a wrench is wanted at, each once. */
function settingsOn(wrench: Tool, lines: readonly KitLine[]): string {
  const settings = new Set(
    lines.flatMap(({ need }) =>
      need.kind === "torque" && need.best?.wrench.id === wrench.id ? [formatTorque(need.best.setting)] : [],
    ),
  );
  return [...settings].slice(0, 2).join(", ") + (settings.size > 2 ? " …" : "");
}

/** The whole name, for a heading and for whoever does not see the tile. */
export function nameWords({ tool, lines: [line] }: MatItem): string {
  if (tool) return "drive" in tool && "head" in tool ? `${tool.name}, ${tool.drive} in` : tool.name;
  return line?.need.kind === "part" ? `${line.name}, ${line.for[0] ?? ""}` : (line?.name ?? "");
}

/** The name under the size, without the size said again. */
export function underWords(item: MatItem): string {
  const [name, big] = [nameWords(item), bigWords(item)];
  return big !== "" && name.startsWith(`${big} `) ? name.slice(big.length + 1) : name;
}

/** How it is met, with a shape of its own beside the colour. */
export function stateWords({ lines }: MatItem): { says: string; tone: "good" | "watch" | "stop" } {
  const worst =
    lines.find(({ cover }) => cover.kind === "missing") ??
    lines.find(({ cover }) => cover.kind === "stand-in") ??
    lines[0];
  switch (worst?.cover.kind) {
    case "missing":
      return { says: "■ to find", tone: "stop" };
    case "stand-in":
      return worst.need.kind === "head"
        ? { says: "▲ stand-in", tone: "watch" }
        : { says: "● in the chest", tone: "good" };
    case "on order":
      return { says: "▲ on order", tone: "watch" };
    case "in hand":
      return { says: "● in hand", tone: "good" };
    case "in the box":
      return { says: "● in the box", tone: "good" };
    default:
      return { says: "● in the chest", tone: "good" };
  }
}

/** What is drawn where no tool of the chest is. */
export function shapeWords({ lines: [line], gap }: MatItem): OtherShape {
  if (gap) return "gap";
  if (line?.need.kind === "part") return "box";
  return line?.need.kind === "supply" ? "bottle" : "bag";
}
