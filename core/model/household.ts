import { z } from "zod";
import { dayPlanSchema } from "./day-plan";
import { drillSchema } from "./drill";
import { jobSchema } from "./job";
import { kitSchema } from "./kit";
import { followUpSchema, intervalSchema, measurementSchema, replacementSchema } from "./log";
import { MODEL_VERSION, instantSchema } from "./record";
import { removalSchema } from "./removal";
import { toolSchema } from "./tool";
import { readingSchema, vehicleSchema } from "./vehicle";
import { workSchema } from "./work";
import { writingSchema } from "./writing";

interface Described {
  schema: z.ZodType;
  /** What one of its records is called. */
  called: string;
  /** The collection of the records that its own hang on, and are taken out with. */
  hangsOn?: "vehicles" | "jobs";
}

/**
 * The household, described once: the collections in the order in which files hold them, each with its schema,
 * its name, and what it hangs on.
 */
const DESCRIBED = {
  vehicles: { schema: vehicleSchema, called: "Vehicle" },
  readings: { schema: readingSchema, called: "Reading", hangsOn: "vehicles" },
  jobs: { schema: jobSchema, called: "Job", hangsOn: "vehicles" },
  works: { schema: workSchema, called: "Work", hangsOn: "jobs" },
  kits: { schema: kitSchema, called: "Kit", hangsOn: "jobs" },
  days: { schema: dayPlanSchema, called: "Day", hangsOn: "jobs" },
  tools: { schema: toolSchema, called: "Tool" },
  replacements: { schema: replacementSchema, called: "Log", hangsOn: "vehicles" },
  measurements: { schema: measurementSchema, called: "Measure", hangsOn: "vehicles" },
  followUps: { schema: followUpSchema, called: "Follow-up", hangsOn: "vehicles" },
  intervals: { schema: intervalSchema, called: "Interval", hangsOn: "vehicles" },
  drills: { schema: drillSchema, called: "Drill" },
  /** One record at the most. */
  writing: { schema: writingSchema, called: "Money" },
  /** What was taken out, so that a file from another device does not bring it back. */
  removals: { schema: removalSchema, called: "Removal" },
} as const satisfies Record<string, Described>;

type Schemas = { [C in keyof typeof DESCRIBED]: (typeof DESCRIBED)[C]["schema"] };
export type Collection = keyof Schemas;
export type RecordOf<C extends Collection> = z.infer<Schemas[C]>;

export const COLLECTIONS = Object.keys(DESCRIBED) as Collection[];

/** Something of each collection; what the table has a row for, this has. */
const each = <T>(of: (collection: Collection) => T) =>
  Object.fromEntries(COLLECTIONS.map((collection) => [collection, of(collection)]));

/** The schema of each kind of record, by the name of the collection it is kept in. */
export const recordSchemas = each((collection) => DESCRIBED[collection].schema) as Schemas;

/** What a record of a collection is called. */
export const calledIn = (collection: Collection): string => DESCRIBED[collection].called;

/**
 * What a record hangs on: the collection and the id of the record there; undefined where it stands for
 * itself.
 */
export function parentOf(
  collection: Collection,
  record: RecordOf<Collection>,
): { collection: "vehicles" | "jobs"; id: string } | undefined {
  const { hangsOn }: Described = DESCRIBED[collection];
  if (hangsOn === undefined) return undefined;
  const { vehicleId, jobId } = record as { vehicleId?: string; jobId?: string };
  return { collection: hangsOn, id: (hangsOn === "vehicles" ? vehicleId : jobId) ?? "" };
}

/** Everything the app keeps. */
export const householdSchema = z.strictObject(
  each((collection) => z.array(DESCRIBED[collection].schema)) as {
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
