import fc from "fast-check";
import { barLengthMm, pullN, undoingTorqueNm } from "./drive/bar";
import { findChain } from "./drive/chain";
import { hexagonFit } from "./fit/hexagon-fit";
import { fitOf, nearSizes } from "./fit/near-sizes";
import { bottlesFor } from "./fluid/bottles";
import { coolantMix, freezingPointC } from "./fluid/coolant";
import { InputError } from "./input-error";
import { judgeStand } from "./lift/judge-stand";
import { rollPushN, slopeForceN } from "./lift/roll";
import { standHeight } from "./lift/stand-height";
import { axleShareRaised, loadPerStandKg, withLoad } from "./lift/stand-load";
import { centreOutOrder } from "./pattern/centre-out-order";
import { circleOrder } from "./pattern/circle-order";
import { fromNm, toNm } from "./quantity/torque-unit";
import { engagement } from "./thread/engagement";
import { lubricatedTorque } from "./thread/lubricant";
import { preloadN } from "./thread/preload";
import { judgeTorque, plausibleBandNm } from "./thread/sane";
import { snugBandNm } from "./thread/snug-band";
import { strengthOf } from "./thread/strength";
import { tapDrillMm } from "./thread/tap-drill";
import { type Thread, stressAreaMm2 } from "./thread/thread";
import { boltTorqueNm, leverRatio, settingPerGripMm, wrenchTorqueNm } from "./torque/adapter";
import { bandAtBolt } from "./torque/choose-wrench";
import { multiplierInputNm } from "./torque/multiplier";
import { nearestMark } from "./torque/nearest-mark";
import { angleTurn } from "./turn/angle-turn";
import { castleNut, castleVerdict } from "./turn/castle-nut";
import { clockAfter } from "./turn/clock";
import { countedTurns } from "./turn/counted-turns";
import { toeChange } from "./turn/toe";

const metric = (diameterMm: number, pitchMm: number): Thread => ({ system: "metric", diameterMm, pitchMm });

