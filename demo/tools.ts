import type { SquareDrive } from "@/core/model/square-drive";
import type { Tool } from "@/core/model/tool";
import { demo, head } from "./authoring";

const slug = (text: string) => text.toLowerCase().replace(/[^a-z0-9]+/g, "-");

function sockets(drive: SquareDrive, sizes: string[], deep = false): Tool[] {
  return sizes.map((size) => ({
    ...demo(`socket-${slug(drive)}-${slug(size)}${deep ? "-deep" : ""}`),
    kind: "socket",
    name: `${size}${/^[\d/]+$/.test(size) && !size.includes("/") ? " mm" : ""} ${deep ? "deep " : ""}socket`,
    drive,
    head: head(size),
    ...(deep ? { deep } : {}),
  }));
}

function spanners(sizes: string[]): Tool[] {
  return sizes.map((size) => ({
    ...demo(`spanner-${size}`),
    kind: "spanner",
    name: `${size} mm combination spanner`,
    head: head(size),
    form: "combination",
    set: "Spanner roll",
  }));
}

function consumable(id: string, name: string, value: number, unit: "mL" | "g" | "pieces"): Tool {
  return { ...demo(`supply-${id}`), kind: "consumable", name, left: { value, unit } };
}

function special(id: string, name: string): Tool {
  return { ...demo(id), kind: "special tool", name };
}

const owned: Tool[] = [
  {
    ...demo("wrench-inch-pound"),
    kind: "torque wrench",
    name: "Little click wrench",
    works: "click",
    drive: "1/4",
    unit: "lbf.in",
    min: 30,
    max: 150,
    step: 1,
    gripLengthMm: 240,
    checkedOn: "2025-09-06",
  },
  {
    ...demo("wrench-foot-pound"),
    kind: "torque wrench",
    name: "Old foot-pound wrench",
    works: "click",
    drive: "3/8",
    unit: "lbf.ft",
    min: 10,
    max: 75,
    step: 0.5,
    gripLengthMm: 380,
    checkedOn: "2021-05-15",
  },
  {
    ...demo("wrench-newton-metre"),
    kind: "torque wrench",
    name: "Long click wrench",
    works: "click",
    drive: "1/2",
    unit: "N.m",
    min: 40,
    max: 210,
    step: 1,
    accuracy: 0.03,
    gripLengthMm: 455,
    checkedOn: "2026-04-18",
  },
  ...sockets("1/4", ["5.5", "6", "7", "8", "10", "T20", "T25", "T30"]),
  ...sockets("3/8", [
    "8",
    "10",
    "11",
    "12",
    "13",
    "14",
    "16",
    "17",
    "E10",
    "E12",
    "5 mm key",
    "6 mm key",
    "1/2",
    "9/16",
    "5/8",
  ]),
  ...sockets("3/8", ["16"], true),
  ...sockets("1/2", ["13", "15", "17", "18", "19", "21", "22", "24", "13/16"]),
  ...spanners(["8", "10", "11", "12", "13", "14", "16", "17", "19"]),
  {
    ...demo("crowfoot-16"),
    kind: "crowfoot",
    name: "16 mm crowfoot",
    drive: "3/8",
    head: head("16"),
    offsetMm: 45,
  },
  {
    ...demo("crowfoot-13"),
    kind: "crowfoot",
    name: "13 mm crowfoot",
    drive: "3/8",
    head: head("13"),
    offsetMm: 38,
  },
  { ...demo("adapter-12-38"), kind: "drive adapter", name: "1/2 to 3/8 adapter", from: "1/2", to: "3/8" },
  { ...demo("adapter-38-14"), kind: "drive adapter", name: "3/8 to 1/4 adapter", from: "3/8", to: "1/4" },
  { ...demo("extension-38-75"), kind: "extension", name: "Short extension", drive: "3/8", lengthMm: 75 },
  { ...demo("extension-38-250"), kind: "extension", name: "Long extension", drive: "3/8", lengthMm: 250 },
  {
    ...demo("extension-12-125"),
    kind: "extension",
    name: "Half-inch extension",
    drive: "1/2",
    lengthMm: 125,
  },
  { ...demo("ratchet-38"), kind: "bar or ratchet", name: "Middle ratchet", drive: "3/8", lengthMm: 200 },
  { ...demo("breaker-12"), kind: "bar or ratchet", name: "Breaker bar", drive: "1/2", lengthMm: 610 },
  {
    ...demo("stands"),
    kind: "stands",
    name: "Axle stands, 3 t the pair",
    count: 2,
    ratingPerStandKg: 1500,
    lowestMm: 275,
    highestMm: 420,
  },
  { ...demo("jack"), kind: "jack", name: "Trolley jack", ratingKg: 2000, lowestMm: 85, highestMm: 465 },
  special("chocks", "Wheel chocks"),
  special("goggles", "Safety glasses"),
  special("mask", "Dust mask"),
  special("pan", "Catch pan"),
  { ...special("gauge-plug", "Plug gap gauge"), lentTo: "next door" },
  consumable("gloves", "Gloves", 40, "pieces"),
  consumable("rags", "Rags", 18, "pieces"),
  consumable("brake-fluid", "Brake fluid", 1000, "mL"),
  consumable("brake-cleaner", "Brake cleaner", 900, "mL"),
  consumable("brake-grease", "Brake grease", 12, "g"),
  consumable("penetrant", "Penetrant", 250, "mL"),
  consumable("locker", "Threadlocker, medium", 7, "mL"),
  consumable("gasket-cleaner", "Gasket cleaner", 40, "mL"),
];

/** What some of it cost; the rest was inherited or is forgotten. */
const PRICES: Record<string, number> = {
  "demo-jack": 6900,
  "demo-stands": 3400,
  "demo-breaker-12": 2100,
  "demo-wrench-inch-pound": 5900,
  "demo-wrench-newton-metre": 6400,
};

export const tools: Tool[] = owned.map((tool) =>
  PRICES[tool.id] === undefined ? tool : { ...tool, priceMinor: PRICES[tool.id] },
);
