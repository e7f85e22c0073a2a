import { addDays, addMonths, differenceInCalendarDays, format, parseISO } from "date-fns";

/** Milliseconds in a day of 24 hours. */
export const DAY_MS = 86_400_000;

const dayOf = (date: Date) => format(date, "yyyy-MM-dd");

/**
 * The calendar day so many days after another, or before it. Example: daysAfter("2026-02-27", 2) →
 * "2026-03-01".
 */
export function daysAfter(day: string, days: number): string {
  return dayOf(addDays(parseISO(day), days));
}

/**
 * The calendar day so many months after another, or the last of its month where that is shorter. Example:
 * monthsAfter("2026-01-31", 1) → "2026-02-28".
 */
export function monthsAfter(day: string, months: number): string {
  return dayOf(addMonths(parseISO(day), months));
}

/** Whole calendar days from one day to another; negative when the other lies before. */
export function daysBetween(from: string, to: string): number {
  return differenceInCalendarDays(parseISO(to), parseISO(from));
}
