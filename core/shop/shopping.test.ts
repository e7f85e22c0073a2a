import loadHighs from "highs";
import { highsSolver } from "@/workers/highs-solver";
import { EUROS } from "../__fixtures__/money";
import { chestOf } from "../chest/chest";
import { bolts, chest, owned, routeOf } from "../kit/__fixtures__/owned";
import { kitFor, wantsFor } from "../kit/kit";
import type { Part } from "../model/job";
import { readHeadSize } from "../quantity/read-head-size";
import { asking, numbers, offer, randomAsk, want } from "./__fixtures__/instance";
import { yalpsSolver } from "./__fixtures__/yalps-solver";
import type { Solve } from "./integer-program";
import { jobMoney } from "./money";
import { ORDER_COLUMNS, orderRows, orderText } from "./order-list";
import { paidFor, sharesOf, withPrices } from "./paid";
import { type ShoppingPlan, choicesFor, shop } from "./shopping";
import { ordered, takenIn } from "./take-in";
import { tellShopping } from "./tell";
import { wantedFor } from "./wanted";

let solve: Solve;
beforeAll(async () => {
  solve = highsSolver(await loadHighs());
});

const titles = (plan: ShoppingPlan | undefined) =>
  plan?.bought.map(({ choice, count }) => `${count} ${choice.title}`).sort();
const worth = ({ costMinor, penaltyMinor }: ShoppingPlan) => costMinor + penaltyMinor;

test("on 500 random shoppings a second solver finds no cheaper plan, nor the first a dearer second or third", () => {
  let plans = 0;
  for (let seed = 1; seed <= 500; seed++) {
    const ask = randomAsk(seed, 2 + (seed % 9), 6 + (seed % 23));
    const mine = shop(ask, solve);
    const other = shop(ask, yalpsSolver);
    expect({
      seed,
      worth: mine.plans.map(mine.overBudget ? ({ cashMinor }) => cashMinor : worth),
      over: mine.overBudget,
    }).toEqual({
      seed,
      worth: other.plans.map(other.overBudget ? ({ cashMinor }) => cashMinor : worth),
      over: other.overBudget,
    });
    plans += mine.plans.length;
    const { shorts } = choicesFor(ask);
    for (const plan of mine.plans) {
      for (const { want: need, amount } of shorts)
        expect(
          plan.bought.reduce((sum, { choice, count }) => sum + (choice.covers.get(need.key) ?? 0) * count, 0),
        ).toBeGreaterThanOrEqual(amount);
      for (const { choice, count } of plan.bought) expect(count).toBeLessThanOrEqual(choice.most);
      if (ask.daysLeft !== undefined) expect(plan.leadDays).toBeLessThanOrEqual(ask.daysLeft);
      if (ask.wishes.spendUpToMinor !== undefined && !mine.overBudget)
        expect(plan.cashMinor).toBeLessThanOrEqual(ask.wishes.spendUpToMinor);
    }
    expect(new Set(mine.plans.map((plan) => JSON.stringify(titles(plan)))).size).toBe(mine.plans.length);
  }
  expect(plans).toBeGreaterThan(1000);
});

const five = ["a", "b", "c", "d", "e"];
const singles = five.map((key) => offer(`single ${key}`, 500, { [key]: 1 }));
const set = offer("the set", 1900, Object.fromEntries(five.map((key) => [key, 1])));

test("a set beats five singles and loses to two", () => {
  const all = tellShopping(
    shop(
      asking(
        five.map((key) => want(key)),
        [...singles, set],
      ),
      solve,
    ),
    new Map(),
    EUROS,
  );
  expect(all.plans[0]?.lines.map(({ title }) => title)).toEqual(["the set"]);
  expect(all.plans[0]?.why).toEqual(["the set at €19.00 beats 5 singles at €25.00."]);
  const two = tellShopping(shop(asking([want("a"), want("b")], [...singles, set]), solve), new Map(), EUROS);
  expect(two.plans[0]?.lines.map(({ title }) => title)).toEqual(["single a", "single b"]);
  expect(two.plans[0]?.why).toEqual(["2 singles at €10.00 beat the set at €19.00."]);
  expect(two.plans[1]?.why).toEqual(["€9.00 dearer: the set instead of single a and single b."]);
});

