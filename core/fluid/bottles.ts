import { InputError, requirePositive } from "../input-error";
import { readMeasure } from "../quantity/measure";
import { readPrice } from "../quantity/money";

export interface Bottle {
  litres: number;
  /** Price of one in whole minor units; undefined where it is not known. */
  priceMinor: number | undefined;
}

export interface Purchase {
  /** How many of each bottle, those of none left out, the largest first. */
  buy: { bottle: Bottle; count: number }[];
  litres: number;
  leftOverL: number;
  /** Undefined where a price is not known. */
  priceMinor: number | undefined;
}

/**
 * Bottles are counted in steps of this many litres, so fine that a US quart is not short of a quart by
 * rounding.
 */
const STEP_L = 0.001;
const MOST_L = 100;

/**
 * The whole bottles that hold at least what is needed: the cheapest, or without prices the least left over;
 * of equals the fewest.
 * @throws InputError for a need that is not positive or beyond 100 L, or no bottles.
 * Example: 2.94 L from 1 L at 6.50 and 5 L at 24.00 → 3 × 1 L, 19.50.
 */
export function bottlesFor(neededL: number, bottles: readonly Bottle[]): Purchase {
  requirePositive(neededL, "The amount", "bottles");
  if (bottles.length === 0) throw new InputError("Type at least one size of bottle, such as 1 L.", "bottles");
  if (neededL > MOST_L)
    throw new InputError(
      `More than ${MOST_L} L is more than any system here holds. Check the number.`,
      "bottles",
    );
  const priced = bottles.every(({ priceMinor }) => priceMinor !== undefined);
  const sizes = bottles.map((bottle) => {
    requirePositive(bottle.litres, "A bottle's size", "bottles");
    return { bottle, steps: Math.max(1, Math.round(bottle.litres / STEP_L)) };
  });
  const steps = Math.round(neededL / STEP_L);
  // best[n]: the best way to hold at least n steps, by its last bottle.
  const best: { cost: number; litres: number; count: number; size: (typeof sizes)[number] | undefined }[] = [
    { cost: 0, litres: 0, count: 0, size: undefined },
  ];
  for (let n = 1; n <= steps; n++) {
    let found = { cost: Infinity, litres: Infinity, count: Infinity, size: sizes[0] };
    for (const size of sizes) {
      const before = best[Math.max(0, n - size.steps)];
      if (!before) continue;
      const way = {
        cost: before.cost + (priced ? (size.bottle.priceMinor ?? 0) : 0),
        litres: before.litres + size.steps,
        count: before.count + 1,
        size,
      };
      if (
        way.cost < found.cost ||
        (way.cost === found.cost &&
          (way.litres < found.litres || (way.litres === found.litres && way.count < found.count)))
      )
        found = way;
    }
    best[n] = found;
  }
  const counts = new Map<Bottle, number>();
  for (let n = steps; n > 0;) {
    const size = best[n]?.size;
    if (!size) break;
    counts.set(size.bottle, (counts.get(size.bottle) ?? 0) + 1);
    n = Math.max(0, n - size.steps);
  }
  const buy = [...counts]
    .map(([bottle, count]) => ({ bottle, count }))
    .sort((a, b) => b.bottle.litres - a.bottle.litres);
  const litres = buy.reduce((sum, { bottle, count }) => sum + bottle.litres * count, 0);
  return {
    buy,
    litres,
    leftOverL: Math.max(0, litres - neededL),
    priceMinor: priced
      ? buy.reduce((sum, { bottle, count }) => sum + (bottle.priceMinor ?? 0) * count, 0)
      : undefined,
  };
}

/**
 * Bottles as typed: "1 L at 6.50; 5 L at 24", prices left out where they are not known.
 * @throws InputError saying which could not be read.
 */
export function readBottles(text: string, what: string, field?: string): Bottle[] {
  const pieces = text.split(/\s*(?:[;\n+]|,\s+)\s*/).filter((piece) => piece.trim() !== "");
  if (pieces.length === 0)
    throw new InputError(
      `${what} is empty. Type sizes like 1 L; 5 L, with prices like 1 L at 6.50 if you know them.`,
      field,
    );
  if (pieces.length > 8)
    throw new InputError("Eight sizes are the most that can be compared at once.", field);
  return pieces.map((piece) => {
    const [size = "", price] = piece.split(/\s*(?:\bat\b|@|=)\s*/i);
    const { value: litres } = readMeasure(size, "volume", what, { field });
    if (!(litres > 0 && litres <= MOST_L))
      throw new InputError(`"${size}" is not the size of a bottle. Type it like 1 L or 500 ml.`, field);
    return { litres, priceMinor: price === undefined ? undefined : readPrice(price, undefined, field) };
  });
}
