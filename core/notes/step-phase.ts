import type { Phase } from "../model/job";
import type { Done } from "./done";
import { type ToldStep } from "./told-step";

export const SAFE =
  /\b(?:chock|jack|axle stands?|stands|raise|lift(?:ed)? the (?:car|front|rear)|in the air|battery|handbrake|parking brake|ignition|stone cold|cool (?:down|off|right)|cold|overnight|wheel (?:nuts|bolts).*(?:quarter|half|loose|crack)|(?:crack|slack|loos|break)\w*\b.*\b(?:wheels?|lug)\b|(?:crack|slack|loos|break)\w*\b.*\bon the (?:ground|floor|deck)\b|soak|penetrat|mask|glasses|level ground|flat ground|safety|gloves)\b/i;
export const PROVE =
  /\b(?:start (?:it|her|the engine|up)|fire it up|engine (?:on|running)|idle|road|drive|pump (?:the )?(?:pedal|brake)|test|lock to lock|turn the (?:key|ignition)|leaks?|run it|bounce|around the block|headlights on|listen)\b/i;
export function phaseOf(
  { way, says }: Done,
  said: string,
  { back, before, after }: { back: boolean; before: boolean; after: boolean },
): Phase {
  if (way === "prove") {
    if (back) return "prove it";
    return before ? "make safe" : "look closely";
  }
  if (after && (way === "look" || way === "either" || PROVE.test(said)) && says !== "wait") return "prove it";
  if (way === "look" && says !== "mark" && says !== "photograph")
    return back && says === "clean" ? "put back" : "look closely";
  if (way === "look") return back ? "put back" : "take apart";
  if (!back && way === "safe" && (before || says !== "support")) return "make safe";
  if (before && (SAFE.test(said) || says === "let" || says === "wait")) return "make safe";
  return back || way === "on" ? "put back" : "take apart";
}

/**
 * Told out of order, "before that I should have …": making safe comes first, proving last; what is between
 * keeps its telling.
 */
export function inOrder<T extends ToldStep>(steps: readonly T[]): T[] {
  const rank = (phase: Phase) => {
    if (phase === "make safe") return 0;
    if (phase === "prove it") return 2;
    return 1;
  };
  return steps
    .map((step, i) => ({ step, i }))
    .sort((a, b) => rank(a.step.phase) - rank(b.step.phase) || a.i - b.i)
    .map(({ step }) => step);
}
