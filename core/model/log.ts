import { z } from "zod";
import { SIDES } from "../side";
import { placeSchema, systemSchema } from "./place";
import {
  LONGEST_UNIT,
  daySchema,
  idSchema,
  lineSchema,
  recordShape,
  textSchema,
  measuredSchema,
} from "./record";
import { distanceSchema } from "./vehicle";

/** A completed replacement: one part at one place. */
export const replacementSchema = z.strictObject({
  ...recordShape,
  vehicleId: idSchema,
  jobId: idSchema.optional(),
  part: lineSchema,
  partNumber: lineSchema.optional(),
  count: z.int().min(1).max(99),
  place: placeSchema,
  system: systemSchema,
  odometer: distanceSchema,
  on: daySchema,
  priceMinor: z.int().min(0).max(100_000_000).optional(),
  /** What a workshop asked for the same, part and work. */
  quoteMinor: z.int().min(0).max(100_000_000).optional(),
  hand: z.enum(SIDES).optional(),
  warrantyUntil: daySchema.optional(),
  note: textSchema.optional(),
  /**
   * Its own, beside those of its job: the receipt, the number on the box. Their pixels stay in the browser
   * and go along in a zip.
   */
  photoIds: z.array(idSchema).max(50).optional(),
});
export type Replacement = z.infer<typeof replacementSchema>;

/** Something measured on the vehicle at one reading of its odometer, against the limits it had then. */
export const measurementSchema = z.strictObject({
  ...recordShape,
  vehicleId: idSchema,
  jobId: idSchema.optional(),
  what: lineSchema,
  /** Where, in the words of the plan: "left", "right rear". */
  at: lineSchema.optional(),
  value: measuredSchema,
  unit: z.string().max(LONGEST_UNIT),
  least: measuredSchema.optional(),
  most: measuredSchema.optional(),
  odometer: distanceSchema,
  on: daySchema,
});
export type Measurement = z.infer<typeof measurementSchema>;

export const FOLLOW_UP_KINDS = [
  "recheck torque",
  "alignment",
  "leak look",
  "return core",
  "return hire",
  "bed in",
  "other",
] as const;

/** Something owed after a job, due on a day or at an odometer reading. */
export const followUpSchema = z.strictObject({
  ...recordShape,
  vehicleId: idSchema,
  jobId: idSchema.optional(),
  kind: z.enum(FOLLOW_UP_KINDS),
  text: lineSchema,
  dueOn: daySchema.optional(),
  dueAt: distanceSchema.optional(),
  state: z.enum(["open", "done", "dropped"]),
  closedOn: daySchema.optional(),
  /** Why it was moved or dropped. */
  because: lineSchema.optional(),
});
export type FollowUp = z.infer<typeof followUpSchema>;

/** How often one part of a vehicle is renewed: after so far or so long, whichever comes first. */
export const intervalSchema = z
  .strictObject({
    ...recordShape,
    vehicleId: idSchema,
    part: lineSchema,
    /** Only at this place; left out, wherever the part sits. */
    place: placeSchema.optional(),
    system: systemSchema,
    every: distanceSchema
      .refine(({ value }) => value > 0, "An interval must be more than nothing.")
      .optional(),
    months: z.int().min(1).max(600).optional(),
    /** Left alone until then, and why. */
    snoozed: z.strictObject({ until: daySchema, because: lineSchema }).optional(),
  })
  .refine(({ every, months }) => every !== undefined || months !== undefined, {
    path: ["every"],
    message: "An interval needs a distance or a time.",
  });
export type Interval = z.infer<typeof intervalSchema>;
