import type { Job } from "../../model/job";
import type { KitRecord } from "../../model/kit";
import type { Replacement } from "../../model/log";
import type { System } from "../../model/place";
import type { Tool } from "../../model/tool";
import type { Work } from "../../model/work";
import { chosenRoute } from "../../plan/chosen-route";
import { paidTogether } from "../../shop/paid";
import { workTimes } from "../../work/times";
import type { Mileage } from "../mileage/mileage";

/** Money is in whole hundredths. */
export interface Costs {
  /** Each calendar year that has an entry, oldest first. */
  years: { year: string; spentMinor: number; count: number }[];
  systems: { system: System; spentMinor: number; count: number }[];
  totalMinor: number;
  /** Entries that have no price: every sum leaves them out. */
  unpriced: number;
  /** Over the distance between the first and the last entry or reading; undefined where that is nothing. */
  per1000KmMinor: number | undefined;
  quoted: Quoted;
  hours: Hours;
}

/** Of what a workshop named a price for: its price, and what the parts cost instead. */
export interface Quoted {
  quoteMinor: number;
  partsMinor: number;
  /** Hire, delivery, what was used up and old parts that were kept, as they were paid for those jobs. */
  otherMinor: number;
  savedMinor: number;
  count: number;
  /** Quotes that are left out, as a part of theirs has no price. */
  unpriced: number;
}

/** Time under the car, minutes, over the works of the vehicle's jobs that were timed. */
export interface Hours {
  totalMin: number;
  jobs: number;
  /** Of the jobs that were done on both sides: how long each side took; the first is the one begun with. */
  sides: { job: Job; firstMin: number; secondMin: number }[];
}

const sum = (amounts: (number | undefined)[]) =>
  amounts.reduce<number>((total, amount) => total + (amount ?? 0), 0);

/** What one vehicle has cost in parts, by year and by system, against quotes, and the hours that it took. */
export function costsOf(
  vehicleId: string,
  household: {
    replacements: readonly Replacement[];
    jobs: readonly Job[];
    works: readonly Work[];
    kits: readonly KitRecord[];
  },
  mileage: Mileage,
): Costs {
  const own = household.replacements.filter((one) => one.vehicleId === vehicleId);
  const grouped = <K extends string>(keyOf: (one: Replacement) => K) => {
    const groups = new Map<K, { spentMinor: number; count: number }>();
    for (const one of own) {
      const group = groups.get(keyOf(one)) ?? { spentMinor: 0, count: 0 };
      groups.set(keyOf(one), {
        spentMinor: group.spentMinor + (one.priceMinor ?? 0),
        count: group.count + 1,
      });
    }
    return groups;
  };
  const totalMinor = sum(own.map(({ priceMinor }) => priceMinor));
  const [first, last] = [mileage.points[0], mileage.points.at(-1)];
  const km = first && last ? last.km - first.km : 0;
  const jobs = household.jobs.filter((job) => job.vehicleId === vehicleId);
  return {
    years: [...grouped(({ on }) => on.slice(0, 4))]
      .map(([year, group]) => ({ year, ...group }))
      .sort((a, b) => a.year.localeCompare(b.year)),
    systems: [...grouped(({ system }) => system)]
      .map(([system, group]) => ({ system, ...group }))
      .sort((a, b) => b.spentMinor - a.spentMinor),
    totalMinor,
    unpriced: own.filter(({ priceMinor }) => priceMinor === undefined).length,
    per1000KmMinor: km > 0 ? Math.round((totalMinor / km) * 1000) : undefined,
    quoted: quotedOf(own, jobs, household.kits),
    hours: hoursOf(jobs, household.works),
  };
}

/** Paid for a job beside its parts; tools stay, and are held against all that was saved. */
const BESIDE_PARTS = ["hire", "delivery", "used up", "old part kept"] as const;

/**
 * A quote stands on an entry of its own, or on the kit of a job that is done, and then against all of the
 * job's entries. Where a part has no price the quote is left out: against less than all the parts, more would
 * seem saved than was.
 */
