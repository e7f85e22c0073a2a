import { inflateSync } from "fflate";
import { InputError } from "@/core/input-error";

export const bytesIn = async (blob: Blob) => new Uint8Array(await blob.arrayBuffer());
/** Where a file of the archive lies, as the directory at its end says. */
export interface Entry {
  name: string;
  deflated: boolean;
  packedBytes: number;
  bytes: number;
  /** CRC-32 of what it unpacks to. */
  checksum: number;
  at: number;
}

export const END = { signature: 0x06054b50, bytes: 22, longestComment: 65535 };
export const CENTRAL = { signature: 0x02014b50, bytes: 46 };
export const LOCAL = { signature: 0x04034b50, bytes: 30 };
const [STORED, DEFLATED] = [0, 8];
/** The lowest bit of an entry's flags. */
export const ENCRYPTED = 1;
export const brokenOff = () =>
  new InputError("The archive breaks off, or is no zip. Copy it again and retry.");
export async function viewOf(file: Blob, from: number, to: number): Promise<DataView<ArrayBuffer>> {
  return new DataView(await file.slice(from, to).arrayBuffer());
}

/**
 * The directory of a zip, read from its end: so a file in it is found without going through all the others.
 * Source: PKWARE APPNOTE 4.3.12 and 4.3.16; archives past 4 GB (zip64) are none of ours.
 */
export async function readDirectory(file: Blob): Promise<Map<string, Entry>> {
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
export async function unpack(
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
