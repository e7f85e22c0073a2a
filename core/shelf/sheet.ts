import { z } from "zod";
import {
  PHASES,
  STEP_KINDS,
  UNDOABLE,
  fastenerSchema,
  laidOpenSchema,
  partSchema,
  stepSchema,
} from "../model/job";
import { placeSchema, systemSchema } from "../model/place";
import { lineSchema } from "../model/record";
import { specialToolSchema, supplySchema } from "../model/supply";

/** A short name by which one line of a sheet names another. */
const key = z.string().regex(/^[a-z][a-z0-9-]{0,30}$/);
/** Answers with which a line is in the plan; left out, it is in every plan. */
const when = z.record(key, z.array(key).min(1)).optional();
/** A line that is there once for each side. */
const sided = z.literal(true).optional();

/** A question that changes the plan, and how to tell by looking. */
const askSchema = z.strictObject({
  id: key,
  asks: lineSchema,
  tell: lineSchema,
  answers: z
    .array(z.strictObject({ id: key, says: lineSchema }))
    .min(2)
    .max(5),
});
export type Ask = z.infer<typeof askSchema>;

const sheetStepSchema = stepSchema
  .pick({
    title: true,
    detail: true,
    takesOff: true,
    putsBack: true,
    movesPast: true,
    count: true,
    hands: true,
    vehicleIs: true,
    wait: true,
    photo: true,
    mark: true,
    facing: true,
    routing: true,
    applies: true,
    leaves: true,
    loaded: true,
    heldUp: true,
    noWayBack: true,
    minutes: true,
    troubles: true,
  })
  .extend({
    key: key.optional(),
    kind: z.enum(STEP_KINDS),
    /** The fastener it works on. */
    with: key.optional(),
    cautions: z.array(lineSchema).max(10).optional(),
    needs: z.array(key).optional(),
    /** The step that it puts right again. */
    back: key.optional(),
    /** What is measured; its limit is looked up. */
    measure: z.strictObject({ what: lineSchema, unit: z.string().max(20) }).optional(),
    sided,
    when,
  });
export type SheetStep = z.infer<typeof sheetStepSchema>;

const sheetFastenerSchema = fastenerSchema
  .omit({
    id: true,
    sizeToUndo: true,
    sizeToDoUp: true,
    thread: true,
    figure: true,
    source: true,
    doubtful: true,
    sizeDoubtful: true,
  })
  .extend({
    /** The size that such a head often has, as it is written; to be tried before the day. */
    often: lineSchema.optional(),
    /** A way of doing it up that is no maker's figure: snug, hand tight, turns. */
    by: lineSchema.optional(),
    sided,
    when,
  });
export type SheetFastener = z.infer<typeof sheetFastenerSchema>;

const sheetPartSchema = partSchema
  .omit({ id: true, place: true, partNumber: true, priceMinor: true, renews: true, holds: true, hand: true })
  .extend({
    place: placeSchema.optional(),
    renews: key.optional(),
    holds: z.array(key).optional(),
    /** Made for one side only. */
    handed: z.literal(true).optional(),
    sided,
    when,
  });

/** One way of doing the job among several: what it harms, whether that can be undone, what speaks for it. */
const waySchema = z.strictObject({
  id: key,
  name: lineSchema,
  harm: lineSchema.optional(),
  undoable: z.enum(UNDOABLE).optional(),
  /** What speaks for it. */
  evidence: lineSchema.optional(),
});

/**
 * A generic job sheet: what any vehicle's job of that kind has, and blanks where a figure, a size or a limit belongs
 * to one vehicle. Its steps stand in working order in each phase.
 */
export const sheetSchema = z.strictObject({
  name: key,
  /** `{axle}` in it is the answer to the question of that name. */
  title: lineSchema,
  system: systemSchema,
  place: placeSchema,
  /** What people say who need it. */
  foundBy: z.array(lineSchema).min(1),
  /** Both sides always, or the one that is asked for. */
  sides: z.enum(["both", "ask"]).optional(),
  /** The end that goes up; "axle" is the answer to the question of that name. */
  raised: z.enum(["front", "rear", "all", "axle"]).optional(),
  asks: z.array(askSchema).max(3),
  ways: z.array(waySchema).min(1).max(4).optional(),
  fasteners: z.record(key, sheetFastenerSchema),
  phases: z.record(z.enum(PHASES), z.array(sheetStepSchema)),
  parts: z.array(sheetPartSchema),
  supplies: z.array(supplySchema.omit({ id: true }).extend({ when })).optional(),
  /** What lies open on the way, and could be renewed for little more. */
  bare: z
    .array(
      laidOpenSchema
        .omit({ id: true, place: true, priceMinor: true })
        .extend({ place: placeSchema.optional(), sided, when }),
    )
    .optional(),
  tools: z
    .array(specialToolSchema.omit({ id: true, turns: true }).extend({ turns: z.array(key).optional(), when }))
    .optional(),
});
export type Sheet = z.infer<typeof sheetSchema>;

/** What was answered to a sheet's questions, by question. */
export type Answers = Readonly<Record<string, string>>;
