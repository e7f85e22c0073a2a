import { unwrap } from "idb";
import type { Collection } from "@/core/model/collections";
import { type Change, touchedBy } from "./change";
import type { Picture, Store } from "./store";

/** Which writing the store has come to; each raises it by one. Undefined before the first. */
export type Revision = string | undefined;

/** What was written, the change that undoes it, and where the store stands since. */
export interface Committed {
  inverse: Change;
  revision: Revision;
}

/** Thrown when another tab has written since a change was worked out. */
export class StaleError extends Error {}

export const REVISION = "revision";
/** More records than this are asked for by their keys first. */
const MANY = 200;

/**
 * Writes a change in one transaction, all of it or nothing.
 * @returns what undoes it, and where the store stands after it. @throws StaleError where the store has moved on
 * since `basedOn`.
 */
export async function writeChange(
  store: Store,
  change: Change,
  basedOn: { revision: Revision } | undefined,
  onCommit: (collections: Collection[], revision: Revision) => void,
): Promise<Committed> {
  // What checks a record is as large as all the rest: a browser in which nothing is written yet need not have it.
  const [{ checkChange }, { soundOf }] = await Promise.all([import("./check-change"), import("./sound")]);
  checkChange(change);
  const collections = touchedBy(change);
  const pictures = Object.entries(change.pictures ?? {});
  if (collections.length === 0 && pictures.length === 0) return { inverse: {}, revision: basedOn?.revision };
  // Strict: on the disk before it counts as saved, so that a dead battery loses nothing that was ticked.
  const names = [
    ...collections,
    "settings" as const,
    ...(pictures.length > 0 ? (["pictures"] as const) : []),
  ];
  const transaction = store.transaction(names, "readwrite", { durability: "strict" });
  const put: Partial<Record<Collection, unknown[]>> = {};
  const remove: Partial<Record<Collection, string[]>> = {};
  let revision: Revision;
  try {
    // Every writing goes through this one value, so that those of two tabs wait for each other.
    const settings = transaction.objectStore("settings");
    const stood = settings.get(REVISION);
    // Asked for in one go and waited for together: the store answers in order, and a tap should not wait
    // for each answer apart.
    const asked: Promise<unknown>[] = [];
    for (const collection of collections) {
      const objectStore = transaction.objectStore(collection);
      const ids = [
        ...(change.remove?.[collection] ?? []),
        ...(change.put?.[collection] ?? []).map(({ id }) => id),
      ];
      const before = storedUnder(objectStore, ids);
      if (ids.length > MANY) await before;
      // Without a promise for each: one that fails takes the transaction with it, which says so.
      const bare = unwrap(objectStore);
      for (const id of change.remove?.[collection] ?? []) bare.delete(id);
      for (const record of change.put?.[collection] ?? []) bare.put(record);
      asked.push(
        before.then((was) => {
          // What could not be read before cannot be written back either: undone, its place is empty.
          const sound = new Map(soundOf(collection, [...was.values()]).map((record) => [record.id, record]));
          put[collection] = [...sound.values()];
          remove[collection] = ids.filter((id) => !sound.has(id));
        }),
      );
    }
    for (const [id, picture] of pictures)
      keepPicture(unwrap(transaction.objectStore("pictures")), id, picture);
    asked.push(
      stood.then((was) => {
        if (basedOn && basedOn.revision !== was) throw new StaleError("Another tab has written since.");
        revision = String(Number(was ?? "0") + 1);
        const written = settings.put(revision, REVISION);
        transaction.commit();
        return written;
      }),
    );
    await Promise.all(asked);
    await transaction.done;
  } catch (error) {
    giveUp(transaction);
    const ended: unknown = await transaction.done.then(
      () => error,
      (own: unknown) => own,
    );
    // A request that fell with its transaction only says so; why it fell, as that the storage is full,
    // the transaction knows.
    throw error instanceof DOMException && error.name === "AbortError" ? ended : error;
  }
  onCommit(collections, revision);
  // A photo stays when its record is taken back: undone and done again, it is still there. What nobody
  // names is swept away later.
  return { inverse: { put, remove } as Change, revision };
}

/**
 * A photo is never put over another: an id names one photo for good. Asked for at once, so that its
 * transaction may be ended right after.
 */
export function keepPicture(pictures: IDBObjectStore, id: string, picture: Picture): void {
  const request = pictures.add(picture, id);
  request.onerror = (event) => {
    if (request.error?.name !== "ConstraintError") return;
    // It is there already: that is no fault of the transaction.
    event.preventDefault();
    event.stopPropagation();
  };
}

interface Readable {
  getAllKeys: () => Promise<string[]>;
  get: (id: string) => Promise<unknown>;
}

/**
 * What stands under these ids. Of many, as when a whole file comes in, only those that are there are asked
 * for: most are new.
 */
export async function storedUnder(
  objectStore: Readable,
  ids: readonly string[],
): Promise<Map<string, unknown>> {
  const known = ids.length > MANY ? new Set(await objectStore.getAllKeys()) : undefined;
  const wanted = known ? ids.filter((id) => known.has(id)) : ids;
  const found = await Promise.all(wanted.map((id) => objectStore.get(id)));
  return new Map(wanted.flatMap((id, i) => (found[i] === undefined ? [] : [[id, found[i]] as const])));
}

/** Takes back what a transaction has done so far, unless it has ended already. */
function giveUp(transaction: { abort: () => void }): void {
  try {
    transaction.abort();
  } catch {
    // It has ended: there is nothing to take back.
  }
}
