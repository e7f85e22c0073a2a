import { daysBetween } from "../day";
import type { DayPlan } from "../model/day-plan";
import { DAY_MIN, minutesAt } from "./clock";

type Plan = Pick<DayPlan, "startsOn" | "rollBy" | "hires">;

/** What not rolling in time is expected to cost, minor units. @param over the ends of many runs. */
export function lateMinor({ rollBy }: Plan, over: Float64Array, goal: number): number {
  const late = over.reduce((count, at) => count + (at > goal ? 1 : 0), 0);
  return Math.round(((rollBy?.costMinor ?? 0) * late) / Math.max(1, over.length));
}

/** Something hired, through time. */
export interface HireTold {
  what: string;
  /** In how many of a run it is kept longer than it was hired for, 0 to 1. */
  chance: number;
  /** What it costs, with the days more that are to be expected; and what buying it would, where that is known. */
  minor: number;
  buyMinor: number | undefined;
}

/**
 * What each hired thing costs: its days from the first of the work to the last that it is hired for, and a day for each
 * begun after that. A run that is never over keeps it a day longer at the least.
 */
export function hiresTold({ startsOn, hires = [] }: Plan, over: Float64Array): HireTold[] {
  return hires.map(({ what, until, perDayMinor, buyMinor }) => {
    const due = minutesAt(startsOn, until, "00:00") + DAY_MIN;
    let [longer, days] = [0, 0];
    for (const at of over) {
      if (at <= due) continue;
      longer++;
      days += Number.isFinite(at) ? Math.ceil((at - due) / DAY_MIN) : 1;
    }
    const planned = Math.max(1, daysBetween(startsOn, until) + 1);
    const runs = Math.max(1, over.length);
    return {
      what,
      chance: longer / runs,
      minor: Math.round(perDayMinor * (planned + days / runs)),
      buyMinor,
    };
  });
}
