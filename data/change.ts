import { InputError } from "@/core/input-error";
import { COLLECTIONS, type Collection, type Household, type RecordOf, recordSchemas } from "@/core/model/household";
import { sentenceOf } from "./sentence";
import type { Picture } from "./store";

/** Records to write and ids to take out, with the photos that the records name, all in one transaction. The inverse of a change is a change too. */
export interface Change {
  put?: { [C in Collection]?: RecordOf<C>[] };
  remove?: { [C in Collection]?: string[] };
  pictures?: Record<string, Picture>;
}

/** Collections that a change touches. */
export function touchedBy(change: Change): Collection[] {
  return COLLECTIONS.filter((collection) => (change.put?.[collection]?.length ?? 0) > 0 || (change.remove?.[collection]?.length ?? 0) > 0);
}

/** @throws InputError naming the first thing in the change that the model does not allow. */
export function checkChange(change: Change): void {
  for (const collection of touchedBy(change)) {
    for (const record of change.put?.[collection] ?? []) {
      const result = recordSchemas[collection].safeParse(record);
      if (!result.success) throw new InputError(`This could not be saved. ${sentenceOf(result.error)}`);
    }
  }
}

/** The change that writes a whole household, beside whatever is there. */
export function putAll(household: Household): Change {
  return { put: household };
}

/** The change that takes out a vehicle and everything that hangs on it. */
export function removeVehicle(household: Household, vehicleId: string): Change {
  const jobs = household.jobs.filter((job) => job.vehicleId === vehicleId);
  const jobIds = new Set(jobs.map((job) => job.id));
  const ofVehicle = <T extends { id: string; vehicleId: string }>(records: readonly T[]) => records.filter((one) => one.vehicleId === vehicleId).map(({ id }) => id);
  return {
    remove: {
      vehicles: [vehicleId],
      jobs: [...jobIds],
      works: household.works.filter((work) => jobIds.has(work.jobId)).map(({ id }) => id),
      kits: household.kits.filter((kit) => jobIds.has(kit.jobId)).map(({ id }) => id),
      readings: ofVehicle(household.readings),
      replacements: ofVehicle(household.replacements),
      measurements: ofVehicle(household.measurements),
      followUps: ofVehicle(household.followUps),
    },
  };
}

/** The change that takes out every demo record and nothing else. */
export function removeDemo(household: Household): Change {
  const demo = (records: readonly { id: string; origin: string }[]) => records.filter((one) => one.origin === "demo").map(({ id }) => id);
  return { remove: Object.fromEntries(COLLECTIONS.map((collection) => [collection, demo(household[collection])])) };
}

/** The change that takes out everything. */
export function removeEverything(household: Household): Change {
  return { remove: Object.fromEntries(COLLECTIONS.map((collection) => [collection, household[collection].map(({ id }) => id)])) };
}
