import { z } from "zod";
import { MODEL_VERSION } from "./version";

/**
 * One safe form, so that an id is the same in an address, a file name and a key: no spaces, quotes, marks of
 * another alphabet or halves of a sign.
 */
export const idSchema = z.string().regex(/^[\w.:-]{1,40}$/, {
  message: "An id has letters, digits, points, colons and hyphens, 40 at the most.",
});

/**
 * Days of a vehicle's life: no log begins before the first cars, and none is written ahead of its time by
 * centuries.
 */
const inTime = (text: string) => text >= "1900" && text < "2200";

/** A calendar day without a time zone: "2026-11-24". */
export const daySchema = z.iso.date().refine(inTime, { message: "The day lies between 1900 and 2200." });

/** A moment, always in UTC: "2026-11-24T09:12:00.000Z". */
export const instantSchema = z.iso
  .datetime()
  .refine(inTime, { message: "The moment lies between 1900 and 2200." });

/** A measure of anything on a vehicle, in whatever unit: nothing there is beyond a million of it. */
export const measuredSchema = z.number().min(-1e6).max(1e6);

/** Letters that a line, a text and the name of a unit may have. */
export const LONGEST_LINE = 200;
export const LONGEST_TEXT = 20_000;
export const LONGEST_UNIT = 20;

/** One line typed by a person. */
export const lineSchema = z.string().trim().min(1).max(LONGEST_LINE);

/** Free text of any sensible length. */
export const textSchema = z.string().max(LONGEST_TEXT);

/** What every stored record carries. */
export const recordShape = {
  id: idSchema,
  createdAt: instantSchema,
  updatedAt: instantSchema,
  schema: z.literal(MODEL_VERSION),
  /** Demo records can be removed in one go. Whatever is added to a demo vehicle is part of the demo. */
  origin: z.enum(["own", "demo"]),
};

export interface RecordStamp {
  id: string;
  createdAt: string;
  updatedAt: string;
  schema: typeof MODEL_VERSION;
  origin: "own" | "demo";
}

/** A record before it is stamped: what a person fills in, or a calculation proposes. */
export type Draft<T extends RecordStamp> = T extends unknown ? Omit<T, keyof RecordStamp> : never;
