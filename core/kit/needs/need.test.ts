import { type Cover, type Need, isCovered, isTool } from "./need";

const puller: Need = { kind: "special tool", name: "Puller", days: 1, onlyIfNeeded: false, turns: [] };
const part: Need = { kind: "protection", name: "Gloves" };

test.each<[Cover, boolean]>([
  [{ kind: "owned", tools: [] }, true],
  [{ kind: "on order", says: "" }, true],
  [{ kind: "in the box", says: "" }, true],
  [{ kind: "missing", refused: [] }, false],
  [{ kind: "look up", says: "" }, false],
])("what is %o is there, or will be: %s", (cover, there) => {
  expect(isCovered({ cover, need: part })).toBe(there);
  expect(isCovered({ cover, need: puller })).toBe(there);
  // What is wanted only where all else fails is waited for by nobody.
  expect(isCovered({ cover, need: { ...puller, onlyIfNeeded: true } })).toBe(true);
});

test("what is kept after the job is a tool; parts, their hardware and what is used up are none", () => {
  const supply: Need = { kind: "supply", name: "Oil", amount: { value: 1, unit: "mL" }, lost: 0 };
  const hardware: Need = { kind: "hardware", name: "Pin", count: 1, boxes: [] };
  expect([puller, part, supply, hardware].map(isTool)).toEqual([true, true, false, false]);
});
