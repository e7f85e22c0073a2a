import type { Fastener, Step } from "../../model/job";
import { outBeforeIn } from "../../order/order";
import { sharesWord } from "../../shares-word";
import { sideOf } from "../../side";
import { isComparison } from "../../work/how-it-sat";
import { raisedOnce } from "../raise-once";
import { bringForward, changeStep, moveAfter } from "./changes";
import { type Finding, type PlanRead, type Rule, stepsOfKind } from "./rule";

const HEADS = new Set(
  "bolt bolts nut nuts screw screws stud studs fastener fasteners fixing fixings".split(" "),
);
/** What says that something goes where it belongs, and not what it is. */
const PUTTING = new Set(
  "new the a an its in on up back into onto place position fit refit fitted offer put and with left right".split(
    " ",
  ),
);
const PLACES = new Set("front rear upper lower top bottom inner outer left right long short".split(" "));

const words = (text: string): string[] => text.toLowerCase().match(/[a-z]+/g) ?? [];
const without = (text: string, ...left: ReadonlySet<string>[]): string =>
  words(text)
    .filter((word) => !left.some((set) => set.has(word)))
    .sort()
    .join(" ");

/** What a group of bolts holds, by its name, in one order. Example: "Wheel cylinder bolts" → "cylinder wheel". */
const held = ({ name }: Fastener): string => without(name, HEADS, new Set(["left", "right", "the"]));

const isPutBack = ({ phase }: Step): boolean => phase === "put back" || phase === "prove it";
const sameSide = (a: string, b: string): boolean => {
  const [one, other] = [sideOf(a), sideOf(b)];
  return one === undefined || other === undefined || one === other;
};
const placeOf = (plan: PlanRead, { id }: Step): number => plan.at.get(id) ?? 0;

/** Steps that put something in, by what it is, in their words alone: "New wheel cylinder, left". */
function fittings({ route }: PlanRead): ReadonlyMap<string, readonly Step[]> {
  const fits = new Map<string, Step[]>();
  for (const step of route.steps) {
    if (step.kind !== "do" || !isPutBack(step)) continue;
    const thing = without(step.title, PUTTING);
    fits.set(thing, [...(fits.get(thing) ?? []), step]);
  }
  return fits;
}

/** Groups of bolts of one thing, wherever on it they are. */
function ofOneThing({ route }: PlanRead): ReadonlyMap<string, readonly Fastener[]> {
  const groups = new Map<string, Fastener[]>();
  for (const fastener of route.fasteners) {
    const thing = without(held(fastener), PLACES);
    if (thing !== "") groups.set(thing, [...(groups.get(thing) ?? []), fastener]);
  }
  return groups;
}

const PIN_OR_CAP =
  /\b(?:split|cotter) ?pins?\b|\b(?:new )?pin (?:in|through)\b|\b(?:grease|dust|hub) caps?\b/i;

