import { z } from "zod";

/** What can go wrong at a step, each with a ladder of its own. */
export const TROUBLE_KINDS = [
  "seized",
  "rounded",
  "snapped",
  "cross-threaded",
  "stripped",
  "stuck on its seat",
  "lead or clip broken",
  "wrong part",
  "missing part",
  "rounded inside",
  "captive nut gone",
  "insert spins",
  "stud turns",
  "pin will not move",
  "was missing already",
  "was fitted wrong",
] as const;
export type TroubleKind = (typeof TROUBLE_KINDS)[number];

/**
 * What often goes wrong at a step, and how often in a hundred: on a vehicle like new, and on one that is old and
 * rusty.
 */
export const oftenWrongSchema = z
  .strictObject({
    kind: z.enum(TROUBLE_KINDS),
    young: z.number().min(0).max(100),
    old: z.number().min(0).max(100),
  })
  .refine(({ young, old }) => young <= old, { message: "What is old goes wrong at least as often." });
export type OftenWrong = z.infer<typeof oftenWrongSchema>;
