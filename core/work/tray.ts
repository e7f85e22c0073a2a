import type { Fastener, Route, Step } from "../model/job";
import type { Work } from "../model/work";
import { doneSteps, tickedBolts } from "./progress";

export interface TrayItem {
  fastener: Fastener;
  out: number;
  back: number;
}

/** Fasteners that have been off, with how many are back: started by hand, or at least at their first stage. */
export function trayOf(work: Work, route: Route): TrayItem[] {
  const done = doneSteps(work);
  return route.fasteners.flatMap((fastener) => {
    const steps = (kind: Step["kind"]) => route.steps.filter((step) => step.kind === kind && step.fastenerId === fastener.id);
    const doneOf = (kind: Step["kind"]) => steps(kind).reduce((sum, step) => sum + (done.has(step.id) ? (step.count ?? fastener.count) : 0), 0);
    const out = doneOf("undo");
    if (out === 0) return [];
    const tightened = steps("torque").reduce((sum, step) => sum + (done.has(step.id) ? (step.count ?? fastener.count) : tickedBolts(work, step.id, 0).length), 0);
    const back = steps("hand-start").length > 0 ? Math.max(doneOf("hand-start"), tightened) : tightened;
    return [{ fastener, out, back: Math.min(out, back) }];
  });
}
