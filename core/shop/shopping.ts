import { type Chest } from "../chest/chest";
import { inBoxOf } from "../kit/needs/part-needs";
import { amountLeft } from "../kit/needs/supply-needs";
import type { Want } from "../kit/needs/wants";
import type { KitRecord } from "../model/kit";
import type { Offer, Shop } from "../model/offer";
import { type Choice, type Short, choiceOf, standInChoice } from "./choice";
import type { Constraint, IntegerProgram, Solve, Variable } from "./integer-program";

/** One thing of a shopping plan, and how many of it. */
export interface Bought {
  choice: Choice;
  count: number;
}

export interface ShoppingPlan {
  bought: Bought[];
  shops: Shop[];
  /**
   * What it costs for good, delivery included; what has to be paid at first, with deposits and cores; what
   * was counted for risk beside.
   */
  costMinor: number;
  cashMinor: number;
  penaltyMinor: number;
  /** The day on which the last of it is there is so many days off. */
  leadDays: number;
}

export interface Shopping {
  /** Everything that could be chosen. */
  choices: Choice[];
  /** The best first, then the next two that do without something of each before them. */
  plans: ShoppingPlan[];
  /** Needs that nobody offers anything for, or not enough of it. */
  nowhere: Want[];
  /** Needs that are offered, and only too late: with the days that the first of them takes. */
  late: Late[];
  /** True when no plan keeps within what was to be spent: then the plans are those of least cash. */
  overBudget: boolean;
}

export interface Late {
  want: Want;
  leadDays: number;
}

export interface ShoppingAsk {
  wants: readonly Want[];
  chest: Chest;
  /** Keys that are met by what was noted down. */
  had: ReadonlySet<string>;
  offers: readonly Offer[];
  shops: readonly Shop[];
  wishes: KitRecord["wishes"];
  /** Days until it has to be there; undefined when no day is set. */
  daysLeft: number | undefined;
}

const PLANS = 3;

/**
 * The cheapest way to have everything that is short, in time, and the next two; exact.
 * @param solve an exact solver of integer programs. Cost counts what is paid for good, delivery, and what a
 * stand-in's fit or a grade's returns are counted as;
 * deposits and cores come back, and count only as cash.
 */
export function shop(ask: ShoppingAsk, solve: Solve): Shopping {
  const { shorts, choices, nowhere, late } = choicesFor(ask);
  const findings = plansFor(shorts, choices, ask.shops, ask.wishes.spendUpToMinor, solve);
  if (findings.length > 0 || ask.wishes.spendUpToMinor === undefined)
    return { choices, plans: findings, nowhere, late, overBudget: false };
  return {
    choices,
    plans: plansFor(shorts, choices, ask.shops, undefined, solve, "cash"),
    nowhere,
    late,
    overBudget: true,
  };
}

/** What is short, what can be chosen for it, and what nothing can be chosen for. */
export function choicesFor({ wants, chest, had, offers, daysLeft, wishes }: ShoppingAsk): {
  shorts: Short[];
  choices: Choice[];
  nowhere: Want[];
  late: Late[];
} {
  const open = wants
    .filter(({ key, need }) => !had.has(key) && !(need.kind === "special tool" && need.onlyIfNeeded))
    .flatMap((want): Short[] => {
      const cover = want.coverBy(chest);
      // What lies in the box of a part that is still to be bought depends on whose part that will be.
      const boxOpen =
        want.need.kind === "hardware" && want.need.boxes.some(({ id }) => !had.has(`part ${id}`));
      const wanting =
        boxOpen || cover.kind === "missing" || (cover.kind === "stand-in" && cover.fit !== undefined);
      return wanting ? [{ want, amount: amountShort(want, chest) }] : [];
    });
  const wished = { own: new Set(wishes.own), keepOld: wishes.keepOld === true };
  const inStock = [...offers, ...open.flatMap(({ want }) => asPlanned(want, open))].filter(
    ({ stock }) => stock > 0,
  );
  const inTime = inStock.filter(({ leadDays }) => daysLeft === undefined || leadDays <= daysLeft);
  const all = [
    ...inTime.flatMap((offer) => choiceOf(offer, open, chest, wished) ?? []),
    ...open
      .filter(({ want }) => !wished.own.has(want.key))
      .flatMap(({ want }) => standInChoice(want, chest) ?? []),
  ];
  const enough = (short: Short) =>
    all.reduce((sum, choice) => sum + (choice.covers.get(short.want.key) ?? 0) * choice.most, 0) >=
    short.amount - 1e-9;
  const shorts = open.filter(enough);
  const keys = new Set(shorts.map(({ want }) => want.key));
  const choices = all.flatMap((choice): Choice[] => {
    const covers = new Map([...choice.covers].filter(([key]) => keys.has(key)));
    return covers.size > 0 ? [{ ...choice, covers }] : [];
  });
  const unmet = open.filter((short) => !enough(short));
  const late = unmet.flatMap((short): Late[] => {
    const days = inStock
      .filter((offer) => !inTime.includes(offer) && choiceOf(offer, [short], chest, wished) !== undefined)
      .map(({ leadDays }) => leadDays);
    return days.length > 0 ? [{ want: short.want, leadDays: Math.min(...days) }] : [];
  });
  const isLate = new Set(late.map(({ want }) => want.key));
  return {
    shorts,
    choices: fewAlike(choices, new Map(shorts.map(({ want, amount }) => [want.key, amount]))),
    nowhere: unmet.flatMap(({ want }) => (isLate.has(want.key) ? [] : [want])),
    late,
  };
}

