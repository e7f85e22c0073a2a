import { chestOf } from "@/core/chest/chest";
import type { Want } from "@/core/kit/needs/wants";
import type { Offer, Shop } from "@/core/model/offer";
import type { ShoppingAsk } from "../shopping";

/** A need known by name, of which so much is wanted; nothing in any chest meets it. */
export function want(key: string, amount = 1): Want {
  const need = { kind: "hardware" as const, name: key, count: amount, boxes: [] };
  return { key, need, name: key, for: [], step: 0, coverBy: () => ({ kind: "missing", refused: [] }) };
}

/** An offer that answers needs by key. */
export function offer(
  id: string,
  priceMinor: number,
  answers: Record<string, number>,
  more: Partial<Offer> = {},
): Offer {
  return {
    id,
    kind: Object.keys(answers).length > 1 ? "set" : "single",
    title: id,
    shop: "Corner",
    priceMinor,
    stock: 9,
    leadDays: 0,
    holds: [],
    leavesOut: [],
    answers: Object.entries(answers).map(([key, amount]) => ({ key, amount })),
    ...more,
  };
}

export function asking(wants: Want[], offers: Offer[], more: Partial<ShoppingAsk> = {}): ShoppingAsk {
  return {
    wants,
    chest: chestOf([]),
    had: new Set(),
    offers,
    shops: [],
    wishes: { own: [] },
    daysLeft: undefined,
    ...more,
  };
}

/** Whole numbers from a seed: the same instance whenever it is asked for. */
export function numbers(seed: number): (most: number) => number {
  let state = (seed * 2654435761) >>> 0 || 1;
  return (most) => {
    state ^= state << 13;
    state >>>= 0;
    state ^= state >>> 17;
    state ^= state << 5;
    state >>>= 0;
    return state % (most + 1);
  };
}

/** A random shopping: singles, sets, packs, hire and posted things for so many needs. */
export function randomAsk(seed: number, needs: number, offers: number): ShoppingAsk {
  const roll = numbers(seed);
  const wants = Array.from({ length: needs }, (_, i) => want(`n${i}`, roll(4) === 0 ? 1 + roll(5) : 1));
  const shops: Shop[] = [
    { name: "Corner", deliveryMinor: 0 },
    { name: "Post", deliveryMinor: 200 + roll(500) },
    { name: "Hire", deliveryMinor: 0 },
  ];
  const made = Array.from({ length: offers }, (_, i): Offer => {
    const size = roll(5) === 0 ? 2 + roll(Math.min(6, needs - 1)) : 1;
    const first = i < needs ? i : roll(needs - 1);
    const keys = new Set([first, ...Array.from({ length: size - 1 }, () => roll(needs - 1))]);
    const answers = Object.fromEntries([...keys].map((n) => [`n${n}`, roll(6) === 0 ? 2 + roll(3) : 1]));
    const price = Math.round((300 + roll(900)) * keys.size ** 0.85);
    const kind = offerKind(roll, keys);
    return offer(`o${i}`, price, answers, {
      kind,
      shop: kind === "hire" ? "Hire" : (shops[roll(1)]?.name ?? "Corner"),
      stock: 1 + roll(7),
      leadDays: roll(6),
      returnRate: roll(10) / 100,
      ...(kind === "hire" ? { depositMinor: roll(3000) } : {}),
      ...(roll(9) === 0 ? { coreMinor: roll(2000) } : {}),
    });
  });
  return asking(wants, made, {
    shops,
    ...(roll(2) === 0 ? { daysLeft: 3 } : {}),
    wishes: {
      own: roll(3) === 0 ? ["n0"] : [],
      ...(roll(3) === 0 ? { spendUpToMinor: 400 * needs + roll(600 * needs) } : {}),
    },
  });
}

function offerKind(roll: (most: number) => number, keys: Set<number>) {
  if (roll(9) === 0) return "hire";
  if (keys.size > 1) return "set";
  return "single";
}
