import { z } from "zod";
import { line, lineIfTyped, typed } from "@/core/form";
import type { SpecialTool } from "@/core/model/supply";
import { wholeWithin } from "@/core/quantity/number-within";
import { withoutUndefined } from "@/core/without-undefined";

/** A special tool as it is typed. */
export function specialToolFields(tool: SpecialTool) {
  return {
    name: tool.name,
    days: String(tool.days),
    risk: tool.risk ?? "",
    onlyIfNeeded: tool.onlyIfNeeded ?? false,
    // One tick alone comes as its own value, not as a list.
    turns: (tool.turns ?? []) as string[] | string | false,
  };
}

/** What the fields make. Only fasteners in `known` can be turned by it. */
export function specialToolForm(
  id: string,
  known: readonly string[],
): z.ZodType<SpecialTool, ReturnType<typeof specialToolFields>> {
  return z
    .object({
      name: line("Say which tool: joint tool, pipe wrench."),
      days: typed(wholeWithin("The number of days", 1, 90)),
      risk: lineIfTyped,
      onlyIfNeeded: z.boolean(),
      turns: z.union([z.array(z.string()), z.string(), z.literal(false)]),
    })
    .transform(({ turns, onlyIfNeeded, ...said }) => {
      const ticked = [turns]
        .flat()
        .filter((one): one is string => typeof one === "string" && known.includes(one));
      return withoutUndefined({
        ...said,
        id,
        onlyIfNeeded: onlyIfNeeded ? (true as const) : undefined,
        turns: ticked.length > 0 ? ticked : undefined,
      });
    });
}
