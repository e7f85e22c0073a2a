import { EUROS } from "../../__fixtures__/money";
import type { Job } from "../../model/job";
import type { FollowUp, Interval, Replacement } from "../../model/log";
import type { Tool } from "../../model/tool";
import type { Vehicle } from "../../model/vehicle";
import { READINGS, TODAY, km, replaced, stamp } from "../__fixtures__/records";
import { costsOf, quotedOf, toolsPaid } from "../costs/costs";
import { owedOf } from "../follow-up";
import { HISTORY_FIELDS, historyMarkdown, historyOf } from "../history";
import { drivingOf } from "../mileage/driving";
import { mileageOf } from "../mileage/mileage";
import { partKey } from "../part-key";
import { dayFormsOf, guessColumns, logRows, readLogRows } from "../table/log-table";
import { readQuickEntry } from "../table/quick-entry";
import { togetherOf } from "../together";
import { dueOf } from "./due";
import { lifetimesOf } from "./lifetimes";

const interval = (part: string, more: Partial<Interval>): Interval => ({
  ...stamp(part),
  vehicleId: "v",
  part,
  system: "engine",
  ...more,
});

const mileage = mileageOf("v", READINGS);
const driving = drivingOf(mileage);

describe("due", () => {
  const due = (one: Interval, log: Replacement[]) => dueOf("v", [one], log, mileage, driving, TODAY)[0];
  test("by distance or by time, whichever comes first", () => {
    // 9000 + 2000 = 11 000 km, 1000 km from now at 10 km a day: 100 days, against 12 months from 1 July.
    const byDistance = due(interval("Oil", { every: km(2000), months: 12 }), [
      replaced("Oil", "2025-07-01", 9000),
    ]);
    expect(byDistance).toMatchObject({
      by: "distance",
      state: "later",
      dueAt: km(11_000),
      left: km(1000),
      dueOn: "2026-07-01",
    });
    expect(byDistance?.on?.best).toMatch(/^2026-04-(09|1[0-2])$/);
    expect(
      due(interval("Oil", { every: km(9000), months: 7 }), [replaced("Oil", "2025-07-01", 9000)]),
    ).toMatchObject({
      by: "time",
      state: "soon",
      on: { best: "2026-02-01", latest: "2026-02-01" },
    });
  });
  test("overdue, snoozed with its reason, and never logged", () => {
    expect(due(interval("Oil", { every: km(900) }), [replaced("Oil", "2025-07-01", 9000)])).toMatchObject({
      state: "overdue",
      left: km(-100),
    });
    expect(
      due(interval("Oil", { months: 3, snoozed: { until: "2026-02-01", because: "ordered" } }), [
        replaced("Oil", "2025-07-01", 9000),
      ])?.state,
    ).toBe("snoozed");
    expect(
      due(interval("Oil", { months: 3, snoozed: { until: TODAY, because: "ordered" } }), [
        replaced("Oil", "2025-07-01", 9000),
      ])?.state,
    ).toBe("overdue");
    expect(due(interval("Oil", { months: 3 }), [])).toMatchObject({ state: "unknown", on: undefined });
  });
  test("each place counts apart, and names match whatever their plural or side", () => {
    const log = [
      replaced("Tyre", "2024-01-01", 100, { place: "left front" }),
      replaced("Tyres", "2025-12-01", 9700, { place: "right front" }),
      replaced("Tyre", "2025-06-01", 8000, { place: "left front" }),
    ];
    expect(
      dueOf("v", [interval("tyre", { every: km(3000) })], log, mileage, driving, TODAY).map(
        ({ place, dueAt }) => [place, dueAt?.value],
      ),
    ).toEqual([
      ["left front", 11_000],
      ["right front", 12_700],
    ]);
    expect(partKey("Wiper blades, front")).toBe(partKey("wiper blade"));
    expect(partKey("Glass")).toBe("glass");
  });
  test("with one reading only time counts, and a distance alone says nothing", () => {
    const one = mileageOf("v", READINGS.slice(2));
    expect(
      dueOf(
        "v",
        [interval("Oil", { every: km(5000), months: 12 })],
        [replaced("Oil", "2025-12-01", 9700)],
        one,
        undefined,
        TODAY,
      )[0],
    ).toMatchObject({
      by: "time",
      on: { best: "2026-12-01" },
    });
    expect(
      dueOf(
        "v",
        [interval("Oil", { every: km(5000) })],
        [replaced("Oil", "2025-12-01", 9700)],
        one,
        undefined,
        TODAY,
      )[0]?.state,
    ).toBe("unknown");
  });
});

