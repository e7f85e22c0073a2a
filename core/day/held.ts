import type { DayPlan, Said } from "../model/day-plan";
import type { Job } from "../model/job";
import type { Work } from "../model/work";
import { chosenRoute } from "../plan/chosen-route";
import { ONLY_TICKED, stepMinutes } from "../work/times";
import { plannedMinutes } from "./expect";
import { pertMoments } from "./pert";

/** A day that is over, held against what was said of it. */
export interface Held {
  jobId: string;
  said: Said;
  /** When the last of its work was done. */
  rolledAt: string;
  inTime: boolean;
  within80: boolean;
}

/** Days that were said beforehand and are over. */
export function heldDays(days: readonly DayPlan[], jobs: readonly Job[], works: readonly Work[]): Held[] {
  return days.flatMap(({ jobId, said }): Held[] => {
    const rolledAt = works.find((work) => work.jobId === jobId)?.events.at(-1)?.at;
    if (!said || rolledAt === undefined || jobs.find(({ id }) => id === jobId)?.state !== "done") return [];
    return [{ jobId, said, rolledAt, inTime: rolledAt <= said.rollBy, within80: rolledAt <= said.p80 }];
  });
}

/**
 * How well odds have held. Example: "Of 12 days said 80 in 100 on average, 9 rolled in time; 10 were over by …" Undefined before there is one.
 */
export function heldWords(held: readonly Held[]): string | undefined {
  if (held.length === 0) return undefined;
  const mean = held.reduce((sum, { said }) => sum + said.chance, 0) / held.length;
  const rolled = held.filter(({ inTime }) => inTime).length;
  const within = held.filter(({ within80 }) => within80).length;
  return held.length === 1
    ? `One day was said ${Math.round(mean * 100)} in 100, and ${rolled === 1 ? "rolled in time" : "did not roll in time"}.`
    : `Of ${held.length} days said ${Math.round(mean * 100)} in 100 on average, ${rolled} rolled in time; ${within} were over by what was said of 80 in 100.`;
}

/** A step's minutes of hands: as the plan has it, and as it was. */
export interface StepWent {
  stepId: string;
  title: string;
  planned: number;
  took: number;
}

/** Planned against real, for each step that was timed, in the order of the plan. */
export function stepsWent(job: Job, work: Work): StepWent[] {
  const route = chosenRoute(job);
  const minutes = stepMinutes(work, route, "hands");
  return route.steps.flatMap((step): StepWent[] => {
    const took = minutes.get(step.id) ?? 0;
    if (took < ONLY_TICKED) return [];
    const planned = pertMoments(plannedMinutes(step, route)).mean;
    return [{ stepId: step.id, title: step.title, planned, took }];
  });
}
