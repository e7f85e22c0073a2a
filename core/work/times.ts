import type { Route } from "../model/job";
import type { Work } from "../model/work";
import { OTHER_SIDE, type Side, sideOf } from "../side";

/**
 * A longer gap between two taps is a pause, not work, minutes. Our own judgement: longer than any one step
 * between taps usually takes.
 */
const LONGEST_GAP_MIN = 45;

/** Less than this on a step was ticked after the fact, and tells nothing of how long it took, minutes. A judgement. */
export const ONLY_TICKED = 0.25;

/** What the minutes before a tap went on. */
type WentOn = "hands" | "wait" | "trouble";

interface Gap {
  stepId: string;
  minutes: number;
  on: WentOn;
}

/** From one tap to the next: it belongs to the step of the later one. Pauses do not count. */
function gapsOf(work: Work, route: Pick<Route, "steps">): Gap[] {
  // A step whose wait is the last thing it asks for is over with it.
  const waits = new Set(route.steps.flatMap(({ id, wait, measure }) => (wait && !measure ? [id] : [])));
  return work.events.flatMap((event, i): Gap[] => {
    const before = work.events[i - 1];
    if (!before || !("stepId" in event)) return [];
    const minutes = (Date.parse(event.at) - Date.parse(before.at)) / 60_000;
    if (minutes < 0 || minutes > LONGEST_GAP_MIN) return [];
    return [{ stepId: event.stepId, minutes, on: wentOn(event, waits) }];
  });
}

function wentOn(event: Work["events"][number], waits: ReadonlySet<string>): WentOn {
  if (event.type === "tried") return "trouble";
  const waited =
    (event.type === "task" && event.task === "wait") || (event.type === "step" && waits.has(event.stepId));
  return waited ? "wait" : "hands";
}

const sumOf = (gaps: readonly Gap[], on?: WentOn): number =>
  gaps.reduce((sum, gap) => (on === undefined || gap.on === on ? sum + gap.minutes : sum), 0);

/**
 * Minutes on each step, by id, that has taken any: all of them, or only those that went on one thing.
 * @param on hands at it, a wait, or the ladder out of a trouble.
 */
export function stepMinutes(work: Work, route: Pick<Route, "steps">, on?: WentOn): Map<string, number> {
  const minutes = new Map<string, number>();
  for (const gap of gapsOf(work, route))
    if (on === undefined || gap.on === on)
      minutes.set(gap.stepId, (minutes.get(gap.stepId) ?? 0) + gap.minutes);
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
  const gaps = gapsOf(work, route);
  const sideAt = new Map(route.steps.map(({ id, title }) => [id, sideOf(title)]));
  const ofSide = (side: Side) => sumOf(gaps.filter(({ stepId }) => sideAt.get(stepId) === side));
  return {
    totalMin: sumOf(gaps.filter(({ stepId }) => sideAt.has(stepId))),
    waitedMin: sumOf(gaps, "wait"),
    troubleMin: sumOf(gaps, "trouble"),
    sides: { left: ofSide("left"), right: ofSide("right") },
  };
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

/** "2 h 05 min", "48 min". */
export function formatMinutes(minutes: number): string {
  const whole = Math.round(minutes);
  return whole < 60
    ? `${whole} min`
    : `${Math.floor(whole / 60)} h ${String(whole % 60).padStart(2, "0")} min`;
}
