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
  for (const collection of ["readings", "jobs", "replacements", "measurements", "followUps", "intervals"] as const) {
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