test("packs and bottles: the fewest whole ones that are enough for the least", () => {
  const bottles = [offer("small", 400, { oil: 1 }), offer("large", 1500, { oil: 5 })];
  expect(titles(shop(asking([want("oil", 4)], bottles), solve).plans[0])).toEqual(["1 large"]);
  expect(titles(shop(asking([want("oil", 6)], bottles), solve).plans[0])).toEqual(["1 large", "1 small"]);
  expect(shop(asking([want("oil", 99)], bottles), solve)).toMatchObject({
    plans: [],
    nowhere: [{ key: "oil" }],
  });
});

test("what is sold and comes too late is told from what nobody sells, with the day it would be there", () => {
  const offers = [
    offer("far", 700, { a: 1 }, { leadDays: 5 }),
    offer("farther", 600, { a: 1 }, { leadDays: 9 }),
  ];
  const told = shop(asking([want("a"), want("b")], offers, { daysLeft: 2 }), solve);
  expect(told.nowhere.map(({ key }) => key)).toEqual(["b"]);
  expect(told.late.map(({ want: { key }, leadDays }) => [key, leadDays])).toEqual([["a", 5]]);
  const later = shop(asking([want("a")], offers, { daysLeft: 5 }), solve);
  expect([later.nowhere, later.late]).toEqual([[], []]);
});

test("what comes too late, or costs its delivery, is counted so", () => {
  const offers = [offer("near", 1000, { a: 1 }), offer("far", 700, { a: 1 }, { shop: "Post", leadDays: 3 })];
  const shops = [{ name: "Post", deliveryMinor: 200 }];
  expect(shop(asking([want("a")], offers, { shops }), solve).plans[0]).toMatchObject({
    costMinor: 900,
    leadDays: 3,
  });
  expect(titles(shop(asking([want("a")], offers, { shops, daysLeft: 2 }), solve).plans[0])).toEqual([
    "1 near",
  ]);
  expect(
    titles(
      shop(asking([want("a")], offers, { shops: [{ name: "Post", deliveryMinor: 400 }] }), solve).plans[0],
    ),
  ).toEqual(["1 near"]);
});

test("a deposit is cash and no cost; owning can be wished for; a limit on cash is kept or said to be too low", () => {
  const offers = [
    offer("hired", 800, { a: 1 }, { kind: "hire", depositMinor: 5000 }),
    offer("bought", 3000, { a: 1 }),
  ];
  expect(shop(asking([want("a")], offers), solve).plans[0]).toMatchObject({
    costMinor: 800,
    cashMinor: 5800,
  });
  expect(titles(shop(asking([want("a")], offers, { wishes: { own: ["a"] } }), solve).plans[0])).toEqual([
    "1 bought",
  ]);
  expect(
    shop(asking([want("a")], offers, { wishes: { own: [], spendUpToMinor: 4000 } }), solve),
  ).toMatchObject({ overBudget: false, plans: [{ costMinor: 3000 }] });
  expect(
    shop(asking([want("a")], offers, { wishes: { own: [], spendUpToMinor: 2000 } }), solve),
  ).toMatchObject({
    overBudget: true,
    plans: [{ cashMinor: 3000 }, { cashMinor: 5800 }],
  });
  const told = tellShopping(shop(asking([want("a")], offers), solve), new Map(), EUROS);
  expect(told.plans[0]?.why).toEqual(["hired: 1 day at €8.00; buying bought is €30.00."]);
});

test("what comes back often is counted as bought again", () => {
  const offers = [
    offer("cheap", 900, { a: 1 }, { returnRate: 0.2 }),
    offer("sound", 1000, { a: 1 }, { returnRate: 0.01 }),
  ];
  expect(titles(shop(asking([want("a")], offers), solve).plans[0])).toEqual(["1 sound"]);
});

