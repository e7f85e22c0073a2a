import type { Band } from "../quantity/band";
import { type TorqueQuantity, quantityNm } from "../quantity/torque-quantity";
import type { TorqueUnit } from "../quantity/torque-unit";
import { type FastenerKind, habitOf } from "./fastener-kind";
import { proofLoadN } from "./preload";
import type { StrengthClass } from "./strength";
import { type Thread, diameterMm } from "./thread";

/** What is known of a fastener whose usual torque is asked for. */
export interface Known {
  threads: readonly Thread[];
  kind?: FastenerKind | undefined;
  strength?: StrengthClass | undefined;
  nutFactor?: Band | undefined;
  /** Units that the vehicle and the plan's other figures are in: a slip is rather into one of them. */
  usual?: readonly TorqueUnit[] | undefined;
}

/*
 * How joints are usually tightened, by the short form torque equation T = K·d·F: to 0.7 of proof (VDI 2230
 * and fastener practice have 0.6 to 0.9), with a common lightly oiled or plated thread. Of unknown class most
 * bolts on a vehicle are 8.8, many weaker or stronger.
 */
const USUAL_CLASS: StrengthClass = "8.8";
const USUAL_SHARE = 0.7;
const USUAL_K = 0.18;
const SPREAD = { known: 0.3, unknown: 0.5 };
/** One figure in so many lies far off what is usual, and is right all the same. */
const ODD_ONES = 0.15;
const ODD_SPREAD = 2.2;

/** The torque that a fastener of this kind and thread usually gets, N·m, and the spread of its logarithm. */
export function usualTorque(
  thread: Thread,
  { kind = "bolt or nut", strength, nutFactor }: Omit<Known, "threads">,
): { nm: number; spread: number } {
  const d = diameterMm(thread);
  const habit = habitOf(kind);
  if (habit) return { nm: habit.usual * d ** 2, spread: habit.spread };
  const k = nutFactor ? (nutFactor[0] + nutFactor[1]) / 2 : USUAL_K;
  return {
    nm: k * (d / 1000) * USUAL_SHARE * proofLoadN(thread, strength ?? USUAL_CLASS),
    spread: strength ? SPREAD.known : SPREAD.unknown,
  };
}

/**
 * How likely a torque is for a fastener, as a density over its logarithm: the middle over the threads it may
 * have, with room for the odd one that lies far off. Only to be compared with another of the same fastener.
 */
export function likelihood(torqueNm: number, known: Known): number {
  const each = known.threads.map((thread) => {
    const { nm, spread } = usualTorque(thread, known);
    const away = Math.log(torqueNm / nm);
    const density = (width: number) => Math.exp(-0.5 * (away / width) ** 2) / width;
    return (1 - ODD_ONES) * density(spread) + ODD_ONES * density(spread * ODD_SPREAD);
  });
  return each.reduce((sum, one) => sum + one, 0) / Math.max(1, each.length);
}

/** Another way that a figure may have been meant. */
export interface Reading {
  torque: TorqueQuantity;
  /**
   * "unit": the same number in another unit; "digit": a nought or a point lost or added, or a digit doubled.
   */
  slip: "unit" | "digit";
  /**
   * How likely, for comparing: how often people slip that way times how near it lies to what is usual, at
   * most 1 each.
   */
  weight: number;
}

/**
 * How often one unit is written where another is meant, out of all slips with the unit written: pounds times
 * inches or feet taken for each other, newton-metres for pound-feet and the other way, a kilogram scale read
 * as newton-metres. Our own judgement; what counts is their order.
 */
const MEANT_FOR: Record<TorqueUnit, Partial<Record<TorqueUnit, number>>> = {
  "lbf.ft": { "lbf.in": 0.5, "N.m": 0.35, "kgf.m": 0.05 },
  "lbf.in": { "lbf.ft": 0.5, "N.m": 0.4 },
  "N.m": { "lbf.ft": 0.35, "lbf.in": 0.25, "kgf.m": 0.12, "cN.m": 0.03, "kgf.cm": 0.05 },
  "kgf.m": { "N.m": 0.4, "lbf.ft": 0.3, "kgf.cm": 0.1 },
  "kgf.cm": { "N.m": 0.35, "kgf.m": 0.35, "lbf.in": 0.15 },
  "cN.m": { "N.m": 0.9 },
  "dN.m": { "N.m": 0.9 },
  "kN.m": { "N.m": 0.9 },
  "ozf.in": { "lbf.in": 0.5, "N.m": 0.3 },
};

/**
 * A nought too many or a digit doubled can be seen in the number as it stands; a lost one or a lost point
 * cannot.
 */
const DIGIT_SLIP = { seen: 0.15, unseen: 0.08 };
/** A slip into the unit that everything else is in is so much likelier. */
const USUAL_UNIT = 2.5;

/**
 * The other ways that a figure may have been meant, the likeliest first, each weighed by how often people
 * slip that way and by how near it lies to what such a fastener usually gets. `fits` says which of them can
 * be right at all.
 */
export function otherReadings(
  torque: TorqueQuantity,
  known: Known,
  fits: (torqueNm: number) => boolean,
): Reading[] {
  const units = Object.entries(MEANT_FOR[torque.unit]) as [TorqueUnit, number][];
  const ways: Reading[] = [
    ...units.map(([unit, often]) => ({
      torque: { ...torque, unit },
      slip: "unit" as const,
      weight: often * (known.usual?.includes(unit) ? USUAL_UNIT : 1),
    })),
    ...digitSlips(torque).map(({ weight, ...value }) => ({
      torque: { ...torque, ...value },
      slip: "digit" as const,
      weight,
    })),
  ];
  const best = Math.max(...known.threads.map((thread) => 1 / usualTorque(thread, known).spread));
  return ways
    .filter(({ torque: other }) => fits(quantityNm(other)))
    .map((way) => ({ ...way, weight: (way.weight * likelihood(quantityNm(way.torque), known)) / best }))
    .filter(({ weight }) => weight > FAR_FETCHED)
    .sort((a, b) => b.weight - a.weight);
}

/** Ways that are less likely than this are not worth a word. */
const FAR_FETCHED = 0.01;

/** The number with a nought or point more or less, and with a doubled digit once. */
function digitSlips({
  value,
  decimals,
}: TorqueQuantity): { value: number; decimals: number; weight: number }[] {
  const text = value.toFixed(decimals);
  const undoubled = text.replace(/([1-9])\1/, "$1");
  const nought = decimals === 0 && text.endsWith("0");
  return [
    {
      value: Number((value * 10).toPrecision(12)),
      decimals: Math.max(0, decimals - 1),
      weight: DIGIT_SLIP.unseen,
    },
    {
      value: Number((value / 10).toPrecision(12)),
      decimals: nought ? 0 : decimals + 1,
      weight: nought ? DIGIT_SLIP.seen : DIGIT_SLIP.unseen,
    },
    ...(undoubled === text ? [] : [{ value: Number(undoubled), decimals, weight: DIGIT_SLIP.seen }]),
  ];
}
