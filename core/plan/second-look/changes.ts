import { type Fastener, PHASES, type Route, type Step } from "../../model/job";
import { comesBefore } from "../../order/order";
import { placeIn } from "../../order/runs";

/** A step with what is usual: on the ground, nothing to be careful of. */
export function plainStep(
  id: string,
  phase: Step["phase"],
  kind: Step["kind"],
  title: string,
  more: Partial<Step> = {},
): Step {
  return { id, phase, kind, title: title.slice(0, 200), stance: "on the ground", cautions: [], ...more };
}

/**
 * The route with a step put in right before another, in that one's phase and stance unless it says otherwise.
 */
export function insertBefore(route: Route, beforeId: string, step: Step): Route {
  const at = route.steps.findIndex(({ id }) => id === beforeId);
  return { ...route, steps: [...route.steps.slice(0, at), step, ...route.steps.slice(at)] };
}

/** The route with a step put in as the last of its phase, where steps of later phases have not begun. */
export function appendToPhase(route: Route, step: Step): Route {
  const at = placeIn(route.steps, step.phase);
  return { ...route, steps: [...route.steps.slice(0, at), step, ...route.steps.slice(at)] };
}

/**
 * The route with a step brought forward to right before another, and with it all that has to come before it
 * and stands later; none keeps a later phase than where it comes to.
 */
export function bringForward(route: Route, id: string, beforeId: string): Route {
  const place = route.steps.findIndex((step) => step.id === beforeId);
  const target = route.steps[place];
  if (!target || id === beforeId) return route;
  const before = comesBefore(route.steps);
  const comes = new Set([id]);
  for (const one of comes)
    for (const need of before.get(one) ?? [])
      if (need !== beforeId && route.steps.findIndex((step) => step.id === need) > place) comes.add(need);
  const phase = (step: Step): Step["phase"] =>
    PHASES.indexOf(step.phase) > PHASES.indexOf(target.phase) ? target.phase : step.phase;
  return {
    ...route,
    steps: [
      ...route.steps.slice(0, place).filter((step) => !comes.has(step.id)),
      ...route.steps.flatMap((step) => (comes.has(step.id) ? [{ ...step, phase: phase(step) }] : [])),
      ...route.steps.slice(place).filter((step) => !comes.has(step.id)),
    ],
  };
}

export function changeStep(route: Route, id: string, change: (step: Step) => Step): Route {
  return { ...route, steps: route.steps.map((step) => (step.id === id ? change(step) : step)) };
}

export function changeFastener(route: Route, id: string, change: (fastener: Fastener) => Fastener): Route {
  return {
    ...route,
    fasteners: route.fasteners.map((fastener) => (fastener.id === id ? change(fastener) : fastener)),
  };
}

/** The route with a step moved to right after another. */
export function moveAfter(route: Route, id: string, afterId: string): Route {
  const step = route.steps.find((one) => one.id === id);
  if (!step) return route;
  const rest = route.steps.filter((one) => one.id !== id);
  const after = rest.findIndex((one) => one.id === afterId);
  return {
    ...route,
    steps: [
      ...rest.slice(0, after + 1),
      { ...step, phase: rest[after]?.phase ?? step.phase },
      ...rest.slice(after + 1),
    ],
  };
}
