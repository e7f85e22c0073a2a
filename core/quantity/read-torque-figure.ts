import { InputError } from "../input-error";
import type { TorqueFigure } from "../model/torque-figure";
import { type TorqueQuantity, quantityNm } from "./torque-quantity";
import type { TorqueUnit } from "./torque-unit";
import { readNumber } from "./read-number";

/*
 * Written forms of each unit, longest first where one begins another. The figure is matched
 * after spaces, dots, middle dots, hyphens and slashes between letters have become one space.
 */
const UNIT_WORDS: [RegExp, TorqueUnit][] = [
  [/^(?:knm|kn m|kilonewton met(?:er|re)s?)$/, "kN.m"],
  [/^(?:cnm|cn m|centinewton met(?:er|re)s?)$/, "cN.m"],
  [/^(?:dnm|dn m|decinewton met(?:er|re)s?)$/, "dN.m"],
  [/^(?:nm|n m|newton ?met(?:er|re)s?|newtons?)$/, "N.m"],
  [/^(?:(?:ft|foot|feet) ?(?:lbs?|lbf|pounds?)|(?:lbs?|lbf|pounds?) ?(?:ft|foot|feet)|pound force f(?:oo|ee)t)$/, "lbf.ft"],
  [/^(?:(?:in|inch|inches) ?(?:lbs?|lbf|pounds?)|(?:lbs?|lbf|pounds?) ?(?:in|inch|inches)|pound force inch(?:es)?)$/, "lbf.in"],
  [/^(?:(?:in|inch|inches) ?(?:ozs?|ozf|ounces?)|(?:ozs?|ozf|ounces?) ?(?:in|inch|inches))$/, "ozf.in"],
  [/^(?:kgf? ?cm|cm ?kgf?|kilogram force centimet(?:er|re)s?)$/, "kgf.cm"],
  [/^(?:kgf? ?m|m ?kgf?|mkp|kpm|kilogram force met(?:er|re)s?)$/, "kgf.m"],
];

const NUMBER = "[0-9][0-9\\s\\u00a0\\u2009\\u202f]*(?:[.,][0-9]+)?|[.,][0-9]+";

/** Torque unit named by a piece of text, however it is spelt; undefined when it names none. */
export function readTorqueUnit(text: string): TorqueUnit | undefined {
  const plain = text
    .trim()
    .toLowerCase()
    .replace(/[\s.·⋅*\-/–]+/g, " ")
    .trim();
  return UNIT_WORDS.find(([pattern]) => pattern.test(plain))?.[1];
}

/**
 * Reads a torque figure as people write it.
 *
 * Takes one value, a range, a maximum, "snug", passes, torque then one or more angles, and counted turns.
 * A unit said once at the end stands for every number before it. A number without any unit is refused:
 * the difference between lb·in and lb·ft is twelvefold.
 * @throws InputError with a sentence for the person who typed it.
 * Example: readTorqueFigure("50 Nm + 90°") → { form: "angle", torque: 50 N·m, anglesDeg: [90] }.
 */
