import { InputError, requireNotNegative, requirePositive } from "../input-error";
import { readMeasure } from "../quantity/measure";
import { type Thread, diameterMm, pitchMm } from "./thread";

/** Wanted engagement as a multiple of the diameter, by what it screws into. Usual design practice. */
export const WANTED_ENGAGEMENT = { steel: 1, aluminium: 1.5, plastic: 2 } as const;
export type Into = keyof typeof WANTED_ENGAGEMENT;

export type EngagementVerdict = "enough" | "too short" | "bottoms out";

export interface Engagement {
  engagedMm: number;
  turns: number;
  wantedMm: number;
  verdict: EngagementVerdict;
}

/**
 * How far a bolt or stud is screwed in: what stands out, less everything clamped.
 * @param layersMm thickness of every layer between (washers, flange, bracket), mm.
 * @param depthMm thread that there is to screw into, where it is known: a bolt that comes to its end clamps
 * nothing.
 * @throws InputError for negative lengths, or when nothing is left to screw in.
 * Example: M10×1.5, 40 mm out, layers 12 + 2 + 8 → 18 mm, 12 turns, enough in steel and aluminium.
 */
export function engagement(
  thread: Thread,
  standoutMm: number,
  layersMm: readonly number[],
  into: Into,
  depthMm?: number,
): Engagement {
  requirePositive(standoutMm, "The length that stands out", "standout");
  layersMm.forEach((layer) => requireNotNegative(layer, "A layer's thickness", "layers"));
  if (depthMm !== undefined) requirePositive(depthMm, "The depth of thread", "depth");
  const engagedMm = standoutMm - layersMm.reduce((sum, layer) => sum + layer, 0);
  if (engagedMm <= 0)
    throw new InputError(
      "The layers take up the whole length: nothing is left to screw in. Use a longer bolt.",
      "layers",
    );
  const wantedMm = WANTED_ENGAGEMENT[into] * diameterMm(thread);
  const deepestMm = depthMm === undefined ? Infinity : depthMm - bottomingMarginMm(thread, standoutMm);
  return {
    engagedMm,
    turns: engagedMm / pitchMm(thread),
    wantedMm,
    verdict: verdictFor(engagedMm, wantedMm, deepestMm),
  };
}

/**
 * Half of what the length of a bolt may be off, mm, up to a nominal length: ISO 4759-1, product grades A
 * (js15) up to 50 mm and B (js17) beyond.
 */
const LENGTH_TOLERANCE_MM: readonly (readonly [upToMm: number, plusMinusMm: number])[] = [
  [10, 0.29],
  [18, 0.35],
  [30, 0.42],
  [50, 0.5],
  [80, 1.5],
  [120, 1.75],
  [180, 2],
  [250, 2.3],
  [315, 2.6],
];

const LONGEST_TOLERANCE_MM = [400, 2.85] as const;

/**
 * How far from the bottom of its hole a bolt has to end, mm: half a turn, or what its length may be off,
 * whichever is more. Example: M10, 40 mm → 0.75.
 */
export function bottomingMarginMm(thread: Thread, lengthMm: number): number {
  const [, tolerance] = LENGTH_TOLERANCE_MM.find(([upTo]) => lengthMm <= upTo) ?? LONGEST_TOLERANCE_MM;
  return Math.max(pitchMm(thread) / 2, tolerance);
}

function verdictFor(engagedMm: number, wantedMm: number, deepestMm: number): EngagementVerdict {
  if (engagedMm > deepestMm + 1e-9) return "bottoms out";
  return engagedMm >= wantedMm - 1e-9 ? "enough" : "too short";
}

/**
 * Layers as typed: "12 + 2 + 8", with names and units if wanted: "bracket 12 mm + washer 2 + flange 5/16 in".
 * @throws InputError naming the layer that could not be read.
 */
export function readLayers(text: string, what: string, field?: string): { name: string; mm: number }[] {
  return text
    .split(/\s*[+;\n]\s*/)
    .filter((piece) => piece.trim() !== "")
    .map((piece, i) => {
      const [, name = "", size = piece] = /^([^\d.,½¼¾-]*?)\s*(-?[\d.,½¼¾].*)$/.exec(piece.trim()) ?? [];
      const mm = readMeasure(size, "length", name === "" ? `Layer ${i + 1}` : `"${name}"`, { field }).value;
      requireNotNegative(mm, name === "" ? `Layer ${i + 1}` : `"${name}"`, field);
      return { name: name === "" ? `layer ${i + 1}` : name, mm };
    });
}
