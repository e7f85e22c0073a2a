import "fake-indexeddb/auto";
import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { openDB } from "idb";
import { MODEL_VERSION } from "@/core/model/version";
import { demoHousehold } from "@/demo/household";
import { putAll } from "./change";
import { readHouseholdFile, writeHouseholdFile } from "./household-file";
import { type Repository, createRepository } from "./repository";
import { StoreError, exportAsItLies, openStore } from "./store";

const NOW = new Date("2026-11-27T12:00:00.000Z");
const demo = demoHousehold("2026-11-27");

/** Puts something into the store past the app, as a flipped bit or another program would. */
async function meddle(name: string, collection: string, record: unknown): Promise<void> {
  const db = await openDB(name);
  await db.put(collection, record);
  db.close();
}

async function filled(name: string): Promise<Repository> {
  const repository = createRepository(await openStore(name));
  await repository.commit(putAll(demo));
  return repository;
}

describe("a record that no longer fits", () => {
  test("is set aside with its reason; what is left is read, exported and comes in again", async () => {
    const repository = await filled("bit");
    const [entry] = demo.replacements;
    await meddle("bit", "replacements", { ...entry, count: "4 " });
    expect(await repository.list("replacements")).toHaveLength(demo.replacements.length - 1);
    expect(await repository.setAside()).toEqual([
      {
        collection: "replacements",
        id: entry?.id,
        why: expect.stringContaining("In count"),
        raw: expect.objectContaining({ count: "4 " }),
      },
    ]);
    const text = writeHouseholdFile(await repository.everything(), NOW);
    expect(readHouseholdFile(text).replacements).toHaveLength(demo.replacements.length - 1);
  });

  test("takes along what hangs on it, so that the export comes in again", async () => {
    const repository = await filled("vehicle");
    const [vehicle] = demo.vehicles;
    await meddle("vehicle", "vehicles", { ...vehicle, name: 7 });
    const aside = await repository.setAside();
    const lost = demo.readings.filter(({ vehicleId }) => vehicleId === vehicle?.id).length;
    expect(aside.filter(({ collection }) => collection === "readings")).toHaveLength(lost);
    expect(aside.some(({ collection, why }) => collection === "jobs" && why.includes("Its vehicle"))).toBe(
      true,
    );
    expect(() =>
      readHouseholdFile(writeHouseholdFile({ ...demo, vehicles: demo.vehicles.slice(1) }, NOW)),
    ).toThrow("belongs to a vehicle");
    expect(readHouseholdFile(writeHouseholdFile(await repository.everything(), NOW)).vehicles).toHaveLength(
      demo.vehicles.length - 1,
    );
  });

  test("gives way to a sound copy, can be thrown away, and never stops the undoing", async () => {
    const repository = await filled("mend");
    const [one, two] = demo.tools;
    if (!one || !two) throw new Error("The demo has no tools.");
    await meddle("mend", "tools", { ...one, extra: Infinity });
    await meddle("mend", "tools", { ...two, name: null });
    const { inverse } = await repository.commit({ put: { tools: [one] } });
    expect(await repository.setAside()).toHaveLength(1);
    await repository.commit(inverse);
    expect((await repository.list("tools")).some(({ id }) => id === one.id)).toBe(false);
    await repository.throwAway(await repository.setAside());
    expect(await repository.setAside()).toEqual([]);
    expect(await repository.list("tools")).toHaveLength(demo.tools.length - 2);
  });
});

