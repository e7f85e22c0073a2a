import { z } from "zod";
import { surroundingsSchema } from "@/core/model/day-plan";

/** How a value about this browser is kept as a text. What is not of its shape is as if none were kept. */
export interface Setting<Value> {
  read: (text: string) => Value | undefined;
  write: (value: Value) => string;
}

/** A word that is kept as it is. */
function word<Value extends string>(schema: z.ZodType<Value>): Setting<Value> {
  return { read: (text) => schema.safeParse(text).data, write: (value) => value };
}

/** A record that is kept as JSON. */
function json<Value>(schema: z.ZodType<Value>): Setting<Value> {
  return {
    read: (text) => {
      try {
        return schema.safeParse(JSON.parse(text)).data;
      } catch {
        return undefined;
      }
    },
    write: (value) => JSON.stringify(value),
  };
}

export const TEXT_SIZES = [1, 1.25, 1.5, 2] as const;
export const COUNTER_DAYS = ["open", "slow", "shut", "muddled"] as const;
export type CounterDay = (typeof COUNTER_DAYS)[number];

/** Every value about this browser that the store keeps beside the household. */
export const SETTINGS = {
  /** The vehicle and the job that are in hand, so that every pocket opens on them, and the step of its plan. */
  "in hand": json(
    z.object({
      vehicleId: z.string().exactOptional(),
      jobId: z.string().exactOptional(),
      stepId: z.string().exactOptional(),
    }),
  ),
  /** What the garage was first opened with. */
  started: word(z.literal("demo")),
  /** The screens whose first line was read, and the one that is looked at. */
  "first lines": json(z.object({ read: z.array(z.string()), at: z.string() })),
  /** The moment of the last backup. */
  "backed up": word(z.iso.datetime()),
  "keep original photos": word(z.enum(["yes", "no"])),
  /** What sort of day the simulated counter has. */
  "counter day": word(z.enum(COUNTER_DAYS)),
  /** What is heard while practising: the click, and the pull as a tone. */
  practise: json(z.object({ sound: z.boolean().catch(true), tone: z.boolean().catch(false) })),
  /** Where jobs are done, and when hands and shops are there. */
  surroundings: json(surroundingsSchema),
  /** How Work is used with the hands full. */
  hands: json(
    z.object({
      /** Steps are read aloud. */
      aloud: z.boolean().catch(false),
      /** The screen is kept awake. */
      awake: z.boolean().catch(false),
      /** A press anywhere is the one button. */
      anywhere: z.boolean().catch(false),
      /** The keys of a headset: play is the one button, next and previous the other steps. */
      headset: z.boolean().catch(false),
      /** Words are listened for, where the browser does that by itself. */
      listen: z.boolean().catch(false),
      /** The one button has to be held: for wet hands. */
      long: z.boolean().catch(false),
      size: z
        .number()
        .refine((size) => TEXT_SIZES.some((one) => one === size))
        .catch(1),
    }),
  ),
  /**
   * Whether this browser was asked if it can listen by itself, and whether it lived to answer: some fall over at
   * the question, tab and all, and are not asked twice.
   */
  "asked to listen": word(z.enum(["asking", "answered"])),
  /** This device and what is known of others, as JSON; only Files reads it (data/devices.ts). */
  devices: word(z.string()),
  /** Whether the browser was asked to keep the store for good. */
  "asked to persist": word(z.literal("yes")),
} as const;

export type SettingName = keyof typeof SETTINGS;
export type SettingValue<Name extends SettingName> = NonNullable<ReturnType<(typeof SETTINGS)[Name]["read"]>>;
