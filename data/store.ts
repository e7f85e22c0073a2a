import { type DBSchema, type IDBPDatabase, type IDBPTransaction, openDB, unwrap } from "idb";
import { InputError } from "@/core/input-error";
import { COLLECTIONS, type Collection } from "@/core/model/collections";
import type { RecordOf } from "@/core/model/household";
import { MIGRATIONS, type Migration, type RawHousehold, migrate } from "@/core/model/migrations";
import { MODEL_VERSION } from "@/core/model/version";

type CollectionStores = { [C in Collection]: { key: string; value: RecordOf<C> } };

/** A photo as it is kept: small enough to keep hundreds, and as the camera made it where that is wanted. */
export interface Picture {
  jpeg: Blob;
  original?: Blob;
  takenAt: string;
}

/**
 * As it lies in the store: builds before this one kept bytes. `unnamedSince` is when it was first seen that
 * no record names it.
 */
type StoredPicture = Omit<Picture, "jpeg" | "original"> & { unnamedSince?: string } & {
  jpeg: Blob | Uint8Array<ArrayBuffer>;
  original?: Blob | Uint8Array<ArrayBuffer>;
};

/**
 * Collections by id, photos by the id that a work names them by, and what is about this browser alone and
 * never exported: a few single values, and the folder that it may write to.
 */
interface Schema extends DBSchema, CollectionStores {
  pictures: { key: string; value: StoredPicture };
  settings: { key: string; value: string };
  folders: { key: string; value: FileSystemDirectoryHandle };
}

export type Store = IDBPDatabase<Schema>;
type StoreName = Collection | "pictures" | "settings" | "folders";

/**
 * The setting that holds all as it was before the last migration, as the text of a file: until the first
 * start after it has gone well.
 */
export const FORMER = "household before the last update";

/** Why the store cannot be had, where there is something to do about it. */
export type StoreTrouble = "newer" | "held" | "dropped" | "refused";

export class StoreError extends InputError {
  constructor(
    message: string,
    readonly trouble: StoreTrouble,
    /** Resolves when it can be had after all. */
    readonly back?: Promise<unknown>,
  ) {
    super(message);
  }
}

interface Watch {
  /** The browser has closed the store of its own: it was cleared, or the disk failed. */
  onClosed?: () => void;
  /** How far a migration has come, from 0 to 1; told only where it writes many records. */
  onProgress?: (share: number) => void;
  /** What the copy of the old form is dated. */
  now?: Date;
}

/**
 * Opens the store, bringing what an older build left there up to this model through the one migrations list.
 * A migration is one transaction, with a copy of the old form kept in it until `letFormerGo`.
 * @throws StoreError when a newer build has been here (nothing is written then), another tab holds it, or the
 * browser refuses.
 */
export async function openStore(
  name = "vest-pocket",
  version: number = MODEL_VERSION,
  migrations: readonly Migration[] = MIGRATIONS,
  watch: Watch = {},
): Promise<Store> {
  let held: (() => void) | undefined;
  const isHeld = new Promise<"held">((resolve) => (held = () => resolve("held")));
  const opening: Promise<Store> = openDB<Schema>(name, version, {
    async upgrade(db, oldVersion, newVersion, transaction) {
      const fresh = COLLECTIONS.filter((collection) => !db.objectStoreNames.contains(collection));
      for (const collection of fresh) db.createObjectStore(collection, { keyPath: "id" });
      for (const name of ["settings", "pictures", "folders"] as const)
        if (!db.objectStoreNames.contains(name)) db.createObjectStore(name);
      if (oldVersion === 0) return;
      await migrateStored(
        transaction,
        oldVersion,
        newVersion ?? version,
        migrations,
        watch.now ?? new Date(),
        watch.onProgress,
      );
    },
    // Another tab has a newer build: let it go on, and let this tab reload into it.
    blocking: () => void opening.then((store) => store.close()),
    blocked: () => held?.(),
    terminated: () => watch.onClosed?.(),
  });
  const store = await Promise.race([opening, isHeld]).catch((error: unknown) => {
    throw whyNotOpened(error);
  });
  if (store === "held") {
    const back = opening.then((late) => late.close());
    throw new StoreError(
      "An older Vest Pocket is open in another tab and holds what is stored. Close that tab; this one goes on by itself then.",
      "held",
      back,
    );
  }
  return store;
}