describe("together", () => {
  const job = (part: string, more: Partial<Job["routes"][number]>): Job => ({
    ...stamp(`job ${part}`),
    vehicleId: "v",
    title: part,
    system: "engine",
    state: "done",
    chosenRouteId: "r",
    routes: [
      {
        id: "r",
        name: "r",
        steps: [],
        fasteners: [],
        parts: [{ id: "p", name: part, place: "engine", count: 1 }],
        ...more,
      },
    ],
  });
  const log = [
    replaced("Gasket", "2025-06-01", 8000),
    replaced("Plugs", "2025-06-01", 8000, { place: "front" }),
    replaced("Mount", "2025-06-01", 8000, { place: "rear" }),
  ];
  const dues = (months: number) =>
    dueOf(
      "v",
      [interval("Gasket", { months: 9 }), interval("Plugs", { months }), interval("Mount", { months: 10 })],
      log,
      mileage,
      driving,
      TODAY,
    );
  const says = (months: number, jobs: Job[]) =>
    togetherOf(dues(months), jobs)
      .map(({ because }) => because)
      .sort();
  test("what one lays bare, and what one hire tool serves", () => {
    const bares = job("Gasket", {
      laysBare: [{ id: "b", name: "Plug", place: "engine", minutesNow: 1, minutesLater: 9 }],
      specialTools: [{ id: "t", name: "Puller", days: 1 }],
    });
    expect(
      says(10, [bares, job("Mount", { specialTools: [{ id: "t", name: "pullers", days: 1 }] })]),
    ).toEqual(["Gasket lays bare: plugs", "both need: puller"].sort());
    expect(says(24, [bares])).toEqual([]);
    expect(says(10, [])).toEqual([]);
  });
  test("the same place in the same system", () => {
    const same = dueOf(
      "v",
      [interval("Oil", { months: 9 }), interval("Filter", { months: 10 })],
      [replaced("Oil", "2025-06-01", 1), replaced("Filter", "2025-06-01", 1)],
      mileage,
      driving,
      TODAY,
    );
    expect(togetherOf(same, []).map(({ because }) => because)).toEqual([
      "same place and system: engine, engine",
    ]);
  });
});

describe("lifetimes and costs", () => {
  const log = [
    replaced("Coil", "2025-01-01", 6350, { priceMinor: 3000 }),
    replaced("Coil", "2025-03-01", 6900, { priceMinor: 3100, system: "ignition and fuel", quoteMinor: 9000 }),
    replaced("Bulb", "2025-07-01", 8160, { place: "front" }),
  ];
  test("a chain knows what replaced what, how long it lasted, and what did not last", () => {
    const lives = lifetimesOf("v", log, [interval("Coils", { every: km(60_000) })], mileage, 10_000, TODAY);
    const [bulb, second, first] = lives;
    expect(first).toMatchObject({
      gone: km(550),
      days: 59,
      short: true,
      after: { id: second?.replacement.id },
    });
    expect(second).toMatchObject({
      gone: km(3100),
      short: false,
      before: { id: first?.replacement.id },
      after: undefined,
    });
    expect(bulb).toMatchObject({ before: undefined, after: undefined, gone: km(1840) });
  });
  test("without an interval, half of what three others of its kind lasted is short", () => {
    const chain = [0, 1000, 2000, 2300, 3300].map((at, i) => replaced("Bulb", `2024-0${i + 1}-01`, at));
    expect(lifetimesOf("v", chain, [], mileage, 10_000, TODAY).map(({ short }) => short)).toEqual([
      false,
      false,
      true,
      false,
      false,
    ]);
  });
  test("by year, by system, per 1000 km, and what has no price is counted apart", () => {
    const costs = costsOf("v", { replacements: log, jobs: [], works: [], kits: [] }, mileage);
    expect(costs.years).toEqual([{ year: "2025", spentMinor: 6100, count: 3 }]);
    expect(costs.systems.map(({ system, spentMinor }) => [system, spentMinor])).toEqual([
      ["ignition and fuel", 3100],
      ["engine", 3000],
    ]);
    // 61.00 over 3650 km.
    expect(costs).toMatchObject({
      totalMinor: 6100,
      unpriced: 1,
      per1000KmMinor: 1671,
      quoted: { quoteMinor: 9000, partsMinor: 3100, savedMinor: 5900, count: 1 },
    });
  });
  test("a job's quote stands against all of its parts, once it is done; and tools are paid back out of what was saved", () => {
    const job = {
      ...stamp("j"),
      vehicleId: "v",
      title: "j",
      system: "engine",
      state: "done",
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
      quoteMinor: 20_000,
    };
    const parts = [
      replaced("A", TODAY, 1, { jobId: "j", priceMinor: 4000, quoteMinor: 1 }),
      replaced("B", TODAY, 1, { jobId: "j", priceMinor: 1000 }),
    ];
    expect(quotedOf(parts, [job], [kit])).toEqual({
      quoteMinor: 20_000,
      partsMinor: 5000,
      otherMinor: 0,
      savedMinor: 15_000,
      count: 1,
      unpriced: 0,
    });
    // Hire, delivery and what was used up are no saving; a tool that stays is held against all savings.
    const line = { id: "x", what: "x", keys: [] };
    const paid = [
      { ...line, kind: "hire" as const, minor: 700 },
      { ...line, kind: "delivery" as const, minor: 300 },
      { ...line, kind: "tool" as const, minor: 9000 },
      { ...line, kind: "part" as const, minor: 5000 },
    ];
    expect(quotedOf(parts, [job], [{ ...kit, paid }])).toMatchObject({
      otherMinor: 1000,
      savedMinor: 14_000,
    });
    const { priceMinor: _, ...noPrice } = replaced("C", TODAY, 1, { jobId: "j", priceMinor: 1 });
    expect(quotedOf([...parts, noPrice], [job], [kit])).toEqual({
      quoteMinor: 0,
      partsMinor: 0,
      otherMinor: 0,
      savedMinor: 0,
      count: 0,
      unpriced: 1,
    });
    expect(quotedOf(parts, [{ ...job, state: "planned" }], [kit]).quoteMinor).toBe(1);
    const tool = (priceMinor?: number): Tool => ({
      ...stamp(`t ${priceMinor}`),
      kind: "special tool",
      name: "Puller",
      ...(priceMinor ? { priceMinor } : {}),
    });
    expect(toolsPaid([tool(9000), tool(5999), tool()], quotedOf(parts, [job], [kit]))).toEqual({
      toolsMinor: 14_999,
      savedMinor: 15_000,
      priced: 2,
      unpriced: 1,
      paidBack: true,
    });
  });
});

