import { LAB_STARTS, bandOf, readLab } from "./lab-fields";

test("what the lab starts with is asked as it stands", () => {
  expect(readLab(LAB_STARTS, 3)).toEqual({
    ask: {
      thread: { system: "metric", diameterMm: 10, pitchMm: 1.5 },
      strength: "8.8",
      condition: "dry",
      nutFactor: undefined,
      torqueNm: 45,
      accuracy: 0.04,
      technique: "torque wrench",
      seed: 3,
    },
    errors: {},
  });
  expect(bandOf("anti-seize")).toBe("0.10 to 0.15");
});

test.each([
  ["thread", "big", "not a thread"],
  ["torque", "45", "unit"],
  ["accuracy", "60", "0.5 to 20"],
  ["nutFactor", "9", "between"],
] as const)("what is wrong is said at its field: %s", (field, typed, says) => {
  const { ask, errors } = readLab({ ...LAB_STARTS, [field]: typed }, 1);
  expect(ask).toBeUndefined();
  expect(errors[field]).toContain(says);
  expect(Object.keys(errors)).toEqual([field]);
});

test("a thread too thick for its class is said at the thread", () => {
  expect(readLab({ ...LAB_STARTS, strength: "9.8", thread: "M20" }, 1).errors.thread).toContain(
    "not defined",
  );
});
