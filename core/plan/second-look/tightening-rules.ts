import type { Fastener, Step } from "../../model/job";
import { movesOf } from "../../quantity/torque-figure";
import { torquesOf } from "../../torque/torques-of";
import { appendToPhase, bringForward, changeStep, insertBefore, moveAfter, plainStep } from "./changes";
import { type Finding, type PlanRead, type Rule, stepsOfKind, wordsOf } from "./rule";

function bolts(plan: PlanRead, fastenerId: string, kinds: readonly Step["kind"][]): number | undefined {
  const steps = (plan.stepsOn.get(fastenerId) ?? []).filter(({ kind }) => kinds.includes(kind));
  if (steps.length === 0 || steps.every(({ count }) => count === undefined)) return undefined;
  const all = plan.fasteners.get(fastenerId)?.count ?? 0;
  return steps.reduce((sum, { count }) => sum + (count ?? all), 0);
}

/** Whether a jack under the arm or the hub has brought it to ride height while the car is up. */
function isAtRideHeight(plan: PlanRead, step: Step): boolean {
  const lifted =
    /\bride height\b|\bjack(?:ed)?\b[^.]*\b(?:under|below)\b[^.]*\b(?:arm|hub|knuckle|beam|axle|joint|damper|disc)\b/;
  return plan.route.steps.slice(0, plan.at.get(step.id) ?? 0).some((one) => lifted.test(wordsOf(one)));
}

/** Each has a hole of its own and holds nothing with the others: every one is started and tightened by itself. */
const EACH_BY_ITSELF = /\b(?:plugs?|bleeders?|bleed (?:screws?|nipples?)|unions?|sensors?|injectors?)\b/i;

/** Words that tell apart two groups that hold one thing. */
const WHERE = /\b(?:front|rear|back|upper|lower|top|bottom|inner|outer|long|short|thick|thin|corner)\b/g;
const heldBy = ({ name }: Fastener): string =>
  name
    .toLowerCase()
    .replace(WHERE, " ")
    .replace(/[^a-z0-9]+/g, " ")
    .trim();

/**
 * Groups of bolts that hold one thing together, told by names that differ in nothing but where they are; in the
 * order in which they get their torque.
 */
function togetherIn(plan: PlanRead): [first: Fastener, second: Fastener][] {
  const undone = plan.route.fasteners.filter(
    (one) => stepsOfKind(plan, one.id, "undo").length > 0 && WHERE_ONCE.test(one.name),
  );
  const place = (one: Fastener) => plan.at.get(lastOfKind(plan, one.id, "torque")?.id ?? "") ?? Infinity;
  return undone.flatMap((first) =>
    undone.flatMap((second): [Fastener, Fastener][] =>
      first !== second && heldBy(first) === heldBy(second) && place(first) < place(second)
        ? [[first, second]]
        : [],
    ),
  );
}
const WHERE_ONCE = new RegExp(WHERE.source, "i");

const lastOfKind = (plan: PlanRead, fastenerId: string, kind: Step["kind"]): Step | undefined =>
  stepsOfKind(plan, fastenerId, kind).at(-1);

