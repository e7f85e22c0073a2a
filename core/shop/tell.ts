import { type Money, formatPrice } from "../quantity/money";
import type { Choice } from "./choice";
import type { Bought, Shopping, ShoppingPlan } from "./shopping";

/** One line of an order. Money in minor units, for all of them together. */
export interface OrderLine {
  id: string;
  title: string;
  shop: string;
  kind: string;
  count: number;
  days: number;
  costMinor: number;
  depositMinor: number;
  /** Given back for the old part; and what is lost where that is kept, within the cost. */
  coreMinor: number;
  keptMinor: number;
  leadDays: number;
  grade?: string;
  returnRate?: number;
  /** What it is for, by key and by name. */
  covers: { key: string; name: string }[];
  holds: string[];
  leavesOut: string[];
}

export interface ToldPlan {
  lines: OrderLine[];
  delivery: { shop: string; minor: number }[];
  costMinor: number;
  cashMinor: number;
  leadDays: number;
  /** How it differs from the best, in a sentence; for the best, why it won. */
  why: string[];
}

/** A shopping as plain data that can be shown, kept and written out. */
export interface ToldShopping {
  plans: ToldPlan[];
  nowhere: string[];
  /** Each with the days that it takes at the soonest. */
  late: { name: string; leadDays: number }[];
  overBudget: boolean;
}

/** @param names the name of each need by its key. @param money what prices are in. */
export function tellShopping(
  { plans, choices, nowhere, late, overBudget }: Shopping,
  names: ReadonlyMap<string, string>,
  money: Money,
): ToldShopping {
  const [best] = plans;
  return {
    plans: plans.map((plan) => ({
      lines: plan.bought
        .map((one) => orderLine(one, names))
        .sort((a, b) => a.shop.localeCompare(b.shop) || a.title.localeCompare(b.title)),
      delivery: plan.shops
        .filter(({ deliveryMinor }) => deliveryMinor > 0)
        .map(({ name, deliveryMinor }) => ({ shop: name, minor: deliveryMinor })),
      costMinor: plan.costMinor,
      cashMinor: plan.cashMinor,
      leadDays: plan.leadDays,
      why: plan === best || !best ? whyItWon(plan, choices, money) : [howItDiffers(plan, best, money)],
    })),
    nowhere: nowhere.map(({ name }) => name),
    late: late.map(({ want, leadDays }) => ({ name: want.name, leadDays })),
    overBudget,
  };
}

function orderLine({ choice, count }: Bought, names: ReadonlyMap<string, string>): OrderLine {
  const { offer } = choice;
  return {
    id: choice.id,
    title: choice.title,
    shop: choice.shop,
    kind: offer?.kind ?? "stand-in",
    count,
    days: choice.days,
    costMinor: choice.costMinor * count,
    depositMinor: (offer?.depositMinor ?? 0) * count,
    coreMinor: choice.coreMinor * count,
    keptMinor: choice.keptMinor * count,
    leadDays: offer?.leadDays ?? 0,
    ...(offer?.grade ? { grade: offer.grade } : {}),
    ...(offer?.returnRate === undefined ? {} : { returnRate: offer.returnRate }),
    covers: [...choice.covers.keys()].map((key) => ({ key, name: names.get(key) ?? key })),
    holds: offer?.holds ?? [],
    leavesOut: offer?.leavesOut ?? [],
  };
}

