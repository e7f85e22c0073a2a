import { z } from "zod";
import { quantityNm } from "../quantity/torque-quantity";
import { TORQUE_UNITS } from "../quantity/torque-unit";

/** A torque as it was given, in the unit it was given in. */
export const torqueQuantitySchema = z.strictObject({
  value: z.number().positive().finite().max(1e6),
  unit: z.enum(TORQUE_UNITS),
  decimals: z.int().min(0).max(6),
});

const MAX_PASSES = 6;

/** Every form in which a maker writes down how tight something should be. */
export const torqueFigureSchema = z
  .discriminatedUnion("form", [
    z.strictObject({ form: z.literal("value"), torque: torqueQuantitySchema }),
    z.strictObject({ form: z.literal("range"), low: torqueQuantitySchema, high: torqueQuantitySchema }),
    z.strictObject({ form: z.literal("maximum"), torque: torqueQuantitySchema }),
    z.strictObject({ form: z.literal("snug") }),
    z.strictObject({ form: z.literal("passes"), torques: z.array(torqueQuantitySchema).min(2).max(MAX_PASSES) }),
    z.strictObject({
      form: z.literal("angle"),
      torque: torqueQuantitySchema,
      anglesDeg: z.array(z.number().positive().max(720)).min(1).max(MAX_PASSES),
    }),
    z.strictObject({ form: z.literal("turns"), turns: z.number().positive().max(200) }),
  ])
  .refine((figure) => figure.form !== "range" || quantityNm(figure.low) < quantityNm(figure.high), {
    message: "The lower end of a torque range must be below its upper end.",
  });

export type TorqueFigure = z.infer<typeof torqueFigureSchema>;
