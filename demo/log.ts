import type { FollowUp, Replacement } from "@/core/model/log";
import type { Place, System } from "@/core/model/place";
import { demo } from "./authoring";

type More = Partial<Pick<Replacement, "count" | "jobId" | "quoteMinor" | "warrantyUntil" | "note" | "partNumber">>;
type Row = [on: string, odometer: number, part: string, place: Place, system: System, priceMinor: number, more?: More];

const ROWS: Record<string, { unit: "km" | "mi"; rows: Row[] }> = {
  wren: {
    unit: "km",
    rows: [
      ["2022-11-26", 87_640, "Engine oil and filter", "engine", "engine", 3890],
      ["2022-12-17", 88_510, "Battery", "engine", "starting and charging", 9450, { warrantyUntil: "2025-12-17" }],
      ["2023-03-11", 92_020, "Wiper blades, front", "front", "body and cabin", 1960, { count: 2 }],
      ["2023-04-22", 93_900, "Spark plugs", "engine", "ignition and fuel", 3640, { count: 4 }],
      ["2023-06-03", 96_000, "Air filter", "engine", "ignition and fuel", 1420],
      ["2023-09-30", 100_480, "Engine oil and filter", "engine", "engine", 4010],
      ["2023-11-18", 102_430, "Low beam bulb", "left front", "lights and electrics", 890],
      ["2024-03-09", 107_310, "Cabin filter", "cabin", "body and cabin", 1180],
      ["2024-04-27", 109_480, "Tyre", "left front", "wheels", 7200],
      ["2024-04-27", 109_480, "Tyre", "right front", "wheels", 7200],
      ["2024-08-31", 114_760, "Engine oil and filter", "engine", "engine", 4150],
      ["2024-10-12", 116_540, "Thermostat", "engine", "cooling", 2890, { quoteMinor: 18_900 }],
      ["2024-10-12", 116_540, "Coolant", "engine", "cooling", 2240],
      ["2025-03-22", 123_180, "Wiper blades, front", "front", "body and cabin", 2110, { count: 2 }],
      ["2025-05-31", 126_240, "Exhaust hanger", "underneath", "exhaust", 640, { count: 2, note: "Stiff, will be rusty: soak the day before" }],
      ["2025-08-16", 129_310, "Engine oil and filter", "engine", "engine", 4230],
      ["2026-01-17", 135_810, "Brake fluid", "engine", "brakes", 1390],
      ["2026-03-14", 138_050, "Ignition coil", "engine", "ignition and fuel", 3350, { quoteMinor: 14_200, warrantyUntil: "2028-03-14", note: "Coil 3; the plug under it was wet" }],
      ["2026-05-09", 139_810, "Sway bar link", "left front", "steering and suspension", 1680, { quoteMinor: 9800, warrantyUntil: "2028-05-09" }],
      ["2026-05-09", 139_810, "Sway bar link", "right front", "steering and suspension", 1680, { quoteMinor: 9800, warrantyUntil: "2028-05-09" }],
      ["2026-09-05", 145_020, "Engine oil and filter", "engine", "engine", 4390],
    ],
  },
  drover: {
    unit: "mi",
    rows: [
      ["2022-12-10", 109_520, "Engine oil and filter", "engine", "engine", 5480],
      ["2023-05-20", 112_190, "Transfer case oil", "underneath", "gearbox and drive", 2960],
      ["2023-07-08", 113_020, "Rear differential oil", "rear", "gearbox and drive", 3180],
      ["2023-10-14", 114_700, "Battery", "engine", "starting and charging", 12_900],
      ["2024-01-27", 116_640, "Engine oil and filter", "engine", "engine", 5620],
      ["2024-06-15", 119_080, "Exhaust clamp", "underneath", "exhaust", 720],
      ["2024-09-14", 120_520, "Radiator hose, top", "engine", "cooling", 2340, { quoteMinor: 16_500, note: "Clamp screw rusted solid: cut off, new one fitted" }],
      ["2025-02-01", 122_660, "Engine oil and filter", "engine", "engine", 5710],
      ["2025-05-31", 124_440, "Leaf spring bushes", "left rear", "steering and suspension", 2780, { count: 3 }],
      ["2025-05-31", 124_440, "Leaf spring bushes", "right rear", "steering and suspension", 2780, { count: 3 }],
      ["2025-10-18", 126_700, "Tail lamp", "right rear", "lights and electrics", 3120],
      ["2026-03-28", 128_890, "Engine oil and filter", "engine", "engine", 5830],
      ["2026-07-25", 130_470, "Fuel filter", "underneath", "ignition and fuel", 2460],
    ],
  },
  minnow: {
    unit: "km",
    rows: [
      ["2023-01-14", 23_240, "Wiper blade, rear", "rear", "body and cabin", 980],
      ["2023-07-15", 28_310, "Engine oil and filter", "engine", "engine", 3120],
      ["2023-12-09", 32_020, "Cabin filter", "cabin", "body and cabin", 990],
      ["2024-07-06", 38_110, "Engine oil and filter", "engine", "engine", 3240],
      ["2024-11-16", 41_890, "Air filter", "engine", "ignition and fuel", 1260],
      ["2025-06-21", 48_120, "Engine oil and filter", "engine", "engine", 3310],
      ["2025-09-27", 50_720, "Tyre", "left rear", "wheels", 5900],
      ["2025-09-27", 50_720, "Tyre", "right rear", "wheels", 5900],
      ["2026-04-18", 56_290, "Spark plugs", "engine", "ignition and fuel", 2760, { count: 3 }],
      ["2026-06-27", 58_020, "Engine oil and filter", "engine", "engine", 3420],
      ["2026-11-08", 61_075, "Engine mount, right", "engine", "engine", 6420, { jobId: "demo-engine-mount", warrantyUntil: "2028-11-08", partNumber: "EM-2071" }],
    ],
  },
};

export const replacements: Replacement[] = Object.entries(ROWS).flatMap(([vehicle, { unit, rows }]) =>
  rows.map(([on, value, part, place, system, priceMinor, more], i) => ({
    ...demo(`${vehicle}-replaced-${i + 1}`),
    vehicleId: `demo-${vehicle}`,
    part,
    place,
    system,
    count: 1,
    on,
    odometer: { value, unit },
    priceMinor,
    ...more,
  })),
);

export const followUps: FollowUp[] = [
  {
    ...demo("hire-return"),
    vehicleId: "demo-minnow",
    jobId: "demo-engine-mount",
    kind: "return hire",
    text: "Return the hired engine support",
    dueOn: "2026-11-26",
    state: "open",
  },
  {
    ...demo("mount-look"),
    vehicleId: "demo-minnow",
    jobId: "demo-engine-mount",
    kind: "other",
    text: "Look at the new mount again",
    dueAt: { value: 62_000, unit: "km" },
    state: "open",
  },
  { ...demo("drover-soak"), vehicleId: "demo-drover", jobId: "demo-starter", kind: "other", text: "Soak the starter bolts the evening before", dueOn: "2026-12-04", state: "open" },
  { ...demo("wren-alignment"), vehicleId: "demo-wren", kind: "alignment", text: "Book a wheel alignment", dueOn: "2026-05-16", state: "done", closedOn: "2026-05-15" },
];
