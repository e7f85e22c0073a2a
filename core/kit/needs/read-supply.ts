import { type ToolDraft } from "@/core/chest/missing";
import { KnownByName } from "../../chest/missing";
import { readChestLine } from "../../chest/read-chest";
import { InputError } from "../../input-error";
import type { SpecialTool, Supply } from "../../model/supply";

/**
 * What a job wants beside its fasteners, from one line: something used up where an amount is said, a special
 * tool otherwise; "lost" tells what goes beside it, "days" for how long a tool is hired, "only if needed" that
 * it is wanted where the usual way fails.
 * @throws InputError for a line that is neither. Example: "coolant 6 L lost 0.5 L" → 6000 mL and 500 mL lost.
 */
export function readSupply(line: string, id: string): Supply | SpecialTool {
  if (line.trim() === "")
    throw new InputError("Type what is wanted: brake fluid 500 mL, or slide hammer 2 days.");
  const ifNeeded =
    /,?\s*\b(?:only )?if (?:it sticks|needed|it comes to that|it will not move|all else fails)$/i.exec(line);
  if (ifNeeded) {
    const read = readSupply(line.slice(0, ifNeeded.index), id);
    return "days" in read ? { ...read, onlyIfNeeded: true } : read;
  }
  const lost = /,?\s*\b(?:lost|and)\s+(\d.*?)\s*(?:lost)?$/i.exec(line);
  const days = /,?\s*\bfor\s+(\d{1,2})\s*days?$|,?\s*(\d{1,2})\s*days?$/i.exec(line);
  const bare = beforeItsDays(lost, line, days);
  const [read] = readWanted(bare);
  if (read?.kind === "consumable") {
    if (read.left.value <= 0) throw new InputError("How much of it: more than nothing.");
    const more = lost ? lostAmount(lost[1] ?? "", read.left.unit) : 0;
    return { id, name: read.name, amount: read.left, ...(more > 0 ? { lost: more } : {}) };
  }
  if (read?.kind === "special tool") {
    const count = Number(days?.[1] ?? days?.[2] ?? 1);
    if (count < 1 || count > 90) throw new InputError("For how many days: from 1 to 90.");
    return { id, name: read.name, days: count };
  }
  throw new InputError(
    "Sockets and spanners are asked for by the fasteners: write the size there. Here: fluids, grease, rags, special tools.",
  );
}

/** A special tool of a job is known by its name, whatever number is in it. */
function readWanted(line: string): ToolDraft[] {
  try {
    return readChestLine(line);
  } catch (error) {
    if (error instanceof KnownByName) return readChestLine(`${line} by name`);
    throw error;
  }
}

function beforeItsDays(lost: RegExpExecArray | null, line: string, days: RegExpExecArray | null) {
  if (lost) return line.slice(0, lost.index);
  if (days) return line.slice(0, days.index);
  return line;
}

function lostAmount(text: string, unit: Supply["amount"]["unit"]): number {
  const [read] = readChestLine(`lost ${text}`.replace(/^lost/, "spilled"));
  if (read?.kind !== "consumable" || read.left.unit !== unit)
    throw new InputError(`What is lost has to be told in the same kind of unit: 300 ${unit}.`);
  return read.left.value;
}
