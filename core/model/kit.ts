import { z } from "zod";
import { moneySchema, needKeySchema, offerSchema } from "./offer";
import { daySchema, idSchema, lineSchema, recordShape } from "./record";

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
  }),
  /** A workshop's price for the whole job. */
  quoteMinor: moneySchema.optional(),
  /** What an hour of one's own is worth. */
  hourMinor: moneySchema.optional(),
  /** Over how many jobs a bought tool is spread. */
  toolUses: z.int().min(1).max(1000).optional(),
});
export type KitRecord = z.infer<typeof kitSchema>;
