import fc from "fast-check";
import { InputError } from "../input-error";
import { readTorque } from "./read-torque";
import { readTorqueFigure } from "./read-torque-figure";
import { readTorqueUnit } from "./read-torque-unit";
import { FITTINGS, type Move, type TorqueFigure, torqueFigureSchema } from "./torque-figure";
import { quantityNm } from "./torque-quantity";
import { TORQUE_UNITS, type TorqueUnit } from "./torque-unit";
import { figureInWords, formatFigure } from "./torque-words";

const q = (value: number, unit: TorqueUnit, decimals = 0) => ({ value, unit, decimals });
const steps = (...moves: Move[]): TorqueFigure => ({ form: "procedure", moves });

test.each<[string, TorqueUnit]>([
  ["ft-lb", "lbf.ft"],
  ["ft lbs", "lbf.ft"],
  ["ft-lbs", "lbf.ft"],
  ["foot pounds", "lbf.ft"],
  ["lb-ft", "lbf.ft"],
  ["pound-feet", "lbf.ft"],
  ["lbf·ft", "lbf.ft"],
  ["lb·ft", "lbf.ft"],
  ["ft/lbs", "lbf.ft"],
  ["Ft. Lbs.", "lbf.ft"],
  ["pound-foot", "lbf.ft"],
  ["in-lb", "lbf.in"],
  ["inch pounds", "lbf.in"],
  ["lb-in", "lbf.in"],
  ["lbs in", "lbf.in"],
  ["pound inches", "lbf.in"],
  ["Nm", "N.m"],
  ["N·m", "N.m"],
  ["N m", "N.m"],
  ["N.m", "N.m"],
  ["newton metres", "N.m"],
  ["newton-meters", "N.m"],
  ["kg·m", "kgf.m"],
  ["kgf·m", "kgf.m"],
  ["mkp", "kgf.m"],
  ["kg-m", "kgf.m"],
  ["kgf·cm", "kgf.cm"],
  ["kg-cm", "kgf.cm"],
  ["cNm", "cN.m"],
  ["dNm", "dN.m"],
  ["kNm", "kN.m"],
  ["oz-in", "ozf.in"],
  ["in·oz", "ozf.in"],
])("%p is the unit %s", (text, unit) => {
  expect(readTorqueUnit(text)).toBe(unit);
});

test.each<[string, TorqueFigure]>([
  ["35 ft lbs", { form: "value", torque: q(35, "lbf.ft") }],
  ["106 in-lb", { form: "value", torque: q(106, "lbf.in") }],
  ["12,5 Nm", { form: "value", torque: q(12.5, "N.m", 1) }],
  ["1 200 cNm", { form: "value", torque: q(1200, "cN.m") }],
  ["18-24 Nm", { form: "range", low: q(18, "N.m"), high: q(24, "N.m") }],
  ["18 – 24 N·m", { form: "range", low: q(18, "N.m"), high: q(24, "N.m") }],
  ["18 Nm to 24 Nm", { form: "range", low: q(18, "N.m"), high: q(24, "N.m") }],
  ["between 7,5 and 9 Nm", { form: "range", low: q(7.5, "N.m", 1), high: q(9, "N.m") }],
  ["max 10 Nm", { form: "maximum", torque: q(10, "N.m") }],
  ["10 Nm max.", { form: "maximum", torque: q(10, "N.m") }],
  ["no more than 90 in lbs", { form: "maximum", torque: q(90, "lbf.in") }],
  ["snug", { form: "snug" }],
  ["Good and tight", { form: "snug" }],
  ["20, 40, 60 Nm", { form: "passes", torques: [q(20, "N.m"), q(40, "N.m"), q(60, "N.m")] }],
  ["first to 20 Nm then to 40 Nm", { form: "passes", torques: [q(20, "N.m"), q(40, "N.m")] }],
  ["30 ft lb then 60 ft lb", { form: "passes", torques: [q(30, "lbf.ft"), q(60, "lbf.ft")] }],
  ["50 Nm + 90°", steps({ form: "value", torque: q(50, "N.m") }, { form: "angle", degrees: 90 })],
  [
    "50 Nm + 90° + 45°",
    steps(
      { form: "value", torque: q(50, "N.m") },
      { form: "angle", degrees: 90 },
      { form: "angle", degrees: 45 },
    ),
  ],
  ["50 Nm 90 deg", steps({ form: "value", torque: q(50, "N.m") }, { form: "angle", degrees: 90 })],
  [
    "25 ft-lb then another 90 degrees",
    steps({ form: "value", torque: q(25, "lbf.ft") }, { form: "angle", degrees: 90 }),
  ],
  [
    "40 Nm plus a quarter turn",
    steps({ form: "value", torque: q(40, "N.m") }, { form: "angle", degrees: 90 }),
  ],
  ["12 turns", { form: "turns", turns: 12 }],
  ["finger tight then 25 Nm", steps({ form: "hand tight" }, { form: "value", torque: q(25, "N.m") })],
  ["finger tight, then 1/4 turn", steps({ form: "hand tight" }, { form: "angle", degrees: 90 })],
  [
    "hand tight, then 60-80 Nm",
    steps({ form: "hand tight" }, { form: "range", low: q(60, "N.m"), high: q(80, "N.m") }),
  ],
  ["12 turns then 25 Nm", steps({ form: "turns", turns: 12 }, { form: "value", torque: q(25, "N.m") })],
  ["until two threads show", { form: "threads", least: 2 }],
  ["2-3 threads showing", { form: "threads", least: 2, most: 3 }],
  ["flush", { form: "depth", belowMm: 0 }],
  ["driven in until flush with the housing", { form: "depth", belowMm: 0 }],
  ["2 mm below the face", { form: "depth", belowMm: 2 }],
  ["to a depth of 0.5 in", { form: "depth", belowMm: 12.7 }],
  ["1.5 mm proud", { form: "depth", belowMm: -1.5 }],
  [
    "50 Nm, back off, 10 Nm, back off to the slot",
    steps(
      { form: "value", torque: q(50, "N.m") },
      { form: "back off", by: "until it is free" },
      { form: "value", torque: q(10, "N.m") },
      { form: "back off", by: "to the slot" },
    ),
  ],
  [
    "40 Nm, back off half a turn, 15 Nm + 90°",
    steps(
      { form: "value", torque: q(40, "N.m") },
      { form: "back off", by: 180 },
      { form: "value", torque: q(15, "N.m") },
      { form: "angle", degrees: 90 },
    ),
  ],
  ["spring clamp", { form: "fitted", as: "spring clamp" }],
  ["push clip", { form: "fitted", as: "push clip" }],
  ["plastic nuts", { form: "fitted", as: "plastic nut" }],
  ["2,5 turns back to the mark", { form: "turns", turns: 2.5 }],
])("%p is read", (text, figure) => {
  expect(readTorqueFigure(text)).toEqual(figure);
  expect(torqueFigureSchema.parse(readTorqueFigure(text))).toEqual(figure);
});