test.each([
  [
    "front wipers 61 200 km 18.50 today",
    {
      part: "Wipers",
      place: "front",
      system: "body and cabin",
      odometer: km(61_200),
      priceMinor: 1850,
      on: TODAY,
      count: 1,
      unsure: [],
    },
  ],
  [
    "61200 2x tyre left front 144,00 yesterday",
    {
      part: "Tyre",
      place: "left front",
      odometer: km(61_200),
      priceMinor: 14_400,
      on: "2025-12-31",
      count: 2,
    },
  ],
  [
    "Battery, 120,500 mi 3 Nov 2025",
    {
      part: "Battery",
      place: "engine",
      system: "starting and charging",
      odometer: { value: 120_500, unit: "mi" },
      on: "2025-11-03",
      priceMinor: undefined,
    },
  ],
  [
    "cabin filter 2025-12-24",
    { part: "Cabin filter", place: "cabin", on: "2025-12-24", odometer: undefined },
  ],
  [
    "rear left spring 24.12.2025 99 000km",
    {
      part: "Spring",
      place: "left rear",
      system: "steering and suspension",
      on: "2025-12-24",
      odometer: km(99_000),
    },
  ],
  [
    "H7 bulb front right 7.5",
    { part: "H7 bulb 7.5", place: "right front", system: "lights and electrics", unsure: ["H7", "7.5"] },
  ],
  ["gizmo", { part: "Gizmo", place: undefined, system: undefined, count: 1 }],
  ["  ", { part: undefined }],
])("one line: %s", (line, says) => {
  expect(readQuickEntry(line, "km", TODAY)).toMatchObject(says);
});

