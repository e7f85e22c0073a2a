import { z } from "zod";
import { DISTANCE_UNITS } from "../quantity/distance";
import { torqueFigureSchema } from "../quantity/torque-figure";
import { daySchema, idSchema, lineSchema, recordShape, textSchema } from "./record";

/** Units in which a vehicle's own torque figures are shown. */
export const VEHICLE_TORQUE_UNITS = ["N.m", "lbf.ft"] as const;

/** Fluids that one vehicle is filled with. */
export const MOST_FLUIDS = 20;

export const distanceSchema = z.strictObject({
  value: z.number().min(0).max(10_000_000),
  unit: z.enum(DISTANCE_UNITS),
});

export const vehicleSchema = z.strictObject({
  ...recordShape,
  name: lineSchema,
  year: z.int().min(1885).max(2200).optional(),
  engine: lineSchema.optional(),
  driven: z.enum(["front", "rear", "all"]).optional(),
  distanceUnit: z.enum(DISTANCE_UNITS),
  torqueUnit: z.enum(VEHICLE_TORQUE_UNITS),
  kerbWeightKg: z.number().min(50).max(20_000).optional(),
  /** Share of the kerb weight on the front axle, 0 to 1. */
  frontShare: z.number().min(0.2).max(0.8).optional(),
  wheelbaseMm: z.number().min(500).max(8000).optional(),
  /** How far inside each axle the maker's stand points are, mm. */
  standInsetMm: z
    .strictObject({ front: z.number().min(0).max(2000), rear: z.number().min(0).max(2000) })
    .optional(),
  /** Driven on salted roads in winter: what is screwed to it rusts the sooner. */
  salted: z.literal(true).optional(),
  wheelTorque: torqueFigureSchema.optional(),
  /** What it is filled with, and how much of it goes in, mL. */
  fluids: z
    .array(z.strictObject({ name: lineSchema, capacityMl: z.number().positive().max(200_000) }))
    .max(MOST_FLUIDS)
    .optional(),
  notes: textSchema.optional(),
});
export type Vehicle = z.infer<typeof vehicleSchema>;

/** What the odometer said on a day. */
export const readingSchema = z.strictObject({
  ...recordShape,
  vehicleId: idSchema,
  distance: distanceSchema,
  on: daySchema,
  /** True when a lower reading is right, because the odometer was changed. */
  newOdometer: z.boolean().optional(),
});
export type Reading = z.infer<typeof readingSchema>;
