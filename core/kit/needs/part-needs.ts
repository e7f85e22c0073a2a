import type { Locking, Part, Route } from "../../model/job";
import type { Cover, Need } from "./need";

/** Locking hardware that is used once; a nut that locks by itself is renewed with itself. */
const ONE_USE: Partial<Record<Locking, { name: string; isItself: boolean }>> = {
  "split pin": { name: "Split pin", isItself: false },
  "tab washer": { name: "Tab washer", isItself: false },
  "locking nut": { name: "Locking nut", isItself: true },
  staked: { name: "Nut to be staked", isItself: true },
};

/** The parts of a route, what has to be new with them, and what their boxes leave out. */
export function partNeeds({
  parts,
  fasteners,
}: Pick<Route, "parts" | "fasteners">): Extract<Need, { kind: "part" | "hardware" }>[] {
  const hardware = fasteners.flatMap((fastener): Extract<Need, { kind: "hardware" }>[] => {
    if (parts.some(({ renews }) => renews === fastener.id)) return [];
    const boxedWith = parts.find(({ holds }) => holds?.includes(fastener.id));
    const base = {
      kind: "hardware" as const,
      count: fastener.count,
      fastener,
      ...(boxedWith ? { boxedWith } : {}),
    };
    const renewed = fastener.singleUse === true && fastener.reuseReason === undefined;
    const locking = fastener.locking && ONE_USE[fastener.locking];
    return [
      ...(renewed ? [{ ...base, name: `New: ${fastener.name}` }] : []),
      ...(locking && !(renewed && locking.isItself)
        ? [{ ...base, name: `${locking.name} for ${fastener.name}` }]
        : []),
    ];
  });
  const leftOut = parts.flatMap((part) =>
    (part.leavesOut ?? []).map((name): Extract<Need, { kind: "hardware" }> => ({
      kind: "hardware",
      name,
      count: 1,
    })),
  );
  return [...parts.map((part): Need & { kind: "part" } => ({ kind: "part", part })), ...hardware, ...leftOut];
}

/** Part, where it goes, and whether it is made for one side. Example: "left rear, left-hand". */
export function partPlace({ place, hand }: Part): string {
  return hand ? `${place}, made for the ${hand}` : place;
}

/** Parts and hardware are met by a box that holds them, or not until somebody says so. */
export function coverPart(need: ReturnType<typeof partNeeds>[number]): Cover {
  if (need.kind === "hardware" && need.boxedWith)
    return { kind: "in the box", says: `In the box of ${need.boxedWith.name}.` };
  if (need.kind === "part" && need.part.leavesOut?.length)
    return { kind: "missing", says: `Its box leaves out: ${need.part.leavesOut.join(", ")}.`, refused: [] };
  return { kind: "missing", refused: [] };
}
