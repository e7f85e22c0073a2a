import { addDays, differenceInCalendarDays, format, parseISO } from "date-fns";
import { type Household, emptyHousehold } from "@/core/model/household";
import { WRITTEN_FOR } from "./authoring";
import { brakeShoes, brakeShoesWork } from "./brake-shoes";
import { days } from "./days";
import { drills } from "./drills";
import { kits } from "./kits";
import { followUps, replacements } from "./log";
import { engineMountWork, otherJobs } from "./other-jobs";
import { tools } from "./tools";
import { intervals, measurements } from "./upkeep";
import { readings, vehicles } from "./vehicles";
import { writing } from "./writing";

/**
 * The invented household as if it were written today: every day in it is moved by the days since it was.
 * @param today the local calendar day, "2026-11-24".
 */
export function demoHousehold(today: string): Household {
  const household: Household = {
    ...emptyHousehold(),
    vehicles,
    readings,
    jobs: [brakeShoes, ...otherJobs],
    works: [brakeShoesWork, engineMountWork],
    kits,
    days,
    tools,
    replacements,
    measurements,
    followUps,
    intervals,
    drills,
    writing,
  };
  return moveDays(household, differenceInCalendarDays(parseISO(today), parseISO(WRITTEN_FOR)));
}

const DAY = /^\d{4}-\d{2}-\d{2}$/;
const INSTANT = /^\d{4}-\d{2}-\d{2}T[\d:.]+Z$/;

function moveDays<T>(value: T, days: number): T {
  const move = (one: unknown): unknown => {
    if (typeof one === "string" && DAY.test(one)) return format(addDays(parseISO(one), days), "yyyy-MM-dd");
    if (typeof one === "string" && INSTANT.test(one))
      return new Date(Date.parse(one) + days * 86_400_000).toISOString();
    if (Array.isArray(one)) return one.map(move);
    if (typeof one === "object" && one !== null)
      return Object.fromEntries(Object.entries(one).map(([key, inner]) => [key, move(inner)]));
    return one;
  };
  return move(value) as T;
}
