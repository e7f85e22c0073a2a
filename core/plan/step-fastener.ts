import type { Fastener, Route, Step } from "../model/job";

/**
 * The fastener that a step works on, as many of it as the step handles; undefined when it works on none.
 * Where a step handles only some, they stand in no pattern of their own.
 */
export function stepFastener(route: Route, step: Step): Fastener | undefined {
  const fastener = route.fasteners.find(({ id }) => id === step.fastenerId);
  if (!fastener || step.count === undefined || step.count === fastener.count) return fastener;
  const { pattern: _whole, ...rest } = fastener;
  return { ...rest, count: step.count };
}