test("tools are judged by what they do in the chest: the crowfoot that brings a figure into range, the adapter that was missing", () => {
  const small = "torque wrench 1/4 30-150 lb in by 1 grip 240";
  const own = owned(small, "1/4 socket 12");
  const route = { ...routeOf([bolts("12", "168 lb in")]), steps: [] };
  const tool = (title: string, line: string, price = 900) => offer(title, price, {}, { holds: [line] });
  const offers = [
    tool("short", "1/4 crowfoot 12 offset 20"),
    tool("long", "1/4 crowfoot 12 offset 30"),
    tool("other size", "1/4 crowfoot 13 offset 30", 100),
    tool("wrench", "torque wrench 3/8 10-60 Nm by 0.5 grip 320", 5000),
  ];
  const wants = wantsFor(route, chestOf(own), {});
  expect(titles(shop(asking(wants, offers, { chest: chestOf(own) }), solve).plans[0])).toEqual(["1 long"]);
});

test("going on with a stand-in costs nothing but its fit; a cheap tool of the right size beats it", () => {
  const own = owned("3/8 socket 13");
  const wants = wantsFor(
    {
      ...routeOf([bolts("1/2 in", "5 Nm", { thread: { system: "metric", diameterMm: 8, pitchMm: 1.25 } })]),
      steps: [],
    },
    chestOf(own),
    {},
  );
  const half = (price: number) => [offer("half inch", price, {}, { holds: ["3/8 socket 1/2 in"] })];
  expect(titles(shop(asking(wants, half(900), { chest: chestOf(own) }), solve).plans[0])).toEqual([
    "1 Stand-in: 13 mm socket",
  ]);
  expect(titles(shop(asking(wants, half(200), { chest: chestOf(own) }), solve).plans[0])).toEqual([
    "1 half inch",
  ]);
});

test("the hardware in a part's box is short again while the part is still to be bought, and comes with a box that has it", () => {
  const part: Part = { id: "mount", name: "Mount", place: "engine", count: 1, holds: ["bolts"] };
  const route = { ...routeOf([bolts("16", "40 Nm", { singleUse: true })], { parts: [part] }), steps: [] };
  const wants = wantsFor(route, chest(), {}).filter(
    ({ need }) => need.kind === "part" || need.kind === "hardware",
  );
  const [mount, hardware] = ["part mount", "hardware bolts New: Bolts"] as const;
  expect(wantedFor(wants)).toMatchObject([
    { key: mount, withIt: [hardware] },
    { key: hardware, is: "hardware", amount: { value: 4 } },
  ]);
  const offers = [
    offer("bare", 2000, { [mount]: 1 }),
    offer("complete", 2500, { [mount]: 1, [hardware]: 99 }, { kind: "kit" }),
    offer("bag", 700, { [hardware]: 4 }),
  ];
  expect(titles(shop(asking(wants, offers), solve).plans[0])).toEqual(["1 complete"]);
  expect(shop(asking(wants, offers, { had: new Set([mount]) }), solve).plans).toEqual([]);
  // At the price in the plan, its box holds what the plan says.
  const priced = wantsFor({ ...route, parts: [{ ...part, priceMinor: 1800 }] }, chest(), {}).filter(
    ({ need }) => need.kind === "part" || need.kind === "hardware",
  );
  expect(titles(shop(asking(priced, offers), solve).plans[0])).toEqual(["1 Mount, as planned"]);
});

