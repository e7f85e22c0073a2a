import { withOwnFigures } from "@/core/fastener/own-figure";
import type { Job, Source } from "@/core/model/job";
import type { Vehicle } from "@/core/model/vehicle";
import { type Taken, applyProposals } from "@/core/notes/apply-proposals";
import type { Proposal } from "@/core/notes/proposal";
import { chosenRoute, withRoute } from "@/core/plan/chosen-route";

/** As many letters of the words as are kept with a job. */
export const MOST_KEPT = 20_000;

/**
 * The job with the accepted proposals in its chosen route, their figures from the source that was said and the
 * wheel's from the vehicle, and the words themselves.
 * @throws InputError as applyProposals.
 */
export function takeIntoPlan(
  job: Job,
  vehicle: Vehicle | undefined,
  accepted: readonly Proposal[],
  { source, ...taken }: Taken & { source: Source | undefined },
): Job {
  const route = chosenRoute(job);
  const known = new Set(route.fasteners.map(({ id }) => id));
  const filled = applyProposals(route, accepted, taken);
  const sourced = {
    ...filled,
    fasteners: filled.fasteners.map((one) =>
      source && one.figure && !known.has(one.id) ? { ...one, source } : one,
    ),
  };
  const own = vehicle ? withOwnFigures(sourced, vehicle) : sourced;
  return { ...withRoute(job, own), notes: taken.text.slice(0, MOST_KEPT) };
}
