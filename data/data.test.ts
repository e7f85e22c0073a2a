import { readFileSync } from "node:fs";
import "fake-indexeddb/auto";
import { QueryClient } from "@tanstack/react-query";
import { IDBFactory } from "fake-indexeddb";
import fc from "fast-check";
import { InputError } from "@/core/input-error";
import { COLLECTIONS } from "@/core/model/collections";
import { type Household, emptyHousehold } from "@/core/model/household";
import { MODEL_VERSION } from "@/core/model/version";
import { formatFigure } from "@/core/quantity/torque-words";
import { demoHousehold } from "@/demo/household";
import { type Change, putAll, removeDemo, removeEverything, removeJob, removeVehicle } from "./change";
import { createCommit } from "./commit";
import { readHouseholdFile, writeHouseholdFile } from "./household-file";
import { createRepository } from "./repository";
import { stamp } from "./stamp";
import { openStore } from "./store";
import { StaleError } from "./write-change";

const demo = demoHousehold("2026-11-24");
const now = new Date("2026-11-24T12:00:00.000Z");
const own = { ...stamp("own", now), name: "My own", distanceUnit: "km" as const, torqueUnit: "N.m" as const };

beforeEach(() => {
  globalThis.indexedDB = new IDBFactory();
});

const open = async (onCommit?: Parameters<typeof createRepository>[1]) =>
  createRepository(await openStore(), onCommit);
const bytesOf = async (repository: Awaited<ReturnType<typeof open>>, id: string) => [
  ...new Uint8Array((await (await repository.picture(id))?.jpeg.arrayBuffer()) ?? []),
];

const byId = (household: Household) =>
  Object.fromEntries(
    COLLECTIONS.map((collection) => [
      collection,
      [...household[collection]].sort((a, b) => a.id.localeCompare(b.id)),
    ]),
  );

test("exported, brought into an empty browser and exported again: nothing is lost", async () => {
  const first = await open();
  await first.commit(putAll(demo));
  const text = writeHouseholdFile(await first.everything(), now);
  globalThis.indexedDB = new IDBFactory();
  const second = await open();
  await second.commit(putAll(readHouseholdFile(text)));
  expect(byId(await second.everything())).toEqual(byId(demo));
  expect(JSON.parse(writeHouseholdFile(await second.everything(), now))).toEqual(JSON.parse(text));
});

test("every change can be undone with what it returned", async () => {
  const repository = await open();
  await repository.commit(putAll(demo));
  const changes: Change[] = [
    removeVehicle(demo, "demo-wren"),
    removeJob(demo, "demo-brake-shoes"),
    removeDemo(demo),
    removeEverything(demo),
    { put: { vehicles: [{ ...own, name: "New" }] } },
    {
      put: { vehicles: demo.vehicles.map((vehicle) => ({ ...vehicle, name: "Renamed" })) },
      remove: { tools: demo.tools.slice(0, 3).map(({ id }) => id) },
    },
  ];
  for (const change of changes) {
    const { inverse } = await repository.commit(change);
    expect(byId(await repository.everything())).not.toEqual(byId(demo));
    await repository.commit(inverse);
    expect(byId(await repository.everything())).toEqual(byId(demo));
  }
});

test("removing the demo leaves own data as it is; removing a vehicle takes what hangs on it", async () => {
  const repository = await open();
  await repository.commit(putAll(demo));
  await repository.commit({ put: { vehicles: [own] } });
  await repository.commit(removeDemo(await repository.everything()));
  expect(await repository.everything()).toEqual({ ...emptyHousehold(), vehicles: [own] });
  await repository.commit(putAll(demo));
  await repository.commit(removeVehicle(await repository.everything(), "demo-wren"));
  const left = await repository.everything();
  expect(
    JSON.stringify([left.vehicles, left.jobs, left.readings, left.replacements, left.followUps]),
  ).not.toContain("demo-wren");
  expect(left.works.map(({ jobId }) => jobId)).toEqual(["demo-engine-mount"]);
  expect(left.tools).toHaveLength(demo.tools.length);
});

test("a job goes with its kit and its work; the log keeps what it brought", async () => {
  const repository = await open();
  await repository.commit(putAll(demo));
  await repository.commit(removeJob(await repository.everything(), "demo-brake-shoes"));
  const left = await repository.everything();
  expect(left.jobs.map(({ id }) => id)).not.toContain("demo-brake-shoes");
  expect([...left.works, ...left.kits].map(({ jobId }) => jobId)).not.toContain("demo-brake-shoes");
  expect(left.vehicles).toHaveLength(demo.vehicles.length);
  expect(left.replacements).toHaveLength(demo.replacements.length);
});