test("the order as text and as a table; taken in, tools lie in the chest and what is owed is noted", () => {
  const offers = [
    offer("hired", 800, { a: 1 }, { kind: "hire", depositMinor: 5000, shop: "Hire desk" }),
    offer(
      "starter",
      8000,
      { "part s": 1 },
      { kind: "part", coreMinor: 2000, leadDays: 2, leavesOut: ["the nut"] },
    ),
  ];
  const told = tellShopping(
    shop(asking([want("a"), want("part s")], offers), solve),
    new Map([
      ["a", "puller"],
      ["part s", "Starter"],
    ]),
    EUROS,
  );
  const [plan] = told.plans;
  if (!plan) throw new Error("no plan");
  expect(orderText("The job", plan, EUROS)).toContain(
    "1 × starter, €80.00, old part back for €20.00, in 2 days, leaves out the nut",
  );
  expect(orderText("The job", plan, EUROS)).toContain(
    "Together €88.00; to pay at first €158.00, of which €70.00 comes back.",
  );
  expect(orderRows(plan, EUROS)).toHaveLength(3);
  expect(orderRows(plan, EUROS).map((row) => row[ORDER_COLUMNS.indexOf("currency")])).toEqual([
    "currency",
    "EUR",
    "EUR",
  ]);
  const dueIn = (days: number) => `day ${days}`;
  expect(ordered(plan, dueIn)).toEqual([
    { key: "part s", how: "on order", from: "Corner", due: "day 2" },
    { key: "a", how: "on order", from: "Hire desk", due: "day 0" },
  ]);
  expect(takenIn(plan, dueIn)).toMatchObject({
    tools: [],
    got: [{ key: "part s", how: "in hand" }, { key: "a" }],
    followUps: [
      { kind: "return core", dueOn: "day 30" },
      { kind: "return hire", dueOn: "day 1" },
    ],
  });
  const line = {
    ...plan.lines[0],
    kind: "set",
    count: 1,
    coreMinor: 0,
    holds: ["3/8 sockets 8-10"],
  } as (typeof plan.lines)[number];
  expect(takenIn({ ...plan, lines: [line] }, dueIn).tools.map(({ name }) => name)).toEqual([
    "8 mm socket",
    "9 mm socket",
    "10 mm socket",
  ]);
  // A hired wrench is in the chest while it is here, so that it can be set, and goes out again as a set.
  const hired = { ...line, kind: "hire", holds: ["torque wrench 3/8 10-60 Nm by 0.5 grip 320"] };
  expect(takenIn({ ...plan, lines: [hired] }, dueIn)).toMatchObject({
    tools: [{ kind: "torque wrench", set: "Hired from Corner" }],
    got: [],
    followUps: [{ kind: "return hire" }],
  });
});

test("the money: parts in hand, tools spread over their uses, against a quote and one's own hours", () => {
  const route = routeOf([], {
    parts: [{ id: "p", name: "P", place: "engine", count: 1, priceMinor: 6470 }],
    steps: [{ ...kitStep, minutes: { usual: 120 } }],
  });
  const had = new Set(["part p"]);
  const tools = tellShopping(
    shop(
      asking(
        [want("socket 13 mm"), want("supply oil mL")],
        [offer("set", 2490, { "socket 13 mm": 1 }), offer("oil", 500, { "supply oil mL": 1 })],
      ),
      solve,
    ),
    new Map(),
    EUROS,
  ).plans[0];
  const money = jobMoney(route, tools, { quoteMinor: 31_000, hourMinor: 1500, toolUses: 10 }, had);
  // 64.70 + 24.90 / 10 + 5.00 = 72.19; 310.00 − 72.19 = 237.81; over two hours 118.91; less 30.00 for them
  // 207.81.
  expect(money).toMatchObject({
    partsMinor: 6470,
    toolsMinor: 249,
    suppliesMinor: 500,
    togetherMinor: 7219,
    cashMinor: 9460,
    hours: 2,
    savedMinor: 23_781,
    savedPerHourMinor: 11_891,
    afterOwnWorkMinor: 20_781,
  });
  expect(jobMoney(route, undefined, {}, had)).toMatchObject({ togetherMinor: 6470, savedMinor: undefined });
});

const kitStep = {
  id: "s",
  title: "s",
  phase: "take apart" as const,
  kind: "do" as const,
  stance: "on the ground" as const,
  cautions: [],
};

