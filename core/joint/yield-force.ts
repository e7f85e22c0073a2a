import { requirePositive } from "../input-error";
import { type StrengthClass, strengthOf } from "../thread/strength";
import { type Thread, diameterMm, pitchMm, stressAreaMm2 } from "../thread/thread";

/** Middle of the thread's flanks and its core, mm, of the ISO profile (ISO 724). */
const flankMm = (thread: Thread) => diameterMm(thread) - 0.6495 * pitchMm(thread);
const coreMm = (thread: Thread) => diameterMm(thread) - 1.2269 * pitchMm(thread);

/** Where friction under the head bears, as a radius over the thread's diameter: the usual hexagon heads. */
const UNDER_HEAD = 0.64;

/**
 * The coefficient of friction that a nut factor stands for, the same in the thread and under the head.
 * @throws InputError where the nut factor is less than a thread without friction has.
 * Source: VDI 2230-1:2015, R13: M = F·(0.16·P + μ·(0.58·d2 + Dkm/2)). Example: M10, K 0.164 → 0.12.
 */
export function frictionOf(nutFactor: number, thread: Thread): number {
  const d = diameterMm(thread);
  const friction = (nutFactor * d - 0.16 * pitchMm(thread)) / (0.58 * flankMm(thread) + UNDER_HEAD * d);
  requirePositive(friction, "The friction that is left of this nut factor", "nutFactor");
  return friction;
}

/**
 * The clamping force at which a bolt that is being turned begins to yield, N: it is pulled and twisted at once.
 * @throws InputError as strengthOf and frictionOf.
 * Source: VDI 2230-1:2015, R8 at full use of the yield stress. Example: M10, 8.8, μ 0.12 → 32 900; nine tenths of
 * it are the 29.6 kN of its table A1.
 */
export function yieldForceN(thread: Thread, strength: StrengthClass, friction: number): number {
  const d = diameterMm(thread);
  const stressMm = (flankMm(thread) + coreMm(thread)) / 2;
  const twist =
    1.5 * (flankMm(thread) / stressMm) * (pitchMm(thread) / (Math.PI * flankMm(thread)) + 1.155 * friction);
  return (strengthOf(strength, d).yield * stressAreaMm2(thread)) / Math.sqrt(1 + 3 * twist ** 2);
}
