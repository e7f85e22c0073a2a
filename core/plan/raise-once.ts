import type { Route, Step } from "../model/job";
import { comesBefore } from "../order/order";
import { sideOf } from "../side";
import { doesMore } from "./edit-route";

/** From a step that raises the vehicle to the one that lets it down again: their places in the order. */
interface Raised {
  raise: number;
  lower: number;
}

export interface RaisedOnce {
  route: Route;
  /** The two steps that fall away. */
  lower: Step;
  raise: Step;
}

const MOST_CAUTIONS = 10;

/**
 * The route with the vehicle left up where it was let down and raised in the same way again, what lies between done
 * before it goes up or once it is down; undefined where nothing can be saved, or where it is not known whether it can:
 * without a side that is said, what lies between may be what it was let down for.
 */
export function raisedOnce(route: Route): RaisedOnce | undefined {
  const { steps } = route;
  const raised = raisedIn(steps);
  if (raised.length < 2) return undefined;
  const depends = dependence(steps);
  for (const [i, first] of raised.entries())
    for (const second of raised.slice(i + 1)) {
      if (!isAlike(steps[first.raise], steps[second.raise])) continue;
      const up = steps.slice(first.raise + 1, first.lower);
      const between = steps.slice(first.lower + 1, second.raise);
      const again = steps.slice(second.raise + 1, second.lower);
      const free = (later: readonly Step[], earlier: readonly Step[]) =>
        later.every((one) => earlier.every((other) => !depends(one, other)));
      if (free(again, between)) return leftUp(route, first, second, first);
      if (free(between, up)) return leftUp(route, first, second, second);
    }
  return undefined;
}

/** What raises and lets down, one after the other; what is raised further while it is up is neither. */
function raisedIn(steps: readonly Step[]): Raised[] {
  const lifts = steps.flatMap(({ kind }, i) => (kind === "raise" || kind === "lower" ? [i] : []));
  return lifts.flatMap((raise, i): Raised[] => {
    const lower = lifts[i + 1];
    if (lower === undefined || steps[raise]?.kind !== "raise" || steps[lower]?.kind !== "lower") return [];
    return i > 0 && steps[lifts[i - 1] ?? 0]?.kind === "raise" ? [] : [{ raise, lower }];
  });
}

const isAlike = (one: Step | undefined, other: Step | undefined): boolean =>
  one !== undefined &&
  other !== undefined &&
  one.stance === other.stance &&
  sideOf(one.title) === sideOf(other.title);

const isLift = ({ kind }: Step): boolean => kind === "raise" || kind === "lower";

/**
 * Whether a later step may need an earlier one: only what is of the one side is known not to need what is of the other,
 * unless the plan says so. Raising and letting down is told by itself.
 */
function dependence(steps: readonly Step[]): (later: Step, earlier: Step) => boolean {
  const before = comesBefore(steps);
  const lifts = new Set(steps.filter(isLift).map(({ id }) => id));
  const reached = new Map<string, ReadonlySet<string>>();
  for (const { id } of steps) {
    const needs = new Set<string>();
    for (const need of before.get(id) ?? []) {
      if (lifts.has(need)) continue;
      needs.add(need);
      for (const further of reached.get(need) ?? []) needs.add(further);
    }
    reached.set(id, needs);
  }
  return (later, earlier) => {
    if (isLift(later) || isLift(earlier)) return false;
    if (later.fastenerId !== undefined && later.fastenerId === earlier.fastenerId) return true;
    const [one, other] = [sideOf(later.title), sideOf(earlier.title)];
    if (one === undefined || other === undefined || one === other) return true;
    return reached.get(later.id)?.has(earlier.id) ?? false;
  };
}

/** Both halves between one raising and one letting down, where the kept one stands; undefined where more is lost. */
function leftUp(route: Route, first: Raised, second: Raised, kept: Raised): RaisedOnce | undefined {
  const { steps } = route;
  const dropped = kept === first ? second : first;
  const [raise, lower] = [steps[kept.raise], steps[kept.lower]];
  const [oldRaise, oldLower] = [steps[dropped.raise], steps[dropped.lower]];
  const [down, upAgain] = [steps[first.lower], steps[second.raise]];
  if (!raise || !lower || !oldRaise || !oldLower || !down || !upAgain) return undefined;
  if ([oldRaise, oldLower, down, upAgain].some((step) => doesMore(step) || step.detail !== undefined))
    return undefined;
  const up = steps.slice(first.raise + 1, first.lower);
  const between = steps.slice(first.lower + 1, second.raise);
  const again = steps.slice(second.raise + 1, second.lower);
  const instead = new Map([
    [oldRaise.id, raise.id],
    [oldLower.id, lower.id],
  ]);
  const last = up.at(-1);
  const tied = (step: Step): Step => {
    const needs = step.needs?.map((id) => instead.get(id) ?? id) ?? [];
    // What is up first is finished first.
    const waits = step === again[0] && last ? [...needs, last.id] : needs;
    return waits.length > 0 ? { ...step, needs: [...new Set(waits)].filter((id) => id !== step.id) } : step;
  };
  // What is done on the ground before it goes up does not wait for its being let down.
  const early = kept === second ? between.map((step) => without(step, oldLower.id)) : [];
  const late = kept === first ? between : [];
  const careful = { ...raise, cautions: all(raise.cautions, oldRaise.cautions) };
  const lowered = { ...lower, cautions: all(lower.cautions, oldLower.cautions) };
  // No caution is lost for it.
  if (Math.max(careful.cautions.length, lowered.cautions.length) > MOST_CAUTIONS) return undefined;
  return {
    lower: down,
    raise: upAgain,
    route: {
      ...route,
      steps: [
        ...steps.slice(0, first.raise),
        ...early,
        careful,
        ...up,
        ...again,
        lowered,
        ...late,
        ...steps.slice(second.lower + 1),
      ].map(tied),
    },
  };
}

const all = (one: readonly string[], other: readonly string[]): string[] => [...new Set([...one, ...other])];

const without = (step: Step, need: string): Step =>
  step.needs ? { ...step, needs: step.needs.filter((id) => id !== need) } : step;
