import fc from "fast-check";
import { InputError } from "../input-error";
import { readNumber } from "./read-number";

test.each([
  ["40", 40, 0],
  ["40.5", 40.5, 1],
  ["40,5", 40.5, 1],
  [" 148 210 ", 148210, 0],
  ["148\u202f210", 148210, 0],
  ["1\u2009234,5", 1234.5, 1],
  [".5", 0.5, 1],
  ["0,125", 0.125, 3],
  ["-3", -3, 0],
  ["1.200", 1.2, 3],
  ["1 1/2", 1.5, 1],
  ["13/16", 0.8125, 4],
  ["1-3/16", 1.1875, 4],
  ["1½", 1.5, 1],
  ["-1/2", -0.5, 1],
  ["¾", 0.75, 2],
])("%p is %d with %d decimals", (text, value, decimals) => {
  expect(readNumber(text, "The number")).toEqual({ value, decimals });
});

test.each([
  ["", "empty"],
  ["abc", "not a number"],
  ["1,200", "two ways"],
  ["12,345", "two ways"],
  ["1.2.3", "not a number"],
  ["1,2,3", "not a number"],
  ["1 20", "not a number"],
  ["1e5", "without an e"],
  ["1e400", "without an e"],
  ["🔧", "a picture"],
  ["12🔩", "a picture"],
  ["9".repeat(400), "too large"],
  ["1/0", "divided by zero"],
  ["--1", "not a number"],
  ["NaN", "not a number"],
])("%p is refused: %s", (text, says) => {
  expect(() => readNumber(text, "The number")).toThrow(says);
});

test("whatever is typed gives a finite number or a sentence", () => {
  fc.assert(
    fc.property(fc.string(), (text) => {
      try {
        expect(Number.isFinite(readNumber(text, "The number").value)).toBe(true);
      } catch (error) {
        expect(error).toBeInstanceOf(InputError);
      }
    }),
  );
});

test("every number written with a point or a comma reads back", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 99_999 }),
      fc.integer({ min: 0, max: 99 }),
      fc.constantFrom(".", ","),
      (whole, part, mark) => {
        const text = `${whole}${mark}${String(part).padStart(2, "0")}`;
        expect(readNumber(text, "The number").value).toBeCloseTo(whole + part / 100, 9);
      },
    ),
  );
});
