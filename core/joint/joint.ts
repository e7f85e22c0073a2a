import type { Luck } from "../chance";
import type { Band } from "../quantity/band";
import { strippingForceN } from "../thread/hole";
import { NUT_FACTOR } from "../thread/nut-factor";
import type { StrengthClass } from "../thread/strength";
import { type Thread, diameterMm } from "../thread/thread";
import { boltStiffness, clampPerDegree, gasketStiffness, inRow, partsStiffness } from "./stiffness";
import { frictionOf, yieldForceN } from "./yield-force";

/** What a bolt is done up into, and what may be wrong with it. */
export const JOINT_KINDS = [
  "steel",
  "aluminium",
  "gasket",
  "plated",
  "oiled",
  "locking nut",
  "to yield",
  "dirty",
  "cross-threaded",
  "bottomed",
  "stripped",
] as const;
export type JointKind = (typeof JOINT_KINDS)[number];

/** One bolt in its joint, as it answers to being turned. */
export interface Joint {
  kind: JointKind;
  thread: Thread;
  strength: StrengthClass;
  /** Torque over clamping force and diameter: this bolt's own. */
  nutFactor: number;
  /** What turns it before anything is clamped, N·m. */
  prevailingNm: number;
  /** Turning until the head is on its seat, degrees. */
  runDownDeg: number;
  /** Clamping force for each degree once it is seated, N. */
  clampPerDeg: number;
  /** Where bolt or thread begins to give, N, and how the force goes on from there, as a share of the rise. */
  givesN: number;
  thenShare: number;
  /** Torque for each degree that clamps nothing, N·m, and from where on. */
  bindsNmPerDeg: number;
  bindsFromDeg: number;
  /** How far its torque hops up and down while it turns, as a share. */
  chatter: number;
  /** What of its clamping force goes as it settles, as a share. */
  settles: number;
}

/*
 * What is in no standard, and is our own: a dirty thread's nut factor, a third and more above a clean dry one; what
 * a gasket settles by (a tenth to a fifth in the first minutes), and metal (a few hundredths, VDI 2230-1, 5.4.2).
 */
const DIRTY: Band = [0.25, 0.35];
const SETTLES: Readonly<Partial<Record<JointKind, Band>>> = { gasket: [0.1, 0.2] };
const METAL_SETTLES: Band = [0.01, 0.04];
const CHATTER: Readonly<Partial<Record<JointKind, number>>> = { dirty: 0.1, "cross-threaded": 0.06 };

/** Nut factors of a kind, as the Bench has them. */
export function nutFactorsOf(kind: JointKind): Band {
  switch (kind) {
    case "plated":
    case "locking nut":
      return NUT_FACTOR.plated;
    case "oiled":
    case "to yield":
      return NUT_FACTOR["light oil"];
    case "dirty":
      return DIRTY;
    default:
      return NUT_FACTOR.dry;
  }
}

/**
 * A nut factor drawn from a band. The scatter within one state is as large as the band itself, so two bolts of
 * three lie within it and 95 of 100 within twice its width: its half is the standard deviation.
 */
export function drawNutFactor([low, high]: Band, luck: Luck): number {
  return Math.max(low / 2, luck.normal((low + high) / 2, (high - low) / 2));
}

/**
 * The most that a locking nut turns hard with when it is new, N·m: ISO 2320:2015, first assembly, class 8. Between
 * its sizes it goes with the third power of the diameter, as they do.
 */
const FIRST_PREVAILING_NM: readonly (readonly [diameterMm: number, nm: number])[] = [
  [5, 1.6],
  [6, 3],
  [8, 6],
  [10, 10.5],
  [12, 15.5],
  [14, 24],
  [16, 32],
];

export function mostPrevailingNm(thread: Thread): number {
  const d = diameterMm(thread);
  const [ownMm, nm] = FIRST_PREVAILING_NM.reduce((nearest, one) =>
    Math.abs(one[0] - d) < Math.abs(nearest[0] - d) ? one : nearest,
  );
  return nm * (d / ownMm) ** 3;
}

/** Clamped lengths, as a multiple of the diameter: from a flange to a bracket. */
const GRIP: Band = [3, 6];

/** What a joint is made of. */
export interface JointOf {
  kind: JointKind;
  thread: Thread;
  strength: StrengthClass;
  /** The torque that it is meant for, N·m. */
  aimNm: number;
}