test.each([
  ["", "Type a torque"],
  ["35", "no unit"],
  ["18-24", "no unit"],
  ["35 lbs", "not a unit"],
  ["35 psi", "not a unit"],
  ["1,200 Nm", "two ways"],
  ["24-18 Nm", "from more to less"],
  ["0 Nm", "nothing"],
  ["Nm", "not understood"],
  ["99999999 Nm", "more than any wrench"],
  ["1e400 Nm", "without an e"],
  ["🔧", "a picture"],
  ["40 🔧", "a picture"],
  ["-5 Nm", "less than zero"],
])("%p is refused: %s", (text, says) => {
  expect(() => readTorqueFigure(text)).toThrow(InputError);
  expect(() => readTorqueFigure(text)).toThrow(says);
});

const quantity = fc
  .record({
    value: fc.integer({ min: 1, max: 9999 }).map((n) => n / 10),
    unit: fc.constantFrom(...TORQUE_UNITS),
    decimals: fc.constant(1),
  })
  .filter((torque) => quantityNm(torque) >= 0.05 && quantityNm(torque) <= 5000);
const anyFigure = fc.oneof(
  quantity.map((torque): TorqueFigure => ({ form: "value", torque })),
  quantity.map((torque): TorqueFigure => ({ form: "maximum", torque })),
  fc.tuple(quantity, fc.integer({ min: 1, max: 500 })).map(([low, more]): TorqueFigure => ({
    form: "range",
    low,
    high: { ...low, value: (Math.round(low.value * 10) + more) / 10 },
  })),
  fc
    .array(quantity, { minLength: 2, maxLength: 6 })
    .map((torques): TorqueFigure => ({ form: "passes", torques })),
  fc
    .tuple(quantity, fc.array(fc.integer({ min: 1, max: 360 }), { minLength: 1, maxLength: 3 }))
    .map(([torque, anglesDeg]): TorqueFigure => ({
      form: "procedure",
      moves: [
        { form: "value", torque },
        ...anglesDeg.map((degrees) => ({ form: "angle" as const, degrees })),
      ],
    })),
  fc.integer({ min: 1, max: 60 }).map((n): TorqueFigure => ({ form: "turns", turns: n / 2 })),
  fc.constant<TorqueFigure>({ form: "snug" }),
  fc.constantFrom<TorqueFigure>(
    { form: "threads", least: 2 },
    { form: "threads", least: 2, most: 3 },
    { form: "depth", belowMm: 0 },
    { form: "depth", belowMm: 12.75 },
    { form: "depth", belowMm: -2 },
    ...FITTINGS.map((as): TorqueFigure => ({ form: "fitted", as })),
  ),
  fc
    .tuple(quantity, fc.constantFrom("to the slot" as const, "until it is free" as const, 90, 30.5), quantity)
    .map(([torque, by, then]): TorqueFigure => ({
      form: "procedure",
      moves: [
        { form: "hand tight" },
        { form: "value", torque },
        { form: "back off", by },
        { form: "value", torque: then },
        { form: "angle", degrees: 45 },
      ],
    })),
  quantity.map((torque): TorqueFigure => ({
    form: "procedure",
    moves: [
      { form: "turns", turns: 12 },
      { form: "value", torque },
    ],
  })),
);

