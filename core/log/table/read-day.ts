import { format, isValid, parse, parseISO, subDays } from "date-fns";

/** A day as it was written: the day, or a sentence that asks about what could be two or is none. */
export type DaySaid = { on: string } | { asks: string };

const MONTH =
  "(?:jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)\\.?";
const YEAR = "(\\d{4}|['’]?\\d{2})";
const NOT_INSIDE = "(?<![\\w.,/])";
const ENDS = "(?![\\w/]|[.,]\\d)";

type Part = string | undefined;
/** Each way of writing a day, as its pattern and how its pieces are year, month and day. */
const WAYS: readonly {
  written: RegExp;
  pieces: (found: readonly Part[]) => { year: Part; month: Part; day: Part };
}[] = [
  {
    written: new RegExp(`${NOT_INSIDE}(\\d{4})-(\\d{1,2})-(\\d{1,2})${ENDS}`),
    pieces: ([year, month, day]) => ({ year, month, day }),
  },
  {
    written: new RegExp(
      `${NOT_INSIDE}(\\d{1,2})(?:st|nd|rd|th)?\\s*(?:of\\s+)?(${MONTH})(?:,?\\s+${YEAR})?${ENDS}`,
      "i",
    ),
    pieces: ([day, month, year]) => ({ year, month, day }),
  },
  {
    written: new RegExp(
      `${NOT_INSIDE}(${MONTH})\\s+(\\d{1,2})(?:st|nd|rd|th)?(?:,?\\s+(\\d{4}))?${ENDS}`,
      "i",
    ),
    pieces: ([month, day, year]) => ({ year, month, day }),
  },
  {
    written: new RegExp(`${NOT_INSIDE}(\\d{1,2})\\.(\\d{1,2})\\.(?:${YEAR})${ENDS}`),
    pieces: ([day, month, year]) => ({ year, month, day }),
  },
];

/** Day and month, or month and day: which stays open while both are twelve or less. */
const SLASHED = new RegExp(`${NOT_INSIDE}(\\d{1,2})/(\\d{1,2})(?:/${YEAR})?${ENDS}`);

/** Every way of writing a day, as one pattern. */
export const DAY_WRITTEN: readonly RegExp[] = [
  /\btoday\b/i,
  /\byesterday\b/i,
  ...WAYS.map(({ written }) => written),
  SLASHED,
];

/**
 * A day as people write it: "today", "2 Mar 24", "12th March 2024", "24.12.2025", "14/6/2025". Without a year
 * it is the last such day.
 * @param found what one of DAY_WRITTEN matched. @param today the local calendar day, yyyy-MM-dd.
 * @returns the day, or what has to be asked: "5/6/2024" may be May or June, and there is no 30 February.
 */
export function readDaySaid(found: string, today: string): DaySaid {
  const said = found.trim();
  if (/^today$/i.test(said)) return { on: today };
  if (/^yesterday$/i.test(said)) return { on: format(subDays(parseISO(today), 1), "yyyy-MM-dd") };
  const slashed = SLASHED.exec(said);
  if (slashed) return fromSlashed(said, slashed, today);
  for (const { written, pieces } of WAYS) {
    const match = written.exec(said);
    if (!match) continue;
    const { year, month, day } = pieces(match.slice(1));
    const on = dayOf(year, month, day, today);
    return on === undefined ? { asks: `“${said}” is no day.` } : { on };
  }
  return { asks: `“${said}” is no day.` };
}

function fromSlashed(said: string, [, first, second, year]: RegExpExecArray, today: string): DaySaid {
  const readings = [
    ...new Set([dayOf(year, second, first, today), dayOf(year, first, second, today)]),
  ].filter((on) => on !== undefined);
  const [one, other] = readings;
  if (one === undefined) return { asks: `“${said}” is no day.` };
  if (other === undefined) return { on: one };
  return { asks: `“${said}” could be ${inWords(one)} or ${inWords(other)}.` };
}

function inWords(on: string): string {
  return format(parseISO(on), "d MMMM yyyy");
}

/** The day of its pieces; without a year the last one up to today. Undefined where the calendar has none. */
function dayOf(year: Part, month: Part, day: Part, today: string): string | undefined {
  const monthName = month && /^\d+$/.test(month) ? month : month?.slice(0, 3);
  const form = month && /^\d+$/.test(month) ? "yyyy M d" : "yyyy MMM d";
  const thisYear = Number(today.slice(0, 4));
  const made = (inYear: number) => {
    const date = parse(
      `${String(inYear).padStart(4, "0")} ${monthName ?? ""} ${day ?? ""}`,
      form,
      parseISO(today),
    );
    return isValid(date) ? format(date, "yyyy-MM-dd") : undefined;
  };
  if (year === undefined) {
    const here = made(thisYear);
    return here !== undefined && here <= today ? here : made(thisYear - 1);
  }
  const digits = year.replace(/\D/g, "");
  // Two digits are this century's, or the last one's where that would be still to come.
  const full =
    digits.length === 4 ? Number(digits) : Number(digits) + (2000 + Number(digits) > thisYear ? 1900 : 2000);
  return made(full);
}
