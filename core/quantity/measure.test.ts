import fc from "fast-check";
import { InputError } from "../input-error";
import { around, over, shareWithin, times } from "./band";
import { type Dimension, measureUnits, readMeasure, toMeasureUnit } from "./measure";
import { readShare } from "./share";

// Published to this many digits: NIST SP 811 (in, ft, lb, lbf, US gallon); UK Weights and Measures Act
// (imperial gallon).
test.each<[string, Dimension, number]>([
  ["1 1/2 in", "length", 38.1],
  ["13/16″", "length", 20.6375],
  ["1-3/16 inch", "length", 30.1625],
  ["2 ft", "length", 609.6],
  ["4,5 cm", "length", 45],
  ["1.2 m", "length", 1200],
  ["45", "length", 45],
  ["1\u202f200 mm", "length", 1200],
  ["2 lb", "mass", 0.90718474],
  ["1.3 t", "mass", 1300],
  ["5 US qt", "volume", 4.731764],
  ["2 us gal", "volume", 7.570824],
  ["3 imperial pints", "volume", 1.704784],
  ["1 imp gal", "volume", 4.54609],
  ["250 ml", "volume", 0.25],
  ["80 lbf", "force", 355.8577],
  ["35 kg", "force", 343.23275],
  ["2 flats", "angle", 120],
  ["1/4 turn", "angle", 90],
  ["45°", "angle", 45],
])("%p is a %s of %d", (text, dimension, value) => {
  expect(readMeasure(text, dimension, "It").value).toBeCloseTo(value, 4);
});

test.each<[string, Dimension, string]>([
  ["", "length", "empty"],
  ["mm", "length", "not a number"],
  ["45 Nm", "length", '"Nm" is not a unit of length. Use mm, cm, m, in or ft.'],
  ["45 🔧", "length", "not a unit"],
  ["🔧", "length", "a picture"],
  ["1e400", "length", "without an e"],
  ["3 furlongs", "length", "not a unit of length"],
  ["5 pints", "volume", "not a unit of volume"],
  ["1,200 mm", "length", "two ways"],
])("%p as a %s is refused: %s", (text, dimension, says) => {
  expect(() => readMeasure(text, dimension, "It")).toThrow(InputError);
  expect(() => readMeasure(text, dimension, "It")).toThrow(says);
});

test("the unit of the field is taken only where none is written", () => {
  expect(readMeasure("2", "length", "It", { unit: "in" })).toEqual({ value: 50.8, unit: "in" });
  expect(readMeasure("2 mm", "length", "It", { unit: "in" })).toEqual({ value: 2, unit: "mm" });
});

test("there and back again in every unit of every dimension", () => {
  for (const dimension of ["length", "mass", "volume", "force", "angle"] as const) {
    for (const unit of measureUnits(dimension)) {
      expect(
        toMeasureUnit(readMeasure("7.25", dimension, "It", { unit }).value, dimension, unit),
      ).toBeCloseTo(7.25, 12);
      expect(readMeasure(`7.25 ${unit}`, dimension, "It").unit).toBe(unit);
    }
  }
  expect(() => toMeasureUnit(1, "length", "furlong")).toThrow("not a unit");
});

test.each([
  ["50", 0.5],
  ["35 %", 0.35],
  ["0.5 %", 0.005],
  ["50/50", 0.5],
  ["1:1", 0.5],
  ["1:3", 0.25],
  ["0", 0],
  ["100%", 1],
])("a share of %p is %d", (text, share) => {
  expect(readShare(text, "The share")).toBeCloseTo(share, 12);
});

test.each([
  ["120 %", "at most 100 %"],
  ["0.5", "half a per cent"],
  ["-3", "less than zero"],
  ["0:0", "nothing of nothing"],
  ["half", "not a number"],
])("a share of %p is refused: %s", (text, says) => {
  expect(() => readShare(text, "The share")).toThrow(says);
});

test("intervals widen as they are multiplied and divided, and hold every product of what they hold", () => {
  const interval = fc
    .tuple(fc.double({ min: 0.1, max: 100, noNaN: true }), fc.double({ min: 0, max: 50, noNaN: true }))
    .map(([low, more]) => [low, low + more] as const);
  fc.assert(
    fc.property(
      interval,
      interval,
      fc.double({ min: 0, max: 1, noNaN: true }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      (a, b, s, t) => {
        const x = a[0] + s * (a[1] - a[0]);
        const y = b[0] + t * (b[1] - b[0]);
        const product = times(a, b);
        const quotient = over(a, b);
        expect(x * y).toBeGreaterThanOrEqual(product[0] * (1 - 1e-12));
        expect(x * y).toBeLessThanOrEqual(product[1] * (1 + 1e-12));
        expect(x / y).toBeGreaterThanOrEqual(quotient[0] * (1 - 1e-12));
        expect(x / y).toBeLessThanOrEqual(quotient[1] * (1 + 1e-12));
      },
    ),
  );
  expect(around(50, 0.04)).toEqual([48, 52]);
  expect([
    shareWithin([1, 3], [2, 9]),
    shareWithin([1, 3], [4, 9]),
    shareWithin([2, 2], [1, 3]),
    shareWithin([5, 5], [1, 3]),
  ]).toEqual([0.5, 0, 1, 0]);
});
