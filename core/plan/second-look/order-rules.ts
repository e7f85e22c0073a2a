import { capital } from "../../capital";
import type { Step } from "../../model/job";
import { removeStep } from "../edit-route";
import { loopsIn } from "../order";
import { appendToPhase, changeStep, insertBefore, moveAfter, plainStep } from "./changes";
import { type Finding, type PlanRead, type Rule, stepsOfKind } from "./rule";

const same = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

/** Whether some step before this place has the thing in the list that is asked for. */
function earlier(plan: PlanRead, before: number, list: "takesOff" | "putsBack", thing: string): boolean {
  return plan.route.steps.slice(0, before).some((step) => step[list]?.some((one) => same(one, thing)));
}

function bolts(plan: PlanRead, fastenerId: string, kinds: readonly Step["kind"][]): number | undefined {
  const steps = (plan.stepsOn.get(fastenerId) ?? []).filter(({ kind }) => kinds.includes(kind));
  if (steps.length === 0 || steps.every(({ count }) => count === undefined)) return undefined;
  const all = plan.fasteners.get(fastenerId)?.count ?? 0;
  return steps.reduce((sum, { count }) => sum + (count ?? all), 0);
}

/** Steps of a loop that are named; nobody reads more. */
const MOST_NAMED = 5;

export const ORDER_RULES: readonly Rule[] = [
  {
    id: "loop",
    reason: "Steps that wait for each other can never be done.",
    find: ({ route }) =>
      loopsIn(route.steps).map((loop): Finding => ({
        about: loop[0]?.id ?? "plan",
        stepId: loop[0]?.id,
        grave: true,
        says: `These steps wait for each other: ${loop
          .slice(0, MOST_NAMED)
          .map(({ title }) => `“${title}”`)
          .join(", then ")}${loop.length > MOST_NAMED ? `, and ${loop.length - MOST_NAMED} more` : ""}.`,
        ...cutLoop(loop),
      })),
  },
  {
    id: "before-its-need",
    reason: "It cannot be done before what it waits for.",
    find: ({ route, at }) =>
      route.steps.flatMap((step, i) =>
        (step.needs ?? []).flatMap((need): Finding[] => {
          const place = at.get(need);
          const other = place === undefined ? undefined : route.steps[place];
          if (!other || place === undefined || place < i) return [];
          return [
            {
              about: `${step.id} ${need}`.slice(0, 190),
              stepId: step.id,
              says: `“${step.title}” comes before “${other.title}”, which it needs.`,
              fix: { says: "Move it after", apply: (now) => moveAfter(now, step.id, need) },
            },
          ];
        }),
      ),
  },
  {
    id: "nothing-leads-here",
    reason: "It takes up something that no step before it has begun.",
    find: (plan) =>
      plan.route.steps.flatMap((step, i): Finding[] => {
        const lost = (step.needs ?? []).some((need) => !plan.at.has(need));
        if (lost)
          return [
            {
              about: step.id,
              stepId: step.id,
              says: `“${step.title}” needs a step that is no longer in the plan.`,
              fix: {
                says: "Let it go",
                apply: (now) =>
                  changeStep(now, step.id, (one) => ({
                    ...one,
                    needs: (one.needs ?? []).filter((need) => plan.at.has(need)),
                  })),
              },
            },
          ];
        if (step.kind === "lower" && !plan.route.steps.slice(0, i).some(({ kind }) => kind === "raise"))
          return [
            {
              about: step.id,
              stepId: step.id,
              says: `“${step.title}” lets down what was never raised.`,
              fix: { says: "Take the step out", apply: (now) => removeStep(now, step.id) },
            },
          ];
        const thing = step.putsBack?.find((one) => !earlier(plan, i, "takesOff", one));
        return thing === undefined
          ? []
          : [
              {
                about: step.id,
                stepId: step.id,
                says: `“${step.title}” puts back the ${thing}, which no step took off.`,
                fix: {
                  says: "Leave it out",
                  apply: (now) =>
                    changeStep(now, step.id, (one) => ({
                      ...one,
                      putsBack: (one.putsBack ?? []).filter((other) => other !== thing),
                    })),
                },
              },
            ];
      }),
  },
  {
    id: "still-attached",
    reason: "A connector, hose or lead that is still on is what breaks when the part is moved.",
    find: (plan) =>
      plan.route.steps.flatMap((step, i) =>
        (step.movesPast ?? []).flatMap((thing): Finding[] => {
          if (earlier(plan, i, "takesOff", thing)) return [];
          const off = { phase: step.phase, stance: step.stance, takesOff: [thing] };
          return [
            {
              about: `${step.id} ${thing}`.slice(0, 190),
              stepId: step.id,
              grave: true,
              says: `The ${thing} is still on when “${step.title}” moves past it.`,
              fix: {
                says: "Take it off first",
                apply: (now, newId) =>
                  insertBefore(
                    now,
                    step.id,
                    plainStep(newId(), step.phase, "do", `${capital(thing)} off`, off),
                  ),
              },
            },
          ];
        }),
      ),
  },
  {
    id: "never-put-back",
    reason: "What is left off is found on the road.",
    find: (plan) =>
      plan.route.steps.flatMap((step, i) =>
        (step.takesOff ?? []).flatMap((thing): Finding[] => {
          if (plan.route.steps.slice(i + 1).some(({ putsBack }) => putsBack?.some((one) => same(one, thing))))
            return [];
          return [
            {
              about: `${step.id} ${thing}`.slice(0, 190),
              stepId: step.id,
              grave: true,
              says: `The ${thing} comes off and never goes back on.`,
              fix: {
                says: "Put it back",
                apply: (now, newId) =>
                  appendToPhase(
                    now,
                    plainStep(newId(), "put back", "do", `${capital(thing)} on, tug it`, {
                      stance: step.stance,
                      putsBack: [thing],
                    }),
                  ),
              },
            },
          ];
        }),
      ),
  },
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
          !fastener.figure ||
          fastener.figure.form === "snug" ||
          fastener.figure.form === "hand tight"
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
    id: "torque-in-the-wrong-place",
    reason:
      "Rubber bushes and wheels take their final torque where they will run; a big nut needs the wheel on the ground.",
    find: (plan) =>
      plan.route.fasteners.flatMap((fastener) =>
        stepsOfKind(plan, fastener.id, "torque").flatMap((step): Finding[] => {
          const low = fastener.tightened === "on the ground" || fastener.tightened === "at ride height";
          const raised = step.stance !== "on the ground";
          if (fastener.tightened === undefined || low !== raised) return [];
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
  {
    id: "no-limit",
    reason: "A measurement without a limit decides nothing.",
    find: ({ route }) =>
      route.steps.flatMap((step): Finding[] =>
        step.measure && step.measure.least === undefined && step.measure.most === undefined
          ? [
              {
                about: step.id,
                stepId: step.id,
                says: `“${step.title}” measures the ${step.measure.what} against no limit.`,
                fix: {
                  says: "Only look, without measuring",
                  apply: (now) => changeStep(now, step.id, ({ measure: _measure, ...one }) => one),
                },
              },
            ]
          : [],
      ),
  },
];

/** A loop is cut at the first step that says itself that it needs the next. */
function cutLoop(loop: readonly Step[]): Pick<Finding, "fix"> {
  const at = loop.findIndex((step, i) => step.needs?.includes(loop[(i + 1) % loop.length]?.id ?? ""));
  const [step, next] = [loop[at], loop[(at + 1) % loop.length]];
  if (!step || !next) return {};
  return {
    fix: {
      says: `Let “${step.title}” go first`,
      apply: (now) =>
        changeStep(now, step.id, (one) => ({
          ...one,
          needs: (one.needs ?? []).filter((need) => need !== next.id),
        })),
    },
  };
}
