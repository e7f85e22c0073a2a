import { uniformFloat64 } from "pure-rand/distribution/uniformFloat64";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import { chanceBy, within100 } from "./odds";
import { pertMoments, pertQuantiles, valueAt } from "./pert";
import { speedFrom, speedToday } from "./speed";

const SPREADS = Array.from({ length: 25 }, (_, i) => ({
  least: 2 + (i % 3),
  usual: 5 + (i % 5),
  most: 12 + (i % 9),
}));
const PLANNED = SPREADS.reduce((sum, one) => sum + pertMoments(one).mean, 0);
const VARIANCE = SPREADS.reduce((sum, one) => sum + pertMoments(one).variance, 0) / PLANNED ** 2;

const TABLES = SPREADS.map(pertQuantiles);
const random = xoroshiro128plus(20_261_129);
const even = () => uniformFloat64(random);
const normal = () => Math.sqrt(-2 * Math.log(1 - even())) * Math.cos(2 * Math.PI * even());
const luck = () => TABLES.reduce((sum, table) => sum + valueAt(table, even()), 0);

test("after five logged jobs the 80 in 100 holds 75 to 85 in 100, the steady and the changeable together", () => {
  let [below, inside] = [0, 0];
  const people = 800;
  for (let i = 0; i < people; i++) {
    // Somebody whose speed is known, and what a job takes them on a day.
    const speed = Math.exp(0.3 * normal());
    const days = [0, 0.05, 0.1, 0.15][i % 4] ?? 0;
    const job = () => speed * Math.exp(days * normal()) * luck();
    const went = Array.from({ length: 5 }, () => ({
      logRatio: Math.log(job() / PLANNED),
      variance: VARIANCE,
    }));
    const { quantiles } = speedFrom(went);
    const said = Float64Array.from({ length: 300 }, () => valueAt(quantiles, even()) * luck()).sort();
    const real = job();
    if (real <= within100(said, 80)) below++;
    if (real > within100(said, 10) && real <= within100(said, 90)) inside++;
  }
  for (const held of [below, inside]) {
    expect(held / people).toBeGreaterThanOrEqual(0.75);
    expect(held / people).toBeLessThanOrEqual(0.85);
  }
});

test("nothing logged is the plan's own pace, widely; five slow jobs are somebody slow", () => {
  const fresh = speedFrom([]);
  expect(fresh.usual).toBeCloseTo(1, 1);
  const slow = speedFrom(Array.from({ length: 5 }, () => ({ logRatio: Math.log(1.5), variance: 0.002 })));
  expect(slow.usual).toBeGreaterThan(1.4);
  expect(slow.usual).toBeLessThan(1.5);
  const width = ({ quantiles }: typeof slow) => (quantiles[58] ?? 0) / (quantiles[6] ?? 1);
  expect(width(slow)).toBeLessThan(width(fresh));
});

test("a day that has gone twice as slow so far goes on nearly so", () => {
  const before = speedFrom([]);
  const today = speedToday(before, { logRatio: Math.log(2), variance: 0.001 });
  expect(today.usual).toBeGreaterThan(1.8);
  expect(today.usual).toBeLessThan(2);
  expect(speedToday(before, undefined)).toBe(before);
});

test("a hundred as it is said is never more than it is", () => {
  expect(chanceBy(new Float64Array([1, 2, 3, Infinity]), 2)).toBe(0.5);
  expect(within100(new Float64Array([1, 2, 3, Infinity]), 80)).toBe(Infinity);
});
