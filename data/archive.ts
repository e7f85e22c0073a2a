import { Zip, ZipDeflate, ZipPassThrough, inflateSync, strToU8 } from "fflate";
import { z } from "zod";
import { InputError } from "@/core/input-error";
import { idSchema, instantSchema } from "@/core/model/record";
import type { Picture } from "./store";
import { decodeText } from "./text-file";

/** What is in the archive beside the photos: the household file as it is on its own, and what the store knows of each photo. */
const HOUSEHOLD = "household.json";
const INDEX = "photos.json";

const indexSchema = z.strictObject({ photos: z.record(idSchema, z.strictObject({ takenAt: instantSchema, bytes: z.int().min(1), originalBytes: z.int().min(1).optional() })) });
type Index = z.infer<typeof indexSchema>;

/** More than this in one file is no photo of ours and no household: a file that unpacks to it is refused before it fills the memory. */
const MOST_TEXT_BYTES = 100_000_000;
const MOST_PHOTO_BYTES = 40_000_000;
const MOST_PHOTOS = 20_000;
/** So many lie in the memory together. */
const PHOTOS_AT_ONCE = 50;

export type Progress = (done: number, of: number) => void;

/**
 * The household's text and its photos as one zip. Photos are stored as they are, since a JPEG does not get smaller, and read a few at a
 * time, so that five hundred of them never lie in the memory together.
 */
