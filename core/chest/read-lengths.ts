import { InputError } from "../input-error";
import type { SquareDrive } from "../model/square-drive";
import { readLengthMm } from "../quantity/length";
import { measurePattern } from "../quantity/measure";
import { Missing, behind } from "./missing";

export const LENGTH = measurePattern("length");
/** Nobody measures a tool finer than a tenth of a millimetre. */
export function tenths(mm: number): number {
  return Math.round(mm * 10) / 10;
}

/** How long they are usually made, mm, by their square: what a person holds beside it and chooses from. */
export const USUAL_LENGTHS: Readonly<Record<SquareDrive, readonly number[]>> = {
  "1/4": [130, 150],
  "3/8": [180, 200, 280],
  "1/2": [250, 300, 450, 600],
  "3/4": [500, 750, 1000],
  "1": [750, 1000],
};

export const USUAL_EXTENSIONS = [50, 75, 125, 150, 250];
/** Lengths in a row, mm: a unit said once stands for those before it. "6, 10 in" → 152.4 and 254. */
export function lengthsIn(text: string, kind: "extension" | "bar or ratchet", drive: SquareDrive): number[] {
  // In a row a space parts two lengths, and never the thousands of one.
  const apart = text.replace(/(\d)\s+(?=\d+(?!\d*\s?\/))/g, "$1, ");
  const said = [...apart.matchAll(new RegExp(LENGTH, "g"))].map(([one]) => one.trim());
  const unitOf = (one: string) => /[a-z"'].*$/.exec(one)?.[0] ?? "";
  const lengths = said.map((one, i) => {
    const unit =
      unitOf(one) ||
      said
        .slice(i)
        .map(unitOf)
        .find((later) => later !== "") ||
      "";
    return tenths(readLengthMm(unitOf(one) ? one : `${one} ${unit}`, "mm", "The length"));
  });
  if (lengths.length === 0) {
    const isExtension = kind === "extension";
    throw new Missing(
      isExtension
        ? "How long is each? Or type it: 75, 150 mm."
        : "How long is it, from the square to the end of the grip? Or type it: 200 mm.",
      (isExtension ? USUAL_EXTENSIONS : USUAL_LENGTHS[drive]).map((mm) => behind(`${mm} mm`)),
    );
  }
  const odd = lengths.find((mm) => mm < 10 || mm > 3000);
  if (odd !== undefined)
    throw new InputError(`${odd} mm is not the length of any such tool. Check the number.`);
  return lengths;
}
