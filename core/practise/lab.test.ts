import { readThread } from "../thread/thread";
import { labOf, passesCompared } from "./lab";

const ask = {
  thread: readThread("M8"),
  strength: "8.8" as const,
  condition: "dry" as const,
  torqueNm: 22,
  accuracy: 0.04,
  technique: "torque wrench" as const,
  seed: 1,
};

test("a thousand bolts, and what else could have been done with them", () => {
  const told = labOf(ask);
  expect(told.steps.reduce((sum, { count }) => sum + count, 0)).toBe(1000);
  const width = (technique: string) => {
    const { shares } = told.byTechnique.find((one) => one.technique === technique)?.sum ?? { shares: [0, 0] };
    return shares[1] - shares[0];
  };
  expect(width("torque, then angle")).toBeLessThan(width("torque wrench"));
  const mean = (condition: string) =>
    told.byCondition.find((one) => one.condition === condition)?.sum.meanN ?? 0;
  // The same torque on anti-seize clamps by 0.195 / 0.125 as much: 1.56 times, up to where the bolt yields.
  expect(mean("anti-seize") / mean("dry")).toBeGreaterThan(1.2);
  expect(mean("anti-seize") / mean("dry")).toBeLessThan(1.7);
  expect(labOf({ ...ask, nutFactor: [0.12, 0.16] }).sum.meanN).toBeGreaterThan(told.sum.meanN);
  expect(() => labOf({ ...ask, torqueNm: -1 })).toThrow("more than zero");
});

test("each further pass evens the ring out", () => {
  const spreads = passesCompared({ count: 8, between: "gasket" }).map(({ spread }) => spread);
  expect(spreads[0]).toBeGreaterThan(2 * (spreads[2] ?? 1));
  expect(spreads[3]).toBeLessThan(spreads[2] ?? 0);
});
