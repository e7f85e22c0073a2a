import type { Work } from "../model/work";
import { tidy } from "../quantity/limits";
import { eventsOf } from "./event";

/** What was last measured in a step, by place; a measure without places has one, named "". */
export function measuredIn(work: Work, stepId: string): Map<string, number> {
  return new Map(
    eventsOf(work, "measured").flatMap((event) =>
      event.stepId === stepId ? [[event.place ?? "", event.value] as const] : [],
    ),
  );
}

/**
 * How two sides differ, in words; undefined when one of them is missing. Example: 201.4 and 201.9 mm → "Right
 * 0.5 mm more than left."
 */
export function sidesCompared(
  left: number | undefined,
  right: number | undefined,
  unit: string,
): string | undefined {
  if (left === undefined || right === undefined) return undefined;
  const by = Math.abs(left - right);
  if (tidy(by) === "0") return "Left and right are the same.";
  const [more, less] = left > right ? ["Left", "right"] : ["Right", "left"];
  return `${more} ${tidy(by)}${unit === "" ? "" : ` ${unit}`} more than ${less}.`;
}
