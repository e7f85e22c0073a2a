import { COLLECTIONS } from "@/core/model/collections";
import type { Household } from "@/core/model/household";

/** One job as a household of its own: its vehicle, its work and kit, and what it wrote into the log. */
export function jobAlone(household: Household, jobId: string): Household {
  const job = household.jobs.find(({ id }) => id === jobId);
  const ofJob = (record: { id: string; jobId?: string | undefined }) =>
    record.id === jobId || record.id === job?.vehicleId || record.jobId === jobId;
  return Object.fromEntries(
    COLLECTIONS.map((collection) => [collection, household[collection].filter(ofJob)]),
  ) as unknown as Household;
}
