import { InputError } from "../input-error";
import { isFraction, readNumber } from "./read-number";
import type { TorqueQuantity } from "./torque-quantity";
import type { TorqueUnit } from "./torque-unit";

interface UnitWords {
  /** Written forms; a space stands for any mark or none between the two words. */
  written: string;
  unit: TorqueUnit;
  /** How many of `unit` it is, as a power of ten; one where left out. */
  tens?: number;
}

const METRE = "met(?:er|re)s?";
const POUND = "(?:lbs?|lbf|pounds?(?: force)?)";
const FOOT = "(?:ft|foot|feet)";
const INCH = "(?:in|inch|inches)";
const OUNCE = "(?:ozs?|ozf|ounces?)";
const KILOGRAM = "(?:kgf?|kilograms?(?: force)?)";

/** Written forms of each unit. Decanewton-metres are kept as newton-metres. */
const UNIT_WORDS: readonly UnitWords[] = [
  { written: `kn m|kilonewton ${METRE}`, unit: "kN.m" },
  { written: `dan m|decanewton ${METRE}`, unit: "N.m", tens: 1 },
  { written: `cn m|centinewton ${METRE}`, unit: "cN.m" },
  { written: `dn m|decinewton ${METRE}`, unit: "dN.m" },
  { written: `n m|newton ${METRE}`, unit: "N.m" },
  { written: `${FOOT} ${POUND}|${POUND} ${FOOT}`, unit: "lbf.ft" },
  { written: `${INCH} ${POUND}|${POUND} ${INCH}`, unit: "lbf.in" },
  { written: `${INCH} ${OUNCE}|${OUNCE} ${INCH}`, unit: "ozf.in" },
  { written: `${KILOGRAM} (?:cm|centimet(?:er|re)s?)|cm ${KILOGRAM}`, unit: "kgf.cm" },
  { written: `${KILOGRAM} (?:m|${METRE})|m ${KILOGRAM}|mkp|kpm|kp m`, unit: "kgf.m" },
];

const BETWEEN = "[\\s.·⋅•*\\-/–]{0,3}";
const UNITS = UNIT_WORDS.map((words) => ({
  ...words,
  at: new RegExp(`(?:${words.written.replaceAll(" ", BETWEEN)})\\.?(?![a-z])`, "iy"),
}));

export interface FoundUnit {
  unit: TorqueUnit;
  tens: number;
  /** The first place after it. */
  to: number;
}

/** The torque unit that is written at a place of a text, however it is spelt; the longest of several. */
export function torqueUnitAt(text: string, at: number): FoundUnit | undefined {
  let found: FoundUnit | undefined;
  for (const { at: pattern, unit, tens = 0 } of UNITS) {
    pattern.lastIndex = at;
    if (pattern.test(text) && pattern.lastIndex > (found?.to ?? at))
      found = { unit, tens, to: pattern.lastIndex };
  }
  return found;
}

const MANY_SPELLINGS = 500;
const met = new Map<string, TorqueUnit>();

/**
 * Torque unit named by a piece of text, however it is spelt; undefined when it names none, or one that is not
 * kept as it is (daN·m).
 */
export function readTorqueUnit(text: string): TorqueUnit | undefined {
  const known = met.get(text);
  if (known) return known;
  const plain = text.trim();
  const found = torqueUnitAt(plain, 0);
  if (!found || found.to !== plain.length || found.tens !== 0) return undefined;
  if (met.size < MANY_SPELLINGS) met.set(text, found.unit);
  return found.unit;
}

/**
 * A torque from its number as written and its unit as found.
 * @param typed the whole text, for the sentences.
 * @param unitIfNone taken where none is written, as when a field shows its unit beside it.
 * @throws InputError saying what could not be read.
 */
export function torqueOf(
  numberText: string,
  found: Pick<FoundUnit, "unit" | "tens"> | undefined,
  typed: string,
  unitIfNone: TorqueUnit | undefined,
): TorqueQuantity {
  refuseTwoNumbers(numberText, typed);
  const { value, decimals } = readNumber(numberText, "The torque", "torque");
  if (value <= 0)
    throw new InputError("A torque of nothing holds nothing. Type a number above zero.", "torque");
  if (value > 1e6)
    throw new InputError(`"${typed}" is more than any wrench can give. Check the number.`, "torque");
  const unit = found?.unit ?? unitIfNone;
  if (!unit)
    throw new InputError(
      `"${typed}" has no unit. Add Nm, ft lb, in lb or kgf m: a foot-pound is twelve inch-pounds.`,
      "torque",
    );
  const tens = found?.tens ?? 0;
  return {
    value: Number((value * 10 ** tens).toPrecision(15)),
    unit,
    decimals: Math.max(0, Math.min(decimals, 6) - tens),
  };
}

/**
 * "40/60" is no fraction that anybody sets: it is two figures, and the mark between them does not say which
 * way.
 */
function refuseTwoNumbers(numberText: string, typed: string): void {
  const parts = /(\d+)\s?[/⁄]\s?(\d+)$/.exec(numberText);
  if (!isFraction(numberText) || !parts) return;
  const [above, below] = [Number(parts[1]), Number(parts[2])];
  if (above < below && [2, 3, 4, 5, 8, 10, 16].includes(below)) return;
  throw new InputError(
    `"${typed}" could be a fraction, a range or two passes. Write ${above}-${below}, or ${above} then ${below}.`,
    "torque",
  );
}
