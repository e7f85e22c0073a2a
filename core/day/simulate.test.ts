import { ALWAYS, EXACT, activity } from "./__fixtures__/activities";
import type { Branch, Activity } from "./activity";
import { chanceBy, hundredOf, inHundred, within100 } from "./odds";
import { type Trial, simulate } from "./simulate";

const trial = (activities: readonly Activity[], more: Partial<Trial> = {}): Trial => ({
  activities,
  notBefore: new Map(),
  world: { people: [ALWAYS], start: 0, shop: ALWAYS, tripMin: 40 },
  speed: EXACT,
  secondSide: 0.85,
  runs: 4000,
  seed: 3,
  ...more,
});

const seized = (chance: number, more: Partial<Branch> = {}): Branch => ({
  kind: "seized",
  chance,
  here: [{ minutes: 10, lacks: [] }],
  fetched: [],
  renews: undefined,
  ...more,
});

test("without luck, a run is what working down the list is", () => {
  const { over } = simulate(
    trial([
      activity("soak", 2, { waits: 20 }),
      activity("wheel", 10, { after: [{ id: "soak", waited: false }] }),
      activity("bolt", 5, { after: [{ id: "soak", waited: true }] }),
    ]),
  );
  expect([over[0], over.at(-1)]).toEqual([27, 27]);
});

test("a trouble is met by its chance, and one thing to try does it every other time", () => {
  // 4 in 10 meet it; half of them get on 10 minutes later, the others stop.
  const { over } = simulate(trial([activity("undo", 5, { branches: [seized(0.4)] })]));
  expect(chanceBy(over, 5)).toBeCloseTo(0.6, 1);
  expect(chanceBy(over, 15)).toBeCloseTo(0.8, 1);
  expect(over.at(-1)).toBe(Infinity);
});

test("what has to be fetched takes the way there and back, in the hours of the shop", () => {
  const branch = seized(1, { here: [], fetched: [{ minutes: 5, lacks: ["Hot-air gun"] }] });
  const activities = [activity("undo", 5, { branches: [branch] })];
  const open = simulate(trial(activities));
  expect(open.over[0]).toBe(5 + 40 + 5);
  expect(open.lacks[0]).toMatchObject({ name: "Hot-air gun", chance: 1 });
  expect(open.shut).toBe(0);
  const later = simulate(
    trial(activities, { world: { people: [ALWAYS], start: 0, shop: [[600, 900]], tripMin: 40 } }),
  );
  expect([later.over[0], later.shut]).toEqual([600 + 20 + 5, 1]);
});

test("what is renewed after a trouble is fetched, too", () => {
  const branch = seized(1, { here: [{ minutes: 10, lacks: [] }], renews: "New: Bolt" });
  const { over, lacks } = simulate(trial([activity("undo", 5, { branches: [branch] })]));
  expect(over[0]).toBe(5 + 10 + 40);
  expect(lacks.map(({ name }) => name)).toEqual(["New: Bolt"]);
});

test("what the kit lacks is fetched once, where it is first wanted", () => {
  const { over, missingMin } = simulate(
    trial([
      activity("a", 10),
      activity("b", 10, { lacks: ["Socket"] }),
      activity("c", 10, { lacks: ["Gasket"] }),
    ]),
  );
  expect([over[0], missingMin]).toEqual([70, 40]);
});

test("the second of two that are alike goes by the learnt factor, whichever it is", () => {
  const [left, right] = [activity("left", 100, { twin: "right" }), activity("right", 100, { twin: "left" })];
  expect(simulate(trial([left, right])).over[0]).toBeCloseTo(185);
  expect(simulate(trial([right, left])).over[0]).toBeCloseTo(185);
});

test("a slow day is slow throughout: the spread does not average out over many steps", () => {
  const quantiles = new Float64Array([0.5, 1, 1.5]);
  const activities = Array.from({ length: 40 }, (_, i) => activity(`s${i}`, 5));
  const { over, drives } = simulate(trial(activities, { speed: { ...EXACT, quantiles } }));
  expect(within100(over, 95) - within100(over, 5)).toBeGreaterThan(150);
  expect(drives[0]).toMatchObject({ kind: "speed" });
  expect(drives[0]?.share).toBeCloseTo(1, 2);
});

test("what drives the spread is told by its share of the variance", () => {
  // Standard deviations as 3 to 1: variances as 9 to 1.
  const wide = activity("wide", 0, { minutes: { least: 10, usual: 40, most: 70 } });
  const narrow = activity("narrow", 0, { minutes: { least: 30, usual: 40, most: 50 } });
  const { drives } = simulate(trial([wide, narrow], { runs: 20_000 }));
  expect(drives.map(({ id }) => id)).toEqual(["wide", "narrow"]);
  expect(drives[0]?.share).toBeCloseTo(0.9, 1);
  expect(drives[1]?.share).toBeCloseTo(0.1, 1);
});

test("the same seed gives the same runs, and another order the same luck", () => {
  const activities = ["a", "b", "c"].map((id) =>
    activity(id, 0, { minutes: { least: 1, usual: 5, most: 20 } }),
  );
  const one = simulate(trial(activities));
  expect(simulate(trial(activities)).over).toEqual(one.over);
  const turned = simulate(trial([...activities].reverse())).over;
  turned.forEach((at, i) => expect(at).toBeCloseTo(one.over[i] ?? 0));
});

test("more time, a longer chance and a later start are never sooner over", () => {
  const activities = [
    activity("a", 0, { minutes: { least: 1, usual: 5, most: 20 }, branches: [seized(0.3)] }),
  ];
  const base = simulate(trial(activities)).over;
  const worse = [
    trial([{ ...(activities[0] ?? activity("a", 1)), minutes: { least: 2, usual: 6, most: 22 } }]),
    trial(activities, { world: { people: [ALWAYS], start: 30, shop: ALWAYS, tripMin: 40 } }),
    trial(activities, { notBefore: new Map([["a", 60]]) }),
  ];
  for (const one of worse)
    simulate(one).over.forEach((at, i) => expect(at).toBeGreaterThanOrEqual(base[i] ?? 0));
});

test("from an activity that is watched, how long it and all behind it took", () => {
  const { from } = simulate(trial([activity("a", 10), activity("b", 20)], { watch: ["b"] }));
  expect(from.get("b")?.[0]).toBe(20);
});

test("a hundred ends stand for all, and a chance is said rounded down, never as sure where it is not", () => {
  const over = Float64Array.from({ length: 1000 }, (_, i) => i);
  expect(hundredOf(over).slice(0, 3)).toEqual([4, 14, 24]);
  expect([inHundred(0.999), inHundred(1), inHundred(0.004), inHundred(0), inHundred(0.817)]).toEqual([
    99, 99, 1, 0, 81,
  ]);
});
