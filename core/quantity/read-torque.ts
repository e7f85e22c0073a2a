import { InputError } from "../input-error";
import { readTorqueFigure } from "./read-torque-figure";
import { readTorqueUnit } from "./read-torque-unit";
import {
  LEAST_TORQUE_NM,
  MOST_TORQUE_NM,
  type TorqueQuantity,
  formatTorque,
  quantityNm,
} from "./torque-quantity";
import type { TorqueUnit } from "./torque-unit";

/**
 * Reads the one torque that a calculation needs, in any form that comes to one: two units that agree are one.
 * @param unit taken where none is written, as when a field shows its unit beside it.
 * @throws InputError as readTorqueFigure, and where it is more than one plain torque: which of them is meant is
 * for the person to say. Example: readTorque("35 ft lbs") → 35 lb·ft.
 */
export function readTorque(text: string, unit?: TorqueUnit): TorqueQuantity {
  const plain = readPlain(text);
  if (plain) return plain;
  const figure = readTorqueFigure(text, unit);
  if (figure.form === "value") return figure.torque;
  const such =
    figure.form === "range"
      ? `: ${formatTorque(figure.low)}, ${formatTorque(figure.high)} or one between`
      : "";
  throw new InputError(
    `"${text.trim()}" is not one plain torque. Write the one to reckon with${such}.`,
    "torque",
  );
}

const NOUGHT = 48;
const NINE = 57;
const POINT = 46;
const SPACE = 32;

/**
 * The usual case in one pass: digits, perhaps a point and digits, perhaps a space, and a unit. Anything else is left to the careful reading. Twelve digits and six decimals are exact as a
 * quotient of whole numbers.
 */
function readPlain(text: string): TorqueQuantity | undefined {
  let whole = 0;
  let at = 0;
  let decimals = 0;
  let point = false;
  for (; at < text.length && at < 13; at++) {
    const code = text.charCodeAt(at);
    if (code >= NOUGHT && code <= NINE) {
      whole = whole * 10 + (code - NOUGHT);
      if (point) decimals++;
    } else if (code === POINT && !point && at > 0) point = true;
    else break;
  }
  const value = whole / 10 ** decimals;
  if (at === 0 || (point && (decimals === 0 || decimals > 6)) || value <= 0 || value > 1e6) return undefined;
  const unit = readTorqueUnit(text.slice(text.charCodeAt(at) === SPACE ? at + 1 : at));
  if (!unit) return undefined;
  const torque = { value, unit, decimals };
  return isOnVehicle(torque) ? torque : undefined;
}

function isOnVehicle(torque: TorqueQuantity): boolean {
  const nm = quantityNm(torque);
  return nm >= LEAST_TORQUE_NM && nm <= MOST_TORQUE_NM;
}
