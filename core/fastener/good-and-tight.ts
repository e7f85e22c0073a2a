import type { Fastener } from "../model/job";
import type { Band } from "../quantity/band";
import type { Into } from "../thread/hole";
import { snugBandNm } from "../thread/snug-band";
import { type Thread, diameterMm } from "../thread/thread";
import { threadsOf } from "./judge-figure";

/** What "good and tight" usually comes to: never a specification. */
export interface GoodAndTight {
  bandNm: Band;
  thread: Thread;
  into: Into | undefined;
  /** The thread is not written down: the thinnest that its head usually has. */
  supposed: boolean;
}

/**
 * The band that "good and tight" usually means for a fastener, N·m, by its thread and what it goes into; by
 * the thinnest thread that its head usually has where none is written down. Undefined where nothing says.
 */
export function goodAndTight(fastener: Fastener): GoodAndTight | undefined {
  const thread = threadsOf(fastener).toSorted((a, b) => diameterMm(a) - diameterMm(b))[0];
  const bandNm = thread && snugBandNm(thread, fastener.into);
  if (!thread || !bandNm) return undefined;
  return { bandNm, thread, into: fastener.into, supposed: fastener.thread === undefined };
}
