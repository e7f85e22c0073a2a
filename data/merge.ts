import { COLLECTIONS, type Collection, parentOf } from "@/core/model/collections";
import { type Household, type RecordOf, emptyHousehold } from "@/core/model/household";
import type { Replacement } from "@/core/model/log";
import type { Work } from "@/core/model/work";
import { woven } from "@/core/work/woven";
import type { Change } from "./change";
import { canonical, isSame } from "./same";

/** A record that both have, and that says different things. */
export interface Conflict {
  collection: Collection;
  id: string;
  here: RecordOf<Collection>;
  incoming: RecordOf<Collection>;
  /** The one that is later, and so is kept unless the other is chosen. */
  kept: "here" | "incoming";
}

/** What bringing a file in comes to, before anything is written. */
export interface Merge {
  merged: Household;
  counts: { added: number; changed: number; same: number; removed: number };
  conflicts: Conflict[];
  /** The moment of the oldest change among those that are new here; undefined where nothing is. */
  oldestNew: string | undefined;
}

type Form = { id: string; updatedAt: string };

/**
 * Two households put together by id. Of a record that both have, the one changed later is kept (works and photos of an
 * entry are put together); a removal
 * counts as a change; what a record that is kept hangs on is kept with it. The result is the same whichever
 * of the two comes first, and however often.
 */
export function mergeHouseholds(here: Household, incoming: Household): Merge {
  const merged = emptyHousehold();
  const counts = { added: 0, changed: 0, same: 0, removed: 0 };
  const conflicts: Conflict[] = [];
  merged.removals = later(here.removals, incoming.removals);
  const removedAt = new Map(merged.removals.map(({ id, updatedAt }) => [id, Date.parse(updatedAt)]));
  const dropped: { collection: Collection; record: RecordOf<Collection> }[] = [];
  for (const collection of RECORDS) {
    const known = new Map<string, RecordOf<Collection>>(
      here[collection].map((record) => [record.id, record]),
    );
    for (const other of incoming[collection]) {
      const own = known.get(other.id);
      known.set(other.id, own === undefined ? other : together(collection, own, other));
      if (own !== undefined && !isSame(own, other) && collection !== "works")
        conflicts.push({
          collection,
          id: other.id,
          here: own,
          incoming: other,
          kept: laterOf(own, other) === own ? "here" : "incoming",
        });
    }
    const alive = [...known.values()].filter((record) => {
      const lives = (removedAt.get(record.id) ?? -Infinity) < Date.parse(record.updatedAt);
      if (!lives) dropped.push({ collection, record });
      return lives;
    });
    Object.assign(merged, { [collection]: alive });
  }
  revive(merged, dropped);
  merged.works = oneForEachJob(merged.works);
  const living = new Set(RECORDS.flatMap((collection) => merged[collection].map(({ id }) => id)));
  merged.removals = merged.removals.filter(({ id }) => !living.has(id));
  for (const collection of RECORDS) {
    const before = new Map<string, RecordOf<Collection>>(
      here[collection].map((record) => [record.id, record]),
    );
    for (const record of merged[collection]) {
      const own = before.get(record.id);
      before.delete(record.id);
      if (own === undefined) counts.added++;
      else if (isSame(own, record)) counts.same++;
      else counts.changed++;
    }
    counts.removed += before.size;
  }
  return {
    merged,
    counts,
    conflicts: conflicts.filter(({ id }) => living.has(id)),
    oldestNew: oldestNew(here, merged),
  };
}

function oldestNew(here: Household, merged: Household): string | undefined {
  let oldest: string | undefined;
  for (const collection of COLLECTIONS) {
    const before = new Map<string, RecordOf<Collection>>(here[collection].map((one) => [one.id, one]));
    for (const record of merged[collection]) {
      const own = before.get(record.id);
      if (own !== undefined && isSame(own, record)) continue;
      if (oldest === undefined || Date.parse(record.updatedAt) < Date.parse(oldest))
        oldest = record.updatedAt;
    }
  }
  return oldest;
}

/**
 * Of two that both have: the later; what was done in a work on either, tap by tap, and the photos of either of an entry.
 */
