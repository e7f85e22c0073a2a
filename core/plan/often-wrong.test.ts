import { InputError } from "../input-error";
import { chanceOf, oftenWrongText, oftenWrongWords, readOftenWrong } from "./often-wrong";

const TODAY = "2026-11-27";

test.each([
  [
    "seized 5 to 40; snapped 2",
    [
      ["seized", 5, 40],
      ["snapped", 2, 2],
    ],
  ],
  ["Stuck on its seat 10-30 %", [["stuck on its seat", 10, 30]]],
  ["cross-threaded 1 in 100", [["cross-threaded", 1, 1]]],
  ["", []],
] as const)("%s", (typed, all) => {
  const expected = all.map(([kind, young, old]) => ({ kind, young, old }));
  expect(readOftenWrong(typed)).toEqual(expected);
  expect(readOftenWrong(oftenWrongText(expected))).toEqual(expected);
});

test.each([
  ["explodes 5", "is none of seized"],
  ["seized", "how often in a hundred"],
  ["seized 40 to 5", "Write “seized 5 to 40”"],
  ["seized 5 to 140", "between 0 and 100"],
])("%s is refused: %s", (typed, says) => {
  expect(() => readOftenWrong(typed)).toThrow(InputError);
  expect(() => readOftenWrong(typed)).toThrow(says);
});

// Half-way from 3 years to 15 is 9.
test.each([
  [2026, 5],
  [2023, 5],
  [2017, 25],
  [2011, 45],
  [1990, 45],
  [undefined, 25],
])("built in %s: %d in 100", (year, chance) => {
  expect(chanceOf({ young: 5, old: 45 }, { ...(year === undefined ? {} : { year }) }, TODAY)).toBe(chance);
});

test("in words, the likeliest first", () => {
  const all = readOftenWrong("snapped 0 to 4; seized 5 to 45");
  expect(oftenWrongWords(all, { year: 2017 }, TODAY)).toBe(
    "May go wrong here: seized, about 25 in 100; snapped, about 2 in 100.",
  );
  expect(oftenWrongWords(all, { year: 2026 }, TODAY)).toContain("snapped, hardly ever");
});
