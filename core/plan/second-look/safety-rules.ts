import { capital } from "../../capital";
import { standNeeds } from "../../kit/cover/stands";
import { gearSays } from "../../lift/gear-or-park";
import type { Route, Step } from "../../model/job";
import type { Vehicle } from "../../model/vehicle";
import { changeStep, insertBefore, plainStep } from "./changes";
import { type Finding, type PlanRead, type Rule, wordsOf } from "./rule";

/** Work that is handed over unless somebody who knows why says otherwise. */
const HAND_OVER: readonly [words: RegExp, what: string][] = [
  [/\bair ?bags?\b|\bpretensioner/i, "an airbag or belt tensioner"],
  [/\bseat ?belts?\b|\bchild[- ]seat anchor/i, "a restraint"],
  [/\bfuel (?:line|pipe|rail|hose)s?\b/i, "a fuel line"],
  [/\bhigh[- ]voltage\b|\borange cable/i, "high voltage"],
  [/\bsteering (?:column|rack|box|shaft)\b/i, "the steering itself"],
  [
    /\bspring compressor\b|\b(?:com)?press(?:ed|ing)? (?:the )?(?:coil )?springs?\b|\b(?:coil )?springs? (?:com)?pressed\b/i,
    "a compressed spring",
  ],
];

const HANDED_OVER = "Handed over: ";

const COOLANT = /\bcoolant\b|\bradiator\b|\bexpansion (?:tank|bottle)\b|\bthermostat\b/i;

function undoing(plan: PlanRead): Step[] {
  return plan.route.steps.filter(({ kind, phase }) => kind === "undo" || phase === "take apart");
}

export const SAFETY_RULES: readonly Rule[] = [
  {
    id: "hand-it-over",
    reason:
      "When this goes wrong somebody is hurt: maker's parts and figures only, and a good reason to do it at home.",
    find: ({ route }) =>
      route.steps.flatMap((step): Finding[] => {
        if (step.title.startsWith(HANDED_OVER)) return [];
        const found = HAND_OVER.find(([words]) => words.test(step.title) || words.test(step.detail ?? ""));
        return found
          ? [
              {
                about: step.id,
                stepId: step.id,
                grave: true,
                says: `“${step.title}” works on ${found[1]}. Hand it over, or write down why not.`,
                fix: {
                  says: "Hand it over",
                  apply: (now) =>
                    changeStep(now, step.id, ({ fastenerId: _mine, ...one }) => ({
                      ...one,
                      kind: "do",
                      title: `${HANDED_OVER}${step.title}`.slice(0, 200),
                    })),
                },
              },
            ]
          : [];
      }),
  },
  {
    id: "no-stands",
    reason: "A jack is for lifting; stands are for holding.",
    find: (plan) => {
      const findings: Finding[] = [];
      plan.route.steps.forEach((step, i) => {
        const before = plan.route.steps[i - 1];
        if (step.stance === "on the ground" || before?.stance === step.stance || step.kind === "raise")
          return;
        if (
          plan.route.steps.slice(0, i).findLast(({ kind }) => kind === "raise" || kind === "lower")?.kind ===
          "raise"
        )
          return;
        const says = `“${step.title}” is done with the ${step.stance}, and no step before it raises it onto stands.`;
        findings.push({
          about: step.id,
          stepId: step.id,
          grave: true,
          says,
          fix: {
            says: "Raise it onto stands first",
            apply: (route, newId) => insertBefore(route, step.id, raising(newId(), step, plan.vehicle)),
          },
        });
      });
      return findings;
    },
  },
  {
    id: "stands-too-weak",
    reason: "A stand is judged against the load on it, not against the car.",
    find: ({ route, vehicle, tools }) =>
      standNeeds(route, vehicle, tools).flatMap(({ stance, verdict, says }): Finding[] =>
        verdict === "stop"
          ? [{ about: `plan ${stance}`, grave: true, says: `${capital(stance)}: ${says}` }]
          : [],
      ),
  },
  {
    id: "only-the-parking-brake",
    reason: "The parking brake usually holds the rear wheels, which hang in the air when the rear is up.",
    find: ({ route, vehicle }) =>
      route.steps.flatMap((step): Finding[] =>
        step.kind === "raise" &&
        step.stance === "rear up" &&
        !/\bchock/.test(wordsOf(step)) &&
        !route.steps.some((one) => one.phase === "make safe" && /\bchock/.test(wordsOf(one)))
          ? [
              {
                about: step.id,
                stepId: step.id,
                grave: true,
                says: `“${step.title}”: the rear goes up and nothing chocks the front wheels.`,
                fix: {
                  says: "Chock them",
                  apply: (now) =>
                    changeStep(now, step.id, (one) => ({
                      ...one,
                      cautions: [...one.cautions, frontChocked(vehicle)].slice(0, 10),
                    })),
                },
              },
            ]
          : [],
      ),
  },
  {
    id: "opened-hot",
    reason: "Hot coolant comes out as steam.",
    find: (plan) => {
      const opened = undoing(plan).find((step) => COOLANT.test(step.title));
      const place = opened ? (plan.at.get(opened.id) ?? 0) : 0;
      if (
        !opened ||
        plan.route.steps
          .slice(0, place + 1)
          .some((step) => step.wait || /\bcold\b|\bcool(?:ed)? down\b/.test(wordsOf(step)))
      )
        return [];
      const wait = plainStep("", "make safe", "do", "Let the engine go cold", {
        wait: { minutes: 90, until: "the hoses are cold to the hand" },
      });
      return [
        {
          about: opened.id,
          stepId: opened.id,
          grave: true,
          says: `“${opened.title}” opens the cooling system, and nothing waits for it to go cold.`,
          fix: {
            says: "Wait first",
            apply: (route: Route, newId) => {
              const id = newId();
              const waits = changeStep(route, opened.id, (one) => ({
                ...one,
                needs: [...(one.needs ?? []), id],
              }));
              return { ...waits, steps: [{ ...wait, id }, ...waits.steps] };
            },
          },
        },
      ];
    },
  },
];

function raising(id: string, { stance, phase }: Step, vehicle: Vehicle): Step {
  return plainStep(id, phase, "raise", `${capital(stance)} on stands`, {
    stance,
    cautions: stance === "rear up" ? [frontChocked(vehicle)] : [],
  });
}

function frontChocked({ driven }: Vehicle): string {
  return `Both front wheels chocked${gearSays("rear", driven)}`;
}
