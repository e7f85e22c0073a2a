import { differenceInCalendarDays, parseISO } from "date-fns";
import type { Job } from "../model/job";
import type { FollowUp } from "../model/log";
import { type Distance, convertDistance, formatDistance } from "../quantity/distance";

export interface NextThing {
  key: string;
  vehicleId: string;
  title: string;
  when: string;
  urgency: "now" | "soon" | "later";
  jobId: string | undefined;
  followUpId: string | undefined;
}

interface Household {
  jobs: readonly Job[];
  followUps: readonly FollowUp[];
}

/** What is owed or begun over all vehicles, the most pressing first: jobs under way, follow-ups by how near they are due, then planned jobs. */
export function doNext({ jobs, followUps }: Household, today: string, odometer: (vehicleId: string) => Distance | undefined): NextThing[] {
  const open = followUps.filter((one) => one.state === "open").map((one) => ({ rank: 1, ...fromFollowUp(one, today, odometer(one.vehicleId)) }));
  const begun = jobs.filter((job) => job.state === "under way").map((job) => ({ rank: 0, days: 0, thing: fromJob(job, "under way", "now") }));
  const planned = jobs
    .filter((job) => job.state === "planned")
    .map((job) => {
      const days = job.plannedFor === undefined ? 999 : daysUntil(job.plannedFor, today);
      return { rank: 2, days, thing: fromJob(job, job.plannedFor === undefined ? "no day yet" : inDays(days), days <= 2 ? "soon" : "later") };
    });
  return [...begun, ...open, ...planned].sort((a, b) => a.rank - b.rank || a.days - b.days).map(({ thing }) => thing);
}

function fromJob(job: Job, when: string, urgency: NextThing["urgency"]): NextThing {
  return { key: `job ${job.id}`, vehicleId: job.vehicleId, title: job.title, when, urgency, jobId: job.id, followUpId: undefined };
}

function fromFollowUp(one: FollowUp, today: string, odometer: Distance | undefined): { days: number; thing: NextThing } {
  const days = one.dueOn === undefined ? Infinity : daysUntil(one.dueOn, today);
  const left = one.dueAt && odometer ? one.dueAt.value - convertDistance(odometer, one.dueAt.unit).value : Infinity;
  const reached = days <= 0 || left <= 0;
  const when = reached
    ? "now"
    : one.dueOn !== undefined
      ? inDays(days)
      : Number.isFinite(left) && one.dueAt
        ? `in ${formatDistance({ value: left, unit: one.dueAt.unit })}`
        : "open";
  const urgency = reached ? "now" : days <= 7 || left <= 100 ? "soon" : "later";
  // For sorting only: a household car goes some 40 km a day.
  const sortDays = Math.min(days, left / 40, 998);
  return { days: sortDays, thing: { key: `follow-up ${one.id}`, vehicleId: one.vehicleId, title: one.text, when, urgency, jobId: undefined, followUpId: one.id } };
}

function daysUntil(day: string, today: string): number {
  return differenceInCalendarDays(parseISO(day), parseISO(today));
}

function inDays(days: number): string {
  if (days < 0) return `${-days} ${days === -1 ? "day" : "days"} late`;
  if (days === 0) return "today";
  return days === 1 ? "tomorrow" : `in ${days} days`;
}
