import { sayJump } from "../fastener/judge-figure";
import { InputError } from "../input-error";
import type { Band } from "../quantity/band";
import { shown, shownBand } from "../quantity/shown";
import { formatBand } from "../quantity/torque-band";
import type { TorqueFigure } from "../quantity/torque-figure";
import { type TorqueQuantity, formatTorque, quantityNm } from "../quantity/torque-quantity";
import { FASTENER_KINDS, type FastenerKind, habitOf } from "../thread/fastener-kind";
import { INTO } from "../thread/hole";
import { NUT_FACTOR, THREAD_CONDITIONS, type ThreadCondition, readNutFactor } from "../thread/nut-factor";
import { preloadN, proofLoadN } from "../thread/preload";
import {
  ANY_NUT_FACTOR,
  inBothUnits,
  type Joint,
  type Judgement,
  judgeTorque,
  sayJudgement,
} from "../thread/sane";
import { STRENGTH_CLASSES, type StrengthClass } from "../thread/strength";
import { diameterMm, formatThread } from "../thread/thread";
import { holdingTorques } from "../torque/torques-of";
import { slip } from "./declare";
import { choice, figure, optional, text, torque } from "./fields";
import { GRAVITY, type JudgedTorque, MORE, TONE, verdictTitle } from "./sane-words";
import { type Slip, type Tone } from "./slip";
import { threadsMeant } from "./threads-meant";

const NOT_KNOWN = "not known";
const OWN = "own figure";

/** Whether a torque can be right for a thread or a head. It warns and never changes the figure. */
export const sane = slip({
  name: "sane",
  title: "Is this figure sane?",
  about: "Whether a torque can be right for a thread or a head, and the unit that was probably meant",
  words:
    "sane plausible believable check torque spec too tight too much strip break snap bolt loose wrong unit thread head size strength class grade aluminium plastic plug sensor",
  fields: {
    torque: figure("Torque", "106", { unit: "lbf.ft" }),
    thread: text("Thread, or head size", "M6", (typed) => typed.trim(), {
      hint: "M8, M10x1.25, 3/8-16, 13 mm, 1/2 in, T40",
    }),
    kind: choice("It is a", FASTENER_KINDS),
    into: choice("Goes into", INTO),
    strength: choice("Strength", [NOT_KNOWN, ...STRENGTH_CLASSES] as const),
    condition: choice("Thread is", [NOT_KNOWN, ...THREAD_CONDITIONS, OWN] as const),
    nutFactor: text("Nut factor K", "0.12 to 0.16", readNutFactor),
    maximum: optional(torque("Maker's maximum, if any")),
  },
  asks: { nutFactor: ({ condition }) => condition === OWN },
  work: ({ torque: asked, thread: size, kind, into, condition, maximum, ...given }, { owned, at }) => {
    const strength = given.strength === NOT_KNOWN ? undefined : given.strength;
    const meanings = at("thread", () => threadsMeant(size, kind));
    const nutFactor = nutFactorOf(condition, given.nutFactor);
    const torques = at("torque", () => someTorques(asked));
    const unit = owned.torqueUnit;
    const joints = meanings.map(({ as, threads }) => ({
      as,
      joint: {
        threads,
        into,
        strength,
        kind,
        usual: [unit],
        nutFactor,
        maximumNm: maximum && quantityNm(maximum),
      } satisfies Joint,
    }));
    const judged = joints.map(({ as, joint }) => ({ as, joint, ...worstOf(torques, joint) }));
    const [first, ...others] = judged;
    if (!first)
      throw new InputError("Type a thread such as M8, or the size across the head, such as 13.", "thread");
    const jump = sayJump(asked);
    const differ = others.some(({ judgement }) => judgement.verdict !== first.judgement.verdict);
    const { joint } = first;
    const each = judged.flatMap(({ judgement }) => judgement.each);
    const torquesNm = torques.map(quantityNm);
    return {
      answer: {
        says: `${torques.map(formatTorque).join(" to ")} on ${size}`,
        value: verdictTitle(jump, differ, first),
      },
      verdict: jump ? { tone: "stop", says: jump } : verdictOf(judged, differ),
      lines: [
        ...mostLikely(judged),
        ...judged.map(({ as, judgement }) => ({
          label: `Makes sense${as} between`,
          value: formatBand(judgement.bandNm, unit),
        })),
        ...clampLines(torquesNm, joint),
      ],
      tables: [
        {
          title: "Thread by thread",
          head: ["Thread", "Makes sense between", "This figure"],
          rows: each.map(({ thread, bandNm, fits }) => ({
            cells: [formatThread(thread), formatBand(bandNm, unit), fits ? "fits" : "does not"],
            ...(fits ? { tone: "good" as const } : {}),
          })),
        },
      ],
      working: workingOf(first.judgement, joint),
      margin:
        "The band is wide on purpose: a figure outside it is wrong, one inside it is only possible. N·m taken for lb·ft is a third off and mostly stays inside: compare it with the plan's other figures.",
      assumes: assumesOf(kind, strength, nutFactor),
      caution:
        joint.into === "steel or cast iron"
          ? "This is a check on a figure, never a place to take one from."
          : `In ${joint.into} the hole gives way before the bolt does: the maker's maximum is the only ceiling.`,
      drawing: { kind: "band", torquesNm, each, maximumNm: joint.maximumNm, unit },
    };
  },
});

