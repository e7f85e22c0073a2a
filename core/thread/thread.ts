import { InputError, requirePositive } from "../input-error";
import { inchFraction } from "../quantity/inch-fraction";
import { INCH_THREADS, METRIC_PITCHES } from "./thread-table";

/**
 * A thread as named on a drawing. Inch threads are kept by diameter and threads per inch. A left-hand one is
 * undone clockwise.
 */
export type Thread = (
  | { system: "metric"; diameterMm: number; pitchMm: number }
  | { system: "inch"; diameterIn: number; threadsPerInch: number }
) & { leftHand?: true | undefined };

function coarsePitchMm(diameterMm: number): number | undefined {
  return METRIC_PITCHES.find((one) => one.diameterMm === diameterMm)?.coarseMm;
}

const LEFT_HAND = /[\s,(-]*\b(?:l\.?h\.?|left[\s-]?hand(?:ed)?)\)?\s*(?:thread)?$/i;

/**
 * Reads "M10", "M10x1.25", "M10-1.25", "12x1.5", and inch threads by diameter and threads per inch: "3/8-16",
 * "3/8 16", "No. 8-32", "10-32". A metric size without a pitch is the coarse one, and so is an inch size with
 * UNC behind it; UNF is the fine one. "LH" makes it a left-hand one.
 * @throws InputError when it is not a thread of a known size, or contradicts itself.
 * Example: readThread("M12 x 1.5") → { system: "metric", diameterMm: 12, pitchMm: 1.5 }.
 */
export function readThread(text: string): Thread {
  const typed = text.trim();
  const left = LEFT_HAND.exec(typed);
  const bare = left ? typed.slice(0, left.index).trim() : typed;
  const thread = readInchThread(bare) ?? readMetricThread(bare);
  return left ? { ...thread, leftHand: true } : thread;
}

const METRIC = /^(m\s*)?(\d+(?:[.,]\d+)?)(?:\s*([x×*-])\s*(\d+(?:[.,]\d+)?)(?:\s*mm)?)?$/i;

function readMetricThread(typed: string): Thread {
  const [, named, diameter = "", mark, pitch] = METRIC.exec(typed) ?? [];
  // Without the M only "12x1.5" is a thread: a bare number is a head, and "10-12" a range.
  if (diameter === "" || (!named && (mark === undefined || mark === "-")))
    throw new InputError(`"${typed}" is not a thread. Write it like M8, M10x1.25 or 3/8-16.`, "thread");
  const diameterMm = Number(diameter.replace(",", "."));
  const pitchMm = pitch === undefined ? coarsePitchMm(diameterMm) : Number(pitch.replace(",", "."));
  if (pitchMm === undefined)
    throw new InputError(
      `M${diameterMm} has no coarse pitch in the table. Write the pitch too, like M${diameterMm}x1.`,
      "thread",
    );
  if (!(diameterMm <= 100 && pitchMm > 0 && pitchMm < diameterMm / 2)) {
    throw new InputError(
      `A pitch of ${pitchMm} mm does not go on a ${diameterMm} mm thread. Check the two numbers.`,
      "thread",
    );
  }
  return { system: "metric", diameterMm, pitchMm };
}

