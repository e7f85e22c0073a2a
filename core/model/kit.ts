import { z } from "zod";
import { moneySchema, needKeySchema, offerSchema } from "./offer";
import { daySchema, idSchema, lineSchema, recordShape } from "./record";

/** What money went on. */
export const PAID_FOR = ["part", "tool", "used up", "hire", "delivery", "old part kept"] as const;

/** What has been done towards a job's kit; what the job needs is worked out from its plan. */
export const kitSchema = z.strictObject({
  ...recordShape,
  jobId: idSchema,
  /** Keys of what has been laid out on the mat. */
  laidOut: z.array(needKeySchema).max(5000),
  /** What is there or on its way without being in the chest. */
  got: z
    .array(
      z.strictObject({
        key: needKeySchema,
        how: z.enum(["in hand", "on order"]),
        from: lineSchema.optional(),
        due: daySchema.optional(),
      }),
    )
    .max(2000),
  /** Offers typed in by hand: a price seen elsewhere, a friend who lends it. */
  typed: z.array(offerSchema).max(200),
  wishes: z.strictObject({
    spendUpToMinor: moneySchema.optional(),
    neededBy: daySchema.optional(),
    own: z.array(needKeySchema).max(500),
    /** The old part is not given back: what is asked for it is a cost. */
    keepOld: z.literal(true).optional(),
  }),
  /** What was really paid, a line each; a deposit comes back and is no part of it. */
  paid: z
    .array(
      z.strictObject({
        id: idSchema,
        what: lineSchema,
        kind: z.enum(PAID_FOR),
        minor: moneySchema,
        /** The needs it met. */
        keys: z.array(needKeySchema).max(100),
      }),
    )
    .max(2000)
    .optional(),
  /** A workshop's price for the whole job. */
  quoteMinor: moneySchema.optional(),
  /** What an hour of one's own is worth. */
  hourMinor: moneySchema.optional(),
  /** Over how many jobs a bought tool is spread. */
  toolUses: z.int().min(1).max(1000).optional(),
});
export type PaidFor = (typeof PAID_FOR)[number];
export type KitRecord = z.infer<typeof kitSchema>;
