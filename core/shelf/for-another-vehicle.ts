import type { Fastener, Route, Step } from "../model/job";
import { holdingTorques } from "../torque/torques-of";

/**
 * A route as it goes to another vehicle: what is done stays, what belonged to the first vehicle is blank. Torques and
 * limits go, sizes are to be tried; "snug", turns and the like are no vehicle's own.
 */
export function forAnotherVehicle(route: Route): Route {
  return { ...route, fasteners: route.fasteners.map(blankFastener), steps: route.steps.map(blankStep) };
}

function blankFastener(fastener: Fastener): Fastener {
  const { figure } = fastener;
  const tried: Fastener =
    fastener.sizeToUndo || fastener.sizeToDoUp ? { ...fastener, sizeDoubtful: true } : fastener;
  if (figure === undefined || holdingTorques(figure).length === 0) return tried;
  const { figure: _own, source: _whose, doubtful: _sure, ...blank } = tried;
  return blank;
}

function blankStep(step: Step): Step {
  if (!step.measure) return step;
  const { least: _least, most: _most, ...measure } = step.measure;
  return { ...step, measure };
}
