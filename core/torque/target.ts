import { type Fitting, type Move, type TorqueFigure, movesOf } from "../quantity/torque-figure";
import { type TorqueQuantity, quantityNm } from "../quantity/torque-quantity";

/**
 * A single figure names no limits of its own, so its band is judged against this much either side:
 * twice and a half the ±4 % that ISO 6789-1:2017 permits a wrench above 10 N·m. Shown as an assumption.
 */
export const SINGLE_FIGURE_TOLERANCE = 0.1;

/** What is done to a fastener once it is tight, so that it stays so; a split pin has a step of its own. */
export const LOCKED_AFTER = ["tab washer", "lock wire", "staked", "peened"] as const;
export type LockedAfter = (typeof LOCKED_AFTER)[number];

/** What one pull of the wrench should give the bolt, N·m. */
export interface TorqueTarget {
  aimNm: number;
  lowNm: number;
  highNm: number;
  /** True when nothing above `highNm` is acceptable and no lower end was given. */
  isMaximum: boolean;
}

/** One thing done to every bolt of a fastener in turn before the next begins. */
export type Stage =
  | { kind: "torque"; target: TorqueTarget; given: TorqueQuantity; label: string }
  | { kind: "angle"; angleDeg: number; label: string }
  | { kind: "turns"; turns: number; label: string }
  | { kind: "snug" | "hand tight"; label: string }
  | { kind: "threads"; least: number; most?: number | undefined; label: string }
  | { kind: "depth"; belowMm: number; label: string }
  | { kind: "back off"; by: Extract<Move, { form: "back off" }>["by"]; label: string }
  | { kind: "fitted"; as: Fitting; label: string }
  /** What keeps it from coming undone is put to it once it is tight. */
  | { kind: "lock"; by: LockedAfter; label: string }
  /** Nothing was written down of how tight it should be: said so, and never taken for "good and tight". */
  | { kind: "no figure"; label: string };

/**
 * The stages a figure asks for, in order: one for a value, one a pass, and one for each further move.
 * Torque-then-angle is never collapsed into one torque.
 * Example: stagesOf(50 N·m + 90°) → [torque 50 N·m, angle 90°].
 */
export function stagesOf(figure: TorqueFigure): Stage[] {
  const moves = movesOf(figure);
  const stages = moves.flatMap(stagesOfMove);
  if (moves.length === 1) return stages;
  const alike = (stage: Stage) => stages.filter(({ kind }) => kind === stage.kind);
  return stages.map((stage, i): Stage => {
    const many = alike(stage);
    if (stage.kind === "angle")
      return { ...stage, label: many.length > 1 ? `${nth(many.indexOf(stage))} angle` : "then angle" };
    if (i === 0 && stage.label === "") return { ...stage, label: `${stage.kind} first` };
    if (stage.kind === "torque" && many.length > 1)
      return { ...stage, label: `${nth(many.indexOf(stage))} pass` };
    return { ...stage, label: `then ${stage.kind}` };
  });
}

function stagesOfMove(move: Move): Stage[] {
  switch (move.form) {
    case "value":
      return [torqueStage(move.torque, "")];
    case "range":
      return [rangeStage(move)];
    case "maximum": {
      const highNm = quantityNm(move.torque);
      return [
        {
          kind: "torque",
          target: { aimNm: highNm, lowNm: 0, highNm, isMaximum: true },
          given: move.torque,
          label: "",
        },
      ];
    }
    case "snug":
    case "hand tight":
      return [{ kind: move.form, label: "" }];
    case "passes": {
      const last = move.torques.length - 1;
      return move.torques.map((torque, i) =>
        torqueStage(torque, i === last ? "final pass" : `${nth(i)} pass`),
      );
    }
    case "angle":
      return [{ kind: "angle", angleDeg: move.degrees, label: "" }];
    case "turns":
      return [{ kind: "turns", turns: move.turns, label: "" }];
    case "threads":
      return [{ kind: "threads", least: move.least, most: move.most, label: "" }];
    case "depth":
      return [{ kind: "depth", belowMm: move.belowMm, label: "" }];
    case "back off":
      return [{ kind: "back off", by: move.by, label: "" }];
    case "fitted":
      return [{ kind: "fitted", as: move.as, label: "" }];
  }
}

/** The one pull of a range, aimed at its middle. */
export function rangeStage({
  low,
  high,
}: Extract<Move, { form: "range" }>): Extract<Stage, { kind: "torque" }> {
  const lowNm = quantityNm(low);
  const highNm = quantityNm(high);
  const aimNm = (lowNm + highNm) / 2;
  const given =
    low.unit === high.unit
      ? { ...high, value: (low.value + high.value) / 2, decimals: Math.max(low.decimals, high.decimals) + 1 }
      : { value: aimNm, unit: "N.m" as const, decimals: 1 };
  return { kind: "torque", target: { aimNm, lowNm, highNm, isMaximum: false }, given, label: "" };
}

function nth(i: number): string {
  return ["first", "second", "third", "fourth", "fifth", "sixth"][i] ?? `${i + 1}th`;
}

function torqueStage(torque: TorqueQuantity, label: string): Stage {
  return { kind: "torque", target: targetFor(quantityNm(torque)), given: torque, label };
}

/** The target of one value that names no limits of its own. */
export function targetFor(aimNm: number): TorqueTarget {
  return {
    aimNm,
    lowNm: aimNm * (1 - SINGLE_FIGURE_TOLERANCE),
    highNm: aimNm * (1 + SINGLE_FIGURE_TOLERANCE),
    isMaximum: false,
  };
}
