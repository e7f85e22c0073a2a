import { expose } from "comlink";
import type { Household } from "@/core/model/household";
import { type Progress, isArchive, readArchive, readPhotos, writeArchive } from "@/data/archive";
import { readHouseholdFile, writeHouseholdFile } from "@/data/household-file";
import { type Merge, mergeHouseholds } from "@/data/merge";
import { photoIdsOf } from "@/data/photo-ids";
import { type Repository, createRepository } from "@/data/repository";
import { openStore } from "@/data/store";
import { readTextFile } from "@/data/text-file";
import { type Revision } from "@/data/write-change";

let opened: Promise<Repository> | undefined;
const repository = () => (opened ??= openStore().then((store) => createRepository(store)));

/** What a file holds and what bringing it in would do; nothing has been written. */
export interface ReadFile {
  merge: Merge;
  here: Household;
  /** Where the store stood when it was compared: what is shown holds for that, and no longer. */
  revision: Revision;
  photos: Record<string, { takenAt: string; bytes: number; originalBytes?: number | undefined }>;
}

/**
 * The slow half of files, away from the screen; whoever stops waiting ends the worker. Everything that
 * crosses is plain data.
 */
const worker = {
  async exportAll(now: Date): Promise<Blob> {
    return new Blob([writeHouseholdFile(await (await repository()).everything(), now)], {
      type: "application/json",
    });
  },

  async exportWithPhotos(now: Date, progress: Progress): Promise<Blob> {
    const door = await repository();
    const household = await door.everything();
    return writeArchive(
      writeHouseholdFile(household, now),
      photoIdsOf(household),
      (id) => door.picture(id),
      progress,
    );
  },

  /** @throws InputError, as a plain error over the wire, naming the first thing wrong. */
  async read(file: File): Promise<ReadFile> {
    const { household, photos } = (await isArchive(file))
      ? await readArchive(file)
      : { household: await readTextFile(file), photos: {} };
    const incoming = readHouseholdFile(household);
    const door = await repository();
    const revision = await door.revision();
    const here = await door.everything();
    const merge = mergeHouseholds(here, incoming);
    const named = new Set(photoIdsOf(merge.merged));
    return {
      merge,
      here,
      revision,
      photos: Object.fromEntries(Object.entries(photos).filter(([id]) => named.has(id))),
    };
  },

  /** Where the store stands now. */
  async revision(): Promise<Revision> {
    return (await repository()).revision();
  },

  /** Keeps the photos ahead of the records that name them. */
  async takePhotos(file: File, photos: ReadFile["photos"], progress: Progress): Promise<void> {
    const door = await repository();
    await readPhotos(file, photos, (few) => door.keepPictures(few), progress);
  },
};

export type FilesWorker = typeof worker;
expose(worker);
