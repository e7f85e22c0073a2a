import type { HeadSize } from "../quantity/head-size";
import { type Thread, usualPitches } from "./thread";

type Pair = readonly [threadMm: number, size: number];

/** Hexagon across flats, mm, by thread: ISO 4014, 4017 and 4032 (sizes of ISO 272). */
const ISO_HEXAGON: readonly Pair[] = [
  [2.5, 5],
  [3, 5.5],
  [4, 7],
  [5, 8],
  [6, 10],
  [7, 11],
  [8, 13],
  [10, 16],
  [12, 18],
  [14, 21],
  [16, 24],
  [18, 27],
  [20, 30],
  [22, 34],
  [24, 36],
  [27, 41],
  [30, 46],
];

/** Other hexagons that are met. */
const OTHER_HEXAGONS: readonly Pair[] = [
  // ISO 4162 and EN 1662 flange bolts, small series.
  [5, 7],
  [6, 8],
  [8, 10],
  [10, 13],
  [12, 15],
  [12, 16],
  [14, 18],
  [16, 21],
  [20, 27],
  // DIN 6921 and EN 1665 flange bolts, where they differ from ISO 4017.
  [10, 15],
  [12, 16],
  // The older DIN 931 and 933.
  [10, 17],
  [12, 19],
  [14, 22],
  [22, 32],
  // JIS B 1180 small hexagons.
  [8, 12],
  [10, 14],
  [12, 17],
  [14, 19],
  [16, 22],
  // Bolts of cylinder heads, big ends and driveline that are met in these sizes, M9 and M11 among them; no
  // standard lists them.
  [9, 13],
  [9, 14],
  [11, 15],
  [11, 16],
  [11, 17],
  // Wheel bolts and nuts.
  [14, 17],
  [12, 21],
  [14, 21],
];

/**
 * Hexagon keys, mm: ISO 4762 cap screws first; ISO 7380 and 10642 button and countersunk; ISO 4026 set
 * screws.
 */
const CAP_SCREW_KEY: readonly Pair[] = [
  [2.5, 2],
  [3, 2.5],
  [4, 3],
  [5, 4],
  [6, 5],
  [8, 6],
  [10, 8],
  [12, 10],
  [14, 12],
  [16, 14],
  [18, 14],
  [20, 17],
  [22, 17],
  [24, 19],
  [27, 19],
  [30, 22],
];

const OTHER_KEYS: readonly Pair[] = [
  [3, 2],
  [4, 2.5],
  [5, 3],
  [6, 4],
  [8, 5],
  // Guide pins of brake calipers; no standard has a 7 mm key.
  [8, 7],
  [9, 7],
  [10, 6],
  [12, 8],
  [16, 10],
  [20, 12],
  [3, 1.5],
  [4, 2],
  [5, 2.5],
  [6, 3],
  [8, 4],
  [10, 5],
  [12, 6],
  [16, 8],
  [20, 10],
  [24, 12],
];

/** Six-lobe recesses by number: ISO 14579, 14580 and 14583, with the T40 and T50 that are met on M8. */
const SIX_LOBE: readonly Pair[] = [
  [3, 10],
  [2.5, 8],
  [3.5, 15],
  [4, 15],
  [4, 20],
  [5, 25],
  [5, 27],
  [6, 27],
  [6, 30],
  [8, 40],
  [8, 45],
  [8, 50],
  [10, 50],
  [12, 55],
  [14, 60],
  [16, 70],
];

/** Six-lobe heads (external) by number: DIN 34800, and what is met beside it. */
const SIX_LOBE_EXTERNAL: readonly Pair[] = [
  [4, 5],
  [5, 6],
  [6, 8],
  [7, 10],
  [8, 10],
  [10, 12],
  [10, 14],
  [12, 14],
  [12, 16],
  [14, 18],
  [16, 20],
  [18, 24],
  [20, 24],
];

/** Multi-spline sizes are named after the screw they drive: DIN 34822 and 34824. */
const MULTI_SPLINE: readonly Pair[] = [4, 5, 6, 8, 10, 12, 14, 16, 18].map((size): Pair => [size, size]);

/** Twelve-point flange screws, mm: the sizes of ISO 4162's flanges, which they share. */
const TWELVE_POINT: readonly Pair[] = [
  [6, 8],
  [8, 10],
  [10, 12],
  [10, 13],
  [12, 14],
  [12, 15],
  [14, 17],
  [14, 18],
];

type InchPair = readonly [threadIn: number, acrossIn: number];

/**
 * Inch hexagons: ASME B18.2.1 cap screws and B18.2.2 nuts; B18.6.3 for the numbered screws; wheel nuts of 1/2
 * in studs at 13/16.
 */
