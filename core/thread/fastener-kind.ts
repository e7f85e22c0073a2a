import type { Band } from "../quantity/band";
import { type Thread, readThread } from "./thread";

/**
 * What a fastener is, as far as its torque goes. All but the first seal, adjust or lock: they are not pulled
 * as hard as their thread would bear.
 */
export const FASTENER_KINDS = [
  "bolt or nut",
  "wheel bolt or nut",
  "plug",
  "spark or glow plug",
  "sensor or switch",
  "bleed screw",
  "pipe union",
  "banjo bolt",
  "castle nut",
  "bearing adjuster",
] as const;
export type FastenerKind = (typeof FASTENER_KINDS)[number];

interface Habit {
  /**
   * Usual torque over the square of the diameter, N·m/mm²: what seals on a face or a taper grows with its
   * area.
   */
  usual: number;
  /** How far usual figures lie apart: the spread of their logarithm. */
  spread: number;
  /** The least and the most that makes sense, over the square of the diameter. */
  band: Band;
  /** Threads it usually has, for one whose thread is not known: its head does not tell. */
  threads: readonly Thread[];
}

const threads = (...names: string[]) => names.map(readThread);

/**
 * General workshop knowledge, as no standard has it: for each kind the torques that handbooks commonly give
 * for its sizes, over the square of the diameter. A sump plug of M14 gets 20 to 45 N·m, a spark plug of M14
 * 12 to 30, an oxygen sensor of M18 35 to 60, a bleed screw of M8 7 to 14, a brake pipe union of M10 12 to
 * 18, a banjo bolt of M12 25 to 50, a ball joint's castle nut of M12 30 to 65, a wheel bolt of M12 80 to 120
 * and of M14 110 to 180. The bands reach half as far again or more beyond these on either side.
 */
const HABITS: Record<Exclude<FastenerKind, "bolt or nut">, Habit> = {
  "wheel bolt or nut": {
    usual: 0.72,
    spread: 0.25,
    band: [0.3, 1.6],
    threads: threads("M12x1.5", "M12x1.25", "M14x1.5", "1/2-20"),
  },
  plug: {
    usual: 0.13,
    spread: 0.45,
    band: [0.035, 0.5],
    threads: threads("M12x1.5", "M14x1.5", "M16x1.5", "M18x1.5", "M20x1.5", "M22x1.5", "M24x1.5"),
  },
  "spark or glow plug": {
    usual: 0.11,
    spread: 0.4,
    band: [0.04, 0.25],
    threads: threads("M10x1", "M12x1.25", "M14x1.25", "M18x1.5"),
  },
  "sensor or switch": {
    usual: 0.14,
    spread: 0.45,
    band: [0.045, 0.6],
    threads: threads("M10x1", "M12x1.5", "M14x1.5", "M18x1.5"),
  },
  "bleed screw": {
    usual: 0.14,
    spread: 0.35,
    band: [0.04, 0.45],
    threads: threads("M6", "M7", "M8x1.25", "M10x1"),
  },
  "pipe union": {
    usual: 0.15,
    spread: 0.3,
    band: [0.045, 0.6],
    threads: threads("M10x1", "M12x1", "3/8-24"),
  },
  "banjo bolt": {
    usual: 0.25,
    spread: 0.35,
    band: [0.07, 0.9],
    threads: threads("M10x1", "M12x1.5", "M14x1.5"),
  },
  "castle nut": {
    usual: 0.4,
    spread: 0.4,
    band: [0.05, 1.6],
    threads: threads("M10x1.25", "M12x1.25", "M14x1.5", "M16x1.5", "M20x1.5"),
  },
  // Seated, backed off and set again: from hardly anything to a nut done up while the hub is turned.
  "bearing adjuster": {
    usual: 0.05,
    spread: 1,
    band: [0.002, 0.9],
    threads: threads("M18x1.5", "M20x1.5", "M24x1.5"),
  },
};

/** How a kind is usually tightened; undefined for a bolt or nut, whose own strength says it. */
export function habitOf(kind: FastenerKind): Habit | undefined {
  return kind === "bolt or nut" ? undefined : HABITS[kind];
}

/**
 * What holds a road wheel on, by its words. A steering wheel, a trailer's jockey wheel and a toothed wheel
 * are wheels too, and their nuts are nuts like others.
 */
export const WHEEL_FASTENER =
  /(?<!\b(?:steering|jockey|guide|idler|hand|fly|fan|gear|tone|timing|cog|toothed|trigger|thumb|worm|star|balance|fifth)[\s-]?)\bwheel[\s-]?(?:bolts?|nuts?|studs?|screws?)\b|(?<!(?:cable|earth|battery|terminal|wire)[\s-])\b(?:lug[\s-]?(?:bolts?|nuts?|studs?)|lugs)\b/i;

/** By the words of a name, the first that fits. A bolt that holds a sensor or a plug's cover is a bolt. */
const BY_NAME: readonly [RegExp, FastenerKind][] = [
  [/\b(?:spark|glow|heater)[\s-]?plugs?\b/i, "spark or glow plug"],
  [/\bbanjo\b/i, "banjo bolt"],
  [/\b(?:bleed(?:er)?|bleed(?:er)? (?:screw|nipple|valve))\b/i, "bleed screw"],
  [
    /\b(?:brake|clutch|fuel|cooler|hydraulic)\b.*\b(?:pipe|line|hose)s?\b.*\bnuts?\b|\bunions?\b|\bflare nuts?\b/i,
    "pipe union",
  ],
  [
    /\b(?:preload|taper(?:ed)?|adjust(?:er|ing)|bearing)\b.*\bnuts?\b|\bnuts?\b.*\b(?:preload|adjust)|\bpreload\b|\bhub bearing\b/i,
    "bearing adjuster",
  ],
  [
    /\b(?:castle(?:d|llated)?|castellated|slotted) nuts?\b|\b(?:ball[\s-]?joint|rod[\s-]?end|track[\s-]?rod|tie[\s-]?rod|drop[\s-]?link)\b.*\bnuts?\b/i,
    "castle nut",
  ],
  [WHEEL_FASTENER, "wheel bolt or nut"],
  [/\b(?:bolts?|screws?|nuts?|studs?|clamps?|brackets?)\b/i, "bolt or nut"],
  [/\b(?:plugs?)\b/i, "plug"],
  [/\b(?:sensors?|switch(?:es)?|senders?|probes?|thermostat switch)\b/i, "sensor or switch"],
];

/**
 * What a fastener is, told from its name; a bolt or nut where the name says nothing. Example: "Sump plug" →
 * plug; "Sensor bolt" → bolt or nut.
 */
export function kindOfName(name: string): FastenerKind {
  return BY_NAME.find(([words]) => words.test(name))?.[1] ?? "bolt or nut";
}
