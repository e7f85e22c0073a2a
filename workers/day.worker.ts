import { expose } from "comlink";
import { type DayAsk, type DayTold, tellDay } from "@/core/day/day";
import { type Compared, compareStarts } from "@/core/day/start-when";
import { InputError } from "@/core/input-error";

/** An answer, or the sentence that says why there is none: errors lose their kind on the way. */
export type Answer<T> = { kind: "told"; told: T } | { kind: "refused"; says: string };

function answer<T>(how: () => T): Answer<T> {
  try {
    return { kind: "told", told: how() };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return { kind: "refused", says: error.message };
  }
}

const worker = {
  tell: (ask: DayAsk): Answer<DayTold> => answer(() => tellDay(ask)),
  compare: (ask: DayAsk): Answer<Compared> => answer(() => compareStarts(ask)),
};
export type DayWorker = typeof worker;
expose(worker);
