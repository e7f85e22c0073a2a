import * as crc32 from "crc-32";
import { Zip, ZipDeflate, ZipPassThrough, strToU8 } from "fflate";
import { z } from "zod";
import { InputError } from "@/core/input-error";
import { idSchema, instantSchema } from "@/core/model/record";
import type { Picture } from "./store";
import { decodeText } from "./text-file";
import { bytesIn, readDirectory, unpack } from "./zip";

/**
 * What is in the archive beside the photos: the household file as it is on its own, and what the store knows
 * of each photo.
 */
const HOUSEHOLD = "household.json";
const INDEX = "photos.json";

const indexSchema = z.strictObject({
  photos: z.record(
    idSchema,
    z.strictObject({
      takenAt: instantSchema,
      bytes: z.int().min(1),
      originalBytes: z.int().min(1).optional(),
    }),
  ),
});
type Index = z.infer<typeof indexSchema>;

/**
 * More than this in one file is no photo of ours and no household: a file that unpacks to it is refused
 * before it fills the memory.
 */
const MOST_TEXT_BYTES = 100_000_000;
/** Our text packs to a tenth or a thirtieth; what packs to so much less says nothing. */
const MOST_PACKED = 150;
const MOST_PHOTO_BYTES = 40_000_000;
const MOST_PHOTOS = 20_000;
/** So many photos lie in the memory together while they are written; those read are only pointed at. */
const WRITTEN_AT_ONCE = 25;
const READ_AT_ONCE = 100;

export type Progress = (done: number, of: number) => void;

/**
 * The household's text and its photos as one zip. Photos are stored as they are, since a JPEG does not get
 * smaller, and read a few at a time, so that five hundred of them never lie in the memory together.
 */
export async function writeArchive(
  text: string,
  photoIds: readonly string[],
  photo: (id: string) => Promise<Picture | undefined>,
  progress: Progress = () => undefined,
): Promise<Blob> {
  const parts: Blob[] = [];
  /** Photos whose bytes were read for their check sum; they go into the file as they lie in the store. */
  const stored = new Map<Uint8Array, Blob>();
  let failure: Error | undefined;
  const zip = new Zip((error, chunk) => {
    if (error) failure = error;
    else parts.push(stored.get(chunk) ?? new Blob([chunk as Uint8Array<ArrayBuffer>]));
  });
  const household = new ZipDeflate(HOUSEHOLD, { level: 6 });
  zip.add(household);
  household.push(strToU8(text), true);
  const index: Index = { photos: {} };
  const add = async (name: string, blob: Blob) => {
    const bytes = await bytesIn(blob);
    stored.set(bytes, blob);
    store(zip, name, bytes);
    stored.delete(bytes);
  };
  const addPhoto = async (id: string) => {
    const picture = await photo(id);
    if (!picture) return;
    const { takenAt, jpeg, original } = picture;
    index.photos[id] = { takenAt, bytes: jpeg.size, ...(original ? { originalBytes: original.size } : {}) };
    await add(photoName(id), jpeg);
    if (original) await add(originalName(id), original);
  };
  for (let at = 0; at < photoIds.length; at += WRITTEN_AT_ONCE) {
    await Promise.all(photoIds.slice(at, at + WRITTEN_AT_ONCE).map(addPhoto));
    progress(Math.min(photoIds.length, at + WRITTEN_AT_ONCE), photoIds.length);
  }
  store(zip, INDEX, strToU8(JSON.stringify(index)));
  zip.end();
  if (failure) throw failure;
  return new Blob(parts, { type: "application/zip" });
}

function store(zip: Zip, name: string, bytes: Uint8Array): void {
  const file = new ZipPassThrough(name);
  zip.add(file);
  file.push(bytes, true);
}

const photoName = (id: string) => `photos/${id}.jpg`;
const originalName = (id: string) => `photos/${id}.original.jpg`;

/** True for a file that begins as a zip does. */
export async function isArchive(file: Blob): Promise<boolean> {
  const [p, k] = new Uint8Array(await file.slice(0, 2).arrayBuffer());
  return p === 0x50 && k === 0x4b;
}

export interface ArchiveText {
  household: string;
  photos: Index["photos"];
}

/**
 * The text of an archive and which photos it holds; the photos themselves are read by `readPhotos`.
 * @throws InputError naming the first thing wrong: cut off, without a household, unpacking to more than a
 * household can be, a photo missing.
 */
