import fc from "fast-check";
import { InputError } from "../input-error";
import { readHeadSize } from "../quantity/read-head-size";
import { threadsOfHead } from "../thread/head-threads";
import { type FitVerdict, hexagonFit } from "./hexagon-fit";
import { fitLimitNm, judgeFit } from "./judge-fit";
import { fitOf, nearSizes } from "./near-sizes";

test.each<[number, number, number, FitVerdict]>([
  [21, 20.6375, 1.792, "snug"],
  [10, 9.525, 5.397, "low torque only"],
  [13, 12.7, 2.434, "usable"],
  [32, 31.75, 0.791, "snug"],
  [13, 13, 0, "snug"],
  [13.24, 12.73, 4.25, "usable"],
  [14, 12.7, 12.683, "will round it"],
])("%d on %d turns %d° each way: %s", (outer, inner, play, verdict) => {
  const fit = hexagonFit(outer, inner);
  expect(fit.freePlayDeg).toBeCloseTo(play, 2);
  expect(fit.verdict).toBe(verdict);
});

test("what is too small does not go on, but for what tolerances forgive; what is far too large spins", () => {
  expect(hexagonFit(12, 12.7)).toEqual({ freePlayDeg: undefined, verdict: "does not go on", mayGoOn: false });
  expect(hexagonFit(12.65, 12.7)).toEqual({ freePlayDeg: 0, verdict: "snug", mayGoOn: true });
  // 2·12.7/√3 is 14.665.
  expect(hexagonFit(14.66, 12.7).freePlayDeg).toBeDefined();
  expect(hexagonFit(14.67, 12.7)).toMatchObject({ freePlayDeg: undefined, verdict: "will round it" });
});

test("a larger tool never plays less", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 4, max: 40, noNaN: true }),
      fc.double({ min: 1, max: 1.14, noNaN: true }),
      (head, ratio) => {
        expect(hexagonFit(head * (ratio + 0.01), head).freePlayDeg ?? 30).toBeGreaterThanOrEqual(
          hexagonFit(head * ratio, head).freePlayDeg ?? 30,
        );
      },
    ),
  );
});

test.each([0, -1, Number.NaN, Infinity])("a size of %p is refused", (size) => {
  expect(() => hexagonFit(size, 10)).toThrow(InputError);
  expect(() => hexagonFit(10, size)).toThrow(InputError);
});

test("near sizes of a half-inch head, tightest first", () => {
  expect(nearSizes(12.7).map(({ size, unit }) => `${size} ${unit}`)).toEqual([
    "0.5 in",
    "13 mm",
    "14 mm",
    "0.5625 in",
  ]);
});

test("for a key the roles swap: a 6 mm key in a 1/4 in recess plays, a 1/4 in key in 6 mm does not go in", () => {
  expect(fitOf({ acrossMm: 6, unit: "mm" }, 6.35, "key in recess").freePlayDeg).toBeCloseTo(
    hexagonFit(6.35, 6).freePlayDeg ?? -1,
    9,
  );
  expect(fitOf({ acrossMm: 6.35, unit: "in" }, 6, "key in recess").verdict).toBe("does not go on");
  expect(nearSizes(8, "key in recess").map(({ size, unit }) => `${size} ${unit}`)).toEqual([
    "8 mm",
    "0.3125 in",
    "7 mm",
  ]);
});

test("a looser fit is trusted with less: 13 on 1/2 in, whose thread is a 5/16 in", () => {
  const threads = threadsOfHead(readHeadSize("1/2"));
  // 5/16-18: 0.0524 in² · 645.16 · 580 N/mm² = 19 608 N; times 0.9 · 0.18 · 7.9375 mm = 25.2 N·m.
  expect(fitLimitNm(hexagonFit(13, 12.7), threads, 12.7)).toBeCloseTo(25.2, 0);
  expect(judgeFit(hexagonFit(13, 12.7), 20, threads, 12.7)).toBe("usable");
  expect(judgeFit(hexagonFit(13, 12.7), 30, threads, 12.7)).toBe("will round it");
  // As good as the right one: up to 1.5 of 8.8 at proof, 42 N·m; beyond that even the right one is in doubt.
  expect(judgeFit(hexagonFit(12.7, 12.7), 40, threads, 12.7)).toBe("snug");
  // Its own size does not round it: a 5/16 in thread breaks first.
  expect(judgeFit(hexagonFit(12.7, 12.7), 300, threads, 12.7)).toBe("beyond its thread");
  expect(judgeFit(hexagonFit(13.3, 12.7), 8, threads, 12.7)).toBe("low torque only");
  expect(judgeFit(hexagonFit(13.3, 12.7), 9, threads, 12.7)).toBe("will round it");
  // A head of no known thread: the thinnest that 12.7 mm may sit on is an M7 (1.8 times 7 is 12.6), at 0.3 of
  // its proof 6.3 N·m.
  expect(judgeFit(hexagonFit(13.3, 12.7), 6, [], 12.7)).toBe("low torque only");
  expect(judgeFit(hexagonFit(13.3, 12.7), 7, [], 12.7)).toBe("will round it");
  expect(judgeFit(hexagonFit(12, 12.7), 1, threads, 12.7)).toBe("does not go on");
});

// ASME B107: an inch opening is at least 1.005 times its name and a thousandth of an inch.
test.each([
  [5 / 16, 8],
  [5 / 8, 16],
  [15 / 16, 24],
  [5 / 4, 32],
])("an inch socket of %d goes on %d mm", (inches, mm) => {
  expect(fitOf({ acrossMm: inches * 25.4, unit: "in" }, mm, "socket on head")).toMatchObject({
    mayGoOn: true,
    verdict: "snug",
  });
  // A metric one of that size would not.
  expect(fitOf({ acrossMm: inches * 25.4, unit: "mm" }, mm, "socket on head").verdict).toBe("does not go on");
});
test.each([
  [1 / 2, 13],
  [3 / 8, 10],
  [11 / 16, 18],
  [13 / 16, 21],
])("an inch socket of %d does not go on %d mm", (inches, mm) => {
  expect(fitOf({ acrossMm: inches * 25.4, unit: "in" }, mm, "socket on head").verdict).toBe("does not go on");
});

test("a head of no known thread is trusted with what the thinnest under it bears; the smallest head of all is an M2.5", () => {
  // M24 under a 46 mm head (1.8 · 24 = 43.2): 353 mm² of 8.8, proof 600, at K 0.18 and nine tenths.
  expect(fitLimitNm(hexagonFit(47, 46), [], 46)).toBeCloseTo(0.9 * 0.18 * 0.024 * 600 * 352.5, -1);
  expect(fitLimitNm(hexagonFit(4.1, 4), [], 4)).toBeLessThan(1);
});
