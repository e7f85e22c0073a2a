import { addDays, format, parseISO } from "date-fns";
import type { Route } from "../model/job";
import { chosenRoute, withRoute } from "../plan/chosen-route";
import { raisedOnce } from "../plan/raise-once";
import type { Activity } from "./activity";
import { clockOf, minutesOf, momentWords } from "./clock";
import { type Day, type DayAsk, oddsOf, readyDay } from "./day";
import { openSpans, stopsOf } from "./no-return";
import { chanceBy, inHundred, within100 } from "./odds";
import type { Odds } from "./simulate";

/** What of a plan is tried otherwise. */
type Changed = Partial<
  Pick<DayAsk["plan"], "startsOn" | "startsAt" | "splitAfter" | "sideBySide" | "helper" | "order">
>;

/** One way of doing the day, held against the others. */
export interface Tried {
  /** What is changed in the plan where it is taken. */
  change: Changed;
  /** The plan's route as it would be, where its steps change too. */
  route?: Route;
  says: string;
  /** What speaks for or against it. */
  because: string;
  chance: number;
  p80: number;
}

export interface Compared {
  /** For each day the best start, in the order of the days; the best of all by its place. */
  starts: Tried[];
  best: number;
  /** The day as it is, and other ways of it: side by side, raised once, with or without a helper. */
  ways: Tried[];
}

/** Days from tomorrow on, and hours behind the first, minutes, that are tried. */
const DAYS = 7;
const LATER = [0, 120, 300];
/** The evening before, something may be put on to soak over night: from then on, or when hands are there. */
const EVENING = 17 * 60;
/** Chances that lie no further apart are alike: then the sooner one is taken. */
const ALIKE = 0.03;
const ALL_DAY = { from: "00:00", to: "23:59" };
/** A soak of so many minutes or more is worth an evening. */
const WORTH_AN_EVENING = 10;

/** Holds starts on the days ahead, and ways of the day that is put down, against each other: the same luck for all. */
export function compareStarts(ask: DayAsk): Compared {
  const first = format(addDays(new Date(ask.now), 1), "yyyy-MM-dd");
  const days = Array.from({ length: DAYS }, (_, i) => format(addDays(parseISO(first), i), "yyyy-MM-dd"));
  const { activities } = readyDay(ask);
  // The order is the same on every day: it is looked for once.
  const inOrder = { ...ask, plan: { ...ask.plan, order: activities.map(({ id }) => id) } };
  const starts = days.flatMap((startsOn) => bestOf(startsTried(inOrder, activities, startsOn)));
  const most = Math.max(...starts.map(({ chance }) => chance));
  return {
    starts,
    best: starts.findIndex(({ chance }) => chance >= most - ALIKE),
    ways: waysOf(ask, activities),
  };
}

/** The best of some; of those alike the first. None of none. */
const bestOf = (tried: readonly Tried[]): Tried[] =>
  tried.length === 0 ? [] : [tried.reduce((best, one) => (one.chance > best.chance + ALIKE ? one : best))];

/** When hands are there on a day: from and to, minutes since its midnight; undefined on a day without. */
function handsOn({ around }: DayAsk, day: string): [from: number, to: number] | undefined {
  const hours = around.hands[parseISO(day).getDay()];
  return hours ? [minutesOf(hours.from), minutesOf(hours.to)] : undefined;
}

/** Starts on a day; none where no hands are there. */
function startsTried(ask: DayAsk, activities: readonly Activity[], startsOn: string): Tried[] {
  const hands = handsOn(ask, startsOn);
  if (!hands) return [];
  // A goal that was told stays; dark and quiet go with the day.
  const begun = LATER.map((later) => hands[0] + later)
    .filter((at) => at < hands[1])
    .map((at) => {
      const change = { startsOn, startsAt: clockOf(at), splitAfter: undefined };
      return tryOut(ask, change, (zero) => momentWords(zero, at));
    });
  return [...begun, ...eveningSoak(ask, activities, startsOn)];
}

