import type { Route } from "../model/job";
import type { KitRecord, PaidFor } from "../model/kit";
import type { OrderLine, ToldPlan } from "./tell";

export type Paid = NonNullable<KitRecord["paid"]>[number];

function paidKind({ kind, covers }: OrderLine): PaidFor {
  if (kind === "hire" || kind === "borrow") return "hire";
  if (covers.some(({ key }) => key.startsWith("part ") || key.startsWith("hardware "))) return "part";
  return covers.some(({ key }) => key.startsWith("supply ")) ? "used up" : "tool";
}

/** What a plan costs, a line each, as it is brought home: what comes back is no part of it. */
export function paidFor({ lines, delivery }: ToldPlan, newId: () => string): Paid[] {
  const paid = lines.flatMap((line): Paid[] => {
    const what = `${line.title}, ${line.shop}`.slice(0, 200);
    const keys = line.covers.map(({ key }) => key).slice(0, 100);
    return [
      { id: newId(), what, kind: paidKind(line), minor: line.costMinor - line.keptMinor, keys },
      {
        id: newId(),
        what: `Old part kept: ${what}`.slice(0, 200),
        kind: "old part kept" as const,
        minor: line.keptMinor,
        keys: [],
      },
    ];
  });
  const brought = delivery.map(({ shop, minor }): Paid => ({
    id: newId(),
    what: `Delivery, ${shop}`.slice(0, 200),
    kind: "delivery",
    minor,
    keys: [],
  }));
  return [...paid, ...brought].filter(({ minor }) => minor > 0);
}

/** Money in equal shares, whole hundredths that add up to it. */
export const sharesOf = (minor: number, among: number): number[] =>
  Array.from({ length: among }, (_, i) => Math.floor(minor / among) + (i < minor % among ? 1 : 0));

/** The route with its parts at what was paid for them, so that the log has it too. */
export function withPrices(route: Route, paid: readonly Paid[]): Route {
  const prices = new Map<string, number>();
  for (const { minor, keys } of paid.filter(({ kind }) => kind === "part")) {
    const parts = keys.flatMap((key) => (key.startsWith("part ") ? [key.slice("part ".length)] : []));
    const shares = sharesOf(minor, Math.max(1, parts.length));
    parts.forEach((id, i) => prices.set(id, (prices.get(id) ?? 0) + (shares[i] ?? 0)));
  }
  return {
    ...route,
    parts: route.parts.map((part) => ({ ...part, ...priceOf(prices.get(part.id)) })),
  };
}
const priceOf = (priceMinor: number | undefined) => (priceMinor === undefined ? {} : { priceMinor });

/** What was paid for some kinds of thing together. */
export const paidTogether = (paid: readonly Paid[] | undefined, kinds: readonly PaidFor[]): number =>
  (paid ?? []).reduce((sum, { kind, minor }) => sum + (kinds.includes(kind) ? minor : 0), 0);
