import { z } from "zod";
import { lineSchema, idSchema, measuredSchema, LONGEST_UNIT } from "./record";

/**
 * What was found out before the plan: the symptom, the results of checks, causes of one's own, and measures.
 */

export const decideSchema = z.strictObject({
  symptom: lineSchema.optional(),
  /** The result of each check by its id. */
  results: z.record(lineSchema, lineSchema),
  own: z
    .array(
      z.strictObject({
        id: idSchema,
        name: lineSchema,
        for: z.array(lineSchema).max(20),
        against: z.array(lineSchema).max(20),
      }),
    )
    .max(20),
  measured: z
    .array(
      z.strictObject({
        id: idSchema,
        what: lineSchema,
        value: measuredSchema,
        unit: z.string().max(LONGEST_UNIT),
        least: measuredSchema.optional(),
        most: measuredSchema.optional(),
      }),
    )
    .max(50),
});
export type Decide = z.infer<typeof decideSchema>;
