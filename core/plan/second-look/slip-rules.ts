import { firstTorque, kindOf, type Judged } from "../../fastener/judge-figure";
import type { Fastener } from "../../model/job";
import { formatHeadSize } from "../../quantity/read-head-size";
import type { TorqueFigure } from "../../quantity/torque-figure";
import { type TorqueQuantity, quantityNm } from "../../quantity/torque-quantity";
import { type TorqueUnit, torqueSymbol } from "../../quantity/torque-unit";
import { inBothUnits } from "../../thread/sane";
import { formatThread } from "../../thread/thread";
import { mapTorques } from "../../torque/torques-of";
import { changeFastener } from "./changes";
import { lookUpPlanned, planLookUp } from "./look-up";
import type { Finding, Fix, PlanRead, Rule } from "./rule";

function implausible(plan: PlanRead, unitSlip: boolean): Finding[] {
  return plan.route.fasteners.flatMap((fastener): Finding[] => {
    const judged = plan.judged(fastener);
    const candidates = judged?.judgement?.candidates ?? [];
    const slipped = judged?.judgement === undefined || candidates.length > 0;
    if (!judged || slipped !== unitSlip || (!judged.grave && lookUpPlanned(plan.route, fastener))) return [];
    const about = {
      about: fastener.id,
      fastenerId: fastener.id,
      grave: judged.grave,
      says: `${fastener.name}: ${judged.says}`,
    };
    return [{ ...about, fix: fixFor(fastener, judged) }];
  });
}

function fixFor(fastener: Fastener, { torque, judgement, grave }: Judged): Fix {
  if (torque && judgement?.meant) return putRight(fastener, torque, judgement.meant);
  return grave ? takeOut(fastener) : planLookUp(fastener);
}

/**
 * The figure that was probably meant, once it was looked up: in both units, so that nobody takes it on trust.
 */
function putRight({ id }: Fastener, wrong: TorqueQuantity, meant: TorqueQuantity): Fix {
  const change = (figure: TorqueFigure) => mapTorques(figure, (torque) => rightOne(torque, wrong, meant));
  return {
    says: `I looked it up: it is ${inBothUnits(meant)}`,
    apply: (route) =>
      changeFastener(route, id, (one) => (one.figure ? { ...one, figure: change(one.figure) } : one)),
  };
}

function rightOne(torque: TorqueQuantity, wrong: TorqueQuantity, meant: TorqueQuantity): TorqueQuantity {
  if (meant.unit === wrong.unit) {
    if (sameTorque(torque, wrong)) return meant;
    return torque;
  }
  return { ...torque, unit: meant.unit };
}

function takeOut({ id }: Fastener): Fix {
  return {
    says: "Take the figure out until it is looked up",
    apply: (route) => changeFastener(route, id, ({ figure: _wrong, ...rest }) => rest),
  };
}

/** Like fasteners of one plan, by thread or head, whose torques differ tenfold: one of them is a slip. */
function unlike({ route, judged }: PlanRead): Finding[] {
  const groups = new Map<string, Fastener[]>();
  for (const fastener of route.fasteners) {
    if (!firstTorque(fastener.figure)) continue;
    const key = `${kindOf(fastener)} ${sizeKey(fastener)}`;
    groups.set(key, [...(groups.get(key) ?? []), fastener]);
  }
  return [...groups.values()].flatMap((like): Finding[] => {
    const sorted = like
      .flatMap((fastener) => {
        const torque = firstTorque(fastener.figure);
        return torque ? [{ fastener, torque, nm: quantityNm(torque) }] : [];
      })
      .sort((a, b) => a.nm - b.nm);
    const [least, most] = [sorted[0], sorted.at(-1)];
    if (!least || !most || most.nm / least.nm < UNLIKE) return [];
    // What was found wrong by itself is said there.
    if (
      [least, most].some(({ fastener }) => judged(fastener)?.grave) ||
      [least, most].every(({ fastener }) => lookUpPlanned(route, fastener))
    )
      return [];
    return [
      {
        about: least.fastener.id,
        fastenerId: least.fastener.id,
        grave: true,
        says: `${least.fastener.name} get ${inBothUnits(least.torque)} and ${most.fastener.name.toLowerCase()} ${inBothUnits(most.torque)}, ${Math.round(most.nm / least.nm)} times as much on a like thread: one of the two is a slip. Look both up.`,
        fix: planLookUp(least.fastener, most.fastener),
      },
    ];
  });
}

function sizeKey({ id, thread, sizeToDoUp, sizeToUndo }: Fastener): string {
  if (thread) return formatThread(thread);
  const head = sizeToDoUp ?? sizeToUndo;
  return head ? formatHeadSize(head) : id;
}

const UNLIKE = 10;

const INCH_UNITS: readonly TorqueUnit[] = ["lbf.ft", "lbf.in", "ozf.in"];
/**
 * N·m taken for lb·ft is a third too little or too much: strength cannot tell, but a plan all in one of them
 * can.
 */
function oddUnit(plan: PlanRead): Finding[] {
  const own = INCH_UNITS.includes(plan.vehicle.torqueUnit);
  const odd = (unit: TorqueUnit) => INCH_UNITS.includes(unit) !== own;
  const withFigure = plan.route.fasteners.flatMap((fastener) => {
    const torque = firstTorque(fastener.figure);
    return torque ? [{ fastener, torque }] : [];
  });
  const odds = withFigure.filter(({ torque }) => odd(torque.unit));
  const [only, ...more] = odds;
  if (!only || more.length > 0 || withFigure.length - odds.length < FIGURES_TO_TELL) return [];
  if (plan.judged(only.fastener)?.grave || lookUpPlanned(plan.route, only.fastener)) return [];
  return [
    {
      about: only.fastener.id,
      fastenerId: only.fastener.id,
      says: `${only.fastener.name}: ${inBothUnits(only.torque)}, where every other figure of the plan is in ${torqueSymbol(plan.vehicle.torqueUnit)}. Is it that unit?`,
      fix: planLookUp(only.fastener),
    },
  ];
}

const FIGURES_TO_TELL = 3;

function sameTorque(a: TorqueQuantity, b: TorqueQuantity): boolean {
  return a.value === b.value && a.unit === b.unit;
}

/** Figures that are a slip, of a unit or a digit, by themselves or beside the plan's others. */
export const SLIP_RULES: readonly Rule[] = [
  {
    id: "unit-slip",
    reason: "A figure in the wrong unit is twelve times too much or too little.",
    find: (plan) => implausible(plan, true),
  },
  {
    id: "figure-implausible",
    reason: "No such thread is tightened to that: it would strip, snap or come loose.",
    find: (plan) => implausible(plan, false),
  },
  {
    id: "unlike-figures",
    reason: "Like threads are tightened alike: tenfold is a slip even where each could be right by itself.",
    find: unlike,
  },
  {
    id: "odd-unit",
    reason: "N·m and lb·ft differ by a third, which no check of strength can see.",
    find: oddUnit,
  },
];
