import type { Chest } from "../../chest/chest";
import type { Route, Step } from "../../model/job";
import type { Tool } from "../../model/tool";
import type { Vehicle } from "../../model/vehicle";
import { isCalled } from "../cover/by-name";
import { standNeeds } from "../cover/stands";
import type { Cover, Need } from "./need";

type LiftingNeed = Extract<Need, { kind: "lifting" }>;

/** What protects, what it is called in a chest, and what in a step asks for it. */
const PROTECTION: readonly { name: string; called: RegExp; asked: RegExp }[] = [
  {
    name: "Eye protection",
    called: /eye|goggle|glasses|visor/i,
    asked:
      /\beye protection\b|\beyes\b|goggles|\bhammer|\bchisel|angle grinder|compressed air|brake cleaner|penetrant/i,
  },
  {
    name: "Gloves",
    called: /glove/i,
    asked:
      /\bgloves?\b|brake fluid|brake cleaner|penetrant|coolant|\b(?:drain|engine|gear|old|used) oil\b|battery acid|\bpetrol\b/i,
  },
  { name: "Dust mask", called: /mask|respirator/i, asked: /\bmask\b|brake dust|asbestos/i },
];

const CHOCKS = /chock/i;
const PAN = /\b(?:pan|tray|tub|bowl|bucket)\b/i;

/** Tools that are known by name: those that are written down, and a pan where a fluid is lost. */
export function specialToolNeeds({
  specialTools = [],
  supplies = [],
  fasteners,
}: Pick<Route, "specialTools" | "supplies" | "fasteners">): Extract<Need, { kind: "special tool" }>[] {
  const named = specialTools.map(({ name, days, onlyIfNeeded = false, turns = [] }) => ({
    kind: "special tool" as const,
    name,
    days,
    onlyIfNeeded,
    turns: fasteners.filter(({ id }) => turns.includes(id)),
  }));
  const spills =
    supplies.some(({ lost, amount }) => (lost ?? 0) > 0 && amount.unit === "mL") &&
    !named.some(({ name }) => PAN.test(name));
  return spills
    ? [...named, { kind: "special tool", name: "Catch pan", days: 1, onlyIfNeeded: false, turns: [] }]
    : named;
}

export function coverSpecialTool({ name }: { name: string }, chest: Chest): Cover {
  const tools = chest
    .ofKind("special tool")
    .filter((tool) => (name === "Catch pan" ? PAN.test(tool.name) : isCalled(tool.name, name)));
  const lent = chest.lent.find((tool) => isCalled(tool.name, name));
  if (tools.length > 0) return { kind: "owned", tools };
  return {
    kind: "missing",
    ...(lent ? { says: `${lent.name} is lent to ${lent.lentTo}.` } : {}),
    refused: [],
  };
}

/** Protective gear that the steps and supplies ask for by what they say. */
export function protectionNeeds({
  steps,
  supplies = [],
}: Pick<Route, "steps" | "supplies">): (Extract<Need, { kind: "protection" }> & { steps: Step[] })[] {
  return PROTECTION.flatMap(({ name, asked }) => {
    const asking = steps.filter((step) => asked.test([step.title, step.detail, ...step.cautions].join(" ")));
    return asking.length > 0 || supplies.some((supply) => asked.test(supply.name))
      ? [{ kind: "protection" as const, name, steps: asking }]
      : [];
  });
}

export function coverProtection({ name }: { name: string }, chest: Chest): Cover {
  const called = PROTECTION.find((one) => one.name === name)?.called;
  const tools = [...chest.ofKind("special tool"), ...chest.ofKind("consumable")].filter((tool) =>
    called?.test(tool.name),
  );
  return tools.length > 0 ? { kind: "owned", tools } : { kind: "missing", refused: [] };
}

/**
 * Stands for each way that the route raises the vehicle, the jack that lifts it, and chocks for what stays
 * down.
 */
export function liftingNeeds(route: Route, vehicle: Vehicle | undefined, chest: Chest): LiftingNeed[] {
  if (!route.steps.some(({ stance }) => stance !== "on the ground")) return [];
  const stands = vehicle ? standNeeds(route, vehicle, chest.tools) : [];
  const ownedStands: Tool[] = [...chest.ofKind("stands")];
  const allUp =
    route.steps.every(({ stance, kind }) => kind !== "raise" || stance === "all up") &&
    stands.some(({ stance }) => stance === "all up");
  return [
    ...stands.map(({ says, verdict, stance }): LiftingNeed => ({
      kind: "lifting",
      name: "stands",
      says: `${stance}: ${says}`,
      state: verdict,
      tools: ownedStands,
    })),
    jackNeed(
      stands.flatMap(({ loadKg }) => (loadKg === undefined ? [] : [loadKg * 2])),
      chest,
    ),
    // With every wheel off the ground nothing is left to chock.
    ...(allUp
      ? []
      : [
          {
            kind: "lifting" as const,
            name: "wheel chocks" as const,
            tools: chest.ofKind("special tool").filter(({ name }) => CHOCKS.test(name)),
          },
        ]),
  ];
}

/** A jack lifts an end at its middle: both its stands' loads at once. */
function jackNeed(endLoadsKg: readonly number[], chest: Chest): LiftingNeed {
  const tools = [...chest.ofKind("jack")].sort((a, b) => b.ratingKg - a.ratingKg);
  const rating = tools[0]?.ratingKg;
  const load = endLoadsKg.length > 0 ? Math.max(...endLoadsKg) : undefined;
  const base = { kind: "lifting" as const, name: "jack" as const, tools };
  if (rating === undefined || load === undefined) return base;
  return load > rating
    ? {
        ...base,
        state: "stop",
        says: `It would lift up to ${Math.round(load)} kg and is rated for ${rating} kg.`,
      }
    : { ...base, state: "holds", says: `Up to ${Math.round(load)} of ${rating} kg.` };
}

export function coverLifting({ tools, state, says }: LiftingNeed): Cover {
  if (tools.length === 0 || state === "stop")
    return {
      kind: "missing",
      ...(says ? { says } : {}),
      refused: tools.map((tool) => ({ tool, why: says ?? "" })),
    };
  return { kind: "owned", tools, ...(says ? { says } : {}) };
}
