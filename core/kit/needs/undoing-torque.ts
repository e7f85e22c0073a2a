import { undoingTorqueNm } from "../../drive/bar";
import { goodAndTight } from "../../fastener/good-and-tight";
import type { Fastener } from "../../model/job";
import { highestNm } from "./highest-torque";

/** Years after which what is under a car is taken to be rusted. Our own judgement. */
const RUSTED_AFTER_YEARS = 8;

/** Whether a vehicle's fasteners are to be taken as rusted; one whose year is not known is. */
export function isRusted(builtIn: number | undefined, thisYear: number): boolean {
  return builtIn === undefined || thisYear - builtIn >= RUSTED_AFTER_YEARS;
}

/** What undoing a fastener may take, N·m, least and most; undefined when nothing says how tight it is. */
export function undoingNm(fastener: Fastener, rusted: boolean): readonly [number, number] | undefined {
  const tight =
    highestNm(fastener) ??
    (fastener.figure?.form === "snug" && fastener.thread ? goodAndTight(fastener)?.bandNm[1] : undefined);
  if (tight === undefined) return undefined;
  const state = threadState(fastener, rusted);
  return undoingTorqueNm(tight, state);
}

function threadState({ locking }: Fastener, rusted: boolean) {
  if (locking?.startsWith("threadlocker")) return "threadlocked";
  if (rusted) return "rusted";
  return "clean";
}
