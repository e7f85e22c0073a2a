import { InputError, requirePositive } from "../input-error";

interface Row {
  /** Up to and with this diameter, mm. */
  upToMm: number;
  /** Stress under proof load, N/mm². */
  proof: number;
  /** Yield, or the stress at 0.2 % lasting strain, N/mm². */
  yield: number;
}

const KSI = 6.894757;

/**
 * Proof and yield by class, with the size breaks the standards have.
 * Sources: ISO 898-1:2013 tables 3 and 5 (4.6 to 12.9); SAE J429 table 1 (grades, in ksi);
 * ISO 3506-1 (A2-70, which states the stress at 0.2 % and no separate proof).
 */
const STRENGTHS = {
  "4.6": [{ upToMm: 39, proof: 225, yield: 240 }],
  "5.8": [{ upToMm: 24, proof: 380, yield: 420 }],
  "8.8": [
    { upToMm: 16, proof: 580, yield: 640 },
    { upToMm: 39, proof: 600, yield: 660 },
  ],
  "9.8": [{ upToMm: 16, proof: 650, yield: 720 }],
  "10.9": [{ upToMm: 39, proof: 830, yield: 940 }],
  "12.9": [{ upToMm: 39, proof: 970, yield: 1100 }],
  "grade 2": [
    { upToMm: 0.75 * 25.4, proof: 55 * KSI, yield: 57 * KSI },
    { upToMm: 1.5 * 25.4, proof: 33 * KSI, yield: 36 * KSI },
  ],
  "grade 5": [
    { upToMm: 25.4, proof: 85 * KSI, yield: 92 * KSI },
    { upToMm: 1.5 * 25.4, proof: 74 * KSI, yield: 81 * KSI },
  ],
  "grade 8": [{ upToMm: 1.5 * 25.4, proof: 120 * KSI, yield: 130 * KSI }],
  "A2-70": [{ upToMm: 24, proof: 450, yield: 450 }],
} as const satisfies Record<string, readonly Row[]>;

export type StrengthClass = keyof typeof STRENGTHS;
export const STRENGTH_CLASSES = Object.keys(STRENGTHS) as [StrengthClass, ...StrengthClass[]];

/**
 * Proof and yield stress of a class at a diameter, N/mm².
 * @throws InputError for a diameter that is not positive, or larger than the class is defined for.
 * Example: strengthOf("8.8", 10) → proof 580, yield 640.
 */
export function strengthOf(strength: StrengthClass, diameterMm: number): { proof: number; yield: number } {
  requirePositive(diameterMm, "The thread's diameter", "thread");
  const row = STRENGTHS[strength].find(({ upToMm }) => diameterMm <= upToMm + 1e-9);
  if (!row)
    throw new InputError(
      `${strength} is not defined for a thread this thick. Choose another strength, or "not known".`,
      "strength",
    );
  return { proof: row.proof, yield: row.yield };
}

/** Whether a class is defined for a thread this thick. */
export function isDefinedFor(strength: StrengthClass, diameterMm: number): boolean {
  return STRENGTHS[strength].some(({ upToMm }) => diameterMm <= upToMm + 1e-9);
}

/**
 * Whether the classes that all judgement begins with, from the weakest to the strongest, are defined for a
 * thread this thick: up to M39.
 */
export function hasStrengths(diameterMm: number): boolean {
  return (["4.6", "8.8", "10.9", "12.9"] as const).every((strength) => isDefinedFor(strength, diameterMm));
}
