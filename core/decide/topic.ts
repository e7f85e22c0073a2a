import type { Place } from "../model/place";

/** Something that may be wrong. */
export interface Cause {
  id: string;
  name: string;
  /** How often it is the cause, against the others of its symptom. */
  often: number;
  /** The job sheet on the shelf that puts it right, by its name. */
  sheet?: string;
  /** Why it is not for a driveway, where that is so. */
  handOver?: string;
}

/** By what a check is made; each has its drawing. */
export const WAYS = [
  "look",
  "listen",
  "feel",
  "rock",
  "spin",
  "pedal",
  "drive",
  "meter",
  "swap",
  "smell",
] as const;
export type Way = (typeof WAYS)[number];

/** Something to look at, feel or measure, with the results it can have. */
export interface Check {
  id: string;
  ask: string;
  way: Way;
  /** How it is made, and what to keep clear of. */
  how: string;
  results: readonly string[];
  /**
   * How likely each result is where a cause is the one, in the order of the results; a cause that is left out
   * tells nothing.
   */
  tells: Readonly<Record<string, readonly number[]>>;
}

/** What a symptom is noticed with. */
export const SENSES = ["hear", "feel", "see", "smell"] as const;
export type Sense = (typeof SENSES)[number];

/** One symptom: what can be behind it, and what tells the causes apart. */
export interface Topic {
  id: string;
  symptom: string;
  senses: readonly Sense[];
  /** Where on the vehicle it is noticed. */
  places: readonly Place[];
  causes: readonly Cause[];
  checks: readonly Check[];
}
