import { z } from "zod";
import { lineSchema } from "./record";
import { amountSchema } from "./supply";

export const moneySchema = z.int().min(0).max(100_000_000);

export const OFFER_KINDS = ["single", "set", "pack", "part", "kit", "hire", "borrow"] as const;
export const GRADES = ["plain", "good", "maker's own", "remanufactured", "used"] as const;
export const LONGEST_KEY = 200;
/** Names the thing that an offer or a note is about: "part 01H…", "socket 13 mm". */
export const needKeySchema = z.string().min(1).max(LONGEST_KEY);

/**
 * One thing that can be had at a price: a tool or a set of them, a part, a pack of something used up,
 * something
 * for so much a day, something borrowed.
 */
export const offerSchema = z.strictObject({
  /** As the shop names it: words, not an id of ours. */
  id: lineSchema,
  kind: z.enum(OFFER_KINDS),
  title: lineSchema,
  shop: lineSchema,
  /** Of one, in minor units; of one day, where it is hired. */
  priceMinor: moneySchema,
  /** Paid and given back: cash that is needed, not a cost. A core is paid for the old part. */
  depositMinor: moneySchema.optional(),
  coreMinor: moneySchema.optional(),
  stock: z.int().min(0).max(10_000),
  leadDays: z.int().min(0).max(365),
  grade: z.enum(GRADES).optional(),
  /** Share of those sold that came back. */
  returnRate: z.number().min(0).max(1).optional(),
  /**
   * Tools and things used up, each line as it would be typed into the chest; what they cover is worked out
   * from that.
   */
  holds: z.array(lineSchema).max(60),
  /** Parts and hardware: the needs it answers, and how much of each is in one. */
  answers: z
    .array(z.strictObject({ key: needKeySchema, amount: z.number().positive().max(1_000_000) }))
    .max(100),
  leavesOut: z.array(lineSchema).max(30),
});
export type Offer = z.infer<typeof offerSchema>;

/** A shop, and what it asks for bringing an order of any size. */
export const shopSchema = z.strictObject({ name: lineSchema, deliveryMinor: moneySchema });
export type Shop = z.infer<typeof shopSchema>;

/**
 * What a counter is asked for: the need's key, what it is, and how much. `withIt` are needs that its box may
 * hold too.
 */
export const wantedSchema = z.strictObject({
  key: needKeySchema,
  is: z.enum(["part", "hardware", "supply", "special tool"]),
  what: lineSchema,
  amount: amountSchema,
  withIt: z.array(needKeySchema).max(50),
});
export type Wanted = z.infer<typeof wantedSchema>;

/** So much is asked for at once, things and bytes; more is asked for in turns. */
export const MOST_WANTED = 500;
export const LARGEST_ASK_BYTES = 256 * 1024;
/** What is sent to a counter, and what comes back. */
export const counterAskSchema = z.strictObject({ wanted: z.array(wantedSchema).max(MOST_WANTED) });
export type CounterAsk = z.infer<typeof counterAskSchema>;
export const counterAnswerSchema = z.strictObject({
  shops: z.array(shopSchema).max(20),
  offers: z.array(offerSchema).max(5000),
});
export type CounterAnswer = z.infer<typeof counterAnswerSchema>;
