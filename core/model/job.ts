import { z } from "zod";
import { headSizeSchema } from "../quantity/head-size";
import { torqueFigureSchema } from "../quantity/torque-figure";
import { SIDES } from "../side";
import { INTO } from "../thread/hole";
import { STRENGTH_CLASSES } from "../thread/strength";
import { decideSchema } from "./decide";
import { placeSchema, systemSchema } from "./place";
import {
  LONGEST_UNIT,
  daySchema,
  idSchema,
  lineSchema,
  recordShape,
  textSchema,
  measuredSchema,
} from "./record";
import { ROLES } from "./role";
import { specialToolSchema, supplySchema } from "./supply";
import { oftenWrongSchema } from "./trouble";

/** Bolts of one group, and parts of one kind. */
export const MOST_BOLTS = 64;
export const MOST_PARTS = 99;
export const LONGEST_WARRANTY_MONTHS = 240;

/** The phases of a job, in the order they are worked. */
export const PHASES = ["make safe", "take apart", "look closely", "put back", "prove it"] as const;
export type Phase = (typeof PHASES)[number];

/** How the vehicle stands while a step is done. */
export const STANCES = ["on the ground", "front up", "rear up", "all up"] as const;
export type Stance = (typeof STANCES)[number];

/**
 * What a step asks for: something done, a fastener undone, started by hand or tightened, its turns counted,
 * something looked at, the vehicle raised or let down.
 */
export const STEP_KINDS = ["do", "undo", "hand-start", "torque", "count", "look", "raise", "lower"] as const;
export type StepKind = (typeof STEP_KINDS)[number];

const leftHand = z.literal(true).optional();
export const threadSchema = z.discriminatedUnion("system", [
  z.strictObject({
    system: z.literal("metric"),
    diameterMm: z.number().min(1).max(100),
    pitchMm: z.number().min(0.1).max(10),
    leftHand,
  }),
  z.strictObject({
    system: z.literal("inch"),
    diameterIn: z.number().min(0.04).max(4),
    threadsPerInch: z.number().min(2).max(100),
    leftHand,
  }),
]);

export const adapterSchema = z.strictObject({
  offsetMm: z.number().min(0).max(1000),
  angleDeg: z.number().min(0).max(180),
});

const pointSchema = z.strictObject({ x: z.number().finite(), y: z.number().finite() });

/** Where the bolts of a group are: on a circle, or each at its own point (mm, or any one scale). */
export const patternSchema = z.discriminatedUnion("layout", [
  z.strictObject({ layout: z.literal("circle") }),
  z.strictObject({ layout: z.literal("points"), points: z.array(pointSchema).min(1).max(MOST_BOLTS) }),
]);
export type Pattern = z.infer<typeof patternSchema>;

/** What keeps a fastener from working loose. */
export const LOCKINGS = [
  "threadlocker, low strength",
  "threadlocker, medium strength",
  "threadlocker, high strength",
  "locking nut",
  "split pin",
  "tab washer",
  "lock wire",
  "staked",
  "peened",
] as const;
export type Locking = (typeof LOCKINGS)[number];
/** What keeps the other end of a fastener, or what it is in, from turning with it. */
export const HOLDS = [
  "on the other end",
  "key through the middle",
  "adjustable spanner",
  "holding tool",
  "bar in the disc",
  "foot on the brake",
  "in gear",
  "its belt",
  "second person",
] as const;
export const counterHoldSchema = z.strictObject({
  by: z.enum(HOLDS),
  /** Of what is held, or of the key. */
  size: headSizeSchema.optional(),
});
export type CounterHold = z.infer<typeof counterHoldSchema>;

/** How the vehicle has to stand while a fastener gets its final torque. */
export const TIGHTENED = ["hanging", "at ride height", "on the ground"] as const;
/** What gets at a fastener. */
export const ACCESSES = ["room for a torque wrench", "crowfoot only", "spanner only", "by feel"] as const;

/** "this vehicle's own": the wheel torque that stands with the vehicle. */
export const SOURCES = [
  "vehicle maker",
  "parts maker",
  "a recording",
  "a friend's notes",
  "this vehicle's own",
  "memory",
] as const;
export type Source = (typeof SOURCES)[number];
export const CONDITIONS = ["dry", "oiled", "threadlocked", "anti-seize"] as const;

