import { z } from "zod";
import { moneySchema } from "./offer";
import { daySchema, idSchema, instantSchema, lineSchema, recordShape } from "./record";

/** An hour of the clock where the vehicle stands: "08:30". */
export const clockSchema = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, {
  message: "An hour is written 08:30.",
});

const windowShape = { from: clockSchema, to: clockSchema };
const inOrder = [
  ({ from, to }: { from: string; to: string }) => from < to,
  { message: "The end lies behind the beginning." },
] as const;

/** From an hour to a later one of the same day. */
export const hoursSchema = z.strictObject(windowShape).refine(...inOrder);
export type Hours = z.infer<typeof hoursSchema>;

/** What was said of a day when its work began, held against how it went. */
export const saidSchema = z.strictObject({
  at: instantSchema,
  /** The vehicle rolls by then with this chance, 0 to 1. */
  rollBy: instantSchema,
  chance: z.number().min(0).max(1),
  /** Moments by which 50, 80 and 95 of 100 runs were over. */
  p50: instantSchema,
  p80: instantSchema,
  p95: instantSchema,
});
export type Said = z.infer<typeof saidSchema>;

/** When a job is done, and around what; how long it takes is worked out from its plan. */
export const dayPlanSchema = z.strictObject({
  ...recordShape,
  jobId: idSchema,
  startsOn: daySchema,
  startsAt: clockSchema,
  /** It has to roll by then, and what it costs where it does not. */
  rollBy: z.strictObject({ on: daySchema, at: clockSchema, costMinor: moneySchema.optional() }).optional(),
  /** Each day, to eat or to rest: hands are not there for so many minutes. */
  pauses: z.array(z.strictObject({ at: clockSchema, minutes: z.int().min(5).max(240) })).max(6),
  /** When a second pair of hands is there: each day, or on one. */
  helper: z.array(z.strictObject({ ...windowShape, on: daySchema.optional() }).refine(...inOrder)).max(20),
  /** Steps in an order of one's own, by id. */
  order: z.array(idSchema).max(1000).optional(),
  /** Both sides are worked side by side, not one after the other. */
  sideBySide: z.literal(true).optional(),
  /** The first day ends with this step. */
  splitAfter: idSchema.optional(),
  /** What is hired, until when, what a day of it costs, and what it would cost to buy. */
  hires: z
    .array(
      z.strictObject({
        what: lineSchema,
        until: daySchema,
        perDayMinor: moneySchema,
        buyMinor: moneySchema.optional(),
      }),
    )
    .max(20)
    .optional(),
  /** How warm it is there, °C: what cures takes longer in the cold. */
  temperatureC: z.number().min(-40).max(60).optional(),
  said: saidSchema.optional(),
});
export type DayPlan = z.infer<typeof dayPlanSchema>;

const weekSchema = z.array(hoursSchema.nullable()).length(7);

/** What is the same for every job that is done at one place; kept on the device. */
export const surroundingsSchema = z.strictObject({
  /** Left out until it is known: then nothing is said of light. */
  spot: z
    .strictObject({
      name: lineSchema,
      latitude: z.number().min(-90).max(90),
      longitude: z.number().min(-180).max(180),
    })
    .optional(),
  /** When a shop is open, Sunday first; null where it is shut all day. */
  shop: weekSchema,
  /** Minutes there and back, with what is bought. */
  tripMin: z.number().min(0).max(600),
  /** When one works on it and the neighbours do not mind, Sunday first; null on a day without. */
  hands: weekSchema,
});
export type Surroundings = z.infer<typeof surroundingsSchema>;
