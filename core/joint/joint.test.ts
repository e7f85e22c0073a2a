import { luckOf } from "../chance";
import { readThread } from "../thread/thread";
import { beamReads, parallaxDeg } from "./beam";
import { JOINT_KINDS, type JointKind, clampAtN, jointOf, mostPrevailingNm, torqueAtNm } from "./joint";
import { boltStiffness, clampPerDegree, inRow, partsStiffness } from "./stiffness";
import { frictionOf, yieldForceN } from "./yield-force";

const M10 = readThread("M10");
const joint = (kind: JointKind, aimNm = 45, name = "a") =>
  jointOf({ kind, thread: M10, strength: "8.8", aimNm }, luckOf(3, name));

test("stiffness by hand: M10 over 30 mm of steel", () => {
  // 207 000 · 57.99 / 40; 0.5774π·207 000·10 / (2·ln(5·22.322/42.322)) = 3 754 900 / (2·0.96987).
  expect(boltStiffness(M10, 30)).toBeCloseTo(300_098, -2);
  expect(partsStiffness(M10, 30, "steel") / 1_935_750).toBeCloseTo(1, 2);
  // A second source: E·d·A·exp(B·d/l) with A 0.78715, B 0.62873 for steel (a fit to finite elements).
  const fitted = 207_000 * 10 * 0.78715 * Math.exp((0.62873 * 10) / 30);
  expect(partsStiffness(M10, 30, "steel") / fitted).toBeGreaterThan(0.9);
  expect(partsStiffness(M10, 30, "steel") / fitted).toBeLessThan(1.1);
  expect(inRow(100, 100)).toBe(50);
  expect(clampPerDegree(M10, 260_000)).toBeCloseTo(1083.33, 1);
  expect(() => boltStiffness(M10, 0)).toThrow("more than zero");
});

test("a bolt yields where VDI 2230 has it: M10, 8.8, friction 0.12, nine tenths are 29.6 kN; 10.9 43.4 kN", () => {
  expect(0.9 * yieldForceN(M10, "8.8", 0.12)).toBeCloseTo(29_600, -2);
  expect((0.9 * yieldForceN(M10, "10.9", 0.12)) / 43_400).toBeCloseTo(1, 2);
  // Its assembly torque there is 48 N·m: K = 48 / (29.6 · 10).
  expect(frictionOf(48 / 296, M10)).toBeCloseTo(0.12, 2);
  expect(() => frictionOf(0.02, M10)).toThrow("more than zero");
});

test("a sound joint runs down, rises in a straight line by what its stiffness makes of the pitch, and yields", () => {
  const steel = joint("steel");
  const at = (deg: number) => torqueAtNm(steel, deg);
  const seated = steel.runDownDeg;
  expect(at(0)).toBe(0);
  expect(at(seated / 2)).toBeCloseTo(steel.prevailingNm);
  expect(at(seated + 20) - at(seated + 10)).toBeCloseTo(10 * steel.nutFactor * 0.01 * steel.clampPerDeg, 6);
  const gives = seated + steel.givesN / steel.clampPerDeg;
  expect(clampAtN(steel, gives)).toBeCloseTo(steel.givesN);
  expect(clampAtN(steel, gives + 10) - clampAtN(steel, gives)).toBeCloseTo(steel.clampPerDeg * 0.5, 6);
});

test("each kind is told by how it turns", () => {
  const rise = (kind: JointKind) => {
    const one = joint(kind);
    return torqueAtNm(one, one.runDownDeg + 20) - torqueAtNm(one, one.runDownDeg);
  };
  expect(rise("gasket")).toBeLessThan(rise("steel") / 2);
  expect(joint("oiled").nutFactor).toBeLessThan(joint("steel").nutFactor);
  expect(joint("dirty").nutFactor).toBeGreaterThan(joint("plated").nutFactor);
  expect(joint("locking nut").prevailingNm).toBeGreaterThan(3);
  expect(joint("locking nut").prevailingNm).toBeLessThan(10.5);
  expect(clampAtN(joint("cross-threaded"), 200)).toBe(0);
  expect(torqueAtNm(joint("cross-threaded"), 25)).toBeGreaterThan(45);
  expect(clampAtN(joint("bottomed"), 200)).toBe(0);
  const stripped = joint("stripped");
  expect(Math.max(...Array.from({ length: 400 }, (_, deg) => torqueAtNm(stripped, deg)))).toBeLessThan(
    45 * 0.6,
  );
  expect(clampAtN(stripped, 1000)).toBe(0);
});

test("the same luck makes the same joint, another another", () => {
  for (const kind of JOINT_KINDS) {
    expect(joint(kind)).toEqual(joint(kind));
    expect(joint(kind).nutFactor).not.toBe(joint(kind, 45, "b").nutFactor);
  }
});

test("a locking nut turns hard by ISO 2320, and between its sizes by the third power", () => {
  expect(mostPrevailingNm(M10)).toBe(10.5);
  expect(mostPrevailingNm(readThread("M6"))).toBe(3);
  expect(mostPrevailingNm(readThread("3/8-16"))).toBeCloseTo(10.5 * 0.9525 ** 3, 6);
});

test("a beam wrench held 40 mm short of its pin reads 4.4 % too little", () => {
  // (3 − 0.85/0.9) / (3 − 0.85) = 2.05556 / 2.15.
  expect(beamReads(360, 400)).toBeCloseTo(0.95607, 4);
  expect(beamReads(400, 400)).toBe(1);
  expect(beamReads(440, 400)).toBeGreaterThan(1);
  expect(() => beamReads(300, 400)).toThrow("at its grip");
  expect(parallaxDeg(20)).toBeCloseTo(0.184, 3);
  expect(parallaxDeg(0)).toBe(0);
});
