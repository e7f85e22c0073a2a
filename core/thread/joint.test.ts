import fc from "fast-check";
import { bottomingMarginMm, engagement, readLayers } from "./engagement";
import { lubricatedTorque } from "./lubricant";
import { NUT_FACTOR, THREAD_CONDITIONS, readNutFactor } from "./nut-factor";
import { pitchMm, readThread } from "./thread";

test("a dry figure on anti-seize, by hand: 100 · 0.10/0.22 to 100 · 0.15/0.17", () => {
  const { bandNm, forceIfIgnored } = lubricatedTorque(100, NUT_FACTOR.dry, NUT_FACTOR["anti-seize"]);
  expect(bandNm[0]).toBeCloseTo(45.45, 2);
  expect(bandNm[1]).toBeCloseTo(88.24, 2);
  expect(forceIfIgnored[0]).toBeCloseTo(1.133, 3);
  expect(forceIfIgnored[1]).toBeCloseTo(2.2, 6);
});

test("the same condition changes nothing; every band runs from less to more", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 1, max: 500, noNaN: true }),
      fc.constantFrom(...THREAD_CONDITIONS),
      fc.constantFrom(...THREAD_CONDITIONS),
      (torque, given, actual) => {
        const { bandNm, forceIfIgnored } = lubricatedTorque(torque, NUT_FACTOR[given], NUT_FACTOR[actual]);
        expect(bandNm[0]).toBeLessThanOrEqual(bandNm[1]);
        expect(forceIfIgnored[0]).toBeLessThanOrEqual(forceIfIgnored[1]);
        if (given === actual) expect(bandNm).toEqual([torque, torque]);
      },
    ),
  );
  expect(() => lubricatedTorque(0, NUT_FACTOR.dry, NUT_FACTOR.dry)).toThrow("more than zero");
  THREAD_CONDITIONS.forEach((one) => expect(NUT_FACTOR[one][0]).toBeLessThan(NUT_FACTOR[one][1]));
});

test.each([
  ["M10", 40, [12, 2, 8], "aluminium", { engagedMm: 18, turns: 12, wantedMm: 15, verdict: "enough" }],
  [
    "M10",
    40,
    [12, 2, 12],
    "aluminium",
    { engagedMm: 14, turns: 14 / 1.5, wantedMm: 15, verdict: "too short" },
  ],
  ["M10", 40, [12, 2, 16], "steel", { engagedMm: 10, turns: 10 / 1.5, wantedMm: 10, verdict: "enough" }],
  ["M6", 20, [], "plastic", { engagedMm: 20, turns: 20, wantedMm: 12, verdict: "enough" }],
] as const)("%s, %d mm out, layers %j, into %s", (thread, standout, layers, into, expected) => {
  expect(engagement(readThread(thread), standout, layers, into)).toEqual(expected);
});

test("inch threads count their turns by threads per inch", () => {
  expect(pitchMm(readThread("1/2-20"))).toBeCloseTo(1.27, 9);
  expect(engagement(readThread("1/2-20"), 25.4, [], "steel").turns).toBeCloseTo(20, 9);
});

test.each([
  [() => engagement(readThread("M10"), 20, [12, 8], "steel"), "nothing is left to screw in"],
  [() => engagement(readThread("M10"), 20, [-1], "steel"), "less than zero"],
  [() => engagement(readThread("M10"), 0, [], "steel"), "more than zero"],
])("refused: %#", (how, says) => {
  expect(how).toThrow(says);
});

test("a nut factor is read as one value or a band", () => {
  expect(readNutFactor("0.12 to 0.16", "K")).toEqual([0.12, 0.16]);
  expect(readNutFactor("0,15", "K")).toEqual([0.15, 0.15]);
  for (const text of ["0.2-0.1", "0.01", "0.6", "0.1-0.2-0.3"])
    expect(() => readNutFactor(text, "K")).toThrow("between 0.04 and 0.5");
  expect(() => readNutFactor("slippery", "K")).toThrow("not a number");
  expect(() => lubricatedTorque(10, [0, 0.1], [0.1, 0.2])).toThrow("more than zero");
});

test("a bolt that comes to the end of its thread clamps nothing", () => {
  expect(engagement(readThread("M10"), 40, [12, 10], "steel", 20).verdict).toBe("enough");
  expect(engagement(readThread("M10"), 40, [12, 10], "steel", 18).verdict).toBe("bottoms out");
  expect(() => engagement(readThread("M10"), 40, [12], "steel", 0)).toThrow("more than zero");
});

test("layers are read with names and units, or without", () => {
  expect(readLayers("bracket 12 mm + washer 2 + flange 5/16 in", "The layers")).toEqual([
    { name: "bracket", mm: 12 },
    { name: "washer", mm: 2 },
    { name: "flange", mm: expect.closeTo(7.9375, 9) },
  ]);
  expect(readLayers("12 + 2,5", "The layers").map(({ mm }) => mm)).toEqual([12, 2.5]);
  expect(readLayers("", "The layers")).toEqual([]);
  expect(() => readLayers("washer", "The layers")).toThrow("not a number");
  expect(() => readLayers("12 + washer -2", "The layers")).toThrow('"washer" cannot be less than zero');
});

test("a bolt ends half a turn short of the bottom, or by what its length may be off, whichever is more", () => {
  // ISO 4759-1: 40 mm of grade A is ±0.5, 100 mm of grade B ±1.75, beyond 315 mm ±2.85; half a turn of M10 is
  // 0.75 mm.
  expect(bottomingMarginMm(readThread("M10"), 40)).toBe(0.75);
  expect(bottomingMarginMm(readThread("M10"), 100)).toBe(1.75);
  expect(bottomingMarginMm(readThread("M10"), 380)).toBe(2.85);
  // 40 out, 22 clamped, 18 in: a hole of 18.5 mm leaves half a millimetre, less than half a turn.
  expect(engagement(readThread("M10"), 40, [22], "steel", 18.5).verdict).toBe("bottoms out");
  expect(engagement(readThread("M10"), 40, [22], "steel", 18.75).verdict).toBe("enough");
});
