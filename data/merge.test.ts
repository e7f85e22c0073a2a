import fc from "fast-check";
import { COLLECTIONS } from "@/core/model/collections";
import { type Household, emptyHousehold, householdSchema } from "@/core/model/household";
import type { Replacement } from "@/core/model/log";
import type { Vehicle } from "@/core/model/vehicle";
import { removeVehicle, removing } from "./change";
import { readHouseholdFile, writeHouseholdFile } from "./household-file";
import { mergeChange, mergeHouseholds } from "./merge";
import { isSame } from "./same";
import { stamp } from "./stamp";

const at = (minute: number) => new Date(Date.UTC(2026, 0, 1, 0, minute));
const vehicle = (id: string, minute: number, name = id): Vehicle => ({
  ...stamp("own", at(minute)),
  id,
  name,
  distanceUnit: "km",
  torqueUnit: "N.m",
});

const entry = (id: string, vehicleId: string, minute: number, note: string): Replacement => ({
  ...stamp("own", at(minute)),
  id,
  vehicleId,
  part: "Bulb",
  place: "front",
  system: "lights and electrics",
  count: 1,
  odometer: { value: 1000, unit: "km" },
  on: "2026-01-01",
  note,
});

const sorted = (household: Household) =>
  Object.fromEntries(
    COLLECTIONS.map((collection) => [
      collection,
      [...household[collection]].sort((a, b) => a.id.localeCompare(b.id)),
    ]),
  );
/** A household with a change of data/ applied to it, as the store would. */
function after(household: Household, { put, remove }: ReturnType<typeof removing>): Household {
  return Object.fromEntries(
    COLLECTIONS.map((collection) => {
      const written = new Map(household[collection].map((one) => [one.id, one as unknown]));
      for (const id of remove?.[collection] ?? []) written.delete(id);
      for (const one of put?.[collection] ?? []) written.set(one.id, one);
      return [collection, [...written.values()]];
    }),
  ) as unknown as Household;
}

/**
 * What two devices may have come to from one beginning: entries edited, added and removed on each, a vehicle
 * removed with all on it.
 */
const device = fc.array(
  fc.record({
    what: fc.constantFrom("edit", "add", "remove", "remove vehicle"),
    id: fc.integer({ min: 0, max: 5 }),
    minute: fc.integer({ min: 1, max: 40 }),
    word: fc.constantFrom("a", "b", "c"),
  }),
  { maxLength: 8 },
);

const start: Household = {
  ...emptyHousehold(),
  vehicles: [vehicle("v0", 0), vehicle("v1", 0)],
  replacements: [0, 1, 2, 3].map((i) => entry(`e${i}`, `v${i % 2}`, 0, "start")),
};

function play(acts: { what: string; id: number; minute: number; word: string }[]): Household {
  return acts.reduce((household, { what, id, minute, word }) => {
    const own = household.replacements.find((one) => one.id === `e${id}`);
    if (what === "remove vehicle") return after(household, removeVehicleAt(household, `v${id % 2}`, minute));
    if (what === "remove")
      return own ? after(household, removing({ replacements: [own] }, at(minute))) : household;
    if (!household.vehicles.some((one) => one.id === `v${id % 2}`)) return household;
    if (what === "edit" && !own) return household;
    const written = {
      ...(own ?? entry(`e${id}`, `v${id % 2}`, minute, word)),
      note: word,
      updatedAt: at(minute).toISOString(),
    };
    return after(household, { put: { replacements: [written] }, remove: { removals: [written.id] } });
  }, start);
}

function removeVehicleAt(household: Household, id: string, minute: number) {
  const change = removeVehicle(household, id);
  return {
    ...change,
    put: {
      removals: (change.put?.removals ?? []).map((one) => ({
        ...one,
        createdAt: at(minute).toISOString(),
        updatedAt: at(minute).toISOString(),
      })),
    },
  };
}

test("two devices come to the same, whichever takes in the other's file first and however often", () => {
  fc.assert(
    fc.property(device, device, (acts, others) => {
      const [a, b] = [play(acts), play(others)];
      const ab = mergeHouseholds(a, b).merged;
      const ba = mergeHouseholds(b, a).merged;
      expect(sorted(ab)).toEqual(sorted(ba));
      for (const again of [
        mergeHouseholds(ab, b),
        mergeHouseholds(ab, a),
        mergeHouseholds(a, ab),
        mergeHouseholds(ab, ab),
      ])
        expect(sorted(again.merged)).toEqual(sorted(ab));
      // And it is a household that can go out into a file and come in again.
      expect(readHouseholdFile(writeHouseholdFile(ab, at(0)))).toEqual(householdSchema.parse(ab));
    }),
    { numRuns: 500 },
  );
});

