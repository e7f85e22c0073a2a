import fc from "fast-check";
import { centreOutOrder } from "./centre-out-order";
import { circleOrder } from "./circle-order";

test.each([
  [1, [1]],
  [2, [1, 2]],
  [3, [1, 2, 3]],
  [4, [1, 3, 2, 4]],
  [5, [1, 3, 5, 2, 4]],
  [6, [1, 4, 2, 5, 3, 6]],
  [8, [1, 5, 3, 7, 2, 6, 4, 8]],
  [12, [1, 7, 4, 10, 2, 8, 5, 11, 3, 9, 6, 12]],
])("%d on a circle", (count, order) => {
  expect(circleOrder(count)).toEqual(order);
});

test("every bolt is visited once, and on an even circle each second one is opposite", () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 64 }), (count) => {
      const order = circleOrder(count);
      expect([...order].sort((a, b) => a - b)).toEqual(Array.from({ length: count }, (_, i) => i + 1));
      if (count % 2 === 0 && count > 2)
        for (let i = 0; i < count; i += 2)
          expect(Math.abs((order[i] ?? 0) - (order[i + 1] ?? 0))).toBe(count / 2);
    }),
  );
});

test.each([0, -1, 2.5, 65, Number.NaN])("%p bolts are refused", (count) => {
  expect(() => circleOrder(count)).toThrow("from 1 to 64");
});

test("a row goes from its middle outwards, side to side", () => {
  expect(centreOutOrder([0, 1, 2, 3, 4].map((x) => ({ x, y: 0 })))).toEqual([3, 2, 4, 1, 5]);
});

test("drawn bolts are each visited once and never come back inwards", () => {
  const points = fc.array(
    fc.record({ x: fc.integer({ min: -200, max: 200 }), y: fc.integer({ min: -200, max: 200 }) }),
    { minLength: 1, maxLength: 20 },
  );
  fc.assert(
    fc.property(points, (drawn) => {
      const order = centreOutOrder(drawn);
      expect([...order].sort((a, b) => a - b)).toEqual(drawn.map((_, i) => i + 1));
      const cx = drawn.reduce((sum, { x }) => sum + x, 0) / drawn.length;
      const cy = drawn.reduce((sum, { y }) => sum + y, 0) / drawn.length;
      const out = order.map((bolt) =>
        Math.hypot((drawn[bolt - 1]?.x ?? 0) - cx, (drawn[bolt - 1]?.y ?? 0) - cy),
      );
      for (let i = 1; i < out.length; i++) expect(out[i]).toBeGreaterThanOrEqual((out[i - 1] ?? 0) - 1e-6);
    }),
  );
});

test("no bolts, or one without a place, are refused", () => {
  expect(() => centreOutOrder([])).toThrow("at least one");
  expect(() => centreOutOrder([{ x: Number.NaN, y: 0 }])).toThrow("needs a place");
});
