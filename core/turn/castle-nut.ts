import { InputError, requireNotNegative, requirePositive } from "../input-error";
import type { Band } from "../quantity/band";

export interface CastleNut {
  /** How far on, at most, the next slot meets the hole, degrees. */
  atMostDeg: number;
  /** How far on it is, when the gap between slot and hole is known. */
  onDeg: number | undefined;
}

/**
 * A castle nut with so many slots over one cross hole, tightened to its figure: how far on to the next slot.
 * The pin goes right through, so slots come in pairs.
 * @param slots an even number, 4 to 12.
 * @param slotShortDeg how far the nearest slot still is from the hole, in the tightening direction, degrees.
 * @throws InputError for a count that no castle nut has, or an angle beyond one slot.
 * Example: castleNut(6, 25) → at most 60°, here 25°.
 */
export function castleNut(slots: number, slotShortDeg?: number): CastleNut {
  if (!Number.isInteger(slots) || slots < 4 || slots > 12 || slots % 2 !== 0) {
    throw new InputError(
      "A castle nut has an even number of slots from 4 to 12, as the pin goes right through; six is usual.",
      "slots",
    );
  }
  const atMostDeg = 360 / slots;
  if (slotShortDeg === undefined) return { atMostDeg, onDeg: undefined };
  requireNotNegative(slotShortDeg, "The angle to the hole", "short");
  if (slotShortDeg > atMostDeg)
    throw new InputError(`With ${slots} slots the next one is never more than ${atMostDeg}° away.`, "short");
  return { atMostDeg, onDeg: slotShortDeg };
}

export type CastleVerdict = "pin it" | "not there yet" | "another washer";

/**
 * Whether the pin may go in at what the wrench read when slot and hole met. A nut is never turned back to
 * meet the hole.
 * @throws InputError unless the reading is positive.
 * Example: castleVerdict(72, [60, 80]) → "pin it"; 85 → "another washer".
 */
export function castleVerdict(readingNm: number, [low, high]: Band): CastleVerdict {
  requirePositive(readingNm, "The reading", "reading");
  if (readingNm > high * (1 + 1e-9)) return "another washer";
  return readingNm < low * (1 - 1e-9) ? "not there yet" : "pin it";
}
