import { rollDirection } from "../lift/roll";
import type { Stance, Step } from "../model/job";
import type { Vehicle } from "../model/vehicle";
import type { SafetyTick } from "../model/work";
import { sideOf } from "../side";

/** What each safety tick asks for, and why where it is not plain, for the end that is raised. */
export function safetyWords(
  tick: SafetyTick,
  stance: Stance,
  driven?: Vehicle["driven"],
): { ask: string; why?: string } {
  switch (tick) {
    case "ground":
      return {
        ask: "Ground firm and level",
        why: "On a slope, gravel or soft ground: stop until it is moved.",
      };
    case "chocks":
      if (stance === "rear up") {
        return {
          ask:
            driven === "rear"
              ? "Front wheels chocked, both sides, in front and behind"
              : "Front wheels chocked, both sides; in gear or park",
          why:
            driven === "rear"
              ? "With the rear up, neither the parking brake nor gear or park holds: both act on the wheels in the air. Only the chocks do."
              : "With the rear up, the parking brake usually holds nothing. Gear or park holds driven wheels only.",
        };
      }
      if (stance === "front up")
        return {
          ask: "Rear wheels chocked, both sides; parking brake on",
          why: "Gear or park holds driven wheels only: with driven front wheels up, it holds nothing.",
        };
      return { ask: "Wheels chocked while each end went up" };
    case "stands":
      return {
        ask: "Stands carry the load, not the jack",
        why: "On the maker's points, pins in, feet flat.",
      };
    case "shake":
      return { ask: "Shaken hard, nothing moved" };
  }
}

/**
 * From this torque on, undoing or doing up a nut on a driven axle turns the wheel with it, N·m. Our own
 * limit: what a push of 300 N at a 0.3 m wheel holds.
 */
const TURNS_THE_WHEEL_NM = 90;

/**
 * Which way the vehicle wants to roll at a step that turns a large nut on a wheel's axle, in a sentence;
 * undefined for any other step.
 * @param torqueNm the most that is put on it. @param leftHand whether it is undone clockwise.
 */
export function rollWarning(
  step: Step,
  fastenerName: string,
  torqueNm: number | undefined,
  leftHand = false,
): string | undefined {
  if (!/\b(?:axle|hub|drive ?shaft|spindle)\b.*\bnut\b/i.test(fastenerName)) return undefined;
  const side = sideOf(`${step.title} ${fastenerName}`);
  if (!side || (torqueNm !== undefined && torqueNm < TURNS_THE_WHEEL_NM)) return undefined;
  // A left-hand thread is undone the way that others are done up.
  const way = rollDirection(side, (step.kind === "undo") === leftHand ? "do up" : "undo");
  return `Turning this nut, with its ${leftHand ? "left" : "right"}-hand thread, drives the vehicle ${way}: chock against rolling ${way}.`;
}
