import type { Reading, Vehicle } from "@/core/model/vehicle";
import { demo, figure } from "./authoring";

export const vehicles: Vehicle[] = [
  {
    ...demo("wren", "2022-11-19"),
    name: "Wren estate",
    year: 2013,
    engine: "1.6 petrol",
    driven: "front",
    distanceUnit: "km",
    torqueUnit: "N.m",
    kerbWeightKg: 1310,
    frontShare: 0.59,
    wheelbaseMm: 2640,
    standInsetMm: { front: 380, rear: 340 },
    wheelTorque: figure("110 Nm"),
    fluids: [
      { name: "Engine oil", capacityMl: 4000 },
      { name: "Coolant", capacityMl: 6200 },
      { name: "Brake fluid", capacityMl: 800 },
    ],
    notes: "Driven every day. Stiff wheel bolts after winter: brush the threads.",
  },
  {
    ...demo("drover", "2022-12-03"),
    name: "Drover pickup",
    year: 2006,
    engine: "4.0 petrol 4×4",
    driven: "all",
    distanceUnit: "mi",
    torqueUnit: "lbf.ft",
    kerbWeightKg: 1930,
    frontShare: 0.56,
    wheelbaseMm: 3240,
    standInsetMm: { front: 250, rear: 0 },
    wheelTorque: figure("83 lb-ft"),
    notes: "Rusty underneath. Soak everything the evening before.",
  },
  {
    ...demo("minnow", "2022-12-10"),
    name: "Minnow city car",
    year: 2017,
    engine: "1.0 petrol",
    driven: "front",
    distanceUnit: "km",
    torqueUnit: "N.m",
    kerbWeightKg: 940,
    frontShare: 0.62,
    wheelbaseMm: 2340,
    standInsetMm: { front: 300, rear: 280 },
    wheelTorque: figure("100 Nm"),
  },
];

const readingsOf: Record<string, { unit: Reading["distance"]["unit"]; read: [on: string, value: number][] }> =
  {
    wren: {
      unit: "km",
      read: [
        ["2022-11-19", 87_360],
        ["2023-04-08", 93_240],
        ["2023-09-16", 99_890],
        ["2024-03-02", 107_010],
        ["2024-08-24", 114_480],
        ["2025-02-15", 121_730],
        ["2025-07-12", 127_900],
        ["2026-01-10", 135_600],
        ["2026-06-20", 142_260],
        ["2026-11-21", 148_210],
      ],
    },
    drover: {
      unit: "mi",
      read: [
        ["2022-12-03", 109_400],
        ["2023-06-17", 112_650],
        ["2024-01-20", 116_510],
        ["2024-09-07", 120_390],
        ["2025-05-24", 124_320],
        ["2026-02-14", 128_110],
        ["2026-11-14", 131_940],
      ],
    },
    minnow: {
      unit: "km",
      read: [
        ["2022-12-10", 22_180],
        ["2023-07-01", 27_940],
        ["2024-02-10", 33_620],
        ["2024-10-19", 41_050],
        ["2025-06-14", 47_900],
        ["2026-03-07", 55_180],
        ["2026-11-08", 61_075],
      ],
    },
  };

export const readings: Reading[] = Object.entries(readingsOf).flatMap(([vehicle, { unit, read }]) =>
  read.map(([on, value], i) => ({
    ...demo(`${vehicle}-reading-${i + 1}`),
    vehicleId: `demo-${vehicle}`,
    distance: { value, unit },
    on,
  })),
);
