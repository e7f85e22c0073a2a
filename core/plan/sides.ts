import type { Part, Route, Step } from "../model/job";
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

/** Whether a step is of neither side and raises the vehicle or lets it down: both sides wait for it. */
const isForBoth = ({ kind, title }: Step): boolean =>
  (kind === "raise" || kind === "lower") && sideOf(title) === undefined;

/**
 * The route with the other side's steps, fasteners and parts for those of one side: all of a side that lies
 * between two raisings or lowerings of the vehicle is finished before the other is opened, which waits for it.
 * What there is for both sides already, or for neither, stays as it is.
 */
export function withOtherSide(route: Route, newId: () => string): Route {
  const alone = new Set(oneSided(route).map(({ id }) => id));
  if (alone.size === 0) return route;
  const twin = copyRoute(route, newId, true);
  const twins = new Map(route.steps.map((step, i) => [step.id, twin.steps[i]]));
  const made = route.steps.flatMap((step) => (alone.has(step.id) ? (twins.get(step.id) ?? []) : []));
  const ids = new Map(route.steps.map((step) => [twins.get(step.id)?.id ?? "", step.id]));
  const madeIds = new Set(made.map(({ id }) => id));
  // What a new step needs is the other new step where there is one, and the old one otherwise.
  const tied = ({ mirrorOf, ...step }: Step): Step => ({
    ...step,
    ...(step.needs ? { needs: step.needs.map((id) => (madeIds.has(id) ? id : (ids.get(id) ?? id))) } : {}),
    ...(mirrorOf && madeIds.has(mirrorOf.stepId) ? { mirrorOf } : {}),
  });
  const used = new Set(made.flatMap(({ fastenerId }) => fastenerId ?? []));
  const names = new Set(route.fasteners.map(({ name }) => name.toLowerCase()));
  const side = otherSide(sideOf(route.steps.find(({ id }) => alone.has(id))?.title ?? "") ?? "left");
  return {
    ...route,
    steps: segmentsOf(route.steps).flatMap((segment) => {
      const last = segment.findLast(({ id }) => alone.has(id));
      const others = segment
        .flatMap((step) => (alone.has(step.id) ? (twins.get(step.id) ?? []) : []))
        .map(tied);
      if (!last || !others[0]) return segment;
      const [first, ...rest] = others;
      const at = segment.indexOf(last) + 1;
      const waiting = { ...first, needs: [...new Set([...(first.needs ?? []), last.id])] };
      return [...segment.slice(0, at), waiting, ...rest, ...segment.slice(at)];
    }),
    fasteners: [
      ...route.fasteners,
      ...twin.fasteners
        .filter(({ id }) => used.has(id))
        .map((one) =>
          names.has(one.name.toLowerCase()) ? { ...one, name: `${one.name}, ${side}`.slice(0, 200) } : one,
        ),
    ],
    // What turns the one turns the other.
    ...(route.specialTools
      ? {
          specialTools: route.specialTools.map((tool, i) => {
            const others = twin.specialTools?.[i]?.turns?.filter((id) => used.has(id)) ?? [];
            return others.length > 0 ? { ...tool, turns: [...(tool.turns ?? []), ...others] } : tool;
          }),
        }
      : {}),
    parts: [...route.parts, ...twin.parts.filter((part, i) => isNew(route, part, route.parts[i], used))],
  };
}

/** A part of the other side: at another place, or the new pin of a fastener that is doubled. */
function isNew(route: Route, part: Part, was: Part | undefined, used: ReadonlySet<string>): boolean {
  if (part.renews !== undefined && used.has(part.renews)) return true;
  return (
    part.place !== was?.place &&
    !route.parts.some((one) => one.name === part.name && one.place === part.place)
  );
}

/** The steps between those that raise the vehicle or let it down for both sides, each of these by itself. */
function segmentsOf(steps: readonly Step[]): Step[][] {
  const segments: Step[][] = [[]];
  for (const step of steps) {
    if (isForBoth(step)) segments.push([step], []);
    else segments.at(-1)?.push(step);
  }
  return segments;
}
