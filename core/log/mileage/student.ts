/**
 * Student's t at 0.90, by degrees of freedom: the half-width of an 80 % band in standard errors. From the
 * standard table (for example NIST/SEMATECH e-Handbook, 1.3.6.7.2).
 */
const T_90: [freedom: number, t: number][] = [
  [1, 3.078],
  [2, 1.886],
  [3, 1.638],
  [4, 1.533],
  [5, 1.476],
  [6, 1.44],
  [7, 1.415],
  [8, 1.397],
  [9, 1.383],
  [10, 1.372],
  [12, 1.356],
  [15, 1.341],
  [20, 1.325],
  [30, 1.31],
  [60, 1.296],
];

/** The same of the normal distribution, where there are many. */
const MANY = 1.282;

/**
 * Half-width of an 80 % band, in standard errors; between two lines of the table the wider one. @param
 * freedom degrees of freedom, 1 or more.
 */
export function studentQuantile90(freedom: number): number {
  return T_90.findLast(([from]) => from <= freedom && freedom <= 120)?.[1] ?? MANY;
}
