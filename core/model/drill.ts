import { z } from "zod";
import { recordShape } from "./record";

/** What is practised: each a drill of its own. */
export const SKILLS = [
  "pull",
  "setting",
  "wrench",
  "unit",
  "crowfoot",
  "ring",
  "angle",
  "castle",
  "count",
  "seized",
  "fit",
  "stands",
  "order",
  "spot",
  "read",
] as const;
export type Skill = (typeof SKILLS)[number];

/** How hard a drill is, from the first to the hardest. */
export const LEVELS = [1, 2, 3, 4, 5] as const;
export type Level = (typeof LEVELS)[number];

/** How it went: as it should, nearly, or so that it would have done harm. */
export const GRADES = ["right", "near", "wrong"] as const;
export type Grade = (typeof GRADES)[number];

/**
 * A drill that was done, when it was made. What somebody is sure of is worked out from these; the seed makes the same
 * task again.
 */
export const drillSchema = z.strictObject({
  ...recordShape,
  skill: z.enum(SKILLS),
  level: z.literal(LEVELS),
  seed: z
    .int()
    .min(0)
    .max(2 ** 31 - 1),
  grade: z.enum(GRADES),
});
export type DrillDone = z.infer<typeof drillSchema>;
