import { daysAfter, daysBetween, monthsAfter } from "./day";

test.each([
  ["2026-02-27", 2, "2026-03-01"],
  ["2028-02-27", 2, "2028-02-29"],
  ["2026-01-01", -1, "2025-12-31"],
  // The clocks go forward in between, in most places that have a summer time.
  ["2026-03-27", 5, "2026-04-01"],
])("%s and %i days is %s, and back again", (day, days, after) => {
  expect(daysAfter(day, days)).toBe(after);
  expect(daysBetween(day, after)).toBe(days);
});

test("months end on the last day of a shorter one", () => {
  expect([monthsAfter("2026-01-31", 1), monthsAfter("2027-11-30", 3), monthsAfter("2026-05-15", 24)]).toEqual(
    ["2026-02-28", "2028-02-29", "2028-05-15"],
  );
});
