import { expose } from "comlink";
import { COLLECTIONS } from "@/core/model/collections";
import type { Household } from "@/core/model/household";
import { type Progress, isArchive, readArchive, readPhotos, writeArchive } from "@/data/archive";
import { asOfNow } from "@/data/device-news";
import type { KnownDevice } from "@/data/devices";
import { readHouseholdFile, writeHouseholdFile } from "@/data/household-file";
import { jobAlone } from "@/data/job-alone";
import { type Merge, mergeHouseholds } from "@/data/merge";
import { photoIdsOf } from "@/data/photo-ids";
import { type Repository, createRepository } from "@/data/repository";
import { openStore } from "@/data/store";
import { readTextFile } from "@/data/text-file";
import { type Transfer, changesSince, hashOf, lastChange, packTransfer } from "@/data/transfer";
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

/** What is packed to go over. */
export type Packed =
  { kind: "job"; id: string; chest: boolean } | { kind: "changes"; since: string | undefined };

export interface PackedUp {
  data: Uint8Array;
  /** Its SHA-256. */
  of: string;
  records: number;
  /** Photos that its records name, and that stay behind. */
  photos: number;
  /** The last change here: what is sent whole is sent up to then. */
  asOf: string | undefined;
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

  /**
   * What goes to another device: a job with all it needs, all that was changed since it last had everything, or all.
   * @throws InputError, as a plain error over the wire, for more than goes over by codes.
   */
  async pack(
    what: Packed,
    head: Pick<Transfer, "from" | "has">,
    known: readonly KnownDevice[],
  ): Promise<PackedUp> {
    const all = await (await repository()).everything();
    const part = chosen(all, what);
    const asOf = asOfNow(lastChange(all), known);
    const whole = what.kind === "changes" && asOf !== undefined;
    const data = packTransfer(part, whole ? { ...head, asOf } : head);
    const counts = COLLECTIONS.reduce((sum, collection) => sum + part[collection].length, 0);
    return { data, of: await hashOf(data), records: counts, photos: photoIdsOf(part).length, asOf };
  },

  /** The same as a file, to be shared by whatever way the device has. */
  async partOf(what: Packed, now: Date): Promise<Blob> {
    const part = chosen(await (await repository()).everything(), what);
    return new Blob([writeHouseholdFile(part, now)], { type: "application/json" });
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

function chosen(all: Household, what: Packed): Household {
  if (what.kind === "changes") return changesSince(all, what.since);
  const job = jobAlone(all, what.id);
  return what.chest ? { ...job, tools: all.tools } : job;
}

export type FilesWorker = typeof worker;
expose(worker);