function whyNotOpened(error: unknown): StoreError {
  if (error instanceof DOMException && error.name === "VersionError")
    return new StoreError(
      "A newer Vest Pocket has been here: this older one neither reads nor writes what it keeps. Reload to get the newer one; nothing has been changed.",
      "newer",
    );
  return new StoreError(
    "This browser does not open its store: a private window may forbid it, or the disk may be full. Open the app in an ordinary window, or free some space, then try again.",
    "refused",
  );
}

/**
 * Everything as it lies in the store, whatever build wrote it, as the text of a file in that build's form.
 * Reads only.
 * @throws DOMException when there is no store.
 */
export async function exportAsItLies(now: Date, name = "vest-pocket"): Promise<string> {
  const store: IDBPDatabase<Schema> = await openDB<Schema>(name);
  try {
    return fileText(await rawHouseholdOf(store), store.version, now);
  } finally {
    store.close();
  }
}

const fileText = (household: RawHousehold, version: number, now: Date) =>
  JSON.stringify({ format: "vest-pocket household", version, exportedAt: now.toISOString(), household });

/** All records of all collections, unchecked, as of one moment. */
export async function rawHouseholdOf(store: Store): Promise<RawHousehold> {
  const names = [...store.objectStoreNames].filter(
    (name): name is Collection => !["pictures", "settings", "folders"].includes(name),
  );
  const transaction = store.transaction(names, "readonly");
  const stored = await Promise.all(
    names.map(async (name) => [name, await transaction.objectStore(name).getAll()] as const),
  );
  await transaction.done;
  return Object.fromEntries(stored) as unknown as RawHousehold;
}

async function migrateStored(
  transaction: IDBPTransaction<Schema, StoreName[], "versionchange">,
  from: number,
  to: number,
  migrations: readonly Migration[],
  now: Date,
  onProgress: ((share: number) => void) | undefined,
): Promise<void> {
  const counts = await Promise.all(
    COLLECTIONS.map((collection) => transaction.objectStore(collection).count()),
  );
  if (counts.reduce((sum, count) => sum + count, 0) >= TOLD_EVERY) onProgress?.(0);
  const stored: RawHousehold = {};
  for (const collection of COLLECTIONS)
    stored[collection] = (await transaction.objectStore(collection).getAll()) as unknown as Record<
      string,
      unknown
    >[];
  const settings = unwrap(transaction.objectStore("settings"));
  settings.put(fileText(stored, from, now), FORMER);
  const migrated = migrateEach(stored, from, to, migrations);
  const total = COLLECTIONS.reduce((sum, collection) => sum + (migrated[collection]?.length ?? 0), 0);
  let written = 0;
  for (const collection of COLLECTIONS) {
    const objectStore = unwrap(transaction.objectStore(collection));
    objectStore.clear();
    for (const record of migrated[collection] ?? []) {
      const asked = objectStore.put(record);
      if (++written % TOLD_EVERY !== 0) continue;
      const share = written / total;
      asked.onsuccess = () => onProgress?.(share);
    }
  }
}

/** So many records are written in a moment; beyond that it is told how far it has come. */
const TOLD_EVERY = 1000;

/**
 * All of it in one; where one record is so odd that this fails, each apart, and the odd ones stay as they
 * are, to be set aside.
 */
function migrateEach(
  stored: RawHousehold,
  from: number,
  to: number,
  migrations: readonly Migration[],
): RawHousehold {
  try {
    return migrate(stored, from, migrations, to);
  } catch {
    return Object.fromEntries(
      COLLECTIONS.map((collection) => [
        collection,
        (stored[collection] ?? []).flatMap((record) => migrateOne(collection, record, from, to, migrations)),
      ]),
    );
  }
}

function migrateOne(
  collection: Collection,
  record: Record<string, unknown>,
  from: number,
  to: number,
  migrations: readonly Migration[],
): Record<string, unknown>[] {
  try {
    return migrate({ [collection]: [record] }, from, migrations, to)[collection] ?? [];
  } catch {
    return [record];
  }
}
