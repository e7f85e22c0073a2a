import { z } from "zod";
import { torqueQuantitySchema } from "../quantity/torque-figure";
import { MOST_BOLTS, STANCES } from "./job";
import { daySchema, idSchema, instantSchema, lineSchema, recordShape, measuredSchema } from "./record";
import { TROUBLE_KINDS } from "./trouble";

/** The ticks that hold a raised vehicle; each is set apart. */
export const SAFETY_TICKS = ["ground", "chocks", "stands", "shake"] as const;
export const safetyTickSchema = z.enum(SAFETY_TICKS);
export type SafetyTick = z.infer<typeof safetyTickSchema>;

/** What a step can ask for one after another; the last of a step's tasks finishes it. */
export const TASKS = ["mark", "hands", "wait", "measure", "look"] as const;
export type Task = (typeof TASKS)[number];

/** What was found on looking. */
export const FINDINGS = ["good", "watch", "replace"] as const;
export type LookedAt = (typeof FINDINGS)[number];

/** How something sits beside how it sat before it came off. */
export const COMPARED = ["same", "was wrong before", "cannot tell"] as const;
export type Compared = (typeof COMPARED)[number];

/** What a bolt was brought to its torque with. */
export const TIGHTENED_BY = ["wrench", "another wrench", "spanner", "feel"] as const;
export type TightenedBy = (typeof TIGHTENED_BY)[number];

const happened = { at: instantSchema, on: daySchema };
const inStep = { ...happened, stepId: idSchema };
const atBolt = { ...inStep, stage: z.int().min(0).max(100), bolt: z.int().min(1).max(MOST_BOLTS) };

/** One thing done under way, in the order it was done. */
export const workEventSchema = z.discriminatedUnion("type", [
  /** A bolt ticked at one stage of its figure; where that is a torque, by what, and what was set on it. */
  z.strictObject({
    ...atBolt,
    type: z.literal("bolt"),
    by: z.enum(TIGHTENED_BY).optional(),
    set: torqueQuantitySchema.optional(),
    /** What reaches the bolt at that setting, N·m, through whatever stands between. */
    boltNm: z.number().positive().max(1e5).optional(),
  }),
  /** What a wrench read at a bolt, and what reached the bolt through whatever stood between. */
  z.strictObject({
    ...atBolt,
    type: z.literal("reading"),
    reading: torqueQuantitySchema,
    boltNm: z.number().positive().max(1e5),
    by: z.enum(["hand", "wrench"]),
  }),
  /** One of a step's tasks done, another still to come. */
  z.strictObject({ ...inStep, type: z.literal("task"), task: z.enum(TASKS) }),
  z.strictObject({
    ...inStep,
    type: z.literal("step"),
    found: z.enum(FINDINGS).optional(),
    /** Left out, and why: it counts as done, and the log says so. */
    skipped: lineSchema.optional(),
  }),
  /** Put back and held against how it came off. */
  z.strictObject({ ...inStep, type: z.literal("compared"), as: z.enum(COMPARED) }),
  z.strictObject({ ...happened, type: z.literal("safety"), tick: safetyTickSchema, stance: z.enum(STANCES) }),
  /** Half a turn counted on, or one taken off again. */
  z.strictObject({ ...inStep, type: z.literal("half turn"), by: z.union([z.literal(1), z.literal(-1)]) }),
  z.strictObject({
    ...inStep,
    type: z.literal("measured"),
    place: lineSchema.optional(),
    value: measuredSchema,
  }),
  /** A photo taken; its pixels are kept beside the records, by this id. */
  z.strictObject({ ...inStep, type: z.literal("photo"), photoId: idSchema }),
  z.strictObject({
    ...inStep,
    type: z.literal("trouble"),
    troubleId: idSchema,
    kind: z.enum(TROUBLE_KINDS),
    about: lineSchema,
  }),
  /** A rung of the trouble's ladder tried. */
  z.strictObject({
    ...inStep,
    type: z.literal("tried"),
    troubleId: idSchema,
    rung: lineSchema,
    worked: z.boolean(),
    /** Passed over as not for this one, without having been tried. */
    passed: z.literal(true).optional(),
  }),
  /** Where in the tray something lies. */
  z.strictObject({ ...happened, type: z.literal("compartment"), of: lineSchema, named: lineSchema }),
  /** Something that stays off, and why. */
  z.strictObject({ ...happened, type: z.literal("left off"), of: lineSchema, because: lineSchema }),
  /** One of the checks before driving done. */
  z.strictObject({ ...happened, type: z.literal("checked"), check: lineSchema }),
  z.strictObject({
    ...happened,
    type: z.literal("noted"),
    as: z.enum(["lesson", "noticed"]),
    text: lineSchema,
  }),
]);
export type WorkEvent = z.infer<typeof workEventSchema>;
export type EventOf<T extends WorkEvent["type"]> = Extract<WorkEvent, { type: T }>;

/** So many of the last are remembered as taken back. */
export const MOST_TAKEN_BACK = 500;

/** A job being done: everything else about its progress is worked out from the events. */
export const workSchema = z.strictObject({
  ...recordShape,
  jobId: idSchema,
  routeId: idSchema,
  openStepId: idSchema.optional(),
  /** Left half done: why the vehicle must not be driven meanwhile. */
  doNotDrive: lineSchema.optional(),
  events: z.array(workEventSchema).max(20_000),
  /** Done and taken back again: another device that still has it as done lets go of it too. */
  takenBack: z.array(workEventSchema).max(MOST_TAKEN_BACK).optional(),
});
export type Work = z.infer<typeof workSchema>;
