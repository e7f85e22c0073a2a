import { Gunzip, gzipSync, strFromU8, strToU8 } from "fflate";
import { z } from "zod";
import { InputError } from "@/core/input-error";
import { COLLECTIONS, type Collection, parentOf } from "@/core/model/collections";
import { type Household, type RecordOf, emptyHousehold } from "@/core/model/household";
import { idSchema, instantSchema } from "@/core/model/record";
import { MOST_BYTES, hexOf } from "@/core/transfer/frame";
import { deviceSchema } from "./devices";
import { writeHouseholdFile } from "./household-file";

const transferSchema = z.strictObject({
  format: z.literal("vest-pocket transfer"),
  version: z.literal(1),
  from: deviceSchema,
  /** Everything that the sender had changed up to then is in it, or was in one before; left out where it is a part. */
  asOf: instantSchema.optional(),
  /** Up to which moment the sender has what each other device had. */
  has: z.array(z.strictObject({ id: idSchema, asOf: instantSchema })).max(100),
  /** A household file, as it would be written by itself. */
  file: z.record(z.string(), z.unknown()),
});
export type Transfer = z.infer<typeof transferSchema>;

/** All that changed after a moment, with what it hangs on; everything, where no moment is given. */
export function changesSince(household: Household, since: string | undefined): Household {
  if (since === undefined) return household;
  const chosen = emptyHousehold();
  const taken = new Set<string>();
  const take = (collection: Collection, record: RecordOf<Collection>): void => {
    if (taken.has(`${collection} ${record.id}`)) return;
    taken.add(`${collection} ${record.id}`);
    (chosen[collection] as RecordOf<Collection>[]).push(record);
    const parent = parentOf(collection, record);
    const found = parent && household[parent.collection].find(({ id }) => id === parent.id);
    if (parent && found) take(parent.collection, found);
  };
  for (const collection of COLLECTIONS)
    for (const record of household[collection])
      if (Date.parse(record.updatedAt) > Date.parse(since)) take(collection, record);
  return chosen;
}

/** The moment of the last change in a household; undefined where it is empty. */
export const lastChange = (household: Household): string | undefined =>
  COLLECTIONS.flatMap((collection) => household[collection].map(({ updatedAt }) => updatedAt)).reduce<
    string | undefined
  >((last, one) => (last === undefined || Date.parse(one) > Date.parse(last) ? one : last), undefined);

/**
 * What goes over as codes or in a link: a household file with who sends it, packed. The same records give the same
 * bytes, so that a transfer that was torn off goes on where it was.
 * @throws InputError for more than goes over by codes.
 */
export function packTransfer(
  household: Household,
  head: Pick<Transfer, "from" | "asOf" | "has">,
): Uint8Array {
  const asOf = lastChange(household) ?? "2000-01-01T00:00:00.000Z";
  const file = JSON.parse(writeHouseholdFile(household, new Date(asOf))) as Record<string, unknown>;
  const transfer: Transfer = { format: "vest-pocket transfer", version: 1, ...head, file };
  const packed = gzipSync(strToU8(JSON.stringify(transfer)), { level: 9, mtime: 0 });
  if (packed.length > MOST_BYTES)
    throw new InputError("That is more than goes over by codes. Export it as a file and bring that over.");
  return packed;
}

/** So much may come out of a transfer: what is packed a hundredfold is no household. */
const MOST_UNPACKED = 40_000_000;
const AT_ONCE = 16_384;

/** Unpacks a transfer: who sends it, and the text of its household file. @throws InputError for what is none. */
export function unpackTransfer(packed: Uint8Array): { transfer: Transfer; text: string } {
  let raw: unknown;
  try {
    raw = JSON.parse(unzipped(packed));
  } catch (error) {
    if (error instanceof InputError) throw error;
    throw new InputError("What came over is not whole. Read it again.");
  }
  if (typeof raw === "object" && raw !== null && "version" in raw && Number(raw.version) > 1)
    throw new InputError(
      "The other device has a newer version of the app. Update the app here, then read it again.",
    );
  const checked = transferSchema.safeParse(raw);
  if (!checked.success) throw new InputError("What came over is not from this app. Nothing of it was used.");
  return { transfer: checked.data, text: JSON.stringify(checked.data.file) };
}

function unzipped(packed: Uint8Array): string {
  const parts: Uint8Array[] = [];
  let length = 0;
  const gunzip = new Gunzip((part) => {
    length += part.length;
    if (length > MOST_UNPACKED) throw new InputError("What came over is far too large to be a household.");
    parts.push(part);
  });
  for (let at = 0; at < packed.length; at += AT_ONCE)
    gunzip.push(packed.subarray(at, at + AT_ONCE), at + AT_ONCE >= packed.length);
  const whole = new Uint8Array(length);
  let at = 0;
  for (const part of parts) {
    whole.set(part, at);
    at += part.length;
  }
  return strFromU8(whole);
}

/** The SHA-256 of data, hexadecimal: what a transfer is told by. */
export async function hashOf(data: Uint8Array): Promise<string> {
  const hash = await crypto.subtle.digest("SHA-256", new Uint8Array(data));
  return hexOf(new Uint8Array(hash));
}
