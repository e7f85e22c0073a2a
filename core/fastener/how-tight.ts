import type { Fastener } from "../model/job";
import type { Band } from "../quantity/band";
import { type Fitting, type TorqueFigure, movesOf } from "../quantity/torque-figure";
import type { Into } from "../thread/hole";
import { snugBandNm } from "../thread/snug-band";
import { type Thread, diameterMm } from "../thread/thread";
import { LOCKED_AFTER, type Stage, stagesOf } from "../torque/target";
import { threadsOf } from "./judge-figure";

/** By its name, what holds without a torque. */
const NAMED: readonly [Fitting, RegExp][] = [
  ["spring clamp", /\b(?:spring|constant[- ]tension) (?:hose )?(?:clamps?|clips?)$/i],
  [
    "push clip",
    /\b(?:push[- ]?(?:in[- ])?(?:clips?|pins?|rivets?|fasteners?)|trim clips?|fir[- ]tree clips?)$/i,
  ],
  ["plastic nut", /\bplastic (?:wing )?nuts?$/i],
];

/** How a fastener is done up: its figure, or what its name says of one that takes none. */
export function figureOf({ figure, name }: Pick<Fastener, "figure" | "name">): TorqueFigure | undefined {
  if (figure) return figure;
  const as = NAMED.find(([, named]) => named.test(name.trim()))?.[0];
  return as && { form: "fitted", as };
}

/**
 * What is done to each bolt of a fastener in turn: the stages of its figure, and what locks it after them.
 */
export function tighteningStages(fastener: Fastener): Stage[] {
  const figure = figureOf(fastener);
  const by = LOCKED_AFTER.find((one) => one === fastener.locking);
  return [
    ...(figure ? stagesOf(figure) : [{ kind: "no figure" as const, label: "" }]),
    ...(by ? [{ kind: "lock" as const, by, label: "then lock it" }] : []),
  ];
}

/** Whether all that a figure says is that hands decide: good and tight, hand tight, or one after the other. */
export const isByFeel = (figure: TorqueFigure): boolean =>
  movesOf(figure).every(({ form }) => form === "snug" || form === "hand tight");

/** What "good and tight" usually comes to: never a specification. */
export interface GoodAndTight {
  bandNm: Band;
  thread: Thread;
  into: Into | undefined;
  /** The thread is not written down: the thinnest that its head usually has. */
  supposed: boolean;
}

/**
 * The band that "good and tight" usually means for a fastener, N·m, by its thread and what it goes into; by
 * the thinnest thread that its head usually has where none is written down. Undefined where nothing says.
 */
export function goodAndTight(fastener: Fastener): GoodAndTight | undefined {
  const thread = threadsOf(fastener).toSorted((a, b) => diameterMm(a) - diameterMm(b))[0];
  const bandNm = thread && snugBandNm(thread, fastener.into);
  if (!thread || !bandNm) return undefined;
  return { bandNm, thread, into: fastener.into, supposed: fastener.thread === undefined };
}

/** How near to its depth is near enough, mm: a straight edge and an eye tell no less. */
const NEAR_MM = 0.5;

export type DepthVerdict = { kind: "there" } | { kind: "drive further" | "too deep"; byMm: number };

/**
 * What was found where something is driven in to a depth, both mm below the face: short of it is driven
 * further, and never a fault of the part. Example: judgeDepth(0, -1.5) → drive it 1.5 mm further.
 */
export function judgeDepth(wantedMm: number, foundMm: number): DepthVerdict {
  const shortMm = wantedMm - foundMm;
  if (Math.abs(shortMm) <= NEAR_MM) return { kind: "there" };
  return { kind: shortMm > 0 ? "drive further" : "too deep", byMm: Math.abs(shortMm) };
}
