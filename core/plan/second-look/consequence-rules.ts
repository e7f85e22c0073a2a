import { highestNm } from "../../kit/needs/highest-torque";
import type { Fastener, Step } from "../../model/job";
import { sharesWord } from "../../shares-word";
import type { Opening } from "../opened";
import { appendToPhase, changeStep, insertBefore, moveAfter, plainStep } from "./changes";
import { type Finding, type PlanRead, type Rule, isMended, stepsOfKind, wordsOf } from "./rule";

const LOWERED = "Down off the stands";

/** What has to follow an opening, how a plan shows that it has it, and the step that puts it in. */
const FOLLOWS: readonly {
  id: string;
  reason: string;
  after: readonly Opening[];
  has: RegExp;
  grave: boolean;
  says: string;
  fix: string;
  step: (id: string) => Step;
}[] = [
  {
    id: "no-bleed",
    reason: "Air in the line is a pedal that goes to the floor.",
    after: ["brake line"],
    has: /\bbleed/,
    grave: true,
    says: "opens a line, and nothing bleeds it afterwards.",
    fix: "Bleed it",
    step: (id) =>
      plainStep(id, "put back", "do", "Bleed until no more air comes", { minutes: { usual: 20 }, hands: 2 }),
  },
  {
    id: "no-pedal",
    reason: "After work on a brake the first press goes to the floor, and that must not be at a crossing.",
    after: ["brake", "brake line"],
    has: /\bpedal\b/,
    grave: true,
    says: "works on a brake, and nothing pumps the pedal before it is moved.",
    fix: "Pump it, then slow test stops",
    step: (id) =>
      plainStep(id, "prove it", "look", "Pump the pedal until it is hard, then slow test stops", {
        minutes: { usual: 10 },
      }),
  },
  {
    id: "no-alignment",
    reason: "What moves the wheel's angle wears out a tyre in a month.",
    after: ["alignment"],
    has: /\balign|\btracking\b|\btoe\b/i,
    grave: false,
    says: "may move the wheel's angle, and nothing books an alignment.",
    fix: "Book it",
    step: (id) => plainStep(id, "prove it", "look", "Book the wheel alignment"),
  },
];

/** What has to follow from what is opened, whatever the job is called. */
export const CONSEQUENCE_RULES: readonly Rule[] = [
  ...FOLLOWS.map(({ id, reason, after, has, grave, says, fix, step }): Rule => ({
    id,
    reason,
    find: ({ route, opened }) => {
      const because = after.flatMap((opening) => opened.get(opening) ?? [])[0];
      if (because === undefined || route.steps.some((one) => has.test(wordsOf(one)))) return [];
      if (isMended(route, id, "plan")) return [];
      return [
        {
          about: "plan",
          grave,
          says: `“${because}” ${says}`,
          fix: { says: fix, apply: (now, newId) => appendToPhase(now, step(newId())) },
        },
      ];
    },
  })),
  {
    id: "never-lowered",
    reason: "What goes up on stands has to come down again before it is driven.",
    find: ({ route }) => {
      const last = route.steps.findLast(({ kind }) => kind === "raise" || kind === "lower");
      if (last?.kind !== "raise") return [];
      return [
        {
          about: last.id,
          stepId: last.id,
          says: `“${last.title}” raises it, and nothing lets it down again.`,
          fix: {
            says: "Let it down",
            apply: (now, newId) => {
              const id = newId();
              const down = appendToPhase(
                now,
                plainStep(id, "put back", "lower", LOWERED, { stance: last.stance }),
              );
              const at = down.steps.findIndex((step) => step.id === id);
              return {
                ...down,
                steps: down.steps.map((step, i) =>
                  i > at ? { ...step, stance: "on the ground" as const } : step,
                ),
              };
            },
          },
        },
      ];
    },
  },
  {
    id: "crack-on-the-ground",
    reason: "A long bar on a tight nut rocks a car off its stands; on its wheels it stands firm.",
    find: (plan) => {
      const raise = plan.route.steps.find(({ kind }) => kind === "raise");
      if (!raise) return [];
      return plan.route.fasteners.flatMap((fastener): Finding[] => {
        const role = plan.roleOf(fastener);
        if ((role !== "wheel" && role !== "hub and axle") || !isTight(fastener)) return [];
        const undo = stepsOfKind(plan, fastener.id, "undo")[0];
        if (!undo || undo.stance === "on the ground" || crackedBefore(plan, fastener, undo)) return [];
        const name = fastener.name.toLowerCase();
        return [
          {
            about: fastener.id,
            fastenerId: fastener.id,
            stepId: undo.id,
            says: `${fastener.name}: so tight, and undone with the ${undo.stance}. Crack ${fastener.count === 1 ? "it" : "them"} while it stands on its wheels.`,
            fix: {
              says: "Crack it on the ground first",
              apply: (now, newId) =>
                insertBefore(
                  now,
                  raise.id,
                  plainStep(newId(), "make safe", "do", `Crack the ${name} a quarter turn, on the ground`, {
                    fastenerId: fastener.id,
                  }),
                ),
            },
          },
        ];
      });
    },
  },
  {
    id: "wheel-in-the-air",
    reason: "In the air the wheel turns with the wrench, and the car is pulled about on its stands.",
    find: (plan) =>
      plan.route.fasteners.flatMap((fastener): Finding[] => {
        const tight = stepsOfKind(plan, fastener.id, "torque").findLast(() => true);
        if (
          !tight ||
          tight.stance === "on the ground" ||
          fastener.tightened !== undefined ||
          plan.roleOf(fastener) !== "wheel"
        )
          return [];
        return [
          {
            about: fastener.id,
            fastenerId: fastener.id,
            stepId: tight.id,
            grave: true,
            says: `${fastener.name}: tightened with the ${tight.stance}. A wheel gets its torque on the ground.`,
            fix: {
              says: "Tighten them on the ground",
              apply: (now, newId) => {
                const letDown = now.steps.some(({ kind }) => kind === "lower")
                  ? now
                  : appendToPhase(
                      now,
                      plainStep(newId(), "put back", "lower", LOWERED, { stance: tight.stance }),
                    );
                const lowered = letDown.steps.findLast(({ kind }) => kind === "lower");
                return changeStep(moveAfter(letDown, tight.id, lowered?.id ?? tight.id), tight.id, (one) => ({
                  ...one,
                  stance: "on the ground",
                }));
              },
            },
          },
        ];
      }),
  },
];

/** From here on a nut takes a bar and a jerk, N·m. */
const TIGHT_NM = 100;

/** Whether it was done up so tight; the nut of a hub or an axle is, whatever is written down. */
function isTight(fastener: Fastener): boolean {
  const nm = highestNm(fastener);
  return nm === undefined ? /\b(?:hub|axle|drive ?shaft)\b.*\bnuts?\b/i.test(fastener.name) : nm >= TIGHT_NM;
}

/** Whether an earlier step on the ground works on it, or says that it is cracked there. */
function crackedBefore(plan: PlanRead, { id, name }: Fastener, { id: undoId }: Step): boolean {
  const before = plan.route.steps.slice(0, plan.at.get(undoId) ?? 0);
  const cracks = /\b(?:crack|loosen|slacken|break)/i;
  return before.some(
    (step) =>
      step.stance === "on the ground" &&
      (step.fastenerId === id || (cracks.test(step.title) && sharesWord(step.title, name))),
  );
}
