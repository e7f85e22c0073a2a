import { z } from "zod";
import { recordShape } from "./record";

/** The id of the one record: the same on every device, so that two of them are one when they meet. */
export const WRITING_ID = "writing";

/** How a household writes its money: the currency that every price is in, and whose way of writing it. */
export const writingSchema = z.strictObject({
  ...recordShape,
  /** ISO 4217: EUR. */
  currency: z.string().regex(/^[A-Z]{3}$/, { message: "A currency has three letters: EUR." }),
  /** ISO 3166-1: IE. */
  region: z.string().regex(/^[A-Z]{2}$/, { message: "A country has two letters: IE." }),
});
export type Writing = z.infer<typeof writingSchema>;
