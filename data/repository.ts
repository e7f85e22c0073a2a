import { COLLECTIONS, type Collection, type Household, type RecordOf, emptyHousehold } from "@/core/model/household";
import { type Change, checkChange, touchedBy } from "./change";
import type { Store } from "./store";

/** The only door to storage. */
export interface Repository {
  list<C extends Collection>(collection: C): Promise<RecordOf<C>[]>;
  everything(): Promise<Household>;
  /**
   * Writes a change whole or not at all, and returns the change that undoes it.
   * @throws InputError naming the first thing wrong; nothing is written then.
   */
  commit(change: Change): Promise<Change>;
  setting(key: string): Promise<string | undefined>;
  saveSetting(key: string, value: string): Promise<void>;
}

/**
 * @param onCommit told which collections a change touched, once it is safely written.
 */
export function createRepository(store: Store, onCommit: (collections: Collection[]) => void = () => undefined): Repository {
  return {
    list: async <C extends Collection>(collection: C) => (await store.getAll(collection)) as RecordOf<C>[],

    async everything() {
      const transaction = store.transaction(COLLECTIONS, "readonly");
      const household = emptyHousehold();
      for (const collection of COLLECTIONS) Object.assign(household, { [collection]: await transaction.objectStore(collection).getAll() });
      await transaction.done;
      return household;
    },

    async commit(change) {
      checkChange(change);
      const collections = touchedBy(change);
      if (collections.length === 0) return {};
      // Strict: on the disk before it counts as saved, so that a dead battery loses nothing that was ticked.
      const transaction = store.transaction(collections, "readwrite", { durability: "strict" });
      const put: Partial<Record<Collection, unknown[]>> = {};
      const remove: Partial<Record<Collection, string[]>> = {};
      const note = async (collection: Collection, id: string) => {
        const before = await transaction.objectStore(collection).get(id);
        if (before) put[collection] = [...(put[collection] ?? []), before];
        else remove[collection] = [...(remove[collection] ?? []), id];
      };
      try {
        for (const collection of collections) {
          const objectStore = transaction.objectStore(collection);
          for (const id of change.remove?.[collection] ?? []) {
            await note(collection, id);
            await objectStore.delete(id);
          }
          for (const record of change.put?.[collection] ?? []) {
            await note(collection, record.id);
            await objectStore.put(record as never);
          }
        }
        await transaction.done;
      } catch (error) {
        await transaction.done.catch(() => undefined);
        throw error;
      }
      onCommit(collections);
      return { put, remove } as Change;
    },

    setting: (key) => store.get("settings", key),
    async saveSetting(key, value) {
      const transaction = store.transaction("settings", "readwrite", { durability: "strict" });
      await transaction.store.put(value, key);
      await transaction.done;
    },
  };
}