/** Bolts that come off and are done up: all of them, by hand first, and once the rest is in place. */
export const TIGHTENING_RULES: readonly Rule[] = [
  {
    id: "never-done-up",
    reason: "A fastener that is undone and not done up falls out.",
    find: (plan) =>
      plan.route.fasteners.flatMap((fastener): Finding[] => {
        const undone = stepsOfKind(plan, fastener.id, "undo")[0];
        if (!undone || stepsOfKind(plan, fastener.id, "torque").length > 0) return [];
        return [
          {
            about: fastener.id,
            fastenerId: fastener.id,
            stepId: undone.id,
            grave: true,
            says: `${fastener.name}: undone, and never tightened again.`,
            fix: {
              says: "Tighten them",
              apply: (now, newId) =>
                appendToPhase(
                  now,
                  plainStep(newId(), "put back", "torque", fastener.name, {
                    stance: undone.stance,
                    fastenerId: fastener.id,
                  }),
                ),
            },
          },
        ];
      }),
  },
  {
    id: "counts-differ",
    reason: "One left over is one that is missing somewhere.",
    find: (plan) =>
      plan.route.fasteners.flatMap((fastener): Finding[] => {
        const out = bolts(plan, fastener.id, ["undo"]);
        const back = bolts(plan, fastener.id, ["torque"]);
        if (out === undefined && back === undefined) return [];
        const [went, came] = [out ?? fastener.count, back ?? fastener.count];
        return went === came
          ? []
          : [
              {
                about: fastener.id,
                fastenerId: fastener.id,
                says: `${fastener.name}: ${went} come out and ${came} go back.`,
                fix: {
                  says: "All of them, both times",
                  apply: (now) => ({
                    ...now,
                    steps: now.steps.map(({ count, ...one }) =>
                      one.fastenerId === fastener.id
                        ? one
                        : { ...one, ...(count === undefined ? {} : { count }) },
                    ),
                  }),
                },
              },
            ];
      }),
  },
  {
    id: "torque-before-hand",
    reason: "A bolt started with a wrench goes in crooked and takes the thread with it.",
    find: (plan) =>
      plan.route.fasteners.flatMap((fastener): Finding[] => {
        if (
          fastener.count < 2 ||
          EACH_BY_ITSELF.test(fastener.name) ||
          !fastener.figure ||
          torquesOf(fastener.figure).length === 0 ||
          movesOf(fastener.figure)[0]?.form === "hand tight"
        )
          return [];
        const tight = stepsOfKind(plan, fastener.id, "torque")[0];
        const undone = stepsOfKind(plan, fastener.id, "undo")[0];
        const place = tight ? (plan.at.get(tight.id) ?? 0) : 0;
        if (
          !tight ||
          !undone ||
          stepsOfKind(plan, fastener.id, "hand-start").some(({ id }) => (plan.at.get(id) ?? 0) < place)
        )
          return [];
        return [
          {
            about: fastener.id,
            fastenerId: fastener.id,
            stepId: tight.id,
            says: `${fastener.name}: tightened before all ${fastener.count} are started by hand.`,
            fix: {
              says: "Start them by hand first",
              apply: (now, newId) =>
                insertBefore(
                  now,
                  tight.id,
                  plainStep(newId(), tight.phase, "hand-start", `${fastener.name}, all by hand`, {
                    stance: tight.stance,
                    fastenerId: fastener.id,
                  }),
                ),
            },
          },
        ];
      }),
  },
  {
    id: "groups-of-one",
    reason: "What two groups hold together finds its place only while the bolts of both are loose.",
    find: (plan) =>
      togetherIn(plan).flatMap(([first, second]): Finding[] => {
        const tight = lastOfKind(plan, first.id, "torque");
        const started =
          stepsOfKind(plan, second.id, "hand-start")[0] ?? stepsOfKind(plan, second.id, "torque")[0];
        if (!tight || !started || (plan.at.get(tight.id) ?? 0) > (plan.at.get(started.id) ?? 0)) return [];
        return [
          {
            about: second.id,
            fastenerId: second.id,
            stepId: tight.id,
            says: `${first.name} are tight before the ${second.name.toLowerCase()} are started by hand.`,
            fix: {
              says: "Start all of them by hand first",
              apply: (now, newId) =>
                started.kind === "hand-start"
                  ? bringForward(now, started.id, tight.id)
                  : insertBefore(
                      now,
                      tight.id,
                      plainStep(newId(), tight.phase, "hand-start", `${second.name}, all by hand`, {
                        stance: tight.stance,
                        fastenerId: second.id,
                      }),
                    ),
            },
          },
        ];
      }),
  },
  {
    id: "torque-in-the-wrong-place",
    reason:
      "Rubber bushes and wheels take their final torque where they will run; a big nut needs the wheel on the ground.",
    find: (plan) =>
      plan.route.fasteners.flatMap((fastener) =>
        stepsOfKind(plan, fastener.id, "torque").flatMap((step): Finding[] => {
          const low = fastener.tightened === "on the ground" || fastener.tightened === "at ride height";
          const raised = step.stance !== "on the ground";
          if (fastener.tightened === undefined || low !== raised) return [];
          if (fastener.tightened === "at ride height" && isAtRideHeight(plan, step)) return [];
          const lowered = plan.route.steps.findLast(({ kind }) => kind === "lower");
          const says = `${fastener.name}: to be tightened ${fastener.tightened}, and “${step.title}” is done ${raised ? "while the vehicle is up" : "on the ground"}.`;
          const up = plan.route.steps.find(({ stance }) => stance !== "on the ground")?.stance;
          if (!raised && up)
            return [
              {
                about: step.id,
                stepId: step.id,
                fastenerId: fastener.id,
                says,
                fix: {
                  says: `Tighten it with the ${up}`,
                  apply: (now) => changeStep(now, step.id, (one) => ({ ...one, stance: up })),
                },
              },
            ];
          if (!raised || !lowered)
            return [{ about: step.id, stepId: step.id, fastenerId: fastener.id, says }];
          return [
            {
              about: step.id,
              stepId: step.id,
              fastenerId: fastener.id,
              says,
              fix: {
                says: "Move it after letting down",
                apply: (now) =>
                  changeStep(moveAfter(now, step.id, lowered.id), step.id, (one) => ({
                    ...one,
                    stance: "on the ground",
                  })),
              },
            },
          ];
        }),
      ),
  },
];