test("an old part that is kept costs what is asked for it, and owes nobody a way back", () => {
  const offers = [
    offer("rebuilt", 8000, { "part s": 1 }, { kind: "part", coreMinor: 2000, grade: "remanufactured" }),
    offer("new", 9500, { "part s": 1 }, { kind: "part" }),
  ];
  const told = (keepOld?: true) =>
    tellShopping(
      shop(asking([want("part s")], offers, { wishes: { own: [], ...(keepOld ? { keepOld } : {}) } }), solve),
      new Map(),
      EUROS,
    ).plans[0];
  expect(told()?.lines).toMatchObject([{ title: "rebuilt", costMinor: 8000, coreMinor: 2000, keptMinor: 0 }]);
  // 80 and 20 for the old one is more than 95.
  expect(told(true)?.lines).toMatchObject([{ title: "new", costMinor: 9500 }]);
  const only = tellShopping(
    shop(asking([want("part s")], offers.slice(0, 1), { wishes: { own: [], keepOld: true } }), solve),
    new Map(),
    EUROS,
  ).plans[0];
  if (!only) throw new Error("no plan");
  expect(only).toMatchObject({
    costMinor: 10_000,
    cashMinor: 10_000,
    lines: [{ coreMinor: 0, keptMinor: 2000 }],
  });
  expect(takenIn(only, String).followUps).toEqual([]);
  let id = 0;
  expect(paidFor(only, () => `${++id}`)).toMatchObject([
    { kind: "part", minor: 8000, keys: ["part s"] },
    { kind: "old part kept", minor: 2000, keys: [] },
  ]);
});

test("what was paid is a line each; parts take their share of it, tools theirs, and the money counts it once", () => {
  const told = tellShopping(
    shop(
      asking(
        [want("part l"), want("part r"), want("a"), want("supply oil mL")],
        [
          offer("pair", 5001, { "part l": 1, "part r": 1 }, { kind: "kit" }),
          offer("puller", 700, { a: 1 }, { kind: "hire", depositMinor: 3000 }),
          offer("oil", 450, { "supply oil mL": 1 }),
        ],
        { shops: [{ name: "Corner", deliveryMinor: 399 }] },
      ),
      solve,
    ),
    new Map(),
    EUROS,
  ).plans[0];
  if (!told) throw new Error("no plan");
  let id = 0;
  const paid = paidFor(told, () => `${++id}`);
  expect(paid.map(({ kind, minor }) => [kind, minor]).sort()).toEqual([
    ["delivery", 399],
    ["hire", 700],
    ["part", 5001],
    ["used up", 450],
  ]);
  const arm = (name: string): Part => ({ id: name, name, place: "engine", count: 1, priceMinor: 9999 });
  const route = withPrices(routeOf([], { parts: [arm("l"), arm("r")] }), paid);
  expect(route.parts.map(({ priceMinor }) => priceMinor)).toEqual([2501, 2500]);
  const money = jobMoney(route, undefined, { quoteMinor: 20_000, paid }, new Set(["part l", "part r"]));
  expect(money).toMatchObject({
    partsMinor: 5001,
    hireMinor: 700,
    suppliesMinor: 450,
    deliveryMinor: 399,
    togetherMinor: 6550,
    savedMinor: 13_450,
  });
  expect(sharesOf(10, 3)).toEqual([4, 3, 3]);
});

test("a tool wanted only where all else fails is not bought", () => {
  const wants = wantsFor(
    routeOf([], { specialTools: [{ id: "t", name: "Pipe wrench", days: 1, onlyIfNeeded: true }] }),
    chest(),
    {},
  );
  expect(wants).toHaveLength(1);
  expect(shop(asking(wants, [offer("wrench", 900, { "tool pipe wrench": 1 })]), solve).plans).toEqual([]);
});

test("nothing short, nothing to buy", () => {
  expect(shop(asking([], []), solve)).toMatchObject({ plans: [], nowhere: [], overBudget: false });
  expect(kitFor(routeOf([]), []).total).toBe(0);
});