/** A group of like bolts, nuts, studs, pins or clips. */
export const fastenerSchema = z.strictObject({
  id: idSchema,
  name: lineSchema,
  count: z.int().min(1).max(MOST_BOLTS),
  sizeToUndo: headSizeSchema.optional(),
  /** Left out when it is the size it was undone with. */
  sizeToDoUp: headSizeSchema.optional(),
  thread: threadSchema.optional(),
  /** Undone clockwise, whether or not the size of its thread is known. */
  leftHand,
  figure: torqueFigureSchema.optional(),
  source: z.enum(SOURCES).optional(),
  doubtful: z.boolean().optional(),
  /** The size across its head was told with doubt: it is tried before the day. */
  sizeDoubtful: z.literal(true).optional(),
  /** The state of the thread that the figure is given for. */
  condition: z.enum(CONDITIONS).optional(),
  /** The state that the thread will be in. */
  threadIs: z.enum(CONDITIONS).optional(),
  strength: z.enum(STRENGTH_CLASSES).optional(),
  lengthMm: z.number().positive().max(2000).optional(),
  into: z.enum(INTO).optional(),
  locking: z.enum(LOCKINGS).optional(),
  counterHold: counterHoldSchema.optional(),
  tightened: z.enum(TIGHTENED).optional(),
  access: z.enum(ACCESSES).optional(),
  /** A pipe or lead comes out of it: only a slotted or open tool gets round. */
  overPipe: z.boolean().optional(),
  /** How far in it lies, mm: what the extensions have to reach. */
  reachMm: z.number().positive().max(2000).optional(),
  /** A stud stands out of it so far that only a deep socket gets down to the nut. */
  deepSocket: z.boolean().optional(),
  singleUse: z.boolean().optional(),
  reuseReason: lineSchema.optional(),
  /** A crowfoot or offset adapter without which the bolt cannot be reached. */
  adapter: adapterSchema.optional(),
  pattern: patternSchema.optional(),
  /** What it holds, where the person said so; told from its name and steps otherwise. */
  role: z.enum(ROLES).optional(),
  note: lineSchema.optional(),
});
export type Fastener = z.infer<typeof fastenerSchema>;

/** Something the job replaces. */
export const partSchema = z.strictObject({
  id: idSchema,
  name: lineSchema,
  place: placeSchema,
  count: z.int().min(1).max(MOST_PARTS),
  partNumber: lineSchema.optional(),
  priceMinor: z.int().min(0).max(100_000_000).optional(),
  warrantyMonths: z.int().min(1).max(LONGEST_WARRANTY_MONTHS).optional(),
  /** Made for one side only. */
  hand: z.enum(SIDES).optional(),
  /** Renewed on both sides or on neither. */
  inPairs: z.boolean().optional(),
  /** The fastener that it is a new one of, or a new pin for. */
  renews: idSchema.optional(),
  /** Fasteners whose new hardware lies in its box, and what the box leaves out. */
  holds: z.array(idSchema).max(50).optional(),
  leavesOut: z.array(lineSchema).max(30).optional(),
});
export type Part = z.infer<typeof partSchema>;

/**
 * A calculation of the Bench pinned to a step: which, and what stands in its fields. It is worked anew
 * wherever it is shown.
 */
export const pinnedSlipSchema = z.strictObject({
  id: idSchema,
  slip: lineSchema,
  typed: z.record(z.string().min(1).max(60), z.string().max(4000)),
});
export type PinnedSlip = z.infer<typeof pinnedSlipSchema>;

/**
 * Something measured in a step, against its limits where they are known; at each of its places, as left and
 * right, where it has them.
 */
export const measureSchema = z.strictObject({
  what: lineSchema,
  unit: z.string().max(LONGEST_UNIT),
  least: measuredSchema.optional(),
  most: measuredSchema.optional(),
  places: z.array(lineSchema).min(1).max(8).optional(),
});
export type Measure = z.infer<typeof measureSchema>;

/** What is put on, and on which surface. */
export const SUBSTANCES = ["grease", "brake grease", "anti-seize", "threadlocker", "oil", "sealant"] as const;
export const SURFACES = ["threads", "splines", "faces", "lips", "slides", "seats"] as const;
export const appliedSchema = z.strictObject({ what: z.enum(SUBSTANCES), on: z.enum(SURFACES) });
export type Applied = z.infer<typeof appliedSchema>;

/** How a step leaves what it works on, between on and off. */
export const STATES = ["cracked", "finger tight", "one left in", "hanging"] as const;

const oneTime = z.number().min(0).max(10_000);
/** How long a step takes, minutes: usually, and at the least and at the most where that is known. */
export const minutesSchema = z
  .strictObject({ least: oneTime.optional(), usual: oneTime, most: oneTime.optional() })
  .refine(({ least = 0, usual, most = Infinity }) => least <= usual && usual <= most, {
    message: "The usual time lies between the least and the most.",
  });
export type Minutes = z.infer<typeof minutesSchema>;

