import { readForm } from "@/core/form";
import { InputError } from "@/core/input-error";
import { vehicleSchema } from "@/core/model/vehicle";
import { stamp, stampOf } from "@/data/stamp";
import { demoHousehold } from "@/demo/household";
import { readDay, readOwnOdometer } from "../shared/odometer/read-reading";
import { vehicleFields, vehicleForm } from "./vehicle-fields";

const own = stamp("own", new Date("2026-11-24T12:00:00.000Z"));
const typed = (more: Partial<ReturnType<typeof vehicleFields>>) =>
  readForm(vehicleForm, { ...vehicleFields(undefined, "km"), name: "Heron van", ...more });
const errorsOf = (result: ReturnType<typeof typed>) => ("errors" in result ? result.errors : {});

test("only a name is needed", () => {
  expect(typed({})).toEqual({ value: { name: "Heron van", distanceUnit: "km", torqueUnit: "N.m" } });
});

test("every vehicle of the demo comes back the same from its own form", () => {
  for (const vehicle of demoHousehold("2026-11-24").vehicles) {
    const read = readForm(vehicleForm, vehicleFields(vehicle, "mi"));
    expect("value" in read && { ...stampOf(vehicle), ...read.value }).toEqual(vehicle);
  }
});

test("lengths take inches, shares take a percent sign, weights take a comma", () => {
  const result = typed({
    wheelbase: "100 in",
    frontShare: "58,5 %",
    kerbWeight: "1 310,5",
    insetRear: "340",
    wheelTorque: "83 ft lbs",
  });
  expect(result).toMatchObject({
    value: {
      wheelbaseMm: 2540,
      frontShare: 0.585,
      kerbWeightKg: 1310.5,
      standInsetMm: { front: 0, rear: 340 },
      wheelTorque: { form: "value", torque: { value: 83, unit: "lbf.ft" } },
    },
  });
  expect("value" in result && vehicleSchema.safeParse({ ...own, ...result.value }).success).toBe(true);
});

test.each<[Partial<ReturnType<typeof vehicleFields>>, string, string]>([
  [{ name: "  " }, "name", "Give it a name"],
  [{ year: "1700" }, "year", "from 1885 to 2200"],
  [{ kerbWeight: "1,310" }, "kerbWeight", "two ways"],
  [{ frontShare: "0.6" }, "frontShare", "between 20 and 80 %"],
  [{ wheelbase: "2,6" }, "wheelbase", "between 500 and 8000 mm"],
  [{ insetFront: "-1" }, "insetFront", "between 0 and 2000 mm"],
  [{ wheelTorque: "110" }, "wheelTorque", "no unit"],
])("%j is said at its field", (more, field, says) => {
  expect(errorsOf(typed(more))).toEqual({ [field]: expect.stringContaining(says) });
});

test("all errors are said at once", () => {
  expect(Object.keys(errorsOf(typed({ name: "", year: "x", wheelTorque: "snugg" }))).sort()).toEqual([
    "name",
    "wheelTorque",
    "year",
  ]);
});

test.each([
  ["148 210", "km", 148_210],
  ["148210 km", "km", 148_210],
  ["131 940 miles", "mi", 131_940],
  ["0", "km", 0],
] as const)("the reading %p on an odometer of %s", (text, unit, value) => {
  expect(readOwnOdometer(text, unit)).toBe(value);
});

test.each([
  ["148 210 mi", "km", "counts kilometres"],
  ["148 210 km", "mi", "counts miles"],
  ["-1", "km", "below zero"],
  ["99999999", "km", "further than any odometer"],
  ["148,210", "km", "could be 148\u202f210 or 148.210"],
] as const)("the reading %p on an odometer of %s is refused", (text, unit, says) => {
  expect(() => readOwnOdometer(text, unit)).toThrow(InputError);
  expect(() => readOwnOdometer(text, unit)).toThrow(says);
});

test("a day is chosen and is not still to come", () => {
  expect(readDay("2026-11-24", "2026-11-24")).toBe("2026-11-24");
  expect(() => readDay("", "2026-11-24")).toThrow("Choose the day");
  expect(() => readDay("2026-11-25", "2026-11-24")).toThrow("still to come");
});