const INCH_HEXAGON: readonly InchPair[] = [
  [0.164, 1 / 4],
  [0.19, 5 / 16],
  [0.216, 5 / 16],
  [1 / 4, 7 / 16],
  [5 / 16, 1 / 2],
  [3 / 8, 9 / 16],
  [7 / 16, 5 / 8],
  [1 / 2, 3 / 4],
  [9 / 16, 13 / 16],
  [5 / 8, 15 / 16],
  [3 / 4, 9 / 8],
  [1 / 4, 3 / 8],
  [7 / 16, 11 / 16],
  [9 / 16, 7 / 8],
  [1 / 2, 13 / 16],
];

/** Twelve-point flange screws, inch: IFI 115, across flats as the thread's diameter. */
const INCH_TWELVE_POINT: readonly InchPair[] = [1 / 4, 5 / 16, 3 / 8, 7 / 16, 1 / 2, 9 / 16, 5 / 8].map(
  (size): InchPair => [size, size],
);

/** Inch keys: ASME B18.3 socket head cap screws. */
const INCH_KEY: readonly InchPair[] = [
  [0.164, 9 / 64],
  [0.19, 5 / 32],
  [1 / 4, 3 / 16],
  [5 / 16, 1 / 4],
  [3 / 8, 5 / 16],
  [7 / 16, 3 / 8],
  [1 / 2, 3 / 8],
  [9 / 16, 7 / 16],
  [5 / 8, 1 / 2],
  [3 / 4, 5 / 8],
];

/**
 * Threads that a head of this size usually has, coarse and fine; several are normal, none means that the
 * tables do not have it.
 * Example: 13 mm hexagon → M8, M8×1, M10, M10×1.25, M10×1.
 */
export function threadsOfHead(head: HeadSize): readonly Thread[] {
  const key = `${head.profile} ${head.size} ${head.unit}`;
  const threads = known.get(key) ?? lookUp(head);
  known.set(key, threads);
  return threads;
}

/** The tables do not change: a head is looked up once. */
const known = new Map<string, readonly Thread[]>();

function lookUp({ profile, size, unit }: HeadSize): Thread[] {
  // Screws of many sizes have the same cross; slots and squares go by no table.
  if (profile === "cross" || profile === "slot" || profile === "square") return [];
  if (unit === "in") {
    const pairs = inchTable(profile);
    return pairs.filter(([, across]) => same(across, size)).flatMap(([inches]) => usualPitches({ inches }));
  }
  const diameters = new Set(
    metricPairs(profile)
      .filter(([, across]) => same(across, size))
      .map(([diameter]) => diameter),
  );
  return [...diameters].sort((a, b) => a - b).flatMap((metricMm) => usualPitches({ metricMm }));
}

function inchTable(profile: string) {
  if (profile === "hexagon") return INCH_HEXAGON;
  if (profile === "twelve-point") return INCH_TWELVE_POINT;
  return INCH_KEY;
}

/**
 * Across flats of the usual hexagon of a thread, mm; undefined for a thread that the tables do not have.
 * Example: M10 → 16.
 */
export function usualHexagonMm(thread: Thread): number | undefined {
  if (thread.system === "metric")
    return ISO_HEXAGON.find(([diameter]) => same(diameter, thread.diameterMm))?.[1];
  const across = INCH_HEXAGON.find(([diameter]) => same(diameter, thread.diameterIn))?.[1];
  return across === undefined ? undefined : across * 25.4;
}

/**
 * The hexagon key of a cap screw of this thread; undefined for a thread that the tables do not have. Example:
 * M8 → 6 mm.
 */
export function capScrewKey(thread: Thread): HeadSize | undefined {
  const size =
    thread.system === "metric"
      ? CAP_SCREW_KEY.find(([diameter]) => same(diameter, thread.diameterMm))?.[1]
      : INCH_KEY.find(([diameter]) => same(diameter, thread.diameterIn))?.[1];
  return size === undefined
    ? undefined
    : { profile: "hexagon key", size, unit: thread.system === "metric" ? "mm" : "in" };
}

function metricPairs(profile: Exclude<HeadSize["profile"], "cross" | "slot" | "square">): readonly Pair[] {
  switch (profile) {
    case "hexagon":
      return [...ISO_HEXAGON, ...OTHER_HEXAGONS];
    case "hexagon key":
      return [...CAP_SCREW_KEY, ...OTHER_KEYS];
    case "six-lobe":
      return SIX_LOBE;
    case "six-lobe external":
      return SIX_LOBE_EXTERNAL;
    case "multi-spline":
      return MULTI_SPLINE;
    case "twelve-point":
      return TWELVE_POINT;
  }
}

function same(a: number, b: number): boolean {
  return Math.abs(a - b) < 1e-6;
}
