import { COLLECTIONS, type Collection, parentOf } from "@/core/model/collections";
import type { Household, RecordOf } from "@/core/model/household";
import { laterThan } from "./stamp";
import type { Picture } from "./store";

/**
 * Records to write and ids to take out, with the photos that the records name, all in one transaction. The
 * inverse of a change is a change too.
 */
export interface Change {
  put?: { [C in Collection]?: RecordOf<C>[] };
  remove?: { [C in Collection]?: string[] };
  pictures?: Record<string, Picture>;
}

/** Collections that a change touches. */
export function touchedBy(change: Change): Collection[] {
  return COLLECTIONS.filter(
    (collection) =>
      (change.put?.[collection]?.length ?? 0) > 0 || (change.remove?.[collection]?.length ?? 0) > 0,
  );
}

/** The change that writes a whole household, beside whatever is there. */
export function putAll(household: Household): Change {
  return { put: household };
}

/**
 * The change that takes records out and remembers that they were, so that a file from another device does not
 * bring them back. The demo leaves no such trace: it can be had again at any time.
 */
export function removing(
  records: { [C in Collection]?: readonly RecordOf<C>[] },
  now: Date = new Date(),
): Change {
  const all = COLLECTIONS.flatMap((collection): readonly RecordOf<Collection>[] => records[collection] ?? []);
  const removals = all
    .filter(({ origin }) => origin === "own")
    .map(({ id, schema, origin, updatedAt }) => {
      const at = laterThan(updatedAt, now);
      return { id, createdAt: at, updatedAt: at, schema, origin };
    });
  return {
    put: { removals },
    remove: Object.fromEntries(
      COLLECTIONS.map((collection) => [collection, (records[collection] ?? []).map(({ id }) => id)]),
    ),
  };
}

/** The change that takes out a record and everything that hangs on it, however far down. */
function removeFrom(household: Household, collection: "vehicles" | "jobs", id: string): Change {
  const gone = new Set([`${collection} ${id}`]);
  // Jobs hang on vehicles and come before what hangs on jobs.
  const goes = (where: Collection, record: RecordOf<Collection>): boolean => {
    const parent = parentOf(where, record);
    const falls =
      gone.has(`${where} ${record.id}`) ||
      (parent !== undefined && gone.has(`${parent.collection} ${parent.id}`));
    if (falls) gone.add(`${where} ${record.id}`);
    return falls;
  };
  return removing(
    Object.fromEntries(
      COLLECTIONS.map((where) => [
        where,
        household[where].filter((record: RecordOf<Collection>) => goes(where, record)),
      ]),
    ),
  );
}

/** The change that takes out a vehicle and everything that hangs on it. */
export const removeVehicle = (household: Household, vehicleId: string): Change =>
  removeFrom(household, "vehicles", vehicleId);

/** The change that takes out a job with its kit and its work; what it brought into the log stays. */
export const removeJob = (household: Household, jobId: string): Change =>
  removeFrom(household, "jobs", jobId);

/** The change that takes out every demo record and nothing else. */
export function removeDemo(household: Household): Change {
  const demo = (records: readonly { id: string; origin: string }[]) =>
    records.filter((one) => one.origin === "demo").map(({ id }) => id);
  return {
    remove: Object.fromEntries(COLLECTIONS.map((collection) => [collection, demo(household[collection])])),
  };
}

/** The change that takes out everything. */
export function removeEverything(household: Household): Change {
  return {
    remove: Object.fromEntries(
      COLLECTIONS.map((collection) => [collection, household[collection].map(({ id }) => id)]),
    ),
  };
}
