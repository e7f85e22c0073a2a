import { snugBandNm } from "./snug-band";
import { type Thread, diameterMm, formatThread, readThread, stressAreaMm2, usualPitches } from "./thread";

const inch = (diameterIn: number, threadsPerInch: number): Thread => ({
  system: "inch",
  diameterIn,
  threadsPerInch,
});

// ISO 898-1 prints nominal stress areas to three figures, coarse and fine; ISO 261 gives the pitches.
test.each([
  ["M3", 5.03],
  ["M4", 8.78],
  ["M5", 14.2],
  ["M6", 20.1],
  ["M7", 28.9],
  ["M8", 36.6],
  ["M10", 58.0],
  ["M12", 84.3],
  ["M14", 115],
  ["M16", 157],
  ["M18", 192],
  ["M20", 245],
  ["M22", 303],
  ["M24", 353],
  ["M8x1", 39.2],
  ["M10x1", 64.5],
  ["M10x1.25", 61.2],
  ["M12x1.25", 92.1],
  ["M12x1.5", 88.1],
  ["M14x1.5", 125],
  ["M16x1.5", 167],
  ["M18x1.5", 216],
  ["M20x1.5", 272],
  ["M22x1.5", 333],
  ["M24x2", 384],
])("%s has the stress area that the standard prints", (text, area) => {
  expect(Number(stressAreaMm2(readThread(text)).toPrecision(3))).toBe(area);
  const thread = readThread(text);
  expect(usualPitches({ metricMm: diameterMm(thread) })).toContainEqual(thread);
});

// ASME B1.1 prints these in square inches.
test.each([
  ["No. 8-32", 0.014],
  ["No. 8-36", 0.01474],
  ["#10-24", 0.0175],
  ["#10-32", 0.02],
  ["No. 12-24", 0.0242],
  ["No. 12-28", 0.0258],
  ["1/4 UNC", 0.0318],
  ["1/4 UNF", 0.0364],
  ["5/16-18", 0.0524],
  ["5/16-24", 0.058],
  ["3/8-16", 0.0775],
  ["3/8-24", 0.0878],
  ["7/16-14", 0.1063],
  ["7/16-20", 0.1187],
  ["1/2-13", 0.1419],
  ["1/2-20", 0.1599],
  ["9/16-12", 0.182],
  ["9/16-18", 0.203],
  ["5/8-11", 0.226],
  ["5/8-18", 0.256],
  ["3/4-10", 0.334],
  ["3/4-16", 0.373],
])("%s has the stress area that the standard prints", (text, areaIn2) => {
  const thread = readThread(text);
  expect(stressAreaMm2(thread) / 645.16 / areaIn2).toBeCloseTo(1, 2);
  expect(usualPitches({ inches: diameterMm(thread) / 25.4 })).toContainEqual(thread);
  expect(readThread(formatThread(thread))).toEqual(thread);
});

test.each<[Thread, number]>([
  [{ system: "metric", diameterMm: 8, pitchMm: 1.25 }, 36.608],
  [{ system: "metric", diameterMm: 10, pitchMm: 1.5 }, 57.989],
  [{ system: "metric", diameterMm: 12, pitchMm: 1.5 }, 88.126],
  [inch(0.375, 16), 0.07749 * 645.16],
  [inch(0.5, 20), 0.15995 * 645.16],
])("stress area of %j", (thread, area) => {
  expect(stressAreaMm2(thread)).toBeCloseTo(area, 2);
});

test("a thread without a pitch is the coarse one, and reads back", () => {
  expect(readThread("m10")).toEqual({ system: "metric", diameterMm: 10, pitchMm: 1.5 });
  expect(formatThread(readThread("M10 x 1,25"))).toBe("M10×1.25");
  expect(formatThread(readThread("M10×1.5"))).toBe("M10");
});

test.each(["3/8-16", "1 1/8-7", "M8", "M12×1.5"])("%s is shown as it is written", (text) => {
  expect(formatThread(readThread(text))).toBe(text);
});

test.each(["10", "M", "M10x9", "No. 99-20", "#8", "7/13 UNF", "M10x0", "M13", "3/0-16", "3/8-1", "3/8"])(
  "%s is refused in a sentence",
  (text) => {
    expect(() => readThread(text)).toThrow(/Write|Check/);
  },
);

test("snug for an M6 is a few newton-metres, worked by hand from class 8.8", () => {
  // 0.3 · 580 N/mm² · 20.123 mm² = 3501 N; 0.18 · 0.006 m · 3501 N = 3.78 N·m.
  expect(snugBandNm(readThread("M6"))?.[0]).toBeCloseTo(3.78, 2);
  expect(snugBandNm(readThread("M6"))?.[1]).toBeCloseTo(7.56, 2);
  expect(snugBandNm(readThread("M64x6"))).toBeUndefined();
});

test("a size that the tables do not have has no usual pitches", () => {
  expect([usualPitches({ metricMm: 13 }), usualPitches({ inches: 0.3 })]).toEqual([[], []]);
  expect(usualPitches({ inches: 0.5 }).map(formatThread)).toEqual(["1/2-13", "1/2-20"]);
});
