import type { Replacement } from "../../model/log";
import { convertDistance } from "../../quantity/distance";

/** By which column the log is ordered. */
export interface LogOrder {
  by: "on" | "vehicle" | "part" | "place" | "system" | "odometer" | "price";
  descending: boolean;
}

const WORDS = new Intl.Collator("en", { sensitivity: "base", numeric: true });

/**
 * The entries in order, those that are equal by day, the newest first; what has no price comes last either
 * way.
 */
export function sortLog(
  rows: readonly Replacement[],
  { by, descending }: LogOrder,
  vehicleNames: ReadonlyMap<string, string>,
): Replacement[] {
  const sign = descending ? -1 : 1;
  const newest = (a: Replacement, b: Replacement) => b.on.localeCompare(a.on);
  const byWords = (word: (one: Replacement) => string) => (a: Replacement, b: Replacement) =>
    sign * WORDS.compare(word(a), word(b)) || newest(a, b);
  const byNumber = (number: (one: Replacement) => number | undefined) => (a: Replacement, b: Replacement) => {
    const [x, y] = [number(a), number(b)];
    if (x === undefined && y === undefined) return newest(a, b);
    if (x === undefined) return 1;
    if (y === undefined) return -1;
    return sign * (x - y) || newest(a, b);
  };
  switch (by) {
    case "on":
      return [...rows].sort((a, b) => (descending ? newest(a, b) : newest(b, a)));
    case "vehicle":
      return [...rows].sort(byWords(({ vehicleId }) => vehicleNames.get(vehicleId) ?? ""));
    case "odometer":
      return [...rows].sort(byNumber(({ odometer }) => convertDistance(odometer, "km").value));
    case "price":
      return [...rows].sort(byNumber(({ priceMinor }) => priceMinor));
    default:
      return [...rows].sort(byWords((one) => one[by]));
  }
}
