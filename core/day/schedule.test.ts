import { ALWAYS, randomActivities } from "./__fixtures__/activities";
import { type Hands, type Slot, type Timed, bestOrder, keepsOrder, overAt, workDown } from "./schedule";

const alone: Hands = { people: [ALWAYS], start: 0 };
const two: Hands = { people: [ALWAYS, ALWAYS], start: 0 };

/**
 * The soonest end there is, by trying everything: at each moment at which something ends, any of what is ready is
 * begun, or nothing is.
 */
function soonestOfAll(activities: readonly Timed[], people: number): number {
  let best = Infinity;
  const go = (now: number, slots: ReadonlyMap<string, { to: number; over: number }>) => {
    const end = Math.max(0, ...[...slots.values()].map(({ over }) => over));
    if (end >= best) return;
    const left = activities.filter(({ id }) => !slots.has(id));
    if (left.length === 0) {
      best = end;
      return;
    }
    const busy = activities.reduce(
      (sum, { id, hands }) => sum + ((slots.get(id)?.to ?? 0) > now ? hands : 0),
      0,
    );
    for (const activity of left) {
      const ready = activity.after.every(({ id, waited }) => {
        const slot = slots.get(id);
        return slot !== undefined && (waited ? slot.over : slot.to) <= now;
      });
      if (!ready || busy + activity.hands > people) continue;
      const to = now + activity.minutes;
      go(now, new Map(slots).set(activity.id, { to, over: to + activity.waits }));
    }
    const later = [...slots.values()].flatMap(({ to, over }) => [to, over]).filter((at) => at > now);
    if (later.length > 0) go(Math.min(...later), slots);
  };
  go(0, new Map());
  return best;
}

/** What is wrong with a day; nothing where it is valid. */
function wrongWith(activities: readonly Timed[], slots: readonly Slot[], people: number): string[] {
  const of = new Map(slots.map((slot) => [slot.id, slot]));
  const near = (a: number, b: number) => Math.abs(a - b) < 1e-6;
  const wrong = activities.flatMap(({ id, after, minutes, waits, hands }) => {
    const slot = of.get(id);
    if (!slot) return [`${id} was not worked`];
    const early = after.filter((before) => {
      const earlier = of.get(before.id);
      return slot.from < ((before.waited ? earlier?.over : earlier?.to) ?? 0) - 1e-6;
    });
    return [
      ...(near(slot.to - slot.from, minutes) && near(slot.over - slot.to, waits) ? [] : [`${id} is cut`]),
      ...(slot.people.length === Math.min(hands, people) ? [] : [`${id} has the wrong hands`]),
      ...early.map((before) => `${id} is before ${before.id}`),
    ];
  });
  const twice = Array.from({ length: people }, (_, i) => i).flatMap((person) => {
    const own = slots.filter((slot) => slot.people.includes(person)).sort((a, b) => a.from - b.from);
    return own
      .slice(1)
      .flatMap((slot, i) => (slot.from < (own[i]?.to ?? 0) - 1e-6 ? [`${slot.id} at once`] : []));
  });
  return [...wrong, ...twice];
}

test("hands go on while something soaks, and what needs the soak waits for it", () => {
  const slots = workDown(
    [
      { id: "soak", hands: 1, minutes: 2, waits: 20, after: [] },
      { id: "wheel", hands: 1, minutes: 10, waits: 0, after: [{ id: "soak", waited: false }] },
      { id: "bolt", hands: 1, minutes: 5, waits: 0, after: [{ id: "soak", waited: true }] },
    ],
    alone,
  );
  expect(slots.map(({ from, to }) => [from, to])).toEqual([
    [0, 2],
    [2, 12],
    [22, 27],
  ]);
});

test("work pauses for a meal and over night, a wait does not", () => {
  const [slot] = workDown([{ id: "a", hands: 1, minutes: 100, waits: 30, after: [] }], {
    people: [
      [
        [480, 540],
        [570, 600],
        [1920, 2400],
      ],
    ],
    start: 500,
  });
  expect(slot).toMatchObject({ from: 500, to: 1950, over: 1980 });
});

test("what wants two waits until both are there, and time that runs out is never", () => {
  const late: Hands = { people: [ALWAYS, [[60, 90]]], start: 0 };
  const bleed = { id: "bleed", hands: 2, minutes: 20, waits: 0, after: [] };
  expect(workDown([bleed], late)[0]).toMatchObject({ from: 60, to: 80, people: [0, 1] });
  expect(workDown([{ ...bleed, minutes: 40 }], late)[0]?.to).toBe(Infinity);
});

test("200 small days are as short as trying everything finds, within 3 in 100", () => {
  for (let seed = 1; seed <= 200; seed++) {
    const people = 1 + (seed % 2);
    const activities = randomActivities(4 + (seed % 4), seed, people);
    const hands = people === 1 ? alone : two;
    const slots = workDown(bestOrder(activities, hands), hands);
    expect(wrongWith(activities, slots, people)).toEqual([]);
    expect(overAt(slots, 0)).toBeLessThanOrEqual(soonestOfAll(activities, people) * 1.03);
  }
});

test("2000 large days are valid, and never longer than working down the list", () => {
  for (let seed = 1; seed <= 2000; seed++) {
    const people = 1 + (seed % 2);
    const activities = randomActivities(20 + (seed % 20), 10_000 + seed, people);
    const hands = people === 1 ? alone : two;
    const listed = workDown(activities, hands);
    const order = bestOrder(activities, hands, 25);
    expect(keepsOrder(order)).toBe(true);
    const slots = workDown(order, hands);
    expect(wrongWith(activities, slots, people)).toEqual([]);
    expect(overAt(slots, 0)).toBeLessThanOrEqual(overAt(listed, 0) + 1e-9);
  }
}, 60_000);

test("of orders that are over alike, the one that looks sooner is taken", () => {
  const one = (id: string, more: Partial<Timed> = {}): Timed => ({
    id,
    hands: 1,
    minutes: 5,
    waits: 0,
    after: [],
    ...more,
  });
  const plan = [
    one("clean"),
    one("grease"),
    one("drum off"),
    one("look at it", { after: [{ id: "drum off", waited: false }], looks: true }),
  ];
  expect(bestOrder(plan, alone).map(({ id }) => id)).toEqual(["drum off", "look at it", "clean", "grease"]);
  // Not where it would be over later.
  const soak = [...plan, one("soak", { waits: 60 })];
  expect(bestOrder(soak, alone)[0]?.id).toBe("soak");
});

test("an order that has something before what it needs is told", () => {
  const after = [{ id: "a", waited: false }];
  expect(
    keepsOrder([
      { id: "a", after: [] },
      { id: "b", after },
    ]),
  ).toBe(true);
  expect(
    keepsOrder([
      { id: "b", after },
      { id: "a", after: [] },
    ]),
  ).toBe(false);
});
