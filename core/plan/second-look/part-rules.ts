import { isByHand } from "../../fastener/how-tight";
import { hasHead } from "../../fastener/role";
import { turnerOf } from "../../kit/needs/turned-by";
import type { Part, Route } from "../../model/job";
import { formatHeadSize } from "../../quantity/read-head-size";
import { sharesWord } from "../../shares-word";
import { OTHER_SIDE } from "../../side";
import { putPart } from "../edit-route";
import { appendToPhase, plainStep } from "./changes";
import { type Finding, type Rule, isMended, wordsOf } from "./rule";

/** What goes in with something else, and has no step of its own. */
const HARDWARE =
  /\b(?:bolts?|nuts?|screws?|studs?|pins?|washers?|clips?|clamps?|seals?|gaskets?|o[- ]?rings?|circlips?|caps?|boots?|kits?|hardware)\b/i;

/** Where a part of the other side goes. */
function otherSide(place: Part["place"]): Part["place"] | undefined {
  if (place.startsWith("left")) return place.replace("left", "right") as Part["place"];
  if (place.startsWith("right")) return place.replace("right", "left") as Part["place"];
  return undefined;
}

/** The route with something to look at before anything else is done. */
const lookedAtFirst = (route: Route, newId: () => string, title: string): Route => ({
  ...route,
  steps: [plainStep(newId(), "make safe", "look", title), ...route.steps],
});

