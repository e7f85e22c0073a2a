import type { Fastener, Route, Step } from "../../model/job";

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
  const order: readonly Step["phase"][] = ["make safe", "take apart", "look closely", "put back", "prove it"];
  const last = route.steps.findLastIndex((one) => order.indexOf(one.phase) <= order.indexOf(step.phase));
  return { ...route, steps: [...route.steps.slice(0, last + 1), step, ...route.steps.slice(last + 1)] };
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
