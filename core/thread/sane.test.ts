import fc from "fast-check";
import { InputError } from "../input-error";
import { readHeadSize } from "../quantity/read-head-size";
import { readTorque } from "../quantity/read-torque";
import { TORQUE_UNITS } from "../quantity/torque-unit";
import { capScrewKey, threadsOfHead, usualHexagonMm } from "./head-threads";
import { preloadN, proofLoadN } from "./preload";
import { type Joint, type SaneVerdict, judgeTorque, nominal, plausibleBandNm, sayJudgement } from "./sane";
import { STRENGTH_CLASSES, type StrengthClass, strengthOf } from "./strength";
import { tapDrillMm } from "./tap-drill";
import { formatThread, readThread } from "./thread";

const on = (thread: string, more: Partial<Joint> = {}): Joint => ({ threads: [readThread(thread)], ...more });
const judge = (torque: string, joint: Joint) => judgeTorque(readTorque(torque), joint);
const say = (torque: string, joint: Joint) => sayJudgement(readTorque(torque), judge(torque, joint));

test("the plausible band of an M6, worked by hand", () => {
  // 4.6: 0.12 · 6 mm · 0.4 · 225 N/mm² · 20.123 mm². 12.9: 0.22 · 6 mm · 0.9 · 970 N/mm² · 20.123 mm².
  const [floor, ceiling] = plausibleBandNm(readThread("M6"));
  expect(floor).toBeCloseTo(1.304, 3);
  expect(ceiling).toBeCloseTo(23.19, 2);
  // Known to be 8.8 and oiled (K 0.14 to 0.18): 0.4 · 580 · 20.123 = 4668.5 N and 0.9 · 580 · 20.123 = 10504
  // N.
  const known = plausibleBandNm(readThread("M6"), { strength: "8.8", nutFactor: [0.14, 0.18] });
  expect(known[0]).toBeCloseTo(3.922, 3);
  expect(known[1]).toBeCloseTo(11.345, 3);
});

// Torques that published tables give for the thread (ISO-class bolts, dry to lightly oiled; wheel and cover
// practice).
test.each<[string, Joint, SaneVerdict]>([
  ["12 Nm", on("M6"), "fits"],
  ["110 Nm", on("M12x1.5"), "fits"],
  ["40 Nm", on("M10"), "fits"],
  ["25 Nm", on("M8"), "fits"],
  ["31 ft lb", on("3/8-16"), "fits"],
  ["76 ft lb", on("1/2-13"), "fits"],
  ["106 lb ft", on("M6"), "too much"],
  ["10 lb in", on("M14"), "too little"],
  ["110 kgf m", on("M12"), "too much"],
  ["5000 Nm", on("M6"), "too much"],
  ["20 Nm", on("M6", { strength: "4.6" }), "too much"],
  ["12 Nm", on("M6", { into: "aluminium" }), "only the maker knows"],
  ["30 Nm", on("M6", { into: "plastic" }), "too much"],
  ["12 Nm", on("M6", { into: "aluminium", maximumNm: 10 }), "above the maximum"],
  ["9 Nm", on("M6", { into: "aluminium", maximumNm: 10 }), "fits"],
  ["10 Nm", on("M6", { into: "plastic", maximumNm: 10 }), "fits"],
  ["0.2 Nm", on("M6", { into: "plastic", maximumNm: 10 }), "too little"],
  ["60 Nm", { threads: threadsOfHead(readHeadSize("13")) }, "fits some"],
  ["20 Nm", { threads: threadsOfHead(readHeadSize("13")) }, "fits"],
  ["300 Nm", { threads: threadsOfHead(readHeadSize("13")) }, "too much"],
])("%s on %j: %s", (torque, joint, verdict) => {
  expect(judge(torque, joint).verdict).toBe(verdict);
});

