import { chanceOf } from "@/core/chance";
import type { CounterAnswer, CounterAsk, Offer, Shop, Wanted } from "@/core/model/offer";
import { LONGEST_LINE } from "@/core/model/record";
import { SHELF, type Shelved } from "./shelf";

/** The counter's three desks. */
const CORNER: Shop = { name: "Corner counter", deliveryMinor: 0 };
const POST: Shop = { name: "Counter by post", deliveryMinor: 490 };
const HIRE: Shop = { name: "Hire desk", deliveryMinor: 0 };

/** No answer says more than its form allows. */
const MOST_OF_ONE = 1_000_000;
const MOST_IN_STOCK = 10_000;
const DEAREST_MINOR = 100_000_000;

/** By post is cheaper, and takes its days. */
const POST_SHARE = 0.84;

/**
 * About what a part costs, by a word in its name, minor units; others get a price of their own. All invented.
 */
const PART_PRICES: readonly [RegExp, number][] = [
  [/starter|alternator|generator/i, 13_900],
  [/\bmount\b/i, 6_200],
  [/gasket/i, 2_100],
  [/\bplugs?\b/i, 950],
  [/\bshoes?\b|\bpads?\b/i, 880],
  [/cylinder/i, 1_480],
  [/battery/i, 9_400],
  [/filter/i, 1_300],
  [/blade|bulb/i, 900],
  [/\bseals?\b/i, 640],
];
/** What is taken back against a core. */
const CORES = /starter|alternator|generator|cylinder|caliper|rack|pump/i;

const GRADES = [
  { grade: "plain" as const, share: 0.72, least: 8, most: 16 },
  { grade: "good" as const, share: 1, least: 2, most: 6 },
  { grade: "maker's own" as const, share: 1.65, least: 1, most: 2 },
];

/**
 * What the counter has for what is asked: its whole shelf, and parts and hardware for each thing wanted.
 * The same seed and question always get the same answer.
 */
export function askCounter({ wanted }: CounterAsk, seed = 20): CounterAnswer {
  return {
    shops: [CORNER, POST, HIRE],
    offers: [...onTheShelf(seed), ...wanted.flatMap((one) => forWanted(one, seed))],
  };
}

const shelves = new Map<number, readonly Offer[]>();

/** All that stands on the shelf: the same whatever is asked, and so priced once. */
function onTheShelf(seed: number): readonly Offer[] {
  const known = shelves.get(seed) ?? SHELF.flatMap((shelved) => fromShelf(shelved, seed));
  shelves.set(seed, known);
  return known;
}

function fromShelf({ kind, title, about, holds, depositMinor }: Shelved, seed: number): Offer[] {
  const chance = chanceOf(seed, title);
  const priceMinor = tag(about * (1 + chance(-6, 6) / 100));
  const base = { kind, title, holds, answers: [], leavesOut: [], returnRate: chance(1, 5) / 100 };
  const id = title
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, "-")
    .slice(0, 34);
  if (kind === "hire")
    return [
      {
        ...base,
        id,
        shop: HIRE.name,
        priceMinor,
        stock: chance(1, 2),
        leadDays: 0,
        returnRate: 0,
        ...(depositMinor ? { depositMinor } : {}),
      },
    ];
  const stock = chance(0, 9);
  return [
    // What the corner does not have today it gets in.
    {
      ...base,
      id,
      shop: CORNER.name,
      priceMinor,
      stock: stock === 0 ? 2 : stock,
      leadDays: stock === 0 ? chance(1, 3) : 0,
    },
    ...(kind === "set" || chance(0, 2) === 0
      ? [
          {
            ...base,
            id: `${id} post`,
            shop: POST.name,
            priceMinor: tag(priceMinor * POST_SHARE),
            stock: chance(2, 20),
            leadDays: chance(2, 4),
          },
        ]
      : []),
  ];
}

function forWanted(wanted: Wanted, seed: number): Offer[] {
  switch (wanted.is) {
    case "part":
      return partOffers(wanted, seed);
    case "hardware":
      return hardwareOffers(wanted, seed);
    case "special tool":
      return specialOffers(wanted, seed);
    case "supply":
      return supplyOffers(wanted, seed);
  }
}

