import { isLeftHand } from "../../fastener/left-hand";
import { highestNm } from "../../kit/needs/highest-torque";
import type { CounterHold, Fastener, Step } from "../../model/job";
import { twinFastener } from "../twins";
import { changeFastener, changeStep } from "./changes";
import { type Finding, type PlanRead, type Rule, isMended, stepsOfKind, wordsOf } from "./rule";

/** From here on a hub turns with its nut unless something keeps it, N·m. */
const TURNS_WITH_IT_NM = 60;
const ON_A_SHAFT = /\b(?:hub|axle|drive ?shaft|drive flange|stub axle)\b.*\b(?:nuts?|bolts?)\b/i;

/** What is too heavy for a hand, or hangs on a hose, once its last bolt is out. */
const HANGS: readonly [what: RegExp, says: string, by: string][] = [
  [/\b(?:gearbox|transmission|transaxle|transfer case)\b/i, "the gearbox", "a jack with a board under it"],
  [
    /\bengine mounts?\b|\bmount to (?:body|engine)\b/i,
    "the engine",
    "a jack with a block of wood under the sump's edge",
  ],
  [
    /\b(?:sub-?frame|cradle|crossmember|axle beam|diff(?:erential)?) (?:to body )?(?:bolts?|mounts?|nuts?)\b/i,
    "it",
    "a jack with a board under it",
  ],
  [/\bfuel tank\b|\btank straps?\b/i, "the tank", "a jack with a board under it"],
  [/\bcalliper|\bcaliper(?! (?:bracket|carrier))/i, "the caliper", "a hook of wire, never its hose"],
  [/\bprop(?:eller)? ?shaft\b/i, "the shaft", "a strap"],
];
const IS_CARRIED =
  /\bjacks?\b|\bsupport|\bhang|\bhung\b|\bhooks?\b|\bwire\b|\bhold(?:s|ing)? (?:it )?up\b|\bheld up\b|\bstraps?\b|\bprop(?:s|ped)\b|\bsecond person\b|\bhoist\b|\bengine beam\b|\bcarries\b|\bcarried\b/i;

/** What a brake or a clutch grips with. */
const FRICTION = /\b(?:pads?|shoes|linings?|discs?|rotors?|drums?|clutch|flywheel|pressure plate)\b/i;

const slick = new Set(["grease", "brake grease", "anti-seize", "oil"]);

const raised = ({ stance }: Step): boolean => stance !== "on the ground";
const lastOut = (plan: PlanRead, { id }: Fastener): Step | undefined => stepsOfKind(plan, id, "undo").at(-1);

/** What the hands need beside the wrench: a hub that stands still, a part that is carried, the right paste. */
export const HANDS_RULES: readonly Rule[] = [
  {
    id: "left-hand-both",
    reason:
      "On an axle usually one side alone has left-hand threads; turned the wrong way, the other shears.",
    find: ({ route }) =>
      route.fasteners.flatMap((fastener): Finding[] => {
        if (!isLeftHand(fastener)) return [];
        const twin = twinFastener(route, fastener);
        const [at, other] = [route.fasteners.indexOf(fastener), twin ? route.fasteners.indexOf(twin) : -1];
        if (!twin || other < at || !isLeftHand(twin)) return [];
        return [
          {
            about: twin.id,
            fastenerId: twin.id,
            grave: true,
            says: `${fastener.name} and ${twin.name.toLowerCase()}: left-hand threads on both sides?`,
            fix: {
              says: `No: the ${twin.name.toLowerCase()} turn as usual`,
              apply: (now) =>
                changeFastener(now, twin.id, ({ leftHand: _said, thread, ...one }) => {
                  if (!thread) return one;
                  const { leftHand: _written, ...usual } = thread;
                  return { ...one, thread: usual };
                }),
            },
          },
        ];
      }),
  },
  {
    id: "hub-turns",
    reason: "With the wheel off a hub turns with its nut, and no torque comes to the nut.",
    find: (plan) =>
      plan.route.fasteners.flatMap((fastener): Finding[] => {
        if (fastener.counterHold !== undefined || !ON_A_SHAFT.test(fastener.name)) return [];
        const nm = highestNm(fastener);
        const step = [
          ...stepsOfKind(plan, fastener.id, "torque"),
          ...stepsOfKind(plan, fastener.id, "undo"),
        ].find(raised);
        if (!step || (nm !== undefined && nm <= TURNS_WITH_IT_NM)) return [];
        const by: CounterHold["by"] = plan.opened.has("brake") ? "bar in the disc" : "foot on the brake";
        return [
          {
            about: fastener.id,
            fastenerId: fastener.id,
            stepId: step.id,
            says: `${fastener.name}: what keeps the hub still while “${step.title}”?`,
            fix: {
              says: by === "bar in the disc" ? "A bar in the disc" : "Somebody's foot on the brake",
              apply: (now) => changeFastener(now, fastener.id, (one) => ({ ...one, counterHold: { by } })),
            },
          },
        ];
      }),
  },
  {
    id: "nothing-carries-it",
    reason: "What hangs on its last bolt falls with it, or tears its hose.",
    find: (plan) =>
      plan.route.fasteners.flatMap((fastener): Finding[] => {
        const out = lastOut(plan, fastener);
        const [, what, by] =
          HANGS.find(([words]) => words.test(`${fastener.name} ${out?.title ?? ""}`)) ?? [];
        if (!out || what === undefined || by === undefined) return [];
        const before = plan.route.steps.slice(0, (plan.at.get(out.id) ?? 0) + 2);
        const carried = before.some(
          (step) => step.heldUp !== undefined || IS_CARRIED.test(`${wordsOf(step)} ${fastener.note ?? ""}`),
        );
        // Only the first of several groups asks: what carries it carries it from then on.
        if (carried || isMended(plan.route, "nothing-carries-it", fastener.id)) return [];
        return [
          {
            about: fastener.id,
            fastenerId: fastener.id,
            stepId: out.id,
            grave: true,
            says: `“${out.title}”: nothing carries ${what} once ${fastener.count === 1 ? "it is" : "they are"} out.`,
            fix: {
              says: `Carried by ${by}`,
              apply: (now) => changeStep(now, out.id, (one) => ({ ...one, heldUp: by })),
            },
          },
        ];
      }),
  },
  {
    id: "slick-on-friction",
    reason: "Grease on what has to grip is a brake that does not, or a clutch that slips.",
    find: ({ route }) =>
      route.steps.flatMap((step): Finding[] => {
        const wrong = step.applies?.find(({ what, on }) => on === "faces" && slick.has(what));
        if (!wrong || !FRICTION.test(step.title)) return [];
        return [
          {
            about: step.id,
            stepId: step.id,
            grave: true,
            says: `“${step.title}”: ${wrong.what} on the faces that grip.`,
            fix: {
              says: "On the slides, not the faces",
              apply: (now) =>
                changeStep(now, step.id, (one) => ({
                  ...one,
                  applies: (one.applies ?? []).map((each) =>
                    each.on === "faces" && slick.has(each.what) ? { ...each, on: "slides" as const } : each,
                  ),
                })),
            },
          },
        ];
      }),
  },
];
