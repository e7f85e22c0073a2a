import { figureOf } from "../fastener/how-tight";
import type { Route } from "../model/job";
import type { Work } from "../model/work";
import type { TorqueFigure } from "../quantity/torque-figure";
import { readingAt, stepStages, tickedBolts } from "./progress";

/**
 * What one fastener's bolts got in one step: the figure asked, and what was read at each bolt where a wrench
 * told it.
 */
export interface TorqueReached {
  stepId: string;
  fastener: string;
  figure: TorqueFigure | undefined;
  bolts: number;
  /** N·m at the bolt, one for each bolt that was read; empty where a click or a hand said it. */
  readNm: number[];
}

/** The torques that were really used, step by step: only steps of which something was tightened. */
export function torquesReached(work: Work, route: Route): TorqueReached[] {
  return route.steps.flatMap((step) => {
    const fastener = route.fasteners.find(({ id }) => id === step.fastenerId);
    const last = stepStages(step, fastener).length - 1;
    if (!fastener || last < 0) return [];
    const ticked = tickedBolts(work, step.id, last);
    if (ticked.length === 0) return [];
    // An angle is read from the head; the torque before it is the last that a wrench told.
    const readNm = [...new Set(ticked)].flatMap((bolt) => {
      for (let stage = last; stage >= 0; stage--) {
        const reading = readingAt(work, step.id, stage, bolt);
        if (reading) return [reading.boltNm];
      }
      return [];
    });
    return [
      { stepId: step.id, fastener: fastener.name, figure: figureOf(fastener), bolts: ticked.length, readNm },
    ];
  });
}
