import { paperOf } from "./paper";

test("letter lies in printers in North America and a few more places, A4 everywhere else", () => {
  expect(["US", "CA", "MX", "PH"].map(paperOf)).toEqual(["letter", "letter", "letter", "letter"]);
  expect(["IE", "GB", "DE", "JP", "BR"].map(paperOf)).toEqual(["A4", "A4", "A4", "A4", "A4"]);
});
