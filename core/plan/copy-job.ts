import type { Job, Route } from "../model/job";

const OTHER: Record<string, string> = {
  left: "right",
  right: "left",
  Left: "Right",
  Right: "Left",
  LEFT: "RIGHT",
  RIGHT: "LEFT",
  nearside: "offside",
  offside: "nearside",
};

/** Words with left and right changed over. Example: "Wheel off, left" → "Wheel off, right". */
export function otherSide(text: string): string {
  return text.replace(/\b(?:left|right|nearside|offside)\b/gi, (word) => OTHER[word] ?? word);
}

const OTHER_WAY: Record<string, string> = {
  clockwise: "anticlockwise",
  anticlockwise: "clockwise",
  counterclockwise: "clockwise",
};

/**
 * A way of facing or turning on the other side: left and right changed over, and the sense of a turn. Example:
 * "turns clockwise, arrow to the left" → "turns anticlockwise, arrow to the right".
 */
export const otherWay = (text: string): string =>
  otherSide(text).replace(
    /\b(?:counter|anti)?clockwise\b/gi,
    (word) => OTHER_WAY[word.toLowerCase()] ?? word,
  );

/**
 * A route as a new one: every id its own, nothing of the old job's progress; mirrored left to right where
 * that is asked for. What belonged to the car it was done on (measured values, pinned slips) stays behind.
 */
export function copyRoute(route: Route, newId: () => string, mirrored = false): Route {
  const said = mirrored ? otherSide : (text: string) => text;
  const ids = new Map<string, string>();
  const idOf = (old: string) => {
    const known = ids.get(old) ?? newId();
    ids.set(old, known);
    return known;
  };
  return {
    ...route,
    id: newId(),
    name: said(route.name),
    fasteners: route.fasteners.map((fastener) => ({
      ...fastener,
      id: idOf(fastener.id),
      name: said(fastener.name),
      ...(fastener.note ? { note: said(fastener.note) } : {}),
    })),
    parts: route.parts.map((part) => ({
      ...part,
      id: newId(),
      name: said(part.name),
      place: said(part.place) as typeof part.place,
      ...(part.hand ? { hand: said(part.hand) as typeof part.hand } : {}),
      ...(part.renews ? { renews: idOf(part.renews) } : {}),
      ...(part.holds ? { holds: part.holds.map(idOf) } : {}),
    })),
    steps: route.steps.map(({ slips: _pinned, ...step }) => ({
      ...step,
      id: idOf(step.id),
      title: said(step.title),
      cautions: step.cautions.map(said),
      ...(step.detail ? { detail: said(step.detail) } : {}),
      ...(step.fastenerId ? { fastenerId: idOf(step.fastenerId) } : {}),
      ...(step.needs ? { needs: step.needs.map(idOf) } : {}),
      ...(step.facing ? { facing: mirrored ? otherWay(step.facing) : step.facing } : {}),
      ...(step.mark ? { mark: mirrored ? otherWay(step.mark) : step.mark } : {}),
      ...(step.vehicleIs ? { vehicleIs: said(step.vehicleIs) } : {}),
      ...(step.routing ? { routing: step.routing.map(said) } : {}),
      ...(step.loaded ? { loaded: said(step.loaded) } : {}),
      ...(step.heldUp ? { heldUp: said(step.heldUp) } : {}),
      ...(step.takesOff ? { takesOff: step.takesOff.map(said) } : {}),
      ...(step.putsBack ? { putsBack: step.putsBack.map(said) } : {}),
      ...(step.movesPast ? { movesPast: step.movesPast.map(said) } : {}),
      ...(step.mirrorOf
        ? { mirrorOf: { stepId: idOf(step.mirrorOf.stepId), title: said(step.mirrorOf.title) } }
        : {}),
    })),
    ...(route.specialTools
      ? {
          specialTools: route.specialTools.map((one) => ({
            ...one,
            id: newId(),
            ...(one.turns ? { turns: one.turns.map(idOf) } : {}),
          })),
        }
      : {}),
    ...(route.laysBare
      ? {
          laysBare: route.laysBare.map((one) => ({
            ...one,
            id: newId(),
            name: said(one.name),
            place: said(one.place) as typeof one.place,
          })),
        }
      : {}),
  };
}

/** What a new job takes from an earlier one: its title, system and routes. */
export function copyJob(
  job: Pick<Job, "title" | "system" | "routes" | "chosenRouteId">,
  newId: () => string,
  mirrored = false,
): Pick<Job, "title" | "system" | "routes" | "chosenRouteId"> {
  const routes = job.routes.map((route) => copyRoute(route, newId, mirrored));
  const chosen = job.routes.findIndex(({ id }) => id === job.chosenRouteId);
  return {
    title: mirrored ? otherSide(job.title) : job.title,
    system: job.system,
    routes,
    chosenRouteId: (routes[chosen] ?? routes[0])?.id ?? "",
  };
}
