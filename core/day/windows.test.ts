import { isIn, joined, nextIn, within, without, workedUntil } from "./windows";

test("stretches that touch are one, and what is taken out leaves the rest", () => {
  expect(
    joined([
      [5, 9],
      [0, 5],
      [20, 20],
    ]),
  ).toEqual([[0, 9]]);
  expect(
    without(
      [[0, 100]],
      [
        [10, 20],
        [15, 30],
        [90, 200],
      ],
    ),
  ).toEqual([
    [0, 10],
    [30, 90],
  ]);
  expect(without([[0, 10]], [])).toEqual([[0, 10]]);
  expect(
    within(
      [
        [0, 10],
        [20, 30],
      ],
      [[5, 25]],
    ),
  ).toEqual([
    [5, 10],
    [20, 25],
  ]);
});

test("the next moment in them, and whether one lies in them: the end does not", () => {
  expect([nextIn([[10, 20]], 0), nextIn([[10, 20]], 12), nextIn([[10, 20]], 20)]).toEqual([10, 12, Infinity]);
  expect([isIn([[10, 20]], 10), isIn([[10, 20]], 20)]).toEqual([true, false]);
});

test("work pauses where they do, and never ends where they run out", () => {
  const day = [
    [10, 20],
    [30, 40],
  ] as const;
  expect(workedUntil(day, 15, 5)).toBe(20);
  expect(workedUntil(day, 15, 6)).toBe(31);
  expect(workedUntil(day, 25, 0)).toBe(25);
  expect(workedUntil(day, 0, 21)).toBe(Infinity);
});
