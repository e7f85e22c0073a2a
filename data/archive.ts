import * as crc32 from "crc-32";
import { Zip, ZipDeflate, ZipPassThrough, inflateSync, strToU8 } from "fflate";
import { z } from "zod";
import { InputError } from "@/core/input-error";
import { idSchema, instantSchema } from "@/core/model/record";
import type { Picture } from "./store";
import { decodeText } from "./text-file";

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

const bytesIn = async (blob: Blob) => new Uint8Array(await blob.arrayBuffer());

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

/** Where a file of the archive lies, as the directory at its end says. */
interface Entry {
  name: string;
  deflated: boolean;
  packedBytes: number;
  bytes: number;
  /** CRC-32 of what it unpacks to. */
  checksum: number;
  at: number;
}

const END = { signature: 0x06054b50, bytes: 22, longestComment: 65_535 };
const CENTRAL = { signature: 0x02014b50, bytes: 46 };
const LOCAL = { signature: 0x04034b50, bytes: 30 };
const [STORED, DEFLATED] = [0, 8];
/** The lowest bit of an entry's flags. */
const ENCRYPTED = 1;

const brokenOff = () => new InputError("The archive breaks off, or is no zip. Copy it again and retry.");

/**
 * The directory of a zip, read from its end: so a file in it is found without going through all the others.
 * Source: PKWARE APPNOTE 4.3.12 and 4.3.16; archives past 4 GB (zip64) are none of ours.
 */
async function readDirectory(file: Blob): Promise<Map<string, Entry>> {
  const tail = await viewOf(file, Math.max(0, file.size - END.bytes - END.longestComment), file.size);
  let end = tail.byteLength - END.bytes;
  while (end >= 0 && tail.getUint32(end, true) !== END.signature) end--;
  if (end < 0) throw brokenOff();
  const [count, length, start] = [
    tail.getUint16(end + 10, true),
    tail.getUint32(end + 12, true),
    tail.getUint32(end + 16, true),
  ];
  if (start + length > file.size) throw brokenOff();
  const directory = await viewOf(file, start, start + length);
  const entries = new Map<string, Entry>();
  let at = 0;
  for (let i = 0; i < count; i++) {
    if (at + CENTRAL.bytes > length || directory.getUint32(at, true) !== CENTRAL.signature) throw brokenOff();
    const method = directory.getUint16(at + 10, true);
    const [nameBytes, extraBytes, commentBytes] = [28, 30, 32].map((offset) =>
      directory.getUint16(at + offset, true),
    ) as [number, number, number];
    const name = new TextDecoder().decode(
      new Uint8Array(directory.buffer, at + CENTRAL.bytes, Math.min(nameBytes, length - at - CENTRAL.bytes)),
    );
    if (method !== STORED && method !== DEFLATED)
      throw new InputError(`In the archive, ${name} is packed in a way that is not read here.`);
    if ((directory.getUint16(at + 8, true) & ENCRYPTED) !== 0)
      throw new InputError(`In the archive, ${name} is locked with a password. Pack it again without one.`);
    if (entries.has(name))
      throw new InputError(`In the archive, ${name} is there twice. It is not one of ours.`);
    entries.set(name, {
      name,
      deflated: method === DEFLATED,
      packedBytes: directory.getUint32(at + 20, true),
      bytes: directory.getUint32(at + 24, true),
      checksum: directory.getUint32(at + 16, true),
      at: directory.getUint32(at + 42, true),
    });
    at += CENTRAL.bytes + nameBytes + extraBytes + commentBytes;
  }
  return entries;
}

/**
 * One file of the archive, unpacked to no more than it says it has, and refused when that is too much. What
 * was only stored is pointed at and not read.
 */
async function unpack(
  file: Blob,
  { name, deflated, packedBytes, bytes, at }: Entry,
  mostBytes: number,
): Promise<Blob> {
  if (bytes > mostBytes || packedBytes > mostBytes)
    throw new InputError(
      `In the archive, ${name} unpacks to more than ${mostBytes / 1e6} MB. It is not one of ours.`,
    );
  const damaged = () => new InputError(`The archive is damaged at ${name}. Copy it again and retry.`);
  if (at + LOCAL.bytes > file.size) throw damaged();
  const head = await viewOf(file, at, at + LOCAL.bytes);
  if (head.getUint32(0, true) !== LOCAL.signature) throw damaged();
  const start = at + LOCAL.bytes + head.getUint16(26, true) + head.getUint16(28, true);
  if (start + packedBytes > file.size) throw damaged();
  const packed = file.slice(start, start + packedBytes);
  if (!deflated) return packed;
  try {
    return new Blob([
      inflateSync(await bytesIn(packed), { out: new Uint8Array(bytes) }) as Uint8Array<ArrayBuffer>,
    ]);
  } catch {
    throw damaged();
  }
}

async function viewOf(file: Blob, from: number, to: number): Promise<DataView<ArrayBuffer>> {
  return new DataView(await file.slice(from, to).arrayBuffer());
}
