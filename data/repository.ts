import { unwrap } from "idb";
import { DAY_MS } from "@/core/day";
import type { Collection } from "@/core/model/collections";
import type { Household, RecordOf } from "@/core/model/household";
import type { Change } from "./change";
import { photoIdsOf } from "./photo-ids";
import type { SetAside } from "./sound";
import { FORMER, type Picture, type Store, rawHouseholdOf } from "./store";
import {
  type Committed,
  REVISION,
  type Revision,
  keepPicture,
  storedUnder,
  writeChange,
} from "./write-change";

/** The only door to storage. */
export interface Repository {
  list<C extends Collection>(collection: C): Promise<RecordOf<C>[]>;
  /** The records of these ids that are there. */
  some<C extends Collection>(collection: C, ids: readonly string[]): Promise<RecordOf<C>[]>;
  /** All that fits the model and has what it hangs on; what does not is told by `setAside`. */
  everything(): Promise<Household>;
  /**
   * What lies in the store and cannot be read, with why. It stays as it is until it is thrown away or its
   * like comes in from a file.
   */
  setAside(): Promise<SetAside[]>;
  throwAway(aside: readonly SetAside[]): Promise<void>;
  /**
   * The text of a file with all as it was before the model last changed; undefined once this build has
   * started well on it.
   */
  former(): Promise<string | undefined>;
  /** Lets go of that copy once a start after the one that made it finds everything in order. */
  letFormerGo(startedAt: Date): Promise<void>;
  /**
   * Writes a change whole or not at all.
   * @param basedOn the revision that the change was worked out from; left out, it holds whatever else was
   * written.
   * @throws InputError naming the first thing wrong; StaleError when somebody else has written since. Nothing
   * is written then.
   */
  commit(change: Change, basedOn?: { revision: Revision }): Promise<Committed>;
  revision(): Promise<Revision>;
  picture(id: string): Promise<Picture | undefined>;
  /**
   * Keeps photos ahead of the records that will name them; one that nobody comes to name is swept away later.
   * One that is kept
   * already under its id stays as it is.
   */
  keepPictures(pictures: Record<string, Picture>): Promise<void>;
  /**
   * Takes out the photos that no record has named for a day. Those that none names now are marked with when
   * that was first seen, so that what can still be undone, or is being brought in, keeps its photos.
   */
  sweepPictures(now: Date): Promise<void>;
  setting(key: string): Promise<string | undefined>;
  saveSetting(key: string, value: string): Promise<void>;
  /** The folder that backups go to; undefined until one was chosen. */
  folder(): Promise<FileSystemDirectoryHandle | undefined>;
  saveFolder(handle: FileSystemDirectoryHandle): Promise<void>;
}

/** What tells a sound record from another, with the whole model: fetched with the first record there is. */
const sound = () => import("./sound");

/** A day is longer than anything can be undone, and than any file takes to come in. */
const KEPT_UNNAMED_MS = DAY_MS;

/**
 * @param onCommit told which collections a change touched, once it is safely written, and where the store
 * stands since.
 */
export function createRepository(
  store: Store,
  onCommit: (collections: Collection[], revision?: Revision) => void = () => undefined,
): Repository {
  return {
    async list<C extends Collection>(collection: C) {
      const stored = await store.getAll(collection);
      return stored.length === 0 ? [] : (await sound()).soundInTurns(collection, stored);
    },

    async some<C extends Collection>(collection: C, ids: readonly string[]) {
      const objectStore = store.transaction(collection, "readonly").objectStore(collection);
      const stored = [...(await storedUnder(objectStore, ids)).values()];
      return (await sound()).soundOf(collection, stored);
    },

    everything: async () => (await sound()).partSound(await rawHouseholdOf(store)).household,
    setAside: async () => (await sound()).partSound(await rawHouseholdOf(store)).aside,
    async throwAway(aside) {
      const collections = [...new Set(aside.map(({ collection }) => collection))];
      if (collections.length === 0) return;
      const transaction = store.transaction([...collections, "settings"], "readwrite", {
        durability: "strict",
      });
      for (const { collection, id } of aside) await transaction.objectStore(collection).delete(id);
      const settings = transaction.objectStore("settings");
      await settings.put(String(Number((await settings.get(REVISION)) ?? "0") + 1), REVISION);
      await transaction.done;
      onCommit(collections);
    },
    former: () => store.get("settings", FORMER),
    async letFormerGo(startedAt) {
      const former = await store.get("settings", FORMER);
      const madeAt = former && /"exportedAt":"([^"]+)"/.exec(former)?.[1];
      if (!madeAt || Date.parse(madeAt) >= startedAt.getTime()) return;
      const raw = await rawHouseholdOf(store);
      if ((await sound()).partSound(raw).aside.length === 0) await store.delete("settings", FORMER);
    },

    commit: (change, basedOn) => writeChange(store, change, basedOn, onCommit),

    revision: () => store.get("settings", REVISION),
    async picture(id) {
      const stored = await store.get("pictures", id);
      return (
        stored && {
          takenAt: stored.takenAt,
          jpeg: new Blob([stored.jpeg], { type: "image/jpeg" }),
          ...(stored.original ? { original: new Blob([stored.original]) } : {}),
        }
      );
    },
    async keepPictures(pictures) {
      // Nothing names them yet: should the battery die now, the file is simply brought in again.
      const transaction = store.transaction("pictures", "readwrite", { durability: "relaxed" });
      for (const [id, picture] of Object.entries(pictures))
        keepPicture(unwrap(transaction.store), id, picture);
      await transaction.done;
    },

    async sweepPictures(now) {
      const transaction = store.transaction(["works", "replacements", "pictures"], "readwrite");
      const [works, replacements] = [
        await transaction.objectStore("works").getAll(),
        await transaction.objectStore("replacements").getAll(),
      ];
      const named = new Set(photoIdsOf({ works, replacements }));
      const pictures = transaction.objectStore("pictures");
      for (const id of await pictures.getAllKeys()) {
        const picture = await pictures.get(id);
        if (!picture) continue;
        const { unnamedSince, ...kept } = picture;
        if (named.has(id)) {
          if (unnamedSince !== undefined) await pictures.put(kept, id);
        } else if (unnamedSince === undefined)
          await pictures.put({ ...kept, unnamedSince: now.toISOString() }, id);
        else if (now.getTime() - Date.parse(unnamedSince) > KEPT_UNNAMED_MS) await pictures.delete(id);
      }
      await transaction.done;
    },

    folder: () => store.get("folders", "backup"),
    async saveFolder(handle) {
      await store.put("folders", handle, "backup");
    },

    setting: (key) => store.get("settings", key),
    async saveSetting(key, value) {
      const transaction = store.transaction("settings", "readwrite", { durability: "strict" });
      await transaction.store.put(value, key);
      await transaction.done;
    },
  };
}
