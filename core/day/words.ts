import { format, parseISO } from "date-fns";
import { inMarkdown, oneLine } from "../markdown";
import type { Job } from "../model/job";
import { chosenRoute } from "../plan/chosen-route";
import { type Money, formatPrice } from "../quantity/money";
import { formatMinutes } from "../work/times";
import { clockOf, dayAt, momentWords } from "./clock";
import type { HireTold } from "./costs";
import type { DayTold } from "./day";
import { inHundred } from "./odds";
import type { Slot } from "./schedule";
import type { Drives } from "./simulate";

/** A moment on a day that is spoken of: the hour alone where it is on the first day. */
export const hourWords = (zero: string, at: number): string => {
  if (!Number.isFinite(at)) return "not in these days";
  return dayAt(zero, Math.ceil(at)) === zero ? clockOf(at) : momentWords(zero, at);
};

/** By when it should roll, in words. Example: "before dark, 15:38". */
export function goalWords({ zero, goal }: Pick<DayTold, "zero" | "goal">): string {
  const at = hourWords(zero, goal.at);
  if (goal.kind === "dark") return `before dark, ${at}`;
  return goal.kind === "told" ? `by ${at}` : `by the end of your hours, ${at}`;
}

/** What 50, 80 and 95 of a hundred mean for the day. */
export const bandWords = ({ zero, p50, p80, p95 }: Pick<DayTold, "zero" | "p50" | "p80" | "p95">): string =>
  `Half are over by ${hourWords(zero, p50)}, 80 of 100 by ${hourWords(zero, p80)}, 95 by ${hourWords(zero, p95)}.`;

/** What drives the spread most, in words. */
export function driveWords(job: Job, { kind, id, trouble, share }: Drives): string {
  const part = `${Math.max(1, Math.round(share * 100))} %`;
  if (kind === "speed") return `How fast the day goes for you: ${part}`;
  const title = chosenRoute(job).steps.find((step) => step.id === id)?.title ?? "a step";
  return kind === "trouble" ? `${title}, ${trouble ?? "trouble"}: ${part}` : `${title}: ${part}`;
}

/** What is hired, held against buying it. Example: "Stands: hired 18.00, bought 42.00: hire them." */
export function hireWords({ what, chance, minor, buyMinor }: HireTold, money: Money): string {
  const longer = chance > 0 ? `, kept a day longer in ${inHundred(chance)} of 100` : "";
  const hired = `${what}: hired for ${formatPrice(minor, money)} on average${longer}`;
  if (buyMinor === undefined) return `${hired}.`;
  return `${hired}; bought for ${formatPrice(buyMinor, money)}. ${minor < buyMinor ? "Hiring" : "Buying"} is cheaper.`;
}

/** The minutes that something takes or costs. Example: "45 min". */
export const minutesSay = (minutes: number): string => formatMinutes(Math.max(1, Math.ceil(minutes)));

/** A step of the day: when it is begun, what waits after it, and what to decide before it. */
export interface DayLine {
  id: string;
  at: string;
  title: string;
  wait: string | undefined;
  decide: string | undefined;
}

/** The day step by step, as it is written down. */
export function dayLines(job: Job, told: DayTold, slots: readonly Slot[]): DayLine[] {
  const steps = new Map(chosenRoute(job).steps.map((step) => [step.id, step]));
  return slots.flatMap(({ id, from, to, over }): DayLine[] => {
    const step = steps.get(id);
    if (!step) return [];
    return [
      {
        id,
        at: hourWords(told.zero, from),
        title: step.title,
        wait:
          over > to ? `then ${minutesSay(over - to)} until ${step.wait?.until ?? "it is over"}` : undefined,
        decide: told.decide.find(({ stepId }) => stepId === id)?.says,
      },
    ];
  });
}

/** The day it is, in words, and the odds of being done in time. */
export const dayWords = (told: DayTold): string => format(parseISO(told.zero), "EEEE d MMMM yyyy");
export const oddsWords = (told: DayTold): string =>
  `${inHundred(told.chance)} in 100 roll ${goalWords(told)}. ${bandWords(told)}`;

/** The day as lines of text: what is begun when, what waits, and the odds. Markdown where asked. */
export function dayText(
  job: Job,
  vehicle: string,
  told: DayTold,
  slots: readonly Slot[],
  how: "text" | "Markdown",
): string {
  const mark = how === "Markdown";
  const plain = mark ? inMarkdown : oneLine;
  const head = `${job.title}, ${vehicle}: ${dayWords(told)}`;
  const lines = dayLines(job, told, slots).flatMap(({ at, title, wait, decide }) => [
    ...(decide === undefined
      ? []
      : [`${mark ? "- **" : ""}Decide here. ${plain(decide)}${mark ? "**" : ""}`]),
    `${mark ? "- " : ""}${at} ${plain(title)}${wait === undefined ? "" : plain(`, ${wait}`)}`,
  ]);
  return [mark ? `# ${plain(head)}` : head, "", oddsWords(told), "", ...lines, ""].join("\n");
}