test("a change with one bad record writes nothing and says what is wrong", async () => {
  const told: string[][] = [];
  const repository = await open((collections) => told.push(collections));
  const bad = { ...own, id: "bad", year: 12 };
  await expect(repository.commit({ put: { vehicles: [own, bad] } })).rejects.toThrow(/year/);
  expect(await repository.list("vehicles")).toEqual([]);
  expect(told).toEqual([]);
  await repository.commit({ put: { vehicles: [own] } });
  expect(told).toEqual([["vehicles"]]);
});

test("two tabs that tick the same pattern end equal, and nothing of either is lost", async () => {
  const door = open();
  await (await door).commit(putAll(demo));
  const tab = () => {
    const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity, retry: false } } });
    const { commit } = createCommit(client, () => door);
    const works = () => client.getQueryData<Household["works"]>(["works"]) ?? [];
    const tick = (bolt: number) =>
      commit(() => ({
        put: {
          works: works().map((work) => ({
            ...work,
            events: [
              ...work.events,
              { at: now.toISOString(), on: "2026-11-24", type: "bolt" as const, stepId: "x", stage: 0, bolt },
            ],
          })),
        },
      }));
    return { client, works, tick };
  };
  const [one, other] = [tab(), tab()];
  for (const { client } of [one, other])
    await client.fetchQuery({ queryKey: ["works"], queryFn: async () => (await door).list("works") });
  await Promise.all(Array.from({ length: 20 }, (_, i) => (i % 3 === 0 ? one : other).tick(i + 1)));
  await one.tick(21);
  await other.tick(22);
  const stored = await (await door).list("works");
  const bolts = stored[0]?.events.flatMap((event) =>
    event.type === "bolt" && event.stepId === "x" ? [event.bolt] : [],
  );
  expect(bolts?.sort((a, b) => a - b)).toEqual(Array.from({ length: 22 }, (_, i) => i + 1));
  expect(other.works()).toEqual(stored);
});

test("a change worked out from what another tab has changed since is refused whole", async () => {
  const repository = await open();
  const { revision } = await repository.commit({ put: { vehicles: [own] } });
  await repository.commit({ put: { vehicles: [{ ...own, name: "By another tab" }] } });
  await expect(
    repository.commit({ put: { vehicles: [{ ...own, name: "Late" }] } }, { revision }),
  ).rejects.toThrow(StaleError);
  expect((await repository.list("vehicles")).map(({ name }) => name)).toEqual(["By another tab"]);
});

test("a photo is written with the tap that names it; undone it waits a while, and what nobody names is swept away", async () => {
  const repository = await open();
  await repository.commit(putAll(demo));
  const [work] = demo.works;
  if (!work) throw new Error("The demo has no work.");
  const picture = { jpeg: new Blob([new Uint8Array([255, 216, 255])]), takenAt: now.toISOString() };
  const named = {
    ...work,
    events: [
      ...work.events,
      { at: now.toISOString(), on: "2026-11-24", type: "photo" as const, stepId: "x", photoId: "p1" },
    ],
  };
  const { inverse } = await repository.commit({ put: { works: [named] }, pictures: { p1: picture } });
  await repository.sweepPictures(new Date("2026-12-01T00:00:00.000Z"));
  expect(await bytesOf(repository, "p1")).toEqual([255, 216, 255]);
  // Let go a year after it was taken, a start of another tab sees it unnamed for the first time, and leaves
  // it to Undo.
  await repository.commit(inverse);
  await repository.sweepPictures(new Date("2027-12-01T08:00:00.000Z"));
  expect(await repository.picture("p1")).toBeDefined();
  // Named again in between, its day begins anew.
  await repository.commit({ put: { works: [named] } });
  await repository.sweepPictures(new Date("2027-12-03T08:00:00.000Z"));
  await repository.commit(inverse);
  await repository.sweepPictures(new Date("2027-12-03T09:00:00.000Z"));
  expect(await repository.picture("p1")).toBeDefined();
  await repository.sweepPictures(new Date("2027-12-05T09:00:00.000Z"));
  expect(await repository.picture("p1")).toBeUndefined();
});

test("a photo is never put over another that has its id, and photos kept ahead of a file outlast a start of another tab", async () => {
  const repository = await open();
  const photo = (byte: number) => ({
    jpeg: new Blob([new Uint8Array([byte])]),
    takenAt: "2020-01-01T00:00:00.000Z",
  });
  await repository.keepPictures({ p: photo(1) });
  await repository.keepPictures({ p: photo(2), q: photo(3) });
  await repository.commit({ put: { vehicles: [own] }, pictures: { p: photo(4) } });
  await repository.sweepPictures(now);
  expect([await bytesOf(repository, "p"), await bytesOf(repository, "q")]).toEqual([[1], [3]]);
});

