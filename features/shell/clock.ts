import { format } from "date-fns";
import type { Moment } from "@/core/work/event";

/** The local calendar day now, "2026-11-24". */
export function today(): string {
  return format(new Date(), "yyyy-MM-dd");
}

/** This moment, with the local calendar day it falls on. */
export function thisMoment(): Moment {
  const now = new Date();
  return { at: now.toISOString(), on: format(now, "yyyy-MM-dd") };
}
