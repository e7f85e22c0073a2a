import { InputError } from "../input-error";
import type { Interval } from "../quantity/interval";
import { readHeadSize } from "../quantity/read-head-size";
import { shown, shownBand, shownTorque } from "../quantity/shown";
import { formatBand } from "../quantity/torque-band";
import { formatTorque, quantityNm } from "../quantity/torque-quantity";
import { threadsOfHead } from "../thread/head-threads";
import { NUT_FACTOR, THREAD_CONDITIONS, type ThreadCondition, readNutFactor } from "../thread/nut-factor";
import { preloadN, proofLoadN } from "../thread/preload";
import { INTO, type Joint, type Judgement, type SaneVerdict, judgeTorque, sayJudgement } from "../thread/sane";
import { STRENGTH_CLASSES, type StrengthClass } from "../thread/strength";
import { type Thread, diameterMm, formatThread, readThread } from "../thread/thread";
import { holdingTorques } from "../torque/torques-of";
import { type Slip, type SlipKind, type Tone, plainChoices } from "./slip";
import type { TypedReader } from "./typed-reader";

const NOT_KNOWN = "not known";
const OWN = "own figure";

/** Whether a torque can be right for a thread or a head. It warns and never changes the figure. */
export const sane: SlipKind = {
  name: "sane",
  title: "Is this figure sane?",
  about: "Whether a torque can be right for a thread or a head, and the unit that was probably meant",
  words: "sane plausible believable check torque spec too tight too much strip break snap bolt loose wrong unit thread head size strength class grade aluminium plastic",
  fields: [
    { kind: "figure", name: "torque", label: "Torque", start: "106", unit: "lbf.ft" },
    { kind: "text", name: "thread", label: "Thread, or head size", start: "M6", hint: "M8, M10x1.25, 3/8-16, 13 mm, 1/2 in, T40" },
    { kind: "choice", name: "into", label: "Goes into", start: INTO[0], choices: plainChoices(INTO) },
    { kind: "choice", name: "strength", label: "Strength", start: NOT_KNOWN, choices: plainChoices([NOT_KNOWN, ...STRENGTH_CLASSES]) },
    { kind: "choice", name: "condition", label: "Thread is", start: NOT_KNOWN, choices: plainChoices([NOT_KNOWN, ...THREAD_CONDITIONS, OWN]) },
    { kind: "text", name: "nutFactor", label: "Nut factor K", start: "0.12 to 0.16", when: ({ condition }) => condition === OWN },
    { kind: "torque", name: "maximum", label: "Maker's maximum, if any", start: "" },
  ],
  work: (read) => {
    const strength = STRENGTH_CLASSES.find((one) => read.is("strength", one));
    const given = read.all({
      figure: read.figure("torque"),
      threads: read.read("thread", threadsMeant),
      nutFactor: nutFactorOf(read),
      maximum: read.ifTyped("maximum", (name) => read.torque(name)),
    });
    if (!given) return undefined;
    const torques = holdingTorques(given.figure);
    const joint: Joint = {
      threads: given.threads,
      into: read.choice("into", INTO),
      strength,
      nutFactor: given.nutFactor ?? undefined,
      maximumNm: given.maximum ? quantityNm(given.maximum) : undefined,
    };
    const judged = torques.map((torque) => ({ torque, judgement: judgeTorque(torque, joint) }));
    const worst = [...judged].sort((a, b) => GRAVITY[b.judgement.verdict] - GRAVITY[a.judgement.verdict])[0];
    if (!worst) throw new InputError("There is no number to judge in that. Type a torque, such as 35 ft lbs.", "torque");
    const { torque, judgement } = worst;
    const unit = read.owned.torqueUnit;
    const torquesNm = torques.map(quantityNm);
    return {
      answer: { says: `${torques.map(formatTorque).join(" to ")} on ${read.text("thread")}`, value: VERDICT_SAYS[judgement.verdict] },
      verdict: { tone: TONE[judgement.verdict], says: sayJudgement(torque, judgement) ?? MORE[judgement.verdict] },
      lines: [
        ...(judgement.meant ? [{ label: "Probably meant", value: `${formatTorque(judgement.meant)} = ${shownTorque(quantityNm(judgement.meant), unit)}` }] : []),
        { label: "Makes sense between", value: formatBand(judgement.bandNm, unit) },
        ...clampLines(torquesNm, joint),
      ],
      tables: [
        {
          title: "Thread by thread",
          head: ["Thread", "Makes sense between", "This figure"],
          rows: judgement.each.map(({ thread, bandNm, fits }) => ({
            cells: [formatThread(thread), formatBand(bandNm, unit), fits ? "fits" : "does not"],
            ...(fits ? { tone: "good" as const } : {}),
          })),
        },
      ],
      working: workingOf(judgement, joint),
      margin: "The band is wide on purpose: a figure outside it is wrong, one inside it is only possible.",
      assumes: assumesOf(strength, given.nutFactor),
      caution:
        joint.into === "steel or cast iron"
          ? "This is a check on a figure, never a place to take one from."
          : `In ${joint.into} the hole gives way before the bolt does: the maker's maximum is the only ceiling.`,
      drawing: { of: "band", torquesNm, each: judgement.each, maximumNm: joint.maximumNm, unit },
    } satisfies Slip;
  },
};

