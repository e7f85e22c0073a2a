import { pertMoments, pertQuantiles, valueAt } from "./pert";

test("the mean and the variance by hand", () => {
  // (2 + 4·5 + 14)/6 = 6; (6 - 2)(14 - 6)/7 = 32/7
  expect(pertMoments({ least: 2, usual: 5, most: 14 })).toEqual({ mean: 6, variance: 32 / 7 });
});

test("quantiles of Beta(3, 3) between 0 and 10, by its polynomial", () => {
  // F(x) = 10x³ - 15x⁴ + 6x⁵: a quarter of the way lies at 0.103515625.
  const quantiles = pertQuantiles({ least: 0, usual: 5, most: 10 });
  expect(valueAt(quantiles, 0.103515625)).toBeCloseTo(2.5, 1);
  expect(valueAt(quantiles, 0.5)).toBeCloseTo(5, 2);
  expect(valueAt(quantiles, 1 - 0.103515625)).toBeCloseTo(7.5, 1);
});

test("drawn evenly, they have the mean and variance of the formula, and stay between the ends", () => {
  for (const spread of [
    { least: 2, usual: 5, most: 14 },
    { least: 3, usual: 3, most: 30 },
    { least: 1, usual: 9, most: 9 },
  ]) {
    const quantiles = pertQuantiles(spread);
    const drawn = Array.from({ length: 5000 }, (_, i) => valueAt(quantiles, (i + 0.5) / 5000));
    const mean = drawn.reduce((sum, one) => sum + one, 0) / drawn.length;
    const variance = drawn.reduce((sum, one) => sum + (one - mean) ** 2, 0) / drawn.length;
    const told = pertMoments(spread);
    expect(mean / told.mean).toBeCloseTo(1, 2);
    expect(variance / told.variance).toBeCloseTo(1, 1);
    expect(Math.min(...drawn)).toBeGreaterThanOrEqual(spread.least);
    expect(Math.max(...drawn)).toBeLessThanOrEqual(spread.most);
  }
});

test("what takes one time only takes that", () => {
  expect([...new Set(pertQuantiles({ least: 4, usual: 4, most: 4 }))]).toEqual([4]);
});