/** What has to come before what, by what the work is: a bolt, its part, its pin, and what is left out of them. */
export const SEQUENCE_RULES: readonly Rule[] = [
  {
    id: "in-before-out",
    reason: "Nothing goes back before it, or the old one, has come out.",
    find: (plan) => {
      const before = outBeforeIn(plan.route.steps);
      return plan.route.steps.flatMap((step, i): Finding[] => {
        const later = (before.get(step.id) ?? [])
          .flatMap((id) => plan.route.steps[plan.at.get(id) ?? 0] ?? [])
          .filter((one) => placeOf(plan, one) > i);
        const last = later.toSorted((a, b) => placeOf(plan, b) - placeOf(plan, a))[0];
        if (!last) return [];
        return [
          {
            about: step.id,
            stepId: step.id,
            fastenerId: step.fastenerId,
            says: `“${step.title}” comes before “${last.title}”.`,
            fix: { says: `Move it after “${last.title}”`, apply: (now) => moveAfter(now, step.id, last.id) },
          },
        ];
      });
    },
  },
  {
    id: "bolts-before-part",
    reason: "Bolts that are tight before their part is in have to come out again.",
    find: (plan) => {
      const fits = fittings(plan);
      return plan.route.fasteners.flatMap((fastener): Finding[] => {
        const part = fits.get(held(fastener))?.find(({ title }) => sameSide(title, fastener.name));
        const first = [
          ...stepsOfKind(plan, fastener.id, "hand-start"),
          ...stepsOfKind(plan, fastener.id, "torque"),
        ]
          .filter(isPutBack)
          .toSorted((a, b) => placeOf(plan, a) - placeOf(plan, b))[0];
        if (!part || !first || placeOf(plan, part) < placeOf(plan, first)) return [];
        return [
          {
            about: fastener.id,
            fastenerId: fastener.id,
            stepId: first.id,
            says: `“${first.title}” comes before “${part.title}”.`,
            fix: {
              says: `“${part.title}” first`,
              apply: (now) => bringForward(now, part.id, first.id),
            },
          },
        ];
      });
    },
  },
  {
    id: "pin-before-torque",
    reason: "A pin or a cap goes on once its nut has its torque; before that it only comes off again.",
    find: (plan) => {
      const pinned = plan.route.fasteners.filter(
        (one) => one.locking === "split pin" || plan.roleOf(one) === "hub and axle",
      );
      return plan.route.steps.flatMap((step): Finding[] => {
        if (!isPutBack(step) || step.fastenerId !== undefined || !PIN_OR_CAP.test(step.title)) return [];
        const own = pinned.filter(
          ({ name }) => sameSide(step.title, name) && (pinned.length === 1 || sharesWord(step.title, name)),
        );
        const nut = own
          .flatMap(({ id }) => stepsOfKind(plan, id, "torque").filter(isPutBack).slice(-1))
          .toSorted((a, b) => placeOf(plan, b) - placeOf(plan, a))[0];
        if (!nut || placeOf(plan, nut) < placeOf(plan, step)) return [];
        return [
          {
            about: step.id,
            stepId: step.id,
            fastenerId: nut.fastenerId,
            says: `“${step.title}” comes before “${nut.title}”.`,
            fix: { says: `Move it after “${nut.title}”`, apply: (now) => moveAfter(now, step.id, nut.id) },
          },
        ];
      });
    },
  },
  {
    id: "tight-before-all-in",
    reason: "One group tight pulls the part askew, and the bolts of the next no longer find their holes.",
    find: (plan) =>
      [...ofOneThing(plan).values()].flatMap((group) =>
        group.flatMap((fastener): Finding[] => {
          const tight =
            group.length > 1 ? stepsOfKind(plan, fastener.id, "torque").find(isPutBack) : undefined;
          if (!tight) return [];
          const late = group.flatMap((other) =>
            other.id !== fastener.id && sameSide(other.name, fastener.name)
              ? stepsOfKind(plan, other.id, "hand-start").filter(
                  (step) => placeOf(plan, step) > placeOf(plan, tight),
                )
              : [],
          )[0];
          if (!late) return [];
          return [
            {
              about: fastener.id,
              fastenerId: fastener.id,
              stepId: tight.id,
              says: `“${tight.title}” comes before “${late.title}”: all of them by hand first.`,
              fix: { says: "All by hand first", apply: (now) => bringForward(now, late.id, tight.id) },
            },
          ];
        }),
      ),
  },
  {
    id: "compared-too-late",
    reason: "The wrong part is found out beside the old one, before it is in.",
    find: (plan) =>
      plan.route.steps.flatMap((step, i): Finding[] => {
        if (!isComparison(step)) return [];
        const fitted = plan.route.steps
          .slice(0, i)
          .find((one) => one.kind === "do" && isPutBack(one) && sharesThing(one.title, step.title));
        if (!fitted) return [];
        return [
          {
            about: step.id,
            stepId: step.id,
            says: `“${step.title}” comes after “${fitted.title}”.`,
            fix: { says: "Compare first", apply: (now) => bringForward(now, step.id, fitted.id) },
          },
        ];
      }),
  },
  {
    id: "raised-twice",
    reason: "Each raising is a quarter of an hour, and a jack under a vehicle once more.",
    find: ({ route }) => {
      const once = raisedOnce(route);
      if (!once) return [];
      return [
        {
          about: once.raise.id,
          stepId: once.raise.id,
          says: `“${once.lower.title}” lets it down, and “${once.raise.title}” raises it in the same way again: it can stay up in between.`,
          fix: { says: "Raise it once", apply: (now) => raisedOnce(now)?.route ?? now },
        },
      ];
    },
  },
  {
    id: "wait-holds-nothing",
    reason: "A wait that no step waits for is passed over.",
    find: ({ route }) =>
      route.steps.flatMap((step, i): Finding[] => {
        const rest = route.steps.slice(i + 1);
        const next = rest.find(({ title }) => sharesWord(title, step.title)) ?? rest[0];
        if (!step.wait || !next || rest.some(({ needs }) => needs?.includes(step.id))) return [];
        return [
          {
            about: step.id,
            stepId: step.id,
            says: `Nothing waits for “${step.title}”.`,
            fix: {
              says: `“${next.title}” waits for it`,
              apply: (now) =>
                changeStep(now, next.id, (one) => ({ ...one, needs: [...(one.needs ?? []), step.id] })),
            },
          },
        ];
      }),
  },
];

/** Whether two titles are of one thing: the words of what is put in are among those of the other. */
function sharesThing(fitting: string, comparing: string): boolean {
  const thing = without(fitting, PUTTING).split(" ").filter(Boolean);
  const said = new Set(words(comparing));
  return thing.length > 0 && thing.every((word) => said.has(word)) && sameSide(fitting, comparing);
}
