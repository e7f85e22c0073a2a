import type { Route, Step } from "../model/job";
import type { Compared, Work } from "../model/work";
import { sharesWord } from "../shares-word";
import { sideOf } from "../side";
import { type Moment, eventsOf, withEvent } from "./event";
import { photosOf } from "./photos";
import { halfTurns } from "./turns-counted";

/** How something sat before it came off: what was photographed, marked, counted, and which way it faced. */
export interface Sat {
  /** The steps that it is known from. */
  of: Step[];
  photoIds: string[];
  /** What was marked, which way it faced and what it went round, a line each. */
  lines: string[];
  /** Half turns that were counted as it came off. */
  halfTurns: number;
  /** What was answered to "same as before?", if anything was. */
  compared: Compared | undefined;
}

/** The steps in which what is put back was seen as it had been: its own taking-off, and what was photographed of it. */
function sourcesOf({ steps }: Route, step: Step): Step[] {
  const at = steps.findIndex(({ id }) => id === step.id);
  const puts = new Set((step.putsBack ?? []).map((thing) => thing.toLowerCase()));
  const side = sideOf(step.title);
  return steps.slice(0, Math.max(0, at)).filter((one) => {
    if (one.phase === "put back" || one.phase === "prove it") return false;
    if (one.id === step.mirrorOf?.stepId) return true;
    if (one.fastenerId !== undefined && one.fastenerId === step.fastenerId) return true;
    if (one.takesOff?.some((thing) => puts.has(thing.toLowerCase()))) return true;
    const looked = one.photo === true || one.mark !== undefined;
    return looked && sideOf(one.title) === side && sharesWord(one.title, step.title);
  });
}

/**
 * How what a step puts back sat before; undefined where nothing was kept of it, or where an earlier step that puts
 * the same back has shown it.
 */
export function howItSat(work: Work, route: Route, step: Step): Sat | undefined {
  // Turns that are counted back say by themselves how many there were, and to which mark.
  if (step.phase !== "put back" || step.kind === "count") return undefined;
  const of = sourcesOf(route, step);
  const earlier = route.steps
    .slice(
      0,
      route.steps.findIndex(({ id }) => id === step.id),
    )
    .some(
      (one) =>
        one.phase === "put back" &&
        ((one.fastenerId !== undefined && one.fastenerId === step.fastenerId) ||
          (one.mirrorOf !== undefined && one.mirrorOf.stepId === step.mirrorOf?.stepId)),
    );
  const photoIds = [...new Set(of.flatMap(({ id }) => photosOf(work, id)))];
  const lines = of.flatMap(({ mark, facing, routing }) => [
    ...(mark ? [`Marked: ${mark}`] : []),
    ...(facing ? [`It faced: ${facing}`] : []),
    ...(routing && routing.length > 0 ? [`It went round ${routing.join(" → ")}`] : []),
  ]);
  const turns = of.reduce((sum, { id }) => sum + halfTurns(work, id), 0);
  if (earlier || photoIds.length + lines.length + turns === 0) return undefined;
  const compared = eventsOf(work, "compared").findLast(({ stepId }) => stepId === step.id)?.as;
  return { of, photoIds, lines: [...new Set(lines)], halfTurns: turns, compared };
}

/** The work with how something sits beside how it sat. */
export const compare = (work: Work, stepId: string, as: Compared, moment: Moment): Work =>
  withEvent(work, { ...moment, type: "compared", stepId, as });

/** Whether a step holds the new part beside the old. */
export const isComparison = ({ title }: Step): boolean =>
  /\bcompare\b|\b(?:old|new)(?: one| part)? (?:beside|next to|against) (?:the )?(?:old|new)\b/i.test(title);

/** What a new part is held against the old by; nothing is made to fit. */
export const COMPARED_BY = [
  "Teeth or splines: counted, the same",
  "Holes: as many, as far apart, the same thread",
  "Length and thickness: laid side by side",
  "Connector, port, hose ends: the same shape and place",
  "Hand: made for this side, this way up",
] as const;