/** Every calculation, taking up to five numbers. */
const CALCULATIONS: Record<string, (a: number, b: number, c: number, d: number, e: number) => unknown> = {
  toNm: (a) => [toNm(a, "lbf.ft"), fromNm(a, "kgf.m")],
  leverRatio: (a, b, c, d, e) =>
    leverRatio({
      gripLengthMm: a,
      adapters: [
        { offsetMm: b, angleDeg: c },
        { offsetMm: d, angleDeg: e },
      ],
    }),
  wrenchTorqueNm: (a, b, c, d) => [
    wrenchTorqueNm(a, { gripLengthMm: b, adapters: [{ offsetMm: c, angleDeg: d }] }),
    boltTorqueNm(a, { gripLengthMm: b, adapters: [{ offsetMm: c, angleDeg: d }] }),
  ],
  settingPerGripMm: (a, b, c, d) =>
    settingPerGripMm(a, { gripLengthMm: b, adapters: [{ offsetMm: c, angleDeg: d }] }),
  bandAtBolt: (a, b, c, d) =>
    bandAtBolt(a, 0.04, { gripLengthMm: b, adapters: [{ offsetMm: c, angleDeg: d }] }),
  multiplierInputNm: (a, b, c) => multiplierInputNm(a, b, c),
  nearestMark: (a, b, c) => nearestMark(a, "N.m", b, { from: c }).value,
  stressAreaMm2: (a, b) => stressAreaMm2(metric(a, b)),
  strengthOf: (a) => Object.values(strengthOf("8.8", a)),
  tapDrillMm: (a, b) => tapDrillMm(metric(a, b)),
  plausibleBandNm: (a, b) => plausibleBandNm(metric(a, b)),
  snugBandNm: (a, b) => snugBandNm(metric(a, b)) ?? 0,
  judgeTorque: (a, b) =>
    judgeTorque({ value: a, unit: "N.m", decimals: 0 }, { threads: [metric(10, 1.5)], maximumNm: b }).bandNm,
  preloadN: (a, b, c) => preloadN([a, a], [b, b], metric(c, 1)),
  lubricatedTorque: (a, b, c) => Object.values(lubricatedTorque(a, [b, b], [c, c])).flat(),
  engagement: (a, b, c) => [
    engagement(metric(10, 1.5), a, [b, c], "steel").engagedMm,
    engagement(metric(10, 1.5), a, [b], "steel", c).turns,
  ],
  hexagonFit: (a, b) => hexagonFit(a, b).freePlayDeg ?? 0,
  fitOf: (a, b) => fitOf({ acrossMm: a, unit: "in" }, b, "key in recess").freePlayDeg ?? 0,
  nearSizes: (a) => nearSizes(a).map(({ acrossMm }) => acrossMm),
  findChain: (a, b) => findChain({ from: "1/2", to: "1/2", torqueNm: a, reachMm: b }, []).limitNm,
  bar: (a, b) => [pullN(a, b), barLengthMm(a, b), ...undoingTorqueNm(a, "rusted")],
  circleOrder: (a) => circleOrder(a),
  centreOutOrder: (a, b, c, d) =>
    centreOutOrder([
      { x: a, y: b },
      { x: c, y: d },
    ]),
  angleTurn: (a, b, c) => [angleTurn(a, b, c).clock, ...angleTurn(a, b, c).swings],
  clockAfter: (a, b) => clockAfter(a, b),
  castleNut: (a, b) => [castleNut(a, b).atMostDeg, castleVerdict(b, [60, 80]).length],
  countedTurns: (a, b, c, d) => Object.values(countedTurns(a, b, c, d)),
  toeChange: (a, b, c, d) => Object.values(toeChange(a, b, c, d)),
  loadPerStandKg: (a, b, c, d, e) =>
    loadPerStandKg({ kerbWeightKg: a, axleShare: b, wheelbaseMm: c, standInsetMm: d, otherInsetMm: e }),
  axleShareRaised: (a, b, c) => axleShareRaised(a, b, c),
  withLoad: (a, b, c) => Object.values(withLoad({ kerbWeightKg: a, frontShare: b }, c, "in the seats")),
  judgeStand: (a, b) => [...judgeStand(a, b).bandKg, judgeStand(a, b).ratio],
  standHeight: (a, b, c, d) => standHeight(a, b, c, d).liftMm,
  slopeForceN: (a, b) => [slopeForceN(a, b), rollPushN(a, b)],
  coolantMix: (a, b, c, d) => [
    coolantMix({ capacityL: a, leftL: b, leftShare: c, wantedShare: d }).concentrateL,
    freezingPointC(c) ?? 0,
  ],
  bottlesFor: (a, b) => bottlesFor(a, [{ litres: b, priceMinor: 100 }]).litres,
};

/** The numbers that things have in earnest, and those that nobody would type. */
const finite = fc.oneof(
  fc.double({ min: 0.01, max: 500, noNaN: true }),
  fc.double({ min: -10, max: 10, noNaN: true }),
  fc.integer({ min: -3, max: 400 }),
  fc.constantFrom(0, -0, 1, 180, 1e-12, -1e9, 1e12),
);

test.each(Object.entries(CALCULATIONS))(
  "%s gives finite numbers, or a sentence, for any finite ones",
  (_, calculate) => {
    fc.assert(
      fc.property(finite, finite, finite, finite, finite, (a, b, c, d, e) => {
        try {
          for (const value of [calculate(a, b, c, d, e)].flat(2)) expect(Number.isFinite(value)).toBe(true);
        } catch (error) {
          if (!(error instanceof InputError)) throw error;
          expect(error.message).toMatch(/^[A-Z"“0-9].*[.)]$/);
        }
      }),
      { numRuns: 300 },
    );
  },
);

test.each(Object.entries(CALCULATIONS))("%s refuses what is not a number with a sentence", (_, calculate) => {
  expect(() => calculate(Number.NaN, Number.NaN, Number.NaN, Number.NaN, Number.NaN)).toThrow(InputError);
  expect(() => calculate(Infinity, Infinity, Infinity, Infinity, Infinity)).toThrow(InputError);
});
