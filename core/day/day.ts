import { format } from "date-fns";
import { coverAll, withNoted } from "../kit/kit";
import type { DayPlan, Surroundings } from "../model/day-plan";
import type { Job } from "../model/job";
import type { KitRecord } from "../model/kit";
import type { Replacement } from "../model/log";
import type { Tool } from "../model/tool";
import type { Vehicle } from "../model/vehicle";
import type { Work } from "../model/work";
import { chosenRoute } from "../plan/chosen-route";
import type { Past } from "../shelf/lessons";
import { type Activity, activitiesOf } from "./activity";
import { DAY_MIN, dayAt, minutesAt, minutesOf, minutesSince } from "./clock";
import { type HireTold, hiresTold, lateMinor } from "./costs";
import { decidePoints } from "./decide-points";
import { learntFrom } from "./expect";
import { underWay } from "./live";
import { type Open, openSpans } from "./no-return";
import { chanceBy, chanceFrom, hundredOf, within100 } from "./odds";
import { pertMoments } from "./pert";
import { type Timed, bestOrder, keepsOrder, timedAs } from "./schedule";
import { type Drives, type Odds, type World, simulate } from "./simulate";
import type { Speed } from "./speed";
import { type Windows, nextIn } from "./windows";
import { TOO_COLD_C, cureFactor, deliveredAt, lightOf, worldOf } from "./world";

/** Everything that a day is reckoned from: plain data, so that a worker can be handed it. */
export interface DayAsk {
  job: Job;
  vehicle: Vehicle;
  plan: Omit<DayPlan, "id" | "createdAt" | "updatedAt" | "schema" | "origin">;
  tools: Tool[];
  /** What was noted down for the job's kit. */
  got: KitRecord["got"];
  replacements: Replacement[];
  pasts: Past[];
  around: Surroundings;
  /** This moment, and the work where it has begun. */
  now: string;
  work?: Work | undefined;
  runs: number;
}

/** A place where somebody has to decide: from there on it cannot be gone back on lightly. */
export interface Decide {
  stepId: string;
  says: string;
  /** Begun by then, 80 of 100 are over in time; less than nothing where it never was. */
  by: number;
  /** What has to be in hand by then and is not. */
  wanting: string[];
}

/** A day as it is told: moments are minutes since the midnight of its first day. */
export interface DayTold {
  zero: string;
  /** Steps still to be done, in the order they are worked, with the times they usually take. */
  timed: Timed[];
  /** What is being done now, and where it began. */
  begins: number;
  /** When 50, 80 and 95 of 100 are over; Infinity beyond the days that are reckoned. */
  p50: number;
  p80: number;
  p95: number;
  /** It should roll by then: what was said, or dark, or the hour from which the neighbours sleep. */
  goal: { at: number; kind: "told" | "dark" | "quiet" };
  chance: number;
  /** When each of a hundred is over, the soonest first. */
  hundred: number[];
  /** Share of those that stop, or are not over within the days that are reckoned. */
  never: number;
  drives: Drives[];
  lacks: Odds["lacks"];
  /**
   * What the kit lacks; minutes that fetching it in the middle of the day takes, and the chance where it is begun
   * without. `complete` where everything else is told as if it were gathered by then.
   */
  missing: { names: string[]; minutes: number; chance: number; complete: boolean };
  /** In how many something has to be fetched while the shop is shut. */
  shut: number;
  /** Every step of the route, those done first; `open` counts its places in it. */
  all: string[];
  open: Open[];
  decide: Decide[];
  light: Windows;
  shop: Windows;
  hands: Windows;
  helper: Windows;
  /** Steps that want more hands than are there. */
  short: string[];
  /** What is waited for from outside, and until when. */
  deliveries: { what: string; at: number }[];
  /** What waits cost more of for the cold, and what does not cure at all. */
  cold: { factor: number; tooCold: boolean } | undefined;
  /** What not rolling in time is expected to cost, minor units. */
  lateMinor: number;
  hires: HireTold[];
  speed: { usual: number; jobs: number };
  /** Whether the order is one's own. */
  ownOrder: boolean;
}

/** The seed of every day: the same plan says the same, and two ways are held against each other with the same luck. */
const SEED = 20_261_129;
/** A wait that ends with something hard: it takes longer in the cold. */
const CURES = /\b(?:cur(?:e|es|ed|ing)|set|sets|dry|dries|dried|harden(?:s|ed)?)\b/i;

/** A day ready to be run: its activities in order, and the world they are worked in. */
export interface Day {
  ask: DayAsk;
  zero: string;
  activities: Activity[];
  speed: Speed;
  secondSide: number;
  world: World;
  notBefore: Map<string, number>;
  goal: DayTold["goal"];
  light: Windows;
  ownOrder: boolean;
}

