import { format, parseISO } from "date-fns";

/** "21 Nov 2026" from "2026-11-21". */
export function formatDay(day: string): string {
  return format(parseISO(day), "d MMM yyyy");
}