export function readTorqueFigure(text: string): TorqueFigure {
  const typed = text.trim();
  if (typed === "") throw new InputError('Type a torque, such as "35 ft lbs", or "snug".', "torque");
  const plain = typed.toLowerCase().replace(/[’‘]/g, "'").replace(/[−‒]/g, "-");
  if (/^(?:just )?(?:snug|good and tight|nipped up|hand tight)$/.test(plain)) return { form: "snug" };

  const angleParts = splitAngles(plain);
  if (angleParts.angles.length > 0) {
    const [torque, ...more] = readTorques(angleParts.torque, typed);
    if (!torque || more.length > 0) {
      throw new InputError(`"${typed}" has more than one torque before its angle. Put earlier passes in a step of their own.`, "torque");
    }
    return { form: "angle", torque, anglesDeg: angleParts.angles };
  }

  const turns = /^(?:do up |back )?(.+?)\s*turns?(?: back(?: to (?:the )?mark)?)?$/.exec(plain);
  if (turns) return { form: "turns", turns: positive(turns[1] ?? "", "The number of turns") };

  const maximum = /^(?:max(?:imum)?\.?(?: of)?|up to|no more than|not over|at most|<=?|≤)\s*(.+)$/.exec(plain) ?? /^(.+?)\s*(?:max(?:imum)?\.?|or less)$/.exec(plain);
  if (maximum) return { form: "maximum", torque: single(readTorques(maximum[1] ?? "", typed), typed) };

  const range = readRange(plain, typed);
  if (range) return range;

  const passes = readTorques(plain, typed);
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
function readRange(text: string, typed: string): TorqueFigure | undefined {
  const number = `(${NUMBER})`;
  const unit = "([^0-9]*?)";
  const match =
    new RegExp(`^${number}\\s*${unit}\\s*(?:-|–|—|\\.\\.\\.?|…|\\bto\\b)\\s*${number}\\s*([^0-9]*)$`).exec(text) ??
    new RegExp(`^between\\s+${number}\\s*${unit}\\s*and\\s+${number}\\s*([^0-9]*)$`).exec(text);
  if (!match) return undefined;
  const [, lowText = "", lowUnit = "", highText = "", highUnit = ""] = match;
  const high = quantity(highText, highUnit, typed);
  const low = quantity(lowText, lowUnit.trim() === "" ? highUnit : lowUnit, typed);
  if (quantityNm(low) >= quantityNm(high)) {
    throw new InputError(`"${typed}" runs from more to less. Put the smaller figure first, or "then" between two passes.`, "torque");
  }
  return { form: "range", low, high };
}

/** One or more torques in order: "20, 40, 60 Nm", "first to 20 Nm then to 40 Nm". */
function readTorques(text: string, typed: string): TorqueQuantity[] {
  const cleaned = text.replace(/^(?:first(?: to)?|to)\s+/, "");
  const pieces = cleaned
    .split(/\s*(?:;|\/(?=\s*[0-9])|,\s+|\+|\bthen(?: to)?\b|\band then\b)\s*/)
    .map((piece) => piece.replace(/^(?:to|finally|second|third)\s+/, "").trim())
    .filter((piece) => piece !== "");
  if (pieces.length === 0) throw new InputError(`"${typed}" has no torque in it. Type a number and its unit.`, "torque");
  const parsed = pieces.map((piece) => {
    const match = new RegExp(`^(${NUMBER})\\s*(.*)$`).exec(piece);
    if (!match) throw new InputError(`"${piece}" was not understood. Write a number and its unit, such as "35 ft lbs".`, "torque");
    return { number: match[1] ?? "", unit: (match[2] ?? "").trim() };
  });
  const lastUnit = parsed[parsed.length - 1]?.unit ?? "";
  const torques = parsed.map((piece) => quantity(piece.number, piece.unit === "" ? lastUnit : piece.unit, typed));
  if (torques.length > 6) throw new InputError("More than six passes is more than can be kept apart. Split them over two steps.", "torque");
  return torques;
}

function quantity(numberText: string, unitText: string, typed: string): TorqueQuantity {
  const { value, decimals } = readNumber(numberText, "The torque", "torque");
  if (value <= 0) throw new InputError("A torque of nothing holds nothing. Type a number above zero.", "torque");
  if (value > 1e6) throw new InputError(`"${typed}" is more than any wrench can give. Check the number.`, "torque");
  if (unitText.trim() === "") {
    throw new InputError(`"${typed}" has no unit. Add Nm, ft lb, in lb or kgf m: a foot-pound is twelve inch-pounds.`, "torque");
  }
  const unit = readTorqueUnit(unitText);
  if (!unit) {
    throw new InputError(`"${unitText.trim()}" is not a unit of torque. Use Nm, ft lb, in lb or kgf m.`, "torque");
  }
  return { value, unit, decimals: Math.min(decimals, 6) };
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
