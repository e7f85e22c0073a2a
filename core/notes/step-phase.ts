import type { Phase } from "../model/job";
import type { Done } from "./particle";
import { type ToldStep } from "./told-step";

export const SAFE =
  /\b(?:chock|jack|axle stands?|stands|raise|lift(?:ed)? the (?:car|front|rear)|in the air|battery|handbrake|parking brake|ignition|stone cold|cool (?:down|off|right)|cold|overnight|wheel (?:nuts|bolts).*(?:quarter|half|loose|crack)|(?:crack|slack|loos|break)\w*\b.*\b(?:wheels?|lug)\b|(?:crack|slack|loos|break)\w*\b.*\bon the (?:ground|floor|deck)\b|soak|penetrat|mask|glasses|level ground|flat ground|safety|gloves)\b/i;
export const PROVE =
  /\b(?:start (?:it|her|the engine|up)|fire it up|engine (?:on|running)|idle|road|drive|pump (?:the )?(?:pedal|brake)|test|lock to lock|turn the (?:key|ignition)|leaks?|run it|bounce|around the block|headlights on|listen)\b/i;
/** Put or hung somewhere for the time being. */
export const MEANWHILE =
  /\b(?:tape[ds]?|hang(?:s|ing)?|hung|tied?|prop(?:s|ped)?|wedged?|strap(?:s|ped)?|rags?|pan under|tray|bowl|bucket|tub|cardboard|bungs?|block of wood|jack|stands?|chocks?|bag|drawer|box|bin|bench|floor|glasses|gloves|mask|towel|knee|paint mark)\b/i;

/** Where in a telling a clause stands. */
export interface Standing {
  /** Things go back from here. */
  back: boolean;
  /** Nothing has come off yet. */
  before: boolean;
  /** Nothing goes back on any more. */
  after: boolean;
  /** The engine has run, or the vehicle has been driven. */
  proving: boolean;
}

/** No current flows while anything is worked on: told in the middle, it comes first all the same. */
export const BATTERY = /\b(?:battery|negative|earth lead)\b/i;

export function phaseOf(
  { way, says }: Done,
  said: string,
  { back, before, after, proving }: Standing,
): Phase {
  if (proving && (way === "look" || way === "either" || AGAIN.test(said))) return "prove it";
  if (!back && way === "off" && /^(?:remove|disconnect|undo|pop off)$/.test(says) && BATTERY.test(said))
    return "make safe";
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
  return back || (way === "on" && !MEANWHILE.test(said)) ? "put back" : "take apart";
}

/** What is done once more, when it has run. */
const AGAIN = /\b(?:again|once more|re-?(?:check|torque|tighten)\w*)\b/i;

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
