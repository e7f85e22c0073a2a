import type { Route } from "../model/job";
import type { Work } from "../model/work";
import { doneSteps } from "../work/progress";
import { stepMinutes } from "../work/times";
import { runningWaits } from "../work/waits";
import type { Activity } from "./activity";
import { minutesSince } from "./clock";
import { howItWent } from "./expect";
import { type Speed, speedToday } from "./speed";

/** A day under way: what is left of it, from now on. */
export interface UnderWay {
  activities: Activity[];
  start: number;
  /** One's own speed with how today went so far. */
  speed: Speed;
  /** Until when waits that run keep what needs them. */
  notBefore: Map<string, number>;
}

/** What is left at least of a step that takes longer than thought, minutes. */
const STILL_LEFT = 1;

/**
 * What is left of a day whose work has begun: steps done are left out, a wait that runs ends when it ends, the step in
 * hand has what is left of it, and how fast the day went so far counts for the rest.
 * @param now minutes since the first midnight.
 */
export function underWay(
  activities: readonly Activity[],
  work: Work,
  route: Route,
  zero: string,
  now: number,
  before: Speed,
): UnderWay {
  const done = doneSteps(work);
  const left = activities.filter(({ id }) => !done.has(id));
  const waits = new Map(
    runningWaits(work, route).map(({ step, endsMs }) => [step.id, minutesSince(zero, new Date(endsMs))]),
  );
  const taken = stepMinutes(work, route, "hands");
  const notBefore = new Map(
    left.flatMap(({ id, after }) => {
      const ends = after.flatMap((one) => (one.waited ? (waits.get(one.id) ?? []) : []));
      return ends.length > 0 ? [[id, Math.max(...ends)] as const] : [];
    }),
  );
  return {
    activities: left.map((activity) => {
      const over = waits.get(activity.id);
      if (over !== undefined)
        return {
          ...activity,
          minutes: { least: 0, usual: 0, most: 0 },
          waits: Math.max(0, over - now),
          branches: [],
        };
      const spent = taken.get(activity.id) ?? 0;
      if (spent === 0) return activity;
      const rest = (minutes: number) => Math.max(STILL_LEFT, minutes - spent);
      const { least, usual, most } = activity.minutes;
      return { ...activity, minutes: { least: rest(least), usual: rest(usual), most: rest(most) } };
    }),
    start: now,
    speed: speedToday(before, howItWent(work, route)),
    notBefore,
  };
}
