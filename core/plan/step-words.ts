import type { Step } from "../model/job";

/** "Measure the drum: at most 230 mm." What is measured, against its limits. */
export function measureWords({ what, unit, least, most }: NonNullable<Step["measure"]>): string {
  const limits = [least === undefined ? undefined : `at least ${least}`, most === undefined ? undefined : `at most ${most}`].filter((limit) => limit !== undefined);
  return `Measure the ${what}: ${limits.length === 0 ? "no limit is written down" : `${limits.join(", ")}${unit ? ` ${unit}` : ""}`}.`;
}
