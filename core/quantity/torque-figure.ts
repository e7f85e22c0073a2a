import { z } from "zod";
import { LEAST_TORQUE_NM, MOST_TORQUE_NM, quantityNm } from "./torque-quantity";
import { TORQUE_UNITS } from "./torque-unit";

/** A torque as it was given, in the unit it was given in. */
export const torqueQuantitySchema = z
  .strictObject({
    value: z.number().positive().finite().max(1e6),
    unit: z.enum(TORQUE_UNITS),
    decimals: z.int().min(0).max(6),
  })
  .refine((torque) => quantityNm(torque) >= LEAST_TORQUE_NM && quantityNm(torque) <= MOST_TORQUE_NM, {
    message: `A torque on a vehicle lies between ${LEAST_TORQUE_NM} and ${MOST_TORQUE_NM} N·m.`,
  });

const MAX_PASSES = 6;

const value = z.strictObject({ form: z.literal("value"), torque: torqueQuantitySchema });
const range = z
  .strictObject({ form: z.literal("range"), low: torqueQuantitySchema, high: torqueQuantitySchema })
  .refine(({ low, high }) => quantityNm(low) < quantityNm(high), {
    message: "The lower end of a torque range must be below its upper end.",
  });
/** Good and tight with a short tool, no figure given. */
const snug = z.strictObject({ form: z.literal("snug") });
/** As far as fingers turn it, and no tool. */
const handTight = z.strictObject({ form: z.literal("hand tight") });
const passes = z.strictObject({
  form: z.literal("passes"),
  torques: z.array(torqueQuantitySchema).min(2).max(MAX_PASSES),
});

/** What comes before an angle: all that is done up to a torque, or by hand. */
const firstPartSchema = z.discriminatedUnion("form", [value, range, snug, handTight, passes]);
export type FirstPart = z.infer<typeof firstPartSchema>;

/** Every form in which a maker writes down how tight something should be. */
export const torqueFigureSchema = z.discriminatedUnion("form", [
  value,
  range,
  z.strictObject({ form: z.literal("maximum"), torque: torqueQuantitySchema }),
  snug,
  handTight,
  passes,
  z.strictObject({
    form: z.literal("angle"),
    first: firstPartSchema,
    anglesDeg: z.array(z.number().positive().max(720)).min(1).max(MAX_PASSES),
  }),
  z.strictObject({ form: z.literal("turns"), turns: z.number().positive().max(200) }),
]);

export type TorqueFigure = z.infer<typeof torqueFigureSchema>;