test.each([
  [
    "106 lb ft",
    on("M6"),
    "106 lb·ft would break an M6. As 106 lb·in it is 12.0 N·m, which fits. Look it up before you use it.",
  ],
  ["10 lb in", on("M14"), "10 lb·in would leave an M14 loose."],
  ["110 kgf m", on("M12"), "110 kgf·m would break an M12. 110 N·m (81.1 lb·ft) or"],
  ["5000 Nm", on("M6"), "5000 N·m would break an M6. Look the figure up again."],
  [
    "31 lb in",
    on("3/8-16"),
    "31 lb·in would leave a 3/8-16 loose. 31 lb·ft (42 N·m) or 31 N·m (22.9 lb·ft) may be meant",
  ],
  [
    "400 Nm",
    { threads: threadsOfHead(readHeadSize("13")) },
    "400 N·m would break any thread that such a head usually has (M8 or M9 or M10).",
  ],
  [
    "0.1 Nm",
    { threads: threadsOfHead(readHeadSize("13")) },
    "0.1 N·m would leave any thread that such a head usually has loose (M8 or M9 or M10).",
  ],
  ["12 Nm", on("M6", { maximumNm: 10 }), "12 N·m is above the most that the maker allows."],
])("%s on %j is said: %s", (torque, joint, says) => {
  expect(say(torque, joint)).toContain(says);
});

test("what is known of the thread's state narrows the band and what is usual", () => {
  expect(judge("89 lb ft", on("M6", { nutFactor: [0.14, 0.18], strength: "8.8" })).meant).toMatchObject({
    unit: "lbf.in",
  });
});

test("nothing is said against a figure that fits", () => {
  expect(say("25 Nm", on("M8"))).toBeUndefined();
  expect(say("60 Nm", { threads: threadsOfHead(readHeadSize("13")) })).toBeUndefined();
});

test("what cannot be judged is refused in a sentence", () => {
  expect(() => judge("20 Nm", { threads: [] })).toThrow("No thread is known");
  expect(() => judge("20 Nm", on("M6", { maximumNm: 0 }))).toThrow("more than zero");
  expect(() => judge("20 Nm", on("M30x2", { strength: "A2-70" }))).toThrow(
    "not defined for a thread this thick",
  );
  expect(() => strengthOf("8.8", Number.NaN)).toThrow(InputError);
});

test("a finite torque always gets a verdict, and only a lower one follows a lower torque", () => {
  const rank: Record<SaneVerdict, number> = {
    "too little": 0,
    fits: 1,
    "fits some": 1,
    "past proof": 1,
    "more than the hole": 1,
    "only the maker knows": 1,
    "above the maximum": 2,
    "too much": 2,
  };
  const torque = fc.record({
    value: fc.double({ min: 1e-3, max: 1e6, noNaN: true }),
    unit: fc.constantFrom(...TORQUE_UNITS),
    decimals: fc.constant(1),
  });
  fc.assert(
    fc.property(
      torque,
      fc.constantFrom("M3", "M8", "M12x1.5", "M24", "No. 8-32", "3/4-16"),
      (given, thread) => {
        const higher = judgeTorque({ ...given, value: given.value * 1.5 }, on(thread)).verdict;
        expect(rank[judgeTorque(given, on(thread)).verdict]).toBeLessThanOrEqual(rank[higher]);
      },
    ),
  );
});

// ISO 898-1:2013 tables 5 to 8 print proof loads in newtons; SAE J429 in pounds.
test.each<[string, StrengthClass, number]>([
  ["M6", "4.6", 4520],
  ["M8", "5.8", 13_900],
  ["M10", "8.8", 33_700],
  ["M16", "8.8", 91_000],
  ["M20", "8.8", 147_000],
  ["M12", "10.9", 70_000],
  ["M8", "12.9", 35_500],
  ["3/8-16", "grade 5", 6600 * 4.4482216],
  ["1/2-13", "grade 8", 17_050 * 4.4482216],
  ["1/4-20", "grade 2", 1750 * 4.4482216],
])("an %s of class %s is proofed to %d N", (thread, strength, load) => {
  expect(proofLoadN(readThread(thread), strength) / load).toBeCloseTo(1, 2);
});

test("a class's name gives its strength: 8.8 is 800 N/mm² breaking at least, yielding at 0.8 of it", () => {
  for (const strength of STRENGTH_CLASSES) {
    const { proof, yield: yields } = strengthOf(strength, 10);
    expect(proof).toBeLessThanOrEqual(yields);
    expect(proof / yields).toBeGreaterThan(0.85);
    const named = /^(\d+)\.(\d)$/.exec(strength);
    if (named) expect(yields / (Number(named[1]) * 10 * Number(named[2]))).toBeGreaterThanOrEqual(1);
  }
});