export function quotedOf(
  replacements: readonly Replacement[],
  jobs: readonly Job[],
  kits: readonly KitRecord[],
): Quoted {
  const ofJobs = jobs.flatMap(({ id, state }) => {
    const kit = state === "done" ? kits.find(({ jobId }) => jobId === id) : undefined;
    return kit?.quoteMinor === undefined
      ? []
      : [
          {
            quoteMinor: kit.quoteMinor,
            parts: replacements.filter(({ jobId }) => jobId === id),
            jobId: id,
            otherMinor: paidTogether(kit.paid, BESIDE_PARTS),
          },
        ];
  });
  const counted = new Set(ofJobs.map(({ jobId }) => jobId));
  const ofEntries = replacements.flatMap((one) =>
    one.quoteMinor === undefined || (one.jobId !== undefined && counted.has(one.jobId))
      ? []
      : [{ quoteMinor: one.quoteMinor, parts: [one], otherMinor: 0 }],
  );
  const all = [...ofJobs, ...ofEntries];
  const priced = all.filter(({ parts }) => parts.every(({ priceMinor }) => priceMinor !== undefined));
  const quoteMinor = sum(priced.map((one) => one.quoteMinor));
  const partsMinor = sum(priced.flatMap(({ parts }) => parts.map(({ priceMinor }) => priceMinor)));
  const otherMinor = sum(priced.map((one) => one.otherMinor));
  return {
    quoteMinor,
    partsMinor,
    otherMinor,
    savedMinor: quoteMinor - partsMinor - otherMinor,
    count: priced.length,
    unpriced: all.length - priced.length,
  };
}

/** Minutes of the works of some jobs, and how the second sides compare with the first. */
export function hoursOf(jobs: readonly Job[], works: readonly Work[]): Hours {
  const timed = jobs.flatMap((job) => {
    const work = works.find((one) => one.jobId === job.id && one.routeId === job.chosenRouteId);
    const times = work && workTimes(work, chosenRoute(job));
    return times && times.totalMin > 0 ? [{ job, times, work }] : [];
  });
  return {
    totalMin: sum(timed.map(({ times }) => times.totalMin)),
    jobs: timed.length,
    sides: timed.flatMap(({ job, times: { sides }, work }) => {
      if (sides.left === 0 || sides.right === 0) return [];
      const titles = new Map(chosenRoute(job).steps.map(({ id, title }) => [id, title]));
      const first = work.events.find(
        (event) => "stepId" in event && /\b(?:left|right)\b/i.test(titles.get(event.stepId) ?? ""),
      );
      const leftFirst = !first || !("stepId" in first) || /\bleft\b/i.test(titles.get(first.stepId) ?? "");
      return [
        {
          job,
          firstMin: leftFirst ? sides.left : sides.right,
          secondMin: leftFirst ? sides.right : sides.left,
        },
      ];
    }),
  };
}

/**
 * Whether the tools have paid for themselves over the whole garage: what was saved against quotes, less what
 * the priced tools cost.
 */
export interface ToolsPaid {
  toolsMinor: number;
  savedMinor: number;
  /** Tools without a price are left out. */
  priced: number;
  unpriced: number;
  paidBack: boolean;
}

/** @param quotedOfAll what was quoted over all vehicles. */
export function toolsPaid(tools: readonly Tool[], quotedOfAll: Quoted): ToolsPaid {
  const lasting = tools.filter(({ kind }) => kind !== "consumable");
  const priced = lasting.filter(({ priceMinor }) => priceMinor !== undefined);
  const toolsMinor = sum(priced.map(({ priceMinor }) => priceMinor));
  return {
    toolsMinor,
    savedMinor: quotedOfAll.savedMinor,
    priced: priced.length,
    unpriced: lasting.length - priced.length,
    paidBack: quotedOfAll.savedMinor >= toolsMinor,
  };
}