function partOffers({ key, what, amount, withIt }: Wanted, seed: number): Offer[] {
  const chance = chanceOf(seed, what.toLowerCase());
  const usual = PART_PRICES.find(([words]) => words.test(what))?.[1] ?? chance(8, 90) * 100;
  return GRADES.flatMap(({ grade, share, least, most }): Offer[] => {
    const priceMinor = tag(usual * share * (1 + chance(-5, 5) / 100));
    const complete = withIt.length > 0 && grade !== "plain";
    const base = {
      title: titled(what, `, ${grade}`),
      grade,
      returnRate: chance(least, most) / 100,
      holds: [],
      leavesOut: withIt.length > 0 && !complete ? ["the hardware that has to be new"] : [],
      answers: [{ key, amount: 1 }, ...(complete ? withIt.map((other) => ({ key: other, amount: 99 })) : [])],
      ...(CORES.test(what) ? { coreMinor: tag(usual * 0.22) } : {}),
    };
    const kind = complete ? "kit" : "part";
    const id = idOf(key, grade);
    const lead = grade === "maker's own" ? chance(1, 3) : chance(0, 1);
    return [
      {
        ...base,
        id,
        kind,
        shop: CORNER.name,
        priceMinor,
        stock: inStock(amount.value + chance(0, 4)),
        leadDays: lead,
      },
      {
        ...base,
        id: `${id} p`,
        kind,
        shop: POST.name,
        priceMinor: tag(priceMinor * POST_SHARE),
        stock: inStock(amount.value + chance(1, 9)),
        leadDays: lead + chance(2, 4),
      },
    ];
  });
}

function hardwareOffers({ key, what, amount }: Wanted, seed: number): Offer[] {
  const chance = chanceOf(seed, what.toLowerCase());
  const each = chance(9, 26) * 10;
  const base = { shop: CORNER.name, holds: [], leavesOut: [], leadDays: chance(0, 1), returnRate: 0.01 };
  return [
    {
      ...base,
      id: idOf(key, "one"),
      kind: "single",
      title: titled(what, ", one"),
      priceMinor: each,
      stock: inStock(amount.value + 4),
      answers: [{ key, amount: 1 }],
    },
    ...(amount.value > 1
      ? [
          {
            ...base,
            id: idOf(key, "all"),
            kind: "pack" as const,
            title: titled(what, `, bag of ${amount.value}`),
            priceMinor: tag(each * amount.value * 0.8),
            stock: 3,
            answers: [{ key, amount: amount.value }],
          },
        ]
      : []),
  ];
}

function specialOffers({ key, what }: Wanted, seed: number): Offer[] {
  const chance = chanceOf(seed, what.toLowerCase());
  const usual = chance(25, 140) * 100;
  const base = { holds: [], leavesOut: [], answers: [{ key, amount: 1 }] };
  return [
    {
      ...base,
      id: idOf(key, "buy"),
      kind: "single",
      title: what,
      shop: CORNER.name,
      priceMinor: tag(usual),
      stock: 1,
      leadDays: chance(0, 3),
      returnRate: 0.03,
    },
    {
      ...base,
      id: idOf(key, "hire"),
      kind: "hire",
      title: titled(what, ", by the day"),
      shop: HIRE.name,
      priceMinor: tag(usual * 0.13),
      depositMinor: tag(usual * 0.6),
      stock: 1,
      leadDays: chance(0, 1),
    },
  ];
}

/** For what is used up and not on the shelf by that name: a small pack and a large one. */
function supplyOffers({ key, what, amount }: Wanted, seed: number): Offer[] {
  const words = what
    .toLowerCase()
    .split(/[^a-z]+/)
    .filter((word) => word.length > 2);
  if (
    SHELF.some(
      ({ kind, title }) => kind === "pack" && words.every((word) => title.toLowerCase().includes(word)),
    )
  )
    return [];
  const chance = chanceOf(seed, what.toLowerCase());
  const small = Math.max(1, Math.ceil(amount.value / 2));
  const large = Math.min(MOST_OF_ONE, small * 3);
  const about = chance(4, 14) * 100;
  const base = {
    kind: "pack" as const,
    shop: CORNER.name,
    holds: [],
    leavesOut: [],
    leadDays: chance(0, 1),
    returnRate: 0.01,
  };
  return [
    {
      ...base,
      id: idOf(key, "small"),
      title: titled(what, `, ${small} ${amount.unit}`),
      priceMinor: tag(about),
      stock: 6,
      answers: [{ key, amount: small }],
    },
    {
      ...base,
      id: idOf(key, "large"),
      title: titled(what, `, ${large} ${amount.unit}`),
      priceMinor: tag(about * 2.1),
      stock: 4,
      answers: [{ key, amount: large }],
    },
  ];
}

/** A short id of its own for what is asked, whatever its key is like. */
function idOf(key: string, which: string): string {
  const chance = chanceOf(0, key);
  return `${chance(0, 0x7fffffff).toString(36)}${chance(0, 0x7fffffff).toString(36)} ${which}`;
}

/** A price as it stands on a tag: it ends in a nought. */
function tag(minor: number): number {
  return Math.min(DEAREST_MINOR, Math.max(10, Math.round(minor / 10) * 10));
}

/** What stands on a label, however long the name of what is wanted: the end of the name gives way. */
const titled = (what: string, end: string): string => what.slice(0, LONGEST_LINE - end.length) + end;

/** Whole pieces, as many as anybody has of anything. */
const inStock = (amount: number): number => Math.min(MOST_IN_STOCK, Math.ceil(amount));
