import type { Fastener } from "../model/job";
import { readHeadSize } from "../quantity/read-head-size";
import { readTorqueFigure } from "../quantity/read-torque-figure";
import { formatTorque } from "../quantity/torque-quantity";
import type { TorqueUnit } from "../quantity/torque-unit";
import { kindOfName } from "../thread/fastener-kind";
import { strippingTorqueNm } from "../thread/hole";
import { formatThread, readThread } from "../thread/thread";
import { judgeFigure, kindOf, threadsOf } from "./judge-figure";

const fastener = (name: string, size: string, figure: string, more: Partial<Fastener> = {}): Fastener => ({
  id: "f",
  name,
  count: 1,
  ...(/^M/.test(size) ? { thread: readThread(size) } : { sizeToUndo: readHeadSize(size) }),
  figure: readTorqueFigure(figure),
  ...more,
});

// Torques that handbooks give for such fasteners: nothing is to be said against them.
test.each([
  ["Gearbox drain plug", "M18x1.5", "29 Nm"],
  ["Spark plugs", "M14x1.25", "15 Nm"],
  ["Oxygen sensor", "M18x1.5", "45 Nm"],
  ["Bearing preload nut", "M20x1.5", "12 Nm"],
  ["Ball joint castle nut", "M12x1.25", "40 Nm"],
  ["Crank sensor", "10 mm", "8 Nm"],
  ["Cylinder head bolts", "M10", "20 Nm + 90° + 90°"],
  // Its hexagon is that of no thread such a head usually has.
  ["Oil filter cap", "32 mm", "25 Nm"],
])("%s %s at %s is right", (name, size, figure) => {
  expect(judgeFigure(fastener(name, size, figure))).toBeUndefined();
});

test.each<[string, string, string, string[]]>([
  // A wheel bolt of M14 gets 110 to 180 N·m: 18 is ten times too little, and nothing says which slip it was.
  ["Wheel bolts", "M14x1.5", "18 Nm", ["18 kgf·m", "180 N·m"]],
  ["Cover bolts", "M6", "10 lb in", ["10 N·m", "10 lb·ft"]],
  ["Cover bolts", "M6", "106 lb in", []],
])("%s %s at %s may be meant as %j, and nothing is chosen", (name, size, figure, candidates) => {
  const judged = judgeFigure(fastener(name, size, figure));
  expect(judged?.judgement?.meant).toBeUndefined();
  expect((judged?.judgement?.candidates ?? []).map(formatTorque)).toEqual(candidates);
});

test("the unit that all else is in makes a slip into it likelier", () => {
  const first = (usual: TorqueUnit[]) =>
    judgeFigure(fastener("Bracket bolts", "M10", "33 lb in"), usual)?.judgement?.candidates[0]?.unit;
  expect([first(["N.m"]), first(["lbf.ft"])]).toEqual(["N.m", "lbf.ft"]);
});

test("passes that jump by more than six times are a slip even where each could be right", () => {
  expect(judgeFigure(fastener("Flange bolts", "M6", "35 lb in then 89 lb ft"))?.says).toBe(
    "35 lb·in (3.95 N·m) and then 89 lb·ft (121 N·m) is a jump of 31 times: one of the two is in the wrong unit. Look both up.",
  );
  expect(judgeFigure(fastener("Head bolts", "M10", "5 Nm then 40 Nm"))?.says).toContain(
    "a digit too many or too few",
  );
  expect(judgeFigure(fastener("Head bolts", "M10", "20 Nm then 40 Nm + 90°"))).toBeUndefined();
});

// ISO 898-1: an M10 of 8.8 is proofed to 33.6 kN. 57 N·m over K 0.12 to 0.22 is 26 to 47.5 kN, 77 to 141 % of
// it; 48 N·m is the tables' own figure.
test.each<[string, string | undefined]>([
  ["57 Nm", "to its proof or past it"],
  ["48 Nm", undefined],
])("an M10 of class 8.8 at %s: %p", (figure, says) => {
  const judged = judgeFigure(fastener("Bracket bolts", "M10", figure, { strength: "8.8" }));
  if (says === undefined) expect(judged).toBeUndefined();
  else expect(judged).toMatchObject({ grave: false, says: expect.stringContaining(says) });
});

test.each<[string, string, Fastener["into"], boolean]>([
  ["M6", "20 Nm", "plastic", true],
  ["M6", "3 Nm", "plastic", false],
  ["M6", "10 Nm", "aluminium", false],
  ["M8", "25 Nm", "aluminium", false],
  ["M8", "45 Nm", "aluminium", true],
  ["M5", "9 Nm", "sheet metal", true],
  ["M6", "7 Nm", "blind threaded insert", false],
  ["M6", "14 Nm", "blind threaded insert", true],
  ["M6", "20 Nm", "steel or cast iron", false],
])("an %s at %s into %s is more than its hole holds: %p", (size, figure, into, more) => {
  expect(
    judgeFigure(fastener("Clip bolts", size, figure, into ? { into } : {}))?.says.includes(
      "more than the hole",
    ) ?? false,
  ).toBe(more);
});

