import { type Thread, diameterMm } from "./thread";

/** What a thread goes into. In all but steel the hole gives way before the bolt does. */
export const INTO = [
  "steel or cast iron",
  "aluminium",
  "plastic",
  "sheet metal",
  "blind threaded insert",
] as const;
export type Into = (typeof INTO)[number];

/*
 * The force that strips a hole: the shear strength of what it is cut in, over the part of its circumference
 * that bears (about 0.6, as flanks overlap over half the pitch and a little), along the depth engaged. Cast
 * aluminium shears at about 150 N/mm² (0.6 of 250), glass-filled polyamide at 35, mild sheet at 250, an
 * insert's swaged collar holds like 120. Depths as they are usual: 1.5 d in aluminium, 2 d in plastic, 1.5 mm
 * of sheet, 1 d in an insert. First principles and general material data; far from a figure to use.
 */
const HOLES: Record<
  Exclude<Into, "steel or cast iron">,
  { shear: number; depthMm: (d: number) => number }
> = {
  aluminium: { shear: 150, depthMm: (d) => 1.5 * d },
  plastic: { shear: 35, depthMm: (d) => 2 * d },
  "sheet metal": { shear: 250, depthMm: () => 1.5 },
  "blind threaded insert": { shear: 120, depthMm: (d) => d },
};

const BEARING_SHARE = 0.6;
const NUT_FACTOR = 0.18;

/**
 * The force that strips a hole out of what it is cut in, N, roughly; undefined in steel or iron. Example: M6 in
 * plastic → about 4 700.
 */
export function strippingForceN(thread: Thread, into: Into): number | undefined {
  if (into === "steel or cast iron") return undefined;
  const { shear, depthMm } = HOLES[into];
  const d = diameterMm(thread);
  return shear * Math.PI * d * BEARING_SHARE * depthMm(d);
}

/**
 * The torque at which the hole of a thread would strip, N·m, roughly; undefined in steel or iron. Example: M6
 * in plastic → about 5.
 */
export function strippingTorqueNm(thread: Thread, into: Into): number | undefined {
  const forceN = strippingForceN(thread, into);
  return forceN === undefined ? undefined : NUT_FACTOR * (diameterMm(thread) / 1000) * forceN;
}
