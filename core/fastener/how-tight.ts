import type { Fastener } from "../model/job";
import { type Fitting, type TorqueFigure, movesOf } from "../quantity/torque-figure";
import { LOCKED_AFTER, type Stage, stagesOf } from "../torque/target";

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
