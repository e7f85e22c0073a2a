import { capital } from "../capital";
import type { Fastener, Measure, Route, Step } from "../model/job";
import { appliedWords } from "./applied";

/** "Measure the drum: at most 230 mm." What is measured, against its limits. */
export const measureWords = (measure: Measure): string =>
  `Measure the ${measure.what}${measure.places ? `, ${measure.places.join(" and ")}` : ""}: ${limitsWords(measure)}.`;

/** "at least 8, at most 10 mm". */
export function limitsWords({ unit, least, most }: Measure): string {
  const limits = [
    least === undefined ? undefined : `at least ${least}`,
    most === undefined ? undefined : `at most ${most}`,
  ].filter((limit) => limit !== undefined);
  return limits.length === 0 ? "no limit is written down" : `${limits.join(", ")}${unit ? ` ${unit}` : ""}`;
}

/** What a step asks for beside its doing: to mark, photograph, wait, measure; a sentence each. */
export function taskWords({ photo, mark, wait, measure }: Step): string[] {
  return [
    photo ? "Photograph it as it is." : undefined,
    mark ? `Mark or count: ${mark}.` : undefined,
    wait ? `Wait about ${lengthOfTime(wait.minutes)}, until ${wait.until}.` : undefined,
    measure ? measureWords(measure) : undefined,
  ].filter((line) => line !== undefined);
}

/** "45 min", and from two hours on "2.5 h". */
const lengthOfTime = (minutes: number) =>
  minutes < 120 ? `${minutes} min` : `${Math.round(minutes / 6) / 10} h`;

/** What to be careful of in a step: what was written down, and what is under load. */
export const cautionsOf = ({ cautions, loaded }: Step): string[] => [
  ...cautions,
  ...(loaded ? [`Under load: ${loaded}. Stand aside, let it go slowly, eye protection on.`] : []),
];

/**
 * What to mind in a step, a sentence each: what comes off and goes back, what goes on which surface, which way
 * it faces, what carries it; and on the way back how it sat before.
 */
export function mindWords(route: Pick<Route, "steps">, step: Step, fastener: Fastener | undefined): string[] {
  const was = route.steps.find(({ id }) => id === step.mirrorOf?.stepId);
  const locker =
    step.kind === "hand-start" && fastener?.locking?.startsWith("threadlocker") && fastener.locking;
  return [
    step.vehicleIs && `The vehicle: ${step.vehicleIs}.`,
    step.takesOff?.length && `Off: ${step.takesOff.join(", ")}.`,
    step.putsBack?.length && `Back on, and tug each: ${step.putsBack.join(", ")}.`,
    step.movesPast?.length && `Free of it first: ${step.movesPast.join(", ")}.`,
    step.applies?.length && `${capital(appliedWords(step.applies))}.`,
    locker && `${capital(locker)}, on the threads now.`,
    step.facing && `Which way: ${step.facing}.`,
    step.routing?.length && `Round these, in order: ${step.routing.join(" → ")}.`,
    step.heldUp && `Carried meanwhile by ${step.heldUp}.`,
    step.leaves && `Left ${step.leaves} for now.`,
    was?.mark && `It was marked: ${was.mark}.`,
    was?.facing && !step.facing && `It faced: ${was.facing}.`,
    was?.routing?.length && !step.routing?.length && `It went round ${was.routing.join(" → ")}.`,
    step.hands !== undefined && step.hands > 1 && `${step.hands} people.`,
  ].flatMap((line) => (typeof line === "string" && line !== "" ? [line] : []));
}
