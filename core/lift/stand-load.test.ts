import fc from "fast-check";
import { judgeStand } from "./judge-stand";
import { standHeight } from "./stand-height";
import { axleShareRaised, loadPerStandKg, withLoad } from "./stand-load";

const car = { kerbWeightKg: 1310, axleShare: 0.41, wheelbaseMm: 2640, standInsetMm: 340 };

test("moments about the axle that stays down, by hand", () => {
  // Rear axle carries 537.1 kg at 2640 mm from the front; stands at 2300 mm carry 537.1 · 2640 / 2300 =
  // 616.5, 308.2 each.
  expect(loadPerStandKg(car)).toBeCloseTo(308.25, 1);
  expect(loadPerStandKg({ ...car, standInsetMm: 0 })).toBeCloseTo(268.55, 2);
});

test("stands further from the axle carry more", () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 1200 }), (standInsetMm) => {
      expect(loadPerStandKg({ ...car, standInsetMm: standInsetMm + 1 })).toBeGreaterThan(
        loadPerStandKg({ ...car, standInsetMm }),
      );
    }),
  );
});

test.each([
  [{ kerbWeightKg: 0 }, "more than zero"],
  [{ axleShare: 1 }, "between 0 and 100"],
  [{ axleShare: Number.NaN }, "between 0 and 100"],
  [{ standInsetMm: 1400 }, "past the middle"],
  [{ standInsetMm: -5 }, "less than zero"],
  [{ wheelbaseMm: Infinity }, "not a number"],
])("%j is refused: %s", (wrong, says) => {
  expect(() => loadPerStandKg({ ...car, ...wrong })).toThrow(says);
});

test("with both ends on stands, moments about the other pair, by hand", () => {
  // Front: 1310 · (0.59 · 2640 − 340) / (2640 − 380 − 340) = 830.7 kg on two.
  expect(
    loadPerStandKg({
      kerbWeightKg: 1310,
      axleShare: 0.59,
      wheelbaseMm: 2640,
      standInsetMm: 380,
      otherInsetMm: 340,
    }),
  ).toBeCloseTo(415.4, 1);
  const rear = loadPerStandKg({ ...car, otherInsetMm: 380 });
  expect(2 * (rear + 415.38)).toBeCloseTo(1310, 0);
  expect(() => loadPerStandKg({ ...car, axleShare: 0.1, otherInsetMm: 380 })).toThrow("lift off by itself");
});

test("raising an end takes weight off it: 250 mm · tan(asin(350 / 2640)) / 2640 is 0.0127", () => {
  expect(axleShareRaised(0.41, 2640, 350)).toBeCloseTo(0.3973, 4);
  expect(axleShareRaised(0.41, 2640, 0)).toBe(0.41);
  expect(() => axleShareRaised(0.41, 2640, 1500)).toThrow("steeper than 30");
  expect(() => axleShareRaised(0.41, 2640, -1)).toThrow("less than zero");
  expect(() => axleShareRaised(0, 2640, 100)).toThrow("between 0 and 100");
});

test("a load on board moves the share: 100 kg in the boot, by hand", () => {
  expect(withLoad({ kerbWeightKg: 1310, frontShare: 0.59 }, 100, "in the boot or bed")).toEqual({
    kerbWeightKg: 1410,
    frontShare: expect.closeTo((772.9 - 15) / 1410, 9),
  });
  expect(withLoad({ kerbWeightKg: 1000, frontShare: 0.5 }, 200, "in the seats").frontShare).toBeCloseTo(
    0.5,
    12,
  );
  expect(() => withLoad({ kerbWeightKg: 1000, frontShare: 0.5 }, -1, "in the seats")).toThrow(
    "less than zero",
  );
});

test.each([
  [450, 1500, 0.33, true],
  [1363, 1500, 0.99953, true],
  [1364, 1500, 1.00027, false],
  [800, 750, 1.1733, false],
])("%d kg on a stand rated %d kg: ratio %d, holds %p", (load, rating, ratio, holds) => {
  expect(judgeStand(load, rating).ratio).toBeCloseTo(ratio, 4);
  expect(judgeStand(load, rating).holds).toBe(holds);
});

test("a rating of zero is refused", () => {
  expect(() => judgeStand(400, 0)).toThrow("The rating must be more than zero.");
});

test.each([
  [210, 420, 280, 430, { liftMm: 210, verdict: "reaches" }],
  [210, 430, 280, 430, { liftMm: 220, verdict: "reaches" }],
  [210, 431, 280, 430, { liftMm: 221, verdict: "too low" }],
  [210, 279, 280, 430, { liftMm: 69, verdict: "too tall" }],
])("point at %d, wanted at %d, stand %d to %d", (now, wanted, low, high, expected) => {
  expect(standHeight(now, wanted, low, high)).toEqual(expected);
});

test.each([
  [[0, 420, 280, 430], "more than zero"],
  [[210, 420, 430, 280], "Swap the two"],
] as const)("heights %j are refused", ([now, wanted, low, high], says) => {
  expect(() => standHeight(now, wanted, low, high)).toThrow(says);
});
