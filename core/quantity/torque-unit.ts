import { InputError, requireFinite } from "../input-error";
import { STANDARD_GRAVITY } from "./gravity";

/*
 * Exact by definition: the pound-force is 4.4482216152605 N (0.45359237 kg at 9.80665 m/s²),
 * the foot 0.3048 m, the inch 0.0254 m, standard gravity 9.80665 m/s²
 * (NIST SP 811, appendix B; international yard and pound agreement of 1959).
 */
const POUND_FORCE_N = 4.4482216152605;
const FOOT_M = 0.3048;
const INCH_M = 0.0254;

const NEWTON_METRES = {
  "N.m": 1,
  "cN.m": 0.01,
  "dN.m": 0.1,
  "kN.m": 1000,
  "lbf.ft": POUND_FORCE_N * FOOT_M,
  "lbf.in": POUND_FORCE_N * INCH_M,
  "ozf.in": (POUND_FORCE_N / 16) * INCH_M,
  "kgf.m": STANDARD_GRAVITY,
  "kgf.cm": STANDARD_GRAVITY / 100,
} as const;

export type TorqueUnit = keyof typeof NEWTON_METRES;

export const TORQUE_UNITS = Object.keys(NEWTON_METRES) as [TorqueUnit, ...TorqueUnit[]];

const SYMBOL: Record<TorqueUnit, string> = {
  "N.m": "N·m",
  "cN.m": "cN·m",
  "dN.m": "dN·m",
  "kN.m": "kN·m",
  "lbf.ft": "lb·ft",
  "lbf.in": "lb·in",
  "ozf.in": "oz·in",
  "kgf.m": "kgf·m",
  "kgf.cm": "kgf·cm",
};

const WORDS: Record<TorqueUnit, string> = {
  "N.m": "newton-metres",
  "cN.m": "centinewton-metres",
  "dN.m": "decinewton-metres",
  "kN.m": "kilonewton-metres",
  "lbf.ft": "pound-feet",
  "lbf.in": "pound-inches",
  "ozf.in": "ounce-inches",
  "kgf.m": "kilogram-force metres",
  "kgf.cm": "kilogram-force centimetres",
};

/** The unit as shown to a person: "N·m", "lb·ft". */
export function torqueSymbol(unit: TorqueUnit): string {
  return SYMBOL[unit];
}

/** The unit in words, for reading a figure back: "pound-feet". */
export function torqueUnitInWords(unit: TorqueUnit): string {
  return WORDS[unit];
}

/**
 * Torque in newton-metres.
 * @throws InputError for a value that is not finite or a unit not in TORQUE_UNITS.
 * Source: definitions above. Example: toNm(48, "lbf.ft") → 65.0793.
 */
export function toNm(value: number, unit: TorqueUnit): number {
  requireFinite(value, "The torque");
  return value * factor(unit);
}

/**
 * A torque in newton-metres told in another unit.
 * @throws InputError as toNm. Example: fromNm(62, "lbf.ft") → 45.728853.
 */
export function fromNm(torqueNm: number, unit: TorqueUnit): number {
  requireFinite(torqueNm, "The torque");
  return torqueNm / factor(unit);
}

function factor(unit: TorqueUnit): number {
  const found = NEWTON_METRES[unit] as number | undefined;
  if (found === undefined)
    throw new InputError(`"${String(unit)}" is not a unit of torque that is known here.`);
  return found;
}
