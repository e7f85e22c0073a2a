import { InputError } from "../input-error";
import type { Band } from "../quantity/band";
import { readNumber } from "../quantity/read-number";

/**
 * Nut factor K by the state of the thread, least and most. Typical bands from fastener practice
 * (the short form torque equation T = K·d·F); the scatter within one state is as large as these.
 */
export const NUT_FACTOR = {
  dry: [0.17, 0.22],
  plated: [0.18, 0.22],
  "light oil": [0.14, 0.18],
  "wet threadlocker": [0.14, 0.2],
  "anti-seize": [0.1, 0.15],
  "moly paste": [0.09, 0.13],
} as const satisfies Record<string, Band>;
export type ThreadCondition = keyof typeof NUT_FACTOR;
export const THREAD_CONDITIONS = Object.keys(NUT_FACTOR) as ThreadCondition[];

/**
 * A band of nut factors as typed: "0.12 to 0.16", "0,12-0,16", or one value.
 * @throws InputError unless both lie between 0.04 and 0.5, least first. Example: readNutFactor("0.12-0.16",
 * "K") → [0.12, 0.16].
 */
export function readNutFactor(text: string, what: string, field?: string): Band {
  const [first = "", second = first, ...more] = text.split(/\s*(?:-|–|\bto\b)\s*/);
  const band: Band = [readNumber(first, what, field).value, readNumber(second, what, field).value];
  if (more.length > 0 || band[0] > band[1] || band[0] < 0.04 || band[1] > 0.5) {
    throw new InputError(
      `${what} is a nut factor or a band of it between 0.04 and 0.5, least first, like 0.12 to 0.16.`,
      field,
    );
  }
  return band;
}
