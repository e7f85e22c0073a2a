import { InputError } from "../input-error";
import { readHeadSize } from "../quantity/read-head-size";
import { isFraction } from "../quantity/read-number";
import { type FastenerKind, habitOf } from "../thread/fastener-kind";
import { threadsOfHead } from "../thread/head-threads";
import { usualPitches, readThread, type Thread } from "../thread/thread";

/** What a size may be: the threads of it, and how it is then taken, where that is not plain. */
export interface Meaning {
  as: string;
  threads: readonly Thread[];
}

export function isThreadWritten(typed: string): boolean {
  const mixedNumber = /^\d[\s-]\d+\/\d+$/.test(typed);
  return (
    /^m\s*\d|^no\b|^#|-\s*\d{1,2}$|\d\s*[x×]\s*\d|\/\d+\s+\d{1,2}$|un[cf]$|\bl\.?h\.?$/i.test(typed) &&
    !/spline|xzn/i.test(typed) &&
    !mixedNumber
  );
}

/**
 * The thread that is named, or every thread that a head of the size named usually has; a bare fraction is
 * either.
 */
export function threadsMeant(typed: string, kind: FastenerKind): Meaning[] {
  if (typed === "")
    throw new InputError("Type a thread such as M8, or the size across the head, such as 13.");
  if (isThreadWritten(typed)) return [{ as: "", threads: [readThread(typed)] }];
  const head = readHeadSize(typed);
  const threads = threadsOfHead(head);
  const own =
    isFraction(typed) && /^[\d\s/½¼¾⅛⅜⅝⅞-]+$/.test(typed) ? usualPitches({ inches: head.size }) : [];
  if (own.length > 0) {
    const bolt = { as: ` as a bolt of ${typed} in`, threads: own };
    return threads.length > 0 ? [bolt, { as: ` as a head of ${typed} in`, threads }] : [bolt];
  }
  const habit = habitOf(kind);
  if (threads.length === 0 && habit) return [{ as: "", threads: habit.threads }];
  if (threads.length === 0)
    throw new InputError(
      `No usual thread has a head of ${typed}. Type the thread itself, such as M8 or 3/8-16.`,
    );
  return [{ as: "", threads }];
}
