import { type Move, type TorqueFigure, movesOf } from "../quantity/torque-figure";
import type { TorqueQuantity } from "../quantity/torque-quantity";

/** Every torque written in a figure, in its order; none for snug and for counted turns. */
export const torquesOf = (figure: TorqueFigure): TorqueQuantity[] => movesOf(figure).flatMap(torquesOfMove);

function torquesOfMove(move: Move): TorqueQuantity[] {
  switch (move.form) {
    case "value":
    case "maximum":
      return [move.torque];
    case "range":
      return [move.low, move.high];
    case "passes":
      return move.torques;
    default:
      return [];
  }
}

/**
 * The torques of a figure that have to hold the joint: early passes are meant to be low and are left out,
 * also those before an angle; one that is backed off again holds nothing.
 */
export function holdingTorques(figure: TorqueFigure): TorqueQuantity[] {
  const moves = movesOf(figure);
  const after = moves.slice(moves.findLastIndex(({ form }) => form === "back off") + 1);
  const last = after.findLast((move) => torquesOfMove(move).length > 0);
  if (!last) return [];
  return last.form === "passes" ? last.torques.slice(-1) : torquesOfMove(last);
}

/** Torques that follow each other upwards: what is backed off begins anew. */
export function passesOf(figure: TorqueFigure): TorqueQuantity[][] {
  const runs: TorqueQuantity[][] = [[]];
  for (const move of movesOf(figure)) {
    if (move.form === "back off") runs.push([]);
    else if (move.form === "value" || move.form === "passes") runs.at(-1)?.push(...torquesOfMove(move));
  }
  return runs.filter((run) => run.length > 1);
}

/** Whether something in it is turned back again. */
export const isBackedOff = (figure: TorqueFigure): boolean =>
  movesOf(figure).some(({ form }) => form === "back off");

/** Whether what holds is turned on from a torque by an angle. */
export const endsInAngle = (figure: TorqueFigure): boolean => movesOf(figure).at(-1)?.form === "angle";

/** The figure with each of its torques changed. */
export function mapTorques(
  figure: TorqueFigure,
  change: (torque: TorqueQuantity) => TorqueQuantity,
): TorqueFigure {
  return figure.form === "procedure"
    ? { ...figure, moves: figure.moves.map((move) => mapMove(move, change)) }
    : mapMove(figure, change);
}

function mapMove<One extends Move>(move: One, change: (torque: TorqueQuantity) => TorqueQuantity): One {
  switch (move.form) {
    case "value":
    case "maximum":
      return { ...move, torque: change(move.torque) };
    case "range":
      return { ...move, low: change(move.low), high: change(move.high) };
    case "passes":
      return { ...move, torques: move.torques.map(change) };
    default:
      return move;
  }
}

/** A figure, turned on from there by angles, degrees. Example: 50 N·m, [90] → 50 N·m + 90°. */
export const turnedOn = (figure: TorqueFigure, anglesDeg: readonly number[]): TorqueFigure => ({
  form: "procedure",
  moves: [...movesOf(figure), ...anglesDeg.map((degrees) => ({ form: "angle" as const, degrees }))],
});