/** What soaks is put on in the evening before, where the vehicle stands safe over night with it. */
function eveningSoak(ask: DayAsk, activities: readonly Activity[], day: string): Tried[] {
  const evening = format(addDays(parseISO(day), -1), "yyyy-MM-dd");
  const hands = handsOn(ask, evening);
  if (!hands || hands[1] <= EVENING || evening <= format(new Date(ask.now), "yyyy-MM-dd")) return [];
  const at = activities.findIndex(({ waits }) => waits >= WORTH_AN_EVENING);
  const steps = activities.map(({ step }) => step);
  const stop = stopsOf(steps, openSpans(chosenRoute(ask.job), steps))[at];
  if (!stop || stop.risk > 0) return [];
  const begins = Math.max(EVENING, hands[0]);
  const change = { startsOn: evening, startsAt: clockOf(begins), splitAfter: activities[at]?.id };
  return [tryOut(ask, change, (zero) => `${momentWords(zero, begins)}, and on the day after`)];
}

function waysOf(ask: DayAsk, activities: readonly Activity[]): Tried[] {
  const { plan } = ask;
  const twoSides = activities.some(({ twin }) => twin !== undefined);
  const wanted = activities.filter(({ hands }) => hands > 1).length;
  const way = (change: Changed, says: string, because?: string) => {
    const tried = tryOut(ask, change, () => says);
    return because ? { ...tried, because } : tried;
  };
  return [
    way({}, "As it is put down"),
    ...(twoSides
      ? [
          plan.sideBySide
            ? way(
                { sideBySide: undefined },
                "One side, then the other",
                "The second side is there to look at.",
              )
            : way({ sideBySide: true }, "Both sides at once", "No side is left whole to look at."),
        ]
      : []),
    ...onceUp(ask),
    ...(plan.helper.length > 0
      ? [way({ helper: [] }, "Without a second pair of hands", handsSay(activities, wanted))]
      : [way({ helper: [ALL_DAY] }, "With a second pair of hands all day", handsSay(activities, wanted))]),
  ];
}

/** The day with the vehicle left up, where the plan lets it down only to raise it in the same way again. */
function onceUp(ask: DayAsk): Tried[] {
  const once = raisedOnce(chosenRoute(ask.job));
  if (!once) return [];
  const job = withRoute(ask.job, once.route);
  const tried = tryOut({ ...ask, job }, { order: undefined }, () => "Left up in between");
  return [
    {
      ...tried,
      route: once.route,
      because: `“${once.lower.title}” and “${once.raise.title}” fall away from the plan.`,
    },
  ];
}

const handsSay = (activities: readonly Activity[], wanted: number): string =>
  wanted === 0
    ? "No step asks for one."
    : `${wanted} of ${activities.length} steps ${wanted === 1 ? "asks" : "ask"} for one.`;

function tryOut(ask: DayAsk, change: Changed, says: (zero: string) => string): Tried {
  const day = readyDay({ ...ask, plan: { ...ask.plan, ...change } });
  const odds = oddsOf(day, ask.runs, true);
  return {
    change,
    says: says(day.zero),
    because: because(day, odds),
    chance: chanceBy(odds.over, day.goal.at),
    p80: within100(odds.over, 80),
  };
}

/** What decides about a start, the gravest first. */
function because({ zero, activities, goal, world }: Day, { over, shut }: Odds): string {
  const [late] = activities
    .flatMap(({ delivered }) => (delivered ? [delivered] : []))
    .sort((a, b) => b.on.localeCompare(a.on));
  if (late && late.on >= zero) return `${late.what} comes on ${format(parseISO(late.on), "EEEE")}.`;
  const likely = inHundred(shut);
  if (likely >= 3) {
    const closed = !world.shop.some(([from]) => from < 1440);
    return closed
      ? `The shop is shut, and in ${likely} of 100 something has to be fetched.`
      : `In ${likely} of 100 something has to be fetched when the shop is shut.`;
  }
  const end = within100(over, 80);
  const by = Number.isFinite(end) ? `80 of 100 are over by ${momentWords(zero, end)}` : "Hardly over at all";
  return `${by}${goal.kind === "dark" ? `; dark at ${clockOf(goal.at)}` : ""}.`;
}