function together(
  collection: Collection,
  own: RecordOf<Collection>,
  other: RecordOf<Collection>,
): RecordOf<Collection> {
  const later = laterOf(own, other);
  const earlier = later === own ? other : own;
  if (collection === "works") return woven(earlier as Work, later as Work);
  if (collection !== "replacements") return later;
  const [was, is] = [earlier as Replacement, later as Replacement];
  const photoIds = [...new Set([...(is.photoIds ?? []), ...(was.photoIds ?? [])])].slice(0, MOST_PHOTOS);
  return photoIds.length > (is.photoIds ?? []).length ? { ...is, photoIds } : is;
}

const MOST_PHOTOS = 50;

/** A job that was begun on two devices is one work: that which was begun first, with what was done in both. */
function oneForEachJob(works: readonly Work[]): Work[] {
  const byJob = new Map<string, Work>();
  for (const work of [...works].sort(
    (a, b) => a.createdAt.localeCompare(b.createdAt) || a.id.localeCompare(b.id),
  )) {
    const key = `${work.jobId} ${work.routeId}`;
    const first = byJob.get(key);
    if (!first) byJob.set(key, work);
    else {
      const later = laterOf(first, work);
      const { id, createdAt } = first;
      byJob.set(key, { ...woven(later === first ? work : first, later), id, createdAt });
    }
  }
  return [...byJob.values()];
}

/** Everything but what says that something was removed. */
const RECORDS = COLLECTIONS.filter((collection) => collection !== "removals");

/**
 * Puts back the vehicles and jobs that living records hang on: whoever added to a vehicle elsewhere did not
 * know that it was removed.
 */
function revive(
  merged: Household,
  dropped: { collection: Collection; record: RecordOf<Collection> }[],
): void {
  const bring = (collection: "jobs" | "vehicles", ids: Set<string>) => {
    const back = dropped
      .filter((one) => one.collection === collection && ids.has(one.record.id))
      .map(({ record }) => record);
    Object.assign(merged, { [collection]: [...merged[collection], ...back] });
  };
  const wanted = (of: "jobs" | "vehicles") =>
    COLLECTIONS.flatMap((collection) =>
      merged[collection].map((record: RecordOf<Collection>) => parentOf(collection, record)),
    ).flatMap((parent) => (parent?.collection === of ? [parent.id] : []));
  bring("jobs", new Set(wanted("jobs")));
  // Jobs that came back hang on vehicles too.
  bring("vehicles", new Set(wanted("vehicles")));
}

/**
 * The change that makes what is here into what was merged; `chosen` are records kept in place of the later
 * ones.
 */
export function mergeChange(
  here: Household,
  { merged }: Merge,
  chosen: readonly { collection: Collection; record: RecordOf<Collection> }[],
): Change {
  const put: Partial<Record<Collection, RecordOf<Collection>[]>> = {};
  const remove: Partial<Record<Collection, string[]>> = {};
  for (const collection of COLLECTIONS) {
    const wanted = new Map<string, RecordOf<Collection>>(
      merged[collection].map((record) => [record.id, record]),
    );
    for (const one of chosen) if (one.collection === collection) wanted.set(one.record.id, one.record);
    const before = new Map<string, RecordOf<Collection>>(
      here[collection].map((record) => [record.id, record]),
    );
    put[collection] = [...wanted.values()].filter((record) => {
      const own = before.get(record.id);
      return own === undefined || !isSame(own, record);
    });
    remove[collection] = [...before.keys()].filter((id) => !wanted.has(id));
  }
  return { put, remove } as Change;
}

function later<T extends Form>(here: readonly T[], incoming: readonly T[]): T[] {
  const all = new Map(here.map((one) => [one.id, one]));
  for (const other of incoming) {
    const own = all.get(other.id);
    all.set(other.id, own === undefined ? other : laterOf(own, other));
  }
  return [...all.values()];
}

/**
 * The one changed later; of two changed at the same moment, the one whose text comes later, so that both
 * devices choose the same.
 */
function laterOf<T extends Form>(a: T, b: T): T {
  const [atA, atB] = [Date.parse(a.updatedAt), Date.parse(b.updatedAt)];
  if (atA !== atB) return atA > atB ? a : b;
  return canonical(a) >= canonical(b) ? a : b;
}
