import type { Offer } from "@/core/model/offer";

/** One thing on the shelf before it has a price tag: about what it costs, in minor units. */
export interface Shelved {
  kind: Offer["kind"];
  title: string;
  about: number;
  holds: string[];
  depositMinor?: number;
}

const single = (title: string, about: number, ...holds: string[]): Shelved => ({
  kind: "single",
  title,
  about,
  holds,
});
const set = (title: string, about: number, ...holds: string[]): Shelved => ({
  kind: "set",
  title,
  about,
  holds,
});
const pack = (name: string, about: number, amount: string): Shelved => ({
  kind: "pack",
  title: `${name}, ${amount}`,
  about,
  holds: [`${name} ${amount}`],
});
const hire = (title: string, aDay: number, depositMinor: number, ...holds: string[]): Shelved => ({
  kind: "hire",
  title: `${title}, by the day`,
  about: aDay,
  depositMinor,
  holds,
});

const from = (start: number, end: number) => Array.from({ length: end - start + 1 }, (_, i) => start + i);

function sockets(drive: string, sizes: readonly (number | string)[], about: number, more = ""): Shelved[] {
  return sizes.map((size, i) =>
    single(
      `${size}${typeof size === "number" ? " mm" : ""} ${more}socket, ${drive} in`,
      about + i * 12,
      `${drive} ${more}socket ${size}`,
    ),
  );
}

function bits(drive: string, sizes: readonly string[], about: number): Shelved[] {
  return sizes.map((size, i) => single(`${size} bit, ${drive} in`, about + i * 20, `${drive} bit ${size}`));
}

const HEADS: Shelved[] = [
  ...sockets("1/4", [4, 4.5, 5, 5.5, ...from(6, 13)], 290),
  ...sockets("3/8", from(6, 22), 390),
  ...sockets("3/8", from(8, 19), 590, "deep "),
  ...sockets("1/2", [...from(10, 24), 27, 30, 32, 34, 36], 560),
  ...sockets("1/2", [17, 19, 21, 22], 980, "impact "),
  ...sockets(
    "3/8",
    ["5/16 in", "3/8 in", "7/16 in", "1/2 in", "9/16 in", "5/8 in", "11/16 in", "3/4 in"],
    420,
  ),
  ...sockets("3/8", ["E5", "E6", "E7", "E8", "E10", "E11", "E12", "E14"], 520),
  ...bits("1/4", ["T10", "T15", "T20", "T25", "T27", "T30", "T40"], 480),
  ...bits("3/8", ["T27", "T30", "T40", "T45", "T50", "T55", "T60"], 540),
  ...from(4, 10).map((size) =>
    single(`${size} mm hexagon bit, 3/8 in`, 520 + size * 10, `3/8 hex bit ${size}`),
  ),
  ...["M6", "M8", "M10", "M12", "M14"].map((size) =>
    single(`${size} spline bit, 1/2 in`, 780, `1/2 bit ${size} spline`),
  ),
  ...[...from(6, 19), 21, 22, 24, 27, 30, 32].map((size) =>
    single(`${size} mm combination spanner`, 380 + size * 32, `combination spanner ${size}`),
  ),
  ...[8, 9, 10, 11, 12, 13, 14, 17].map((size) =>
    single(`${size} mm flare spanner`, 820 + size * 14, `flare spanner ${size}`),
  ),
  ...from(8, 14).map((size) =>
    single(`${size} mm crowfoot, 1/4 in`, 760 + size * 12, `1/4 crowfoot ${size} offset ${size + 18}`),
  ),
  ...[10, 11, 12, 13, 14, 15, 16, 17, 18, 19].map((size) =>
    single(`${size} mm crowfoot, 3/8 in`, 790 + size * 14, `3/8 crowfoot ${size} offset ${size + 24}`),
  ),
  ...[10, 11, 12, 13, 14].map((size) =>
    single(
      `${size} mm flare crowfoot, 3/8 in`,
      1080 + size * 10,
      `3/8 flare crowfoot ${size} offset ${size + 15}`,
    ),
  ),
  ...[1.5, 2, 2.5, 3, 4, 5, 6, 8, 10].map((size) =>
    single(`${size} mm hexagon key`, 110 + size * 24, `hex key ${size}`),
  ),
];