/**
 * Makes a day ready: activities from the plan, those done left out, in the best order that the hands allow or in one's own.
 * @throws InputError where some steps wait for each other.
 */
export function readyDay(ask: DayAsk): Day {
  const { job, vehicle, plan, tools, around, pasts } = ask;
  const route = chosenRoute(job);
  const zero = plan.startsOn;
  const learnt = learntFrom(pasts);
  const lines = withNoted(
    coverAll(route, tools, { vehicle, thisYear: Number(dayAt(zero, 0).slice(0, 4)) }),
    ask.got,
  ).lines;
  const all = activitiesOf({
    job,
    vehicle,
    tools,
    lines,
    due: new Map(ask.got.flatMap(({ key, due }) => (due === undefined ? [] : [[key, due] as const]))),
    replacements: ask.replacements,
    learnt,
    today: zero,
    sideBySide: plan.sideBySide,
  }).map((activity) => inTheCold(activity, plan.temperatureC));
  const now = minutesSince(zero, new Date(ask.now));
  const live = ask.work && underWay(all, ask.work, route, zero, now, learnt.speed);
  const activities = live?.activities ?? all;
  const world = worldOf(plan, around, live?.start);
  const speed = live?.speed ?? learnt.speed;
  const notBefore = new Map([
    ...activities.flatMap(({ id, delivered }) =>
      delivered ? [[id, deliveredAt(zero, delivered.on)] as const] : [],
    ),
    ...(live?.notBefore ?? []),
  ]);
  const light = lightOf(zero, around.spot);
  const { order, own } = inOrder(
    activities,
    plan.order,
    { speed, secondSide: learnt.secondSide },
    world,
    notBefore,
  );
  splitAt(order, plan.splitAfter, world, notBefore);
  return {
    ask,
    zero,
    activities: order,
    speed,
    secondSide: learnt.secondSide,
    world,
    notBefore,
    goal: goalOf(ask, world, light),
    light,
    ownOrder: own,
  };
}

/** The times that activities usually take, in this order: what an order is chosen by, and where they are drawn. */
function usually(
  activities: readonly Activity[],
  { speed, secondSide }: Pick<Day, "speed" | "secondSide">,
  notBefore: ReadonlyMap<string, number>,
) {
  const seen = new Set<string>();
  return timedAs(activities, ({ id, twin, minutes }) => {
    seen.add(id);
    const pace = twin !== undefined && seen.has(twin) ? secondSide : 1;
    return pertMoments(minutes).mean * speed.usual * pace;
  }).map((one) => ({ ...one, notBefore: notBefore.get(one.id) }));
}

function inOrder(
  activities: readonly Activity[],
  wanted: readonly string[] | undefined,
  pace: Pick<Day, "speed" | "secondSide">,
  world: World,
  notBefore: ReadonlyMap<string, number>,
): { order: Activity[]; own: boolean } {
  if (wanted) {
    const place = new Map(wanted.map((id, i) => [id, i]));
    // What came into the plan since stays behind what it stood behind.
    let last = -1;
    const places = activities.map(({ id }) => (last = place.get(id) ?? last));
    const order = activities
      .map((activity, i) => ({ activity, at: places[i] ?? 0, i }))
      .sort((a, b) => a.at - b.at || a.i - b.i)
      .map(({ activity }) => activity);
    if (keepsOrder(order)) return { order, own: true };
  }
  return {
    order: bestOrder(usually(activities, pace, notBefore), world).map(({ activity }) => activity),
    own: false,
  };
}

/** What comes behind the last step of a first day begins when hands are there on the next, and not before. */
function splitAt(
  order: readonly Activity[],
  after: string | undefined,
  { people: [own = []] }: World,
  notBefore: Map<string, number>,
): void {
  const at = order.findIndex(({ id }) => id === after);
  if (at < 0) return;
  const morning = nextIn(own, DAY_MIN);
  for (const { id } of order.slice(at + 1)) notBefore.set(id, Math.max(morning, notBefore.get(id) ?? 0));
}

function inTheCold(activity: Activity, temperatureC: number | undefined): Activity {
  if (temperatureC === undefined || !activity.step.wait || !CURES.test(activity.step.wait.until))
    return activity;
  return { ...activity, waits: activity.waits * cureFactor(temperatureC) };
}

