import fc from "fast-check";
import { type Fastener, type Job, STANCES, STEP_KINDS, fastenerSchema, jobSchema } from "../model/job";
import { type Tool, toolSchema } from "../model/tool";
import { type Vehicle, vehicleSchema } from "../model/vehicle";
import { MODEL_VERSION } from "../model/version";
import { TORQUE_UNITS } from "../quantity/torque-unit";
import { STRENGTH_CLASSES } from "../thread/strength";

const stamp = {
  createdAt: "2026-01-01T00:00:00.000Z",
  updatedAt: "2026-01-01T00:00:00.000Z",
  schema: MODEL_VERSION,
  origin: "own" as const,
};

const maybe = <T>(arb: fc.Arbitrary<T>) => fc.option(arb, { nil: undefined });
const edges = (...values: number[]) => fc.constantFrom(...values);
const torque = fc
  .record({
    value: edges(1e-3, 0.05, 0.5, 3, 40, 900, 10_000, 1e6),
    unit: fc.constantFrom(...TORQUE_UNITS),
    decimals: edges(0, 1, 6),
  })
  .filter((one) => fastenerSchema.shape.figure.safeParse({ form: "value", torque: one }).success);
const figure = fc.oneof(
  torque.map((one) => ({ form: "value" as const, torque: one })),
  torque.map((one) => ({ form: "maximum" as const, torque: one })),
  fc.array(torque, { minLength: 2, maxLength: 6 }).map((torques) => ({ form: "passes" as const, torques })),
  fc.tuple(torque, edges(0.1, 90, 720)).map(([one, deg]) => ({
    form: "procedure" as const,
    moves: [
      { form: "value" as const, torque: one },
      { form: "angle" as const, degrees: deg },
      { form: "back off" as const, by: deg },
      { form: "hand tight" as const },
      { form: "back off" as const, by: "to the slot" as const },
    ],
  })),
  fc.constantFrom(
    { form: "snug" as const },
    { form: "hand tight" as const },
    { form: "turns" as const, turns: 200 },
    { form: "threads" as const, least: 2, most: 3 },
    { form: "depth" as const, belowMm: -500 },
    { form: "fitted" as const, as: "spring clamp" as const },
  ),
);

const head = fc.constantFrom(
  { profile: "hexagon" as const, size: 200, unit: "mm" as const },
  { profile: "hexagon" as const, size: 1e-6, unit: "in" as const },
  { profile: "six-lobe" as const, size: 3.7, unit: "number" as const },
  { profile: "hexagon key" as const, size: 7, unit: "number" as const },
  { profile: "twelve-point" as const, size: 13, unit: "mm" as const },
  { profile: "hexagon" as const, size: 13, unit: "mm" as const },
);

const thread = fc.oneof(
  fc.record({
    system: fc.constant("metric" as const),
    diameterMm: edges(1, 6, 39, 42, 100),
    pitchMm: edges(0.1, 1.5, 10),
  }),
  fc.record({
    system: fc.constant("inch" as const),
    diameterIn: edges(0.04, 0.5, 4),
    threadsPerInch: edges(2, 13, 100),
  }),
);

const fastener = (id: string): fc.Arbitrary<Fastener> =>
  fc
    .record({
      name: fc.constantFrom("Bolts", "Sump plug", "Wheel nuts", "constructor", "__proto__", "hose union nut"),
      count: edges(1, 64),
      sizeToUndo: maybe(head),
      sizeToDoUp: maybe(head),
      thread: maybe(thread),
      figure: maybe(figure),
      strength: maybe(fc.constantFrom(...STRENGTH_CLASSES)),
      into: maybe(fc.constantFrom("plastic" as const, "aluminium" as const)),
      adapter: maybe(fc.record({ offsetMm: edges(0, 38, 450, 1000), angleDeg: edges(0, 90, 180) })),
      locking: maybe(fc.constantFrom("threadlocker, high strength" as const, "split pin" as const)),
      access: maybe(fc.constantFrom("crowfoot only" as const, "spanner only" as const)),
      reachMm: maybe(edges(0.1, 2000)),
    })
    .map(
      (one) =>
        Object.fromEntries(
          Object.entries({ id, ...one }).filter(([, value]) => value !== undefined),
        ) as unknown as Fastener,
    );
