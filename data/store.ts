import { type DBSchema, type IDBPDatabase, type IDBPTransaction, openDB } from "idb";
import { COLLECTIONS, type Collection, type RecordOf } from "@/core/model/household";
import { MIGRATIONS, type Migration, type RawHousehold, migrate } from "@/core/model/migrations";
import { MODEL_VERSION } from "@/core/model/record";

type CollectionStores = { [C in Collection]: { key: string; value: RecordOf<C> } };

/** A photo as it is kept: small enough to keep hundreds, and as the camera made it where that is wanted. */
export interface Picture {
  jpeg: Blob;
  original?: Blob;
  takenAt: string;
}

/** As it lies in the store: builds before this one kept bytes. `unnamedSince` is when it was first seen that no record names it. */
type StoredPicture = Omit<Picture, "jpeg" | "original"> & { unnamedSince?: string } & { jpeg: Blob | Uint8Array<ArrayBuffer>; original?: Blob | Uint8Array<ArrayBuffer> };

/** Collections by id, photos by the id that a work names them by, and what is about this browser alone and never exported: a few single values, and the folder that it may write to. */
interface Schema extends DBSchema, CollectionStores {
  pictures: { key: string; value: StoredPicture };
  settings: { key: string; value: string };
  folders: { key: string; value: FileSystemDirectoryHandle };
}

export type Store = IDBPDatabase<Schema>;
type StoreName = Collection | "pictures" | "settings" | "folders";

/** Opens the store, bringing what an older build left there up to this model through the one migrations list. */
export async function openStore(name = "vest-pocket", version: number = MODEL_VERSION, migrations: readonly Migration[] = MIGRATIONS): Promise<Store> {
  const store: Store = await openDB<Schema>(name, version, {
    async upgrade(db, oldVersion, newVersion, transaction) {
      const fresh = COLLECTIONS.filter((collection) => !db.objectStoreNames.contains(collection));
      for (const collection of fresh) db.createObjectStore(collection, { keyPath: "id" });
      for (const name of ["settings", "pictures", "folders"] as const) if (!db.objectStoreNames.contains(name)) db.createObjectStore(name);
      if (oldVersion > 0) await migrateStored(transaction, oldVersion, newVersion ?? version, migrations);
    },
    // Another tab has a newer build: let it go on, and let this tab reload into it.
    blocking: () => store.close(),
  });
  return store;
}

async function migrateStored(transaction: IDBPTransaction<Schema, StoreName[], "versionchange">, from: number, to: number, migrations: readonly Migration[]): Promise<void> {
  const stored: RawHousehold = {};
  for (const collection of COLLECTIONS) stored[collection] = await transaction.objectStore(collection).getAll();
  const migrated = migrate(stored, from, migrations, to);
  for (const collection of COLLECTIONS) {
    const objectStore = transaction.objectStore(collection);
    await objectStore.clear();
    for (const record of migrated[collection] ?? []) await objectStore.put(record as never);
  }
}