test("where only the head is known the hole is judged by the thickest thread that it may have", () => {
  expect(judgeFigure(fastener("Clip bolts", "10", "20 Nm", { into: "plastic" }))?.says).toContain(
    "the hole of M6 or M8",
  );
});

test("an M6 cut into plastic strips at about 5 N·m: 35 N/mm² over 0.6 of 6π mm, 12 mm deep, at K 0.18", () => {
  expect(strippingTorqueNm(readThread("M6"), "plastic")).toBeCloseTo(
    0.18 * 0.006 * 35 * 0.6 * Math.PI * 6 * 12,
    6,
  );
  expect(strippingTorqueNm(readThread("M6"), "plastic")).toBeCloseTo(5.1, 1);
  expect(strippingTorqueNm(readThread("M6"), "steel or cast iron")).toBeUndefined();
});

test.each([
  ["Sump plug", "plug"],
  ["Spark plugs", "spark or glow plug"],
  ["Sensor bolt", "bolt or nut"],
  ["Knock sensor", "sensor or switch"],
  ["Bleed screw", "bleed screw"],
  ["Brake pipe unions", "pipe union"],
  ["Flare nut", "pipe union"],
  ["Hose banjo bolt", "banjo bolt"],
  ["Bearing preload nut", "bearing adjuster"],
  ["Rod end castle nut", "castle nut"],
  ["Wheel nuts", "wheel bolt or nut"],
  ["Wheel cylinder bolts", "bolt or nut"],
  ["Lug nuts", "wheel bolt or nut"],
  ["Cable lug nut", "bolt or nut"],
  ["Steering wheel nut", "bolt or nut"],
  ["Jockey wheel bolts", "bolt or nut"],
  ["Exhaust pipe nuts", "bolt or nut"],
  ["Brake pipe nut, left", "pipe union"],
  ["Cover", "bolt or nut"],
])("%s is a %s", (name, kind) => {
  expect(kindOfName(name)).toBe(kind);
});

test("what holds a wheel is a wheel bolt whatever it is called, and a small head on a sensor is its screw", () => {
  expect(kindOf(fastener("Bolts", "17", "110 Nm", { role: "wheel" }))).toBe("wheel bolt or nut");
  expect(kindOf(fastener("Speed sensor", "10", "8 Nm"))).toBe("bolt or nut");
  expect(kindOf(fastener("Oxygen sensor", "22", "45 Nm"))).toBe("sensor or switch");
});

test("small heads hold a sensor by its screw, in inches and by number too", () => {
  expect(["3/8", "T30", "7/8"].map((size) => kindOf(fastener("Speed sensor", size, "8 Nm")))).toEqual([
    "bolt or nut",
    "bolt or nut",
    "sensor or switch",
  ]);
  expect(kindOf({ id: "f", name: "Speed sensor", count: 1 })).toBe("sensor or switch");
});

test("where no thread is written down the kind's usual threads are taken, or those of them that the head fits", () => {
  expect(threadsOf(fastener("Sump plug", "17", "30 Nm")).length).toBe(7);
  expect([
    ...new Set(
      threadsOf(fastener("Wheel bolts", "17", "110 Nm")).map((thread) => formatThread(thread).slice(0, 3)),
    ),
  ]).toEqual(["M12", "M14"]);
  expect(threadsOf(fastener("Wheel bolts", "10", "110 Nm")).length).toBe(4);
});

test("what comes before an angle need not hold by itself, within three times; a slip beyond that is told", () => {
  expect(judgeFigure(fastener("Head bolts", "M12", "5 Nm + 90°"))).toBeUndefined();
  expect(judgeFigure(fastener("Head bolts", "M12", "2 Nm + 90°"))?.grave).toBe(true);
  expect(judgeFigure(fastener("Head bolts", "M10", "20 Nm, 40 Nm + 90°"))).toBeUndefined();
  expect(judgeFigure(fastener("Head bolts", "M10", "4 Nm, 40 Nm + 90°"))?.says).toContain("jump of 10 times");
  expect(judgeFigure(fastener("Clip", "M6", "20 Nm + 90°", { into: "plastic" }))?.says).toContain(
    "more than the hole",
  );
});

test("a thread beyond the tables of strength is said to be unchecked, and nothing worse", () => {
  expect(judgeFigure(fastener("Hub nut", "M64x6", "500 Nm"))).toEqual({
    says: expect.stringContaining("its figure is not checked"),
    grave: false,
  });
});

test("the gravest of a range's two ends is told", () => {
  expect(judgeFigure(fastener("Bolts", "M6", "20-106 Nm"))?.torque?.value).toBe(106);
  expect(judgeFigure(fastener("Bracket bolts", "M10", "54-57 Nm", { strength: "8.8" }))).toMatchObject({
    grave: false,
  });
});

test("a class that is not defined for the thread, and a fastener without a size, tell nothing", () => {
  expect(judgeFigure(fastener("Bolt", "M30x2", "210 Nm", { strength: "A2-70" }))).toBeUndefined();
  expect(
    judgeFigure({ id: "f", name: "Bolt", count: 1, figure: readTorqueFigure("5000 Nm") }),
  ).toBeUndefined();
  expect(judgeFigure({ id: "f", name: "Bolt", count: 1 })).toBeUndefined();
});
