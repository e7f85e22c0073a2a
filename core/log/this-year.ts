import type { Replacement } from "../model/log";

export interface YearSummary {
  replacements: number;
  spentMinor: number;
  /** Those without a price, which the sum leaves out. */
  unpriced: number;
}

/** What one vehicle has had in one calendar year. */
export function yearSummary(replacements: readonly Replacement[], vehicleId: string, year: string): YearSummary {
  const own = replacements.filter((one) => one.vehicleId === vehicleId && one.on.startsWith(year));
  return {
    replacements: own.length,
    spentMinor: own.reduce((sum, one) => sum + (one.priceMinor ?? 0), 0),
    unpriced: own.filter((one) => one.priceMinor === undefined).length,
  };
}
