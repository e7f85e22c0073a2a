import { COLLECTIONS, type Collection, parentOf } from "@/core/model/collections";
import { type Household, type RecordOf, emptyHousehold, recordSchemas } from "@/core/model/household";
import type { RawHousehold } from "@/core/model/migrations";
import { sentenceOf } from "./sentence";

/** A record of the store that does not fit the model, as it lies there, and why it is not shown. */
export interface SetAside {
  collection: Collection;
  id: string;
  why: string;
  raw: unknown;
}

/** The first record of a collection whose vehicle or job is not there. */
export interface Orphan {
  collection: Collection;
  at: number;
  of: "vehicle" | "job";
}

/**
 * Every record that hangs on a vehicle or job which the household does not have; of those before it, in the
 * order of the collections.
 */
export function orphansOf(household: Household): Orphan[] {
  const ids = {
    vehicles: new Set(household.vehicles.map(({ id }) => id)),
    jobs: new Set(household.jobs.map(({ id }) => id)),
  };
  return COLLECTIONS.flatMap((collection) =>
    household[collection].flatMap((record, at): Orphan[] => {
      const parent = parentOf(collection, record);
      return !parent || ids[parent.collection].has(parent.id)
        ? []
        : [{ collection, at, of: parent.collection === "vehicles" ? "vehicle" : "job" }];
    }),
  );
}

/**
 * The records of a collection that fit the model. What does not is left where it lies, and out of every
 * screen.
 */
export function soundOf<C extends Collection>(collection: C, raw: readonly unknown[]): RecordOf<C>[] {
  return raw.filter((record): record is RecordOf<C> => recordSchemas[collection].safeParse(record).success);
}

/** So many are checked before the screen gets its turn. */
const CHECKED_AT_ONCE = 2000;

/** As `soundOf`, letting the screen draw in between where there are many. */
export async function soundInTurns<C extends Collection>(
  collection: C,
  raw: readonly unknown[],
): Promise<RecordOf<C>[]> {
  const sound: RecordOf<C>[] = [];
  for (let at = 0; at < raw.length; at += CHECKED_AT_ONCE) {
    if (at > 0) await new Promise((wake) => setTimeout(wake));
    for (const record of soundOf(collection, raw.slice(at, at + CHECKED_AT_ONCE))) sound.push(record);
  }
  return sound;
}

/**
 * A stored household parted into what fits, with all its references, and what is set aside with its reason.
 */
export function partSound(raw: RawHousehold): { household: Household; aside: SetAside[] } {
  const household = emptyHousehold();
  const aside: SetAside[] = [];
  for (const collection of COLLECTIONS) {
    const sound: unknown[] = [];
    for (const record of raw[collection] ?? []) {
      const checked = recordSchemas[collection].safeParse(record);
      if (checked.success) sound.push(record);
      else aside.push({ collection, id: String(record.id), why: sentenceOf(checked.error), raw: record });
    }
    Object.assign(household, { [collection]: sound });
  }
  // A job without its vehicle takes its work and kit along: as long as there are any.
  for (let orphans = orphansOf(household); orphans.length > 0; orphans = orphansOf(household)) {
    for (const { collection, at, of } of orphans) {
      const record = household[collection][at];
      if (record)
        aside.push({
          collection,
          id: record.id,
          why: `Its ${of} is not here, or could not be read.`,
          raw: record,
        });
    }
    for (const collection of COLLECTIONS) {
      const lost = new Set(orphans.filter((orphan) => orphan.collection === collection).map(({ at }) => at));
      if (lost.size > 0)
        Object.assign(household, { [collection]: household[collection].filter((_, at) => !lost.has(at)) });
    }
  }
  return { household, aside };
}
