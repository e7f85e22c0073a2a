import type { Measure } from "../model/job";
import type { Work } from "../model/work";
import { eventsOf } from "./event";

/** What was last measured in a step, by place; a measure without places has one, named "". */
export function measuredIn(work: Work, stepId: string): Map<string, number> {
  return new Map(eventsOf(work, "measured").flatMap((event) => (event.stepId === stepId ? [[event.place ?? "", event.value] as const] : [])));
}

export interface MeasureVerdict {
  is: "within" | "at the limit" | "beyond" | "no limit";
  /** A sentence: how it stands to its limit. */
  says: string;
}

/**
 * A measured value against its limits. At a limit it is still allowed, and is said to be.
 * Example: 201.4 mm, at most 203 → within, "1.6 mm left to the limit of 203 mm."
 */
export function judgeMeasured({ least, most, unit }: Measure, value: number): MeasureVerdict {
  const said = (amount: number) => `${tidy(amount)}${unit === "" ? "" : ` ${unit}`}`;
  if (least === undefined && most === undefined) return { is: "no limit", says: "No limit is written down: look it up before you rely on it." };
  if (most !== undefined && value > most) return { is: "beyond", says: `${said(value - most)} over the limit of ${said(most)}: replace it.` };
  if (least !== undefined && value < least) return { is: "beyond", says: `${said(least - value)} under the limit of ${said(least)}: replace it.` };
  const toMost = most === undefined ? Infinity : most - value;
  const toLeast = least === undefined ? Infinity : value - least;
  const [left, limit] = toMost <= toLeast ? [toMost, most ?? 0] : [toLeast, least ?? 0];
  if (left === 0) return { is: "at the limit", says: `Right at the limit of ${said(limit)}: replace it soon.` };
  return { is: "within", says: `${said(left)} left to the limit of ${said(limit)}.` };
}

/** How two sides differ, in words; undefined when one of them is missing. Example: 201.4 and 201.9 mm → "Right 0.5 mm more than left." */
export function sidesCompared(left: number | undefined, right: number | undefined, unit: string): string | undefined {
  if (left === undefined || right === undefined) return undefined;
  const by = Math.abs(left - right);
  if (tidy(by) === "0") return "Left and right are the same.";
  const [more, less] = left > right ? ["Left", "right"] : ["Right", "left"];
  return `${more} ${tidy(by)}${unit === "" ? "" : ` ${unit}`} more than ${less}.`;
}

/** A number without the dust of binary fractions. */
function tidy(amount: number): string {
  return String(Number(amount.toFixed(6)));
}
