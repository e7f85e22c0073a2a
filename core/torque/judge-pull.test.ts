import fc from "fast-check";
import type { PullSample } from "./digital-wrench";
import { judgePull, pullSays } from "./judge-pull";
import { targetFor } from "./target";

const target = targetFor(40);
/** A straight pull: so much torque for each degree once it is seated, up to a peak. */
const straight = (peakNm: number, perDeg: number, seatedDeg = 20): PullSample[] => {
  const pull: PullSample[] = [];
  for (let angleDeg = 0; ; angleDeg += 0.5) {
    const torqueNm = angleDeg < seatedDeg ? 1 : 1 + (angleDeg - seatedDeg) * perDeg;
    pull.push({ angleDeg, torqueNm: Math.min(torqueNm, peakNm) });
    if (torqueNm >= peakNm) return pull;
  }
};

test.each([
  [30, "under"],
  [36, "good"],
  [40, "good"],
  [44, "good"],
  [44.1, "over"],
] as const)("a peak of %d N·m for 40 is %s, and its feel is right", (peakNm, kind) => {
  expect(judgePull(straight(peakNm, 0.8), target, true)).toEqual({ peakNm, kind, feel: undefined });
});

test("nothing pulled is under; a maximum has no lower end, and nothing above it is good", () => {
  expect(judgePull([], target, true)).toEqual({ peakNm: 0, kind: "under", feel: undefined });
  const maximum = { aimNm: 10, lowNm: 0, highNm: 10, isMaximum: true };
  expect(judgePull(straight(6, 0.8), maximum, true).kind).toBe("good");
  // A twentieth of it is not yet done.
  expect(judgePull(straight(0.5, 0.8, 0), maximum, true).kind).toBe("under");
  expect(judgePull(straight(4, 0.8), maximum, true).kind).toBe("under");
  expect(judgePull(straight(10.1, 0.8), maximum, true).kind).toBe("over");
});

test("turning on without getting tighter, giving too much, and tight before it is seated are told apart", () => {
  const spins = Array.from({ length: 400 }, (_, i) => ({ angleDeg: i, torqueNm: 6 }));
  expect(judgePull(spins, target, true).feel).toBe("no rise");
  const lets = [
    ...straight(20, 0.8),
    ...Array.from({ length: 120 }, (_, i) => ({ angleDeg: 45 + i, torqueNm: 20 })),
  ];
  expect(judgePull(lets, target, true).feel).toBe("no rise");
  expect(judgePull(straight(40, 0.15), target, true).feel).toBe("too soft");
  const yields = [
    ...straight(28, 0.8),
    ...Array.from({ length: 80 }, (_, i) => ({ angleDeg: 55 + i, torqueNm: 28 + i * 0.12 })),
  ];
  expect(judgePull(yields, target, true).feel).toBe("too soft");
  expect(judgePull(straight(40, 4, 1), target, true).feel).toBe("too early");
  // The same bolt a second time rises at once, and rightly so.
  expect(judgePull(straight(40, 4, 1), target, false).feel).toBeUndefined();
});

test("a bolt that was snug already is not cross-threaded: it comes to half at once, then rises as a sound joint", () => {
  const snug: PullSample[] = Array.from({ length: 80 }, (_, i) => ({
    angleDeg: i / 2,
    torqueNm: i === 0 ? 0 : 22 + i * 0.25,
  }));
  expect(judgePull(snug, target, true)).toMatchObject({ kind: "good", feel: undefined });
});

test("a locking nut's own torque and a soft gasket are not too soft, where they are known", () => {
  // Two turns at a third of the torque, then a sound rise of 50°.
  const locking: PullSample[] = Array.from({ length: 770 }, (_, angleDeg) => ({
    angleDeg,
    torqueNm: angleDeg < 720 ? 13 : 13 + (angleDeg - 720) * 0.55,
  }));
  expect(judgePull(locking, target, true, { locking: true })).toMatchObject({
    kind: "good",
    feel: undefined,
  });
  const gasket = straight(40, 0.12);
  expect(judgePull(gasket, target, true).feel).toBe("too soft");
  expect(judgePull(gasket, target, true, { soft: true }).feel).toBeUndefined();
});

