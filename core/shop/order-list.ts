import { formatPrice } from "../quantity/money";
import type { OrderLine, ToldPlan } from "./tell";

/** The order by shop, as it is sent to somebody or taken along. */
export function orderText(jobTitle: string, plan: ToldPlan): string {
  const shops = [...new Set(plan.lines.map(({ shop }) => shop))];
  const parts = shops.flatMap((shop) => {
    const delivery = plan.delivery.find((one) => one.shop === shop);
    return [
      `${shop}`,
      ...plan.lines.filter((line) => line.shop === shop).map((line) => `  ${lineText(line)}`),
      ...(delivery ? [`  delivery, ${formatPrice(delivery.minor)}`] : []),
      "",
    ];
  });
  const back = plan.cashMinor - plan.costMinor;
  return [
    `To get for ${jobTitle}`,
    "",
    ...parts,
    `Together ${formatPrice(plan.costMinor)}${back > 0 ? `; to pay at first ${formatPrice(plan.cashMinor)}, of which ${formatPrice(back)} comes back` : ""}.`,
    "",
  ].join("\n");
}

function lineText({
  count,
  title,
  kind,
  days,
  costMinor,
  depositMinor,
  coreMinor,
  leadDays,
  leavesOut,
}: OrderLine): string {
  return [
    `${count} × ${title}`,
    kind === "hire" ? `${days} ${days === 1 ? "day" : "days"}` : "",
    formatPrice(costMinor),
    depositMinor > 0 ? `deposit ${formatPrice(depositMinor)}` : "",
    coreMinor > 0 ? `old part back for ${formatPrice(coreMinor)}` : "",
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
  "lead days",
  "for",
] as const;

/** The order as rows of a table, the names of the columns first; prices with a point. */
export function orderRows(plan: ToldPlan): string[][] {
  const money = (minor: number) => (minor / 100).toFixed(2);
  return [
    [...ORDER_COLUMNS],
    ...plan.lines.map((line) => [
      line.shop,
      line.title,
      String(line.count),
      line.kind,
      line.kind === "hire" ? String(line.days) : "",
      money(line.costMinor),
      money(line.depositMinor),
      money(line.coreMinor),
      String(line.leadDays),
      line.covers.map(({ name }) => name).join("; "),
    ]),
    ...plan.delivery.map(({ shop, minor }) => [
      shop,
      "delivery",
      "1",
      "delivery",
      "",
      money(minor),
      "0.00",
      "0.00",
      "",
      "",
    ]),
  ];
}
