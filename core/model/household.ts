import { z } from "zod";
import { COLLECTIONS, type Collection } from "./collections";
import { dayPlanSchema } from "./day-plan";
import { drillSchema } from "./drill";
import { jobSchema } from "./job";
import { kitSchema } from "./kit";
import { followUpSchema, intervalSchema, measurementSchema, replacementSchema } from "./log";
import { instantSchema } from "./record";
import { removalSchema } from "./removal";
import { toolSchema } from "./tool";
import { readingSchema, vehicleSchema } from "./vehicle";
import { MODEL_VERSION } from "./version";
import { workSchema } from "./work";
import { writingSchema } from "./writing";

/** The schema of each kind of record, by the name of the collection it is kept in. */
export const recordSchemas = {
  vehicles: vehicleSchema,
  readings: readingSchema,
  jobs: jobSchema,
  works: workSchema,
  kits: kitSchema,
  days: dayPlanSchema,
  tools: toolSchema,
  replacements: replacementSchema,
  measurements: measurementSchema,
  followUps: followUpSchema,
  intervals: intervalSchema,
  drills: drillSchema,
  writing: writingSchema,
  removals: removalSchema,
} as const satisfies Record<Collection, z.ZodType>;

type Schemas = typeof recordSchemas;
export type RecordOf<C extends Collection> = z.infer<Schemas[C]>;

/** Something of each collection; what the table has a row for, this has. */
const each = <T>(of: (collection: Collection) => T) =>
  Object.fromEntries(COLLECTIONS.map((collection) => [collection, of(collection)]));

/** Everything the app keeps. */
export const householdSchema = z.strictObject(
  each((collection) => z.array(recordSchemas[collection])) as {
    [C in Collection]: z.ZodArray<Schemas[C]>;
  },
);
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
export const emptyHousehold = () => each(() => []) as unknown as Household;
