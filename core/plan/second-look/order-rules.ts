import { capital } from "../../capital";
import type { Route, Step } from "../../model/job";
import { loopsIn } from "../../order/order";
import { doesMore, removeStep } from "../edit-route";
import { appendToPhase, bringForward, changeStep, insertBefore, moveAfter, plainStep } from "./changes";
import { type Finding, type PlanRead, type Rule } from "./rule";

const same = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

/** Whether some step before this place has the thing in the list that is asked for. */
function earlier(plan: PlanRead, before: number, list: "takesOff" | "putsBack", thing: string): boolean {
  return plan.route.steps.slice(0, before).some((step) => step[list]?.some((one) => same(one, thing)));
}

/** The route with a step that puts a thing back on, the last of its half. */
const putBack = (route: Route, id: string, thing: string, stance: Step["stance"]): Route =>
  appendToPhase(
    route,
    plainStep(id, "put back", "do", `${capital(thing)} on, tug it`, { stance, putsBack: [thing] }),
  );

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
              fix: doesMore(step)
                ? {
                    says: "It lets nothing down",
                    apply: (now) => changeStep(now, step.id, (one) => ({ ...one, kind: "do" })),
                  }
                : { says: "Take the step out", apply: (now) => removeStep(now, step.id) },
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
          const taker = plan.route.steps
            .slice(i + 1)
            .find(({ takesOff }) => takesOff?.some((one) => same(one, thing)));
          const off = { phase: step.phase, stance: step.stance, takesOff: [thing] };
          return [
            {
              about: `${step.id} ${thing}`.slice(0, 190),
              stepId: step.id,
              grave: true,
              says: `The ${thing} is still on when “${step.title}” moves past it.`,
              fix: {
                says: "Take it off first",
                apply: (now, newId) => {
                  if (taker) return bringForward(now, taker.id, step.id);
                  const freed = insertBefore(
                    now,
                    step.id,
                    plainStep(newId(), step.phase, "do", `${capital(thing)} off`, off),
                  );
                  const goesBack = plan.route.steps
                    .slice(i)
                    .some(({ putsBack }) => putsBack?.some((one) => same(one, thing)));
                  return goesBack ? freed : putBack(freed, newId(), thing, step.stance);
                },
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
                apply: (now, newId) => putBack(now, newId(), thing, step.stance),
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
