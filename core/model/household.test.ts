import { z } from "zod";
import { torqueFigureSchema } from "../quantity/torque-figure";
import { emptyHousehold, householdFileSchema, householdSchema } from "./household";
import { jobSchema, routeSchema, threadSchema } from "./job";
import { MIGRATIONS, migrate } from "./migrations";
import { daySchema, idSchema, instantSchema, measuredSchema } from "./record";
import { MODEL_VERSION } from "./version";

const torque = (value: number) => ({ value, unit: "N.m" as const, decimals: 0 });

test("a range runs from less to more, in whatever units", () => {
  expect(torqueFigureSchema.safeParse({ form: "range", low: torque(18), high: torque(24) }).success).toBe(
    true,
  );
  expect(torqueFigureSchema.safeParse({ form: "range", low: torque(24), high: torque(18) }).success).toBe(
    false,
  );
});

test("a step cannot name a fastener that its route does not have", () => {
  const step = {
    id: "s",
    title: "Bolts",
    phase: "put back",
    kind: "torque",
    stance: "on the ground",
    cautions: [],
    fastenerId: "lost",
  };
  const result = routeSchema.safeParse({
    id: "r",
    name: "By the book",
    steps: [step],
    fasteners: [],
    parts: [],
  });
  expect(result.error?.issues[0]?.message).toContain("names a fastener that the route does not have");
});

test("the chosen route is one of the job's", () => {
  const stamp = {
    id: "j",
    createdAt: "2026-01-01T00:00:00.000Z",
    updatedAt: "2026-01-01T00:00:00.000Z",
    schema: MODEL_VERSION,
    origin: "own",
  };
  const job = {
    ...stamp,
    vehicleId: "v",
    title: "Job",
    system: "brakes",
    state: "planned",
    routes: [{ id: "r", name: "A", steps: [], fasteners: [], parts: [] }],
    chosenRouteId: "other",
  };
  expect(jobSchema.safeParse(job).success).toBe(false);
  expect(jobSchema.safeParse({ ...job, chosenRouteId: "r" }).success).toBe(true);
});

test("nothing unknown slips into a record", () => {
  expect(householdSchema.safeParse({ ...emptyHousehold(), extra: [] }).success).toBe(false);
});

test("the migrations lead to this version one step at a time", () => {
  expect(MIGRATIONS.map(({ to }) => to)).toEqual(Array.from({ length: MODEL_VERSION - 1 }, (_, i) => i + 2));
});

test("a household of this version is left as it is; an older one runs through what is due, in order", () => {
  const household = { vehicles: [{ id: "v", schema: 1 }] };
  expect(migrate(household, MODEL_VERSION)).toBe(household);
  const steps = [2, 3, 4].map((to) => ({
    to,
    name: `to ${to}`,
    migrate: (raw: typeof household) => ({
      vehicles: raw.vehicles.map((one) => ({ ...one, [`at${to}`]: true })),
    }),
  }));
  expect(migrate(household, 2, steps as never, 3)).toEqual({ vehicles: [{ id: "v", schema: 3, at3: true }] });
  expect(household).toEqual({ vehicles: [{ id: "v", schema: 1 }] });
});

test("what held a wheel has that for its role since version 10", () => {
  const jobs = [
    {
      id: "j",
      routes: [{ fasteners: [{ id: "f", holdsWheel: true }, { id: "g", holdsWheel: false }, { id: "h" }] }],
    },
  ];
  expect(migrate({ jobs }, 9).jobs).toEqual([
    {
      id: "j",
      schema: MODEL_VERSION,
      routes: [{ fasteners: [{ id: "f", role: "wheel" }, { id: "g" }, { id: "h" }] }],
    },
  ]);
});

test("what was from a friend is from a friend's notes since version 9", () => {
  const jobs = [
    {
      id: "j",
      routes: [
        {
          fasteners: [
            { id: "f", source: "a friend" },
            { id: "g", source: "memory", name: "a friend" },
          ],
        },
      ],
    },
  ];
  expect(migrate({ jobs }, 8).jobs).toMatchObject([
    {
      schema: MODEL_VERSION,
      routes: [{ fasteners: [{ source: "a friend's notes" }, { source: "memory", name: "a friend" }] }],
    },
  ]);
  expect(migrate({}, 8).jobs).toEqual([]);
});

test("the file's schema can be written as JSON Schema", () => {
  expect(z.toJSONSchema(householdFileSchema)).toMatchObject({
    type: "object",
    required: expect.arrayContaining(["format", "version", "household"]),
  });
});

// What no vehicle has is refused by name, before any screen has to draw it.
test.each<[string, { safeParse: (value: unknown) => { success: boolean } }, unknown]>([
  ["a thread of no width", threadSchema, { system: "metric", diameterMm: 1e-300, pitchMm: 1 }],
  [
    "an inch thread of a thousand to the inch",
    threadSchema,
    { system: "inch", diameterIn: 0.5, threadsPerInch: 1000 },
  ],
  [
    "a torque of nothing",
    torqueFigureSchema,
    { form: "value", torque: { value: 1e-300, unit: "N.m", decimals: 0 } },
  ],
  [
    "a torque that would tear a truck's axle",
    torqueFigureSchema,
    { form: "maximum", torque: { value: 11, unit: "kN.m", decimals: 0 } },
  ],
  ["a day in the year 1", daySchema, "0001-01-01"],
  ["a day in the year 9999", daySchema, "9999-12-31"],
  ["a moment in the far future", instantSchema, "2300-01-01T00:00:00.000Z"],
  ["a measure of 1e308", measuredSchema, 1e308],
  ["an id with half a sign", idSchema, "a\ud800"],
  ["an id with a NUL", idSchema, "a\u0000"],
  ["an id with a quote", idSchema, 'a"b'],
])("%s is refused", (_, schema, value) => {
  expect(schema.safeParse(value).success).toBe(false);
});

test.each(["constructor", "__proto__", "all", "new", "demo-wren", "01HX0000000000000000000000"])(
  "the id %s is only an id",
  (id) => {
    expect(idSchema.parse(id)).toBe(id);
  },
);
