import { InputError } from "@/core/input-error";
import { COLLECTIONS } from "@/core/model/collections";
import { type Household, type HouseholdFile, householdFileSchema } from "@/core/model/household";
import { MIGRATIONS, type RawHousehold, migrate } from "@/core/model/migrations";
import { MODEL_VERSION } from "@/core/model/version";
import { sentenceOf } from "./sentence";
import { orphansOf } from "./sound";

/** The household as the text of a file, indented so that a person can read it. */
export function writeHouseholdFile(household: Household, now: Date): string {
  const file: HouseholdFile = {
    format: "vest-pocket household",
    version: MODEL_VERSION,
    exportedAt: now.toISOString(),
    household,
  };
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
    throw new InputError(
      `The file is version ${raw.version}; this app reads up to version ${MODEL_VERSION}. Update the app, then bring it in again.`,
    );
  }
  if (countRecords(raw.household) > MOST_RECORDS)
    throw new InputError(`The file holds more than ${MOST_RECORDS} records: it is not one of ours.`);
  const household =
    raw.version < MODEL_VERSION && isRawHousehold(raw.household)
      ? migrate(raw.household, raw.version, MIGRATIONS)
      : raw.household;
  const checked = householdFileSchema.safeParse({ ...raw, version: MODEL_VERSION, household });
  if (!checked.success) throw new InputError(`The file is damaged. ${sentenceOf(checked.error)}`);
  checkReferences(checked.data.household);
  return checked.data.household;
}

/** A household is nested a dozen levels deep. */
const MOST_DEPTH = 40;
/** A lifetime of vehicles has some thousands; each is checked, and a million would take half a minute. */
const MOST_RECORDS = 150_000;

/**
 * Whether a JSON text opens more brackets within each other than this; told from the text, before anything is
 * made of it.
 */
function isDeeperThan(text: string, most: number): boolean {
  let depth = 0;
  let quoted = false;
  for (let at = 0; at < text.length; at++) {
    const code = text.charCodeAt(at);
    if (quoted) {
      if (code === BACKSLASH) at++;
      else if (code === QUOTE) quoted = false;
    } else if (code === QUOTE) quoted = true;
    else if (code === BRACKET || code === BRACE) {
      if (++depth > most) return true;
    } else if (code === BRACKET + 2 || code === BRACE + 2) depth--;
  }
  return false;
}

const [QUOTE, BACKSLASH, BRACKET, BRACE] = ['"', "\\", "[", "{"].map((sign) => sign.charCodeAt(0)) as [
  number,
  number,
  number,
  number,
];

function countRecords(household: unknown): number {
  return isObject(household)
    ? Object.values(household).reduce<number>(
        (sum, records) => sum + (Array.isArray(records) ? records.length : 0),
        0,
      )
    : 0;
}

function parse(text: string): unknown {
  if (!/\S/.test(text)) throw new InputError("The file is empty.");
  if (isDeeperThan(text, MOST_DEPTH))
    throw new InputError(`The file is nested deeper than ${MOST_DEPTH} levels: it is not one of ours.`);
  try {
    return JSON.parse(text);
  } catch {
    throw new InputError(
      "The file is not whole: it breaks off or holds something other than JSON. Copy it again and retry.",
    );
  }
}

function checkReferences(household: Household): void {
  for (const collection of COLLECTIONS) {
    const seen = new Set<string>();
    for (const [i, { id }] of household[collection].entries()) {
      if (seen.has(id))
        throw new InputError(
          `The file is damaged. In ${collection}, entry ${i + 1}: the id ${id} is there twice.`,
        );
      seen.add(id);
    }
  }
  const [orphan] = orphansOf(household);
  if (orphan)
    throw new InputError(
      `The file is damaged. In ${orphan.collection}, entry ${orphan.at + 1}: it belongs to a ${orphan.of} that is not in the file.`,
    );
}

function isObject(value: unknown): value is Record<string, unknown> {
  return typeof value === "object" && value !== null && !Array.isArray(value);
}

function isRawHousehold(value: unknown): value is RawHousehold {
  return (
    isObject(value) &&
    Object.values(value).every((records) => Array.isArray(records) && records.every(isObject))
  );
}
