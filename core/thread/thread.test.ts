import { readTorqueFigure } from "../quantity/read-torque-figure";
import { doubtTorque, plausibleBandNm } from "./plausible";
import { snugBandNm } from "./snug-band";
import { type Thread, formatThread, readThread, stressAreaMm2 } from "./thread";

const inch = (diameterIn: number, threadsPerInch: number): Thread => ({ system: "inch", diameterIn, threadsPerInch });

// ISO 898-1 prints nominal stress areas to three figures: M6 20.1, M8 36.6, M10 58.0, M12 84.3, M16 157, M24 353.
test.each([
  ["M6", 20.1],
  ["M8", 36.6],
  ["M10", 58.0],
  ["M12", 84.3],
  ["M16", 157],
  ["M24", 353],
])("%s coarse has the stress area that the standard prints", (text, area) => {
  expect(Number(stressAreaMm2(readThread(text)).toPrecision(3))).toBe(area);
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

test.each(["10", "M", "M10x9", "M10x0", "M11", "3/0-16", "3/8-1", "3/8"])("%s is refused in a sentence", (text) => {
  expect(() => readThread(text)).toThrow(/Write|Check/);
});

test("snug for an M6 is a few newton-metres, worked by hand from class 8.8", () => {
  // 0.3 · 580 N/mm² · 20.123 mm² = 3501 N; 0.18 · 0.006 m · 3501 N = 3.78 N·m.
  expect(snugBandNm(readThread("M6"))[0]).toBeCloseTo(3.78, 2);
  expect(snugBandNm(readThread("M6"))[1]).toBeCloseTo(7.56, 2);
});

test("the plausible band of an M6, worked by hand", () => {
  const [floor, ceiling] = plausibleBandNm(readThread("M6"));
  expect(floor).toBeCloseTo(0.12 * 0.006 * 0.4 * 225 * 20.123, 2);
  expect(ceiling).toBeCloseTo(0.22 * 0.006 * 0.9 * 970 * 20.123, 2);
});

test.each([
  ["106 lb ft", "M6", "106 lb·ft would break an M6. As 106 lb·in it is 12.0 N·m, which fits."],
  ["10 lb in", "M14", "would leave an M14 loose"],
  ["110 kgf m", "M12", "As 110 N·m it would fit."],
  ["5000 Nm", "M6", "Look the figure up again."],
])("%s on %s: %s", (text, thread, says) => {
  const figure = readTorqueFigure(text);
  if (figure.form !== "value") throw new Error("one value");
  expect(doubtTorque(figure.torque, readThread(thread))).toContain(says);
});

test.each([
  ["12 Nm", "M6"],
  ["110 Nm", "M12x1.5"],
  ["40 Nm", "M10"],
  ["25 Nm", "M8"],
])("%s on %s is not doubted", (text, thread) => {
  const figure = readTorqueFigure(text);
  if (figure.form !== "value") throw new Error("one value");
  expect(doubtTorque(figure.torque, readThread(thread))).toBeUndefined();
});
