import "fake-indexeddb/auto";
import { QueryClient } from "@tanstack/react-query";
import { IDBFactory } from "fake-indexeddb";
import { demoHousehold } from "@/demo/household";
import { putAll, removing } from "./change";
import { createCommit } from "./commit";
import { createRepository } from "./repository";
import { stamp, touched } from "./stamp";
import { openStore } from "./store";
import { StaleError } from "./write-change";

const demo = demoHousehold("2026-11-24");
const now = new Date("2026-11-24T12:00:00.000Z");
const own = { ...stamp("own", now), name: "My own", distanceUnit: "km" as const, torqueUnit: "N.m" as const };

beforeEach(() => {
  globalThis.indexedDB = new IDBFactory();
});

describe("undo", () => {
  const setUp = async () => {
    const repository = createRepository(await openStore());
    await repository.commit(putAll(demo));
    const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity, retry: false } } });
    return { repository, ...createCommit(client, () => Promise.resolve(repository)) };
  };
  const withoutDates = (records: readonly object[]) =>
    records.map((record) => ({ ...record, updatedAt: undefined }));

  test("of an older note takes back only what it wrote: ticks that came after it stay, and it can be done again", async () => {
    const { repository, commit, undo } = await setUp();
    const work = demo.works[0];
    if (!work) throw new Error("The demo has no work.");
    const tick = (bolt: number) => ({
      at: now.toISOString(),
      on: "2026-11-24",
      type: "bolt" as const,
      stepId: "undo",
      stage: 0,
      bolt,
    });
    const stands = async () =>
      (await repository.list("works"))[0]?.events.flatMap((event) =>
        event.type === "bolt" && event.stepId === "undo" ? [event.bolt] : [],
      );
    const first = await commit({ put: { works: [{ ...work, events: [...work.events, tick(1)] }] } });
    await commit({ put: { works: [{ ...work, events: [...work.events, tick(1), tick(2), tick(3)] }] } });
    const undone = await undo(first);
    expect([await stands(), undone.left]).toEqual([[2, 3], 0]);
    await undo(undone.done);
    expect((await stands())?.sort()).toEqual([1, 2, 3]);
  });

  test("leaves a field that somebody changed again, and says so; the others go back, dated after what they replace", async () => {
    const { repository, commit, undo } = await setUp();
    const [vehicle] = demo.vehicles;
    if (!vehicle) throw new Error("The demo has no vehicle.");
    const done = await commit({ put: { vehicles: [{ ...vehicle, name: "Renamed", year: 2001 }] } });
    await commit({
      put: { vehicles: [{ ...vehicle, name: "Again", year: 2001, updatedAt: "2031-01-01T00:00:00.000Z" }] },
    });
    expect((await undo(done)).left).toBe(1);
    const now = (await repository.list("vehicles")).find(({ id }) => id === vehicle.id);
    expect([now?.name, now?.year]).toEqual(["Again", vehicle.year]);
    expect(Date.parse(now?.updatedAt ?? "")).toBeGreaterThan(Date.parse("2031-01-01T00:00:00.000Z"));
  });

  test("a route that another tab added stays, and what was taken out comes back where it was", async () => {
    const { repository, commit, undo } = await setUp();
    const job = demo.jobs.find(({ routes }) => routes.some(({ steps }) => steps.length > 3));
    const [route] = job?.routes ?? [];
    if (!job || !route) throw new Error("The demo has no such job.");
    const [first, gone, ...rest] = route.steps;
    if (!first || !gone) throw new Error("The demo has no such steps.");
    const cut = { ...route, steps: [first, ...rest] };
    const others = job.routes.slice(1);
    const done = await commit({ put: { jobs: [{ ...job, routes: [cut, ...others] }] } });
    await commit({
      put: { jobs: [{ ...job, routes: [cut, ...others, { ...route, id: "added", name: "Added" }] }] },
    });
    expect((await undo(done)).left).toBe(0);
    const routes = (await repository.list("jobs")).find(({ id }) => id === job.id)?.routes ?? [];
    expect(routes.map(({ id }) => id)).toEqual([...job.routes.map(({ id }) => id), "added"]);
    expect(routes[0]?.steps).toEqual(route.steps);
  });

  test("new records go out again unless somebody went on with them; those taken out come back", async () => {
    const { repository, commit, undo } = await setUp();
    const other = { ...own, id: "other" };
    const done = await commit({
      put: { vehicles: [own, other] },
      remove: { tools: demo.tools.map(({ id }) => id) },
    });
    await commit({ put: { vehicles: [{ ...other, name: "Gone on with" }] } });
    expect((await undo(done)).left).toBe(1);
    expect((await repository.list("vehicles")).map(({ id }) => id).sort()).toEqual(
      [...demo.vehicles.map(({ id }) => id), "other"].sort(),
    );
    expect(withoutDates(await repository.list("tools")).length).toBe(demo.tools.length);
  });
});

test("with the clock set back, no change is older than what it replaces, nor a removal than what it removes", () => {
  const back = new Date("2020-01-01T00:00:00.000Z");
  expect(touched(own, back).updatedAt > own.updatedAt).toBe(true);
  expect(removing({ vehicles: [own] }, back).put?.removals?.[0]?.updatedAt).toBe(
    new Date(now.getTime() + 1).toISOString(),
  );
});

test("what was shown for one state of the store is refused when another tab has written since, and not worked out anew", async () => {
  const repository = createRepository(await openStore());
  const { commit } = createCommit(new QueryClient(), () => Promise.resolve(repository));
  const revision = await repository.revision();
  await repository.commit({ put: { vehicles: [own] } });
  await expect(
    commit({ put: { vehicles: [{ ...own, name: "From an old preview" }] } }, { revision }),
  ).rejects.toThrow(StaleError);
  expect((await repository.list("vehicles")).map(({ name }) => name)).toEqual([own.name]);
  // The queue goes on.
  await commit({ put: { vehicles: [{ ...own, name: "Later" }] } });
  expect((await repository.list("vehicles")).map(({ name }) => name)).toEqual(["Later"]);
});