/** A part at the price that stands in the plan, with what its box holds. */
function asPlanned({ key, need }: Want, open: readonly Short[]): Offer[] {
  if (need.kind !== "part" || need.part.priceMinor === undefined) return [];
  const boxed = open.flatMap(({ want }) => {
    const amount = want.need.kind === "hardware" ? inBoxOf(want.need, need.part) : 0;
    return amount > 0 ? [{ key: want.key, amount }] : [];
  });
  const answers = [{ key, amount: need.part.count }, ...boxed];
  return [
    {
      id: `planned ${need.part.id}`,
      kind: "part",
      title: `${need.part.name}, as planned`,
      shop: "As planned",
      priceMinor: need.part.priceMinor,
      stock: 1,
      leadDays: 0,
      holds: [],
      answers,
      leavesOut: need.part.leavesOut ?? [],
    },
  ];
}

function amountShort({ need }: Want, chest: Chest): number {
  if (need.kind === "part") return need.part.count;
  if (need.kind === "hardware") return need.count;
  return need.kind === "supply" ? need.amount.value - amountLeft(need, chest.tools) : 1;
}

/**
 * Of choices alike in what they cover, in their shop and with one of each enough, no more than three can be
 * in the plans asked for; the dearer ones are left out. Cash may rank them another way than cost, so both are
 * kept.
 */
function fewAlike(choices: readonly Choice[], wanted: ReadonlyMap<string, number>): Choice[] {
  const alike = new Map<string, Choice[]>();
  for (const choice of choices) {
    const oneIsEnough = [...choice.covers].every(([key, amount]) => amount >= (wanted.get(key) ?? 0));
    const key = oneIsEnough ? `${choice.shop} ${[...choice.covers.keys()].sort().join("|")}` : choice.id;
    alike.set(key, [...(alike.get(key) ?? []), choice]);
  }
  return [...alike.values()].flatMap((group) => {
    if (group.length <= PLANS) return group;
    const by = (worth: (choice: Choice) => number) =>
      [...group].sort((a, b) => worth(a) - worth(b)).slice(0, PLANS);
    return [
      ...new Set([
        ...by(({ costMinor, penaltyMinor }) => costMinor + penaltyMinor),
        ...by(({ cashMinor }) => cashMinor),
      ]),
    ];
  });
}

function plansFor(
  shorts: readonly Short[],
  choices: readonly Choice[],
  shops: readonly Shop[],
  spendUpTo: number | undefined,
  solve: Solve,
  least: "cost" | "cash" = "cost",
): ShoppingPlan[] {
  if (shorts.length === 0) return [];
  let program = programOf(shorts, choices, shops, spendUpTo, least);
  const plans: ShoppingPlan[] = [];
  while (plans.length < PLANS) {
    const numbers = solve(program);
    if (!numbers) break;
    const plan = planOf(numbers, shorts, choices, shops);
    plans.push(plan);
    program = without(
      program,
      plan.bought.map(({ choice }) => choices.indexOf(choice)),
    );
  }
  return plans;
}

/** As an integer program: how many of each choice, in their order, and then whether each shop delivers. */
function programOf(
  shorts: readonly Short[],
  choices: readonly Choice[],
  shops: readonly Shop[],
  spendUpTo: number | undefined,
  least: "cost" | "cash",
): IntegerProgram {
  const variables: Variable[] = choices.map((choice) => ({
    cost: least === "cash" ? choice.cashMinor : choice.costMinor + choice.penaltyMinor,
    most: mostWanted(choice, shorts),
  }));
  const constraints: Constraint[] = shorts.flatMap(({ want, amount }) =>
    enoughOf(
      choices.flatMap((choice, i) => {
        const covered = choice.covers.get(want.key);
        return covered === undefined ? [] : [[i, covered] as const];
      }),
      amount,
    ),
  );
  const paid: [number, number][] = choices.map((choice, i) => [i, choice.cashMinor]);
  for (const { name, deliveryMinor } of shops.filter((one) => one.deliveryMinor > 0)) {
    const delivers = variables.push({ cost: deliveryMinor, most: 1 }) - 1;
    paid.push([delivers, deliveryMinor]);
    choices.forEach((choice, i) => {
      if (choice.shop === name) constraints.push(onlyWith(i, delivers, variables[i]?.most ?? 1));
    });
  }
  if (spendUpTo !== undefined) constraints.push({ terms: paid, most: spendUpTo });
  return { variables, constraints };
}

