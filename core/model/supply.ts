import { z } from "zod";
import { idSchema, lineSchema } from "./record";

export const AMOUNT_UNITS = ["mL", "g", "m", "pieces"] as const;

/** So much of something that is used up. */
export const amountSchema = z.strictObject({
  value: z.number().min(0).max(1_000_000),
  unit: z.enum(AMOUNT_UNITS),
});
export type Amount = z.infer<typeof amountSchema>;

/**
 * A fluid, grease or other thing that a job uses up: what goes in, and what is lost on the way (bled,
 * spilled).
 */
export const supplySchema = z.strictObject({
  id: idSchema,
  name: lineSchema,
  amount: amountSchema,
  lost: z.number().min(0).max(1_000_000).optional(),
});
export type Supply = z.infer<typeof supplySchema>;

/**
 * A puller or other tool that a job needs by name; `days` for how long, where it is hired. One that turns a
 * fastener does so in place of a socket: a joint tool, a pipe wrench, a slotted socket, a driver for a seal.
 */
export const specialToolSchema = z.strictObject({
  id: idSchema,
  name: lineSchema,
  days: z.int().min(1).max(90),
  turns: z.array(idSchema).min(1).max(50).optional(),
  /** What it may do to what it takes hold of: it bites into the pipe, it slips on the flats. */
  risk: lineSchema.optional(),
  /** Wanted where the usual way fails, and not otherwise. */
  onlyIfNeeded: z.literal(true).optional(),
});
export type SpecialTool = z.infer<typeof specialToolSchema>;
