import { InputError } from "../input-error";
import type { HeadSize } from "../model/head-size";
import { inchFraction } from "./inch-fraction";
import { readNumber } from "./read-number";

/**
 * Reads a head or socket size as people write it: "13", "13 mm", "1/2 in", "1-3/16", "T40", "E12", "6 mm hex key", "M10 spline".
 * A bare whole or decimal number is millimetres; a bare fraction is inches.
 * @throws InputError saying what could not be read.
 * Example: readHeadSize("7/16") → { profile: "hexagon", size: 0.4375, unit: "in" }.
 */
export function readHeadSize(text: string, field?: string): HeadSize {
  const typed = text.trim();
  const plain = typed.toLowerCase();
  const lobe = /^([te])[\s-]?(\d{1,3})$/.exec(plain);
  if (lobe) return { profile: lobe[1] === "t" ? "six-lobe" : "six-lobe external", size: Number(lobe[2]), unit: "number" };
  const spline = /^m\s?(\d{1,2})\s*(?:multi-?)?\s*spline$/.exec(plain);
  if (spline) return { profile: "multi-spline", size: Number(spline[1]), unit: "number" };

  if (/^m\s?\d/.test(plain)) throw new InputError(`${typed.toUpperCase()} is a thread. Type the size across its head, such as 16, or "${typed.toUpperCase()} spline".`, field);

  const key = /\b(?:hex(?:agon)?(?: key)?|key)\b/;
  const profile = key.test(plain) ? "hexagon key" : "hexagon";
  const bare = plain.replace(key, "").trim();
  const match = /^(.*?)\s*(mm|mil|millimet(?:er|re)s?|in|inch|inches|["”])?$/.exec(bare);
  const number = match?.[1]?.trim() ?? "";
  const unit = match?.[2];
  const fraction = /^(?:(\d+)[\s-]+)?(\d+)\/(\d+)$/.exec(number);
  if (fraction) {
    if (unit?.startsWith("m")) throw new InputError(`"${typed}" is a fraction in millimetres. Write inches, or a decimal.`, field);
    const size = Number(fraction[1] ?? 0) + Number(fraction[2]) / Number(fraction[3]);
    return checked({ profile, size, unit: "in" }, typed, field);
  }
  if (number === "") throw new InputError(`"${typed}" has no size in it. Write it like 13, 1/2 in, T40 or E12.`, field);
  const { value } = readNumber(number, "The size", field);
  return checked({ profile, size: value, unit: unit === undefined || unit.startsWith("m") ? "mm" : "in" }, typed, field);
}

/** "13 mm", "1 3/16 in", "T40", "E12", "6 mm key", "M10 spline". Inches are shown in 64ths or coarser. */
export function formatHeadSize({ profile, size, unit }: HeadSize): string {
  if (profile === "six-lobe") return `T${size}`;
  if (profile === "six-lobe external") return `E${size}`;
  if (profile === "multi-spline") return `M${size} spline`;
  const across = unit === "in" ? `${inchFraction(size)} in` : `${size} mm`;
  return profile === "hexagon key" ? `${across} key` : across;
}

/** True when both are the same shape and the same size; metric and inch never match, however near. */
export function sameHead(a: HeadSize, b: HeadSize): boolean {
  return a.profile === b.profile && a.unit === b.unit && Math.abs(a.size - b.size) < 1e-6;
}

function checked(size: HeadSize, typed: string, field?: string): HeadSize {
  const acrossMm = size.unit === "in" ? size.size * 25.4 : size.size;
  if (!(acrossMm >= 1 && acrossMm <= 120)) throw new InputError(`"${typed}" is not the size of any head here. Check the number.`, field);
  return size;
}
