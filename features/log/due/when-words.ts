import { format, parseISO } from "date-fns";
import type { DayBand } from "@/core/log/mileage/driving";
import { formatDay } from "@/ui/day";

/**
 * "about 9 Mar 2027" where it is a forecast, "9 Mar 2027" where it is a date, "by 9 Mar 2027" where it may
 * come sooner than that date.
 */
export function bestWords({ best, earliest, latest }: DayBand): string {
  if (latest !== best) return `about ${formatDay(best)}`;
  return earliest === best ? formatDay(best) : `by ${formatDay(best)}`;
}

/** "20 Feb to 2 Apr, four times in five"; undefined where there is no band. */
export function bandWords({ best, earliest, latest }: DayBand): string | undefined {
  if (earliest === best && latest === best) return undefined;
  if (latest === undefined)
    return earliest === best
      ? "too little is known for a band"
      : `not before ${formatDay(earliest)}; how late cannot be said`;
  const sameYear = earliest.slice(0, 4) === latest.slice(0, 4);
  return `${sameYear ? format(parseISO(earliest), "d MMM") : formatDay(earliest)} to ${formatDay(latest)}, four times in five`;
}

/** "3 years 2 months", "5 months", "12 days". */
export function spanWords(days: number): string {
  // A little short of the mean month of 30.44 days, so that 365 days are a year and not eleven months.
  const months = Math.floor(days / 30.4);
  if (months < 2) return `${days} ${days === 1 ? "day" : "days"}`;
  const [years, rest] = [Math.floor(months / 12), months % 12];
  return [
    years > 0 ? `${years} ${years === 1 ? "year" : "years"}` : "",
    rest > 0 ? `${rest} ${rest === 1 ? "month" : "months"}` : "",
  ]
    .filter(Boolean)
    .join(" ");
}
