import fc from "fast-check";
import { luckOf } from "../chance";
import { readThread } from "../thread/thread";
import { jointOf } from "./joint";
import { type OnBolt, type WrenchFace, pullOn, pulledBy, readOff, takeHold, WRENCH_FACES } from "./pull";

const on = (face: WrenchFace = "click", more: Partial<OnBolt> = {}): OnBolt => ({
  joint: jointOf({ kind: "steel", thread: readThread("M10"), strength: "8.8", aimNm: 45 }, luckOf(1, "a")),
  face,
  setNm: 45,
  fullNm: 100,
  gripMm: 400,
  addsMm: 0,
  reads: 1,
  ...more,
});

test("pulled slowly the bolt gets what is set; pulled fast it gets much more, as the hand reacts too late", () => {
  const slow = pulledBy(on(), { degPerS: 15, reactsS: 0.2 });
  const brisk = pulledBy(on(), { degPerS: 60, reactsS: 0.2 });
  const fast = pulledBy(on(), { degPerS: 150, reactsS: 0.2 });
  expect(slow.click).toBeDefined();
  expect(slow.peakNm / 45).toBeGreaterThan(0.999);
  expect(slow.peakNm / 45).toBeLessThan(1.02);
  expect(brisk.peakNm / 45).toBeGreaterThan(1.04);
  expect(fast.peakNm / 45).toBeGreaterThan(1.2);
  // By hand: at 150°/s and 0.2 s the hand goes 30° on, 4 of them free; lead and bolt share the rest as springs.
  const perDeg = 45 / 25;
  const { joint } = on();
  const rise = joint.nutFactor * 0.01 * joint.clampPerDeg;
  const goesOn = 150 * (0.2 + 0.012) - 4;
  expect(fast.peakNm - 45).toBeLessThan(goesOn * ((perDeg * rise) / (perDeg + rise)) * 1.15);
  expect(fast.peakNm - 45).toBeGreaterThan(goesOn * ((perDeg * rise) / (perDeg + rise)) * 0.5);
});

test("what the bolt gets never falls with the speed, whatever the joint (property)", () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 500 }), fc.constantFrom(...WRENCH_FACES), (seed, face) => {
      const joint = jointOf(
        { kind: "steel", thread: readThread("M8"), strength: "8.8", aimNm: 22 },
        luckOf(seed, "x"),
      );
      const bolt = on(face, { joint, setNm: 22 });
      const peaks = [20, 60, 140].map((degPerS) => pulledBy(bolt, { degPerS, reactsS: 0.2 }).peakNm);
      expect(peaks[0]).toBeLessThanOrEqual((peaks[1] ?? 0) * 1.01);
      expect(peaks[1]).toBeLessThanOrEqual((peaks[2] ?? 0) * 1.01);
    }),
    { numRuns: 60 },
  );
});

test("the same pull in other steps comes to the same", () => {
  const run = (frames: number) => {
    let pull = takeHold(on("digital"));
    for (let i = 1; i <= frames; i++)
      pull = pullOn(pull, { swungDeg: (70 * i) / frames, atMm: 400, eyeDeg: 0 }, 2 / frames);
    return pull;
  };
  expect(run(40).peakNm).toBeCloseTo(run(400).peakNm, 1);
});

test("a bolt that was left stands where it was, and has to be broken away; nothing turns back", () => {
  const first = pulledBy(on(), { degPerS: 20, reactsS: 0.1 });
  const lightly = takeHold(on(), first.boltDeg);
  const held = pullOn(lightly, { swungDeg: 24, atMm: 400, eyeDeg: 0 }, 1);
  expect(held.boltDeg).toBe(first.boltDeg);
  expect(pullOn(held, { swungDeg: 0, atMm: 400, eyeDeg: 0 }, 1).boltDeg).toBe(first.boltDeg);
  expect(pullOn(lightly, { swungDeg: 20, atMm: 400, eyeDeg: 0 }, 0)).toEqual(lightly);
});

test("a crowfoot gives the bolt more than the wrench reads, and less of it the further out the hand", () => {
  const hand = (atMm: number) =>
    pulledBy(on("click", { addsMm: 40 }), { degPerS: 15, reactsS: 0, handMm: atMm }).peakNm;
  expect(hand(400) / 45).toBeCloseTo(1.1, 2);
  expect(hand(440)).toBeLessThan(hand(400));
  expect(hand(360)).toBeGreaterThan(hand(400));
});

test("a click wrench shows nothing; a beam reads less off its pin and by an eye beside it; one that is off is off", () => {
  const at = (face: WrenchFace, hand: { atMm?: number; eyeDeg?: number } = {}, reads = 1) => {
    const where = { swungDeg: 60, atMm: 400, eyeDeg: 0, ...hand };
    return readOff(pullOn(takeHold(on(face, { reads })), where, 3), where);
  };
  const straight = at("beam") ?? 0;
  expect(at("click")).toBeUndefined();
  expect(at("beam", { atMm: 360 })).toBeLessThan(straight * 0.97);
  expect((at("beam", { eyeDeg: 25 }) ?? 0) - straight).toBeCloseTo((0.2357 / 4) * 100, 1);
  expect(at("dial", {}, 1.04)).toBeCloseTo((at("digital") ?? 0) * 1.04, 6);
  const off = pulledBy(on("click", { reads: 1.04 }), { degPerS: 10, reactsS: 0 });
  expect(off.peakNm).toBeCloseTo(45 / 1.04, 0);
});

test("a stripped thread never clicks, and the hand ends", () => {
  const joint = jointOf(
    { kind: "stripped", thread: readThread("M10"), strength: "8.8", aimNm: 45 },
    luckOf(2, "s"),
  );
  const pull = pulledBy(on("click", { joint }), { degPerS: 60, reactsS: 0.2 });
  expect(pull.click).toBeUndefined();
  expect(pull.peakNm).toBeLessThan(30);
  expect(pull.curve.at(-1)?.clampN).toBe(0);
});
