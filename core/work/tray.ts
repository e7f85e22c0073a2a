import type { Route, Step } from "../model/job";
import type { Work } from "../model/work";
import { movesFasteners, takesOut } from "../step-kinds";
import { type Moment, eventsOf, withEvent } from "./event";
import { stepsDone, tickedBolts } from "./progress";

/** Something that is or was off the vehicle, and how much of it is back. */
export interface TrayItem {
  /** The fastener's id, or the name of a lead, hose or connector. */
  key: string;
  name: string;
  out: number;
  back: number;
  /** Where it lies, in words; undefined until it is said. */
  compartment: string | undefined;
}

/**
 * What has been off, with how much is back: bolts started by hand or at least at their first stage, and leads
 * plugged in again.
 */
export function trayOf(work: Work, route: Route): TrayItem[] {
  const done = stepsDone(work);
  const lies = new Map(eventsOf(work, "compartment").map((event) => [event.of, event.named]));
  const fasteners = route.fasteners.flatMap((fastener): TrayItem[] => {
    const own = route.steps.filter(({ fastenerId }) => fastenerId === fastener.id);
    const most = (steps: Step[], counted: (step: Step) => number) =>
      Math.min(
        fastener.count,
        sum(steps.map((step) => (done.has(step.id) ? (step.count ?? fastener.count) : counted(step)))),
      );
    const out = most(own.filter(takesOut), () => 0);
    if (out === 0) return [];
    // Started by hand and then tightened, it is the same bolt: whichever is further counts.
    const started = most(
      own.filter((step) => movesFasteners(step) === "in" && step.kind !== "torque"),
      () => 0,
    );
    const tightened = most(
      own.filter(({ kind }) => kind === "torque"),
      (step) => tickedBolts(work, step.id, 0).length,
    );
    return [
      {
        key: fastener.id,
        name: fastener.name,
        out,
        back: Math.min(out, Math.max(started, tightened)),
        compartment: lies.get(fastener.id),
      },
    ];
  });
  const offs = new Map<string, string>();
  const backs = new Set<string>();
  for (const step of route.steps) {
    if (!done.has(step.id)) continue;
    for (const thing of step.takesOff ?? []) offs.set(thing.toLowerCase(), thing);
    for (const thing of step.putsBack ?? []) backs.add(thing.toLowerCase());
  }
  const things = [...offs].map(([key, name]): TrayItem => ({
    key,
    name,
    out: 1,
    back: backs.has(key) ? 1 : 0,
    compartment: lies.get(key),
  }));
  return [...fasteners, ...things];
}

function sum(numbers: number[]): number {
  return numbers.reduce((total, one) => total + one, 0);
}

/**
 * What would be left over after a step: it is off, and either the step that puts it back before this one was
 * passed over, or no step after this one puts it back; and nobody has said why it stays off.
 * @param after the step that must not be passed with anything left over, as lowering; left out, the end of
 * the job.
 */
export function leftOvers(work: Work, route: Route, after?: Step): TrayItem[] {
  const done = stepsDone(work);
  const at = after ? route.steps.findIndex(({ id }) => id === after.id) : route.steps.length;
  const putBackBy = (steps: Step[]) =>
    new Set(
      steps.flatMap((step) =>
        done.has(step.id)
          ? []
          : [
              ...(movesFasteners(step) === "in" && step.fastenerId ? [step.fastenerId] : []),
              ...(step.putsBack ?? []).map((thing) => thing.toLowerCase()),
            ],
      ),
    );
  const passedOver = putBackBy(route.steps.slice(0, at));
  const comesBack = putBackBy(route.steps.slice(at + 1));
  const answered = new Set(eventsOf(work, "left off").map((event) => event.of));
  return trayOf(work, route).filter(
    ({ key, out, back }) => back < out && !answered.has(key) && (passedOver.has(key) || !comesBack.has(key)),
  );
}

/** The work with a thing's place in the tray said. */
export function nameCompartment(work: Work, of: string, named: string, moment: Moment): Work {
  return withEvent(work, { ...moment, type: "compartment", of, named });
}

/** The work with a reason for what stays off. */
export function leaveOff(work: Work, of: string, because: string, moment: Moment): Work {
  return withEvent(work, { ...moment, type: "left off", of, because });
}
