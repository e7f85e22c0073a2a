import { z } from "zod";
import { headSizeSchema } from "../quantity/head-size";
import { TORQUE_UNITS } from "../quantity/torque-unit";
import { daySchema, lineSchema, recordShape } from "./record";
import { SQUARE_DRIVES } from "./square-drive";
import { amountSchema } from "./supply";

const drive = z.enum(SQUARE_DRIVES);
/** Longer and heavier than any tool of a home mechanic. */
export const LONGEST_MM = 5000;
export const HEAVIEST_KG = 50_000;
const mm = z.number().positive().max(LONGEST_MM);
const kg = z.number().positive().max(HEAVIEST_KG);
/**
 * `set` is the box that it belongs to; `lentTo` says who has it meanwhile: a lent tool covers nothing.
 * `priceMinor` is what it cost.
 */
const owned = {
  ...recordShape,
  name: lineSchema,
  set: lineSchema.optional(),
  lentTo: lineSchema.optional(),
  priceMinor: z.int().min(0).max(100_000_000).optional(),
};

export const torqueWrenchSchema = z
  .strictObject({
    ...owned,
    kind: z.literal("torque wrench"),
    works: z.enum(["click", "dial", "beam", "digital"]),
    drive,
    unit: z.enum(TORQUE_UNITS),
    min: z.number().min(0),
    max: z.number().positive(),
    /** The smallest change its scale can be set or read to, in its own unit. */
    step: z.number().positive(),
    /** Share of the setting, from its certificate: 0.03 for ±3 %. Left out, the standard's limit is taken. */
    accuracy: z.number().positive().max(0.2).optional(),
    /** Left out, it was not measured yet: then the wrench is set without a crowfoot only. */
    gripLengthMm: mm.optional(),
    /** When it was last checked or calibrated. */
    checkedOn: daySchema.optional(),
  })
  .refine((wrench) => wrench.min < wrench.max, {
    path: ["max"],
    message: "The top of a wrench's scale must be above its bottom.",
  });
export type TorqueWrench = z.infer<typeof torqueWrenchSchema>;

/**
 * What the ends of a spanner are; a combination has one open end and one ring. A flare spanner is a ring with
 * a slot for the pipe.
 */
export const SPANNER_FORMS = ["combination", "open", "ring", "ratchet", "flare"] as const;

/** Everything in the chest. A set is its single tools, each of which says whose it is. */
export const toolSchema = z.discriminatedUnion("kind", [
  torqueWrenchSchema,
  /**
   * Sockets, and bits with a square drive. `points` of a hexagon socket: 6 hold the flats, 12 go on in twice
   * as many places.
   */
  z.strictObject({
    ...owned,
    kind: z.literal("socket"),
    drive,
    head: headSizeSchema,
    deep: z.boolean().optional(),
    impact: z.boolean().optional(),
    points: z.union([z.literal(6), z.literal(12)]).optional(),
  }),
  /** Keys and drivers held in the hand. */
  z.strictObject({ ...owned, kind: z.literal("key"), head: headSizeSchema }),
  z.strictObject({
    ...owned,
    kind: z.literal("spanner"),
    head: headSizeSchema,
    form: z.enum(SPANNER_FORMS).optional(),
  }),
  z.strictObject({
    ...owned,
    kind: z.literal("crowfoot"),
    drive,
    head: headSizeSchema,
    offsetMm: mm,
    flare: z.boolean().optional(),
  }),
  z.strictObject({ ...owned, kind: z.literal("drive adapter"), from: drive, to: drive }),
  z.strictObject({ ...owned, kind: z.literal("extension"), drive, lengthMm: mm }),
  z.strictObject({ ...owned, kind: z.literal("universal joint"), drive }),
  z.strictObject({ ...owned, kind: z.literal("bar or ratchet"), drive, lengthMm: mm }),
  z.strictObject({ ...owned, kind: z.literal("angle gauge"), drive }),
  z.strictObject({
    ...owned,
    kind: z.literal("multiplier"),
    from: drive,
    to: drive,
    ratio: z.number().min(1).max(50),
    efficiency: z.number().min(0.3).max(1),
  }),
  z.strictObject({
    ...owned,
    kind: z.literal("stands"),
    count: z.int().min(1).max(12),
    ratingPerStandKg: kg,
    lowestMm: mm.optional(),
    highestMm: mm.optional(),
  }),
  z.strictObject({
    ...owned,
    kind: z.literal("jack"),
    ratingKg: kg,
    lowestMm: mm.optional(),
    highestMm: mm.optional(),
  }),
  /** Pullers, chocks, gauges, goggles, pans: known by name. */
  z.strictObject({ ...owned, kind: z.literal("special tool") }),
  /** What is used up, and how much of it is left. */
  z.strictObject({ ...owned, kind: z.literal("consumable"), left: amountSchema }),
]);
export type Tool = z.infer<typeof toolSchema>;
export type ToolOf<K extends Tool["kind"]> = Extract<Tool, { kind: K }>;