/** By when it should roll: what was told, or when the last of its days gets dark or quiet, whatever is first. */
function goalOf({ plan }: DayAsk, { people: [own = []] }: World, light: Windows): DayTold["goal"] {
  if (plan.rollBy) return { at: minutesAt(plan.startsOn, plan.rollBy.on, plan.rollBy.at), kind: "told" };
  const day = plan.splitAfter === undefined ? 0 : Math.floor(nextIn(own, DAY_MIN) / DAY_MIN);
  const begins = day === 0 ? minutesOf(plan.startsAt) : day * DAY_MIN;
  const ends = (day + 1) * DAY_MIN;
  const quiet = own.findLast(([from, to]) => from < ends && to > begins)?.[1] ?? ends;
  const dusk = light.find(([, to]) => to > begins)?.[1] ?? Infinity;
  return dusk < Math.min(quiet, ends)
    ? { at: dusk, kind: "dark" }
    : { at: Math.min(quiet, ends), kind: "quiet" };
}

/**
 * Runs a day, and nothing more: how likely it is over in time.
 * @param complete the kit is gathered by then, whatever it lacks now.
 */
export function oddsOf(day: Day, runs: number, complete: boolean, watch: readonly string[] = []): Odds {
  const { notBefore, world, speed, secondSide } = day;
  const activities = complete
    ? day.activities.map((activity) => ({ ...activity, lacks: [] }))
    : day.activities;
  return simulate({ activities, notBefore, world, speed, secondSide, runs, seed: SEED, watch });
}

/** Whether there is a day left to gather what the kit lacks. */
const isAhead = ({ plan, now, work }: DayAsk): boolean =>
  work === undefined && format(new Date(now), "yyyy-MM-dd") < plan.startsOn;

/** A day told in full. */
export function tellDay(ask: DayAsk): DayTold {
  const day = readyDay(ask);
  const { zero, activities, world, goal, light } = day;
  const route = chosenRoute(ask.job);
  const all = [...doneBefore(day), ...activities.map(({ step }) => step)];
  const open = openSpans(route, all);
  const points = decidePoints(activities, open, all);
  const complete = isAhead(ask);
  const odds = oddsOf(
    day,
    ask.runs,
    complete,
    points.map(({ stepId }) => stepId),
  );
  const names = activities.flatMap(({ lacks }) => lacks);
  const asItStands = complete && names.length > 0 ? oddsOf(day, ask.runs, false) : odds;
  const wanting = (from: number) =>
    activities
      .slice(from)
      .flatMap(({ lacks, delivered }) => [
        ...lacks,
        ...(delivered && delivered.on >= zero ? [delivered.what] : []),
      ]);
  return {
    zero,
    timed: usually(activities, day, day.notBefore).map(({ id, hands, minutes, waits, after, notBefore }) => ({
      id,
      hands,
      minutes,
      waits,
      after,
      notBefore,
    })),
    begins: world.start,
    p50: within100(odds.over, 50),
    p80: within100(odds.over, 80),
    p95: within100(odds.over, 95),
    goal,
    chance: chanceBy(odds.over, goal.at),
    hundred: hundredOf(odds.over),
    never: 1 - chanceBy(odds.over, Number.MAX_VALUE),
    drives: odds.drives.slice(0, 6),
    lacks: odds.lacks,
    missing: { names, minutes: asItStands.missingMin, chance: chanceBy(asItStands.over, goal.at), complete },
    shut: odds.shut,
    all: all.map(({ id }) => id),
    open,
    decide: points.map(({ stepId, says }) => ({
      stepId,
      says,
      by: goal.at - chanceFrom(odds.from.get(stepId), 80),
      wanting: wanting(activities.findIndex(({ id }) => id === stepId)),
    })),
    light,
    shop: world.shop,
    hands: world.people[0] ?? [],
    helper: world.people[1] ?? [],
    short: activities.flatMap(({ id, hands }) => (hands > world.people.length ? [id] : [])),
    // What comes before it begins holds nothing up.
    deliveries: activities.flatMap(({ delivered }) =>
      delivered && deliveredAt(zero, delivered.on) > world.start
        ? [{ what: delivered.what, at: deliveredAt(zero, delivered.on) }]
        : [],
    ),
    cold: coldOf(day),
    lateMinor: lateMinor(ask.plan, odds.over, goal.at),
    hires: hiresTold(ask.plan, odds.over),
    speed: { usual: day.speed.usual, jobs: day.speed.jobs },
    ownOrder: day.ownOrder,
  };
}

/** The steps that are over, in the order of the plan. */
function doneBefore({ ask, activities }: Day) {
  const left = new Set(activities.map(({ id }) => id));
  return chosenRoute(ask.job).steps.filter(({ id }) => !left.has(id));
}

function coldOf({ ask, activities }: Day): DayTold["cold"] {
  const { temperatureC } = ask.plan;
  if (temperatureC === undefined || !activities.some(({ step }) => step.wait && CURES.test(step.wait.until)))
    return undefined;
  const factor = cureFactor(temperatureC);
  return factor > 1 || temperatureC < TOO_COLD_C ? { factor, tooCold: temperatureC < TOO_COLD_C } : undefined;
}
