import { isBeyond, judgeAgainst } from "./limits";

test.each([
  [{ most: 204 }, 203.2, "within", "0.8 mm left to the limit of 204 mm."],
  [{ most: 204 }, 204, "at the limit", "Right at the limit of 204 mm: replace it soon."],
  [{ most: 204 }, 204.1, "beyond", "0.1 mm over the limit of 204 mm: replace it or put it right."],
  [{ least: 2 }, 1.4, "beyond", "0.6 mm under the limit of 2 mm: replace it or put it right."],
  [{ least: 2, most: 9 }, 8.5, "within", "0.5 mm left to the limit of 9 mm."],
  [{ least: 2, most: 9 }, 2.1, "within", "0.1 mm left to the limit of 2 mm."],
  [{}, 5, "no limit", "No limit is written down: look it up before you rely on it."],
] as const)("against %j, %d mm is %s", (limits, value, kind, says) => {
  expect(judgeAgainst({ unit: "mm", ...limits }, value)).toEqual({ kind, says });
});

test("a limit itself is still allowed, either way", () => {
  expect([
    isBeyond({ least: 2 }, 2),
    isBeyond({ most: 204 }, 204),
    isBeyond({}, 5),
    isBeyond({ least: 2 }, 1.99),
    isBeyond({ most: 9 }, 9.01),
  ]).toEqual([false, false, false, true, true]);
});
