"use client";

import { type Remote, wrap } from "comlink";
import { format, parseISO } from "date-fns";
import { useEffect, useMemo, useRef, useState } from "react";
import { daysAfter } from "@/core/day";
import { clockOf, minutesOf } from "@/core/day/clock";
import type { DayAsk } from "@/core/day/day";
import { spotOfZone } from "@/core/day/spot";
import { USUAL_SURROUNDINGS, handsFrom, startOn } from "@/core/day/world";
import type { DayPlan, Surroundings } from "@/core/model/day-plan";
import type { Job, Route } from "@/core/model/job";
import type { Vehicle } from "@/core/model/vehicle";
import { withRoute } from "@/core/plan/chosen-route";
import { pastsOf } from "@/core/shelf/lessons";
import { useCollection, useCurrent, useSetting } from "@/data/hooks";
import { stamp, touched } from "@/data/stamp";
import type { Answer, DayWorker } from "@/workers/day.worker";
import { today } from "../shell/clock";
import { useDo } from "../shell/DoProvider";

/** Where jobs are done: what was told of it, or what this device's own clock says. */
export function useSurroundings(): [Surroundings | undefined, (next: Surroundings) => Promise<void>] {
  const [kept, save] = useSetting("surroundings");
  const here = useMemo((): Surroundings => {
    const spot = spotOfZone(Intl.DateTimeFormat().resolvedOptions().timeZone);
    return { ...USUAL_SURROUNDINGS, ...(spot ? { spot } : {}) };
  }, []);
  return [kept === null ? here : kept, save];
}

/** Hours of hands that make a day worth beginning on. */
const LONG_MIN = 6 * 60;

/** Where a day begins that nobody has put down: the day it is planned for, or the next with time enough. */
function startOf(job: Job, around: Surroundings): Pick<DayPlan, "startsOn" | "startsAt"> {
  const ahead = [1, 2, 3, 4, 5, 6, 7].map((days) => daysAfter(today(), days));
  const long = ahead.find((day) => {
    const hours = around.hands[parseISO(day).getDay()];
    return hours && minutesOf(hours.to) - minutesOf(hours.from) >= LONG_MIN;
  });
  const planned = job.plannedFor !== undefined && job.plannedFor >= today() ? job.plannedFor : undefined;
  const startsOn = planned ?? long ?? daysAfter(today(), 1);
  const from = handsFrom(around, startsOn);
  // Today it begins no sooner than now: at the next quarter of an hour.
  const now = new Date();
  const quarter = Math.min(Math.ceil((now.getHours() * 60 + now.getMinutes()) / 15) * 15, 1425);
  return {
    startsOn,
    startsAt: startsOn === today() && minutesOf(from) < quarter ? clockOf(quarter) : from,
  };
}

/** The day of a job, put down or proposed, and ways to change it; undefined while it is read. */
export function useDayPlan(job: Job, around: Surroundings) {
  const days = useCollection("days");
  const current = useCurrent("days");
  const currentJob = useCurrent("jobs");
  const perform = useDo();
  // A proposal stays while its day is looked at.
  const [fresh] = useState((): DayPlan => ({
    ...stamp(job.origin),
    jobId: job.id,
    ...startOf(job, around),
    pauses: [{ at: "12:30", minutes: 45 }],
    helper: [],
  }));
  const stored = days?.find(({ jobId }) => jobId === job.id);
  const plan = days && (stored ?? fresh);
  const written = (how: (plan: DayPlan) => DayPlan): DayPlan[] => [
    touched(how(current(stored?.id ?? fresh.id) ?? fresh)),
  ];
  /**
   * What was said of it before holds no longer, unless its work has begun: then it is held against that.
   * @param route the plan's route where it changes with the day.
   */
  const change = (how: (plan: DayPlan) => DayPlan, says?: string, route?: Route) =>
    perform(
      () => ({
        put: {
          jobs: route ? [touched(withRoute(currentJob(job.id) ?? job, route))] : [],
          days: written((now) => {
            const { said, ...rest } = how(now);
            return job.state === "planned" || said === undefined ? rest : { ...rest, said };
          }),
        },
      }),
      says,
    );
  return {
    plan,
    change,
    /** Moves it to another day: where it began with its hours, it begins with those of the other. */
    beginOn: (on: string) => change((now) => ({ ...now, startsOn: on, startsAt: startOn(around, now, on) })),
    /** Puts it down: what is said of it now is held against how it goes. */
    goBy: (said: NonNullable<DayPlan["said"]>, says: string) =>
      perform(
        () => ({
          put: {
            days: written((now) => ({ ...now, said })),
            jobs: [touched({ ...(currentJob(job.id) ?? job), plannedFor: (plan ?? fresh).startsOn })],
          },
        }),
        says,
      ),
  };
}
export type DayInHand = ReturnType<typeof useDayPlan>;

