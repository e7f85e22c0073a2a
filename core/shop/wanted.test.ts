import { LARGEST_ASK_BYTES, MOST_WANTED, type Wanted, counterAskSchema } from "../model/offer";
import { asksFor } from "./wanted";

const one = (i: number, more: Partial<Wanted> = {}): Wanted => ({
  key: `hardware ${i}`,
  is: "hardware",
  what: `New: bolts ${i}`,
  amount: { value: 4, unit: "pieces" },
  withIt: [],
  ...more,
});

test("much is asked for in turns, each small enough, all of it and in its order", () => {
  const long = "ß€".repeat(100);
  const wanted = Array.from({ length: 1300 }, (_, i) =>
    one(i, i % 3 === 0 ? { what: long, withIt: Array<string>(50).fill(long) } : {}),
  );
  const asks = asksFor(wanted);
  expect(asks.flatMap((ask) => ask.wanted)).toEqual(wanted);
  for (const ask of asks) {
    expect(counterAskSchema.safeParse(ask).success).toBe(true);
    expect(new Blob([JSON.stringify(ask)]).size).toBeLessThanOrEqual(LARGEST_ASK_BYTES);
  }
});

test("what goes at once is asked at once, nothing too: the shelf is looked at all the same", () => {
  expect(asksFor(Array.from({ length: MOST_WANTED }, (_, i) => one(i)))).toHaveLength(1);
  expect(asksFor([])).toEqual([{ wanted: [] }]);
});
