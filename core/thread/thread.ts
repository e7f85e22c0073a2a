import { InputError, requirePositive } from "../input-error";
import { inchFraction } from "../quantity/inch-fraction";

/** A thread as named on a drawing. Inch threads are kept by diameter and threads per inch. */
export type Thread = { system: "metric"; diameterMm: number; pitchMm: number } | { system: "inch"; diameterIn: number; threadsPerInch: number };

/**
 * Coarse pitches in mm by nominal diameter: ISO 261.
 */
const COARSE_PITCH_MM: Record<number, number> = {
  3: 0.5,
  4: 0.7,
  5: 0.8,
  6: 1,
  7: 1,
  8: 1.25,
  10: 1.5,
  12: 1.75,
  14: 2,
  16: 2,
  18: 2.5,
  20: 2.5,
  22: 2.5,
  24: 3,
};

/**
 * Reads "M10", "M10x1.25", "M8 × 1.25", and inch threads by diameter and threads per inch: "3/8-16".
 * A metric size without a pitch is the coarse one.
 * @throws InputError when it is not a thread of a known size.
 * Example: readThread("M12 x 1.5") → { system: "metric", diameterMm: 12, pitchMm: 1.5 }.
 */
export function readThread(text: string): Thread {
  const typed = text.trim();
  const inch = /^(?:(\d)[\s-])?(\d{1,2})\/(\d{1,2})\s*-\s*(\d{1,2})$/.exec(typed);
  if (inch) {
    const diameterIn = Number(inch[1] ?? 0) + Number(inch[2]) / Number(inch[3]);
    const threadsPerInch = Number(inch[4]);
    if (!(diameterIn > 0 && diameterIn <= 4) || threadsPerInch < 4 || threadsPerInch * diameterIn < 2) {
      throw new InputError(`"${typed}" is not an inch thread. Write it like 3/8-16: diameter, then threads per inch.`, "thread");
    }
    return { system: "inch", diameterIn, threadsPerInch };
  }
  const match = /^m\s*(\d+(?:[.,]\d+)?)(?:\s*[x×*]\s*(\d+(?:[.,]\d+)?))?$/i.exec(typed);
  if (!match) throw new InputError(`"${typed}" is not a thread. Write it like M8, M10x1.25 or 3/8-16.`, "thread");
  const diameterMm = Number((match[1] ?? "").replace(",", "."));
  const coarse = COARSE_PITCH_MM[diameterMm];
  const pitchMm = match[2] === undefined ? coarse : Number(match[2].replace(",", "."));
  if (pitchMm === undefined) throw new InputError(`M${diameterMm} has no coarse pitch in the table. Write the pitch too, like M${diameterMm}x1.`, "thread");
  if (!(diameterMm <= 100 && pitchMm > 0 && pitchMm < diameterMm / 2)) {
    throw new InputError(`A pitch of ${pitchMm} mm does not go on a ${diameterMm} mm thread. Check the two numbers.`, "thread");
  }
  return { system: "metric", diameterMm, pitchMm };
}

/** "M10×1.25", "M10" where the pitch is the coarse one, "3/8-16". Reads back as the same thread. */
export function formatThread(thread: Thread): string {
  if (thread.system === "inch") return `${inchFraction(thread.diameterIn)}-${thread.threadsPerInch}`;
  return COARSE_PITCH_MM[thread.diameterMm] === thread.pitchMm ? `M${thread.diameterMm}` : `M${thread.diameterMm}×${thread.pitchMm}`;
}

/** Nominal diameter, mm. */
export function diameterMm(thread: Thread): number {
  return thread.system === "metric" ? thread.diameterMm : thread.diameterIn * 25.4;
}

/**
 * Tensile stress area, mm²: metric π/4·(d − 0.9382 P)² (ISO 898-1); inch 0.7854·(d − 0.9743/n)² (ASME B1.1).
 * @throws InputError for sizes that are not positive. Example: M8×1.25 → 36.608.
 */
export function stressAreaMm2(thread: Thread): number {
  if (thread.system === "metric") {
    requirePositive(thread.diameterMm, "The thread's diameter", "thread");
    requirePositive(thread.pitchMm, "The thread's pitch", "thread");
    return (Math.PI / 4) * (thread.diameterMm - 0.9382 * thread.pitchMm) ** 2;
  }
  requirePositive(thread.diameterIn, "The thread's diameter", "thread");
  requirePositive(thread.threadsPerInch, "The threads per inch", "thread");
  return 0.7854 * (thread.diameterIn - 0.9743 / thread.threadsPerInch) ** 2 * 25.4 ** 2;
}
