import { type Judged, judgeFigure } from "../../fastener/judge-figure";
import { roleOf } from "../../fastener/role";
import type { Fastener, Job, Route, Step } from "../../model/job";
import type { Role } from "../../model/role";
import type { Tool } from "../../model/tool";
import type { Vehicle } from "../../model/vehicle";
import type { TorqueUnit } from "../../quantity/torque-unit";
import { torquesOf } from "../../torque/torques-of";
import { openedBy } from "../opened";

/** A change that puts a finding right, said in a few words for its button. */
export interface Fix {
  says: string;
  /** `newId` gives an id that no record has. */
  apply: (route: Route, newId: () => string) => Route;
}

/** One thing that a rule has to say about a plan. */
export interface Finding {
  /**
   * The id of the step, fastener or part it is about, or "plan". With the rule's id it tells one finding from
   * another.
   */
  about: string;
  says: string;
  /** True when going on as planned can hurt somebody or break something. */
  grave?: boolean;
  stepId?: string | undefined;
  fastenerId?: string | undefined;
  fix?: Fix;
}

/** A plan read once, so that every rule looks things up instead of searching for them. */
export interface PlanRead {
  job: Job;
  route: Route;
  vehicle: Vehicle;
  tools: readonly Tool[];
  /** Place of each step in the order. */
  at: ReadonlyMap<string, number>;
  fasteners: ReadonlyMap<string, Fastener>;
  /** Steps that work on each fastener, in order. */
  stepsOn: ReadonlyMap<string, readonly Step[]>;
  opened: ReturnType<typeof openedBy>;
  roleOf: (fastener: Fastener) => Role | undefined;
  /** What is to be said against a fastener's figure, beside the plan's others. */
  judged: (fastener: Fastener) => Judged | undefined;
}

export interface Rule {
  id: string;
  /** Why it matters, in one plain sentence. */
  reason: string;
  find: (plan: PlanRead) => Finding[];
}

/** How a step says which finding it answers. */
export const mendKey = (ruleId: string, about: string): string => `${ruleId} ${about}`.slice(0, 200);

/** Whether a step that was put in for a finding is still there, whatever it is called by now. */
export const isMended = ({ steps }: Route, ruleId: string, about: string): boolean =>
  steps.some(({ mends }) => mends === mendKey(ruleId, about));

export function readPlan(job: Job, route: Route, vehicle: Vehicle, tools: readonly Tool[]): PlanRead {
  const stepsOn = new Map<string, Step[]>();
  for (const step of route.steps) {
    if (step.fastenerId === undefined) continue;
    const steps = stepsOn.get(step.fastenerId) ?? [];
    steps.push(step);
    stepsOn.set(step.fastenerId, steps);
  }
  /** Which fasteners have a torque in each unit. */
  const unitsOf = new Map<TorqueUnit, Set<string>>();
  for (const { id, figure } of route.fasteners)
    for (const { unit } of figure ? torquesOf(figure) : [])
      unitsOf.set(unit, (unitsOf.get(unit) ?? new Set<string>()).add(id));
  return {
    job,
    route,
    vehicle,
    tools,
    at: new Map(route.steps.map(({ id }, i) => [id, i])),
    fasteners: new Map(route.fasteners.map((fastener) => [fastener.id, fastener])),
    stepsOn,
    opened: openedBy(route),
    roleOf: onceFor((fastener: Fastener) => roleOf(route, fastener)),
    judged: onceFor((fastener: Fastener) => judgedBefore(fastener, usualUnits(vehicle, unitsOf, fastener))),
  };
}

/**
 * What was judged of a fastener's figure, by the units it was judged among: a mend is tried on a copy of the plan in
 * which nearly every fastener is the same.
 */
const JUDGED = new WeakMap<Fastener, Map<string, ReturnType<typeof judgeFigure>>>();

function judgedBefore(fastener: Fastener, usual: readonly TorqueUnit[]): ReturnType<typeof judgeFigure> {
  const known = JUDGED.get(fastener) ?? new Map<string, ReturnType<typeof judgeFigure>>();
  JUDGED.set(fastener, known);
  const among = usual.join(" ");
  if (!known.has(among)) known.set(among, judgeFigure(fastener, usual));
  return known.get(among);
}

/** A function that works out its answer once for each thing it is asked about. */
function onceFor<T, A>(work: (about: T) => A): (about: T) => A {
  const known = new Map<T, { answer: A }>();
  return (about) => {
    const found = known.get(about) ?? { answer: work(about) };
    known.set(about, found);
    return found.answer;
  };
}

/** Units of the vehicle and of the plan's other figures: a slip is rather into one of them. */
function usualUnits(
  vehicle: Vehicle,
  unitsOf: ReadonlyMap<TorqueUnit, ReadonlySet<string>>,
  { id }: Fastener,
): TorqueUnit[] {
  const ofOthers = [...unitsOf].flatMap(([unit, ids]) => (ids.size > (ids.has(id) ? 1 : 0) ? [unit] : []));
  return [...new Set([vehicle.torqueUnit, ...ofOthers])];
}

/** The steps of one kind on a fastener. */
export function stepsOfKind(plan: PlanRead, fastenerId: string, kind: Step["kind"]): Step[] {
  return (plan.stepsOn.get(fastenerId) ?? []).filter((step) => step.kind === kind);
}

/** All that can be read of a step, for rules that go by words. */
export function wordsOf({ title, detail, cautions }: Step): string {
  return `${title} ${detail ?? ""} ${cautions.join(" ")}`.toLowerCase();
}
