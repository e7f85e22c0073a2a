import { InputError } from "../input-error";
import { readNumber, refuseStrange } from "./read-number";
import type { TorqueQuantity } from "./torque-quantity";
import type { TorqueUnit } from "./torque-unit";

/*
 * Written forms of each unit, longest first where one begins another. The figure is matched
 * after spaces, dots, middle dots, hyphens and slashes between letters have become one space.
 */
const UNIT_WORDS: [RegExp, TorqueUnit][] = [
  [/^(?:knm|kn m|kilonewton met(?:er|re)s?)$/, "kN.m"],
  [/^(?:cnm|cn m|centinewton met(?:er|re)s?)$/, "cN.m"],
  [/^(?:dnm|dn m|decinewton met(?:er|re)s?)$/, "dN.m"],
  [/^(?:nm|n m|newton ?met(?:er|re)s?)$/, "N.m"],
  [/^(?:(?:ft|foot|feet) ?(?:lbs?|lbf|pounds?)|(?:lbs?|lbf|pounds?) ?(?:ft|foot|feet)|pounds? force f(?:oo|ee)t)$/, "lbf.ft"],
  [/^(?:(?:in|inch|inches) ?(?:lbs?|lbf|pounds?)|(?:lbs?|lbf|pounds?) ?(?:in|inch|inches)|pounds? force inch(?:es)?)$/, "lbf.in"],
  [/^(?:(?:in|inch|inches) ?(?:ozs?|ozf|ounces?)|(?:ozs?|ozf|ounces?) ?(?:in|inch|inches))$/, "ozf.in"],
  [/^(?:kgf? ?cm|cm ?kgf?|kilograms? force centimet(?:er|re)s?|kilogram centimet(?:er|re)s?)$/, "kgf.cm"],
  [/^(?:kgf? ?m|m ?kgf?|mkp|kpm|kp m|kilograms? force met(?:er|re)s?|kilogram met(?:er|re)s?)$/, "kgf.m"],
];

/** A number within a torque figure, as a pattern: fractions, grouped thousands, comma or point. */
export const TORQUE_NUMBER = "(?:[0-9]+(?:\\s+|-))?[0-9]+\\/[0-9]+|[0-9][0-9\\s\\u00a0\\u2009\\u202f]*(?:[.,][0-9]+)?|[.,][0-9]+";

const MANY_SPELLINGS = 500;
const met = new Map<string, TorqueUnit>();

/** Torque unit named by a piece of text, however it is spelt; undefined when it names none. */
export function readTorqueUnit(text: string): TorqueUnit | undefined {
  const known = met.get(text);
  if (known) return known;
  const plain = text
    .trim()
    .toLowerCase()
    .replace(/[\s.·⋅•*\-/–]+/g, " ")
    .trim();
  const unit = UNIT_WORDS.find(([pattern]) => pattern.test(plain))?.[1];
  if (unit && met.size < MANY_SPELLINGS) met.set(text, unit);
  return unit;
}

/**
 * One torque as typed: a number and its unit.
 * @param unit taken where none is written, as when a field shows its unit beside it.
 * @throws InputError saying what could not be read. Example: readTorque("35 ft lbs") → 35 lb·ft.
 */
export function readTorque(text: string, unit?: TorqueUnit): TorqueQuantity {
  const plain = readPlain(text);
  if (plain) return plain;
  const typed = text.trim();
  refuseStrange(typed, "The torque", "torque");
  const match = new RegExp(`^(${TORQUE_NUMBER})\\s*(.*)$`).exec(typed);
  if (match) return torqueFrom(match[1] ?? "", match[2] ?? "", typed, unit);
  // Not begun by a number: the number's own sentence says why.
  readNumber(typed, "The torque", "torque");
  throw new InputError(`"${typed}" was not understood. Write a number and its unit, such as "35 ft lbs".`, "torque");
}

const NOUGHT = 48;
const NINE = 57;
const POINT = 46;
const SPACE = 32;

/**
 * The usual case in one pass: digits, perhaps a point and digits, perhaps a space, and a unit that was met before.
 * Anything else is left to the careful reading. Twelve digits and six decimals are exact as a quotient of whole numbers.
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
  const unit = met.get(text.slice(text.charCodeAt(at) === SPACE ? at + 1 : at));
  return unit && { value, unit, decimals };
}

/**
 * A torque from its number and its unit as they were written.
 * @param typed the whole text, for the sentences. @throws InputError as readTorque.
 */
export function torqueFrom(numberText: string, unitText: string, typed: string, unitIfNone: TorqueUnit | undefined): TorqueQuantity {
  const { value, decimals } = readNumber(numberText, "The torque", "torque");
  if (value <= 0) throw new InputError("A torque of nothing holds nothing. Type a number above zero.", "torque");
  if (value > 1e6) throw new InputError(`"${typed}" is more than any wrench can give. Check the number.`, "torque");
  const written = unitText.trim();
  const unit = written === "" ? unitIfNone : readTorqueUnit(written);
  if (unit) return { value, unit, decimals: Math.min(decimals, 6) };
  if (written === "") throw new InputError(`"${typed}" has no unit. Add Nm, ft lb, in lb or kgf m: a foot-pound is twelve inch-pounds.`, "torque");
  throw new InputError(`"${written}" is not a unit of torque. Use Nm, ft lb, in lb or kgf m.`, "torque");
}
