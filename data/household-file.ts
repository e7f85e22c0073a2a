import { InputError } from "@/core/input-error";
import { COLLECTIONS, type Household, type HouseholdFile, householdFileSchema } from "@/core/model/household";
import { MIGRATIONS, type RawHousehold, migrate } from "@/core/model/migrations";
import { MODEL_VERSION } from "@/core/model/record";
import { sentenceOf } from "./sentence";

/** The household as the text of a file, indented so that a person can read it. */
export function writeHouseholdFile(household: Household, now: Date): string {
  const file: HouseholdFile = { format: "vest-pocket household", version: MODEL_VERSION, exportedAt: now.toISOString(), household };
  return `${JSON.stringify(file, null, 2)}\n`;
}

/**
 * Reads the text of a file, brings it up to this model and checks every record and every reference.
 * @throws InputError with a sentence naming the first thing wrong.
 */
export function readHouseholdFile(text: string): Household {
  const raw = parse(text);
  if (!isObject(raw) || raw.format !== "vest-pocket household") {
    throw new InputError('This is not a Vest Pocket household file. Choose one that "Export all" wrote.');
  }
  if (typeof raw.version !== "number" || !Number.isInteger(raw.version) || raw.version < 1) {
    throw new InputError("The file does not say which version it is, so it cannot be read safely.");
  }
  if (raw.version > MODEL_VERSION) {
    throw new InputError(`The file is version ${raw.version}; this app reads up to version ${MODEL_VERSION}. Update the app, then bring it in again.`);
  }
  const household = raw.version < MODEL_VERSION && isRawHousehold(raw.household) ? migrate(raw.household, raw.version, MIGRATIONS) : raw.household;
  const checked = householdFileSchema.safeParse({ ...raw, version: MODEL_VERSION, household });
  if (!checked.success) throw new InputError(`The file is damaged. ${sentenceOf(checked.error)}`);
  checkReferences(checked.data.household);
  return checked.data.household;
}

/** How a household to be brought in differs from the one that is here, counted in records. */
export function compareHouseholds(here: Household, incoming: Household): { added: number; replaced: number; same: number } {
  const counts = { added: 0, replaced: 0, same: 0 };
  for (const collection of COLLECTIONS) {
    const known = new Map<string, unknown>(here[collection].map((record) => [record.id, record]));
    for (const record of incoming[collection]) {
      const other = known.get(record.id);
      if (other === undefined) counts.added += 1;
      else if (JSON.stringify(sorted(other)) === JSON.stringify(sorted(record))) counts.same += 1;
      else counts.replaced += 1;
    }
  }
  return counts;
}

function parse(text: string): unknown {
  if (text.trim() === "") throw new InputError("The file is empty.");
  try {
    return JSON.parse(text);
  } catch {
    throw new InputError("The file is not whole: it breaks off or holds something other than JSON. Copy it again and retry.");
  }
}

function checkReferences(household: Household): void {
  for (const collection of COLLECTIONS) {
    const seen = new Set<string>();
    for (const [i, { id }] of household[collection].entries()) {
      if (seen.has(id)) throw new InputError(`The file is damaged. In ${collection}, entry ${i + 1}: the id ${id} is there twice.`);
      seen.add(id);
    }
  }
  const vehicles = new Set(household.vehicles.map(({ id }) => id));
  const jobs = new Set(household.jobs.map(({ id }) => id));
  for (const collection of ["readings", "jobs", "replacements", "followUps"] as const) {
    const lost = household[collection].findIndex((record) => !vehicles.has(record.vehicleId));
    if (lost >= 0) throw new InputError(`The file is damaged. In ${collection}, entry ${lost + 1}: it belongs to a vehicle that is not in the file.`);
  }
  for (const collection of ["works", "kits"] as const) {
    const lost = household[collection].findIndex((record) => !jobs.has(record.jobId));
    if (lost >= 0) throw new InputError(`The file is damaged. In ${collection}, entry ${lost + 1}: it belongs to a job that is not in the file.`);
  }
}

function isObject(value: unknown): value is Record<string, unknown> {
  return typeof value === "object" && value !== null && !Array.isArray(value);
}

function isRawHousehold(value: unknown): value is RawHousehold {
  return isObject(value) && Object.values(value).every((records) => Array.isArray(records) && records.every(isObject));
}

/** The same value with object keys in order, so that two records compare equal whatever order they were written in. */
function sorted(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(sorted);
  if (!isObject(value)) return value;
  return Object.fromEntries(
    Object.keys(value)
      .sort()
      .map((key) => [key, sorted(value[key])]),
  );
}