type Torques = readonly [TorqueQuantity, ...TorqueQuantity[]];

/** The torques of a figure. @throws InputError for a figure without any. */
function someTorques(asked: TorqueFigure): Torques {
  const [first, ...rest] = holdingTorques(asked);
  if (!first) throw new InputError("There is no number to judge in that. Type a torque, such as 35 ft lbs.");
  return [first, ...rest];
}

/** The gravest judgement among the torques of a figure. */
function worstOf([first, ...rest]: Torques, joint: Joint): JudgedTorque {
  const judged = (torque: TorqueQuantity) => ({ torque, judgement: judgeTorque(torque, joint) });
  const gravity = ({ judgement }: JudgedTorque) => GRAVITY.indexOf(judgement.verdict);
  return rest
    .map(judged)
    .reduce((worst, one) => (gravity(one) > gravity(worst) ? one : worst), judged(first));
}

/** One verdict; or, where a size may be a bolt's or a head's and they differ, what to say of each. */
function verdictOf(
  judged: readonly (JudgedTorque & { as: string })[],
  differ: boolean,
): { tone: Tone; says: string } {
  const each = judged.map(({ as, torque, judgement }) => ({
    as,
    tone: TONE[judgement.verdict],
    says: sayJudgement(torque, judgement) ?? MORE[judgement.verdict] ?? MORE.fits,
  }));
  const [first] = each;
  if (!differ && first)
    return each.length > 1 ? { ...first, says: `Whether a bolt’s size or a head’s: ${first.says}` } : first;
  return {
    tone: each.every(({ tone }) => tone === "stop") ? "stop" : "watch",
    says: each.map(({ as, says }) => `Taken${as}: ${says}`).join(" "),
  };
}

function mostLikely(judged: readonly JudgedTorque[]): Slip["lines"] {
  const found = judged.find(({ judgement }) => judgement.candidates.length > 0)?.judgement;
  if (!found) return [];
  return [
    {
      label: found.meant ? "Probably meant; look it up" : "May be meant; look it up",
      value: found.candidates.map(inBothUnits).join(", or "),
    },
  ];
}

function nutFactorOf(
  condition: ThreadCondition | typeof NOT_KNOWN | typeof OWN,
  own: Band,
): Band | undefined {
  if (condition === OWN) return own;
  return condition === NOT_KNOWN ? undefined : NUT_FACTOR[condition];
}

/**
 * What the figure does to a known thread: its clamping force, and that against proof where the class is
 * known.
 */
function clampLines(
  torquesNm: readonly number[],
  { threads: [thread, ...others], strength, nutFactor }: Joint,
): Slip["lines"] {
  if (!thread || others.length > 0 || torquesNm.length === 0) return [];
  const force = preloadN(
    [Math.min(...torquesNm), Math.max(...torquesNm)],
    nutFactor ?? ANY_NUT_FACTOR,
    thread,
  );
  const lines = [{ label: "Clamping force", value: `${shownBand([force[0] / 1000, force[1] / 1000])} kN` }];
  if (!strength) return lines;
  const proof = proofLoadN(thread, strength);
  return [
    ...lines,
    {
      label: `Of what ${strength} is proofed to`,
      value: `${shownBand([(force[0] / proof) * 100, (force[1] / proof) * 100], 2)} %`,
    },
  ];
}

function workingOf(
  { each: [first, ...rest] }: Judgement,
  { strength, kind = "bolt or nut", nutFactor = ANY_NUT_FACTOR }: Joint,
): string[] {
  if (!first) return [];
  const { thread, bandNm } = first;
  const more = rest.length > 0 ? ["and so for each thread that it may have"] : [];
  const habit = habitOf(kind);
  if (habit) {
    const d = shown(diameterMm(thread), 4);
    return [
      `a ${kind} is done up by its size: between ${habit.band[0]} and ${habit.band[1]} N·m/mm² · d², and no more than the thread bears`,
      `${formatThread(thread)}: ${habit.band[0]} · ${d}² = ${shown(bandNm[0])} N·m; ${habit.band[1]} · ${d}² = ${shown(habit.band[1] * diameterMm(thread) ** 2)}, so up to ${shown(bandNm[1])} N·m`,
      ...more,
    ];
  }
  const d = shown(diameterMm(thread) / 1000, 4);
  const [least, most] = [proofLoadN(thread, strength ?? "4.6"), proofLoadN(thread, strength ?? "12.9")].map(
    (load) => (load / 1000).toFixed(2),
  );
  return [
    "T = K · d · F, with F from 40 to 90 % of the proof load",
    `${formatThread(thread)}, least: ${nutFactor[0]} · ${d} m · 0.4 · ${least} kN = ${shown(bandNm[0])} N·m`,
    `${formatThread(thread)}, most: ${nutFactor[1]} · ${d} m · 0.9 · ${most} kN = ${shown(bandNm[1])} N·m`,
    ...more,
  ];
}

function assumesOf(
  kind: FastenerKind,
  strength: StrengthClass | undefined,
  nutFactor: Band | undefined,
): string {
  if (habitOf(kind)) return `What such a ${kind} usually gets, in sound threads.`;
  const bolt = strength ? `Strength ${strength}` : "Any bolt from class 4.6 to 12.9";
  return `${bolt}; ${nutFactor ? `K ${nutFactor[0]} to ${nutFactor[1]}` : "any thread from greased to dry, K 0.12 to 0.22"}.`;
}
