import type { HeadSize } from "../quantity/head-size";
import { INCH_MM } from "../quantity/measure";
import { type HexagonFit, hexagonFit, inchOpeningMm } from "./hexagon-fit";

/**
 * Across flats of common sockets and spanners: mm (ISO 272, first and second choice) and inches (ASME
 * B18.2.1).
 */
const SOCKETS_MM = [
  4, 5, 5.5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20, 21, 22, 23, 24, 26, 27, 30, 32, 34, 36,
];

const SOCKETS_64THS = [
  12, 14, 16, 20, 22, 24, 28, 32, 36, 40, 44, 48, 52, 56, 60, 64, 68, 72, 76, 80, 84, 88,
];

/** Hexagon keys: ISO 2936 and ASME B18.3. */
const KEYS_MM = [1.5, 2, 2.5, 3, 4, 5, 6, 7, 8, 10, 12, 14, 17, 19, 22];
const KEYS_64THS = [4, 5, 6, 7, 8, 9, 10, 12, 14, 16, 20, 24, 28, 32, 36, 40, 48];

/** A socket goes over its head, a key into its recess. */
export type Hold = "socket on head" | "key in recess";

export interface NearSize {
  /** Across flats, mm. */
  acrossMm: number;
  size: number;
  unit: "mm" | "in";
  fit: HexagonFit;
}

/**
 * Every common tool that takes hold of a hexagon of this size without spinning, tightest first.
 * @throws InputError for a size that is not positive. Example: nearSizes(12.7) → 1/2 in, 13 mm, 14 mm, 9/16
 * in.
 */
export function nearSizes(acrossMm: number, hold: Hold = "socket on head"): NearSize[] {
  const [metric, sixtyFourths] =
    hold === "key in recess" ? [KEYS_MM, KEYS_64THS] : [SOCKETS_MM, SOCKETS_64THS];
  const tools = [
    ...metric.map((size) => ({ acrossMm: size, size, unit: "mm" as const })),
    ...sixtyFourths.map((n) => ({ acrossMm: (n / 64) * INCH_MM, size: n / 64, unit: "in" as const })),
  ];
  return tools
    .map((tool) => ({ ...tool, fit: fitOf(tool, acrossMm, hold) }))
    .filter(({ fit }) => fit.freePlayDeg !== undefined)
    .sort((a, b) => Math.abs(a.acrossMm - acrossMm) - Math.abs(b.acrossMm - acrossMm));
}

/**
 * How a tool sits: for a key the recess is the outer hexagon; an inch socket opens a little wider than its
 * name. @throws InputError as hexagonFit.
 */
export function fitOf(
  { acrossMm, unit }: { acrossMm: number; unit: HeadSize["unit"] },
  headMm: number,
  hold: Hold,
): HexagonFit {
  if (hold === "key in recess") return hexagonFit(headMm, acrossMm);
  return hexagonFit(acrossMm, headMm, unit === "in" ? inchOpeningMm(acrossMm) : acrossMm);
}