const SETS: Shelved[] = [
  set("Quarter-inch sockets 4 to 13", 2290, "1/4 sockets 4 4.5 5 5.5 6-13"),
  set("Three-eighths sockets 8 to 19", 3190, "3/8 sockets 8-19"),
  set("Three-eighths deep sockets 8 to 19", 4490, "3/8 deep sockets 8-19"),
  set("Half-inch sockets 10 to 32", 6290, "1/2 sockets 10-24", "1/2 sockets 27 30 32"),
  set("Wheel socket set, impact", 2990, "1/2 impact sockets 17 19 21"),
  set("Inch sockets 5/16 to 3/4", 2790, "3/8 sockets 5/16-3/4 in"),
  set("Six-lobe set, 22 pieces", 2390, "1/4 T10-T40", "3/8 T45-T60", "3/8 E5-E14"),
  set("Hexagon bit set, 7 pieces", 2190, "3/8 hex bits 4-10"),
  set("Spline bit set, 5 pieces", 2690, "1/2 bits M6 M8 M10 M12 M14 spline"),
  set("Combination spanners 6 to 19", 4990, "combination spanners 6-19"),
  set("Flare spanners 8 to 17, 4 pieces", 3690, "flare spanners 8 10 11 13"),
  set("Crowfoot set 10 to 19, 3/8 in", 6390, "3/8 crowfoot 10-19 offset 40"),
  set("Hexagon keys 1.5 to 10", 1290, "hex keys 1.5 2 2.5 3-6 8 10"),
  set("Extensions, 3/8 in, 3 pieces", 1490, "3/8 extensions 75 150 250"),
  set(
    "Drive adapters, 4 pieces",
    1190,
    "adapter 1/4 to 3/8",
    "adapter 3/8 to 1/4",
    "adapter 3/8 to 1/2",
    "adapter 1/2 to 3/8",
  ),
];

const DRIVES: Shelved[] = [
  ...[75, 150, 250].flatMap((mm) =>
    ["1/4", "3/8", "1/2"].map((drive) =>
      single(`${drive} in extension, ${mm} mm`, 420 + mm * 2, `${drive} extension ${mm}`),
    ),
  ),
  ...[
    ["1/4", "3/8"],
    ["3/8", "1/4"],
    ["3/8", "1/2"],
    ["1/2", "3/8"],
    ["1/2", "3/4"],
    ["3/4", "1/2"],
  ].map(([a, b]) => single(`Adapter ${a} to ${b} in`, 460, `adapter ${a} to ${b}`)),
  ...[
    ["1/4", 150],
    ["3/8", 200],
    ["1/2", 260],
  ].map(([drive, mm]) => single(`${drive} in ratchet`, 1890 + Number(mm) * 4, `${drive} ratchet ${mm}`)),
  ...[
    ["3/8", 450],
    ["1/2", 610],
    ["1/2", 800],
    ["3/4", 1000],
  ].map(([drive, mm]) =>
    single(`${drive} in breaker bar, ${mm} mm`, 1290 + Number(mm) * 3, `${drive} breaker bar ${mm}`),
  ),
  single("Angle gauge, 1/2 in", 1450, "angle gauge 1/2"),
  single("Universal joint, 3/8 in", 990, "3/8 universal joint"),
  single("Multiplier 4:1", 11900, "multiplier 1/2 to 3/4, 4:1, 90 %"),
  single("Torque wrench 2 to 25 N·m", 6490, "torque wrench 1/4 2-25 Nm by 0.1 grip 220"),
  single("Torque wrench 10 to 60 N·m", 7290, "torque wrench 3/8 10-60 Nm by 0.5 grip 320"),
  single("Torque wrench 40 to 210 N·m", 7990, "torque wrench 1/2 40-210 Nm by 1 grip 455"),
  single("Torque wrench 70 to 350 N·m", 12900, "torque wrench 1/2 70-350 Nm by 1 grip 560"),
];

