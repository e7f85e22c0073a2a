import { EUROS } from "../__fixtures__/money";
import type { Owned, SlipField } from "./field";
import { chooseUnit, fieldUnit } from "./field-unit";

const owned: Owned = { tools: [], vehicles: [], vehicleId: undefined, torqueUnit: "lbf.ft", money: EUROS };
const torque: SlipField = { kind: "figure", name: "torque", label: "Torque", start: "40 Nm" };
const length: SlipField = {
  kind: "measure",
  name: "length",
  label: "Length",
  dimension: "length",
  start: "45",
};

test.each([
  [torque, {}, "N.m"],
  [torque, { torque: "40" }, "lbf.ft"],
  [torque, { torque: "40", torqueUnit: "lbf.in" }, "lbf.in"],
  [torque, { torque: "18-24 ft lbs", torqueUnit: "lbf.in" }, "lbf.ft"],
  [torque, { torque: "50 Nm + 90°" }, undefined],
  [torque, { torque: "snug" }, undefined],
  [length, {}, "mm"],
  [length, { lengthUnit: "in" }, "in"],
  [length, { length: "1-3/16 in" }, "in"],
  [length, { length: "3 furlongs" }, ""],
  [{ kind: "text", name: "thread", label: "Thread", start: "M8" } satisfies SlipField, {}, undefined],
])("%j with %j is in %s", (field, typed, unit) => {
  expect(fieldUnit(field as SlipField, typed as Record<string, string>, owned)?.value).toBe(unit);
});

test("another unit is taken for the same number", () => {
  expect(chooseUnit(torque, { other: "x" }, "lbf.ft")).toEqual({
    other: "x",
    torque: "40",
    torqueUnit: "lbf.ft",
  });
  expect(chooseUnit(length, { length: "1 1/2 in" }, "cm")).toEqual({ length: "1 1/2", lengthUnit: "cm" });
  expect(fieldUnit(length, { length: "1 1/2", lengthUnit: "cm" }, owned)?.value).toBe("cm");
});
