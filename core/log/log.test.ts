import type { Job } from "../model/job";
import { MODEL_VERSION } from "../model/record";
import type { FollowUp, Replacement } from "../model/log";
import type { Reading } from "../model/vehicle";
import { doNext } from "./do-next";
import { fittedParts } from "./fitted";
import { latestReading, questionReading } from "./odometer";
import { yearSummary } from "./this-year";

const stamp = (id: string) => ({ id, createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z", schema: MODEL_VERSION, origin: "own" as const });
const reading = (on: string, value: number, more: Partial<Reading> = {}): Reading => ({ ...stamp(on), vehicleId: "v", on, distance: { value, unit: "km" }, ...more });
const readings = [reading("2026-03-01", 1000), reading("2026-01-01", 500), reading("2026-06-01", 2000)];
const km = (value: number) => ({ value, unit: "km" as const });

test("the newest reading is the one of the latest day", () => {
  expect(latestReading(readings, "v")?.distance.value).toBe(2000);
  expect(latestReading(readings, "other")).toBeUndefined();
});

test.each([
  ["2026-07-01", 2500, undefined],
  ["2026-07-01", 1999, "is less than the 2\u202f000 km read on 2026-06-01"],
  ["2026-04-01", 1500, undefined],
  ["2026-04-01", 2500, "is more than the 2\u202f000 km read later, on 2026-06-01"],
  ["2025-01-01", 400, undefined],
])("on %s a reading of %d: %s", (on, value, says) => {
  const question = questionReading(readings, "v", km(value), on)?.says;
  if (says === undefined) expect(question).toBeUndefined();
  else expect(question).toContain(says);
});

test("after a new odometer, only readings since then are compared", () => {
  const changed = [...readings, reading("2026-08-01", 10, { newOdometer: true })];
  expect(questionReading(changed, "v", km(300), "2026-09-01")).toBeUndefined();
  expect(questionReading(changed, "v", km(5), "2026-09-01")?.mayBeNewOdometer).toBe(true);
  expect(questionReading(changed, "v", km(3000), "2026-07-01")).toBeUndefined();
});

test("miles and kilometres are compared as the distances they are", () => {
  expect(questionReading(readings, "v", { value: 1300, unit: "mi" }, "2026-07-01")).toBeUndefined();
});

const replaced = (part: string, on: string, odometer: number, more: Partial<Replacement> = {}): Replacement => ({
  ...stamp(`${part} ${on}`),
  vehicleId: "v",
  part,
  place: "left rear",
  system: "brakes",
  count: 1,
  on,
  odometer: km(odometer),
  ...more,
});

test("what is on a place is the newest of each part, with how far it has gone", () => {
  const fitted = fittedParts(
    [replaced("Shoes", "2024-01-01", 100), replaced("shoes", "2026-01-01", 600), replaced("Tyre", "2025-01-01", 300), replaced("Shoes", "2026-02-01", 700, { vehicleId: "other" })],
    "v",
    km(1000),
  );
  expect(fitted.get("left rear")?.map(({ replacement, gone }) => [replacement.part, gone.value])).toEqual([
    ["shoes", 400],
    ["Tyre", 700],
  ]);
});

test("a year counts its own entries and says how many have no price", () => {
  const list = [replaced("A", "2026-01-01", 1, { priceMinor: 100 }), replaced("B", "2026-05-01", 2), replaced("C", "2025-05-01", 2, { priceMinor: 900 })];
  expect(yearSummary(list, "v", "2026")).toEqual({ replacements: 2, spentMinor: 100, unpriced: 1 });
});

test("do next: what is under way first, then what is owed by how near it is, then what is planned", () => {
  const job = (id: string, more: Partial<Job>): Job => ({ ...stamp(id), vehicleId: "v", title: id, system: "brakes", state: "planned", routes: [], chosenRouteId: "r", ...more });
  const owed = (id: string, more: Partial<FollowUp>): FollowUp => ({ ...stamp(id), vehicleId: "v", kind: "other", text: id, state: "open", ...more });
  const things = doNext(
    {
      jobs: [job("planned", { plannedFor: "2026-12-01" }), job("begun", { state: "under way" }), job("done", { state: "done" }), job("some day", {})],
      followUps: [
        owed("far", { dueAt: km(2900) }),
        owed("late", { dueOn: "2026-11-20" }),
        owed("near", { dueOn: "2026-11-26" }),
        owed("reached", { dueAt: km(1990) }),
        owed("closed", { state: "done" }),
      ],
    },
    "2026-11-24",
    () => km(2000),
  );
  expect(things.map(({ title, when }) => `${title}: ${when}`)).toEqual([
    "begun: under way",
    "late: now",
    "reached: now",
    "near: in 2 days",
    "far: in 900 km",
    "planned: in 7 days",
    "some day: no day yet",
  ]);
});
