import type { Part } from "../../model/job";
import { putPart } from "../edit-route";
import type { Finding, Rule } from "./rule";

const OTHER = { left: "right", right: "left" } as const;

/** Where a part of the other side goes. */
function otherSide(place: Part["place"]): Part["place"] | undefined {
  return place.startsWith("left") ? (place.replace("left", "right") as Part["place"]) : place.startsWith("right") ? (place.replace("right", "left") as Part["place"]) : undefined;
}

export const PART_RULES: readonly Rule[] = [
  {
    id: "single-use-again",
    reason: "A fastener that stretches or deforms holds once.",
    find: (plan) =>
      plan.route.fasteners.flatMap((fastener): Finding[] => {
        if (!fastener.singleUse || fastener.reuseReason || plan.route.parts.some(({ renews }) => renews === fastener.id)) return [];
        const place = plan.route.parts[0]?.place ?? "underneath";
        return [
          {
            about: fastener.id,
            fastenerId: fastener.id,
            grave: true,
            says: `${fastener.name}: single-use, and no new ones are on the list.`,
            fix: {
              says: "Put new ones on the list",
              apply: (now, newId) => putPart(now, { id: newId(), name: `${fastener.name}, new`.slice(0, 200), place, count: fastener.count, renews: fastener.id }),
            },
          },
        ];
      }),
  },
  {
    id: "no-new-pin",
    reason: "A split pin that was bent once breaks when it is bent again.",
    find: ({ route }) =>
      route.fasteners.flatMap((fastener): Finding[] => {
        if (fastener.locking !== "split pin" || route.parts.some(({ renews, name }) => renews === fastener.id || /\b(?:split|cotter) ?pin/i.test(name))) return [];
        const place = route.parts[0]?.place ?? "underneath";
        return [
          {
            about: fastener.id,
            fastenerId: fastener.id,
            says: `${fastener.name}: a nut with a pin, and no new pin on the list.`,
            fix: { says: "Put pins on the list", apply: (now, newId) => putPart(now, { id: newId(), name: "Split pin", place, count: fastener.count, renews: fastener.id }) },
          },
        ];
      }),
  },
  {
    id: "wrong-hand",
    reason: "A left-hand part does not fit, or fits and fails, on the right.",
    find: ({ route }) =>
      route.parts.flatMap((part): Finding[] =>
        part.hand && part.place.startsWith(OTHER[part.hand])
          ? [
              {
                about: part.id,
                says: `${part.name}: made for the ${part.hand}, and planned for the ${part.place}.`,
                fix: { says: `Take the ${OTHER[part.hand]}-hand one`, apply: (now) => putPart(now, { ...part, hand: OTHER[part.hand ?? "left"] }) },
              },
            ]
          : [],
      ),
  },
  {
    id: "one-of-a-pair",
    reason: "Parts that work against each other across an axle are renewed together.",
    find: ({ route }) =>
      route.parts.flatMap((part): Finding[] => {
        const other = otherSide(part.place);
        if (!part.inPairs || !other || route.parts.some((one) => one.name === part.name && one.place === other)) return [];
        return [
          {
            about: part.id,
            says: `${part.name}: only for the ${part.place}.`,
            fix: { says: "Add the other side", apply: (now, newId) => putPart(now, { ...part, id: newId(), place: other, ...(part.hand ? { hand: OTHER[part.hand] } : {}) }) },
          },
        ];
      }),
  },
];
