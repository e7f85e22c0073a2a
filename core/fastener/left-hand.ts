import type { Fastener } from "../model/job";

/** Whether a fastener is undone clockwise: said of it, or written with its thread. */
export const isLeftHand = ({ leftHand, thread }: Pick<Fastener, "leftHand" | "thread">): boolean =>
  leftHand === true || thread?.leftHand === true;

/** Which way the hand turns. Example: undoing a left-hand thread → "clockwise". */
export const turnsTo = (
  fastener: Pick<Fastener, "leftHand" | "thread">,
  way: "undo" | "do up",
): "clockwise" | "anticlockwise" =>
  isLeftHand(fastener) === (way === "undo") ? "clockwise" : "anticlockwise";