/** What each choice that could have gone another way beat. */
function whyItWon({ bought }: ShoppingPlan, choices: readonly Choice[], money: Money): string[] {
  const cheapest = (key: string, only: (choice: Choice) => boolean) =>
    choices.filter((choice) => choice.covers.has(key) && only(choice)).sort((a, b) => worth(a) - worth(b))[0];
  const single = (choice: Choice) => choice.covers.size === 1 && !isHired(choice);
  const sets = bought.flatMap(({ choice }): string[] => {
    if (choice.covers.size < 2) return [];
    const apart = [...choice.covers.keys()].map((key) => cheapest(key, single));
    if (apart.some((one) => one === undefined))
      return [`${choice.title} has ${choice.covers.size} of them; not all can be had singly.`];
    const sum = apart.reduce((total, one) => total + (one ? one.costMinor : 0), 0);
    return [
      `${choice.title} at ${formatPrice(choice.costMinor, money)} beats ${choice.covers.size} singles at ${formatPrice(sum, money)}.`,
    ];
  });
  const singles = bought.filter(({ choice }) => choice.covers.size === 1 && choice.costMinor > 0);
  const keyOf = ({ choice }: Bought) => [...choice.covers.keys()][0] ?? "";
  const beaten = new Map<string, { set: Choice; instead: Bought[] }>();
  for (const set of choices.filter(({ covers }) => covers.size > 1)) {
    const instead = singles.filter((one) => set.covers.has(keyOf(one)));
    const known = beaten.get(keys(instead));
    if (instead.length > 1 && (!known || set.costMinor < known.set.costMinor))
      beaten.set(keys(instead), { set, instead });
  }
  const most = [...beaten.values()].sort(
    (a, b) => b.instead.length - a.instead.length || a.set.costMinor - b.set.costMinor,
  )[0];
  const apart = most
    ? [
        `${most.instead.length} singles at ${formatPrice(
          most.instead.reduce((sum, { choice }) => sum + choice.costMinor, 0),
          money,
        )} beat ${most.set.title} at ${formatPrice(most.set.costMinor, money)}.`,
      ]
    : [];
  const hired = bought.flatMap((one): string[] => {
    const other = cheapest(
      keyOf(one),
      (choice) =>
        (isHired(one.choice) ? !isHired(choice) : choice.offer?.kind === "hire") &&
        choice.offer !== undefined,
    );
    if (!other) return [];
    const days = `${one.choice.days} ${one.choice.days === 1 ? "day" : "days"}`;
    if (one.choice.offer?.kind === "hire")
      return [
        `${one.choice.title}: ${days} at ${formatPrice(one.choice.costMinor, money)}; buying ${other.title} is ${formatPrice(other.costMinor, money)}.`,
      ];
    return one.choice.covers.size === 1 && one.choice.offer
      ? [
          `${one.choice.title} bought at ${formatPrice(one.choice.costMinor, money)}; hiring ${other.title.replace(/, by the day$/, "")} is ${formatPrice(other.costMinor, money)}.`,
        ]
      : [];
  });
  return [...sets, ...apart, ...hired];
}

function keys(bought: readonly Bought[]): string {
  return bought
    .map(({ choice }) => choice.id)
    .sort()
    .join("|");
}

function isHired({ offer }: Choice): boolean {
  return offer?.kind === "hire" || offer?.kind === "borrow";
}

function worth({ costMinor, penaltyMinor }: Choice): number {
  return costMinor + penaltyMinor;
}

function howItDiffers(plan: ShoppingPlan, best: ShoppingPlan, money: Money): string {
  const ids = (one: ShoppingPlan) => new Set(one.bought.map(({ choice }) => choice.id));
  const mine = plan.bought.filter(({ choice }) => !ids(best).has(choice.id)).map(({ choice }) => choice);
  const theirs = best.bought.filter(({ choice }) => !ids(plan).has(choice.id)).map(({ choice }) => choice);
  // The same thing from another shop is told by its shop.
  const told = (some: readonly Choice[], others: readonly Choice[]) =>
    list(
      some.map(({ title, shop }) =>
        others.some((other) => other.title === title) ? `${title} from ${shop}` : title,
      ),
    );
  const more = plan.costMinor - best.costMinor;
  const price = dearerWords(more, money);
  return `${price}: ${told(mine, theirs)}${theirs.length > 0 ? ` instead of ${told(theirs, mine)}` : ""}.`;
}

function dearerWords(more: number, money: Money) {
  if (more === 0) return "Costs the same";
  if (more > 0) return `${formatPrice(more, money)} dearer`;
  return `${formatPrice(-more, money)} cheaper, but counted dearer for its fit or what comes back`;
}

function list(titles: readonly string[]): string {
  if (titles.length <= 2) return titles.join(" and ");
  return `${titles.slice(0, 2).join(", ")} and ${titles.length - 2} more`;
}
