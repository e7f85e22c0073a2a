import { judgeFigure } from "../fastener/judge-figure";
import type { Phase } from "../model/job";
import type { HeadSize } from "../quantity/head-size";
import type { TorqueFigure } from "../quantity/torque-figure";
import { type TorqueQuantity, quantityNm } from "../quantity/torque-quantity";
import { TORQUE_UNITS, type TorqueUnit } from "../quantity/torque-unit";
import { formatFigure } from "../quantity/torque-words";
import { holdingTorques } from "../torque/torques-of";
import type { Group, Grouped, SaidFigure, SaidSize } from "./group";
import { groupsOf } from "./groups";
import { type Span, hear, spanOf } from "./heard";
import { listsOf } from "./lists";
import { withMarks } from "./marks/restore-marks";
import type { Measured } from "./measures-said";
import { stepsOf } from "./steps";
import { withoutTables } from "./tables";
import { termsOf } from "./terms";
import { unwrapped } from "./unwrapped";

export interface Said {
  name: string;
  span: Span;
}

export interface StoryFastener {
  name: string;
  aliases: readonly string[];
  count: number | undefined;
  undo: HeadSize | undefined;
  doUp: HeadSize | undefined;
  hold: HeadSize | undefined;
  figure: TorqueFigure | undefined;
  /** Its figure was said with doubt, or a size of it. */
  doubtful: boolean;
  doubtfulSize: boolean;
  traits: string[];
  spans: Span[];
  /** Told in two halves: what the half told last was called. */
  otherHalf: string | undefined;
  /** Its figure was told without a unit: what it may be. */
  inSomeUnit: readonly TorqueFigure[];
}

export interface StoryStep {
  phase: Phase;
  says: string;
  what: string;
  /** In the teller's words, where those are few. */
  own: string | undefined;
  fastener: number | undefined;
  span: Span;
}

/** A figure said in a unit that it cannot be in, and the one that it would be right in. */
export interface UnitSlip {
  fastener: number;
  said: TorqueQuantity;
  meant: TorqueQuantity;
}

/** A narration as a plan could hold it. */
export interface Story {
  text: string;
  fasteners: StoryFastener[];
  struck: Grouped["struck"];
  /**
   * Every size and figure that was said, for the marks in the text; a figure with the fastener it speaks of.
   */
  sizes: SaidSize[];
  figures: (SaidFigure & { fastener: number | undefined })[];
  slips: UnitSlip[];
  tools: Said[];
  consumables: Said[];
  parts: Said[];
  steps: StoryStep[];
  cautions: Said[];
  followUps: Said[];
  waits: (Said & { minutes: number | undefined })[];
  measures: Measured[];
}

/**
 * Reads a narration: an hour of captions, a memo, a page of notes. Nothing is guessed silently: what is not
 * to be used says why, what is said with doubt says so, and everything carries the words it came from. Takes
 * some 0.2 s for 1000 words: for a worker.
 */
export function readStory(text: string): Story {
  const { rest, groups: listed } = withoutTables(text);
  const flowing = unwrapped(rest);
  const grouped = groupsOf(hear(flowing, withMarks(termsOf(flowing))), listed);
  const { groups, loose, struck, terms, sizes } = grouped;
  const fasteners = groups.map(fastenerOf);
  const usual = unitsIn(fasteners);
  return {
    text,
    fasteners,
    struck,
    sizes: sizes.flatMap((size) =>
      size.kind === "head"
        ? [{ head: size.head, span: spanOf(terms, size.from, size.to), doubtful: false }]
        : [],
    ),
    figures: [
      ...groups.flatMap(({ figures }, fastener) => figures.map((figure) => ({ ...figure, fastener }))),
      ...loose.map((figure) => ({ ...figure, fastener: undefined })),
    ].sort((a, b) => a.span.start - b.span.start),
    slips: fasteners.flatMap(
      (one, fastener) =>
        restatedSlip(groups[fastener], fastener) ??
        twoUnits(groups[fastener], fastener) ??
        slipOf(one, usual, fastener),
    ),
    ...listsOf(grouped),
    steps: stepsOf(grouped).map(({ group, ...step }) => ({
      ...step,
      fastener: group ? groups.indexOf(group) : undefined,
    })),
  };
}

