import { InputError, requirePositive } from "../input-error";
import type { Band } from "../quantity/band";
import { type TorqueQuantity, convertTorque, formatTorque, quantityNm } from "../quantity/torque-quantity";
import { type FastenerKind, habitOf } from "./fastener-kind";
import { type Into, strippingTorqueNm } from "./hole";
import { type Known, otherReadings } from "./likely";
import { proofLoadN } from "./preload";
import type { StrengthClass } from "./strength";
import { type Thread, diameterMm, formatThread } from "./thread";

/** What is known of a joint whose figure is doubted. */
export interface Joint extends Known {
  /** The thread, or every thread that the head usually has. */
  threads: readonly Thread[];
  into?: Into;
  /** The most the maker allows, N·m. */
  maximumNm?: number | undefined;
}

/*
 * How hard a joint is tightened, as a share of proof, and the bands taken where class or lubrication is not
 * known: from a weak bolt (4.6) held lightly to a strong one (12.9) near its proof. Guidance of VDI 2230 and
 * of fastener practice: 75 % of proof for joints that are undone again, 90 % for lasting ones.
 */
const SHARE_OF_PROOF: Band = [0.4, 0.9];
export const ANY_NUT_FACTOR: Band = [0.12, 0.22];
const WEAKEST: StrengthClass = "4.6";
const STRONGEST: StrengthClass = "12.9";
/**
 * A bolt of a known class pulled to this share of its proof at the middle of what friction may do is past it
 * as often as not. Published torques for a class (to 90 % of yield at a friction of 0.12) come to at most
 * 0.93.
 */
const TOO_NEAR_PROOF = 0.95;
/** One reading is named alone only if it is so much likelier than the next. */
const CLEARLY = 4;
/** And only if people slip that way at all often. */
const COMMON = 0.1;
const SLIP_ABOVE = 3;

/**
 * The widest band in which a torque for a thread can make sense, N·m: for a bolt T = K·d·F from 40 % of proof
 * of the weakest with the least K, to 90 % of the strongest with the most, narrowed by what is known; for
 * what seals or adjusts
 * a band of its own, far below what its thread would bear.
 * @throws InputError for an impossible thread, or a class not defined for it. Example: M6 → about 1.3 to
 * 23.2.
 */
export function plausibleBandNm(
  thread: Thread,
  { strength, nutFactor = ANY_NUT_FACTOR, kind = "bolt or nut" }: Omit<Known, "threads"> = {},
): Band {
  const d = diameterMm(thread) / 1000;
  const bolt: Band = [
    nutFactor[0] * d * SHARE_OF_PROOF[0] * proofLoadN(thread, strength ?? WEAKEST),
    nutFactor[1] * d * SHARE_OF_PROOF[1] * proofLoadN(thread, strength ?? STRONGEST),
  ];
  const habit = habitOf(kind);
  if (!habit) return bolt;
  const [least, most] = habit.band.map((per) => per * diameterMm(thread) ** 2) as [number, number];
  return [least, Math.max(least, Math.min(most, bolt[1]))];
}

export type SaneVerdict =
  | "fits"
  /** Some of the threads that the head can have would bear it, others not. */
  | "fits some"
  /** Its class is known, and at the middle of what friction may do it is at its proof. */
  | "past proof"
  | "too much"
  | "too little"
  | "above the maximum"
  /** The bolt would bear it; the hole would hardly. */
  | "more than the hole"
  /** The bolt would bear it; what it goes into is only known to the maker. */
  | "only the maker knows";

export interface Judgement {
  verdict: SaneVerdict;
  /** From the least of any candidate to the most of any, or the maker's maximum. */
  bandNm: Band;
  each: { thread: Thread; bandNm: Band; fits: boolean }[];
  /**
   * The figure that was probably meant, where one is clearly the likeliest; undefined when the figure may
   * stand, or more than one may be meant.
   */
  meant: TorqueQuantity | undefined;
  /**
   * The likeliest of what may have been meant, two at the most, the likelier first; none when the figure may
   * stand.
   */
  candidates: TorqueQuantity[];
  kind: FastenerKind;
}

/** Verdicts on a figure that cannot stand as it is. */
export const IMPOSSIBLE: readonly SaneVerdict[] = ["too much", "too little", "above the maximum"];

/**
 * Whether a torque can be right for a joint. It warns and never changes the figure.
 * @throws InputError without a candidate thread, or for a maximum that is not positive.
 * Example: 106 lb·ft on M6 → too much; meant 106 lb·in.
 */
export function judgeTorque(torque: TorqueQuantity, joint: Joint): Judgement {
  if (joint.threads.length === 0)
    throw new InputError(
      "No thread is known for a head of this size. Type the thread, such as M8 or 3/8-16.",
      "thread",
    );
  if (joint.maximumNm !== undefined) requirePositive(joint.maximumNm, "The maker's maximum", "maximum");
  const given = quantityNm(torque);
  const each = joint.threads.map((thread) => {
    const bandNm = plausibleBandNm(thread, joint);
    return { thread, bandNm, fits: within(given, bandNm) };
  });
  const lowest = Math.min(...each.map(({ bandNm }) => bandNm[0]));
  const highest = Math.min(joint.maximumNm ?? Infinity, Math.max(...each.map(({ bandNm }) => bandNm[1])));
  const bandNm: Band = [Math.min(lowest, highest), highest];
  const fits = (nm: number) => within(nm, bandNm);
  const verdict = verdictFor(torque, bandNm, each, joint);
  // A little above the maker's maximum is no slip of a unit.
  const doubted =
    verdict === "above the maximum" ? given > SLIP_ABOVE * highest : IMPOSSIBLE.includes(verdict);
  const readings = doubted ? otherReadings(torque, joint, fits) : [];
  const [first, second] = readings;
  const clear =
    first !== undefined && first.weight >= COMMON && first.weight >= CLEARLY * (second?.weight ?? 0);
  return {
    verdict,
    bandNm,
    each,
    meant: clear ? first.torque : undefined,
    candidates: readings.slice(0, clear ? 1 : 2).map((reading) => reading.torque),
    kind: joint.kind ?? "bolt or nut",
  };
}