export const stepSchema = z.strictObject({
  id: idSchema,
  title: lineSchema,
  detail: textSchema.optional(),
  phase: z.enum(PHASES),
  kind: z.enum(STEP_KINDS),
  stance: z.enum(STANCES),
  fastenerId: idSchema.optional(),
  minutes: minutesSchema.optional(),
  cautions: z.array(lineSchema).max(10),
  slips: z.array(pinnedSlipSchema).max(20).optional(),
  /** Steps that have to be done before it, by id. */
  needs: z.array(idSchema).max(50).optional(),
  /**
   * The step that it puts right again, and the title it was given then: one that still has it follows its
   * step.
   */
  mirrorOf: z.strictObject({ stepId: idSchema, title: lineSchema }).optional(),
  /** Connectors, hoses and leads that this step takes off, puts back, or moves something past. */
  takesOff: z.array(lineSchema).max(20).optional(),
  putsBack: z.array(lineSchema).max(20).optional(),
  movesPast: z.array(lineSchema).max(20).optional(),
  /** How many of the fastener's bolts, where not all of them. */
  count: z.int().min(1).max(MOST_BOLTS).optional(),
  hands: z.int().min(1).max(4).optional(),
  /** What the vehicle has to be like beside how it stands: brake on, in gear, steering turned left. */
  vehicleIs: lineSchema.optional(),
  wait: z.strictObject({ minutes: z.number().positive().max(20_000), until: lineSchema }).optional(),
  measure: measureSchema.optional(),
  photo: z.boolean().optional(),
  /** What to mark or count: turns, a paint mark, how it faced. */
  mark: lineSchema.optional(),
  /** Which way something faces or is turned, and what a belt or a lead goes round, in order. */
  facing: lineSchema.optional(),
  routing: z.array(lineSchema).max(20).optional(),
  applies: z.array(appliedSchema).max(10).optional(),
  leaves: z.enum(STATES).optional(),
  /** What is under load, going out and in: a spring, a tensioner, a pin. */
  loaded: lineSchema.optional(),
  /** What carries the part once its last bolt is out. */
  heldUp: lineSchema.optional(),
  /** Why it has no way back: a notch is cut, a clip breaks. */
  noWayBack: lineSchema.optional(),
  /** What often goes wrong at it. */
  troubles: z.array(oftenWrongSchema).max(8).optional(),
  /** The finding of the second look that it answers, by rule and by what it is about. */
  mends: lineSchema.optional(),
});
export type Step = z.infer<typeof stepSchema>;

export const UNDOABLE = ["fully", "with a new part", "not at all"] as const;

/** A part that lies open during the job: what it would cost now, and what getting at it again would take. */
export const laidOpenSchema = z.strictObject({
  id: idSchema,
  name: lineSchema,
  place: placeSchema,
  priceMinor: z.int().min(0).max(100_000_000).optional(),
  minutesNow: z.number().min(0).max(10_000),
  minutesLater: z.number().min(0).max(10_000),
  lastsKm: z.number().positive().max(1_000_000).optional(),
});
export type LaidOpen = z.infer<typeof laidOpenSchema>;

/** One way of doing the job. Steps are kept in working order. */
export const routeSchema = z
  .strictObject({
    id: idSchema,
    name: lineSchema,
    steps: z.array(stepSchema).max(1000),
    fasteners: z.array(fastenerSchema).max(1000),
    parts: z.array(partSchema).max(300),
    supplies: z.array(supplySchema).max(100).optional(),
    specialTools: z.array(specialToolSchema).max(100).optional(),
    /** What it damages, and whether it can be undone. */
    harm: lineSchema.optional(),
    undoable: z.enum(UNDOABLE).optional(),
    /** What speaks for it: how it held before, who says so. */
    evidence: lineSchema.optional(),
    /** What lies open while this is done, and could be renewed for little more work. */
    laysBare: z.array(laidOpenSchema).max(50).optional(),
  })
  .superRefine((route, context) => {
    const known = new Set(route.fasteners.map((fastener) => fastener.id));
    route.steps.forEach((step, i) => {
      if (step.fastenerId !== undefined && !known.has(step.fastenerId)) {
        context.addIssue({
          code: "custom",
          path: ["steps", i, "fastenerId"],
          message: `The step "${step.title}" names a fastener that the route does not have.`,
        });
      }
    });
  });
export type Route = z.infer<typeof routeSchema>;

/**
 * A person's answer to a finding of the second look: it stays, with its reason, and is shown again in Work.
 */
export const answerSchema = z.strictObject({
  rule: lineSchema,
  about: lineSchema,
  because: lineSchema,
  on: daySchema,
});
export type Answer = z.infer<typeof answerSchema>;

export const jobSchema = z
  .strictObject({
    ...recordShape,
    vehicleId: idSchema,
    title: lineSchema,
    system: systemSchema,
    state: z.enum(["planned", "under way", "done"]),
    plannedFor: daySchema.optional(),
    doneOn: daySchema.optional(),
    /** It is listed apart, and proposed nowhere; its log stays where it is. */
    putAway: z.literal(true).optional(),
    routes: z.array(routeSchema).min(1).max(10),
    chosenRouteId: idSchema,
    answers: z.array(answerSchema).max(1000).optional(),
    decide: decideSchema.optional(),
    /** The sheet on the shelf that it was planned from. */
    sheet: lineSchema.optional(),
    notes: textSchema.optional(),
  })
  .refine((job) => job.routes.some((route) => route.id === job.chosenRouteId), {
    path: ["chosenRouteId"],
    message: "The chosen route is not one of the job's routes.",
  });
export type Job = z.infer<typeof jobSchema>;
