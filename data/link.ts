import { InputError } from "@/core/input-error";

/** A link as long as one code that stands still shows it well (ISO/IEC 18004, version 40-L: 2953 bytes). */
export const LONGEST_STILL = 2000;
/** A link as long as browsers take it and most ways of passing it on leave it whole. */
export const LONGEST_LINK = 16_000;
const NAME = "t";

/** The part of a link behind `#`, which no server is ever sent: packed data in letters that a link may have (RFC 4648, 5). */
export function inLink(data: Uint8Array): string {
  let text = "";
  for (const byte of data) text += String.fromCharCode(byte);
  return `#${NAME}=${btoa(text).replaceAll("+", "-").replaceAll("/", "_").replace(/=+$/, "")}`;
}

/** The data of a link; undefined where it has none. @throws InputError where it was cut off on the way. */
export function fromLink(hash: string): Uint8Array | undefined {
  const text = new URLSearchParams(hash.replace(/^#/, "")).get(NAME);
  if (text === null) return undefined;
  try {
    return Uint8Array.from(atob(text.replaceAll("-", "+").replaceAll("_", "/")), (sign) =>
      sign.charCodeAt(0),
    );
  } catch {
    throw new InputError("The link is not whole. Copy all of it and open it again.");
  }
}
