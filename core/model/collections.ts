interface Described {
  /** What one of its records is called. */
  called: string;
  /** The collection of the records that its own hang on, and are taken out with. */
  hangsOn?: "vehicles" | "jobs";
}

/**
 * The collections in the order in which files hold them, each with its name and what it hangs on. Their
 * schemas are in household.ts: what only asks which there are need not load what checks them.
 */
const DESCRIBED = {
  vehicles: { called: "Vehicle" },
  readings: { called: "Reading", hangsOn: "vehicles" },
  jobs: { called: "Job", hangsOn: "vehicles" },
  works: { called: "Work", hangsOn: "jobs" },
  kits: { called: "Kit", hangsOn: "jobs" },
  days: { called: "Day", hangsOn: "jobs" },
  tools: { called: "Tool" },
  replacements: { called: "Log", hangsOn: "vehicles" },
  measurements: { called: "Measure", hangsOn: "vehicles" },
  followUps: { called: "Follow-up", hangsOn: "vehicles" },
  intervals: { called: "Interval", hangsOn: "vehicles" },
  drills: { called: "Drill" },
  /** One record at the most. */
  writing: { called: "Money" },
  /** What was taken out, so that a file from another device does not bring it back. */
  removals: { called: "Removal" },
} as const satisfies Record<string, Described>;

export type Collection = keyof typeof DESCRIBED;

export const COLLECTIONS = Object.keys(DESCRIBED) as Collection[];

/** What a record of a collection is called. */
export const calledIn = (collection: Collection): string => DESCRIBED[collection].called;

/**
 * What a record hangs on: the collection and the id of the record there; undefined where it stands for
 * itself.
 */
export function parentOf(
  collection: Collection,
  record: object,
): { collection: "vehicles" | "jobs"; id: string } | undefined {
  const { hangsOn }: Described = DESCRIBED[collection];
  if (hangsOn === undefined) return undefined;
  const { vehicleId, jobId } = record as { vehicleId?: string; jobId?: string };
  return { collection: hangsOn, id: (hangsOn === "vehicles" ? vehicleId : jobId) ?? "" };
}
