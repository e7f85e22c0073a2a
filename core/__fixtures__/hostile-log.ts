import fc from "fast-check";
import {
  type FollowUp,
  type Interval,
  type Measurement,
  type Replacement,
  followUpSchema,
  intervalSchema,
  measurementSchema,
  replacementSchema,
} from "../model/log";
import { PLACES, SYSTEMS } from "../model/place";
import { type Reading, readingSchema } from "../model/vehicle";
import { MODEL_VERSION } from "../model/version";

/**
 * A vehicle's log at the far ends of what the model allows: a century ahead, an odometer round the earth and
 * back, a value of a million of anything.
 */
export interface HostileLog {
  readings: Reading[];
  replacements: Replacement[];
  measurements: Measurement[];
  followUps: FollowUp[];
  intervals: Interval[];
}

const stamp = {
  createdAt: "2026-01-01T00:00:00.000Z",
  updatedAt: "2199-12-31T23:59:59.999Z",
  schema: MODEL_VERSION,
  origin: "own" as const,
};

const day = fc.constantFrom(
  "1900-01-01",
  "1999-12-31",
  "2024-02-29",
  "2026-11-27",
  "2027-03-01",
  "2199-12-31",
);

const distance = fc.record({
  value: fc.constantFrom(0, 0.001, 1, 99_999, 300_000, 10_000_000),
  unit: fc.constantFrom("km" as const, "mi" as const),
});

const name = fc.constantFrom(
  "Wiper",
  "Brake pads",
  "constructor",
  "__proto__",
  "<b>x</b>",
  "=1+1",
  "𝕬 \u202E ltr",
  "x".repeat(200),
);

const value = fc.constantFrom(-1e6, -1, 0, 1e-9, 0.5, 1.9, 1e6);
const maybe = <T>(arb: fc.Arbitrary<T>) => fc.option(arb, { nil: undefined });
const without = <T>(record: T): T =>
  Object.fromEntries(Object.entries(record as object).filter(([, one]) => one !== undefined)) as T;
const place = fc.constantFrom(...PLACES);
const system = fc.constantFrom(...SYSTEMS);

const reading = fc.record({ distance, on: day, newOdometer: maybe(fc.boolean()) });
const replacement = fc.record({
  part: name,
  count: fc.constantFrom(1, 99),
  place,
  system,
  odometer: distance,
  on: day,
  priceMinor: maybe(fc.constantFrom(0, 100_000_000)),
  quoteMinor: maybe(fc.constantFrom(0, 100_000_000)),
  warrantyUntil: maybe(day),
});

const measurement = fc.record({
  what: name,
  at: maybe(fc.constantFrom("left", "right rear")),
  value,
  unit: fc.constantFrom("mm", "", "°C"),
  least: maybe(value),
  most: maybe(value),
  odometer: distance,
  on: day,
});

const followUp = fc.record({
  kind: fc.constantFrom("recheck torque" as const, "other" as const),
  text: name,
  dueOn: maybe(day),
  dueAt: maybe(distance),
  state: fc.constantFrom("open" as const, "done" as const),
  closedOn: maybe(day),
});

const interval = fc.record({
  part: name,
  place: maybe(place),
  system,
  every: maybe(distance),
  months: maybe(fc.constantFrom(1, 600)),
  snoozed: maybe(fc.record({ until: day, because: name })),
});

/** Logs of one vehicle, every record of them one that the model takes. */
export function hostileLog(vehicleId: string): fc.Arbitrary<HostileLog> {
  const few = <T extends object>(arb: fc.Arbitrary<T>, kind: string, sound: (record: unknown) => boolean) =>
    fc
      .array(arb, { minLength: 1, maxLength: 4 })
      .map((list) =>
        list
          .map((one, i) => without({ id: `${vehicleId}-${kind}${i}`, ...stamp, vehicleId, ...one }))
          .filter(sound),
      );
  return fc.record({
    readings: few(reading, "r", (one) => readingSchema.safeParse(one).success),
    replacements: few(replacement, "e", (one) => replacementSchema.safeParse(one).success),
    measurements: few(measurement, "m", (one) => measurementSchema.safeParse(one).success),
    followUps: few(followUp, "f", (one) => followUpSchema.safeParse(one).success),
    intervals: few(interval, "i", (one) => intervalSchema.safeParse(one).success),
  }) as fc.Arbitrary<HostileLog>;
}
