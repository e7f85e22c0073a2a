import { chestOf } from "../../chest/chest";
import { lacksSource } from "../../fastener/doubts";
import { AT_STAKE, lacksFigure, roleOf } from "../../fastener/role";
import { orSentence } from "../../input-error";
import { torqueNeeds } from "../../kit/needs/torque-needs";
import type { Applied, Fastener, Route } from "../../model/job";
import { shown, shownTorque } from "../../quantity/shown";
import { formatTorque, quantityNm } from "../../quantity/torque-quantity";
import { formatFigure } from "../../quantity/torque-words";
import { lubricatedTorque } from "../../thread/lubricant";
import { NUT_FACTOR } from "../../thread/nut-factor";
import { rangeToBorrow } from "../../torque/choose-wrench";
import { torquesOf } from "../../torque/torques-of";
import { changeFastener, plainStep } from "./changes";
import { lookUpPlanned, planLookUp } from "./look-up";
import { type Finding, type PlanRead, type Rule, stepsOfKind } from "./rule";

function borrowTitle({ name }: Fastener): string {
  return `Borrow a torque wrench for the ${name.toLowerCase()}`.slice(0, 200);
}

/** The nut factor of a state of the thread as a plan names it. */
const FACTOR_OF = {
  dry: NUT_FACTOR.dry,
  oiled: NUT_FACTOR["light oil"],
  threadlocked: NUT_FACTOR["wet threadlocker"],
  "anti-seize": NUT_FACTOR["anti-seize"],
} as const;

/** What a thread is, wet with what a step puts on it. */
const WET_WITH = {
  oil: "oiled",
  grease: "oiled",
  "brake grease": "oiled",
  "anti-seize": "anti-seize",
  threadlocker: "threadlocked",
  sealant: undefined,
} as const;

/** What the steps put on the threads of a fastener. */
const onThreads = (plan: PlanRead, { id }: Fastener) =>
  (plan.stepsOn.get(id) ?? []).flatMap(({ applies }) =>
    (applies ?? []).flatMap(({ what, on }) => (on === "threads" ? [what] : [])),
  );

/** The route in which no step puts such a thing on the threads of a fastener. */
const withoutOnThreads = (
  route: Route,
  fastenerId: string,
  isLeftOff: (what: Applied["what"]) => boolean,
): Route => ({
  ...route,
  steps: route.steps.map((step) =>
    step.fastenerId === fastenerId && step.applies
      ? { ...step, applies: step.applies.filter(({ what, on }) => on !== "threads" || !isLeftOff(what)) }
      : step,
  ),
});
const isSlick = (what: Applied["what"]): boolean => what !== "threadlocker" && what !== "sealant";

/** What the thread will be like: as it is said, wet with what goes on it, or with the locker that is named. */
function stateOf(plan: PlanRead, fastener: Fastener): keyof typeof FACTOR_OF | undefined {
  const { threadIs, locking } = fastener;
  const applied = onThreads(plan, fastener).flatMap((what) => WET_WITH[what] ?? [])[0];
  return threadIs ?? applied ?? (locking?.startsWith("threadlocker") ? "threadlocked" : undefined);
}

