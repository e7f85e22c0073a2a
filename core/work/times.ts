import type { Route } from "../model/job";
import type { Work } from "../model/work";
import { OTHER_SIDE, type Side, sideOf } from "../side";

/**
 * A longer gap between two taps is a pause, not work, minutes. Our own judgement: longer than any one step
 * between taps usually takes.
 */
const LONGEST_GAP_MIN = 45;

/**
 * Minutes worked on each step, by id: from one tap to the next belongs to the step of the later one. Pauses
 * do not count.
 */
export function stepMinutes(work: Work): Map<string, number> {
  const minutes = new Map<string, number>();
  work.events.forEach((event, i) => {
    const before = work.events[i - 1];
    if (!before || !("stepId" in event)) return;
    const gap = (Date.parse(event.at) - Date.parse(before.at)) / 60_000;
    if (gap < 0 || gap > LONGEST_GAP_MIN) return;
    minutes.set(event.stepId, (minutes.get(event.stepId) ?? 0) + gap);
  });
  return minutes;
}

export interface WorkTimes {
  totalMin: number;
  /** Of it, waiting for something, and on the ladders out of trouble; the rest is hands at it. */
  waitedMin: number;
  troubleMin: number;
  /** Minutes on the steps of each side, where the plan tells them apart. */
  sides: Record<Side, number>;
}

/** How long the work has taken, in all and by side. */
export function workTimes(work: Work, route: Route): WorkTimes {
  const minutes = stepMinutes(work);
  const sides = { left: 0, right: 0 };
  const { waitedMin, troubleMin } = awayFromIt(work, route);
  let totalMin = 0;
  for (const { id, title } of route.steps) {
    const took = minutes.get(id) ?? 0;
    totalMin += took;
    const side = sideOf(title);
    if (side) sides[side] += took;
  }
  return { totalMin, waitedMin, troubleMin, sides };
}

/**
 * How much faster the side that was begun later went than the first, minutes; less than nothing where it was
 * slower. Undefined until both have taken a minute.
 */
export function secondSideFaster(work: Work, route: Route): { side: Side; byMin: number } | undefined {
  const { sides } = workTimes(work, route);
  if (sides.left < 1 || sides.right < 1) return undefined;
  const sideAt = new Map(route.steps.map(({ id, title }) => [id, sideOf(title)]));
  const first = work.events
    .map((event) => ("stepId" in event ? sideAt.get(event.stepId) : undefined))
    .find((side) => side !== undefined);
  if (!first) return undefined;
  return { side: OTHER_SIDE[first], byMin: sides[first] - sides[OTHER_SIDE[first]] };
}

/** Minutes that ended in a wait being over, and those that ended in a rung of a ladder. */
function awayFromIt(work: Work, route: Route): { waitedMin: number; troubleMin: number } {
  // A step whose wait is the last thing it asks for is over with it.
  const waits = new Set(route.steps.flatMap(({ id, wait, measure }) => (wait && !measure ? [id] : [])));
  let [waitedMin, troubleMin] = [0, 0];
  work.events.forEach((event, i) => {
    const before = work.events[i - 1];
    const gap = before ? (Date.parse(event.at) - Date.parse(before.at)) / 60_000 : 0;
    if (gap <= 0 || gap > LONGEST_GAP_MIN) return;
    if (
      (event.type === "task" && event.task === "wait") ||
      (event.type === "step" && waits.has(event.stepId))
    )
      waitedMin += gap;
    if (event.type === "tried") troubleMin += gap;
  });
  return { waitedMin, troubleMin };
}

/** "2 h 05 min", "48 min". */
export function formatMinutes(minutes: number): string {
  const whole = Math.round(minutes);
  return whole < 60
    ? `${whole} min`
    : `${Math.floor(whole / 60)} h ${String(whole % 60).padStart(2, "0")} min`;
}
