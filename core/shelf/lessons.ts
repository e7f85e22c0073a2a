import type { Job, Minutes, Route, Step } from "../model/job";
import type { OftenWrong } from "../model/trouble";
import type { Work } from "../model/work";
import { chosenRoute } from "../plan/chosen-route";
import { ONLY_TICKED, formatMinutes, stepMinutes, workTimes } from "../work/times";
import { type Trouble, troublesOf } from "../work/trouble/trouble";

/** A job that was done, with how it really went. */
export interface Past {
  job: Job;
  work: Work;
}

/** Those of some jobs that were done with Work running, the newest first. */
export function pastsOf(jobs: readonly Job[], works: readonly Work[]): Past[] {
  return jobs
    .flatMap((job): Past[] => {
      const work = works.find(({ jobId }) => jobId === job.id);
      return work && job.state === "done" ? [{ job, work }] : [];
    })
    .sort((a, b) => (b.job.doneOn ?? "").localeCompare(a.job.doneOn ?? ""));
}

/** Troubles that a plan may count on again: what lay with the part, not with a parts box. */
const ONCE: readonly Trouble["kind"][] = [
  "wrong part",
  "missing part",
  "was missing already",
  "was fitted wrong",
];

/**
 * How it went, in a few words. Example: "2 h 05 min; brake union seized, heat did it".
 */
export function lessonWords({ job, work }: Past): string {
  const { totalMin } = workTimes(work, chosenRoute(job));
  const met = troublesOf(work).map(troubleWords);
  return [...(totalMin >= 1 ? [formatMinutes(totalMin)] : []), ...met].join("; ");
}

const troubleWords = ({ about, kind, solvedBy }: Trouble): string =>
  `${about} ${kind}${solvedBy ? `, ${solvedBy} did it` : ""}`;

/** How much one's own past counts against what was planned: as much as the plan from the third time on. */
const PRIOR_COUNTS = 3;

/**
 * A mean of what was seen that leans on what was thought before, the less the more was seen: (n·mean + k·prior) /
 * (n + k), k = 3. Example: 8 planned, once 16 → 10.
 */
export function leaning(prior: number, seen: readonly number[]): number {
  const sum = seen.reduce((total, one) => total + one, 0);
  return (sum + PRIOR_COUNTS * prior) / (seen.length + PRIOR_COUNTS);
}

/**
 * A route with what was learnt the times before, step by step of the same title: minutes of hands at it, what went
 * wrong and how often, and what did it.
 */
export function withLessons(route: Route, pasts: readonly Past[]): Route {
  if (pasts.length === 0) return route;
  const before = pasts.map(({ job, work }) => {
    const was = chosenRoute(job);
    return { was, minutes: stepMinutes(work, was, "hands"), troubles: troublesOf(work) };
  });
  const learnt = (step: Step): Step => {
    const same = before.flatMap(({ was, minutes, troubles }) => {
      const old = was.steps.find(({ title }) => title === step.title);
      return old
        ? [{ took: minutes.get(old.id), met: troubles.filter(({ stepId }) => stepId === old.id) }]
        : [];
    });
    const took = same.flatMap(({ took: one = 0 }) => (one < ONLY_TICKED ? [] : [one]));
    const met = same.flatMap((one) => one.met);
    const again = met.filter(({ kind }) => !ONCE.includes(kind));
    const said = met.length > 0 ? `Met before: ${met.map(troubleWords).join("; ")}.` : "";
    return {
      ...step,
      ...(took.length > 0 ? { minutes: learntMinutes(step.minutes, took) } : {}),
      ...(again.length > 0 || step.troubles
        ? { troubles: learntTroubles(step.troubles ?? [], again, same.length) }
        : {}),
      ...(said && !step.detail?.includes(said)
        ? { detail: [step.detail, said].filter(Boolean).join(" ") }
        : {}),
    };
  };
  return { ...route, steps: route.steps.map(learnt) };
}

function learntMinutes(planned: Minutes | undefined, took: readonly number[]): Minutes {
  const tenths = (minutes: number) => Math.round(minutes * 10) / 10;
  if (!planned) return { usual: tenths(took.reduce((sum, one) => sum + one, 0) / took.length) };
  const usual = tenths(leaning(planned.usual, took));
  const { least, most } = planned;
  return {
    usual,
    ...(least === undefined ? {} : { least: Math.min(least, usual, ...took.map(tenths)) }),
    ...(most === undefined ? {} : { most: Math.max(most, usual, ...took.map(tenths)) }),
  };
}

function learntTroubles(
  planned: readonly OftenWrong[],
  met: readonly Trouble[],
  times: number,
): OftenWrong[] {
  const kinds = [...new Set([...planned, ...met].map(({ kind }) => kind))];
  return kinds.map((kind) => {
    const { young, old } = planned.find((one) => one.kind === kind) ?? { young: 0, old: 0 };
    // A time it was met is a hundred in a hundred, one it was not is none.
    const seen = Array.from({ length: times }, (_, i) =>
      i < met.filter((one) => one.kind === kind).length ? 100 : 0,
    );
    const whole = (chance: number) => Math.round(Math.min(100, leaning(chance, seen)));
    return { kind, young: whole(young), old: whole(old) };
  });
}
