import { requirePositive } from "../input-error";
import { type Band, around } from "../quantity/band";

/**
 * The two sides of a vehicle differ: driver's side, tank, what lies in it. Taken as this much either way of
 * the half.
 */
const SIDE_TO_SIDE = 0.1;

export interface StandJudgement {
  /** What one stand may carry, kg. */
  bandKg: Band;
  /** The most of that against the rating: 0.4 is four tenths of what it may carry. */
  ratio: number;
  holds: boolean;
}

/** What one stand may carry when half of its end is this much, kg. Example: 450 → 405 to 495. */
export function standBandKg(loadKg: number): Band {
  requirePositive(loadKg, "The load", "load");
  return around(loadKg, SIDE_TO_SIDE);
}

/**
 * One stand, or a jack, judged by the most it may have to carry.
 * @param loadKg half of the end for a stand, all of it for a jack. @param ratingKg of this one stand, not of
 * a pair.
 * @throws InputError unless both are positive. Example: 450 kg on 1500 kg → up to 495, ratio 0.33, holds.
 */
export function judgeStand(loadKg: number, ratingKg: number): StandJudgement {
  requirePositive(ratingKg, "The rating", "rating");
  const bandKg = standBandKg(loadKg);
  return { bandKg, ratio: bandKg[1] / ratingKg, holds: bandKg[1] <= ratingKg };
}