function readInchThread(typed: string): Thread | undefined {
  const plain = typed
    .replace("½", "1/2")
    .replace("¼", "1/4")
    .replace("¾", "3/4")
    .replace("⅜", "3/8")
    .replace("⅝", "5/8");
  const match =
    /^(?:(?:no\.?|number|#)\s*(\d{1,2})|(?:(\d)[\s-])?(\d{1,2})\/(\d{1,2})(?:\s*(?:in|"))?)(?:\s*[-x×\s]\s*(\d{1,2}))?\s*(unc|unf)?$/i.exec(
      plain,
    ) ?? bareNumbered(plain);
  if (!match) return undefined;
  const [, numbered, whole, above, below, counted, series] = match;
  const named = INCH_THREADS.find(({ name }) =>
    numbered ? name === `No. ${Number(numbered)}` : !whole && name === `${above}/${below}`,
  );
  const diameterIn =
    named?.diameterIn ?? (numbered ? Number.NaN : Number(whole ?? 0) + Number(above) / Number(below));
  const ofSeries = pitchOf(series, named);
  if (counted && ofSeries !== undefined && Number(counted) !== ofSeries) {
    throw new InputError(
      `"${typed}" contradicts itself: ${typed.slice(-3).toUpperCase()} of that size has ${ofSeries} threads to the inch. Count them.`,
      "thread",
    );
  }
  const threadsPerInch = counted ? Number(counted) : ofSeries;
  if (
    threadsPerInch === undefined ||
    !(diameterIn > 0 && diameterIn <= 4) ||
    threadsPerInch < 4 ||
    threadsPerInch * diameterIn < 2
  ) {
    throw new InputError(
      `"${typed}" is not an inch thread. Write it like 3/8-16: diameter, then threads per inch.`,
      "thread",
    );
  }
  return { system: "inch", diameterIn, threadsPerInch };
}

function pitchOf(
  series: string | undefined,
  named: { name: string; diameterIn: number; coarse: number; fine: number } | undefined,
) {
  if (series?.toLowerCase() === "unf") return named?.fine;
  if (series) return named?.coarse;
  return undefined;
}

/** "10-32": a numbered screw without its No., where it has so many threads to the inch. */
function bareNumbered(typed: string): RegExpExecArray | undefined {
  const match = /^(\d{1,2})()()()\s*-\s*(\d{2})\s*(unc|unf)?$/i.exec(typed);
  return match &&
    INCH_THREADS.some(
      ({ name, coarse, fine }) =>
        name === `No. ${Number(match[1])}` && [coarse, fine].includes(Number(match[5])),
    )
    ? match
    : undefined;
}

/**
 * "M10×1.25", "M10" where the pitch is the coarse one, "3/8-16", "No. 8-32", and "M14×1.5 LH". Reads back as
 * the same thread.
 */
export function formatThread(thread: Thread): string {
  return `${sizeOf(thread)}${thread.leftHand ? " LH" : ""}`;
}

function sizeOf(thread: Thread): string {
  if (thread.system === "inch") {
    const named = INCH_THREADS.find(
      ({ diameterIn }) => Math.abs(diameterIn - thread.diameterIn) < 1e-9,
    )?.name;
    return `${named ?? inchFraction(thread.diameterIn)}-${thread.threadsPerInch}`;
  }
  return coarsePitchMm(thread.diameterMm) === thread.pitchMm
    ? `M${thread.diameterMm}`
    : `M${thread.diameterMm}×${thread.pitchMm}`;
}

/** Nominal diameter, mm. */
export function diameterMm(thread: Thread): number {
  return thread.system === "metric" ? thread.diameterMm : thread.diameterIn * 25.4;
}

/** Pitch, mm. Example: 1/2-20 → 1.27. */
export function pitchMm(thread: Thread): number {
  return thread.system === "metric" ? thread.pitchMm : 25.4 / thread.threadsPerInch;
}

/**
 * The threads of the tables with this diameter, coarse first: an M10 is 1.5, 1.25 or 1. Empty for a size they
 * do not have.
 */
export function usualPitches(diameter: { metricMm: number } | { inches: number }): Thread[] {
  if ("metricMm" in diameter) {
    const found = METRIC_PITCHES.find(({ diameterMm }) => diameterMm === diameter.metricMm);
    return found
      ? [found.coarseMm, ...found.fineMm].map((pitch) => ({
          system: "metric",
          diameterMm: found.diameterMm,
          pitchMm: pitch,
        }))
      : [];
  }
  const found = INCH_THREADS.find(({ diameterIn }) => Math.abs(diameterIn - diameter.inches) < 1e-9);
  return found
    ? [found.coarse, found.fine].map((threadsPerInch) => ({
        system: "inch",
        diameterIn: found.diameterIn,
        threadsPerInch,
      }))
    : [];
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
