import { Unzip, UnzipInflate, UnzipPassThrough, Zip, ZipDeflate, ZipPassThrough, strToU8 } from "fflate";
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
/** So much of a file is taken in at a time. */
const CHUNK_BYTES = 1_000_000;

export type Progress = (done: number, of: number) => void;

/**
 * The household's text and its photos as one zip. Photos are stored as they are, since a JPEG does not get smaller, and read one at a time,
 * so that five hundred of them never lie in the memory together.
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
  for (const [i, id] of photoIds.entries()) {
    const picture = await photo(id);
    if (picture) {
      index.photos[id] = { takenAt: picture.takenAt, bytes: picture.jpeg.length, ...(picture.original ? { originalBytes: picture.original.length } : {}) };
      store(zip, photoName(id), picture.jpeg);
      if (picture.original) store(zip, originalName(id), picture.original);
    }
    progress(i + 1, photoIds.length);
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
  const texts = new Map<string, Uint8Array<ArrayBuffer>>();
  await unpack(
    file,
    (name) => name === HOUSEHOLD || name === INDEX,
    MOST_TEXT_BYTES,
    (name, bytes) => void texts.set(name, bytes),
  );
  const household = texts.get(HOUSEHOLD);
  if (!household) throw new InputError(`The archive holds no ${HOUSEHOLD}. Choose one that "Export with photos" wrote.`);
  const said = texts.get(INDEX);
  if (!said) throw new InputError(`The archive breaks off: its ${INDEX} is missing. Copy it again and retry.`);
  const { photos } = readIndex(said);
  if (Object.keys(photos).length > MOST_PHOTOS) throw new InputError(`The archive says it holds more than ${MOST_PHOTOS} photos.`);
  return { household: decodeText(household), photos };
}

/**
 * Reads the photos of an archive one at a time.
 * @param take what is done with each; the next is read when it has been. @throws InputError when one is missing or not as long as it was.
 */
export async function readPhotos(file: Blob, photos: Index["photos"], take: (id: string, picture: Picture) => Promise<void>, progress: Progress = () => undefined): Promise<void> {
  const wanted = new Map(Object.keys(photos).flatMap((id) => [[photoName(id), id] as const, [originalName(id), id] as const]));
  const originals = new Map<string, Uint8Array<ArrayBuffer>>();
  const small = new Map<string, Uint8Array<ArrayBuffer>>();
  let done = 0;
  await unpack(
    file,
    (name) => wanted.has(name),
    MOST_PHOTO_BYTES,
    async (name, bytes) => {
      const id = wanted.get(name) ?? "";
      const about = photos[id];
      if (!about) return;
      const isOriginal = name === originalName(id);
      const length = isOriginal ? about.originalBytes : about.bytes;
      if (bytes.length !== length) throw new InputError(`The photo ${name} is damaged: it has ${bytes.length} bytes instead of ${length ?? 0}.`);
      (isOriginal ? originals : small).set(id, bytes);
      const jpeg = small.get(id);
      const original = originals.get(id);
      if (!jpeg || (about.originalBytes !== undefined && !original)) return;
      small.delete(id);
      originals.delete(id);
      await take(id, { jpeg, ...(original ? { original } : {}), takenAt: about.takenAt });
      progress(++done, Object.keys(photos).length);
    },
  );
  if (done < Object.keys(photos).length) throw new InputError(`The archive breaks off: ${Object.keys(photos).length - done} of its photos are missing. Copy it again and retry.`);
}

function readIndex(bytes: Uint8Array): Index {
  try {
    return indexSchema.parse(JSON.parse(decodeText(bytes)));
  } catch {
    throw new InputError(`The archive is damaged: its ${INDEX} cannot be read.`);
  }
}

/** Unpacks the wanted files of a zip, a chunk of it at a time, and gives each on as it is whole. */
async function unpack(
  file: Blob,
  wants: (name: string) => boolean,
  mostBytes: number,
  take: (name: string, bytes: Uint8Array<ArrayBuffer>) => Promise<void> | void,
): Promise<void> {
  const ready: [string, Uint8Array<ArrayBuffer>][] = [];
  let failure: Error | undefined;
  const unzip = new Unzip((entry) => {
    if (!wants(entry.name)) return;
    const parts: Uint8Array[] = [];
    let length = 0;
    entry.ondata = (error, chunk, final) => {
      if (error) failure ??= new InputError(`The archive is damaged at ${entry.name}. Copy it again and retry.`);
      if (failure) return;
      length += chunk.length;
      if (length > mostBytes) {
        failure = new InputError(`${entry.name} in the archive unpacks to more than ${mostBytes / 1e6} MB. It is not one of ours.`);
        entry.terminate();
        return;
      }
      parts.push(chunk);
      if (final) ready.push([entry.name, joined(parts, length)]);
    };
    entry.start();
  });
  unzip.register(UnzipInflate);
  unzip.register(UnzipPassThrough);
  for (let at = 0; at < file.size; at += CHUNK_BYTES) {
    const bytes = new Uint8Array(await file.slice(at, at + CHUNK_BYTES).arrayBuffer());
    try {
      unzip.push(bytes, at + CHUNK_BYTES >= file.size);
    } catch {
      failure ??= new InputError("The archive is damaged: it cannot be unpacked. Copy it again and retry.");
    }
    if (failure) throw failure;
    for (const [name, whole] of ready.splice(0)) await take(name, whole);
  }
}

function joined(parts: Uint8Array[], length: number): Uint8Array<ArrayBuffer> {
  const all = new Uint8Array(length);
  let at = 0;
  for (const part of parts) {
    all.set(part, at);
    at += part.length;
  }
  return all;
}
