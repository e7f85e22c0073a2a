import { InputError } from "../input-error";
import { type Fastener, PHASES, type Part, type PinnedSlip, type Route, type Step } from "../model/job";
import { brokenBy } from "../order/order";
import { placeIn } from "../order/runs";

/**
 * The route with this step put in: in the place of the step with its id where it is of the same phase, and
 * else behind the last of its phase.
 */
export function putStep(route: Route, step: Step): Route {
  const at = route.steps.findIndex((one) => one.id === step.id);
  if (at >= 0 && route.steps[at]?.phase === step.phase)
    return { ...route, steps: route.steps.map((one) => (one.id === step.id ? step : one)) };
  const rest = route.steps.filter((one) => one.id !== step.id);
  const place = placeIn(rest, step.phase);
  return { ...route, steps: [...rest.slice(0, place), step, ...rest.slice(place)] };
}

/** Whether a step does something that would be lost with it. */
export const doesMore = ({
  fastenerId,
  takesOff,
  putsBack,
  movesPast,
  measure,
  wait,
  mark,
  photo,
}: Step): boolean =>
  [fastenerId, measure, wait, mark, photo].some((one) => one !== undefined) ||
  [takesOff, putsBack, movesPast].some((things) => things !== undefined && things.length > 0);

/** The route without the step. */
export function removeStep(route: Route, stepId: string): Route {
  return { ...route, steps: route.steps.filter((step) => step.id !== stepId) };
}

/**
 * The route with a step moved one place earlier or later. At the edge of its phase it goes into the next
 * phase that way; at the very first or last place nothing changes.
 * @throws InputError when the route has no such step, or when the new order breaks a dependency, saying
 * which.
 */
export function moveStep(route: Route, stepId: string, way: "earlier" | "later"): Route {
  const at = route.steps.findIndex((step) => step.id === stepId);
  const step = route.steps[at];
  if (!step) throw new InputError("That step is no longer in the plan.");
  const moved = onePlace(route, at, step, way);
  const breaks = brokenBy(moved.steps);
  // What was broken before may be mended a step at a time.
  if (breaks && !brokenBy(route.steps))
    throw new InputError(
      `“${breaks.step.title}” has to come after “${breaks.needs.title}”. The order stays as it was.`,
    );
  return moved;
}

function onePlace(route: Route, at: number, step: Step, way: "earlier" | "later"): Route {
  const by = way === "earlier" ? -1 : 1;
  const neighbour = route.steps[at + by];
  if (neighbour?.phase === step.phase) {
    const steps = [...route.steps];
    steps[at] = neighbour;
    steps[at + by] = step;
    return { ...route, steps };
  }
  const next = PHASES.indexOf(step.phase) + by;
  // Phases without a step are passed through; where the other side begins anew, its phase is the next.
  const isBack = neighbour !== undefined && (PHASES.indexOf(neighbour.phase) - next) * by < 0;
  const phase = isBack ? neighbour.phase : PHASES[next];
  return phase
    ? { ...route, steps: route.steps.map((one) => (one.id === step.id ? { ...step, phase } : one)) }
    : route;
}

/** The route with a slip pinned to one of its steps. @throws InputError when the route has no such step. */
export function pinSlip(route: Route, stepId: string, slip: PinnedSlip): Route {
  const step = route.steps.find(({ id }) => id === stepId);
  if (!step) throw new InputError("That step is no longer in the plan.");
  return putStep(route, { ...step, slips: [...(step.slips ?? []), slip] });
}

/** The route without a pinned slip. */
export function unpinSlip(route: Route, slipId: string): Route {
  return {
    ...route,
    steps: route.steps.map((step) =>
      step.slips ? { ...step, slips: step.slips.filter(({ id }) => id !== slipId) } : step,
    ),
  };
}

/** The route with this fastener in the place of the one with its id, or added. */
export function putFastener(route: Route, fastener: Fastener): Route {
  return { ...route, fasteners: putById(route.fasteners, fastener) };
}

/** The route without the fastener; steps and special tools that named it stay, without it. */
export function removeFastener(route: Route, fastenerId: string): Route {
  return {
    ...route,
    ...(route.specialTools
      ? {
          specialTools: route.specialTools.map(({ turns, ...tool }) => {
            const left = turns?.filter((id) => id !== fastenerId) ?? [];
            return left.length > 0 ? { ...tool, turns: left } : tool;
          }),
        }
      : {}),
    fasteners: route.fasteners.filter((fastener) => fastener.id !== fastenerId),
    steps: route.steps.map((step) => {
      if (step.fastenerId !== fastenerId) return step;
      const { fastenerId: _gone, ...rest } = step;
      return rest;
    }),
  };
}

/** The route with this part in the place of the one with its id, or added. */
export function putPart(route: Route, part: Part): Route {
  return { ...route, parts: putById(route.parts, part) };
}

/** The route without the part. */
export function removePart(route: Route, partId: string): Route {
  return { ...route, parts: route.parts.filter((part) => part.id !== partId) };
}

function putById<T extends { id: string }>(list: readonly T[], item: T): T[] {
  return list.some((one) => one.id === item.id)
    ? list.map((one) => (one.id === item.id ? item : one))
    : [...list, item];
}