test("an empty or rising pull of a locking nut, and a torque of more than a hundred, are told as they are", () => {
  expect(judgePull([], target, true, { locking: true })).toEqual({
    peakNm: 0,
    kind: "under",
    feel: undefined,
  });
  expect(judgePull(straight(40, 0.8, 0), target, true, { locking: true }).kind).toBe("good");
  // Two turns of its own torque alone are not a stripped thread.
  expect(
    judgePull(
      [...Array(720).keys()].map((angleDeg) => ({ angleDeg, torqueNm: 13 })),
      target,
      true,
      { locking: true },
    ).feel,
  ).toBeUndefined();
  expect(pullSays({ peakNm: 120, kind: "good", feel: undefined }, targetFor(120), "N.m")).toBe(
    "120 N·m reached the bolt.",
  );
  expect(pullSays({ peakNm: 132.0004, kind: "over", feel: undefined }, targetFor(120), "N.m")).toContain(
    "132.000 N·m reached the bolt",
  );
  // One that does not turn at all has met something.
  expect(
    judgePull(
      [0, 10, 25, 40].map((torqueNm) => ({ torqueNm, angleDeg: 0 })),
      target,
      true,
    ).feel,
  ).toBe("too early");
});

test("nobody is told to pull again on a thread that strips, and the decimals show what the verdict is about", () => {
  expect(pullSays({ peakNm: 20, kind: "under", feel: "no rise" }, target, "N.m")).not.toContain("Pull again");
  expect(pullSays({ peakNm: 35.97, kind: "under", feel: undefined }, target, "N.m")).toBe(
    "Only 35.97 N·m reached the bolt; asked is 36.00 to 44.00 N·m. Pull again.",
  );
  expect(pullSays({ peakNm: 44.02, kind: "over", feel: undefined }, target, "N.m")).toContain(
    "44.02 N·m reached the bolt; asked is 36.00 to 44.00 N·m",
  );
  // A maximum of 2 N·m is 1.475 lb·ft, and is not told as 1.5.
  expect(
    pullSays(
      { peakNm: 2.1, kind: "over", feel: undefined },
      { aimNm: 2, lowNm: 0, highNm: 2, isMaximum: true },
      "lbf.ft",
    ),
  ).toContain("1.55 lb·ft reached the bolt; asked is at most 1.47 lb·ft");
});

test("whatever a wrench sends, the verdict is by its peak alone", () => {
  const sample = fc.record({
    torqueNm: fc.double({ min: 0, max: 100, noNaN: true }),
    angleDeg: fc.double({ min: 0, max: 720, noNaN: true }),
  });
  fc.assert(
    fc.property(fc.array(sample, { maxLength: 60 }), (samples) => {
      const pull = [...samples].sort((a, b) => a.angleDeg - b.angleDeg);
      const { peakNm, kind } = judgePull(pull, target, true);
      expect(peakNm).toBe(Math.max(0, ...pull.map(({ torqueNm }) => torqueNm)));
      expect(kind).toBe(expectedKind(peakNm));
    }),
  );
});

test("the verdict is said in the vehicle's own unit, with what to do", () => {
  const over = judgePull(straight(50, 0.8), target, true);
  expect(pullSays(over, target, "lbf.ft")).toContain(
    "36.9 lb·ft reached the bolt; asked is 26.6 to 32.5 lb·ft. Too much",
  );
  expect(pullSays(judgePull(straight(20, 0.8), target, true), target, "N.m")).toContain("Pull again");
  expect(pullSays({ peakNm: 40, kind: "good", feel: "too early" }, target, "N.m")).toContain(
    "cross-threaded",
  );
});

function expectedKind(peakNm: number): string {
  if (peakNm > 44) return "over";
  if (peakNm < 36) return "under";
  return "good";
}
