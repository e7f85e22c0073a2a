import { z } from "zod";
import { SQUARE_DRIVES } from "../drive/square-drive";
import { TORQUE_UNITS } from "../quantity/torque-unit";
import { headSizeSchema } from "./head-size";
import { lineSchema, recordShape } from "./record";

const drive = z.enum(SQUARE_DRIVES);
const mm = z.number().positive().max(5000);
const owned = { ...recordShape, name: lineSchema };

export const torqueWrenchSchema = z
  .strictObject({
    ...owned,
    kind: z.literal("torque wrench"),
    works: z.enum(["click", "dial", "digital"]),
    drive,
    unit: z.enum(TORQUE_UNITS),
    min: z.number().min(0),
    max: z.number().positive(),
    /** The smallest change its scale can be set or read to, in its own unit. */
    step: z.number().positive(),
    /** Share of the setting, from its certificate: 0.03 for ±3 %. Left out, the standard's limit is taken. */
    accuracy: z.number().positive().max(0.2).optional(),
    gripLengthMm: mm,
  })
  .refine((wrench) => wrench.min < wrench.max, { path: ["max"], message: "The top of a wrench's scale must be above its bottom." });
export type TorqueWrench = z.infer<typeof torqueWrenchSchema>;

/** Everything in the chest. Sets are entered as their single tools. */
export const toolSchema = z.discriminatedUnion("kind", [
  torqueWrenchSchema,
  /** Sockets, and bits with a square drive. */
  z.strictObject({ ...owned, kind: z.literal("socket"), drive, head: headSizeSchema, deep: z.boolean().optional() }),
  z.strictObject({ ...owned, kind: z.literal("spanner"), head: headSizeSchema }),
  z.strictObject({ ...owned, kind: z.literal("crowfoot"), drive, head: headSizeSchema, offsetMm: mm }),
  z.strictObject({ ...owned, kind: z.literal("drive adapter"), from: drive, to: drive }),
  z.strictObject({ ...owned, kind: z.literal("extension"), drive, lengthMm: mm }),
  z.strictObject({ ...owned, kind: z.literal("bar or ratchet"), drive, lengthMm: mm }),
  z.strictObject({ ...owned, kind: z.literal("stands"), count: z.int().min(1).max(12), ratingPerStandKg: z.number().positive().max(50_000) }),
  z.strictObject({ ...owned, kind: z.literal("jack"), ratingKg: z.number().positive().max(50_000) }),
]);
export type Tool = z.infer<typeof toolSchema>;
