import { type Fitting, type Move, type TorqueFigure, movesOf } from "./torque-figure";
import { type TorqueQuantity, convertTorque, formatTorque } from "./torque-quantity";
import { type TorqueUnit, torqueUnitInWords } from "./torque-unit";

/**
 * The figure in short, in the unit it was given in: "50 N·m + 90°", "18 to 24 N·m". It reads back as the same
 * figure.
 */
export function formatFigure(figure: TorqueFigure): string {
  return movesOf(figure)
    .map((move, i) => {
      if (i === 0) return formatMove(move);
      return move.form === "angle" ? ` + ${formatMove(move)}` : `, then ${formatMove(move)}`;
    })
    .join("");
}

/** One move in short. Example: a back-off to the slot → "back off to the slot". */
export function formatMove(move: Move): string {
  switch (move.form) {
    case "value":
      return formatTorque(move.torque);
    case "range":
      return move.low.unit === move.high.unit
        ? `${move.low.value.toFixed(move.low.decimals)} to ${formatTorque(move.high)}`
        : `${formatTorque(move.low)} to ${formatTorque(move.high)}`;
    case "maximum":
      return `max ${formatTorque(move.torque)}`;
    case "snug":
    case "hand tight":
      return move.form;
    case "passes":
      return move.torques.map(formatTorque).join(", then ");
    case "angle":
      return `${move.degrees}°`;
    case "turns":
      return turnsInWords(move.turns);
    case "threads":
      return `until ${threadsInWords(move)} show`;
    case "depth":
      return depthInWords(move.belowMm);
    case "back off":
      return `back off ${backOffInWords(move.by)}`;
    case "fitted":
      return move.as;
  }
}

/**
 * A figure said back in whole words before it is kept, with the other everyday unit in brackets,
 * so that a slip between lb·in and lb·ft is seen at once.
 * Example: 106 lb·in → "106 pound-inches (12.0 N·m)".
 */
export function figureInWords(figure: TorqueFigure): string {
  return movesOf(figure).map(moveInWords).join(", then ");
}

function moveInWords(move: Move): string {
  switch (move.form) {
    case "value":
      return inWords(move.torque);
    case "range":
      return `between ${inWords(move.low)} and ${inWords(move.high)}, aimed at the middle`;
    case "maximum":
      return `no more than ${inWords(move.torque, "down")}`;
    case "snug":
      return "snug: good and tight, no figure given";
    case "hand tight":
      return "hand tight: as far as fingers turn it, no tool";
    case "passes":
      return `${move.torques.length} passes, all bolts at each: ${move.torques.map((torque) => inWords(torque)).join(", then ")}`;
    case "angle":
      return angleInWords(move.degrees);
    case "turns":
      return `${turnsInWords(move.turns)}, back to the mark`;
    case "threads":
      return `until ${threadsInWords(move)} stand out of the nut`;
    case "depth":
      return `driven in until it lies ${depthInWords(move.belowMm)}`;
    case "back off":
      return `backed off ${backOffInWords(move.by)}`;
    case "fitted":
      return FITTED[move.as];
  }
}

const FITTED: Readonly<Record<Fitting, string>> = {
  "spring clamp": "a spring clamp, back where it sat",
  "push clip": "a push clip, in until it clicks",
  "plastic nut": "a plastic nut, by hand until it sits",
};

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

/** "2 threads", "2 to 3 threads". */
export function threadsInWords({ least, most }: { least: number; most?: number | undefined }): string {
  if (most === undefined) return `${least} ${least === 1 ? "thread" : "threads"}`;
  return `${least} to ${most} threads`;
}

/** How deep something lies, said: 0 → "flush", 2 → "2 mm below the face", -2 → "2 mm proud". */
export function depthInWords(belowMm: number): string {
  if (belowMm === 0) return "flush";
  const mm = Number(Math.abs(belowMm).toFixed(2));
  return belowMm > 0 ? `${mm} mm below the face` : `${mm} mm proud`;
}

/** How far something is turned back, said. Example: 90 → "90°". */
export const backOffInWords = (by: Extract<Move, { form: "back off" }>["by"]): string =>
  typeof by === "number" ? `${by}°` : by;
