import { type Money, formatPrice, priceText } from "../quantity/money";
import type { OrderLine, ToldPlan } from "./tell";

/** The order by shop, as it is sent to somebody or taken along. */
export function orderText(jobTitle: string, plan: ToldPlan, money: Money): string {
  const shops = [...new Set(plan.lines.map(({ shop }) => shop))];
  const parts = shops.flatMap((shop) => {
    const delivery = plan.delivery.find((one) => one.shop === shop);
    return [
      `${shop}`,
      ...plan.lines.filter((line) => line.shop === shop).map((line) => `  ${lineText(line, money)}`),
      ...(delivery ? [`  delivery, ${formatPrice(delivery.minor, money)}`] : []),
      "",
    ];
  });
  const back = plan.cashMinor - plan.costMinor;
  return [
    `To get for ${jobTitle}`,
    "",
    ...parts,
    `Together ${formatPrice(plan.costMinor, money)}${back > 0 ? `; to pay at first ${formatPrice(plan.cashMinor, money)}, of which ${formatPrice(back, money)} comes back` : ""}.`,
    "",
  ].join("\n");
}

function lineText(line: OrderLine, money: Money): string {
  const { count, title, kind, days, costMinor, depositMinor, coreMinor, leadDays, leavesOut } = line;
  return [
    `${count} × ${title}`,
    kind === "hire" ? `${days} ${days === 1 ? "day" : "days"}` : "",
    formatPrice(costMinor, money),
    depositMinor > 0 ? `deposit ${formatPrice(depositMinor, money)}` : "",
    coreMinor > 0 ? `old part back for ${formatPrice(coreMinor, money)}` : "",
    leadDays > 0 ? `in ${leadDays} ${leadDays === 1 ? "day" : "days"}` : "",
    leavesOut.length > 0 ? `leaves out ${leavesOut.join(", ")}` : "",
  ]
    .filter(Boolean)
    .join(", ");
}

export const ORDER_COLUMNS = [
  "shop",
  "what",
  "how many",
  "kind",
  "days",
  "price",
  "deposit",
  "core",
  "currency",
  "lead days",
  "for",
] as const;

/** The order as rows of a table, the names of the columns first; prices with a point. */
export function orderRows(plan: ToldPlan, { currency }: Money): string[][] {
  return [
    [...ORDER_COLUMNS],
    ...plan.lines.map((line) => [
      line.shop,
      line.title,
      String(line.count),
      line.kind,
      line.kind === "hire" ? String(line.days) : "",
      priceText(line.costMinor),
      priceText(line.depositMinor),
      priceText(line.coreMinor),
      currency,
      String(line.leadDays),
      line.covers.map(({ name }) => name).join("; "),
    ]),
    ...plan.delivery.map(({ shop, minor }) => [
      shop,
      "delivery",
      "1",
      "delivery",
      "",
      priceText(minor),
      "0.00",
      "0.00",
      currency,
      "",
      "",
    ]),
  ];
}
