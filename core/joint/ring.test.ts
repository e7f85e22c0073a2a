import fc from "fast-check";
import { circleOrder } from "../pattern/circle-order";
import { type Ring, looseRing, pullBolt, pullInPasses, spreadOf } from "./ring";

const GASKET: Ring = { count: 8, between: "gasket" };
const ROUND = [1, 2, 3, 4, 5, 6, 7, 8];
const CROSS = circleOrder(8);

test("two bolts by hand: the second takes from the first what the joint gives under it", () => {
  const ring: Ring = { count: 2, between: "gasket" };
  const first = pullBolt(looseRing(ring), 1, 1);
  expect(first.clamp).toEqual([1, 0]);
  const both = pullBolt(first, 2, 1);
  // On a ring of two the neighbour is one apart from both sides: 3·2·0.32/(1 + 0.32²) = 1.7415 of the 3 at the bolt
  // itself; it keeps (1 + 3) − 1.7415 of the 4 that it had.
  expect(both.clamp[0]).toBeCloseTo((4 - 1.7415) / 4, 3);
  expect(both.clamp[1]).toBe(1);
});

test("one pass round a gasket of eight leaves more than twice the spread of three passes crosswise, and a check pass mends it", () => {
  const once = pullInPasses(GASKET, [{ share: 1, order: ROUND }]);
  const passes = [0.3, 0.7, 1].map((share) => ({ share, order: CROSS }));
  const crossed = pullInPasses(GASKET, passes);
  const checked = pullInPasses(GASKET, [...passes, { share: 1, order: ROUND }]);
  expect(spreadOf(once) / spreadOf(crossed)).toBeGreaterThan(2);
  expect(spreadOf(checked)).toBeLessThan(spreadOf(crossed) / 2);
  expect(Math.min(...once.clamp)).toBeLessThan(0.6);
  expect(Math.min(...checked.clamp)).toBeGreaterThan(0.85);
});

test("a bolt beside one that is pulled loses about a quarter over a gasket, less than a tenth metal to metal", () => {
  const loses = (between: Ring["between"]) =>
    1 - (pullBolt(pullBolt(looseRing({ count: 12, between }), 1, 1), 2, 1).clamp[0] ?? 0);
  expect(loses("gasket")).toBeGreaterThan(0.2);
  expect(loses("gasket")).toBeLessThan(0.28);
  expect(loses("metal")).toBeLessThan(0.1);
});

test("no bolt is below nothing or above what it was pulled to; one that has enough does not turn (property)", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 2, max: 12 }),
      fc.constantFrom("gasket" as const, "metal" as const),
      fc.array(fc.integer({ min: 0, max: 11 }), { maxLength: 30 }),
      (count, between, pulls) => {
        const end = pulls.reduce(
          (now, at) => pullBolt(now, (at % count) + 1, 1),
          looseRing({ count, between }),
        );
        for (const force of end.clamp) {
          expect(force).toBeGreaterThanOrEqual(0);
          expect(force).toBeLessThanOrEqual(1 + 1e-9);
        }
        const last = pulls.at(-1);
        if (last !== undefined) expect(pullBolt(end, (last % count) + 1, 1)).toBe(end);
      },
    ),
  );
  expect(spreadOf(looseRing(GASKET))).toBe(0);
  expect(() => looseRing({ count: 1, between: "metal" })).toThrow("2 to 64");
  expect(() => pullBolt(looseRing(GASKET), 9, 1)).toThrow("no such bolt");
});
