import { PHASES, type Step } from "../model/job";

/** Steps of one phase that follow each other. */
export interface Run {
  phase: Step["phase"];
  steps: Step[];
}

/**
 * The steps in their order, those of one phase that follow each other together. A phase comes again where one
 * side is finished before the other is opened.
 */
export function runsOf(steps: readonly Step[]): Run[] {
  const runs: Run[] = [];
  for (const step of steps) {
    const last = runs.at(-1);
    if (last?.phase === step.phase) last.steps.push(step);
    else runs.push({ phase: step.phase, steps: [step] });
  }
  return runs;
}

/** Where a step of a phase is put in when nothing says where: behind the last that is not of a later phase. */
export const placeIn = (steps: readonly Step[], phase: Step["phase"]): number =>
  steps.findLastIndex((one) => PHASES.indexOf(one.phase) <= PHASES.indexOf(phase)) + 1;
