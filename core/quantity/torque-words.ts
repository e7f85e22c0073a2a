import type { TorqueFigure } from "./torque-figure";
import { type TorqueQuantity, convertTorque, formatTorque } from "./torque-quantity";
import { type TorqueUnit, torqueUnitInWords } from "./torque-unit";

/**
 * The figure in short, in the unit it was given in: "50 N·m + 90°", "18 to 24 N·m".
 */
export function formatFigure(figure: TorqueFigure): string {
  switch (figure.form) {
    case "value":
      return formatTorque(figure.torque);
    case "range":
      return figure.low.unit === figure.high.unit
        ? `${figure.low.value.toFixed(figure.low.decimals)} to ${formatTorque(figure.high)}`
        : `${formatTorque(figure.low)} to ${formatTorque(figure.high)}`;
    case "maximum":
      return `max ${formatTorque(figure.torque)}`;
    case "snug":
    case "hand tight":
      return figure.form;
    case "passes":
      return figure.torques.map(formatTorque).join(", then ");
    case "angle":
      return [formatFigure(figure.first), ...figure.anglesDeg.map((angle) => `${angle}°`)].join(" + ");
    case "turns":
      return turnsInWords(figure.turns);
  }
}

/**
 * A figure said back in whole words before it is kept, with the other everyday unit in brackets,
 * so that a slip between lb·in and lb·ft is seen at once.
 * Example: 106 lb·in → "106 pound-inches (12.0 N·m)".
 */
export function figureInWords(figure: TorqueFigure): string {
  switch (figure.form) {
    case "value":
      return inWords(figure.torque);
    case "range":
      return `between ${inWords(figure.low)} and ${inWords(figure.high)}, aimed at the middle`;
    case "maximum":
      return `no more than ${inWords(figure.torque, "down")}`;
    case "snug":
      return "snug: good and tight, no figure given";
    case "hand tight":
      return "hand tight: as far as fingers turn it, no tool";
    case "passes":
      return `${figure.torques.length} passes, all bolts at each: ${figure.torques.map((torque) => inWords(torque)).join(", then ")}`;
    case "angle":
      return `${figureInWords(figure.first)}, then ${figure.anglesDeg.map(angleInWords).join(", then ")}`;
    case "turns":
      return `${turnsInWords(figure.turns)}, back to the mark`;
  }
}

function inWords(quantity: TorqueQuantity, way: "nearest" | "down" = "nearest"): string {
  const other: TorqueUnit = quantity.unit === "N.m" ? "lbf.ft" : "N.m";
  const amount = quantity.value.toFixed(quantity.decimals);
  return `${amount} ${torqueUnitInWords(quantity.unit)} (${formatTorque(convertTorque(quantity, other, way))})`;
}

/** A hexagon has a flat every 60°: 90° is one and a half flats. */
function angleInWords(angleDeg: number): string {
  const flats = angleDeg / 60;
  const said = Number.isInteger(flats * 2)
    ? ` (${flats} ${flats === 1 ? "flat" : "flats"} of a hexagon)`
    : "";
  return `${angleDeg} degrees further${said}`;
}

function turnsInWords(turns: number): string {
  return `${turns} ${turns === 1 ? "turn" : "turns"}`;
}
