import fc from "fast-check";
import { convertTorque, formatTorque, quantityNm } from "./torque-quantity";
import { TORQUE_UNITS, type TorqueUnit } from "./torque-unit";

test.each<[number, number, TorqueUnit, TorqueUnit, string]>([
  [45, 0, "N.m", "lbf.ft", "33.2 lb·ft"],
  [48, 0, "lbf.ft", "lbf.in", "576 lb·in"],
  [106, 0, "lbf.in", "N.m", "12.0 N·m"],
  [7.5, 1, "kgf.m", "lbf.ft", "54.2 lb·ft"],
  [12, 0, "N.m", "cN.m", "1200 cN·m"],
  [12.5, 1, "N.m", "N.m", "12.5 N·m"],
  [100, 0, "cN.m", "N.m", "1.00 N·m"],
])("%d with %d decimals %s is shown in %s as %s", (value, decimals, from, to, shown) => {
  expect(formatTorque(convertTorque({ value, unit: from, decimals }, to))).toBe(shown);
});

test("converting keeps the exact torque and rounds only what is shown", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.01, max: 5000, noNaN: true }),
      fc.constantFrom(...TORQUE_UNITS),
      fc.constantFrom(...TORQUE_UNITS),
      (value, from, to) => {
        const given = { value, unit: from, decimals: 1 };
        const converted = convertTorque(given, to);
        expect(quantityNm(converted)).toBeCloseTo(quantityNm(given), 8);
        expect(converted.decimals).toBeGreaterThanOrEqual(0);
      },
    ),
  );
});