export const PART_RULES: readonly Rule[] = [
  {
    id: "untouched",
    reason: "What is in the plan and in no step is forgotten on the driveway.",
    find: ({ route, stepsOn }) =>
      route.fasteners.flatMap((fastener): Finding[] =>
        stepsOn.has(fastener.id) || !hasHead(fastener)
          ? []
          : [
              {
                about: fastener.id,
                fastenerId: fastener.id,
                says: `${fastener.name}: no step undoes or tightens ${fastener.count === 1 ? "it" : "them"}.`,
                fix: {
                  says: "Undo and tighten them",
                  apply: (now, newId) => {
                    const name = fastener.name.toLowerCase();
                    const on = { fastenerId: fastener.id };
                    return [
                      plainStep(newId(), "take apart", "undo", `Undo the ${name}`, on),
                      ...(fastener.count > 1
                        ? [plainStep(newId(), "put back", "hand-start", `Start the ${name} by hand`, on)]
                        : []),
                      plainStep(newId(), "put back", "torque", `Tighten the ${name}`, on),
                    ].reduce(appendToPhase, now);
                  },
                },
              },
            ],
      ),
  },
  {
    id: "unfitted",
    reason: "A part that no step fits comes home and stays in its box.",
    find: ({ route, stepsOn }) =>
      route.parts.flatMap((part, i): Finding[] => {
        // Left and right of one kind are fitted alike, and asked about once.
        if (route.parts.findIndex(({ name }) => name === part.name) < i) return [];
        const withBolts = [part.renews, ...(part.holds ?? [])].some(
          (id) => id !== undefined && stepsOn.has(id),
        );
        if (route.steps.length === 0 || withBolts || HARDWARE.test(part.name)) return [];
        if (route.steps.some((step) => sharesWord(wordsOf(step), part.name))) return [];
        if (isMended(route, "unfitted", part.id)) return [];
        return [
          {
            about: part.id,
            says: `${part.name}: no step fits ${part.count === 1 ? "it" : "them"}.`,
            fix: {
              says: "Plan to fit it",
              apply: (now, newId) =>
                appendToPhase(
                  now,
                  plainStep(newId(), "put back", "do", `Fit the new ${part.name.toLowerCase()}`),
                ),
            },
          },
        ];
      }),
  },
  {
    id: "no-size",
    reason: "Without the size of its head nothing says which socket to bring, and the shop is shut by then.",
    find: ({ route, stepsOn }) => {
      const bare = route.fasteners.filter(
        (one) =>
          stepsOn.has(one.id) &&
          one.sizeToUndo === undefined &&
          one.sizeToDoUp === undefined &&
          hasHead(one) &&
          !isByHand(one) &&
          turnerOf(route, one) === undefined,
      );
      if (bare.length === 0 || isMended(route, "no-size", "plan")) return [];
      const names = bare.map(({ name }) => name);
      return [
        {
          about: "plan",
          ...(bare.length === 1 ? { fastenerId: bare[0]?.id } : {}),
          says: `No size is written down for ${names.slice(0, 4).join(", ")}${names.length > 4 ? ` and ${names.length - 4} more` : ""}.`,
          fix: {
            says: "Plan to look at the heads first",
            apply: (now, newId) => lookedAtFirst(now, newId, `Look at the heads: ${names.join(", ")}`),
          },
        },
      ];
    },
  },
  {
    id: "doubted-size",
    reason: "A tool that was guessed at is the wrong one once the shop is shut, or rounds the head.",
    find: ({ route, stepsOn }) =>
      route.fasteners.flatMap((fastener): Finding[] => {
        const head = fastener.sizeToUndo ?? fastener.sizeToDoUp;
        if (!fastener.sizeDoubtful || !head || !stepsOn.has(fastener.id)) return [];
        if (isMended(route, "doubted-size", fastener.id)) return [];
        return [
          {
            about: fastener.id,
            fastenerId: fastener.id,
            says: `${fastener.name}: ${formatHeadSize(head)} was said with doubt.`,
            fix: {
              says: "Plan to try it on the head first",
              apply: (now, newId) =>
                lookedAtFirst(
                  now,
                  newId,
                  `Try the ${formatHeadSize(head)} on the ${fastener.name.toLowerCase()}`,
                ),
            },
          },
        ];
      }),
  },
  {
    id: "single-use-again",
    reason: "A fastener that stretches or deforms holds once.",
    find: (plan) =>
      plan.route.fasteners.flatMap((fastener): Finding[] => {
        if (
          !fastener.singleUse ||
          fastener.reuseReason ||
          plan.route.parts.some(({ renews }) => renews === fastener.id)
        )
          return [];
        const place = plan.route.parts[0]?.place ?? "underneath";
        return [
          {
            about: fastener.id,
            fastenerId: fastener.id,
            grave: true,
            says: `${fastener.name}: single-use, and no new ones are on the list.`,
            fix: {
              says: "Put new ones on the list",
              apply: (now, newId) =>
                putPart(now, {
                  id: newId(),
                  name: `${fastener.name}, new`.slice(0, 200),
                  place,
                  count: fastener.count,
                  renews: fastener.id,
                }),
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
        if (
          fastener.locking !== "split pin" ||
          route.parts.some(
            ({ renews, name }) => renews === fastener.id || /\b(?:split|cotter) ?pin/i.test(name),
          )
        )
          return [];
        const place = route.parts[0]?.place ?? "underneath";
        return [
          {
            about: fastener.id,
            fastenerId: fastener.id,
            says: `${fastener.name}: a nut with a pin, and no new pin on the list.`,
            fix: {
              says: "Put pins on the list",
              apply: (now, newId) =>
                putPart(now, {
                  id: newId(),
                  name: "Split pin",
                  place,
                  count: fastener.count,
                  renews: fastener.id,
                }),
            },
          },
        ];
      }),
  },
  {
    id: "wrong-hand",
    reason: "A left-hand part does not fit, or fits and fails, on the right.",
    find: ({ route }) =>
      route.parts.flatMap((part): Finding[] =>
        part.hand && part.place.startsWith(OTHER_SIDE[part.hand])
          ? [
              {
                about: part.id,
                says: `${part.name}: made for the ${part.hand}, and planned for the ${part.place}.`,
                fix: {
                  says: `Take the ${OTHER_SIDE[part.hand]}-hand one`,
                  apply: (now) => putPart(now, { ...part, hand: OTHER_SIDE[part.hand ?? "left"] }),
                },
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
        if (
          !part.inPairs ||
          !other ||
          route.parts.some((one) => one.name === part.name && one.place === other)
        )
          return [];
        return [
          {
            about: part.id,
            says: `${part.name}: only for the ${part.place}.`,
            fix: {
              says: "Add the other side",
              apply: (now, newId) =>
                putPart(now, {
                  ...part,
                  id: newId(),
                  place: other,
                  ...(part.hand ? { hand: OTHER_SIDE[part.hand] } : {}),
                }),
            },
          },
        ];
      }),
  },
];
