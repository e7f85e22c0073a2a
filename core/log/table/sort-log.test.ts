import type { Replacement } from "../../model/log";
import { MODEL_VERSION } from "../../model/version";
import { type LogOrder, sortLog } from "./sort-log";

const entry = (id: string, more: Partial<Replacement>): Replacement => ({
  id,
  createdAt: "2026-01-01T00:00:00.000Z",
  updatedAt: "2026-01-01T00:00:00.000Z",
  schema: MODEL_VERSION,
  origin: "own",
  vehicleId: "v",
  part: "Bulb",
  place: "front",
  system: "engine",
  count: 1,
  odometer: { value: 100, unit: "km" },
  on: "2026-01-01",
  ...more,
});

const log = [
  entry("a", { on: "2025-01-01", part: "tyre", priceMinor: 500, odometer: { value: 100, unit: "mi" } }),
  entry("b", { on: "2026-01-01", part: "Bulb 10", vehicleId: "w", odometer: { value: 120, unit: "km" } }),
  entry("c", { on: "2024-01-01", part: "bulb 9", priceMinor: 300, odometer: { value: 90, unit: "km" } }),
  entry("d", { on: "2026-02-01", part: "Tyre", priceMinor: 500 }),
];

const names = new Map([
  ["v", "Wren"],
  ["w", "Drover"],
]);

test.each<[LogOrder["by"], boolean, string]>([
  ["on", true, "dbac"],
  ["on", false, "cabd"],
  // Numbers in words by their value, letters whatever their case; equal ones the newest first.
  ["part", false, "cbda"],
  ["part", true, "dabc"],
  ["vehicle", false, "bdac"],
  // 100 miles are more than 120 km.
  ["odometer", true, "abdc"],
  // What has no price comes last either way.
  ["price", false, "cdab"],
  ["price", true, "dacb"],
])("by %s, descending %s: %s", (by, descending, order) => {
  expect(
    sortLog(log, { by, descending }, names)
      .map(({ id }) => id)
      .join(""),
  ).toBe(order);
});