export async function readArchive(file: Blob): Promise<ArchiveText> {
  const entries = await readDirectory(file);
  const text = async (name: string): Promise<string> => {
    const entry = entries.get(name);
    if (!entry)
      throw new InputError(`The archive holds no ${name}. Choose one that "Export with photos" wrote.`);
    if (entry.bytes > 1e6 && entry.bytes > MOST_PACKED * entry.packedBytes)
      throw new InputError(
        `In the archive, ${name} unpacks to ${MOST_PACKED} times its size and more. It is not one of ours.`,
      );
    const bytes = await bytesIn(await unpack(file, entry, MOST_TEXT_BYTES));
    // One digit flipped is a wrong torque: text is taken in only if it is what was packed, to the bit.
    if (bytes.length !== entry.bytes || crc32.buf(bytes) >>> 0 !== entry.checksum)
      throw new InputError(
        `The archive is damaged: ${name} is not what was packed. Copy it again and retry.`,
      );
    return decodeText(bytes);
  };
  const household = await text(HOUSEHOLD);
  const { photos } = readIndex(await text(INDEX));
  // A photo does not get smaller by packing: one that unpacks to far more than the file holds is none.
  const unpacked = Object.values(photos).reduce(
    (sum, { bytes, originalBytes = 0 }) => sum + bytes + originalBytes,
    0,
  );
  if (unpacked > 2 * file.size + MOST_TEXT_BYTES)
    throw new InputError(
      "The archive unpacks to far more than it holds: its photos are none. It is not one of ours.",
    );
  if (Object.keys(photos).length > MOST_PHOTOS)
    throw new InputError(`The archive says it holds more than ${MOST_PHOTOS} photos.`);
  return { household, photos };
}

/**
 * Reads the photos of an archive, a few at a time.
 * @param take what is done with a few of them; the next are read when it has been. @throws InputError when
 * one is missing or not as long as it was.
 */
export async function readPhotos(
  file: Blob,
  photos: Index["photos"],
  take: (pictures: Record<string, Picture>) => Promise<void>,
  progress: Progress = () => undefined,
): Promise<void> {
  const entries = await readDirectory(file);
  const photoIn = async (name: string, length: number) => {
    const entry = entries.get(name);
    if (!entry) throw new InputError(`The archive breaks off: ${name} is missing. Copy it again and retry.`);
    const photo = await unpack(file, entry, MOST_PHOTO_BYTES);
    if (photo.size !== length)
      throw new InputError(`The photo ${name} is damaged: it has ${photo.size} bytes instead of ${length}.`);
    if (!(await isImage(photo)))
      throw new InputError(`In the archive, ${name} is no photo: it does not begin as one.`);
    return photo;
  };
  const all = Object.entries(photos);
  const readFew = async (at: number): Promise<Record<string, Picture>> => {
    const few = all
      .slice(at, at + READ_AT_ONCE)
      .map(async ([id, { takenAt, bytes, originalBytes }]): Promise<[string, Picture]> => {
        const jpeg = await photoIn(photoName(id), bytes);
        return [
          id,
          {
            jpeg,
            takenAt,
            ...(originalBytes === undefined
              ? {}
              : { original: await photoIn(originalName(id), originalBytes) }),
          },
        ];
      });
    return Object.fromEntries(await Promise.all(few));
  };
  // The next are read while those before are being kept.
  let next = readFew(0);
  for (let at = 0; at < all.length; at += READ_AT_ONCE) {
    const few = await next;
    next = readFew(at + READ_AT_ONCE);
    await Promise.all([take(few), next]);
    progress(Math.min(all.length, at + READ_AT_ONCE), all.length);
  }
}

/**
 * How images begin: JPEG, PNG, WebP, GIF, and what phones keep (HEIF, whose kind stands behind its length).
 */
const BEGINNINGS: readonly (readonly [at: number, bytes: readonly number[]])[] = [
  [0, [0xff, 0xd8, 0xff]],
  [0, [0x89, 0x50, 0x4e, 0x47]],
  [0, [0x52, 0x49, 0x46, 0x46]],
  [0, [0x47, 0x49, 0x46, 0x38]],
  [4, [0x66, 0x74, 0x79, 0x70]],
];

async function isImage(photo: Blob): Promise<boolean> {
  const first = await bytesIn(photo.slice(0, 12));
  return BEGINNINGS.some(([at, bytes]) => bytes.every((byte, i) => first[at + i] === byte));
}

function readIndex(text: string): Index {
  try {
    return indexSchema.parse(JSON.parse(text));
  } catch {
    throw new InputError(`The archive is damaged: its ${INDEX} cannot be read.`);
  }
}
