import { bandWords, bestWords, spanWords } from "./when-words";

test.each([
  [1, "1 day"],
  [60, "60 days"],
  [61, "2 months"],
  [364, "11 months"],
  [365, "1 year"],
  [730, "2 years"],
  [1156, "3 years 2 months"],
  [3653, "10 years"],
])("%s days are %s", (days, says) => {
  expect(spanWords(days)).toBe(says);
});

test.each([
  ["a date", { best: "2027-03-09", earliest: "2027-03-09", latest: "2027-03-09" }, "9 Mar 2027", undefined],
  [
    "a forecast",
    { best: "2027-03-09", earliest: "2027-02-20", latest: "2027-04-02" },
    "about 9 Mar 2027",
    "20 Feb to 2 Apr 2027, four times in five",
  ],
  [
    "a forecast over New Year",
    { best: "2027-01-09", earliest: "2026-12-20", latest: "2027-02-02" },
    "about 9 Jan 2027",
    "20 Dec 2026 to 2 Feb 2027, four times in five",
  ],
  [
    "a date that may come sooner",
    { best: "2027-03-09", earliest: "2027-02-20", latest: "2027-03-09" },
    "by 9 Mar 2027",
    "20 Feb to 9 Mar 2027, four times in five",
  ],
  [
    "a rate from two readings",
    { best: "2027-03-09", earliest: "2027-03-09", latest: undefined },
    "about 9 Mar 2027",
    "too little is known for a band",
  ],
  [
    "no end",
    { best: "2027-03-09", earliest: "2027-02-20", latest: undefined },
    "about 9 Mar 2027",
    "not before 20 Feb 2027; how late cannot be said",
  ],
])("%s in words", (_, on, best, band) => {
  expect([bestWords(on), bandWords(on)]).toEqual([best, band]);
});
