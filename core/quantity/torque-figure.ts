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
/** A taper-roller hub takes five: up while turning, off, up again by hand, back to the slot, and its pin. */
const MAX_MOVES = 12;

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

const maximum = z.strictObject({ form: z.literal("maximum"), torque: torqueQuantitySchema });
const turns = z.strictObject({ form: z.literal("turns"), turns: z.number().positive().max(200) });
/** Until so many threads stand out of the nut, "two to three" having a most too. */
const threads = z.strictObject({
  form: z.literal("threads"),
  least: z.int().min(1).max(40),
  most: z.int().min(1).max(40).optional(),
});
/** Driven in until it lies so far below the face, mm; 0 is flush, less than 0 stands proud. */
const depth = z.strictObject({ form: z.literal("depth"), belowMm: z.number().min(-500).max(500) });

/** What is put on by hand and holds without a torque. */
export const FITTINGS = ["spring clamp", "push clip", "plastic nut"] as const;
export type Fitting = (typeof FITTINGS)[number];
const fitted = z.strictObject({ form: z.literal("fitted"), as: z.enum(FITTINGS) });

/** Turned further from where it is. */
const angle = z.strictObject({ form: z.literal("angle"), degrees: z.number().positive().max(720) });
/** Turned back from where it is: by so much, to the slot that its pin goes through, or until it is free. */
const backOff = z.strictObject({
  form: z.literal("back off"),
  by: z.union([z.number().positive().max(7200), z.literal("to the slot"), z.literal("until it is free")]),
});

/** What can be the whole of a figure. */
const whole = [value, range, maximum, snug, handTight, passes, turns, threads, depth, fitted] as const;
const moveSchema = z.discriminatedUnion("form", [...whole, angle, backOff]);
/** One thing done to the bolts before the next: all of a figure, or a part of one. */
export type Move = z.infer<typeof moveSchema>;

/**
 * Every form in which a maker writes down how tight something should be: one move, or several that are one
 * procedure.
 */
export const torqueFigureSchema = z.discriminatedUnion("form", [
  ...whole,
  z.strictObject({
    form: z.literal("procedure"),
    moves: z
      .array(moveSchema)
      .min(2)
      .max(MAX_MOVES)
      .refine(([first]) => first?.form !== "angle" && first?.form !== "back off", {
        message: "Something comes before an angle, or before what is backed off.",
      }),
  }),
]);

export type TorqueFigure = z.infer<typeof torqueFigureSchema>;

/** The moves of a figure, in order. Example: 50 N·m + 90° → [50 N·m, 90°]. */
export const movesOf = (figure: TorqueFigure): readonly Move[] =>
  figure.form === "procedure" ? figure.moves : [figure];