export const FIGURE_RULES: readonly Rule[] = [
  {
    id: "no-figure",
    reason:
      "What holds a life is never done up by guess: a figure, a method, or a reason that you wrote down.",
    find: ({ route, vehicle }) =>
      route.fasteners.flatMap((fastener): Finding[] => {
        if (!lacksFigure(route, fastener)) return [];
        const { wheelTorque } = vehicle;
        const own =
          wheelTorque !== undefined && roleOf(route, fastener) === "wheel" ? wheelTorque : undefined;
        return [
          {
            about: fastener.id,
            fastenerId: fastener.id,
            grave: true,
            says: `${fastener.name}: ${fastener.figure ? "“good and tight” is no figure" : "no figure"}, and ${fastener.count === 1 ? "it holds" : "they hold"} ${AT_STAKE[roleOf(route, fastener) ?? "body"]}. Look it up.`,
            ...(own
              ? {
                  fix: {
                    says: `This vehicle's own: ${formatFigure(own)}`,
                    apply: (now) =>
                      changeFastener(now, fastener.id, (one) => ({
                        ...one,
                        figure: own,
                        source: "this vehicle's own" as const,
                      })),
                  },
                }
              : {}),
          },
        ];
      }),
  },
  {
    id: "no-source",
    reason: "A figure that nobody can look up again is a rumour.",
    find: ({ route }) =>
      route.fasteners.flatMap((fastener): Finding[] =>
        lacksSource(fastener) && !lookUpPlanned(route, fastener)
          ? [
              {
                about: fastener.id,
                fastenerId: fastener.id,
                says: `${fastener.name}: where is the figure from?`,
                fix: planLookUp(fastener),
              },
            ]
          : [],
      ),
  },
  {
    id: "no-wrench",
    reason: "Guessing by feel is how threads are stripped.",
    find: (plan) => {
      const chest = chestOf(plan.tools);
      return plan.route.fasteners.flatMap((fastener): Finding[] => {
        if (
          stepsOfKind(plan, fastener.id, "torque").length === 0 ||
          plan.route.steps.some(({ title }) => title === borrowTitle(fastener))
        )
          return [];
        const lacking = torqueNeeds(fastener, chest).find(
          ({ best, bySpanner }) => best === undefined && !bySpanner,
        );
        if (!lacking) return [];
        const wanted = orSentence<ReturnType<typeof rangeToBorrow> | string>(
          () => rangeToBorrow(lacking.stage.target, fastener.adapter ? [fastener.adapter] : []),
          (sentence) => sentence,
        );
        // An adapter that no wrench can work through: there is none to borrow.
        if (typeof wanted === "string")
          return [
            {
              about: fastener.id,
              fastenerId: fastener.id,
              says: `${fastener.name}: no wrench can be set for it. ${wanted}`,
            },
          ];
        const { smallestFullScaleNm, largestFullScaleNm } = wanted;
        const unit = plan.vehicle.torqueUnit;
        return [
          {
            about: fastener.id,
            fastenerId: fastener.id,
            says: `${fastener.name}: none of your wrenches can be set for it. Get one whose scale ends between ${shownTorque(smallestFullScaleNm, unit)} and ${shownTorque(largestFullScaleNm, unit)}.`,
            fix: {
              says: "Plan to borrow one",
              apply: (now, newId) => ({
                ...now,
                steps: [
                  plainStep(newId(), "make safe", "do", borrowTitle(fastener), {
                    detail: `Its scale ends between ${shownTorque(smallestFullScaleNm, unit)} and ${shownTorque(largestFullScaleNm, unit)}.`,
                  }),
                  ...now.steps,
                ],
              }),
            },
          },
        ];
      });
    },
  },
  {
    id: "passes-out-of-order",
    reason: "Passes go up; a lower one after a higher one does nothing.",
    find: ({ route }) =>
      route.fasteners.flatMap((fastener): Finding[] => {
        const torques = fastener.figure?.form === "passes" ? torquesOf(fastener.figure) : [];
        if (
          torques.every((torque, i) => i === 0 || quantityNm(torque) > quantityNm(torques[i - 1] ?? torque))
        )
          return [];
        const sorted = [...torques].sort((a, b) => quantityNm(a) - quantityNm(b));
        return [
          {
            about: fastener.id,
            fastenerId: fastener.id,
            says: `${fastener.name}: its passes do not go up.`,
            fix: {
              says: `Make it ${sorted.map(formatTorque).join(", then ")}`,
              apply: (now) =>
                changeFastener(now, fastener.id, (one) => ({
                  ...one,
                  figure: { form: "passes", torques: sorted },
                })),
            },
          },
        ];
      }),
  },
  {
    id: "locker-and-anti-seize",
    reason: "One is there to hold the thread, the other to let it go; together neither works.",
    find: (plan) =>
      plan.route.fasteners.flatMap((fastener): Finding[] => {
        const applied = onThreads(plan, fastener);
        const greased =
          fastener.threadIs === "anti-seize" || fastener.condition === "anti-seize" || applied.some(isSlick);
        const locked = fastener.locking?.startsWith("threadlocker") || applied.includes("threadlocker");
        return greased && locked
          ? [
              {
                about: fastener.id,
                fastenerId: fastener.id,
                grave: true,
                says: `${fastener.name}: threadlocker and anti-seize on one thread.`,
                fix: {
                  says: "Leave the anti-seize off",
                  apply: (now) =>
                    changeFastener(
                      withoutOnThreads(now, fastener.id, isSlick),
                      fastener.id,
                      ({ condition, threadIs: _greased, ...one }) => ({
                        ...one,
                        ...(condition && condition !== "anti-seize" ? { condition } : {}),
                      }),
                    ),
                },
              },
            ]
          : [];
      }),
  },
  {
    id: "figure-for-another-thread",
    reason: "The same torque on a slicker thread pulls the bolt much harder.",
    find: (plan) =>
      plan.route.fasteners.flatMap((fastener): Finding[] => {
        const state = stateOf(plan, fastener);
        const { condition, figure } = fastener;
        if (!condition || !state || condition === state || !figure) return [];
        const [, high] = lubricatedTorque(1, FACTOR_OF[condition], FACTOR_OF[state]).forceIfIgnored;
        return [
          {
            about: fastener.id,
            fastenerId: fastener.id,
            grave: high > 1.25,
            says: `${fastener.name}: the figure is for a thread that is ${condition}, and this one is ${state}. It may be pulled up to ${shown(high, 2)} times as hard.`,
            fix: {
              says: `Make the thread ${condition}`,
              apply: (now) =>
                changeFastener(
                  withoutOnThreads(now, fastener.id, () => true),
                  fastener.id,
                  ({ locking, ...one }) => ({
                    ...one,
                    threadIs: condition,
                    ...(locking && !locking.startsWith("threadlocker") ? { locking } : {}),
                  }),
                ),
            },
          },
        ];
      }),
  },
  {
    id: "not-to-be-trusted",
    reason: "A figure from memory is right until the day it is not.",
    find: ({ route }) =>
      route.fasteners.flatMap((fastener): Finding[] =>
        fastener.figure &&
        (fastener.source === "memory" || fastener.doubtful) &&
        !lookUpPlanned(route, fastener)
          ? [
              {
                about: fastener.id,
                fastenerId: fastener.id,
                says: `${fastener.name}: the figure is ${fastener.source === "memory" ? "from memory" : "marked doubtful"}. Look it up.`,
                fix: planLookUp(fastener),
              },
            ]
          : [],
      ),
  },
];
