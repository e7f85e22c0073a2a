import { demoHousehold } from "@/demo/household";
import type { TorqueWrench } from "@/core/model/tool";
import { formatTorque } from "@/core/quantity/torque-quantity";
import { BENCH_START, type BenchFields, workBench } from "./bench-state";

const wrenches = demoHousehold("2026-11-24").tools.filter((tool): tool is TorqueWrench => tool.kind === "torque wrench");
const owned = (name: string) => wrenches.find((wrench) => wrench.name === name);
const bench = (more: Partial<BenchFields>, wrench?: TorqueWrench) => workBench({ ...BENCH_START, ...more }, wrench);

test("40 N·m through a 45 mm crowfoot on another wrench of 380 mm", () => {
  const { slip, errors } = bench({ adapterOn: true });
  expect(errors).toEqual({});
  expect(slip && formatTorque(slip.setting)).toBe("26.5 lb·ft");
  expect(slip?.exactNm.toFixed(1)).toBe("35.8");
});

test("an owned wrench brings its own length, scale and accuracy", () => {
  const { slip, judged } = bench({ torque: "110 Nm", grip: "nonsense" }, owned("Long click wrench"));
  expect(slip && formatTorque(slip.setting)).toBe("110 N·m");
  expect(judged).toMatchObject({ bandNm: [expect.closeTo(106.7, 6), expect.closeTo(113.3, 6)] });
});

test("an owned wrench that cannot be set says why", () => {
  expect(bench({ torque: "5 Nm" }, owned("Long click wrench")).judged).toMatchObject({ why: expect.stringContaining("the scale starts at 40 N·m") });
});

test("without its tick the adapter is left out, whatever stands in its fields", () => {
  const { slip, errors } = bench({ adapterOn: false, offset: "nonsense" });
  expect(errors).toEqual({});
  expect(slip && formatTorque(slip.setting)).toBe("29.5 lb·ft");
});

test.each<[Partial<BenchFields>, keyof BenchFields, string]>([
  [{ torque: "40" }, "torque", "no unit"],
  [{ torque: "18-24 Nm" }, "torque", "One value here"],
  [{ grip: "0" }, "grip", "more than zero"],
  [{ step: "x" }, "step", "not a number"],
  [{ adapterOn: true, offset: "-3" }, "offset", "less than zero"],
  [{ adapterOn: true, offset: "400", angle: "180" }, "angle", "past your hand"],
])("%j is said at %s", (more, field, says) => {
  const { errors, slip } = bench(more);
  expect(slip).toBeUndefined();
  expect(errors[field]).toContain(says);
});

test("a torque that can be read is shown in other units even while the rest cannot", () => {
  expect(bench({ grip: "" }).torque).toMatchObject({ value: 40, unit: "N.m" });
});
