import type { Measurement, Replacement } from "../../model/log";
import type { RecordStamp } from "../../model/record";
import type { Reading, Vehicle } from "../../model/vehicle";
import { MODEL_VERSION } from "../../model/version";

/** Records of one vehicle "v" for the tests, with what is usual left out. */
export const stamp = (id: string): RecordStamp => ({
  id,
  createdAt: "2026-01-01T00:00:00.000Z",
  updatedAt: "2026-01-01T00:00:00.000Z",
  schema: MODEL_VERSION,
  origin: "own",
});

export const km = (value: number) => ({ value, unit: "km" as const });
export const vehicle: Vehicle = { ...stamp("v"), name: "v", distanceUnit: "km", torqueUnit: "N.m" };

export const reading = (on: string, value: number, more: Partial<Reading> = {}): Reading => ({
  ...stamp(`${on} ${value}`),
  vehicleId: "v",
  on,
  distance: km(value),
  ...more,
});

export const replaced = (
  part: string,
  on: string,
  odometer: number,
  more: Partial<Replacement> = {},
): Replacement => ({
  ...stamp(`${part} ${on} ${more.place ?? ""}`),
  vehicleId: "v",
  part,
  place: "engine",
  system: "engine",
  count: 1,
  on,
  odometer: km(odometer),
  ...more,
});

/** A lining that may not be under 1.5 mm, unless it says otherwise. */
export const measured = (
  on: string,
  odometer: number,
  value: number,
  more: Partial<Measurement> = {},
): Measurement => ({
  ...stamp(`${more.what ?? ""} ${more.at ?? ""} ${on}`),
  vehicleId: "v",
  what: "Brake shoe lining",
  at: "left",
  value,
  unit: "mm",
  least: 1.5,
  odometer: km(odometer),
  on,
  ...more,
});

export const TODAY = "2026-01-01";
/** 10 km a day: 10 000 km on that day. */
export const READINGS = [reading("2025-01-01", 6350), reading("2025-07-01", 8160), reading(TODAY, 10_000)];
