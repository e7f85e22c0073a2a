import { InputError } from "../input-error";
import { readLimit } from "./read-limit";

test.each([
  ["at least 22 mm", { least: 22 }],
  ["min. 20,4", { least: 20.4 }],
  ["max 204", { most: 204 }],
  ["not more than 0.05 mm", { most: 0.05 }],
  ["0.7 to 0.8 mm", { least: 0.7, most: 0.8 }],
  ["0,7-0,8", { least: 0.7, most: 0.8 }],
])("%p is a limit", (typed, limit) => {
  expect(readLimit(typed, "mm")).toEqual(limit);
});

test.each([
  ["22", "the least or the most"],
  ["22 mm", "the least or the most"],
  ["at least 0.8 in", "not a number"],
  ["at most thick", "not a number"],
  ["0.8 to 0.7", "comes first"],
])("%p is asked about or refused", (typed, says) => {
  expect(() => readLimit(typed, "mm")).toThrow(InputError);
  expect(() => readLimit(typed, "mm")).toThrow(says);
});