/** How often a day is run over. */
const RUNS = 20_000;
const RUNS_TO_COMPARE = 1500;
/** How often a day under way is told anew, ms. */
const EVERY_MS = 60_000;

/** What a day is reckoned from; undefined while anything of it is read. */
export function useDayAsk(
  job: Job,
  vehicle: Vehicle,
  plan: DayPlan | undefined,
  around: Surroundings,
): DayAsk | undefined {
  const tools = useCollection("tools");
  const kits = useCollection("kits");
  const works = useCollection("works");
  const jobs = useCollection("jobs");
  const replacements = useCollection("replacements");
  const work = works?.find(({ jobId }) => jobId === job.id);
  const begun = job.state === "under way" && work !== undefined && work.events.length > 0;
  const now = useNow(begun);
  return useMemo(() => {
    if (!plan || !tools || !kits || !works || !jobs || !replacements) return undefined;
    return {
      job,
      vehicle,
      // A day under way is today's, whenever it was put down for.
      plan: begun ? { ...plan, startsOn: format(new Date(now), "yyyy-MM-dd") } : plan,
      tools,
      got: kits.find(({ jobId }) => jobId === job.id)?.got ?? [],
      replacements: replacements.filter(({ vehicleId }) => vehicleId === vehicle.id),
      pasts: pastsOf(jobs, works),
      around,
      now,
      ...(begun ? { work } : {}),
      runs: RUNS,
    };
  }, [job, vehicle, plan, around, tools, kits, works, jobs, replacements, work, begun, now]);
}

/** This moment: once, or anew each minute. */
function useNow(ticks: boolean): string {
  const [now, setNow] = useState(() => new Date().toISOString());
  useEffect(() => {
    if (!ticks) return undefined;
    const timer = setInterval(() => setNow(new Date().toISOString()), EVERY_MS);
    return () => clearInterval(timer);
  }, [ticks]);
  return now;
}

interface Told<T> {
  ask: DayAsk;
  answer: Answer<T> | undefined;
}

/** A day reckoned in a worker: the last answer, whether it is of what is asked now, and whether it failed. */
export function useReckoned<K extends "tell" | "compare">(what: K, ask: DayAsk | undefined) {
  type T = Extract<Awaited<ReturnType<DayWorker[K]>>, { kind: "told" }>["told"];
  const worker = useRef<Remote<DayWorker>>(undefined);
  const [result, setResult] = useState<Told<T>>();
  useEffect(() => {
    const started = new Worker(new URL("../../workers/day.worker.ts", import.meta.url), { type: "module" });
    worker.current = wrap<DayWorker>(started);
    return () => {
      worker.current = undefined;
      started.terminate();
    };
  }, []);
  useEffect(() => {
    if (!ask) return undefined;
    let wanted = true;
    const reckon = worker.current?.[what] as ((of: DayAsk) => Promise<Answer<T>>) | undefined;
    void reckon?.(what === "compare" ? { ...ask, runs: RUNS_TO_COMPARE } : ask).then(
      (answer) => wanted && setResult({ ask, answer }),
      () => wanted && setResult({ ask, answer: undefined }),
    );
    return () => {
      wanted = false;
    };
  }, [ask, what]);
  const answer = result?.answer;
  return {
    told: answer?.kind === "told" ? answer.told : undefined,
    stale: result?.ask !== ask,
    refused: result && result.ask === ask ? refusal(answer) : undefined,
  };
}

const refusal = (answer: Answer<unknown> | undefined): string | undefined => {
  if (!answer) return "The day could not be reckoned. Open this page again.";
  return answer.kind === "refused" ? answer.says : undefined;
};