function verdictFor(
  torque: TorqueQuantity,
  [lowest, highest]: Band,
  each: Judgement["each"],
  joint: Joint,
): SaneVerdict {
  const { into = "steel or cast iron", maximumNm } = joint;
  const given = quantityNm(torque);
  if (maximumNm !== undefined && given > maximumNm * (1 + 1e-9)) return "above the maximum";
  if (given > highest * (1 + 1e-9)) return "too much";
  if (given < lowest * (1 - 1e-9)) return "too little";
  if (shareOfProof(given, joint) > TOO_NEAR_PROOF) return "past proof";
  if (maximumNm === undefined) {
    const strips = each.map(({ thread }) => strippingTorqueNm(thread, into)).filter((nm) => nm !== undefined);
    if (strips.length > 0 && given > Math.max(...strips)) return "more than the hole";
    if (into !== "steel or cast iron") return "only the maker knows";
  }
  return each.every(({ fits }) => fits) ? "fits" : "fits some";
}

/**
 * The pull of a bolt of known class and thread as a share of its proof, at the middle of what friction may
 * do; 0 where either is not known.
 */
function shareOfProof(
  torqueNm: number,
  { threads: [thread, ...others], strength, nutFactor = ANY_NUT_FACTOR, kind = "bolt or nut" }: Joint,
): number {
  if (!thread || others.length > 0 || !strength || habitOf(kind)) return 0;
  // The middle of the quotients: half the pulls are harder.
  const k = Math.sqrt(nutFactor[0] * nutFactor[1]);
  return torqueNm / (k * (diameterMm(thread) / 1000)) / proofLoadN(thread, strength);
}

function within(value: number, [low, high]: Band): boolean {
  return value >= low * (1 - 1e-9) && value <= high * (1 + 1e-9);
}

/**
 * A judgement in a sentence; undefined when there is nothing to say against the figure.
 * Example: 106 lb·ft on M6 → "106 lb·ft would break an M6. As 106 lb·in it is 12.0 N·m, which fits. Look it
 * up before you use it."
 */
export function sayJudgement(
  torque: TorqueQuantity,
  { verdict, each, meant, candidates, kind }: Judgement,
): string | undefined {
  const says = sayVerdict(
    formatTorque(torque),
    verdict,
    each.map(({ thread }) => thread),
    kind,
  );
  if (says === undefined) return undefined;
  if (verdict === "past proof" || verdict === "more than the hole") return says;
  if (meant) {
    const fits =
      meant.unit === "N.m"
        ? `As ${inBothUnits(meant)} it would fit.`
        : `As ${formatTorque(meant)} it is ${quantityNm(meant).toFixed(1)} N·m, which fits.`;
    return `${says} ${fits} Look it up before you use it.`;
  }
  const [one, other] = candidates;
  if (one && other)
    return `${says} ${inBothUnits(one)} or ${inBothUnits(other)} may be meant, and neither is clearly the likelier. Look it up before you use it.`;
  return one
    ? `${says} ${inBothUnits(one)} may be meant. Look it up before you use it.`
    : `${says} Look the figure up again.`;
}

/**
 * "106 lb·in (12.0 N·m)": a figure with what it is in the other everyday unit, so that nobody takes one for
 * the other.
 */
export function inBothUnits(torque: TorqueQuantity): string {
  return `${formatTorque(torque)} (${formatTorque(convertTorque(torque, torque.unit === "N.m" ? "lbf.ft" : "N.m"))})`;
}

function sayVerdict(
  torque: string,
  verdict: SaneVerdict,
  threads: readonly Thread[],
  kind: FastenerKind,
): string | undefined {
  const [only, ...others] = threads;
  const sizes = [...new Set(threads.map(nominal))].join(" or ");
  const what = kind === "bolt or nut" ? "" : ` ${kind}`;
  const one = threadWords(only, others, what);
  const any = kind === "bolt or nut" ? "any thread that such a head usually has" : `any usual ${kind}`;
  switch (verdict) {
    case "too much":
      return one ? `${torque} would break ${one}.` : `${torque} would break ${any} (${sizes}).`;
    case "too little":
      return one ? `${torque} would leave ${one} loose.` : `${torque} would leave ${any} loose (${sizes}).`;
    case "above the maximum":
      return `${torque} is above the most that the maker allows.`;
    case "past proof":
      return `${torque} pulls a bolt of ${sizes} and that class to its proof or past it. Look it up: such a bolt is usually given less, or an angle.`;
    case "more than the hole":
      return `${torque} is more than the hole of ${one ?? sizes} is likely to hold: it strips before the bolt is tight. Only the maker's figure counts there.`;
    default:
      return undefined;
  }
}

function threadWords(only: Thread | undefined, others: Thread[], what: string) {
  if (only && others.length === 0) {
    if (only.system === "metric") return `an ${formatThread(only)}${what}`;
    return `a ${formatThread(only)}${what}`;
  }
  return undefined;
}

/** The thread by its diameter alone: M10, 3/8 in. */
export function nominal(thread: Thread): string {
  return thread.system === "metric"
    ? `M${thread.diameterMm}`
    : formatThread(thread).replace(/-\d+( LH)?$/, " in");
}
