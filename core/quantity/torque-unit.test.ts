import fc from "fast-check";
import { InputError } from "../input-error";
import { TORQUE_UNITS, type TorqueUnit, fromNm, toNm } from "./torque-unit";

// NIST SP 811 appendix B.8 prints these to seven digits.
test.each<[TorqueUnit, number]>([
  ["lbf.ft", 1.355818],
  ["lbf.in", 0.1129848],
  ["ozf.in", 0.007061552],
  ["kgf.m", 9.80665],
  ["kgf.cm", 0.0980665],
  ["kN.m", 1000],
  ["dN.m", 0.1],
  ["cN.m", 0.01],
])("one %s is what the published table says", (unit, newtonMetres) => {
  expect(toNm(1, unit)).toBeCloseTo(newtonMetres, 6);
});

test.each<[number, TorqueUnit, number, TorqueUnit]>([
  [62, "N.m", 45.728853, "lbf.ft"],
  [140, "lbf.in", 15.817876, "N.m"],
  [7.5, "kgf.m", 54.247604, "lbf.ft"],
  [48, "lbf.ft", 576, "lbf.in"],
  [1, "lbf.ft", 1.3558179483314004, "N.m"],
  [1, "lbf.in", 0.1129848290276167, "N.m"],
])("%d %s is %d %s", (value, from, expected, to) => {
  expect(fromNm(toNm(value, from), to)).toBeCloseTo(expected, 6);
});

test("there and back again is the same, and never NaN", () => {
  fc.assert(
    fc.property(
      fc.double({ noNaN: true, noDefaultInfinity: true, min: -1e9, max: 1e9 }),
      fc.constantFrom(...TORQUE_UNITS),
      (value, unit) => {
        const back = fromNm(toNm(value, unit), unit);
        expect(Math.abs(back - value)).toBeLessThanOrEqual(Math.abs(value) * 1e-12 + 1e-300);
      },
    ),
  );
});

test("what is not a number or not a unit is refused in a sentence", () => {
  expect(() => toNm(Number.NaN, "N.m")).toThrow(InputError);
  expect(() => fromNm(Infinity, "N.m")).toThrow("is not a number");
  expect(() => toNm(1, "furlong" as TorqueUnit)).toThrow('"furlong" is not a unit of torque');
});