function fastenerOf(group: Group): StoryFastener {
  // What is known for sure before what is only heard or thought.
  const figure = group.figures.findLast(({ doubtful }) => !doubtful) ?? group.figures.at(-1);
  return {
    name: group.name,
    aliases: group.aliases,
    count: countOf(group),
    undo: (group.undo ?? group.doUp)?.head,
    doUp: (group.doUp ?? group.undo)?.head,
    hold: group.hold?.head,
    figure: figure?.figure ?? figureByTrait(group),
    // Two figures, neither taken back: which one is for the person to say.
    doubtful:
      figure?.doubtful === true || new Set(group.figures.map((one) => formatFigure(one.figure))).size > 1,
    doubtfulSize: group.undo?.doubtful === true || group.doUp?.doubtful === true,
    traits: [...group.traits].filter((trait) => trait !== "snug" && trait !== "hand tight"),
    spans: group.spans,
    otherHalf: group.otherHalf,
    inSomeUnit: group.figures.length > 0 ? [] : (group.inSomeUnit ?? []),
  };
}

function figureByTrait(group: Group): TorqueFigure | undefined {
  if (group.traits.has("hand tight")) return { form: "hand tight" };
  if (group.traits.has("snug")) return { form: "snug" };
  return undefined;
}

function countOf(group: Group): number | undefined {
  if (group.count === undefined) {
    if (isSingular(group.name)) return 1;
    return undefined;
  }
  return group.count * (group.perSide ? 2 : 1);
}

function unitsIn(fasteners: readonly StoryFastener[]): TorqueUnit[] {
  return [
    ...new Set(
      fasteners.flatMap(({ figure }) => (figure ? holdingTorques(figure).map(({ unit }) => unit) : [])),
    ),
  ];
}

/** "20 foot pounds, a touch over two newton metres": the unit in which both say the same. */
function restatedSlip(group: Group | undefined, fastener: number): UnitSlip[] | undefined {
  const figure = group?.figures.at(-1);
  const [said] = figure ? holdingTorques(figure.figure) : [];
  if (!figure?.restated || !said) return undefined;
  const { restated } = figure;
  const meant = [...SAID_UNITS, ...TORQUE_UNITS]
    .map((unit) => ({ ...said, unit }))
    .find((one) => Math.abs(quantityNm(one) / quantityNm(restated) - 1) < 0.2);
  return meant && [{ fastener, said, meant }];
}

/**
 * "18 inch pounds" at the bolt and "18 foot pounds" when it is summed up: one of them is a slip, and what was
 * said last and surest stands.
 */
function twoUnits(group: Group | undefined, fastener: number): UnitSlip[] | undefined {
  const said = (group?.figures ?? []).flatMap(({ figure }) =>
    figure.form === "value" ? [figure.torque] : [],
  );
  const meant = said.at(-1);
  const other = meant && said.find(({ value, unit }) => value === meant.value && unit !== meant.unit);
  return meant && other ? [{ fastener, said: other, meant }] : undefined;
}

/** As people speak, the commoner first. */
const SAID_UNITS: readonly TorqueUnit[] = ["lbf.in", "lbf.ft", "N.m", "kgf.m"];

/**
 * The same judgement as in the plan: a figure that this head cannot bear or would not hold, and the unit that
 * it fits in; first one that the text speaks in anyway.
 */
function slipOf(
  { name, count, undo, doUp, hold, figure }: StoryFastener,
  usual: readonly TorqueUnit[],
  fastener: number,
): UnitSlip[] {
  const head = doUp ?? undo;
  if (!figure || !head) return [];
  const asked = (one: TorqueFigure) => ({ id: "f", name, count: count ?? 1, sizeToUndo: head, figure: one });
  const judged = judgeFigure(asked(figure), usual);
  if (!judged?.torque || !judged.judgement || !judged.grave) return [];
  // A bolt and its nut are of one thread: what the other end's head bears is no slip, but a size read wrongly.
  if (hold && judgeFigure({ ...asked(figure), sizeToUndo: hold }, usual) === undefined) return [];
  const { torque } = judged;
  const spoken = usual.filter((unit) => unit !== torque.unit).map((unit) => ({ ...torque, unit }));
  const meant =
    judged.judgement.meant ??
    [...spoken, ...judged.judgement.candidates].find(
      (one) =>
        one.value === torque.value && judgeFigure(asked({ form: "value", torque: one }), usual) === undefined,
    );
  return meant ? [{ fastener, said: torque, meant }] : [];
}

/** "Drain plug" and "bolt on a tab" are one; "screws of the frame" are not. */
function isSingular(name: string): boolean {
  const words = name.split(" ");
  const last = words.at(-1) ?? "";
  // "nut of the pivot bolt": what stands before "of" is what there are so many of.
  const at = words.findIndex((word) => /^(?:of|on|in|at|for|that|along|under|behind)$/.test(word));
  const called = at > 0 ? (words[at - 1] ?? "") : last;
  return !/s$/.test(called) || /ss$/.test(called);
}
