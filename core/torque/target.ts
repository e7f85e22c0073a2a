import type { TorqueFigure } from "../quantity/torque-figure";
import { type TorqueQuantity, quantityNm } from "../quantity/torque-quantity";

/**
 * A single figure names no limits of its own, so its band is judged against this much either side:
 * twice and a half the ±4 % that ISO 6789-1:2017 permits a wrench above 10 N·m. Shown as an assumption.
 */
export const SINGLE_FIGURE_TOLERANCE = 0.1;

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
  /** Nothing was written down of how tight it should be: said so, and never taken for "good and tight". */
  | { kind: "no figure"; label: string };

/**
 * The stages a figure asks for, in order: one for a value, one a pass, the torque and then each angle.
 * Torque-then-angle is never collapsed into one torque.
 * Example: stagesOf(50 N·m + 90°) → [torque 50 N·m, angle 90°].
 */
export function stagesOf(figure: TorqueFigure): Stage[] {
  switch (figure.form) {
    case "value":
      return [torqueStage(figure.torque, "")];
    case "range": {
      const lowNm = quantityNm(figure.low);
      const highNm = quantityNm(figure.high);
      const middle = {
        ...figure.high,
        value: (figure.low.value + figure.high.value) / 2,
        decimals: Math.max(figure.low.decimals, figure.high.decimals) + 1,
      };
      const given =
        figure.low.unit === figure.high.unit
          ? middle
          : { value: (lowNm + highNm) / 2, unit: "N.m" as const, decimals: 1 };
      return [
        {
          kind: "torque",
          target: { aimNm: (lowNm + highNm) / 2, lowNm, highNm, isMaximum: false },
          given,
          label: "",
        },
      ];
    }
    case "maximum": {
      const highNm = quantityNm(figure.torque);
      return [
        {
          kind: "torque",
          target: { aimNm: highNm, lowNm: 0, highNm, isMaximum: true },
          given: figure.torque,
          label: "",
        },
      ];
    }
    case "snug":
    case "hand tight":
      return [{ kind: figure.form, label: "" }];
    case "passes": {
      const last = figure.torques.length - 1;
      return figure.torques.map((torque, i) =>
        torqueStage(torque, i === last ? "final pass" : `${nth(i)} pass`),
      );
    }
    case "angle":
      return [
        ...stagesOf(figure.first).map((stage, i): Stage => ({
          ...stage,
          label: stage.label === "" ? `${stage.kind} first` : `${nth(i)} pass`,
        })),
        ...figure.anglesDeg.map((angleDeg, i): Stage => ({
          kind: "angle",
          angleDeg,
          label: figure.anglesDeg.length > 1 ? `${nth(i)} angle` : "then angle",
        })),
      ];
    case "turns":
      return [{ kind: "turns", turns: figure.turns, label: "" }];
  }
}

function nth(i: number): string {
  return String(["first", "second", "third", "fourth", "fifth", "sixth"][i]);
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
