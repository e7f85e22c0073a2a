import type { Fastener, Minutes, Route, Step } from "../model/job";
import type { HeadSize } from "../quantity/head-size";
import type { TorqueFigure } from "../quantity/torque-figure";
import { withoutUndefined } from "../without-undefined";
import { mirrorTitle } from "./mirror";

/** What gets on where the wrench does not. */
export type GetsOn =
  { access: "crowfoot only"; offsetMm: number; angleDeg: number } | { access: "spanner only" | "by feel" };

/** The route with a fastener reached as it really can be: its setting and its face follow from that. */
export function reachedWith(route: Route, fastenerId: string, on: GetsOn): Route {
  return changed(route, fastenerId, ({ adapter: _before, ...one }) =>
    on.access === "crowfoot only"
      ? { ...one, access: on.access, adapter: { offsetMm: on.offsetMm, angleDeg: on.angleDeg } }
      : { ...one, access: on.access },
  );
}

/** The route with the head as it was found: coming off, or, where it is new, going on. */
export function foundHead(route: Route, fastenerId: string, step: Step, head: HeadSize): Route {
  return changed(route, fastenerId, ({ sizeDoubtful: _sure, ...one }) =>
    step.phase === "put back" && one.sizeToUndo ? { ...one, sizeToDoUp: head } : { ...one, sizeToUndo: head },
  );
}

/** How a step really goes. What is left undefined is said to have none. */
export interface ReallyIs {
  title: string;
  detail: string | undefined;
  minutes: Minutes | undefined;
  /** Of the step's fastener; undefined where it has none or its figure stays. */
  figure: TorqueFigure | undefined;
}

/**
 * The route with a step as it really goes. A figure that was put right here is no longer the one that was looked
 * up: where it is from is to be said anew.
 */
export function reallyIs(route: Route, step: Step, is: ReallyIs): Route {
  const { title, detail, minutes, figure } = is;
  const steps = route.steps.map((one) =>
    one.id === step.id ? withoutUndefined({ ...one, title, detail, minutes }) : one,
  );
  const withStep = { ...route, steps };
  if (!figure || !step.fastenerId) return withStep;
  return changed(withStep, step.fastenerId, ({ source: _before, doubtful: _sure, ...one }) => ({
    ...one,
    figure,
  }));
}

const changed = (route: Route, id: string, change: (fastener: Fastener) => Fastener): Route => ({
  ...route,
  fasteners: route.fasteners.map((one) => (one.id === id ? change(one) : one)),
});

/**
 * The route with something that is in the way taken aside before a step, and put back behind the way back of that
 * step, or else before the vehicle is let down.
 * @param what in a few words: "heat shield"; the ids are those of the two steps.
 */
export function takenAside(
  route: Route,
  step: Step,
  what: string,
  [offId, backId]: readonly [string, string],
): Route {
  const name = what.trim().slice(0, 180);
  const off: Step = {
    id: offId,
    title: `${name.charAt(0).toUpperCase()}${name.slice(1)} aside`,
    phase: step.phase,
    kind: "do",
    stance: step.stance,
    cautions: [],
    takesOff: [name],
  };
  const at = route.steps.findIndex(({ id }) => id === step.id);
  const withOff = [...route.steps.slice(0, at), off, ...route.steps.slice(at)];
  const title = mirrorTitle(off.title);
  const { takesOff: _off, ...plain } = off;
  const back: Step = {
    ...plain,
    id: backId,
    title,
    phase: step.phase === "prove it" ? "prove it" : "put back",
    mirrorOf: { stepId: off.id, title },
    putsBack: [name],
  };
  // What stands behind the step while it is put back: the last that has to do with it.
  const wayBack = withOff.findLastIndex(
    ({ mirrorOf, fastenerId, phase, stance }) =>
      phase === "put back" &&
      stance === step.stance &&
      (mirrorOf?.stepId === step.id || (fastenerId !== undefined && fastenerId === step.fastenerId)),
  );
  const own = withOff.findIndex(({ id }) => id === step.id);
  const lowered = withOff.findIndex(({ kind, phase }) => kind === "lower" && phase === "put back");
  const proved = withOff.findIndex(({ phase }) => phase === "prove it");
  const places = [wayBack >= 0 ? wayBack + 1 : -1, step.phase === "put back" ? own + 1 : -1, lowered, proved];
  const place = places.find((one) => one > own) ?? withOff.length;
  return { ...route, steps: [...withOff.slice(0, place), back, ...withOff.slice(place)] };
}