describe("a store of another build", () => {
  test("a newer one is said to be so, can be exported as it lies, and is not written to", async () => {
    const newer = await openDB("newer", MODEL_VERSION + 2, {
      upgrade: (db) => {
        for (const name of ["vehicles", "settings", "pictures", "folders", "dreams"])
          db.createObjectStore(name, name === "vehicles" || name === "dreams" ? { keyPath: "id" } : {});
      },
    });
    await newer.put("dreams", { id: "d", of: "a dry day" });
    newer.close();
    const failure = await openStore("newer").catch((error: unknown) => error);
    expect(failure).toBeInstanceOf(StoreError);
    expect(failure).toMatchObject({
      trouble: "newer",
      message: expect.stringContaining("newer Vest Pocket"),
    });
    expect(JSON.parse(await exportAsItLies(NOW, "newer"))).toMatchObject({
      version: MODEL_VERSION + 2,
      household: { dreams: [{ id: "d" }] },
    });
    const after = await openDB("newer");
    expect(after.version).toBe(MODEL_VERSION + 2);
    expect(await after.getAll("dreams")).toHaveLength(1);
    after.close();
  });

  test("one held by an old tab says so, and tells when it can be had", async () => {
    const old = await openDB("held", 1, {
      upgrade: (db) => void db.createObjectStore("vehicles", { keyPath: "id" }),
    });
    const failure = await openStore("held").catch((error: unknown) => error);
    expect(failure).toMatchObject({ trouble: "held" });
    old.close();
    await (failure as StoreError).back;
    expect(await createRepository(await openStore("held")).list("vehicles")).toEqual([]);
  });
});

describe("from an older form", () => {
  const fixtures = join(__dirname, "__fixtures__");
  const files = readdirSync(fixtures).filter((name) => /^household-\d+\.json$/.test(name));

  async function oldStore(
    name: string,
    version: number,
    household: Record<string, { id: string }[]>,
  ): Promise<void> {
    const db = await openDB(name, version, {
      upgrade: (fresh) => {
        for (const collection of Object.keys(household))
          fresh.createObjectStore(collection, { keyPath: "id" });
        for (const plain of ["settings", "pictures", "folders"]) fresh.createObjectStore(plain);
      },
    });
    for (const [collection, records] of Object.entries(household))
      for (const record of records) await db.put(collection, record);
    db.close();
  }

  test.each(files)("%s: a copy as it was is kept until the next start finds all in order", async (file) => {
    const text = readFileSync(join(fixtures, file), "utf8");
    const { version, household } = JSON.parse(text) as {
      version: number;
      household: Record<string, { id: string }[]>;
    };
    await oldStore(file, version, household);
    const repository = createRepository(await openStore(file, undefined, undefined, { now: NOW }));
    expect(await repository.setAside()).toEqual([]);
    const former = await repository.former();
    // The store has its own order: that of the ids.
    const byId = Object.fromEntries(
      Object.entries(household).map(([name, records]) => [
        name,
        records.toSorted((a, b) => (a.id < b.id ? -1 : 1)),
      ]),
    );
    expect(JSON.parse(former ?? "")).toMatchObject({ version, household: byId });
    expect(readHouseholdFile(former ?? "")).toEqual(await repository.everything());
    // The start that made it does not let it go; a later one does.
    await repository.letFormerGo(new Date(NOW.getTime() - 1000));
    expect(await repository.former()).toBe(former);
    await repository.letFormerGo(new Date(NOW.getTime() + 1000));
    expect(await repository.former()).toBeUndefined();
  });

  test("of many records it is told how far it has come, from the start", async () => {
    await oldStore("many", 7, { vehicles: Array.from({ length: 3000 }, (_, i) => ({ id: `v${i}` })) });
    const told: number[] = [];
    await openStore("many", undefined, undefined, { onProgress: (share) => told.push(share) });
    expect(told).toEqual([0, 1 / 3, 2 / 3, 1]);
  });

  test("a record on which a migration fails stays as it is, is set aside, and the copy stays with it", async () => {
    await oldStore("odd", 1, { vehicles: [{ id: "sound" }, { id: "odd" }] });
    const failing = {
      to: 2,
      name: "one that cannot read everything",
      migrate: (household: Record<string, Record<string, unknown>[]>) => {
        if (household.vehicles?.some(({ id }) => id === "odd")) throw new TypeError("odd");
        return household;
      },
    };
    const repository = createRepository(await openStore("odd", 2, [failing], { now: NOW }));
    const aside = await repository.setAside();
    expect(aside.find(({ id }) => id === "odd")?.raw).toEqual({ id: "odd" });
    expect(aside.find(({ id }) => id === "sound")?.raw).toEqual({ id: "sound", schema: 2 });
    await repository.letFormerGo(new Date(NOW.getTime() + 1000));
    expect(await repository.former()).toContain('"odd"');
  });
});