describe("the log as a table", () => {
  const wren: Vehicle = { ...stamp("v"), name: "Wren", distanceUnit: "km", torqueUnit: "N.m" };
  const log = [
    replaced('Bulb, "H7"', "2025-07-01", 8160, {
      place: "front",
      priceMinor: 850,
      hand: "left",
      warrantyUntil: "2027-07-01",
      note: "=1+1\nstiff",
      partNumber: "B-1",
      quoteMinor: 4000,
    }),
  ];
  const matching = {
    dayForm: "yyyy-MM-dd" as const,
    vehicleId: "v",
    system: "engine" as const,
    money: EUROS,
  };
  test("goes out and comes in the same", () => {
    const [heads = [], ...rows] = logRows(log, [wren], EUROS);
    const [read] = readLogRows(rows, { ...matching, columns: guessColumns(heads) }, [wren], TODAY);
    const {
      id: _id,
      createdAt: _made,
      updatedAt: _changed,
      schema: _schema,
      origin: _origin,
      ...draft
    } = log[0] ?? {};
    expect(read).toEqual({ row: 2, draft });
  });
  test("columns of another table are guessed, each once, and others are left out", () => {
    expect(guessColumns(["Date", "Item", "Mileage", "Cost", "Colour", "Comment", "Item"])).toEqual([
      "day",
      "part",
      "odometer",
      "price",
      undefined,
      "note",
      undefined,
    ]);
  });
  test("days in every form, and more than one form where it stays open which is the month", () => {
    expect(dayFormsOf(["24.12.2025", "1.2.2025"])).toEqual(["d.M.yyyy"]);
    expect(dayFormsOf(["3/4/2025"])).toEqual(["d/M/yyyy", "M/d/yyyy"]);
    expect(dayFormsOf(["3/14/2025"])).toEqual(["M/d/yyyy"]);
    expect(dayFormsOf(["soon"])).toEqual([]);
  });
  test.each([
    [
      ["Bulb", "2025-07-01", "12 500 km", "8,50", "front"],
      { odometer: km(12_500), priceMinor: 850, place: "front", system: "lights and electrics" },
    ],
    [["", "2025-07-01", "1", "", ""], "It has no part."],
    [["Bulb", "", "1", "", "front"], "It has no day."],
    [["Bulb", "2026-07-01", "1", "", "front"], "2026-07-01 is still to come."],
    [["Bulb", "2025-07-01", "far", "", "front"], "not a number"],
    [["Bulb", "2025-07-01", "1", "cheap", "front"], "not a number"],
    [["Bulb", "2025-07-01", "1", "", "boot lid"], "is none of"],
    [["Bulb", "2025-07-01", "1", "", ""], "does not say where"],
  ])("row %j", (cells, says) => {
    const [read] = readLogRows(
      [cells],
      { ...matching, columns: ["part", "day", "odometer", "price", "place"] },
      [wren],
      TODAY,
    );
    if (typeof says === "string")
      expect(read).toMatchObject({ row: 2, wrong: expect.stringContaining(says) });
    else expect(read).toMatchObject({ draft: says });
  });
  test.each([
    ["41.60", "EUR", 4160],
    ["€41.60", "EUR", 4160],
    ["41.60", "", 4160],
    ["41.60", "USD", "in another currency"],
    ["$41.60", "", "in another currency"],
  ])("a price of %s with the currency “%s”", (price, currency, gives) => {
    const [read] = readLogRows(
      [["Bulb", "2025-07-01", "8160", price, currency, "engine"]],
      { ...matching, columns: ["part", "day", "odometer", "price", "currency", "place"] },
      [wren],
      TODAY,
    );
    if (typeof gives === "string") expect(read).toMatchObject({ wrong: expect.stringContaining(gives) });
    else expect(read).toMatchObject({ draft: { priceMinor: gives } });
  });
  test("a vehicle that is not in the Garage is named", () => {
    expect(
      readLogRows([["Lark", "Bulb"]], { ...matching, columns: ["vehicle", "part"] }, [wren], TODAY)[0],
    ).toMatchObject({ wrong: expect.stringContaining('no vehicle "Lark"') });
  });
});

test("a follow-up is owed on its day or when its distance is reached, whichever comes first", () => {
  const followUp = (more: Partial<FollowUp>): FollowUp => ({
    ...stamp("f"),
    vehicleId: "v",
    kind: "other",
    text: "x",
    state: "open",
    ...more,
  });
  expect(owedOf(followUp({ dueAt: km(10_100) }), mileage, driving, TODAY)).toMatchObject({
    left: km(100),
    reached: false,
    on: { best: "2026-01-11" },
  });
  expect(owedOf(followUp({ dueAt: km(10_100), dueOn: "2026-01-05" }), mileage, driving, TODAY)).toMatchObject(
    { on: { best: "2026-01-05" } },
  );
  expect(owedOf(followUp({ dueAt: km(9999) }), mileage, driving, TODAY).reached).toBe(true);
  expect(owedOf(followUp({}), mileage, driving, TODAY)).toMatchObject({
    on: undefined,
    left: undefined,
    reached: false,
  });
});

test("a history tells only the chosen fields, says what it leaves out, and makes no table or link out of what was typed", () => {
  const vehicle: Vehicle = { ...stamp("v"), name: "Wren", year: 2013, distanceUnit: "km", torqueUnit: "N.m" };
  const records = {
    replacements: [replaced("Bulb | <b>", "2025-07-01", 8160, { priceMinor: 850, note: "[x](y)" })],
    measurements: [],
    readings: READINGS,
    jobs: [],
  };
  const bare = historyMarkdown(historyOf(vehicle, records, new Set(), TODAY, EUROS));
  expect(bare).toContain("| 2025-07-01 | 8\u202f160 km | Bulb \\| \\<b\\> | engine |");
  expect(bare).not.toContain("8.50");
  expect(bare).toContain(`Left out by choice: ${HISTORY_FIELDS.join(", ")}.`);
  const whole = historyMarkdown(historyOf(vehicle, records, new Set(HISTORY_FIELDS), TODAY, EUROS));
  expect(whole).toContain("8.50");
  expect(whole).toContain("\\[x\\](y)");
  expect(whole).toContain("## Odometer");
});
