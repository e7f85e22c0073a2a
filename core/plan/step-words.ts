import type { Step } from "../model/job";

/** "Measure the drum: at most 230 mm." What is measured, against its limits. */
export function measureWords({ what, unit, least, most, places }: NonNullable<Step["measure"]>): string {
  const limits = [
    least === undefined ? undefined : `at least ${least}`,
    most === undefined ? undefined : `at most ${most}`,
  ].filter((limit) => limit !== undefined);
  return `Measure the ${what}${places ? `, ${places.join(" and ")}` : ""}: ${limits.length === 0 ? "no limit is written down" : `${limits.join(", ")}${unit ? ` ${unit}` : ""}`}.`;
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
