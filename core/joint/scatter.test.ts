import { luckOf } from "../chance";
import { NUT_FACTOR } from "../thread/nut-factor";
import { preloadN } from "../thread/preload";
import { readThread } from "../thread/thread";
import { type Batch, type Technique, histogram, scatter } from "./scatter";
import { leanOn, remedied, seizedBolt, twistDeg, twistsThroughNm } from "./seized";

const batch = (technique: Technique, more: Partial<Batch> = {}): Batch => ({
  thread: readThread("M10"),
  strength: "8.8",
  nutFactor: NUT_FACTOR.dry,
  torqueNm: 40,
  accuracy: 0.04,
  technique,
  ...more,
});

test("by torque alone a dry joint scatters by a quarter to a third, and its middle is the Bench's", () => {
  const { shares, meanN, forces } = scatter(batch("torque wrench"));
  expect(forces).toHaveLength(1000);
  for (const share of shares) {
    expect(Math.abs(share)).toBeGreaterThan(0.18);
    expect(Math.abs(share)).toBeLessThan(0.38);
  }
  expect((shares[1] - shares[0]) / 2).toBeGreaterThan(0.25);
  expect((shares[1] - shares[0]) / 2).toBeLessThan(0.35);
  const [low, high] = preloadN([40, 40], NUT_FACTOR.dry, readThread("M10"));
  expect(meanN).toBeGreaterThan(low);
  expect(meanN).toBeLessThan(high);
});

test("a wrench narrows what the hand leaves, an angle narrows that, and to yield hardly anything is left", () => {
  const width = (technique: Technique) => {
    const { shares } = scatter(batch(technique));
    return shares[1] - shares[0];
  };
  expect(width("by feel")).toBeGreaterThan(width("torque wrench") * 1.2);
  expect(width("torque, then angle")).toBeLessThan(width("torque wrench") * 0.6);
  expect(width("to yield")).toBeLessThan(width("torque wrench") * 0.6);
  // A better wrench is hardly felt where friction scatters.
  const better = scatter(batch("torque wrench", { accuracy: 0.01 }));
  expect(better.shares[1] - better.shares[0]).toBeGreaterThan(width("torque wrench") * 0.9);
});

test("a dry figure on oiled threads brings more bolts past their proof", () => {
  const past = (nutFactor: Batch["nutFactor"]) =>
    scatter(batch("torque wrench", { nutFactor, torqueNm: 60 })).pastProof;
  expect(past(NUT_FACTOR["anti-seize"])).toBeGreaterThan(700);
  expect(past(NUT_FACTOR.dry)).toBeLessThan(500);
});

test("the same seed gives the same bolts; a histogram holds all of them", () => {
  expect(scatter(batch("by feel"))).toEqual(scatter(batch("by feel")));
  expect(scatter(batch("by feel"), 1000, 2)).not.toEqual(scatter(batch("by feel")));
  const { forces } = scatter(batch("to yield"));
  expect(histogram(forces).reduce((sum, { count }) => sum + count, 0)).toBe(1000);
  expect(() => scatter(batch("to yield", { torqueNm: 0 }))).toThrow("more than zero");
});

test("an M8 of class 8.8 twists through at about 26 N·m: π/12 · 6.466³ · 640/√3", () => {
  expect(twistsThroughNm(readThread("M8"), "8.8")).toBeCloseTo(26.15, 1);
});

test("a seized bolt comes, or gives notice before it snaps; what is done to it helps, the second time less", () => {
  const bolt = seizedBolt(readThread("M8"), "8.8", 1.5);
  expect(leanOn(bolt, 20).fate).toBe("stuck");
  expect(leanOn(bolt, 40).fate).toBe("snapped");
  // Up to its yield it twists like a spring, then several times as far for the same.
  const { yieldsNm, snapsNm } = bolt;
  expect(twistDeg(bolt, yieldsNm)).toBeCloseTo(2 * twistDeg(bolt, yieldsNm / 2));
  expect(twistDeg(bolt, (yieldsNm + snapsNm) / 2)).toBeGreaterThan(3 * twistDeg(bolt, yieldsNm));
  const luck = luckOf(1, "heat");
  const once = remedied(bolt, "heat", luck);
  expect(once.freesNm / bolt.freesNm).toBeLessThan(0.65);
  const twice = remedied(once, "heat", luck);
  expect(twice.freesNm / once.freesNm).toBeGreaterThan(once.freesNm / bolt.freesNm);
  expect(leanOn(once, once.freesNm).fate).toBe("free");
  // Twisted past its yield it is weaker, and nothing more is done to one that has gone.
  expect(leanOn(bolt, yieldsNm * 1.1).snapsNm).toBeLessThan(snapsNm);
  const gone = leanOn(bolt, 40);
  expect(remedied(gone, "heat", luck)).toBe(gone);
  expect(leanOn(gone, 1)).toBe(gone);
});
