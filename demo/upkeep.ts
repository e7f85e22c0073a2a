import type { Interval, Measurement } from "@/core/model/log";
import type { Place, System } from "@/core/model/place";
import { demo } from "./authoring";

type Every = { every?: number; months?: number; place?: Place };
type Line = [part: string, system: System, Every];

const INTERVALS: Record<string, { unit: "km" | "mi"; lines: Line[] }> = {
  wren: {
    unit: "km",
    lines: [
      ["Engine oil and filter", "engine", { every: 15_000, months: 12 }],
      ["Spark plugs", "ignition and fuel", { every: 60_000, months: 72 }],
      ["Air filter", "ignition and fuel", { every: 53_000, months: 60 }],
      ["Cabin filter", "body and cabin", { every: 20_000, months: 24 }],
      ["Wiper blades", "body and cabin", { months: 21, place: "front" }],
      ["Brake fluid", "brakes", { months: 24 }],
      ["Coolant", "cooling", { months: 60 }],
      ["Battery", "starting and charging", { months: 72 }],
    ],
  },
  drover: {
    unit: "mi",
    lines: [
      ["Engine oil and filter", "engine", { every: 5000, months: 12 }],
      ["Transfer case oil", "gearbox and drive", { every: 20_000, months: 60 }],
      ["Rear differential oil", "gearbox and drive", { every: 20_000, months: 60 }],
      ["Fuel filter", "ignition and fuel", { every: 30_000 }],
    ],
  },
  minnow: {
    unit: "km",
    lines: [
      ["Engine oil and filter", "engine", { every: 15_000, months: 12 }],
      ["Cabin filter", "body and cabin", { months: 24 }],
      ["Spark plugs", "ignition and fuel", { every: 60_000 }],
      ["Brake fluid", "brakes", { months: 24 }],
    ],
  },
};

/** What the household renews and how often; the cabin filter was put off once. */
export const intervals: Interval[] = Object.entries(INTERVALS).flatMap(([vehicle, { unit, lines }]) =>
  lines.map(([part, system, { every, months, place }], i) => ({
    ...demo(`${vehicle}-interval-${i + 1}`),
    vehicleId: `demo-${vehicle}`,
    part,
    system,
    ...(place ? { place } : {}),
    ...(every ? { every: { value: every, unit } } : {}),
    ...(months ? { months } : {}),
    ...(vehicle === "wren" && part === "Cabin filter"
      ? { snoozed: { until: "2027-03-01", because: "Bought; goes in after the winter" } }
      : {}),
  })),
);

interface Taken {
  vehicle: string;
  what: string;
  unit: string;
  least: number;
  places: string[];
  odometerUnit: "km" | "mi";
  taken: [on: string, odometer: number, ...values: number[]][];
}

const TAKEN: Taken[] = [
  {
    vehicle: "wren",
    what: "Brake shoe lining",
    unit: "mm",
    least: 1.5,
    places: ["left rear", "right rear"],
    odometerUnit: "km",
    taken: [
      ["2023-06-03", 96_000, 4.6, 4.7],
      ["2024-04-27", 109_480, 3.8, 4.1],
      ["2025-05-31", 126_240, 3.0, 3.3],
      ["2026-09-05", 145_020, 1.9, 2.3],
    ],
  },
  {
    vehicle: "wren",
    what: "Tyre tread",
    unit: "mm",
    least: 1.6,
    places: ["left front", "right front"],
    odometerUnit: "km",
    taken: [
      ["2023-06-03", 96_000, 3.1, 3.2],
      ["2024-05-04", 109_700, 7.6, 7.6],
      ["2024-10-12", 116_540, 6.8, 6.9],
      ["2025-05-31", 126_240, 5.9, 6.1],
      ["2026-01-17", 135_810, 5.1, 5.3],
      ["2026-09-05", 145_020, 4.1, 4.5],
    ],
  },
  {
    vehicle: "drover",
    what: "Tyre tread",
    unit: "mm",
    least: 1.6,
    places: ["left rear", "right rear"],
    odometerUnit: "mi",
    taken: [
      ["2023-10-14", 114_700, 8.1, 8.0],
      ["2025-02-01", 122_660, 6.2, 6.0],
      ["2026-07-25", 130_470, 4.5, 4.0],
    ],
  },
  {
    vehicle: "minnow",
    what: "Tyre tread",
    unit: "mm",
    least: 1.6,
    places: ["left rear", "right rear"],
    odometerUnit: "km",
    taken: [
      ["2025-09-27", 50_720, 7.5, 7.5],
      ["2026-06-27", 58_020, 6.9, 6.8],
    ],
  },
  {
    vehicle: "minnow",
    what: "Battery at rest",
    unit: "V",
    least: 12.2,
    places: ["engine"],
    odometerUnit: "km",
    taken: [["2026-06-27", 58_020, 12.5]],
  },
];

/** What was measured on the way, one record a value. */
export const measurements: Measurement[] = TAKEN.flatMap(
  ({ vehicle, what, unit, least, places, odometerUnit, taken }, series) =>
    taken.flatMap(([on, odometer, ...values], time) =>
      values.map((value, i) => ({
        ...demo(`${vehicle}-measured-${series + 1}-${time + 1}-${i + 1}`),
        vehicleId: `demo-${vehicle}`,
        what,
        at: places[i] ?? "",
        value,
        unit,
        least,
        odometer: { value: odometer, unit: odometerUnit },
        on,
      })),
    ),
);
