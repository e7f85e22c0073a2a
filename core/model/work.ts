import { z } from "zod";
import { STANCES } from "./job";
import { daySchema, idSchema, instantSchema, recordShape } from "./record";

/** The ticks that hold a raised vehicle; each is set apart. */
export const SAFETY_TICKS = ["ground", "chocks", "stands", "shake"] as const;
export const safetyTickSchema = z.enum(SAFETY_TICKS);
export type SafetyTick = z.infer<typeof safetyTickSchema>;

const happened = { at: instantSchema, on: daySchema };

/** One thing done under way, in the order it was done. */
export const workEventSchema = z.discriminatedUnion("type", [
  /** A bolt ticked at one stage of its figure. */
  z.strictObject({ ...happened, type: z.literal("bolt"), stepId: idSchema, stage: z.int().min(0).max(20), bolt: z.int().min(1).max(64) }),
  z.strictObject({ ...happened, type: z.literal("step"), stepId: idSchema }),
  z.strictObject({ ...happened, type: z.literal("safety"), tick: safetyTickSchema, stance: z.enum(STANCES) }),
]);
export type WorkEvent = z.infer<typeof workEventSchema>;

/** A job being done: everything else about its progress is worked out from the events. */
export const workSchema = z.strictObject({
  ...recordShape,
  jobId: idSchema,
  routeId: idSchema,
  openStepId: idSchema.optional(),
  events: z.array(workEventSchema).max(20_000),
});
export type Work = z.infer<typeof workSchema>;