test("what does not reach past a stud, or over a key through the middle, is not offered for it", () => {
  const offers = [
    offer("shallow", 300, {}, { kind: "single", holds: ["3/8 socket 13"] }),
    offer("deep", 500, {}, { kind: "single", holds: ["3/8 deep socket 13"] }),
    offer("ring", 700, {}, { kind: "single", holds: ["combination spanner 13"] }),
  ];
  const bought = (more: object) => {
    const wants = wantsFor(routeOf([bolts("13", "25 Nm", more)]), chest(), {}).filter(
      ({ need }) => need.kind === "head" && !need.holds,
    );
    return titles(shop(asking(wants, offers), solve).plans[0]);
  };
  expect(bought({})).toEqual(["1 shallow"]);
  expect(bought({ deepSocket: true })).toEqual(["1 deep"]);
  expect(bought({ counterHold: { by: "key through the middle", size: readHeadSize("5 mm key") } })).toEqual([
    "1 ring",
  ]);
});

test("the dearest of four alike is kept where the cheaper three are not enough together", () => {
  const few = [1, 2, 3].map((i) => offer(`few ${i}`, 100 * i, { bolt: 1 }, { stock: 1 }));
  const many = offer("many", 400, { bolt: 1 }, { stock: 9 });
  const told = shop(asking([want("bolt", 5)], [...few, many]), solve);
  expect(titles(told.plans[0])).toEqual(["1 few 1", "1 few 2", "1 few 3", "2 many"]);
});

test("no other way of buying is cheaper, in pieces or in parts of a litre, delivery and returns counted", () => {
  const roll = numbers(7);
  for (let round = 0; round < 400; round++) {
    const parts = round % 2 === 0 ? 1 : 4;
    const wants = ["a", "b"].map((key) => want(key, (1 + roll(5)) / parts));
    const offers = Array.from({ length: 5 }, (_, i) =>
      offer(
        `o${i}`,
        100 + roll(900),
        Object.fromEntries(["a", "b"].filter(() => roll(2) > 0).map((key) => [key, (1 + roll(3)) / parts])),
        { stock: 1 + roll(2), returnRate: roll(10) / 100, shop: roll(1) === 0 ? "Corner" : "Post" },
      ),
    );
    const shops = [{ name: "Post", deliveryMinor: 150 + roll(300) }];
    const ask = asking(wants, offers, { shops });
    const { shorts, choices } = choicesFor(ask);
    const mine = shop(ask, solve).plans[0];
    expect({ round, worth: mine ? worth(mine) : undefined }).toEqual({
      round,
      worth: shorts.length === 0 ? undefined : leastByTrying(shorts, choices, shops),
    });
  }
});

/** The least that is enough costs, by trying every count of everything. */
function leastByTrying(
  shorts: readonly { want: { key: string }; amount: number }[],
  choices: ReturnType<typeof choicesFor>["choices"],
  shops: readonly { name: string; deliveryMinor: number }[],
): number {
  let least = Infinity;
  const counts = choices.map(() => 0);
  const costOf = () =>
    choices.reduce((sum, one, i) => sum + (one.costMinor + one.penaltyMinor) * (counts[i] ?? 0), 0) +
    shops
      .filter(({ name }) => choices.some((one, i) => one.shop === name && (counts[i] ?? 0) > 0))
      .reduce((sum, { deliveryMinor }) => sum + deliveryMinor, 0);
  const enough = () =>
    shorts.every(
      ({ want: { key }, amount }) =>
        choices.reduce((sum, { covers }, i) => sum + (covers.get(key) ?? 0) * (counts[i] ?? 0), 0) >=
        amount - 1e-9,
    );
  const tryFrom = (at: number): void => {
    const choice = choices[at];
    if (!choice) {
      if (enough()) least = Math.min(least, costOf());
      return;
    }
    for (let count = 0; count <= choice.most; count++) {
      counts[at] = count;
      tryFrom(at + 1);
    }
    counts[at] = 0;
  };
  tryFrom(0);
  return least;
}