const OTHER: Shelved[] = [
  single("Axle stands, two of 1500 kg", 4490, "2 stands 1500 kg each 275-420 mm"),
  single("Axle stands, two of 3000 kg", 7490, "2 stands 3000 kg each 300-450 mm"),
  single("Trolley jack 2 t", 8990, "jack 2000 kg 85-465 mm"),
  single("Trolley jack 3 t", 13900, "jack 3000 kg 95-500 mm"),
  single("Wheel chocks, two", 1290, "wheel chocks"),
  single("Safety glasses", 690, "safety glasses"),
  single("Dust mask", 490, "dust mask"),
  single("Catch pan 8 L", 990, "catch pan"),
  ...[
    ["Gloves", 590, "20 pieces"],
    ["Gloves", 1690, "100 pieces"],
    ["Rags", 490, "10 pieces"],
    ["Rags", 1190, "40 pieces"],
  ].map(([name, about, amount]) => pack(String(name), Number(about), String(amount))),
  ...[
    ["Brake cleaner", 490, "500 mL"],
    ["Brake cleaner", 3290, "5 L"],
    ["Brake fluid", 690, "500 mL"],
    ["Brake fluid", 1090, "1 L"],
    ["Brake grease", 390, "5 g"],
    ["Brake grease", 1290, "50 g"],
  ].map(([name, about, amount]) => pack(String(name), Number(about), String(amount))),
  ...[
    ["Gasket cleaner", 890, "200 mL"],
    ["Gasket cleaner", 1490, "400 mL"],
    ["Corner sealant", 790, "15 mL"],
    ["Corner sealant", 1690, "80 mL"],
    ["Terminal grease", 490, "20 g"],
    ["Penetrant", 690, "300 mL"],
  ].map(([name, about, amount]) => pack(String(name), Number(about), String(amount))),
  ...["low", "medium", "high"].flatMap((strength) => [
    pack(`Threadlocker ${strength}`, 790, "6 mL"),
    pack(`Threadlocker ${strength}`, 2490, "50 mL"),
  ]),
  ...[
    ["Anti-seize paste", 590, "20 g"],
    ["Oil for threads", 490, "100 mL"],
    ["Engine oil", 1190, "1 L"],
    ["Engine oil", 4490, "5 L"],
    ["Coolant", 990, "1.5 L"],
    ["Coolant", 2690, "5 L"],
    ["Gear oil", 1290, "1 L"],
    ["Lock wire", 890, "10 m"],
  ].map(([name, about, amount]) => pack(String(name), Number(about), String(amount))),
  hire("Torque wrench 70 to 350 N·m", 900, 8000, "torque wrench 1/2 70-350 Nm by 1 grip 560"),
  hire("Torque wrench 10 to 60 N·m", 1100, 5000, "torque wrench 3/8 10-60 Nm by 0.5 grip 320"),
  hire("Multiplier 4:1", 1200, 12000, "multiplier 1/2 to 3/4, 4:1, 90 %"),
  hire("Breaker bar 1000 mm, 3/4 in", 500, 3000, "3/4 breaker bar 1000"),
  hire("Axle stands, two of 3000 kg", 600, 4000, "2 stands 3000 kg each 300-450 mm"),
  hire("Trolley jack 3 t", 900, 8000, "jack 3000 kg 95-500 mm"),
  ...[1, 2, 3].map((size) =>
    single(`Cross-head ${size} screwdriver`, 390 + size * 60, `screwdriver cross-head ${size}`),
  ),
  ...[4, 6, 8].map((size) =>
    single(`Slotted screwdriver, ${size} mm`, 320 + size * 40, `slotted screwdriver ${size}`),
  ),
  ...[8, 10].map((size) => single(`${size} mm square bit, 3/8 in`, 690, `3/8 square bit ${size}`)),
  set("Screwdrivers, 6 pieces", 1690, "screwdrivers cross-head 1 2 3", "slotted screwdrivers 4 6 8"),
];

/** Everything on the shelf: tools, sets, packs, and what is hired out. */
export const SHELF: readonly Shelved[] = [...HEADS, ...SETS, ...DRIVES, ...OTHER];