const VERDICT_SAYS: Record<SaneVerdict, string> = {
  fits: "Fits",
  "fits some": "Fits some",
  "too much": "Too much",
  "too little": "Too little",
  "above the maximum": "Above the maximum",
  "only the maker knows": "Only the maker knows",
};
const TONE: Record<SaneVerdict, Tone> = {
  fits: "good",
  "fits some": "watch",
  "only the maker knows": "watch",
  "too much": "stop",
  "too little": "stop",
  "above the maximum": "stop",
};
const GRAVITY: Record<SaneVerdict, number> = { fits: 0, "fits some": 1, "only the maker knows": 2, "too little": 3, "above the maximum": 4, "too much": 5 };
const MORE: Record<SaneVerdict, string> = {
  fits: "It lies within what such a thread is tightened to. That makes it possible, not right: look up where it came from.",
  "fits some": "Some of the threads that this head can have would bear it, others not. Measure the thread.",
  "only the maker knows": "The bolt would bear it; whether the hole does, only the maker's maximum says. Type it if you have it.",
  "too much": "",
  "too little": "",
  "above the maximum": "",
};

/** The thread that is named, or every thread that a head of the size named usually has. */
function threadsMeant(text: string): readonly Thread[] {
  const typed = text.trim();
  if (typed === "") throw new InputError("Type a thread such as M8, or the size across the head, such as 13.");
  const looksLikeThread = /^m\s*\d|^no\b|^#|-\s*\d{1,2}$|un[cf]$/i.test(typed) && !/spline/i.test(typed) && !/^\d[\s-]\d+\/\d+$/.test(typed);
  if (looksLikeThread) return [readThread(typed)];
  const threads = threadsOfHead(readHeadSize(typed));
  if (threads.length === 0) throw new InputError(`No usual thread has a head of ${typed}. Type the thread itself, such as M8 or 3/8-16.`);
  return threads;
}

function nutFactorOf(read: TypedReader): Interval | null | undefined {
  if (read.is("condition", OWN)) return read.read("nutFactor", (text, what) => readNutFactor(text, what));
  const condition = THREAD_CONDITIONS.find((one): one is ThreadCondition => read.is("condition", one));
  return condition ? NUT_FACTOR[condition] : null;
}

/** What the figure does to a known thread: its clamping force, and that against proof where the class is known. */
function clampLines(torquesNm: readonly number[], { threads: [thread, ...others], strength, nutFactor }: Joint): Slip["lines"] {
  if (!thread || others.length > 0 || torquesNm.length === 0) return [];
  const force = preloadN([Math.min(...torquesNm), Math.max(...torquesNm)], nutFactor ?? [0.12, 0.22], thread);
  const lines = [{ label: "Clamping force", value: `${shownBand([force[0] / 1000, force[1] / 1000])} kN` }];
  if (!strength) return lines;
  const proof = proofLoadN(thread, strength);
  return [...lines, { label: `Of what ${strength} is proofed to`, value: `${shownBand([(force[0] / proof) * 100, (force[1] / proof) * 100], 2)} %` }];
}

function workingOf({ each: [first, ...rest] }: Judgement, { strength, nutFactor = [0.12, 0.22] }: Joint): string[] {
  if (!first) return [];
  const { thread, bandNm } = first;
  const d = shown(diameterMm(thread) / 1000, 4);
  const [least, most] = [proofLoadN(thread, strength ?? "4.6"), proofLoadN(thread, strength ?? "12.9")].map((load) => (load / 1000).toFixed(2));
  return [
    "T = K · d · F, with F from 40 to 90 % of the proof load",
    `${formatThread(thread)}, least: ${nutFactor[0]} · ${d} m · 0.4 · ${least} kN = ${shown(bandNm[0])} N·m`,
    `${formatThread(thread)}, most: ${nutFactor[1]} · ${d} m · 0.9 · ${most} kN = ${shown(bandNm[1])} N·m`,
    ...(rest.length > 0 ? ["and so for each thread that the head usually has"] : []),
  ];
}

function assumesOf(strength: StrengthClass | undefined, nutFactor: Interval | null): string {
  const bolt = strength ? `Strength ${strength}` : "Any bolt from class 4.6 to 12.9";
  return `${bolt}; ${nutFactor ? `K ${nutFactor[0]} to ${nutFactor[1]}` : "any thread from greased to dry, K 0.12 to 0.22"}.`;
}