/**
 * A joint for a torque, drawn from a luck: each bolt has a friction, a length and a running down of its own, so that
 * the same torque comes at another angle and leaves another clamping force.
 * @throws InputError as strengthOf.
 */
export function jointOf({ kind, thread, strength, aimNm }: JointOf, luck: Luck): Joint {
  const d = diameterMm(thread);
  const nutFactor = drawNutFactor(nutFactorsOf(kind), luck);
  const gripMm = d * luck.between(...GRIP);
  const clamped = kind === "aluminium" ? "aluminium" : "steel";
  const parts = inRow(boltStiffness(thread, gripMm), partsStiffness(thread, gripMm, clamped));
  const stiffness = kind === "gasket" ? inRow(parts, gasketStiffness(thread)) : parts;
  const runDownDeg = luck.between(15, 40);
  const aimN = aimNm / (nutFactor * (d / 1000));
  const yieldN = yieldForceN(thread, strength, frictionOf(nutFactor, thread));
  return {
    kind,
    thread,
    strength,
    nutFactor,
    prevailingNm:
      kind === "locking nut"
        ? Math.min(aimNm / 2, mostPrevailingNm(thread)) * luck.between(0.4, 0.8)
        : aimNm * luck.between(0.01, 0.04),
    runDownDeg,
    clampPerDeg: clampPerDegree(thread, stiffness),
    ...givesOf(kind, yieldN, aimN, strippingForceN(thread, "aluminium") ?? yieldN),
    ...bindsOf(kind, aimNm, runDownDeg),
    chatter: CHATTER[kind] ?? 0,
    settles: luck.between(...(SETTLES[kind] ?? METAL_SETTLES)),
  };
}

/** A bolt that yields hardens a little; a thread that strips lets go. */
const HARDENS = 0.05;
const LETS_GO = -0.35;

function givesOf(kind: JointKind, yieldN: number, aimN: number, holeN: number) {
  if (kind === "stripped") return { givesN: aimN * 0.45, thenShare: LETS_GO };
  if (kind === "aluminium" && holeN < yieldN)
    return { givesN: Math.max(holeN, aimN * 1.15), thenShare: LETS_GO };
  // A bolt that is meant to yield does so at its figure; any other is not asked to by a figure that fits it.
  return { givesN: kind === "to yield" ? yieldN : Math.max(yieldN, aimN * 1.15), thenShare: HARDENS };
}

/** A crossed thread jams from the start; a bolt at the bottom of its hole stands still and clamps nothing. */
function bindsOf(kind: JointKind, aimNm: number, runDownDeg: number) {
  if (kind === "cross-threaded") return { bindsNmPerDeg: aimNm / 16, bindsFromDeg: 4, runDownDeg: 1080 };
  if (kind === "bottomed") return { bindsNmPerDeg: aimNm / 6, bindsFromDeg: runDownDeg, runDownDeg: 1080 };
  return { bindsNmPerDeg: 0, bindsFromDeg: 0 };
}

/** Clamping force of a bolt that has been turned this far from where it was started by hand, N. */
export function clampAtN(joint: Joint, turnedDeg: number): number {
  const elastic = Math.max(0, turnedDeg - joint.runDownDeg) * joint.clampPerDeg;
  return elastic <= joint.givesN
    ? elastic
    : Math.max(0, joint.givesN + (elastic - joint.givesN) * joint.thenShare);
}

/** Torque that it answers with at this angle, N·m; unturned → 0. */
export function torqueAtNm(joint: Joint, turnedDeg: number): number {
  if (turnedDeg <= 0) return 0;
  const { nutFactor, thread, prevailingNm, bindsNmPerDeg, bindsFromDeg, chatter } = joint;
  const clamps = nutFactor * (diameterMm(thread) / 1000) * clampAtN(joint, turnedDeg);
  const binds = bindsNmPerDeg * Math.max(0, turnedDeg - bindsFromDeg);
  const hops = 1 + chatter * Math.sin((turnedDeg * 2 * Math.PI) / 9);
  return (prevailingNm + clamps + binds) * hops;
}

/** Clamping force once the joint has settled, N. */
export const settledN = (joint: Joint, clampN: number): number => clampN * (1 - joint.settles);
