import { requireFinite, requireNotNegative, requirePositive } from "../input-error";

export interface CountedTurns {
  /** Turns in all, with the part of one that the mark shows. */
  turns: number;
  travelMm: number;
}

/**
 * Turns counted off and where a mark stood before and after: as many go on again, to the same mark.
 * Undoing goes anticlockwise, so a mark that went from 12 to 9 shows a quarter turn more.
 * @param wholeTurns whole turns counted each time the mark came by. @param fromClock, toClock hours of the
 * mark.
 * @throws InputError for negative turns, or a pitch that is not positive.
 * Example: 6 whole turns, mark from 12 to 9, pitch 1.5 → 6.25 turns, 9.375 mm.
 */
export function countedTurns(
  wholeTurns: number,
  fromClock: number,
  toClock: number,
  pitchMm: number,
): CountedTurns {
  requireNotNegative(wholeTurns, "The turns", "turns");
  requireFinite(fromClock, "The mark", "markBefore");
  requireFinite(toClock, "The mark", "markAfter");
  requirePositive(pitchMm, "The pitch", "thread");
  const part = (((fromClock - toClock) % 12) + 12) % 12;
  const turns = wholeTurns + part / 12;
  return { turns, travelMm: turns * pitchMm };
}