test("clamping force of 40 N·m on a dry M10, by hand: 40 / (0.17 · 0.010) and 40 / (0.22 · 0.010)", () => {
  const [low, high] = preloadN([40, 40], [0.17, 0.22], readThread("M10"));
  expect(low).toBeCloseTo(18_181.8, 1);
  expect(high).toBeCloseTo(23_529.4, 1);
  expect(() => preloadN([0, 40], [0.17, 0.22], readThread("M10"))).toThrow("more than zero");
  expect(() => preloadN([40, 40], [0, 0.22], readThread("M10"))).toThrow("more than zero");
});

test.each([
  ["13", "M8 M9 M10"],
  ["17", "M10 M11 M12 M14"],
  ["10", "M6 M8"],
  ["1/2", "5/16 in"],
  ["9/16", "3/8 in"],
  ["1/4", "No. 8 in"],
  ["T30", "M6"],
  ["T45", "M8"],
  ["E12", "M10"],
  ["M12 spline", "M12"],
  ["6 mm key", "M8 M10 M12"],
  ["hex 3/8 in", "7/16 in 1/2 in"],
  ["33", ""],
])("a head of %s usually has the threads %s", (head, threads) => {
  expect([...new Set(threadsOfHead(readHeadSize(head)).map(nominal))].join(" ")).toBe(threads);
});

test("the usual hexagon and key of a thread, from the wall chart", () => {
  expect(["M6", "M8", "M10", "M12", "M24"].map((thread) => usualHexagonMm(readThread(thread)))).toEqual([
    10, 13, 16, 18, 36,
  ]);
  expect(usualHexagonMm(readThread("3/8-16"))).toBeCloseTo(14.2875, 6);
  expect([
    usualHexagonMm(readThread("M27")),
    usualHexagonMm(readThread("M30x2")),
    usualHexagonMm(readThread("M33x2")),
    usualHexagonMm(readThread("1 1/8-12")),
  ]).toEqual([41, 46, undefined, undefined]);
  expect(["M5", "M8", "M12"].map((thread) => capScrewKey(readThread(thread))?.size)).toEqual([4, 6, 10]);
  expect(capScrewKey(readThread("1/4-20"))).toEqual({ profile: "hexagon key", size: 3 / 16, unit: "in" });
  expect(capScrewKey(readThread("M33x2"))).toBeUndefined();
});

// ISO 2306 in mm; ASME B94.11M numbered and lettered drills in inches: No. 29, No. 7, F, 5/16, 27/64, 21/32.
test.each([
  ["M4", 3.3],
  ["M6", 5],
  ["M8", 6.8],
  ["M10", 8.5],
  ["M12", 10.2],
  ["M10x1.25", 8.8],
  ["M12x1.5", 10.5],
  ["M3x0.35", 2.65],
])("%s is drilled %d mm", (thread, drill) => {
  expect(tapDrillMm(readThread(thread))).toBe(drill);
});
test.each([
  ["No. 8-32", 0.136],
  ["1/4-20", 0.201],
  ["5/16-18", 0.257],
  ["3/8-16", 0.3125],
  ["1/2-13", 0.4219],
  ["3/4-10", 0.6563],
])("%s is drilled about %d in", (thread, inches) => {
  expect(Math.abs(tapDrillMm(readThread(thread)) - inches * 25.4)).toBeLessThan(0.25);
  expect(formatThread(readThread(thread))).toBe(thread);
});

test("a head of twelve points has threads of its own, metric and inch", () => {
  expect([...new Set(threadsOfHead(readHeadSize("10 mm 12pt")).map(nominal))]).toEqual(["M8"]);
  expect([...new Set(threadsOfHead(readHeadSize("3/8 12pt")).map(nominal))]).toEqual(["3/8 in"]);
});

test.each(["cross-head 2", "6 mm slot", "3/8 square", "8 mm square"])("no thread is told by %s", (text) => {
  expect(threadsOfHead(readHeadSize(text))).toEqual([]);
});
