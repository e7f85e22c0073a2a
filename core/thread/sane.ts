import { InputError, requirePositive } from "../input-error";
import type { Interval } from "../quantity/interval";
import { type TorqueQuantity, formatTorque, quantityNm } from "../quantity/torque-quantity";
import type { TorqueUnit } from "../quantity/torque-unit";
import { proofLoadN } from "./preload";
import type { StrengthClass } from "./strength";
import { type Thread, diameterMm, formatThread } from "./thread";

/** What the thread goes into. In all but steel the hole gives way before the bolt does. */
export const INTO = ["steel or cast iron", "aluminium", "plastic", "sheet metal", "blind threaded insert"] as const;
export type Into = (typeof INTO)[number];

/** What is known of a joint whose figure is doubted. */
export interface Joint {
  /** The thread, or every thread that the head usually has. */
  threads: readonly Thread[];
  into?: Into;
  strength?: StrengthClass | undefined;
  nutFactor?: Interval | undefined;
  /** The most the maker allows, N·m. */
  maximumNm?: number | undefined;
}

/*
 * How hard a joint is tightened, as a share of proof, and the bands taken where class or lubrication is not known:
 * from a weak bolt (4.6) held lightly to a strong one (12.9) near its proof. Guidance of VDI 2230 and of fastener
 * practice: 75 % of proof for joints that are undone again, 90 % for lasting ones.
 */
const SHARE_OF_PROOF: Interval = [0.4, 0.9];
const ANY_NUT_FACTOR: Interval = [0.12, 0.22];
const WEAKEST: StrengthClass = "4.6";
const STRONGEST: StrengthClass = "12.9";

/**
 * The widest band in which a torque for a thread can make sense, N·m: T = K·d·F from 40 % of proof of the
 * weakest bolt with the least K, to 90 % of the strongest with the most; narrowed by what is known.
 * @throws InputError for an impossible thread, or a class not defined for it. Example: M6 → about 1.3 to 23.2.
 */
export function plausibleBandNm(thread: Thread, { strength, nutFactor = ANY_NUT_FACTOR }: Pick<Joint, "strength" | "nutFactor"> = {}): Interval {
  const d = diameterMm(thread) / 1000;
  return [nutFactor[0] * d * SHARE_OF_PROOF[0] * proofLoadN(thread, strength ?? WEAKEST), nutFactor[1] * d * SHARE_OF_PROOF[1] * proofLoadN(thread, strength ?? STRONGEST)];
}

export type SaneVerdict =
  | "fits"
  /** Some of the threads that the head can have would bear it, others not. */
  | "fits some"
  | "too much"
  | "too little"
  | "above the maximum"
  /** The bolt would bear it; what it goes into is only known to the maker. */
  | "only the maker knows";

export interface Judgement {
  verdict: SaneVerdict;
  /** From the least of any candidate to the most of any, or the maker's maximum. */
  bandNm: Interval;
  each: { thread: Thread; bandNm: Interval; fits: boolean }[];
  /** The same number in the unit that was probably meant; undefined when the figure fits or no unit makes it fit. */
  meant: TorqueQuantity | undefined;
}

/**
 * Whether a torque can be right for a joint. It warns and never changes the figure.
 * @throws InputError without a candidate thread, or for a maximum that is not positive.
 * Example: 106 lb·ft on M6 → too much; meant 106 lb·in.
 */
