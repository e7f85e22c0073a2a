import type { Fastener } from "../model/job";
import { type Fitting, type TorqueFigure, movesOf } from "../quantity/torque-figure";
import { quantityNm } from "../quantity/torque-quantity";
import { LOCKED_AFTER, type Stage, rangeStage, stagesOf } from "../torque/target";

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

/** What a good wrench may read low by (ISO 6789-1: ±4 %): so much above the least is surely not below it. */
const READS_LOW = 0.04;

/** Whether a nut goes on to a slot once it is tight: one with a split pin whose figure does not back it off. */
export const goesToSlot = ({ locking, figure }: Pick<Fastener, "locking" | "figure">): boolean =>
  locking === "split pin" &&
  figure !== undefined &&
  stagesOf(figure).some(({ kind }) => kind === "torque") &&
  !movesOf(figure).some(({ form }) => form === "back off");

/**
 * The stages of a fastener's figure. A castle nut is brought to the least of its range, not to its middle:
 * what is left of the range is for going on to the slot.
 */
export function figureStages(figure: TorqueFigure, locking: Fastener["locking"]): Stage[] {
  if (figure.form !== "range" || locking !== "split pin") return stagesOf(figure);
  const stage = rangeStage(figure);
  const { aimNm } = stage.target;
  const decimals = figure.low.decimals + 1;
  // Upwards to what is shown, so that it is not below the least by its last figure.
  const value = Math.ceil((figure.low.value / (1 - READS_LOW)) * 10 ** decimals - 1e-9) / 10 ** decimals;
  const given = { ...figure.low, value, decimals };
  const least = quantityNm(given);
  if (least >= aimNm) return [stage];
  return [{ ...stage, target: { ...stage.target, aimNm: least }, given }];
}

/**
 * What is done to each bolt of a fastener in turn: the stages of its figure, and what locks it after them.
 */
export function tighteningStages(fastener: Fastener): Stage[] {
  const figure = figureOf(fastener);
  const by = LOCKED_AFTER.find((one) => one === fastener.locking);
  return [
    ...(figure ? figureStages(figure, fastener.locking) : [{ kind: "no figure" as const, label: "" }]),
    ...(by ? [{ kind: "lock" as const, by, label: "then lock it" }] : []),
  ];
}

/** Whether all that a figure says is that hands decide: good and tight, hand tight, or one after the other. */
export const isByFeel = (figure: TorqueFigure): boolean =>
  movesOf(figure).every(({ form }) => form === "snug" || form === "hand tight");

/** Whether fingers are all that ever turns it: a wing nut, a plug done up by hand. */
export function isByHand(fastener: Pick<Fastener, "figure" | "name">): boolean {
  const form = figureOf(fastener)?.form;
  return form === "hand tight" || form === "fitted" || form === "depth";
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
