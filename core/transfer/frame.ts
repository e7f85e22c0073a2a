import * as crc32 from "crc-32";
import { InputError } from "../input-error";
import { blockCount, frameData } from "./fountain";

/** What one code carries: which data it is of, how long that is, and one frame of it. */
export interface Frame {
  /** The first eight bytes of the data's SHA-256, in hexadecimal: which data it is. */
  of: string;
  bytes: number;
  blockBytes: number;
  frame: number;
  data: Uint8Array;
}

/** "VP", and which form of frame. */
const MARK = [0x56, 0x50, 1] as const;
const OF_BYTES = 8;
const HEAD_BYTES = MARK.length + OF_BYTES + 4 + 2 + 4;
const SUM_BYTES = 4;

/** A frame as long as fits a code of 85 modules a side at its lowest redundancy (ISO/IEC 18004, version 17-L: 644 bytes). */
export const BLOCK_BYTES = 644 - HEAD_BYTES - SUM_BYTES;
/** More than this is no small thing to hold a phone still for: 4 MB are two hours. */
export const MOST_BYTES = 1_000_000;
const LARGEST_BLOCK = 2048;

/** Bytes in hexadecimal, two digits each. */
export const hexOf = (bytes: Uint8Array): string =>
  [...bytes].map((byte) => byte.toString(16).padStart(2, "0")).join("");

/** One frame of data as the bytes of a code, its number as large as one likes. @param of its SHA-256, hexadecimal. */
export function writeFrame(
  data: Uint8Array,
  of: string,
  frame: number,
  blockBytes = BLOCK_BYTES,
): Uint8Array {
  const bytes = new Uint8Array(HEAD_BYTES + blockBytes + SUM_BYTES);
  const view = new DataView(bytes.buffer);
  bytes.set(MARK);
  for (let i = 0; i < OF_BYTES; i++) bytes[MARK.length + i] = Number.parseInt(of.slice(2 * i, 2 * i + 2), 16);
  let at = MARK.length + OF_BYTES;
  view.setUint32(at, data.length);
  view.setUint16((at += 4), blockBytes);
  view.setUint32((at += 2), frame >>> 0);
  bytes.set(frameData(data, blockBytes, frame >>> 0), HEAD_BYTES);
  view.setUint32(HEAD_BYTES + blockBytes, crc32.buf(bytes.subarray(0, HEAD_BYTES + blockBytes)) >>> 0);
  return bytes;
}

/**
 * A code's bytes as a frame; undefined for a code that is none, or that was misread.
 * @throws InputError for a frame of another form, or of more than is taken in.
 */
export function readFrame(bytes: Uint8Array): Frame | undefined {
  if (bytes.length <= HEAD_BYTES + SUM_BYTES || bytes[0] !== MARK[0] || bytes[1] !== MARK[1])
    return undefined;
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const body = bytes.length - SUM_BYTES;
  if (crc32.buf(bytes.subarray(0, body)) >>> 0 !== view.getUint32(body)) return undefined;
  if (bytes[2] !== MARK[2])
    throw new InputError(
      "The other device shows a newer form of codes. Update the app here, then read them again.",
    );
  let at: number = MARK.length;
  const of = hexOf(bytes.subarray(at, at + OF_BYTES));
  const length = view.getUint32((at += OF_BYTES));
  const blockBytes = view.getUint16((at += 4));
  const frame = view.getUint32((at += 2));
  if (blockBytes === 0 || blockBytes > LARGEST_BLOCK || blockBytes !== body - HEAD_BYTES) return undefined;
  if (length > MOST_BYTES)
    throw new InputError("That is more than goes over by codes. Bring it over as a file.");
  return { of, bytes: length, blockBytes, frame, data: bytes.slice(HEAD_BYTES, body) };
}

/** How many frames are shown before each block was shown once. */
export const framesOnce = (bytes: number): number => blockCount(bytes, BLOCK_BYTES);
