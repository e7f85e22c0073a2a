import { orSentence } from "../../input-error";
import type { Answer, Job, Route } from "../../model/job";
import type { Tool } from "../../model/tool";
import type { Vehicle } from "../../model/vehicle";
import { CONSEQUENCE_RULES } from "./consequence-rules";
import { FIGURE_RULES } from "./figure-rules";
import { HANDS_RULES } from "./hands-rules";
import { ORDER_RULES } from "./order-rules";
import { PART_RULES } from "./part-rules";
import { type Finding, type Fix, type PlanRead, type Rule, mendKey, readPlan } from "./rule";
import { SAFETY_RULES } from "./safety-rules";
import { SEQUENCE_RULES } from "./sequence-rules";
import { SLIP_RULES } from "./slip-rules";
import { TIGHTENING_RULES } from "./tightening-rules";

/** Every rule of the second look. */
export const RULES: readonly Rule[] = [
  ...SAFETY_RULES,
  ...CONSEQUENCE_RULES,
  ...SLIP_RULES,
  ...FIGURE_RULES,
  ...ORDER_RULES,
  ...TIGHTENING_RULES,
  ...SEQUENCE_RULES,
  ...HANDS_RULES,
  ...PART_RULES,
];

export interface Found extends Finding {
  rule: Rule;
  /** What the person answered to it, if they did. */
  answer: Answer | undefined;
}

/**
 * What a route lacks, doubts or risks, the grave first. An answered finding stays, with its answer.
 * Example: cam cover bolts at 106 lb·ft → "unit-slip", with the fix "I looked it up: it is 106 lb·in (12.0
 * N·m)".
 */
export function secondLook(job: Job, route: Route, vehicle: Vehicle, tools: readonly Tool[]): Found[] {
  const plan = readPlan(job, route, vehicle, tools);
  const answers = new Map((job.answers ?? []).map((answer) => [`${answer.rule} ${answer.about}`, answer]));
  const found = RULES.flatMap((rule) =>
    findingsOf(rule, plan).map((finding): Found => ({
      ...finding,
      ...(finding.fix ? { fix: remembered(rule, finding.about, finding.fix) } : {}),
      rule,
      answer: answers.get(`${rule.id} ${finding.about}`),
    })),
  );
  return found.sort((a, b) => Number(b.grave ?? false) - Number(a.grave ?? false));
}

/** A mend whose new steps know which finding they answer. */
function remembered(rule: Rule, about: string, fix: Fix): Fix {
  return {
    ...fix,
    apply: (route, newId) => {
      const known = new Set(route.steps.map(({ id }) => id));
      const mended = fix.apply(route, newId);
      return {
        ...mended,
        steps: mended.steps.map((step) =>
          known.has(step.id) ? step : { ...step, mends: mendKey(rule.id, about) },
        ),
      };
    },
  };
}

/**
 * What a rule finds; where an odd value in the plan keeps it from looking, that is its finding, and the
 * others still look.
 */
function findingsOf(rule: Rule, plan: PlanRead): Finding[] {
  return orSentence(
    () => rule.find(plan),
    (sentence) => [{ about: "plan", says: `Something in the plan cannot be worked out. ${sentence}` }],
  );
}

/**
 * Whether putting these right, all together, leaves fewer findings without an answer than there are, the
 * grave counted first: tried on a copy. A mend that only brings another finding in place of its own is no
 * mend; one that takes a grave one away may show a lesser one behind it.
 * @param looked all that the second look finds in the route, where that is known already.
 */
export function mendsHelp(
  job: Job,
  route: Route,
  vehicle: Vehicle,
  tools: readonly Tool[],
  found: readonly Found[],
  looked: readonly Found[] = secondLook(job, route, vehicle, tools),
): boolean {
  if (!found.some(({ fix }) => fix)) return false;
  let made = 0;
  const open = (all: readonly Found[]) => all.filter(({ answer }) => !answer);
  const grave = (all: readonly Found[]) => all.filter((one) => one.grave).length;
  const mended = found.reduce((now, { fix }) => fix?.apply(now, () => `tried-${++made}`) ?? now, route);
  const [before, after] = [open(looked), open(secondLook(job, mended, vehicle, tools))];
  return grave(after) < grave(before) || (grave(after) === grave(before) && after.length < before.length);
}