test("a photo that an earlier build kept as bytes is given as one of today's", async () => {
  const store = await openStore();
  await store.put(
    "pictures",
    { jpeg: new Uint8Array([255, 216]), original: new Uint8Array([1]), takenAt: now.toISOString() },
    "old",
  );
  const repository = createRepository(store);
  expect(await bytesOf(repository, "old")).toEqual([255, 216]);
  expect((await repository.picture("old"))?.original?.size).toBe(1);
});

test("a store of an older version runs through the migrations and keeps everything", async () => {
  const first = await openStore("old", MODEL_VERSION);
  await createRepository(first).commit({ put: { vehicles: [own] } });
  first.close();
  const migrations = [
    {
      to: MODEL_VERSION + 1,
      migrate: (raw: Record<string, Record<string, unknown>[]>) => ({
        ...raw,
        vehicles: (raw.vehicles ?? []).map((one) => ({ ...one, name: String(one.name).toUpperCase() })),
      }),
    },
  ];
  const second = await openStore("old", MODEL_VERSION + 1, migrations);
  expect(await second.getAll("vehicles")).toEqual([{ ...own, name: "MY OWN", schema: MODEL_VERSION + 1 }]);
  second.close();
});

test("a file of version 1 comes in whole, as this version", () => {
  const text = readFileSync("data/__fixtures__/household-1.json", "utf8");
  const household = readHouseholdFile(text);
  const old = JSON.parse(text) as { household: typeof household };
  expect(household).toEqual({
    // What held a wheel has that for its role, and minutes are the usual ones.
    ...JSON.parse(
      JSON.stringify(old.household, (key, value: unknown) => (key === "schema" ? MODEL_VERSION : value))
        .replaceAll('"holdsWheel":true', '"role":"wheel"')
        .replace(/"usualMinutes":(\d+)/g, '"minutes":{"usual":$1}'),
    ),
    kits: [],
    days: [],
    drills: [],
    writing: [],
    measurements: [],
    intervals: [],
    removals: [],
  });
  expect(household.jobs[0]?.routes[0]?.steps).toHaveLength(4);
});

test("a file of version 7 comes in with what is before an angle as a figure of its own", () => {
  const { jobs, vehicles } = readHouseholdFile(readFileSync("data/__fixtures__/household-7.json", "utf8"));
  expect(jobs[0]?.routes[0]?.fasteners[0]?.figure).toEqual({
    form: "procedure",
    moves: [
      { form: "value", torque: { value: 50, unit: "N.m", decimals: 0 } },
      { form: "angle", degrees: 90 },
      { form: "angle", degrees: 45 },
    ],
  });
  expect(vehicles[0]?.wheelTorque).toEqual({
    form: "value",
    torque: { value: 110, unit: "N.m", decimals: 0 },
  });
});

test("a file of version 9 comes in with the role of what held a wheel", () => {
  const text = readFileSync("data/__fixtures__/household-9.json", "utf8");
  expect(text).toContain("holdsWheel");
  const roles = readHouseholdFile(text).jobs.flatMap(({ routes }) =>
    routes.flatMap(({ fasteners }) => fasteners.flatMap(({ role }) => role ?? [])),
  );
  expect(roles.length).toBeGreaterThan(0);
  expect(new Set(roles)).toEqual(new Set(["wheel"]));
});

test("a file of version 11 comes in with its angles as moves that follow a torque", () => {
  const text = readFileSync("data/__fixtures__/household-11.json", "utf8");
  expect(text).toContain("anglesDeg");
  const figures = readHouseholdFile(text).jobs.flatMap(({ routes }) =>
    routes.flatMap(({ fasteners }) =>
      fasteners.flatMap(({ figure }) => (figure?.form === "procedure" ? [figure] : [])),
    ),
  );
  expect(figures.map(formatFigure)).toEqual(["50 N·m + 90°"]);
});

test("a file of version 11 comes in with what held the other end as held there", () => {
  const file = JSON.parse(readFileSync("data/__fixtures__/household-11.json", "utf8"));
  const [bolt] = file.household.jobs[0].routes[0].fasteners;
  bolt.counterHold = { profile: "hexagon", size: 17, unit: "mm" };
  const [fastener] = readHouseholdFile(JSON.stringify(file)).jobs[0]?.routes[0]?.fasteners ?? [];
  expect(fastener?.counterHold).toEqual({ by: "on the other end", size: bolt.counterHold });
});

test("a file of version 13 comes in with its minutes as the usual ones", () => {
  const text = readFileSync("data/__fixtures__/household-13.json", "utf8");
  const before = [...text.matchAll(/"usualMinutes": (\d+)/g)].map(([, minutes]) => Number(minutes));
  const steps = readHouseholdFile(text).jobs.flatMap(({ routes }) => routes.flatMap((route) => route.steps));
  expect(before.length).toBeGreaterThan(50);
  expect(steps.flatMap(({ minutes }) => minutes ?? [])).toEqual(before.map((usual) => ({ usual })));
});

