import { sheetFor } from "./sheet-for";

test.each([
  ["Brake fluid", "brake-fluid"],
  ["Engine oil", "engine-oil"],
  ["Oil filter", "engine-oil"],
  ["Coolant", "coolant-change"],
  ["Spark plugs", "spark-plugs"],
  ["Fuel filter", undefined],
  ["Timing belt", undefined],
  ["Wiper blades", undefined],
])("%s is renewed by %s", (part, name) => {
  expect(sheetFor(part)?.name).toBe(name);
});
