import fc from "fast-check";
import { bottlesFor, readBottles } from "./bottles";

const bought = (neededL: number, text: string) => {
  const { buy, priceMinor } = bottlesFor(neededL, readBottles(text, "The bottles"));
  return [buy.map(({ bottle, count }) => `${count} × ${bottle.litres}`).join(", "), priceMinor];
};

test.each([
  [2.935, "1 L at 6.50; 5 L at 24", "3 × 1", 1950],
  [3.6, "1 L at 6.50; 5 L at 24", "1 × 5", 2400],
  [6.2, "1 L at 6.50; 5 L at 24", "1 × 5, 2 × 1", 3700],
  [2.935, "1 L; 5 L", "3 × 1", undefined],
  [3, "1 L at 6.50; 1.5 L at 9", "2 × 1.5", 1800],
  [2, "2 L; 1 L", "1 × 2", undefined],
  [0.5, "500 ml at 4, 1 L at 4", "1 × 0.5", 400],
])("%d L from %s: %s", (needed, text, buy, price) => {
  expect(bought(needed, text)).toEqual([buy, price]);
});

test("what is bought is enough, and no single bottle could be put back", () => {
  const bottle = fc.record({
    litres: fc.integer({ min: 20, max: 600 }).map((n) => n / 100),
    priceMinor: fc.integer({ min: 100, max: 9000 }),
  });
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 1500 }),
      fc.array(bottle, { minLength: 1, maxLength: 4 }),
      (needed, bottles) => {
        const { buy, litres, leftOverL } = bottlesFor(needed / 100, bottles);
        expect(litres).toBeGreaterThanOrEqual(needed / 100 - 1e-9);
        expect(leftOverL).toBeCloseTo(litres - needed / 100, 9);
        for (const { bottle: one } of buy) expect(litres - one.litres).toBeLessThan(needed / 100);
      },
    ),
  );
});

test.each([
  ["", "is empty"],
  ["1 Nm", "not a unit of volume"],
  ["0 L", "not the size of a bottle"],
  ["-1 L", "not the size of a bottle"],
  ["1 L at -3", "less than nothing"],
  ["1;2;3;4;5;6;7;8;9", "Eight sizes"],
])("bottles %p are refused: %s", (text, says) => {
  expect(() => readBottles(text, "The bottles")).toThrow(says);
});

test.each([
  [0, "more than zero"],
  [101, "more than any system"],
])("%d L is refused", (needed, says) => {
  expect(() => bottlesFor(needed, [{ litres: 1, priceMinor: 100 }])).toThrow(says);
  expect(() => bottlesFor(1, [])).toThrow("at least one size");
  expect(() => bottlesFor(1, [{ litres: 0, priceMinor: 100 }])).toThrow("more than zero");
});
