import type { Group } from "./group";
import { type Heard, saidIn } from "./heard";

/** So many letters in, what the job is has been said. */
const HEADING = 160;
const OF_BOTH = /\b(?:both sides|left and right|both (?:fronts|rears))\b/i;

/** Of which a vehicle has one, whatever is done on both sides; and what holds a wheel is counted by its own words. */
const ONE_OF_IT = /^(?:terminal|plug)$/;
const OF_ONE = /^(?:left|right|wheel|battery|driver|passenger|nearside|offside)$/;
/** What one side is called, where it was spoken of in the clauses just before. */
const ONE_SIDE = /\b(?:left|right|driver'?s?|passenger|nearside|offside)\b(?! (?:and|&|up|away|then|on\b))/i;
const JUST_BEFORE = 4;

/**
 * "Track rod ends, both sides": what was told of one is there on each. That the other side is the same says nothing
 * of what is done to it.
 */
export function countBothSides(groups: readonly Group[], { text, terms, told }: Heard): void {
  if (!OF_BOTH.test(text.slice(0, HEADING))) return;
  for (const group of groups) {
    const isTold = group.count !== undefined && group.count > 1;
    const { from } = told[Math.max(0, group.first - JUST_BEFORE)] ?? { from: 0 };
    const led = saidIn(text, terms, { from, to: told[group.first]?.to ?? from });
    const isOfOne =
      [...group.marks, ...group.topic].some((word) => OF_ONE.test(word)) ||
      ONE_SIDE.test(led.replace(new RegExp(OF_BOTH, "gi"), ""));
    if (isTold || group.perSide || isOfOne || ONE_OF_IT.test(group.family) || /s$/.test(group.name)) continue;
    group.count = 1;
    group.perSide = true;
    group.name = group.name.replace(/\b(?:bolt|nut|screw|stud|clip|clamp)$/, "$&s");
  }
}
