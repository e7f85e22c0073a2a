import type { Fastener } from "../model/job";
import type { HeadSize } from "../quantity/head-size";
import type { TorqueFigure } from "../quantity/torque-figure";
import { type TorqueQuantity, quantityNm } from "../quantity/torque-quantity";
import type { TorqueUnit } from "../quantity/torque-unit";
import { type FastenerKind, habitOf, kindOfName } from "../thread/fastener-kind";
import { threadsOfHead } from "../thread/head-threads";
import { IMPOSSIBLE, type Judgement, inBothUnits, judgeTorque, sayJudgement } from "../thread/sane";
import { type StrengthClass, hasStrengths, isDefinedFor } from "../thread/strength";
import { type Thread, diameterMm, formatThread } from "../thread/thread";
import { endsInAngle, holdingTorques, isBackedOff, passesOf } from "../torque/torques-of";

/** What is to be said against a figure. */
export interface Judged {
  says: string;
  /** True when the figure as written would break the fastener or leave it loose. */
  grave: boolean;
  /** The torque it is about, and how it was judged; undefined where the passes contradict each other. */
  torque?: TorqueQuantity;
  judgement?: Judgement;
}

/** Passes of one fastener that jump by more than this are a slip, even where each makes sense by itself. */
export const LARGEST_JUMP = 6;
/** What is done before an angle need not hold by itself: it may be so much less than what has to. */
const BEFORE_AN_ANGLE = 3;

/** What a fastener is, by its name and what is said of it. */
export function kindOf({ name, role, thread, sizeToDoUp, sizeToUndo }: Fastener): FastenerKind {
  if (role === "wheel") return "wheel bolt or nut";
  const kind = kindOfName(name);
  // A sensor with a small head and no thread of its own is held by a screw, and that is what is turned.
  return kind === "sensor or switch" && !thread && isSmall(sizeToDoUp ?? sizeToUndo) ? "bolt or nut" : kind;
}

function isSmall(head: HeadSize | undefined): boolean {
  if (!head) return false;
  return head.profile !== "hexagon" || (head.unit === "in" ? head.size * 25.4 : head.size) <= 13;
}

/** The cap or bowl of a filter is a thread of its own as wide as the filter: its hexagon says nothing of it. */
const FILTER_CAP = /\bfilter (?:housing )?(?:cap|cover|bowl|canister)$/i;

/** The thread that is written down, or those that the head or the kind usually has; none where nothing tells it. */
export function threadsOf(fastener: Fastener): readonly Thread[] {
  if (fastener.thread) return [fastener.thread];
  if (FILTER_CAP.test(fastener.name)) return [];
  const head = fastener.sizeToDoUp ?? fastener.sizeToUndo;
  if (!head) return [];
  const kind = kindOf(fastener);
  const habit = habitOf(kind);
  const ofHead = threadsOfHead(head);
  if (!habit) return ofHead;
  if (kind !== "wheel bolt or nut" && kind !== "castle nut") return habit.threads;
  const known = ofHead.filter((thread) =>
    habit.threads.some((usual) => Math.abs(diameterMm(usual) - diameterMm(thread)) < 0.01),
  );
  return known.length > 0 ? known : habit.threads;
}

/**
 * The first of a fastener's torques that cannot be right for it, or is doubtful; undefined when there is
 * nothing to say.
 * @param usual units that the vehicle and the plan's other figures are in. Example: 106 lb·ft on M6 → grave,
 * meant 106 lb·in.
 */
export function judgeFigure(fastener: Fastener, usual: readonly TorqueUnit[] = []): Judged | undefined {
  const { figure, strength, into } = fastener;
  if (!figure) return undefined;
  const jump = sayJump(figure);
  if (jump !== undefined) return { says: jump, grave: true };
  const threads = threadsOf(fastener);
  if (threads.length === 0) return undefined;
  if (threads.some((thread) => !hasStrengths(diameterMm(thread))))
    return {
      says: `${threads.map(formatThread).join(", ")} is thicker than the tables of strength go: its figure is not checked. Look it up twice.`,
      grave: false,
    };
  const found = holdingTorques(figure).flatMap((torque): Judged[] => {
    const known = threads.length === 1 && strength && definedFor(strength, threads) ? strength : undefined;
    const judgement = judgeTorque(torque, {
      threads,
      ...(into ? { into } : {}),
      strength: known,
      kind: kindOf(fastener),
      usual,
    });
    const says = sayJudgement(torque, judgement);
    // What was backed off is set with play, or only closes a gap: little is what is meant.
    if (judgement.verdict === "too little" && isBackedOff(figure)) return [];
    const enoughBeforeAngle =
      endsInAngle(figure) &&
      quantityNm(torque) < judgement.bandNm[1] &&
      quantityNm(torque) * BEFORE_AN_ANGLE > judgement.bandNm[0];
    if (says === undefined || (enoughBeforeAngle && judgement.verdict !== "more than the hole")) return [];
    return [{ says, grave: IMPOSSIBLE.includes(judgement.verdict), torque, judgement }];
  });
  return found.find(({ grave }) => grave) ?? found[0];
}

/** Whether a class is defined for threads this thick; one that is not tells nothing. */
function definedFor(strength: StrengthClass, threads: readonly Thread[]): boolean {
  return threads.every((thread) => isDefinedFor(strength, diameterMm(thread)));
}

/**
 * A sentence where the passes of a figure jump too far; undefined where they do not. Example: 35 lb·in then
 * 89 lb·ft → thirty times.
 */
export function sayJump(figure: TorqueFigure): string | undefined {
  const jumps = passesOf(figure).flatMap((run) =>
    run.flatMap((before, i) => run.slice(i + 1, i + 2).map((after) => [before, after] as const)),
  );
  for (const [before, after] of jumps) {
    const times = Math.max(quantityNm(after) / quantityNm(before), quantityNm(before) / quantityNm(after));
    if (times > LARGEST_JUMP) {
      const unlike =
        before.unit === after.unit
          ? "one of the two has a digit too many or too few"
          : "one of the two is in the wrong unit";
      return `${inBothUnits(before)} and then ${inBothUnits(after)} is a jump of ${Math.round(times)} times: ${unlike}. Look both up.`;
    }
  }
  return undefined;
}

/** A figure in short, for lists of like ones. */
export function firstTorque(figure: TorqueFigure | undefined): TorqueQuantity | undefined {
  return figure && holdingTorques(figure)[0];
}
