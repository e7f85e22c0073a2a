import { InputError, requireNotNegative, requirePositive } from "../input-error";

/**
 * Freezing point of ethylene glycol in water by share of volume, °C (ASHRAE Handbook, Fundamentals,
 * "Physical properties of secondary coolants", aqueous ethylene glycol).
 */
const FREEZING_C: readonly (readonly [share: number, celsius: number])[] = [
  [0, 0],
  [0.044, -1.4],
  [0.089, -3.2],
  [0.136, -5.4],
  [0.181, -7.8],
  [0.229, -10.7],
  [0.277, -14.1],
  [0.326, -17.9],
  [0.375, -22.3],
  [0.425, -27.5],
  [0.475, -33.8],
  [0.527, -41.1],
  [0.578, -48.3],
];

export interface CoolantMix {
  concentrateL: number;
  waterL: number;
  /** Freezing point of the mixture, °C; undefined beyond the table, where more concentrate protects less. */
  freezesAtC: number | undefined;
}

/** The amounts to be mixed; litres and shares from 0 to 1. */
export interface CoolantInput {
  /** What the whole system holds. */
  capacityL: number;
  /** What is left in it after draining. */
  leftL: number;
  /** Share of concentrate in what is left. */
  leftShare: number;
  /** Share wanted. */
  wantedShare: number;
}

/**
 * What to fill in after draining: concentrate x = c·V − c₀·R and water y = V − R − x.
 * @throws InputError for shares outside 0 to 100 %, for more left than the system holds, and where
 * more has to be drained first (saying how much).
 * Example: 7.2 L, 1.9 L left at 35 %, 50 % wanted → 2.935 L concentrate and 2.365 L water.
 */
export function coolantMix({ capacityL, leftL, leftShare, wantedShare }: CoolantInput): CoolantMix {
  requirePositive(capacityL, "The capacity", "capacity");
  requireNotNegative(leftL, "What is left", "left");
  requireShare(leftShare, "The share in what is left", "leftShare");
  requireShare(wantedShare, "The share wanted", "wanted");
  if (leftL >= capacityL)
    throw new InputError("Nothing has been drained: what is left is as much as the system holds.", "left");
  const concentrateL = wantedShare * capacityL - leftShare * leftL;
  const roomL = capacityL - leftL;
  if (concentrateL > roomL + 1e-9) {
    const mayStayL = (capacityL * (1 - wantedShare)) / (1 - leftShare);
    throw new InputError(
      `Even pure concentrate would not make it strong enough. Drain ${(leftL - mayStayL).toFixed(2)} L more first.`,
      "left",
    );
  }
  if (concentrateL < -1e-9) {
    const mayStayL = (wantedShare * capacityL) / leftShare;
    throw new InputError(
      `What is left is too strong already: even pure water leaves it above what is wanted. Drain ${(leftL - mayStayL).toFixed(2)} L more first.`,
      "left",
    );
  }
  return {
    concentrateL: Math.max(0, concentrateL),
    waterL: Math.max(0, roomL - concentrateL),
    freezesAtC: freezingPointC(wantedShare),
  };
}

/**
 * Freezing point of a share of ethylene glycol by volume, °C, by straight lines between the table's rows;
 * undefined beyond its end.
 */
export function freezingPointC(share: number): number | undefined {
  requireShare(share, "The share", "wanted");
  const after = FREEZING_C.findIndex(([at]) => at >= share);
  const above = FREEZING_C[after];
  if (!above) return undefined;
  const below = FREEZING_C[after - 1];
  if (!below) return above[1];
  return below[1] + ((above[1] - below[1]) * (share - below[0])) / (above[0] - below[0]);
}

function requireShare(share: number, what: string, field: string): void {
  requireNotNegative(share, what, field);
  if (share > 1) throw new InputError(`${what} is at most 100 %.`, field);
}