const step = (id: string, fasteners: readonly string[]) =>
  fc.record({
    id: fc.constant(id),
    title: fc.constantFrom("Hose off", "Radiator hose off", "Axle nut, left", "Chock it"),
    phase: fc.constantFrom("make safe" as const, "take apart" as const, "put back" as const),
    kind: fc.constantFrom(...STEP_KINDS),
    stance: fc.constantFrom(...STANCES),
    cautions: fc.constant([]),
    fastenerId: fc.constantFrom(...fasteners),
    takesOff: fc.constantFrom(["hose"], []),
    putsBack: fc.constantFrom(["hose"], []),
    needs: fc.constantFrom(["s0"], ["s1"], []),
  });
const vehicle: fc.Arbitrary<Vehicle> = fc.record({
  id: fc.constant("v"),
  ...Object.fromEntries(Object.entries(stamp).map(([key, value]) => [key, fc.constant(value)])),
  name: fc.constant("Car"),
  distanceUnit: fc.constantFrom("km" as const, "mi" as const),
  torqueUnit: fc.constantFrom("N.m" as const, "lbf.ft" as const),
  kerbWeightKg: edges(50, 1310, 20_000),
  frontShare: edges(0.2, 0.59, 0.8),
  wheelbaseMm: edges(500, 2640, 8000),
  standInsetMm: fc.record({ front: edges(0, 340, 2000), rear: edges(0, 340, 2000) }),
}) as fc.Arbitrary<Vehicle>;

const tool: fc.Arbitrary<Tool> = fc
  .oneof(
    fc.record({
      kind: fc.constant("torque wrench" as const),
      works: fc.constantFrom("click" as const, "beam" as const),
      drive: fc.constant("1/2" as const),
      unit: fc.constantFrom(...TORQUE_UNITS),
      min: edges(0, 10),
      max: edges(20, 1e6),
      step: edges(1e-6, 0.5, 1e5),
      gripLengthMm: edges(1, 380, 5000),
    }),
    fc.record({
      kind: fc.constant("crowfoot" as const),
      drive: fc.constant("1/2" as const),
      head,
      offsetMm: edges(0.1, 450, 5000),
    }),
    fc.record({ kind: fc.constant("socket" as const), drive: fc.constant("1/2" as const), head }),
    fc.record({
      kind: fc.constant("multiplier" as const),
      from: fc.constant("1/2" as const),
      to: fc.constant("3/4" as const),
      ratio: edges(1, 50),
      efficiency: edges(0.3, 1),
    }),
    fc.record({
      kind: fc.constant("stands" as const),
      count: edges(1, 12),
      ratingPerStandKg: edges(0.1, 1500),
    }),
  )
  .map((one): Tool => ({ id: "t", ...stamp, name: "Tool", ...one }));

/**
 * What a file from anywhere may hold: a job, its vehicle and a chest, at the far ends of what the model
 * allows.
 */
export const hostilePlan: fc.Arbitrary<{ job: Job; vehicle: Vehicle; tools: Tool[] }> = fc
  .tuple(
    fastener("f0"),
    fastener("f1"),
    fc
      .array(fc.nat(3), { minLength: 2, maxLength: 6 })
      .chain((list) => fc.tuple(...list.map((_, i) => step(`s${i}`, ["f0", "f1"])))),
    vehicle,
    fc.array(tool, { maxLength: 5 }),
  )
  .map(([a, b, steps, car, tools]) => {
    const job = {
      id: "j",
      ...stamp,
      vehicleId: "v",
      title: "Job",
      system: "engine",
      state: "planned",
      routes: [{ id: "r", name: "R", steps, fasteners: [a, b], parts: [] }],
      chosenRouteId: "r",
    };
    return { job, vehicle: car, tools: tools.map((one, i) => ({ ...one, id: `t${i}` })) };
  })
  .filter(
    ({ job, vehicle: car, tools }) =>
      jobSchema.safeParse(job).success &&
      vehicleSchema.safeParse(car).success &&
      tools.every((one) => toolSchema.safeParse(one).success),
  )
  .map(({ job, ...rest }) => ({ job: jobSchema.parse(job), ...rest }));
