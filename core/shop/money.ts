import type { Route } from "../model/job";
import { type KitRecord, PAID_FOR } from "../model/kit";
import { paidTogether } from "./paid";
import type { ToldPlan } from "./tell";

/** What a job costs, in minor units, and what it is held against. */
export interface JobMoney {
  partsMinor: number;
  toolsMinor: number;
  suppliesMinor: number;
  hireMinor: number;
  deliveryMinor: number;
  /** With tools spread over their uses. */
  togetherMinor: number;
  cashMinor: number;
  hours: number;
  /** What is left of the workshop's quote; undefined without one. */
  savedMinor: number | undefined;
  /** The same by the hour of one's own work, and what is left once that is paid at its worth. */
  savedPerHourMinor: number | undefined;
  afterOwnWorkMinor: number | undefined;
}

/**
 * The job's money: what is to be bought, and what is had already at the plan's price, against a quote and
 * one's own hours.
 * @param had keys of parts noted as there or on their way; their price is the plan's.
 * Example: parts 64.70, tools 24.90 over 10 uses, quote 310.00 → 242.81 saved.
 */
export function jobMoney(
  route: Route,
  plan: ToldPlan | undefined,
  record: Pick<KitRecord, "quoteMinor" | "hourMinor" | "toolUses" | "paid">,
  had: ReadonlySet<string>,
): JobMoney {
  const uses = record.toolUses ?? 1;
  const { paid } = record;
  const isPaid = new Set((paid ?? []).flatMap(({ keys }) => keys));
  // What has been paid is no longer to be bought, also while the shopping is still being worked out anew.
  const lines = (plan?.lines ?? []).filter(({ covers }) => !covers.every(({ key }) => isPaid.has(key)));
  const shops = new Set(lines.map(({ shop }) => shop));
  const sum = (kinds: readonly string[]) =>
    lines.filter(({ kind }) => kinds.includes(kind)).reduce((total, { costMinor }) => total + costMinor, 0);
  const isPart = ({ covers }: ToldPlan["lines"][number]) =>
    covers.some(({ key }) => key.startsWith("part ") || key.startsWith("hardware "));
  const isSupply = (line: ToldPlan["lines"][number]) =>
    !isPart(line) && line.covers.some(({ key }) => key.startsWith("supply "));
  const bought = lines.filter(({ kind }) => kind !== "hire" && kind !== "borrow");
  const total = (of: typeof lines) => of.reduce((all, { costMinor }) => all + costMinor, 0);
  const covered = new Set(lines.flatMap(({ covers }) => covers.map(({ key }) => key)));
  const ownParts = route.parts
    .filter(({ id }) => !isPaid.has(`part ${id}`))
    .filter(({ id }) => had.has(`part ${id}`) || (!plan && !covered.has(`part ${id}`)))
    .reduce((all, { priceMinor }) => all + (priceMinor ?? 0), 0);
  const partsMinor = ownParts + total(bought.filter(isPart)) + paidTogether(paid, ["part", "old part kept"]);
  const suppliesMinor = total(bought.filter(isSupply)) + paidTogether(paid, ["used up"]);
  const toolsMinor = Math.round(
    (total(bought.filter((line) => !isPart(line) && !isSupply(line))) + paidTogether(paid, ["tool"])) / uses,
  );
  const hireMinor = sum(["hire", "borrow"]) + paidTogether(paid, ["hire"]);
  const deliveryMinor =
    (plan?.delivery ?? []).reduce((all, { shop, minor }) => all + (shops.has(shop) ? minor : 0), 0) +
    paidTogether(paid, ["delivery"]);
  const togetherMinor = partsMinor + toolsMinor + suppliesMinor + hireMinor + deliveryMinor;
  const hours = route.steps.reduce((minutes, step) => minutes + (step.minutes?.usual ?? 0), 0) / 60;
  const savedMinor = record.quoteMinor === undefined ? undefined : record.quoteMinor - togetherMinor;
  return {
    partsMinor,
    toolsMinor,
    suppliesMinor,
    hireMinor,
    deliveryMinor,
    togetherMinor,
    cashMinor: (lines.length > 0 ? (plan?.cashMinor ?? 0) : 0) + ownParts + paidTogether(paid, PAID_FOR),
    hours,
    savedMinor,
    savedPerHourMinor: savedMinor === undefined || hours === 0 ? undefined : Math.round(savedMinor / hours),
    afterOwnWorkMinor:
      savedMinor === undefined || record.hourMinor === undefined
        ? undefined
        : Math.round(savedMinor - hours * record.hourMinor),
  };
}
