import type { Chest } from "../../chest/chest";
import type { Fastener, Route } from "../../model/job";
import type { System } from "../../model/place";
import type { Amount } from "../../model/supply";
import type { Tool } from "../../model/tool";
import type { Vehicle } from "../../model/vehicle";
import { isCalled } from "../cover/by-name";
import type { Cover, Need } from "./need";

type SupplyNeed = Extract<Need, { kind: "supply" }>;

/**
 * A thread takes about a tenth of a millilitre of locker or a tenth of a gram of paste; less than one whole
 * is never counted. Our own measure.
 */
const PER_THREAD = 0.1;

/** What is put on the threads of a fastener. */
function onThread({ locking, threadIs, count }: Fastener): { name: string; amount: Amount }[] {
  const value = Math.max(1, Math.ceil(count * PER_THREAD));
  const locker = locking?.startsWith("threadlocker")
    ? [
        {
          name: `Threadlocker, ${locking.replace("threadlocker, ", "")}`,
          amount: { value, unit: "mL" as const },
        },
      ]
    : [];
  const wire =
    locking === "lock wire" ? [{ name: "Lock wire", amount: { value: 1, unit: "m" as const } }] : [];
  const paste =
    threadIs === "anti-seize" ? [{ name: "Anti-seize paste", amount: { value, unit: "g" as const } }] : [];
  const oil =
    threadIs === "oiled" ? [{ name: "Oil for threads", amount: { value, unit: "mL" as const } }] : [];
  return [...locker, ...wire, ...paste, ...oil];
}

/**
 * Everything that a route uses up, each thing once: what its threads take, and what is written down for it
 * with what is lost.
 */
export function supplyNeeds({
  fasteners,
  supplies = [],
}: Pick<Route, "fasteners" | "supplies">): SupplyNeed[] {
  const needs = new Map<string, SupplyNeed>();
  const add = (name: string, { value, unit }: Amount, lost = 0) => {
    const key = `${name.trim().toLowerCase()} ${unit}`;
    const known = needs.get(key);
    needs.set(key, {
      kind: "supply",
      name: known?.name ?? name.trim(),
      amount: { value: (known?.amount.value ?? 0) + value + lost, unit },
      lost: (known?.lost ?? 0) + lost,
    });
  };
  for (const { name, amount, lost } of supplies) add(name, amount, lost);
  for (const { name, amount } of fasteners.flatMap(onThread)) add(name, amount);
  return [...needs.values()];
}

/** How what is used up is met: by what is left of it in the chest, all of it or none. */
export function coverSupply({ name, amount, lost }: SupplyNeed, chest: Chest): Cover {
  const owned = chest.ofKind("consumable").filter((tool) => isCalled(tool.name, name));
  const counted = owned.filter(({ left }) => left.unit === amount.unit);
  const left = amountLeft({ name, amount }, counted);
  const needed = `${formatAmount(amount)} needed${lost > 0 ? `, ${formatAmount({ value: lost, unit: amount.unit })} of it lost on the way` : ""}`;
  if (counted.length > 0 && left >= amount.value)
    return {
      kind: "owned",
      tools: counted,
      says: `${needed}; ${formatAmount({ value: left, unit: amount.unit })} left.`,
    };
  const why =
    counted.length > 0
      ? `only ${formatAmount({ value: left, unit: amount.unit })} left`
      : "none in the chest";
  const otherwise =
    counted.length === 0 && owned[0] ? `; ${owned[0].name} is counted in ${owned[0].left.unit}` : "";
  return { kind: "missing", says: `${needed}; ${why}${otherwise}.`, refused: [] };
}

/** How much of it some tools hold, in the unit in which it is needed. */
export function amountLeft(
  { name, amount }: Pick<SupplyNeed, "name" | "amount">,
  tools: readonly Tool[],
): number {
  return tools.reduce(
    (sum, tool) =>
      sum +
      (tool.kind === "consumable" && tool.left.unit === amount.unit && isCalled(tool.name, name)
        ? tool.left.value
        : 0),
    0,
  );
}

/** "400 mL", "7.2 L", "1 piece". */
export function formatAmount({ value, unit }: Amount): string {
  if (unit === "pieces") return `${value} ${value === 1 ? "piece" : "pieces"}`;
  if (value >= 1000 && (unit === "mL" || unit === "g"))
    return `${Number((value / 1000).toFixed(2))} ${unit === "mL" ? "L" : "kg"}`;
  return `${Number(value.toFixed(1))} ${unit}`;
}

/** What such jobs usually use up beside what is written down; offered, never added unasked. */
const USUAL: Partial<Record<System, { name: string; amount: Amount }[]>> = {
  brakes: [
    { name: "Brake cleaner", amount: { value: 400, unit: "mL" } },
    { name: "Brake grease", amount: { value: 5, unit: "g" } },
  ],
  wheels: [{ name: "Penetrant", amount: { value: 30, unit: "mL" } }],
  "steering and suspension": [{ name: "Penetrant", amount: { value: 50, unit: "mL" } }],
  exhaust: [{ name: "Penetrant", amount: { value: 50, unit: "mL" } }],
  engine: [{ name: "Gasket cleaner", amount: { value: 100, unit: "mL" } }],
  "starting and charging": [{ name: "Terminal grease", amount: { value: 5, unit: "g" } }],
};

const RAGS = { name: "Rags", amount: { value: 4, unit: "pieces" as const } };

/**
 * Supplies to offer for a job: what its kind usually takes, and the vehicle's own fluids by their capacity;
 * without what is there already.
 */
export function usualSupplies(
  system: System,
  vehicle: Vehicle,
  has: readonly { name: string }[],
): { name: string; amount: Amount }[] {
  const fluids = (vehicle.fluids ?? []).map(({ name, capacityMl }) => ({
    name,
    amount: { value: capacityMl, unit: "mL" as const },
  }));
  return [...(USUAL[system] ?? []), RAGS, ...fluids].filter(
    ({ name }) => !has.some((one) => isCalled(one.name, name)),
  );
}
