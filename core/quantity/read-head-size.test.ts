import fc from "fast-check";
import { InputError } from "../input-error";
import { convertDistance, formatDistance } from "./distance";
import type { HeadSize } from "./head-size";
import { readLengthMm } from "./length";
import { readHeadSize, formatHeadSize, sameHead } from "./read-head-size";

test.each<[string, HeadSize, string]>([
  ["13", { profile: "hexagon", size: 13, unit: "mm" }, "13 mm"],
  ["5,5 mm", { profile: "hexagon", size: 5.5, unit: "mm" }, "5.5 mm"],
  ["15 mil", { profile: "hexagon", size: 15, unit: "mm" }, "15 mm"],
  ["1/2", { profile: "hexagon", size: 0.5, unit: "in" }, "1/2 in"],
  ["7/16 in", { profile: "hexagon", size: 0.4375, unit: "in" }, "7/16 in"],
  ["1 3/16", { profile: "hexagon", size: 1.1875, unit: "in" }, "1 3/16 in"],
  ["1-3/16", { profile: "hexagon", size: 1.1875, unit: "in" }, "1 3/16 in"],
  ["1 in", { profile: "hexagon", size: 1, unit: "in" }, "1 in"],
  ["T40", { profile: "six-lobe", size: 40, unit: "number" }, "T40"],
  ["e 12", { profile: "six-lobe external", size: 12, unit: "number" }, "E12"],
  ["6 mm hex key", { profile: "hexagon key", size: 6, unit: "mm" }, "6 mm key"],
  ["hex 5", { profile: "hexagon key", size: 5, unit: "mm" }, "5 mm key"],
  ["M10 spline", { profile: "multi-spline", size: 10, unit: "number" }, "M10 spline"],
  ["cross-head 2", { profile: "cross", size: 2, unit: "number" }, "cross-head 2"],
  ["PH3", { profile: "cross", size: 3, unit: "number" }, "cross-head 3"],
  ["#2 cross", { profile: "cross", size: 2, unit: "number" }, "cross-head 2"],
  ["slotted 6 mm", { profile: "slot", size: 6, unit: "mm" }, "6 mm slot"],
  ["flat blade 1/4", { profile: "slot", size: 0.25, unit: "in" }, "1/4 in slot"],
  ["3/8 square", { profile: "square", size: 0.375, unit: "in" }, "3/8 in square"],
  ["8 mm square", { profile: "square", size: 8, unit: "mm" }, "8 mm square"],
])("%p is read and shown as it is called", (text, head, shown) => {
  expect(readHeadSize(text)).toEqual(head);
  expect(formatHeadSize(head)).toBe(shown);
  expect(readHeadSize(shown)).toEqual(head);
});

test.each(["", "mm", "abc", "1/0", "0", "500", "3/4 mm", "1,200", "M10", "PH7", "slot", "cross"])(
  "%p is refused",
  (text) => {
    expect(() => readHeadSize(text)).toThrow(InputError);
  },
);

test("13 mm and 1/2 in are near, and not the same", () => {
  expect(sameHead(readHeadSize("13"), readHeadSize("1/2"))).toBe(false);
  expect(sameHead(readHeadSize("13"), readHeadSize("13.0 mm"))).toBe(true);
});

test("whatever is typed gives a size or a sentence", () => {
  fc.assert(
    fc.property(fc.string(), (text) => {
      try {
        expect(readHeadSize(text).size).toBeGreaterThan(0);
      } catch (error) {
        expect(error).toBeInstanceOf(InputError);
      }
    }),
  );
});

test("distances convert by the mile's definition and are grouped for reading", () => {
  expect(convertDistance({ value: 100, unit: "mi" }, "km").value).toBeCloseTo(160.9344, 9);
  expect(convertDistance({ value: 160.9344, unit: "km" }, "mi").value).toBeCloseTo(100, 9);
  expect(formatDistance({ value: 148210, unit: "km" })).toBe("148\u202f210 km");
  expect(() => convertDistance({ value: Number.NaN, unit: "km" }, "mi")).toThrow("not a number");
});

test.each([
  ["45", 45],
  ["45 mm", 45],
  ["2 in", 50.8],
  ["4,5 cm", 45],
  ['1.5"', 38.1],
])("%p is %d mm", (text, mm) => {
  expect(readLengthMm(text, "mm", "The length")).toBeCloseTo(mm, 9);
});