test("what is shown of a figure reads back as the same figure", () => {
  fc.assert(
    fc.property(
      anyFigure.filter((one) => torqueFigureSchema.safeParse(one).success),
      (figure) => expect(readTorqueFigure(formatFigure(figure))).toEqual(figure),
    ),
  );
});

test("whatever is typed gives a figure the model allows, or a sentence", () => {
  const pieces = fc
    .array(
      fc.constantFrom(
        "35",
        "1,200",
        "0",
        "Nm",
        "ft lb",
        "-",
        "to",
        "then",
        "+",
        "90°",
        "max",
        "snug",
        " ",
        "turns",
        ",",
        "and",
        "between",
      ),
      { maxLength: 8 },
    )
    .map((parts) => parts.join(" "));
  fc.assert(
    fc.property(fc.oneof(fc.string(), pieces), (text) => {
      try {
        expect(torqueFigureSchema.safeParse(readTorqueFigure(text)).success).toBe(true);
      } catch (error) {
        expect(error).toBeInstanceOf(InputError);
      }
    }),
    { numRuns: 2000 },
  );
});

test("a figure is read back in words with the other everyday unit", () => {
  expect(figureInWords(readTorqueFigure("106 in-lb"))).toBe("106 pound-inches (12.0 N·m)");
  expect(figureInWords(readTorqueFigure("50 Nm + 90°"))).toBe(
    "50 newton-metres (36.9 lb·ft), then 90 degrees further (1.5 flats of a hexagon)",
  );
  expect(figureInWords(readTorqueFigure("18-24 Nm"))).toBe(
    "between 18 newton-metres (13.3 lb·ft) and 24 newton-metres (17.7 lb·ft), aimed at the middle",
  );
});

test.each<[string, TorqueUnit | undefined, number, TorqueUnit, number]>([
  ["35 ft lbs", undefined, 35, "lbf.ft", 0],
  ["12.50 Nm", undefined, 12.5, "N.m", 2],
  ["12,5", "N.m", 12.5, "N.m", 1],
  ["1\u2009200 cNm", undefined, 1200, "cN.m", 0],
  ["7 1/2 kgf m", undefined, 7.5, "kgf.m", 1],
  ["106 in-lb", "N.m", 106, "lbf.in", 0],
])("one torque %p, with %p beside its field", (text, beside, value, unit, decimals) => {
  expect(readTorque(text, beside)).toEqual({ value, unit, decimals });
});

test.each(["", "Nm", "0 Nm", "35", "35 psi", "-3 Nm", "1e400 Nm", "18-24 Nm", "🔧 Nm"])(
  "one torque %p is refused",
  (text) => {
    expect(() => readTorque(text)).toThrow(InputError);
  },
);

test("the unit beside a field stands in only where none is written", () => {
  expect(readTorqueFigure("18-24", "N.m")).toEqual(readTorqueFigure("18-24 Nm"));
  expect(readTorqueFigure("18-24 ft lb", "N.m")).toEqual(readTorqueFigure("18-24 ft lb"));
});

test("the quick reading of a plain torque is the careful one", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 999_999 }),
      fc.integer({ min: 0, max: 6 }),
      fc.constantFrom("Nm", "lb ft", "kgf·cm", "ft-lbs"),
      fc.constantFrom("", " "),
      (digits, decimals, unit, gap) => {
        const number = (digits / 10 ** decimals).toFixed(decimals);
        fc.pre(Number(number) >= 1 && Number(number) <= 7_000);
        const quick = readTorque(`${number}${gap}${unit}`);
        expect(quick).toEqual(readTorque(` ${number}  ${unit}`));
        expect(quick.value).toBe(Number(number));
        expect(quick.decimals).toBe(decimals);
      },
    ),
  );
});
