import { z } from "zod";
import { jobSchema } from "./job";
import { kitSchema } from "./kit";
import { followUpSchema, intervalSchema, measurementSchema, replacementSchema } from "./log";
import { MODEL_VERSION, instantSchema } from "./record";
import { removalSchema } from "./removal";
import { toolSchema } from "./tool";
import { readingSchema, vehicleSchema } from "./vehicle";
import { workSchema } from "./work";

/** The schema of each kind of record, by the name of the collection it is kept in. */
export const recordSchemas = {
  vehicles: vehicleSchema,
  readings: readingSchema,
  jobs: jobSchema,
  works: workSchema,
  kits: kitSchema,
  tools: toolSchema,
  replacements: replacementSchema,
  measurements: measurementSchema,
  followUps: followUpSchema,
  intervals: intervalSchema,
  removals: removalSchema,
} as const;

export type Collection = keyof typeof recordSchemas;
export type RecordOf<C extends Collection> = z.infer<(typeof recordSchemas)[C]>;

export const COLLECTIONS = Object.keys(recordSchemas) as Collection[];

/** Everything the app keeps. */
export const householdSchema = z.strictObject({
  vehicles: z.array(vehicleSchema),
  readings: z.array(readingSchema),
  jobs: z.array(jobSchema),
  works: z.array(workSchema),
  kits: z.array(kitSchema),
  tools: z.array(toolSchema),
  replacements: z.array(replacementSchema),
  measurements: z.array(measurementSchema),
  followUps: z.array(followUpSchema),
  intervals: z.array(intervalSchema),
  removals: z.array(removalSchema),
});
export type Household = z.infer<typeof householdSchema>;

/** The file that "Export all" writes. */
export const householdFileSchema = z.strictObject({
  format: z.literal("vest-pocket household"),
  version: z.literal(MODEL_VERSION),
  exportedAt: instantSchema,
  household: householdSchema,
});
export type HouseholdFile = z.infer<typeof householdFileSchema>;

/** A household with nothing in it. */
export function emptyHousehold(): Household {
  return { vehicles: [], readings: [], jobs: [], works: [], kits: [], tools: [], replacements: [], measurements: [], followUps: [], intervals: [], removals: [] };
}
