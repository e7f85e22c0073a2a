import type { Route, Step } from "../model/job";
import { sideOf } from "../side";
import { copyRoute, otherSide } from "./copy-job";

/** The same step on the other side; undefined when the plan has none. */
export function twinOf(route: Route, step: Step): Step | undefined {
  if (sideOf(step.title) === undefined) return undefined;
  const title = otherSide(step.title).toLowerCase();
  return route.steps.find((one) => one.title.toLowerCase() === title && one.phase === step.phase);
}

/** Steps of one side that the plan does not have for the other. */
export function oneSided(route: Route): Step[] {
  return route.steps.filter((step) => sideOf(step.title) !== undefined && twinOf(route, step) === undefined);
}

/**
 * The route with the other side's steps, fasteners and parts for those of one side: each run of steps is
 * followed by its twin. What there is for both sides already, or for neither, stays as it is.
 */
export function withOtherSide(route: Route, newId: () => string): Route {
  const alone = new Set(oneSided(route).map(({ id }) => id));
  if (alone.size === 0) return route;
  const twin = copyRoute(route, newId, true);
  const runs: Step[][] = [];
  let last: Step | undefined;
  for (const step of route.steps) {
    const joins =
      last !== undefined && alone.has(step.id) === alone.has(last.id) && step.phase === last.phase;
    if (joins) runs.at(-1)?.push(step);
    else runs.push([step]);
    last = step;
  }
  const twins = new Map(route.steps.map((step, i) => [step.id, twin.steps[i]]));
  const made = route.steps.flatMap((step) => (alone.has(step.id) ? (twins.get(step.id) ?? []) : []));
  const ids = new Map(route.steps.map((step) => [twins.get(step.id)?.id ?? "", step.id]));
  const madeIds = new Set(made.map(({ id }) => id));
  // What a new step needs is the other new step where there is one, and the old one otherwise.
  const tied = (step: Step): Step =>
    step.needs
      ? { ...step, needs: step.needs.map((id) => (madeIds.has(id) ? id : (ids.get(id) ?? id))) }
      : step;
  const used = new Set(made.map(({ fastenerId }) => fastenerId));
  const names = new Set(route.fasteners.map(({ name }) => name.toLowerCase()));
  const side = otherSide(sideOf(route.steps.find(({ id }) => alone.has(id))?.title ?? "") ?? "left");
  const parts = twin.parts.filter(
    (part, i) =>
      part.place !== route.parts[i]?.place &&
      !route.parts.some((one) => one.name === part.name && one.place === part.place),
  );
  return {
    ...route,
    steps: runs.flatMap((run) =>
      alone.has(run[0]?.id ?? "")
        ? [...run, ...run.flatMap((step) => twins.get(step.id) ?? []).map(tied)]
        : run,
    ),
    fasteners: [
      ...route.fasteners,
      ...twin.fasteners
        .filter(({ id }) => used.has(id))
        .map((one) =>
          names.has(one.name.toLowerCase()) ? { ...one, name: `${one.name}, ${side}`.slice(0, 200) } : one,
        ),
    ],
    parts: [...route.parts, ...parts],
  };
}