export function judgeTorque(torque: TorqueQuantity, joint: Joint): Judgement {
  if (joint.threads.length === 0) throw new InputError("No thread is known for a head of this size. Type the thread, such as M8 or 3/8-16.", "thread");
  if (joint.maximumNm !== undefined) requirePositive(joint.maximumNm, "The maker's maximum", "maximum");
  const given = quantityNm(torque);
  const each = joint.threads.map((thread) => {
    const bandNm = plausibleBandNm(thread, joint);
    return { thread, bandNm, fits: within(given, bandNm) };
  });
  const lowest = Math.min(...each.map(({ bandNm }) => bandNm[0]));
  const highest = Math.min(joint.maximumNm ?? Infinity, Math.max(...each.map(({ bandNm }) => bandNm[1])));
  const bandNm: Interval = [Math.min(lowest, highest), highest];
  const verdict = verdictFor(given, bandNm, each, joint);
  const off = verdict === "too much" || verdict === "too little" || verdict === "above the maximum";
  return { verdict, bandNm, each, meant: off ? LIKELY_SLIP[torque.unit].map((unit) => ({ ...torque, unit })).find((other) => within(quantityNm(other), bandNm)) : undefined };
}

function verdictFor(given: number, [lowest, highest]: Interval, each: Judgement["each"], { into = "steel or cast iron", maximumNm }: Joint): SaneVerdict {
  if (maximumNm !== undefined && given > maximumNm * (1 + 1e-9)) return "above the maximum";
  if (given > highest * (1 + 1e-9)) return "too much";
  if (given < lowest * (1 - 1e-9)) return "too little";
  if (into !== "steel or cast iron" && maximumNm === undefined) return "only the maker knows";
  return each.every(({ fits }) => fits) ? "fits" : "fits some";
}

function within(value: number, [low, high]: Interval): boolean {
  return value >= low * (1 - 1e-9) && value <= high * (1 + 1e-9);
}

/** Units to try when a figure does not fit as written, the likeliest slip first. */
const LIKELY_SLIP: Record<TorqueUnit, TorqueUnit[]> = {
  "lbf.ft": ["lbf.in", "N.m"],
  "lbf.in": ["lbf.ft", "N.m"],
  "N.m": ["lbf.ft", "lbf.in", "kgf.m"],
  "kgf.m": ["N.m", "lbf.ft"],
  "kgf.cm": ["kgf.m", "N.m"],
  "cN.m": ["N.m"],
  "dN.m": ["N.m"],
  "kN.m": ["N.m"],
  "ozf.in": ["lbf.in", "N.m"],
};

/**
 * A judgement in a sentence; undefined when there is nothing to say against the figure.
 * Example: 106 lb·ft on M6 → "106 lb·ft would break an M6. As 106 lb·in it is 12.0 N·m, which fits. Look it up before you use it."
 */
export function sayJudgement(torque: TorqueQuantity, { verdict, each, meant }: Judgement): string | undefined {
  const says = sayVerdict(
    formatTorque(torque),
    verdict,
    each.map(({ thread }) => thread),
  );
  if (says === undefined) return undefined;
  if (!meant) return `${says} Look the figure up again.`;
  const fits = meant.unit === "N.m" ? `As ${formatTorque(meant)} it would fit.` : `As ${formatTorque(meant)} it is ${quantityNm(meant).toFixed(1)} N·m, which fits.`;
  return `${says} ${fits} Look it up before you use it.`;
}

function sayVerdict(torque: string, verdict: SaneVerdict, threads: readonly Thread[]): string | undefined {
  const [only, ...others] = threads;
  const sizes = [...new Set(threads.map(nominal))].join(" or ");
  const one = only && others.length === 0 ? (only.system === "metric" ? `an ${formatThread(only)}` : `a ${formatThread(only)}`) : undefined;
  if (verdict === "too much") return one ? `${torque} would break ${one}.` : `${torque} would break any thread that such a head usually has (${sizes}).`;
  if (verdict === "too little") return one ? `${torque} would leave ${one} loose.` : `${torque} would leave any thread that such a head usually has loose (${sizes}).`;
  if (verdict === "above the maximum") return `${torque} is above the most that the maker allows.`;
  return undefined;
}

/** The thread by its diameter alone: M10, 3/8 in. */
export function nominal(thread: Thread): string {
  return thread.system === "metric" ? `M${thread.diameterMm}` : formatThread(thread).replace(/-\d+$/, " in");
}