test("the change that a merge makes leads from what is here to what was merged", () => {
  fc.assert(
    fc.property(device, device, (acts, others) => {
      const [a, b] = [play(acts), play(others)];
      const merge = mergeHouseholds(a, b);
      expect(sorted(after(a, mergeChange(a, merge, [])))).toEqual(sorted(merge.merged));
    }),
    { numRuns: 200 },
  );
});

test("the later change wins and both are shown; a removal is not undone by an old file", () => {
  const here = after(start, {
    put: { replacements: [{ ...entry("e0", "v0", 0, "here"), updatedAt: at(5).toISOString() }] },
  });
  const incoming = after(start, {
    put: { replacements: [{ ...entry("e0", "v0", 0, "there"), updatedAt: at(9).toISOString() }] },
  });
  const { merged, conflicts, counts } = mergeHouseholds(here, incoming);
  expect(merged.replacements.find(({ id }) => id === "e0")?.note).toBe("there");
  expect(conflicts.map(({ id, kept }) => [id, kept])).toEqual([["e0", "incoming"]]);
  expect(counts).toEqual({ added: 0, changed: 1, same: 5, removed: 0 });
  const without = after(start, removing({ replacements: start.replacements.slice(0, 1) }, at(20)));
  expect(mergeHouseholds(without, start).merged.replacements.map(({ id }) => id)).toEqual(["e1", "e2", "e3"]);
  expect(mergeHouseholds(start, without).counts).toEqual({ added: 0, changed: 0, same: 5, removed: 1 });
});

test("a vehicle removed here comes back with an entry that was added to it elsewhere", () => {
  const here = after(start, removeVehicleAt(start, "v0", 20));
  const elsewhere = after(start, { put: { replacements: [entry("e9", "v0", 3, "new")] } });
  const { merged } = mergeHouseholds(here, elsewhere);
  expect(merged.vehicles.map(({ id }) => id).sort()).toEqual(["v0", "v1"]);
  expect(merged.replacements.map(({ id }) => id).sort()).toEqual(["e1", "e3", "e9"]);
});

test("records are the same whatever the order of their fields", () => {
  expect(isSame({ a: 1, b: { c: 2, d: 3 } }, { b: { d: 3, c: 2 }, a: 1 })).toBe(true);
  expect(isSame({ a: [1, 2] }, { a: [2, 1] })).toBe(false);
});

test("one job worked on two phones is one work with the taps of both, and no conflict", () => {
  const job = (work: string, minute: number, bolts: number[]): Household => ({
    ...emptyHousehold(),
    vehicles: [vehicle("v", 1)],
    works: [
      {
        ...stamp("own", at(minute)),
        id: work,
        jobId: "j",
        routeId: "r",
        events: bolts.map((bolt) => ({
          type: "bolt" as const,
          at: at(bolt).toISOString(),
          on: "2026-01-01",
          stepId: "s",
          stage: 0,
          bolt,
        })),
      },
    ],
  });
  const bolts = ({ works }: Household) =>
    works.map(({ id, events }) => [id, ...events.map((event) => (event.type === "bolt" ? event.bolt : 0))]);
  const [mine, theirs] = [job("one", 5, [6, 9]), job("one", 7, [6, 8])];
  const merge = mergeHouseholds(mine, theirs);
  expect(bolts(merge.merged)).toEqual([["one", 6, 8, 9]]);
  expect(merge.conflicts).toEqual([]);
  // Begun apart on each, it is that which was begun first.
  const apart = mergeHouseholds(job("two", 4, [6]), job("one", 5, [8]));
  expect(bolts(apart.merged)).toEqual([["two", 6, 8]]);
  expect(bolts(mergeHouseholds(job("one", 5, [8]), job("two", 4, [6])).merged)).toEqual([["two", 6, 8]]);
  expect(mergeChange(job("one", 5, [8]), apart, []).remove?.works).toEqual(["one"]);
});

test("photos of an entry from both are all kept", () => {
  const withPhotos = (minute: number, ...photoIds: string[]): Household => ({
    ...emptyHousehold(),
    vehicles: [vehicle("v", 1)],
    replacements: [{ ...entry("e", "v", minute, "same"), photoIds }],
  });
  const { merged } = mergeHouseholds(withPhotos(3, "a", "b"), withPhotos(2, "a", "c"));
  expect(merged.replacements[0]?.photoIds).toEqual(["a", "b", "c"]);
});
