import { InputError } from "../input-error";
import type { Move, TorqueFigure } from "./torque-figure";
import { quantityNm, type TorqueQuantity } from "./torque-quantity";

/** Two units given for one torque agree within this share, or within the rounding of either. */
export const AGREES_WITHIN = 0.02;
/** One part of a figure: a torque in whatever form, how far on, or a move that says all by itself. */
export type Item =
  | { kind: "value"; torque: TorqueQuantity; hasUnit: boolean; bare: string }
  | { kind: "range"; low: TorqueQuantity; high: TorqueQuantity }
  | { kind: "on"; degrees: number; turns: number | undefined }
  | { kind: "move"; move: Move };
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
  if (items.length === 0)
    throw new InputError(`"${typed}" has no torque in it. Type a number and its unit.`, "torque");
  const moves: Move[] = [];
  for (const item of items) {
    refuseOutOfPlace(typed, item, moves);
    const last = moves.at(-1);
    if (item.kind === "value" && last?.form === "value")
      moves.splice(-1, 1, { form: "passes", torques: [last.torque, item.torque] });
    else if (item.kind === "value" && last?.form === "passes")
      moves.splice(-1, 1, { form: "passes", torques: [...last.torques, item.torque] });
    else moves.push(moveOf(item, moves.length === 0));
  }
  if (moves.some((move) => move.form === "passes" && move.torques.length > MOST))
    throw new InputError(
      "More than six passes is more than can be kept apart. Split them over two steps.",
      "torque",
    );
  if (moves.filter(({ form }) => form === "angle").length > MOST)
    throw new InputError(
      `More than ${MOST} angles are more than can be kept apart. Split them over two steps.`,
      "torque",
    );
  if (moves.length > 2 * MOST)
    throw new InputError("That is more than one figure can hold. Split it over two steps.", "torque");
  const [only, ...more] = moves;
  if (only && more.length === 0 && only.form !== "angle" && only.form !== "back off") return only;
  return { form: "procedure", moves };
}

/** What a part is by itself: turns that nothing comes before are counted, after something they turn on. */
function moveOf(item: Item, isFirst: boolean): Move {
  switch (item.kind) {
    case "value":
      return { form: "value", torque: item.torque };
    case "range":
      return { form: "range", low: item.low, high: item.high };
    case "move":
      return item.move;
    case "on":
      return isFirst && item.turns !== undefined
        ? { form: "turns", turns: item.turns }
        : { form: "angle", degrees: item.degrees };
  }
}

/** @throws InputError where a part cannot follow those before it. */
function refuseOutOfPlace(typed: string, item: Item, before: readonly Move[]): void {
  const last = before.at(-1);
  if (item.kind === "on" && !last && item.turns === undefined)
    throw new InputError(
      `"${typed}" has an angle and no torque before it. Write what comes first, such as 30 Nm + 90° or hand tight + 90°.`,
      "torque",
    );
  if (item.kind === "on" && !last && (item.turns ?? 0) > MOST_TURNS)
    throw new InputError(
      `"${typed}" is more turns than any thread has: at most ${MOST_TURNS}. Check the number.`,
      "torque",
    );
  if (item.kind === "on" && last && item.degrees > 720)
    throw new InputError(`"${typed}" turns on by more than two turns. Check the angle.`, "torque");
  if (item.kind === "move" && item.move.form === "back off" && !last)
    throw new InputError(
      `"${typed}" backs off what nothing has tightened. Write what comes first, such as 30 Nm, back off to the slot.`,
      "torque",
    );
  const isTorque = item.kind === "value" || item.kind === "range";
  if (isTorque && last?.form === "angle")
    throw new InputError(`"${typed}" has a torque after its angle. Put it in a step of its own.`, "torque");
  const torqueBefore = last?.form === "value" || last?.form === "passes" || last?.form === "range";
  if ((item.kind === "range" && torqueBefore) || (isTorque && last?.form === "range"))
    throw new InputError(`"${typed}" mixes passes with a range. Put each in a step of its own.`, "torque");
}
