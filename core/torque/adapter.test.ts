import fc from "fast-check";
import { InputError } from "../input-error";
import { angleSaid, boltTorqueNm, leverRatio, settingPerGripMm, wrenchTorqueNm } from "./adapter";
import { multiplierInputNm } from "./multiplier";

const lever = (gripLengthMm: number, ...adapters: [offsetMm: number, angleDeg: number][]) => ({
  gripLengthMm,
  adapters: adapters.map(([offsetMm, angleDeg]) => ({ offsetMm, angleDeg })),
});

test.each([
  [60, lever(400, [50, 0]), 53.3333],
  [60, lever(400, [50, 45]), 55.1274],
  [60, lever(400, [50, 90]), 60],
  [60, lever(400, [50, 180]), 68.5714],
  [85, lever(455, [62, 30]), 76.0281],
  [40, lever(380, [45, 0]), 35.7647],
  [60, lever(400), 60],
  // Two in line are one of their sum: 60 · 400 / 480.
  [60, lever(400, [50, 0], [30, 0]), 50],
])("%d N·m at the bolt with %j is set as %d", (bolt, with_, expected) => {
  expect(wrenchTorqueNm(bolt, with_)).toBeCloseTo(expected, 4);
});

test("the moment about the bolt balances, worked out from force and distance", () => {
  // 100 N square to the handle, 0.4 m from the drive: 40 N·m on the wrench. In line the bolt is 0.45 m away:
  // 45 N·m.
  expect(boltTorqueNm(40, lever(400, [50, 0]))).toBeCloseTo(45, 9);
});

const anyLever = fc.record({
  gripLengthMm: fc.double({ min: 100, max: 1500, noNaN: true }),
  adapters: fc.array(
    fc.record({
      offsetMm: fc.double({ min: 0, max: 45, noNaN: true }),
      angleDeg: fc.double({ min: 0, max: 180, noNaN: true }),
    }),
    { maxLength: 2 },
  ),
});

test("to the wrench and back to the bolt is the same torque", () => {
  fc.assert(
    fc.property(fc.double({ min: 0.1, max: 2000, noNaN: true }), anyLever, (bolt, any) => {
      expect(boltTorqueNm(wrenchTorqueNm(bolt, any), any)).toBeCloseTo(bolt, 6);
    }),
  );
});

test("turning an adapter from in line to folded back only ever raises the setting", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 1, max: 300, noNaN: true }),
      fc.double({ min: 0, max: 179, noNaN: true }),
      (bolt, angle) => {
        expect(wrenchTorqueNm(bolt, lever(400, [60, angle]))).toBeLessThanOrEqual(
          wrenchTorqueNm(bolt, lever(400, [60, angle + 1])),
        );
      },
    ),
  );
});

test("the change with the place of the hand is the slope of the setting", () => {
  const slope = (wrenchTorqueNm(60, lever(400.5, [50, 0])) - wrenchTorqueNm(60, lever(399.5, [50, 0]))) / 1;
  expect(settingPerGripMm(60, lever(400, [50, 0]))).toBeCloseTo(slope, 6);
});

test.each<[string, () => number]>([
  ["more than zero", () => wrenchTorqueNm(60, lever(0))],
  ["more than zero", () => wrenchTorqueNm(-1, lever(400))],
  ["past your hand", () => leverRatio(lever(100, [120, 180]))],
  ["not a number", () => wrenchTorqueNm(Number.NaN, lever(400))],
  ["not a number", () => wrenchTorqueNm(60, lever(400, [50, Number.NaN]))],
  ["less than zero", () => wrenchTorqueNm(60, lever(400, [-1, 0]))],
])("refuses with a sentence: %s", (says, how) => {
  expect(how).toThrow(InputError);
  expect(how).toThrow(says);
});

test("a multiplier divides by its ratio and its efficiency", () => {
  expect(multiplierInputNm(500, 5, 0.9)).toBeCloseTo(111.111, 3);
  expect(() => multiplierInputNm(500, 5, 1.2)).toThrow("at most 1");
});

test.each([
  [0, "in line with the handle"],
  [90, "square to the handle"],
  [180, "folded back along the handle"],
  [45, "at 45° to the handle"],
])("an adapter at %d° is said to be %s", (angleDeg, says) => {
  expect(angleSaid({ offsetMm: 40, angleDeg })).toBe(says);
});
