import { InputError } from "../input-error";
import type { TorqueFigure } from "../model/torque-figure";
import { readNumber, refuseStrange } from "./read-number";
import { TORQUE_NUMBER, torqueFrom } from "./read-torque";
import { type TorqueQuantity, quantityNm } from "./torque-quantity";
import type { TorqueUnit } from "./torque-unit";

/**
 * Reads a torque figure as people write it.
 *
 * Takes one value, a range, a maximum, "snug", passes, torque then one or more angles, and counted turns.
 * A unit said once at the end stands for every number before it. A number without any unit is refused:
 * the difference between lb·in and lb·ft is twelvefold.
 * @param unit taken where none is written at all, as when a field shows its unit beside it.
 * @throws InputError with a sentence for the person who typed it.
 * Example: readTorqueFigure("50 Nm + 90°") → { form: "angle", torque: 50 N·m, anglesDeg: [90] }.
 */
export function readTorqueFigure(text: string, unit?: TorqueUnit): TorqueFigure {
  const typed = text.trim();
  if (typed === "") throw new InputError('Type a torque, such as "35 ft lbs", or "snug".', "torque");
  refuseStrange(typed, "The torque", "torque");
  if (/^[-−]\s*\d/.test(typed)) throw new InputError("The torque cannot be less than zero. Leave the minus out.", "torque");
  const plain = typed.toLowerCase().replace(/[’‘]/g, "'").replace(/[−‒]/g, "-");
  if (/^(?:just )?(?:snug|good and tight|nipped up|hand tight)$/.test(plain)) return { form: "snug" };

  const angleParts = splitAngles(plain);
  if (angleParts.angles.length > 0) {
    const [torque, ...more] = readTorques(angleParts.torque, typed, unit);
    if (!torque || more.length > 0) {
      throw new InputError(`"${typed}" has more than one torque before its angle. Put earlier passes in a step of their own.`, "torque");
    }
    return { form: "angle", torque, anglesDeg: angleParts.angles };
  }

  const turns = /^(?:do up |back )?(.+?)\s*turns?(?: back(?: to (?:the )?mark)?)?$/.exec(plain);
  if (turns) return { form: "turns", turns: positive(turns[1] ?? "", "The number of turns") };

  const maximum = /^(?:max(?:imum)?\.?(?: of)?|up to|no more than|not over|at most|<=?|≤)\s*(.+)$/.exec(plain) ?? /^(.+?)\s*(?:max(?:imum)?\.?|or less)$/.exec(plain);
  if (maximum) return { form: "maximum", torque: single(readTorques(maximum[1] ?? "", typed, unit), typed) };

  const range = readRange(plain, typed, unit);
  if (range) return range;

  const passes = readTorques(plain, typed, unit);
  if (passes.length === 1) return { form: "value", torque: single(passes, typed) };
  return { form: "passes", torques: passes };
}

/** Cuts "+ 90°", "then 90 deg" and "+ quarter turn" off the end, leaving the torque in front of them. */
function splitAngles(text: string): { torque: string; angles: number[] } {
  const angles: number[] = [];
  let rest = text;
  const tail =
    /^(.*?)(?:\s*(?:\+|,|;|\bthen\b|\bplus\b|\band\b)|\s)\s*(?:then |plus |another |a further |an? )*((?:[0-9][0-9.,]*)\s*(?:°|º|deg(?:ree)?s?\b)|(?:quarter|half|1\/4|1\/2)(?: of)?(?: a)? turn)\.?$/;
  for (let match = tail.exec(rest); match; match = tail.exec(rest)) {
    const said = match[2] ?? "";
    angles.unshift(/quarter|1\/4/.test(said) ? 90 : /half|1\/2/.test(said) ? 180 : positive(said.replace(/\s*(?:°|º|deg.*)$/, ""), "The angle"));
    rest = match[1] ?? "";
  }
  return { torque: rest, angles };
}

/** "18-24 Nm", "18 Nm to 24 Nm", "between 18 and 24 Nm"; undefined when the text is not a range. */
function readRange(text: string, typed: string, unitIfNone: TorqueUnit | undefined): TorqueFigure | undefined {
  const number = `(${TORQUE_NUMBER})`;
  const unit = "([^0-9]*?)";
  const match =
    new RegExp(`^${number}\\s*${unit}\\s*(?:-|–|—|\\.\\.\\.?|…|\\bto\\b)\\s*${number}\\s*([^0-9]*)$`).exec(text) ??
    new RegExp(`^between\\s+${number}\\s*${unit}\\s*and\\s+${number}\\s*([^0-9]*)$`).exec(text);
  if (!match) return undefined;
  const [, lowText = "", lowUnit = "", highText = "", highUnit = ""] = match;
  const high = torqueFrom(highText, highUnit, typed, unitIfNone);
  const low = torqueFrom(lowText, lowUnit.trim() === "" ? highUnit : lowUnit, typed, unitIfNone);
  if (quantityNm(low) >= quantityNm(high)) {
    throw new InputError(`"${typed}" runs from more to less. Put the smaller figure first, or "then" between two passes.`, "torque");
  }
  return { form: "range", low, high };
}

/** One or more torques in order: "20, 40, 60 Nm", "first to 20 Nm then to 40 Nm". */
function readTorques(text: string, typed: string, unitIfNone: TorqueUnit | undefined): TorqueQuantity[] {
  const cleaned = text.replace(/^(?:first(?: to)?|to)\s+/, "");
  const pieces = cleaned
    .split(/\s*(?:;|\/(?=\s*[0-9])|,\s+|\+|\bthen(?: to)?\b|\band then\b)\s*/)
    .map((piece) => piece.replace(/^(?:to|finally|second|third)\s+/, "").trim())
    .filter((piece) => piece !== "");
  if (pieces.length === 0) throw new InputError(`"${typed}" has no torque in it. Type a number and its unit.`, "torque");
  const parsed = pieces.map((piece) => {
    const match = new RegExp(`^(${TORQUE_NUMBER})\\s*(.*)$`).exec(piece);
    if (!match) throw new InputError(`"${piece}" was not understood. Write a number and its unit, such as "35 ft lbs".`, "torque");
    return { number: match[1] ?? "", unit: (match[2] ?? "").trim() };
  });
  const lastUnit = parsed[parsed.length - 1]?.unit ?? "";
  const torques = parsed.map((piece) => torqueFrom(piece.number, piece.unit === "" ? lastUnit : piece.unit, typed, unitIfNone));
  if (torques.length > 6) throw new InputError("More than six passes is more than can be kept apart. Split them over two steps.", "torque");
  return torques;
}

function single(torques: TorqueQuantity[], typed: string): TorqueQuantity {
  const [first, ...more] = torques;
  if (!first || more.length > 0) throw new InputError(`"${typed}" has more than one torque where one was expected.`, "torque");
  return first;
}

function positive(text: string, what: string): number {
  const { value } = readNumber(text, what, "torque");
  if (value <= 0) throw new InputError(`${what} must be more than zero.`, "torque");
  return value;
}
