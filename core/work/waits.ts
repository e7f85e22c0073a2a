import type { Route, Step } from "../model/job";
import type { Work } from "../model/work";
import { comesBefore } from "../order/order";
import { eventsOf } from "./event";

/** A wait that has begun: something soaks, cools or cures while other steps go ahead. */
export interface Wait {
  step: Step;
  minutes: number;
  until: string;
  /** Moments in ms since 1970. */
  startedMs: number;
  endsMs: number;
}

/** The waits that have begun and whose steps are not done, the one that ends first before the others. */
export function runningWaits(work: Work, route: Route): Wait[] {
  const done = new Set(eventsOf(work, "step").map(({ stepId }) => stepId));
  const begun = new Map(
    eventsOf(work, "task").flatMap((event) =>
      event.task === "hands" ? [[event.stepId, Date.parse(event.at)] as const] : [],
    ),
  );
  const over = new Set(
    eventsOf(work, "task").flatMap((event) => (event.task === "wait" ? [event.stepId] : [])),
  );
  return route.steps
    .flatMap((step): Wait[] => {
      const startedMs = begun.get(step.id);
      if (!step.wait || startedMs === undefined || done.has(step.id) || over.has(step.id)) return [];
      return [{ step, ...step.wait, startedMs, endsMs: startedMs + step.wait.minutes * 60_000 }];
    })
    .sort((a, b) => a.endsMs - b.endsMs);
}

/**
 * How a wait stands at a moment: what is left of it, or that it is over. Before its own beginning the clock
 * has been changed.
 */
export function waitState(
  { startedMs, endsMs }: Wait,
  nowMs: number,
): { kind: "running" | "over" | "clock changed"; leftMs: number } {
  if (nowMs < startedMs - 60_000) return { kind: "clock changed", leftMs: endsMs - startedMs };
  return nowMs >= endsMs ? { kind: "over", leftMs: 0 } : { kind: "running", leftMs: endsMs - nowMs };
}

/**
 * "12:05", or "1:02:05" from an hour on; whole seconds, rounded up so that nothing is called over too early.
 */
export function formatLeft(leftMs: number): string {
  const seconds = Math.ceil(leftMs / 1000);
  const [hours, minutes] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60];
  const two = (n: number) => String(n).padStart(2, "0");
  return hours > 0 ? `${hours}:${two(minutes)}:${two(seconds % 60)}` : `${minutes}:${two(seconds % 60)}`;
}

const isPutBack = ({ phase }: Step): boolean => phase === "put back" || phase === "prove it";

/**
 * Ids of the steps that cannot go ahead while these steps are not done: those that need them, directly or
 * through others, and where something still has to come off, all that is put back after it.
 */
export function heldUpBy(route: Route, stepIds: ReadonlySet<string>): Set<string> {
  const before = comesBefore(route.steps);
  const held = new Set(stepIds);
  for (let grew = true; grew;) {
    grew = false;
    const offAt = route.steps.findIndex(
      (step) => held.has(step.id) && !stepIds.has(step.id) && !isPutBack(step),
    );
    for (const [i, step] of route.steps.entries()) {
      if (held.has(step.id)) continue;
      const needs = [...(before.get(step.id) ?? [])].some((need) => held.has(need));
      if (!needs && !(offAt >= 0 && i > offAt && isPutBack(step))) continue;
      held.add(step.id);
      grew = true;
    }
  }
  return held;
}
