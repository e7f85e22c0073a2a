import { sheetFor } from "./sheet-for";

test.each([
  ["Brake fluid", "brake-fluid"],
  ["Engine oil", "engine-oil"],
  ["Oil filter", "engine-oil"],
  ["Coolant", "coolant-change"],
  ["Spark plugs", "spark-plugs"],
  ["Fuel filter", "fuel-filter"],
  ["Engine oil and filter", "engine-oil"],
  ["Transfer case oil", "differential-oil"],
  ["Air filter", "air-filters"],
  ["Cabin filter", "air-filters"],
  ["Brake pads, front", "pads-and-discs"],
  ["Battery", "battery"],
  ["Timing belt", undefined],
  ["Wiper blades", undefined],
])("%s is renewed by %s", (part, name) => {
  expect(sheetFor(part)?.name).toBe(name);
});
