import { requirePositive } from "../input-error";
import { type Thread, diameterMm, pitchMm, stressAreaMm2 } from "../thread/thread";

/** Young's modulus, N/mm²: steel, and cast aluminium (general material data). */
export const YOUNG = { steel: 207_000, aluminium: 71_000 } as const;
export type Clamped = keyof typeof YOUNG;

/**
 * How stiff a bolt is along its length, N/mm: E·A/l, with half a diameter more at either end for what gives in
 * its head and in the thread that holds it.
 * @param gripMm everything that is clamped, mm.
 * @throws InputError for a length that is not positive.
 * Source: VDI 2230-1:2015, 5.1.1. Example: M10, 30 mm → about 300 000.
 */
export function boltStiffness(thread: Thread, gripMm: number): number {
  requirePositive(gripMm, "What is clamped", "grip");
  return (YOUNG.steel * stressAreaMm2(thread)) / (gripMm + diameterMm(thread));
}

/**
 * How stiff the clamped parts are under a bolt, N/mm: two frusta of 30° under a washer face of one and a half
 * diameters.
 * @throws InputError for a length that is not positive.
 * Source: the frusta of 30° of machine design texts, k = 0.5774·π·E·d / (2·ln(5·(0.5774·l + 0.5·d) / (0.5774·l
 * + 2.5·d))). Example: M10, 30 mm of steel → about 1 940 000.
 */
export function partsStiffness(thread: Thread, gripMm: number, of: Clamped): number {
  requirePositive(gripMm, "What is clamped", "grip");
  const d = diameterMm(thread);
  const cone = 0.5774 * gripMm;
  return (0.5774 * Math.PI * YOUNG[of] * d) / (2 * Math.log((5 * (cone + 0.5 * d)) / (cone + 2.5 * d)));
}

/** Cork and paper gaskets, N/mm² (general material data), one and a half millimetres thick. */
const GASKET_YOUNG = 86;
const GASKET_MM = 1.5;

/**
 * A gasket under a bolt, N/mm: a ring from the bolt to three and a half diameters, which is what a cover's bolt
 * presses on.
 */
export function gasketStiffness(thread: Thread): number {
  const d = diameterMm(thread);
  const areaMm2 = (Math.PI / 4) * ((3.5 * d) ** 2 - (1.1 * d) ** 2);
  return (GASKET_YOUNG * areaMm2) / GASKET_MM;
}

/** Springs one behind the other, N/mm. Example: 100 and 100 → 50. */
export function inRow(...stiffnesses: readonly number[]): number {
  return 1 / stiffnesses.reduce((sum, stiffness) => sum + 1 / stiffness, 0);
}

/**
 * Clamping force for each degree that a seated bolt is turned on, N: its pitch drawn through a joint this stiff.
 * Example: pitch 1.5 mm, 260 000 N/mm → 1083.
 */
export function clampPerDegree(thread: Thread, stiffnessNPerMm: number): number {
  return (pitchMm(thread) / 360) * stiffnessNPerMm;
}
