import { InputError } from "../input-error";
import type { Job, Route } from "../model/job";

/**
 * The route of the job that was chosen. @throws InputError when the job has lost it, which the model forbids.
 */
export function chosenRoute(job: Job): Route {
  const route = job.routes.find((one) => one.id === job.chosenRouteId);
  if (!route) throw new InputError("This job has no chosen route. Choose one in the plan.");
  return route;
}

/** The job with one of its routes replaced. */
export function withRoute(job: Job, route: Route): Job {
  return { ...job, routes: job.routes.map((one) => (one.id === route.id ? route : one)) };
}
