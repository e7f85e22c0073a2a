import type { Locking, Part, Route } from "../../model/job";
import { isCalled } from "../cover/by-name";
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
    const base = {
      kind: "hardware" as const,
      count: fastener.count,
      fastener,
      boxes: parts.filter(({ holds }) => holds?.includes(fastener.id)),
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
  // Left out of two boxes it is wanted twice, and not once more where a fastener asks for it by itself.
  const leftOut = new Map<string, Extract<Need, { kind: "hardware" }>>();
  for (const { leavesOut = [], count } of parts)
    for (const name of leavesOut) {
      const key = name.trim().toLowerCase();
      if (hardware.some((one) => isCalled(one.name, name))) continue;
      const known = leftOut.get(key);
      leftOut.set(key, {
        kind: "hardware",
        name: known?.name ?? name,
        count: (known?.count ?? 0) + count,
        boxes: [],
      });
    }
  return [
    ...parts.map((part): Need & { kind: "part" } => ({ kind: "part", part })),
    ...hardware,
    ...leftOut.values(),
  ];
}

/** Part, where it goes, and whether it is made for one side. Example: "left rear, left-hand". */
export function partPlace({ place, hand }: Part): string {
  return hand ? `${place}, made for the ${hand}` : place;
}

/** How many of a piece of hardware lie in the box of a part: those of several boxes are shared out. */
export function inBoxOf({ count, boxes }: Extract<Need, { kind: "hardware" }>, part: Part): number {
  return boxes.some(({ id }) => id === part.id) ? Math.ceil(count / boxes.length) : 0;
}

/** Parts and hardware are met by a box that holds them, or not until somebody says so. */
export function coverPart(need: ReturnType<typeof partNeeds>[number]): Cover {
  if (need.kind === "hardware" && need.boxes.length > 0) {
    const names = [...new Set(need.boxes.map(({ name }) => name))].join(" and ");
    return { kind: "in the box", says: `In the box of ${names}${need.boxes.length > 1 ? ", in each" : ""}.` };
  }
  if (need.kind === "part" && need.part.leavesOut?.length)
    return { kind: "missing", says: `Its box leaves out: ${need.part.leavesOut.join(", ")}.`, refused: [] };
  return { kind: "missing", refused: [] };
}
