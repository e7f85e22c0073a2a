import "fake-indexeddb/auto";
import { File as NodeFile } from "node:buffer";
import { IDBFactory } from "fake-indexeddb";
import { putAll } from "@/data/change";
import { createRepository } from "@/data/repository";
import { openStore } from "@/data/store";
import { demoHousehold } from "@/demo/household";
import type { FilesWorker } from "./files.worker";

const NOW = new Date("2026-11-24T12:00:00.000Z");
const household = demoHousehold("2026-11-24");
const progress = () => undefined;

/** The worker's own functions, on a store of their own, with what they would be called through left out. */
async function worker(filled: boolean): Promise<FilesWorker> {
  globalThis.indexedDB = new IDBFactory();
  if (filled) {
    const store = await openStore();
    await createRepository(store).commit(putAll(household));
    store.close();
  }
  let exposed: FilesWorker | undefined;
  jest.doMock("comlink", () => ({ expose: (functions: FilesWorker) => (exposed = functions) }));
  await jest.isolateModulesAsync(async () => void (await import("./files.worker")));
  if (!exposed) throw new Error("The worker exposes nothing.");
  return exposed;
}

const fileOf = async (blob: Blob, name: string) =>
  new NodeFile([new Uint8Array(await blob.arrayBuffer())], name) as unknown as File;

test("what is exported comes in elsewhere as it was, and nothing is written by looking at it", async () => {
  const blob = await (await worker(true)).exportAll(NOW);
  const elsewhere = await worker(false);
  const { merge, here, photos, revision } = await elsewhere.read(await fileOf(blob, "all.json"));
  expect(merge.merged.jobs.map(({ id }) => id).sort()).toEqual(household.jobs.map(({ id }) => id).sort());
  expect(merge.merged.replacements).toHaveLength(household.replacements.length);
  expect([here.vehicles, photos]).toEqual([[], {}]);
  expect(await elsewhere.revision()).toBe(revision);
});

test("the same file again changes nothing", async () => {
  const same = await worker(true);
  const { merge } = await same.read(await fileOf(await same.exportAll(NOW), "again.json"));
  expect([merge.counts.added, merge.counts.changed, merge.counts.removed, merge.conflicts]).toEqual([
    0,
    0,
    0,
    [],
  ]);
});

test("a file that is none is refused with a sentence", async () => {
  const elsewhere = await worker(false);
  await expect(elsewhere.read(await fileOf(new Blob(["{"]), "broken.json"))).rejects.toThrow(/\.$/);
  await expect(
    elsewhere.read(await fileOf(new Blob([JSON.stringify({ app: "another" })]), "other.json")),
  ).rejects.toThrow(/\.$/);
});

test("with photos it is one archive, which comes in too", async () => {
  const blob = await (await worker(true)).exportWithPhotos(NOW, progress);
  const elsewhere = await worker(false);
  const file = await fileOf(blob, "all.zip");
  const { merge, photos } = await elsewhere.read(file);
  expect(merge.merged.vehicles).toHaveLength(household.vehicles.length);
  await elsewhere.takePhotos(file, photos, progress);
});