export async function writeArchive(
  text: string,
  photoIds: readonly string[],
  photo: (id: string) => Promise<Picture | undefined>,
  progress: Progress = () => undefined,
): Promise<Blob> {
  const parts: Blob[] = [];
  let failure: Error | undefined;
  const zip = new Zip((error, chunk) => {
    if (error) failure = error;
    else parts.push(new Blob([chunk as Uint8Array<ArrayBuffer>]));
  });
  const household = new ZipDeflate(HOUSEHOLD, { level: 6 });
  zip.add(household);
  household.push(strToU8(text), true);
  const index: Index = { photos: {} };
  for (let at = 0; at < photoIds.length; at += PHOTOS_AT_ONCE) {
    const few = photoIds.slice(at, at + PHOTOS_AT_ONCE);
    const pictures = await Promise.all(few.map(photo));
    few.forEach((id, i) => {
      const picture = pictures[i];
      if (!picture) return;
      index.photos[id] = { takenAt: picture.takenAt, bytes: picture.jpeg.length, ...(picture.original ? { originalBytes: picture.original.length } : {}) };
      store(zip, photoName(id), picture.jpeg);
      if (picture.original) store(zip, originalName(id), picture.original);
    });
    progress(Math.min(photoIds.length, at + PHOTOS_AT_ONCE), photoIds.length);
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
 * @throws InputError naming the first thing wrong: cut off, without a household, unpacking to more than a household can be, a photo missing.
 */
export async function readArchive(file: Blob): Promise<ArchiveText> {
  const entries = await readDirectory(file);
  const text = async (name: string): Promise<Uint8Array> => {
    const entry = entries.get(name);
    if (!entry) throw new InputError(`The archive holds no ${name}. Choose one that "Export with photos" wrote.`);
    return unpack(file, entry, MOST_TEXT_BYTES);
  };
  const household = await text(HOUSEHOLD);
  const { photos } = readIndex(await text(INDEX));
  if (Object.keys(photos).length > MOST_PHOTOS) throw new InputError(`The archive says it holds more than ${MOST_PHOTOS} photos.`);
  return { household: decodeText(household), photos };
}

/**
 * Reads the photos of an archive, a few at a time.
 * @param take what is done with a few of them; the next are read when it has been. @throws InputError when one is missing or not as long as it was.
 */
export async function readPhotos(
  file: Blob,
  photos: Index["photos"],
  take: (pictures: Record<string, Picture>) => Promise<void>,
  progress: Progress = () => undefined,
): Promise<void> {
  const entries = await readDirectory(file);
  const bytesOf = async (name: string, length: number) => {
    const entry = entries.get(name);
    if (!entry) throw new InputError(`The archive breaks off: ${name} is missing. Copy it again and retry.`);
    const bytes = await unpack(file, entry, MOST_PHOTO_BYTES);
    if (bytes.length !== length) throw new InputError(`The photo ${name} is damaged: it has ${bytes.length} bytes instead of ${length}.`);
    return bytes;
  };
  const all = Object.entries(photos);
  const readFew = async (at: number): Promise<Record<string, Picture>> => {
    const few = all.slice(at, at + PHOTOS_AT_ONCE).map(async ([id, { takenAt, bytes, originalBytes }]): Promise<[string, Picture]> => {
      const jpeg = await bytesOf(photoName(id), bytes);
      return [id, { jpeg, takenAt, ...(originalBytes === undefined ? {} : { original: await bytesOf(originalName(id), originalBytes) }) }];
    });
    return Object.fromEntries(await Promise.all(few));
  };
  // The next are read while those before are being kept.
  let next = readFew(0);
  for (let at = 0; at < all.length; at += PHOTOS_AT_ONCE) {
    const few = await next;
    next = readFew(at + PHOTOS_AT_ONCE);
    await Promise.all([take(few), next]);
    progress(Math.min(all.length, at + PHOTOS_AT_ONCE), all.length);
  }
}

function readIndex(bytes: Uint8Array): Index {
  try {
    return indexSchema.parse(JSON.parse(decodeText(bytes)));
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
  at: number;
}

const END = { signature: 0x06054b50, bytes: 22, longestComment: 65_535 };
const CENTRAL = { signature: 0x02014b50, bytes: 46 };
const LOCAL = { signature: 0x04034b50, bytes: 30 };
const [STORED, DEFLATED] = [0, 8];

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
  const [count, length, start] = [tail.getUint16(end + 10, true), tail.getUint32(end + 12, true), tail.getUint32(end + 16, true)];
  if (start + length > file.size) throw brokenOff();
  const directory = await viewOf(file, start, start + length);
  const entries = new Map<string, Entry>();
  let at = 0;
  for (let i = 0; i < count; i++) {
    if (at + CENTRAL.bytes > length || directory.getUint32(at, true) !== CENTRAL.signature) throw brokenOff();
    const method = directory.getUint16(at + 10, true);
    const [nameBytes, extraBytes, commentBytes] = [28, 30, 32].map((offset) => directory.getUint16(at + offset, true)) as [number, number, number];
    const name = new TextDecoder().decode(new Uint8Array(directory.buffer, at + CENTRAL.bytes, Math.min(nameBytes, length - at - CENTRAL.bytes)));
    if (method !== STORED && method !== DEFLATED) throw new InputError(`In the archive, ${name} is packed in a way that is not read here.`);
    entries.set(name, {
      name,
      deflated: method === DEFLATED,
      packedBytes: directory.getUint32(at + 20, true),
      bytes: directory.getUint32(at + 24, true),
      at: directory.getUint32(at + 42, true),
    });
    at += CENTRAL.bytes + nameBytes + extraBytes + commentBytes;
  }
  return entries;
}

/** One file of the archive, unpacked to no more than it says it has, and refused when that is too much. */
async function unpack(file: Blob, { name, deflated, packedBytes, bytes, at }: Entry, mostBytes: number): Promise<Uint8Array<ArrayBuffer>> {
  if (bytes > mostBytes || packedBytes > mostBytes) throw new InputError(`In the archive, ${name} unpacks to more than ${mostBytes / 1e6} MB. It is not one of ours.`);
  const damaged = () => new InputError(`The archive is damaged at ${name}. Copy it again and retry.`);
  if (at + LOCAL.bytes > file.size) throw damaged();
  const head = await viewOf(file, at, at + LOCAL.bytes);
  if (head.getUint32(0, true) !== LOCAL.signature) throw damaged();
  const start = at + LOCAL.bytes + head.getUint16(26, true) + head.getUint16(28, true);
  if (start + packedBytes > file.size) throw damaged();
  const packed = new Uint8Array(await file.slice(start, start + packedBytes).arrayBuffer());
  if (!deflated) return packed;
  try {
    return inflateSync(packed, { out: new Uint8Array(bytes) }) as Uint8Array<ArrayBuffer>;
  } catch {
    throw damaged();
  }
}

async function viewOf(file: Blob, from: number, to: number): Promise<DataView<ArrayBuffer>> {
  return new DataView(await file.slice(from, to).arrayBuffer());
}
