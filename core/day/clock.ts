import { addDays, differenceInMinutes, format, parseISO } from "date-fns";

export const DAY_MIN = 1440;

/** Minutes since midnight. @param clock "08:30". Example: → 510. */
export function minutesOf(clock: string): number {
  const [hours = 0, minutes = 0] = clock.split(":").map(Number);
  return hours * 60 + minutes;
}

/**
 * The hour that so many minutes after the midnight of a first day are at, rounded up to whole minutes: nothing is said
 * to be over before it is. Example: 1950 → "08:30".
 */
export function clockOf(minutes: number): string {
  const whole = ((Math.ceil(minutes - 1e-9) % DAY_MIN) + DAY_MIN) % DAY_MIN;
  return `${String(Math.floor(whole / 60)).padStart(2, "0")}:${String(whole % 60).padStart(2, "0")}`;
}

/** The calendar day of a moment. @param zero the first day, "2026-11-28". */
export const dayAt = (zero: string, minutes: number): string =>
  format(addDays(parseISO(zero), Math.floor(minutes / DAY_MIN)), "yyyy-MM-dd");

/** A moment in words. Example: "Saturday 16:40". */
export const momentWords = (zero: string, minutes: number): string =>
  `${format(parseISO(dayAt(zero, Math.ceil(minutes - 1e-9))), "EEEE")} ${clockOf(minutes)}`;

/** Minutes from the midnight of the first day to a moment told by day and hour. */
export const minutesAt = (zero: string, day: string, clock: string): number =>
  Math.round(differenceInMinutes(parseISO(`${day}T12:00`), parseISO(`${zero}T12:00`)) / DAY_MIN) * DAY_MIN +
  minutesOf(clock);

/** Minutes from the midnight of the first day to an instant, by the clock of this place. */
export function minutesSince(zero: string, instant: Date): number {
  return (
    minutesAt(zero, format(instant, "yyyy-MM-dd"), format(instant, "HH:mm")) +
    (instant.getSeconds() + instant.getMilliseconds() / 1000) / 60
  );
}

/** The instant of a moment, by the clock of this place. */
export function instantOf(zero: string, minutes: number): string {
  return parseISO(`${dayAt(zero, minutes)}T${clockOf(Math.floor(minutes))}`).toISOString();
}
