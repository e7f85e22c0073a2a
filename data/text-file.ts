import { InputError } from "@/core/input-error";

/** A household of 10 000 entries and a thousand steps is some 10 MB; more than this is something else. */
const MOST_BYTES = 100_000_000;

/**
 * The text of a file: UTF-8, or UTF-16 where the file begins with its mark; anything else, as older
 * spreadsheets write, as Windows-1252.
 * @throws InputError when the file is too large to be one of ours.
 */
export async function readTextFile(file: Blob): Promise<string> {
  if (file.size > MOST_BYTES)
    throw new InputError(
      `The file has ${Math.round(file.size / 1e6)} MB, more than the ${MOST_BYTES / 1e6} MB that is read here.`,
    );
  return decodeText(new Uint8Array(await file.arrayBuffer()));
}

export function decodeText(bytes: Uint8Array): string {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder("utf-16le").decode(bytes);
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return new TextDecoder("utf-16be").decode(bytes);
  try {
    return new TextDecoder("utf-8", { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder("windows-1252").decode(bytes);
  }
}
