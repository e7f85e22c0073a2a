import type { TorqueFigure } from "../quantity/torque-figure";
import type { TorqueQuantity } from "../quantity/torque-quantity";

/** Every torque written in a figure, in its order; none for snug and for counted turns. */
export function torquesOf(figure: TorqueFigure): TorqueQuantity[] {
  switch (figure.form) {
    case "value":
    case "maximum":
      return [figure.torque];
    case "angle":
      return torquesOf(figure.first);
    case "range":
      return [figure.low, figure.high];
    case "passes":
      return figure.torques;
    case "snug":
    case "hand tight":
    case "turns":
      return [];
  }
}

/**
 * The torques of a figure that have to hold the joint: early passes are meant to be low and are left out,
 * also those before an angle.
 */
export function holdingTorques(figure: TorqueFigure): TorqueQuantity[] {
  if (figure.form === "angle") return holdingTorques(figure.first);
  return figure.form === "passes" ? figure.torques.slice(-1) : torquesOf(figure);
}

/** The figure with each of its torques changed. */
export function mapTorques<Figure extends TorqueFigure>(
  figure: Figure,
  change: (torque: TorqueQuantity) => TorqueQuantity,
): Figure {
  switch (figure.form) {
    case "value":
    case "maximum":
      return { ...figure, torque: change(figure.torque) };
    case "angle":
      return { ...figure, first: mapTorques(figure.first, change) };
    case "range":
      return { ...figure, low: change(figure.low), high: change(figure.high) };
    case "passes":
      return { ...figure, torques: figure.torques.map(change) };
    default:
      return figure;
  }
}