test("a file of version 14 comes in with no day put down, and all else as it was", () => {
  const text = readFileSync("data/__fixtures__/household-14.json", "utf8");
  const { days, ...rest } = readHouseholdFile(text);
  expect(days).toEqual([]);
  expect(rest.jobs).toHaveLength((JSON.parse(text) as { household: typeof rest }).household.jobs.length);
});

test("a file of version 15 comes in as it was: nothing was taken back in its works", () => {
  const text = readFileSync("data/__fixtures__/household-15.json", "utf8");
  const was = JSON.parse(text) as { household: { works: { events: unknown[] }[] } };
  const { works } = readHouseholdFile(text);
  expect(works.map(({ events }) => events.length)).toEqual(
    was.household.works.map(({ events }) => events.length),
  );
  expect(works.some(({ takenBack }) => takenBack)).toBe(false);
});

test("a file of version 16 comes in with no drill done, and all else as it was", () => {
  const text = readFileSync("data/__fixtures__/household-16.json", "utf8");
  const { drills, ...rest } = readHouseholdFile(text);
  expect(drills).toEqual([]);
  expect(rest.days).toHaveLength((JSON.parse(text) as { household: typeof rest }).household.days.length);
});

test("a file of version 17 comes in with no currency chosen, and all else as it was", () => {
  const text = readFileSync("data/__fixtures__/household-17.json", "utf8");
  const { writing, ...rest } = readHouseholdFile(text);
  expect(writing).toEqual([]);
  expect(rest.drills).toHaveLength((JSON.parse(text) as { household: typeof rest }).household.drills.length);
});

test("settings of this browser are kept apart and never exported", async () => {
  const repository = await open();
  await repository.saveSetting("started", "demo");
  expect(await repository.setting("started")).toBe("demo");
  expect(await repository.setting("other")).toBeUndefined();
  expect(await repository.everything()).toEqual(emptyHousehold());
});

const good = writeHouseholdFile(demo, now);
const changed = (
  how: (file: {
    version: unknown;
    format: unknown;
    household: Record<string, Record<string, unknown>[]>;
  }) => void,
) => {
  const file = JSON.parse(good);
  how(file);
  return JSON.stringify(file);
};

test.each<[string, string, string]>([
  ["nothing", "", "The file is empty."],
  ["half a file", good.slice(0, good.length / 2), "breaks off"],
  ["another program's file", '{"a":1}', "not a Vest Pocket household file"],
  ["a list", "[]", "not a Vest Pocket household file"],
  [
    "a newer file",
    changed((file) => (file.version = MODEL_VERSION + 1)),
    `The file is version ${MODEL_VERSION + 1}; this app reads up to version ${MODEL_VERSION}`,
  ],
  ["no version", changed((file) => delete file.version), "does not say which version"],
  [
    "a wrong type",
    changed((file) => Object.assign(file.household.vehicles?.[1] ?? {}, { year: "old" })),
    "In household, vehicles, entry 2, year: expected number",
  ],
  [
    "an unknown field",
    changed((file) => Object.assign(file.household.vehicles?.[0] ?? {}, { wings: 2 })),
    "wings",
  ],
  ["a missing collection", changed((file) => delete file.household.tools), "household, tools"],
  [
    "a job of no vehicle",
    changed((file) => Object.assign(file.household.jobs?.[0] ?? {}, { vehicleId: "lost" })),
    "In jobs, entry 1: it belongs to a vehicle that is not in the file",
  ],
  [
    "work of no job",
    changed((file) => Object.assign(file.household.works?.[0] ?? {}, { jobId: "lost" })),
    "In works, entry 1",
  ],
  [
    "an id twice",
    changed((file) => file.household.tools?.push({ ...file.household.tools[0] })),
    "is there twice",
  ],
])("%s is refused with the first thing wrong", (_, text, says) => {
  expect(() => readHouseholdFile(text)).toThrow(InputError);
  expect(() => readHouseholdFile(text)).toThrow(says);
});

test("a file cut, overwritten or doubled anywhere is read whole or refused in a sentence", () => {
  fc.assert(
    fc.property(fc.nat(good.length), fc.nat(400), fc.string({ maxLength: 12 }), (at, length, put) => {
      try {
        readHouseholdFile(good.slice(0, at) + put + good.slice(at + length));
      } catch (error) {
        expect(error).toBeInstanceOf(InputError);
        expect((error as Error).message).toMatch(/[.]$/);
      }
    }),
    { numRuns: 300 },
  );
});
