import { daysBetween } from "../day";
import type { Job } from "../model/job";
import { chosenRoute } from "../plan/chosen-route";
import { type Distance, formatDistance } from "../quantity/distance";
import type { Owed } from "./follow-up";
import { type DayBand } from "./mileage/driving";
import { isPartOf, partKey } from "./part-key";
import type { Due } from "./upkeep/due";
import type { Wear } from "./upkeep/wear";
import type { VehicleLog } from "./vehicle-log";

export interface NextThing {
  key: string;
  vehicleId: string;
  title: string;
  when: string;
  urgency: "now" | "soon" | "later";
  jobId: string | undefined;
  followUpId: string | undefined;
  /** The page of the Log that says more: of a part that is due by its interval, or of one that wears. */
  view: "due" | "wear" | undefined;
}

interface Ranked {
  rank: number;
  days: number;
  thing: NextThing;
}

const SOON_DAYS = 7;
const SOON_DISTANCE = 100;
/** Beyond its limit: before all that is late, however long. */
const BEFORE_ALL = -100_000;
/** Nothing is known of when: after everything that has a day. */
const SOME_DAY = 9999;

/**
 * What is owed, due, worn or begun over all vehicles, the most pressing first: jobs under way, then what is
 * beyond its limit, then follow-ups and what is overdue or soon due by how near they are, then planned jobs.
 * A part that a job is planned for is not named again.
 */
export function doNext(jobs: readonly Job[], logs: readonly VehicleLog[], today: string): NextThing[] {
  const begun = jobs
    .filter(({ state }) => state === "under way")
    .map((job): Ranked => ({ rank: 0, days: 0, thing: fromJob(job, "under way", "now") }));
  const planned = jobs
    .filter(({ state }) => state === "planned")
    .map((job): Ranked => {
      const days = job.plannedFor === undefined ? SOME_DAY : daysUntil(job.plannedFor, today);
      return {
        rank: 2,
        days,
        thing: fromJob(
          job,
          job.plannedFor === undefined ? "no day yet" : inDays(days),
          days <= 2 ? "soon" : "later",
        ),
      };
    });
  const owed = logs.flatMap((log) => log.owed.map((one) => fromFollowUp(one, log.vehicle.id, today)));
  const due = logs.flatMap((log) => {
    const covered = new Set(
      jobs
        .filter((job) => job.vehicleId === log.vehicle.id && job.state !== "done")
        .flatMap((job) => chosenRoute(job).parts.map(({ name }) => partKey(name))),
    );
    const dues = log.dues
      .filter(
        ({ state, interval }) =>
          (state === "overdue" || state === "soon") && !covered.has(partKey(interval.part)),
      )
      .map((one) => fromDue(one, log.vehicle.id, today));
    const wears = log.wears
      .filter(
        ({ state, what }) =>
          (state === "overdue" || state === "soon") && ![...covered].some((part) => isPartOf(part, what)),
      )
      .map((one) => fromWear(one, log.vehicle.id, today));
    return [...wears, ...dues];
  });
  return [...begun, ...owed, ...due, ...planned]
    .sort((a, b) => a.rank - b.rank || a.days - b.days)
    .map(({ thing }) => thing);
}

const nothing = { jobId: undefined, followUpId: undefined, view: undefined };

function fromJob(job: Job, when: string, urgency: NextThing["urgency"]): NextThing {
  return {
    ...nothing,
    key: `job ${job.id}`,
    vehicleId: job.vehicleId,
    title: job.title,
    when,
    urgency,
    jobId: job.id,
  };
}

function fromFollowUp({ followUp, on, left, reached }: Owed, vehicleId: string, today: string): Ranked {
  const days = daysLeft(reached, on, today);
  const byDay = followUp.dueOn !== undefined && on?.best === followUp.dueOn;
  const when = whenWords(reached, byDay, days, left);
  const urgency = urgencyOf(reached, days, left);
  return {
    rank: 1,
    days,
    thing: {
      ...nothing,
      key: `follow-up ${followUp.id}`,
      vehicleId,
      title: followUp.text,
      when,
      urgency,
      followUpId: followUp.id,
    },
  };
}

function urgencyOf(reached: boolean, days: number, left: Distance | undefined) {
  if (reached) return "now";
  if (days <= SOON_DAYS || (left !== undefined && left.value <= SOON_DISTANCE)) return "soon";
  return "later";
}

function whenWords(reached: boolean, byDay: boolean, days: number, left: Distance | undefined) {
  if (reached) return "now";
  if (byDay) return inDays(days);
  if (left) return `in ${formatDistance(left)}`;
  return "open";
}

function daysLeft(reached: boolean, on: DayBand | undefined, today: string) {
  if (reached) return Math.min(0, on ? daysUntil(on.best, today) : 0);
  if (on) return daysUntil(on.best, today);
  return SOME_DAY;
}

function fromDue(
  { key, interval, place, on, left, state, by }: Due,
  vehicleId: string,
  today: string,
): Ranked {
  const days = on ? daysUntil(on.best, today) : 0;
  const title = `${interval.part}${place?.includes(" ") ? `, ${place}` : ""}`;
  const over =
    by === "distance" && left ? formatDistance({ ...left, value: Math.abs(left.value) }) : undefined;
  const when = dueWords(state, over, left, days);
  return {
    rank: 1,
    days,
    thing: {
      ...nothing,
      key: `due ${key}`,
      vehicleId,
      title,
      when,
      urgency: state === "overdue" ? "now" : "soon",
      view: "due",
    },
  };
}

function dueWords(state: string, over: string | undefined, left: Distance | undefined, days: number) {
  if (state === "overdue") {
    if (over && left && left.value < 0) return `${over} over`;
    return inDays(Math.min(days, 0));
  }
  if (over) return `${over} left`;
  return inDays(days);
}

function fromWear(
  { what, at, points, unit, decimals, state, line }: Wear,
  vehicleId: string,
  today: string,
): Ranked {
  const days = line?.on ? daysUntil(line.on.best, today) : 0;
  const beyond = state === "overdue";
  const last = `${points.at(-1)?.value.toFixed(decimals) ?? ""} ${unit}`;
  const when = wearWords(beyond, last, days);
  const thing: NextThing = {
    ...nothing,
    key: `wear ${what} ${at ?? ""}`,
    vehicleId,
    title: at === undefined ? what : `${what}, ${at}`,
    when,
    urgency: beyond ? "now" : "soon",
    view: "wear",
  };
  return { rank: 1, days: beyond ? BEFORE_ALL : days, thing };
}

function wearWords(beyond: boolean, last: string, days: number) {
  if (beyond) return `beyond its limit, ${last}`;
  if (days <= 0) return "at its limit by now";
  return `at its limit ${inDays(days)}`;
}

function daysUntil(day: string, today: string): number {
  return daysBetween(today, day);
}

function inDays(days: number): string {
  if (days < -60) return `${Math.round(-days / 30.44)} months late`;
  if (days < 0) return `${-days} ${days === -1 ? "day" : "days"} late`;
  if (days === 0) return "today";
  return days === 1 ? "tomorrow" : `in ${days} days`;
}
