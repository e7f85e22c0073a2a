/**
 * Metric threads in common use by nominal diameter, mm: the coarse pitch and the fine ones.
 * Source: ISO 261 and ISO 262; the second source of the test is the stress areas printed in ISO 898-1.
 */
export const METRIC_PITCHES: readonly { diameterMm: number; coarseMm: number; fineMm: readonly number[] }[] =
  [
    { diameterMm: 2.5, coarseMm: 0.45, fineMm: [0.35] },
    { diameterMm: 3, coarseMm: 0.5, fineMm: [0.35] },
    { diameterMm: 3.5, coarseMm: 0.6, fineMm: [0.35] },
    { diameterMm: 4, coarseMm: 0.7, fineMm: [0.5] },
    { diameterMm: 5, coarseMm: 0.8, fineMm: [0.5] },
    { diameterMm: 6, coarseMm: 1, fineMm: [0.75] },
    { diameterMm: 7, coarseMm: 1, fineMm: [0.75] },
    { diameterMm: 8, coarseMm: 1.25, fineMm: [1] },
    { diameterMm: 9, coarseMm: 1.25, fineMm: [1] },
    { diameterMm: 10, coarseMm: 1.5, fineMm: [1.25, 1] },
    { diameterMm: 11, coarseMm: 1.5, fineMm: [1.25, 1] },
    { diameterMm: 12, coarseMm: 1.75, fineMm: [1.5, 1.25, 1] },
    { diameterMm: 14, coarseMm: 2, fineMm: [1.5, 1.25] },
    { diameterMm: 16, coarseMm: 2, fineMm: [1.5] },
    { diameterMm: 18, coarseMm: 2.5, fineMm: [2, 1.5] },
    { diameterMm: 20, coarseMm: 2.5, fineMm: [2, 1.5] },
    { diameterMm: 22, coarseMm: 2.5, fineMm: [2, 1.5] },
    { diameterMm: 24, coarseMm: 3, fineMm: [2, 1.5] },
    { diameterMm: 27, coarseMm: 3, fineMm: [2, 1.5] },
    { diameterMm: 30, coarseMm: 3.5, fineMm: [2, 1.5] },
  ];

/**
 * Unified threads in common use: diameter in inches and threads per inch, coarse (UNC) and fine (UNF).
 * Numbered screws are 0.060 in plus 0.013 in a number. Source: ASME B1.1.
 */
export const INCH_THREADS: readonly { name: string; diameterIn: number; coarse: number; fine: number }[] = [
  { name: "No. 8", diameterIn: 0.164, coarse: 32, fine: 36 },
  { name: "No. 10", diameterIn: 0.19, coarse: 24, fine: 32 },
  { name: "No. 12", diameterIn: 0.216, coarse: 24, fine: 28 },
  { name: "1/4", diameterIn: 0.25, coarse: 20, fine: 28 },
  { name: "5/16", diameterIn: 0.3125, coarse: 18, fine: 24 },
  { name: "3/8", diameterIn: 0.375, coarse: 16, fine: 24 },
  { name: "7/16", diameterIn: 0.4375, coarse: 14, fine: 20 },
  { name: "1/2", diameterIn: 0.5, coarse: 13, fine: 20 },
  { name: "9/16", diameterIn: 0.5625, coarse: 12, fine: 18 },
  { name: "5/8", diameterIn: 0.625, coarse: 11, fine: 18 },
  { name: "3/4", diameterIn: 0.75, coarse: 10, fine: 16 },
];
