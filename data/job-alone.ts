import { type Household, emptyHousehold } from "@/core/model/household";

/** One job as a household of its own: its vehicle, its work and kit, and what it wrote into the log. */
export function jobAlone(household: Household, jobId: string): Household {
  const job = household.jobs.find(({ id }) => id === jobId);
  const ofJob = <T extends { jobId?: string | undefined }>(records: readonly T[]) => records.filter((one) => one.jobId === jobId);
  return {
    ...emptyHousehold(),
    vehicles: household.vehicles.filter(({ id }) => id === job?.vehicleId),
    jobs: job ? [job] : [],
    works: ofJob(household.works),
    kits: ofJob(household.kits),
    replacements: ofJob(household.replacements),
    measurements: ofJob(household.measurements),
    followUps: ofJob(household.followUps),
  };
}