/** Nothing of one is chosen unless the other, which is 0 or 1, is. */
const onlyWith = (one: number, other: number, most: number): Constraint => ({
  terms: [
    [one, 1],
    [other, -most],
  ],
  most: 0,
});

/**
 * That what is chosen is enough. What one brings beyond the amount counts no further, and the sum divided by
 * any of its coefficients holds rounded up too (Chvátal and Gomory's rounding): said with them, the solver
 * has less to try.
 */
function enoughOf(covered: readonly (readonly [variable: number, amount: number])[], amount: number) {
  if (amount <= 0) return [];
  const terms = covered.map(([i, one]) => [i, Math.min(one, amount)] as const);
  const roundedUp = (by: number): Constraint => ({
    terms: terms.map(([i, one]) => [i, Math.ceil(one / by - 1e-9)] as const),
    least: Math.ceil(amount / by - 1e-9),
  });
  const inWholes = terms.every(([, one]) => Number.isInteger(one)) && Number.isInteger(amount);
  const by = new Set(terms.map(([, one]) => one));
  if (inWholes) by.delete(1);
  return [{ terms, least: amount }, ...[...by].map(roundedUp)];
}

/** The program again, doing without at least one of the choices of a plan. */
function without({ variables, constraints }: IntegerProgram, plan: readonly number[]): IntegerProgram {
  const more = { variables: [...variables], constraints: [...constraints] };
  // A choice of which one is enough is its own sign of use.
  const used = plan.map((i) => {
    const most = variables[i]?.most ?? 1;
    if (most === 1) return i;
    const use = more.variables.push({ cost: 0, most: 1 }) - 1;
    more.constraints.push(onlyWith(i, use, most));
    return use;
  });
  more.constraints.push({ terms: used.map((use) => [use, 1] as const), most: used.length - 1 });
  return more;
}

/** So many of it as any one need could want, and no more than there are. */
function mostWanted({ covers, most }: Choice, shorts: readonly Short[]): number {
  const wanted = shorts.flatMap(({ want, amount }) =>
    covers.has(want.key) ? [Math.ceil(amount / (covers.get(want.key) ?? 1) - 1e-9)] : [],
  );
  return Math.min(most, Math.max(1, ...wanted));
}

function planOf(
  numbers: readonly number[],
  shorts: readonly Short[],
  choices: readonly Choice[],
  shops: readonly Shop[],
): ShoppingPlan {
  const bought = pruned(
    choices.flatMap((choice, i): Bought[] =>
      (numbers[i] ?? 0) > 0 ? [{ choice, count: numbers[i] ?? 0 }] : [],
    ),
    shorts,
  );
  const delivering = shops.filter(({ name }) => bought.some(({ choice }) => choice.shop === name));
  const delivery = delivering.reduce((sum, { deliveryMinor }) => sum + deliveryMinor, 0);
  const sum = (worth: (choice: Choice) => number) =>
    bought.reduce((total, { choice, count }) => total + worth(choice) * count, 0);
  return {
    bought,
    shops: delivering,
    costMinor: sum(({ costMinor }) => costMinor) + delivery,
    cashMinor: sum(({ cashMinor }) => cashMinor) + delivery,
    penaltyMinor: sum(({ penaltyMinor }) => penaltyMinor),
    leadDays: Math.max(0, ...bought.map(({ choice }) => choice.offer?.leadDays ?? 0)),
  };
}

/** Without what costs nothing and is not wanted: a plan holds only what it needs. */
function pruned(bought: Bought[], shorts: readonly Short[]): Bought[] {
  return bought.reduceRight<Bought[]>((kept, one) => {
    if (one.choice.costMinor + one.choice.penaltyMinor > 0) return kept;
    const rest = kept.filter((other) => other !== one);
    const enough = shorts.every(
      ({ want, amount }) =>
        rest.reduce((sum, { choice, count }) => sum + (choice.covers.get(want.key) ?? 0) * count, 0) >=
        amount - 1e-9,
    );
    return enough ? rest : kept;
  }, bought);
}
