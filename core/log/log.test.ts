import type { Job } from "../model/job";
import type { FollowUp } from "../model/log";
import { measured, km, reading, replaced as fitted, stamp, vehicle } from "./__fixtures__/records";
import { yearSummary } from "./costs/this-year";
import { doNext } from "./do-next";
import { latestReading, questionReading } from "./mileage/odometer";
import { fittedParts } from "./upkeep/fitted";
import { vehicleLog } from "./vehicle-log";

const readings = [reading("2026-03-01", 1000), reading("2026-01-01", 500), reading("2026-06-01", 2000)];

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
  // 1500 km in five months, and then ten times all of it in one: a digit too many.
  ["2026-07-01", 20_500, "further than it is driven"],
  ["2026-07-01", 4800, undefined],
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

const replaced: typeof fitted = (part, on, odometer, more) =>
  fitted(part, on, odometer, { place: "left rear", system: "brakes", ...more });

test("what is on a place is the newest of each part, with how far it has gone", () => {
  const fitted = fittedParts(
    [
      replaced("Shoes", "2024-01-01", 100),
      replaced("shoes", "2026-01-01", 600),
      replaced("Tyre", "2025-01-01", 300),
      replaced("Shoes", "2026-02-01", 700, { vehicleId: "other" }),
    ],
    "v",
    vehicleLog(
      vehicle,
      {
        readings: [reading("2026-03-01", 1000)],
        replacements: [],
        measurements: [],
        intervals: [],
        followUps: [],
      },
      "2026-03-01",
    ),
  );
  expect(fitted.get("left rear")?.map(({ replacement, gone }) => [replacement.part, gone.value])).toEqual([
    ["shoes", 400],
    ["Tyre", 700],
  ]);
});

test("a year counts its own entries and says how many have no price", () => {
  const list = [
    replaced("A", "2026-01-01", 1, { priceMinor: 100 }),
    replaced("B", "2026-05-01", 2),
    replaced("C", "2025-05-01", 2, { priceMinor: 900 }),
  ];
  expect(yearSummary({ replacements: list, jobs: [], works: [], kits: [] }, "v", "2026")).toMatchObject({
    replacements: 2,
    spentMinor: 100,
    unpriced: 1,
    jobs: 0,
    minutes: 0,
    quoted: { count: 0 },
  });
});

test("a job done this year counts its parts from before New Year against its quote", () => {
  const job = {
    ...stamp("j"),
    vehicleId: "v",
    title: "j",
    system: "engine",
    state: "done",
    doneOn: "2026-01-02",
    chosenRouteId: "r",
    routes: [],
  } as unknown as Job;
  const kit = {
    ...stamp("k"),
    jobId: "j",
    laidOut: [],
    got: [],
    typed: [],
    wishes: { own: [] },
    quoteMinor: 9000,
  };
  const parts = ["2025-12-30", "2026-01-02"].map((on) =>
    replaced(on, on, 1, { jobId: "j", priceMinor: 2000 }),
  );
  const { quoted, spentMinor } = yearSummary(
    {
      replacements: parts,
      jobs: [{ ...job, routes: [{ id: "r", name: "r", steps: [], fasteners: [], parts: [] }] }],
      works: [],
      kits: [kit],
    },
    "v",
    "2026",
  );
  expect([quoted.savedMinor, spentMinor]).toEqual([5000, 2000]);
});

test("do next: what is under way first, then what is owed by how near it is, then what is planned", () => {
  const job = (id: string, more: Partial<Job>): Job => ({
    ...stamp(id),
    vehicleId: "v",
    title: id,
    system: "brakes",
    state: "planned",
    routes: [],
    chosenRouteId: "r",
    ...more,
  });
  const owed = (id: string, more: Partial<FollowUp>): FollowUp => ({
    ...stamp(id),
    vehicleId: "v",
    kind: "other",
    text: id,
    state: "open",
    ...more,
  });
  const followUps = [
    owed("far", { dueAt: km(2900) }),
    owed("late", { dueOn: "2026-11-20" }),
    owed("near", { dueOn: "2026-11-26" }),
    owed("reached", { dueAt: km(1990) }),
    owed("closed", { state: "done" }),
  ];
  const intervals = [
    { ...stamp("i1"), vehicleId: "v", part: "Plugs", system: "engine" as const, months: 6 },
    { ...stamp("i2"), vehicleId: "v", part: "Planned part", system: "engine" as const, months: 6 },
    { ...stamp("i3"), vehicleId: "v", part: "Later", system: "engine" as const, months: 60 },
  ];
  const fitted = ["Plugs", "Planned part", "Later"].map((part) => replaced(part, "2026-04-01", 1100));
  const tread = { what: "Tread", at: "left front" };
  const measurements = [
    measured("2026-11-24", 2000, 1.4, { what: "Lining", at: "left rear" }),
    // 1 mm in 400 km and 1 mm left: 400 km more. Driven 900 km in the 237 days since 1 April, the middle of
    // the three slopes: 105 days.
    ...[measured("2026-11-04", 1600, 3.5, tread), measured("2026-11-24", 2000, 2.5, tread)],
    // Whoever renews it has it on the list already.
    measured("2026-11-24", 2000, 1, { what: "Planned part depth" }),
    measured("2026-11-24", 2000, 9, { what: "Disc" }),
  ];
  const log = vehicleLog(
    vehicle,
    {
      readings: [reading("2026-11-04", 1600), reading("2026-11-24", 2000)],
      replacements: fitted,
      measurements,
      intervals,
      followUps,
    },
    "2026-11-24",
  );
  const covers = job("covers", { state: "planned", plannedFor: "2026-12-03" });
  const withPart = {
    ...covers,
    chosenRouteId: "r",
    routes: [
      {
        id: "r",
        name: "r",
        steps: [],
        fasteners: [],
        parts: [{ id: "p", name: "planned parts", place: "engine" as const, count: 1 }],
      },
    ],
  };
  const bare = (one: Job): Job => ({
    ...one,
    routes: [{ id: "r", name: "r", steps: [], fasteners: [], parts: [] }],
  });
  const jobs = [
    job("planned", { plannedFor: "2026-12-01" }),
    job("begun", { state: "under way" }),
    job("done", { state: "done" }),
    job("some day", {}),
  ].map(bare);
  const things = doNext([...jobs, withPart], [log], "2026-11-24");
  expect(things.map(({ title, when }) => `${title}: ${when}`)).toEqual([
    "begun: under way",
    "Lining, left rear: beyond its limit, 1.4 mm",
    "Plugs, left rear: 54 days late",
    "late: now",
    "reached: now",
    "near: in 2 days",
    "Tread, left front: at its limit in 105 days",
    "far: in 900 km",
    "planned: in 7 days",
    "covers: in 9 days",
    "some day: no day yet",
  ]);
});
