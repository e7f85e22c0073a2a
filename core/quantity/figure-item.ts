import { InputError } from "../input-error";
import type { FirstPart, TorqueFigure } from "./torque-figure";
import { quantityNm, type TorqueQuantity } from "./torque-quantity";

/** Two units given for one torque agree within this share, or within the rounding of either. */
export const AGREES_WITHIN = 0.02;
/** One part of a figure: a torque in whatever form, how tight by hand, or how far on. */
export type Item =
  | { kind: "value"; torque: TorqueQuantity; hasUnit: boolean; bare: string }
  | { kind: "range"; low: TorqueQuantity; high: TorqueQuantity }
  | { kind: "snug" | "hand tight" }
  | { kind: "on"; degrees: number; turns: number | undefined };
export function torquesIn(item: Item): TorqueQuantity[] {
  if (item.kind === "value") return [item.torque];
  if (item.kind === "range") return [item.low, item.high];
  return [];
}

/**
 * Whether two ways of giving one torque are the same, within two in a hundred or the last place that either
 * was given to.
 */
export function agree(a: TorqueQuantity, b: TorqueQuantity): boolean {
  const [aNm, bNm] = [quantityNm(a), quantityNm(b)];
  const rounding = (torque: TorqueQuantity, nm: number) => (nm / torque.value) * 0.5 * 10 ** -torque.decimals;
  return (
    Math.abs(aNm - bNm) <=
    Math.max(AGREES_WITHIN * Math.min(aNm, bNm), rounding(a, aNm) + 1e-9, rounding(b, bNm) + 1e-9)
  );
}

export function asNm(torque: TorqueQuantity): string {
  return `${quantityNm(torque).toFixed(1)} N·m`;
}

/** More of one kind than a person would set one after another. */
export const MOST = 6;
const MOST_TURNS = 200;

/** The figure that its parts make. @throws InputError where they make none. */
export function figureOf(typed: string, items: readonly Item[]): TorqueFigure {
  const [only, ...more] = items;
  if (!only) throw new InputError(`"${typed}" has no torque in it. Type a number and its unit.`, "torque");
  const firstOn = items.findIndex(({ kind }) => kind === "on");
  if (firstOn < 0) return firstOf(typed, items);
  if (only.kind === "on") {
    if (more.length === 0 && only.turns !== undefined) {
      if (only.turns > MOST_TURNS)
        throw new InputError(
          `"${typed}" is more turns than any thread has: at most ${MOST_TURNS}. Check the number.`,
          "torque",
        );
      return { form: "turns", turns: only.turns };
    }
    throw new InputError(
      `"${typed}" has an angle and no torque before it. Write what comes first, such as 30 Nm + 90° or hand tight + 90°.`,
      "torque",
    );
  }
  const angles = items.slice(firstOn).map((item) => (item.kind === "on" ? item.degrees : undefined));
  const anglesDeg = angles.filter((angle) => angle !== undefined);
  if (anglesDeg.length < angles.length)
    throw new InputError(`"${typed}" has a torque after its angle. Put it in a step of its own.`, "torque");
  if (anglesDeg.length > MOST)
    throw new InputError(
      `More than ${MOST} angles are more than can be kept apart. Split them over two steps.`,
      "torque",
    );
  if (anglesDeg.some((angle) => angle > 720))
    throw new InputError(`"${typed}" turns on by more than two turns. Check the angle.`, "torque");
  return { form: "angle", first: firstOf(typed, items.slice(0, firstOn)), anglesDeg };
}

function firstOf(typed: string, items: readonly Item[]): FirstPart {
  const [only, ...more] = items;
  if (more.length === 0 && only?.kind === "range") return { form: "range", low: only.low, high: only.high };
  if (more.length === 0 && (only?.kind === "snug" || only?.kind === "hand tight")) return { form: only.kind };
  const torques = items.map((item) => {
    if (item.kind === "value") return item.torque;
    throw new InputError(
      `"${typed}" mixes passes with ${item.kind === "range" ? "a range" : `"${item.kind}"`}. Put each in a step of its own.`,
      "torque",
    );
  });
  if (torques.length > MOST)
    throw new InputError(
      "More than six passes is more than can be kept apart. Split them over two steps.",
      "torque",
    );
  const [torque] = torques;
  if (!torque) throw new InputError(`"${typed}" has no torque in it. Type a number and its unit.`, "torque");
  return torques.length === 1 ? { form: "value", torque } : { form: "passes", torques };
}
