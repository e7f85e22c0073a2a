import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import type { Branch, Activity } from "./activity";
import { Correlations } from "./correlation";
import { pertQuantiles, valueAt } from "./pert";
import { type Hands, soonest } from "./schedule";
import type { Speed } from "./speed";
import { type Windows, nextIn, workedUntil } from "./windows";

/** The day that activities are tried in. */
export interface World extends Hands {
  /** When something can be bought, and minutes there and back. */
  shop: Windows;
  tripMin: number;
}

/** What is tried so many times over. */
export interface Trial {
  /** In the order they are worked. */
  activities: readonly Activity[];
  /** Moments before which an activity cannot begin: a delivery, by its id. */
  notBefore: ReadonlyMap<string, number>;
  world: World;
  speed: Speed;
  secondSide: number;
  runs: number;
  seed: number;
  /** Activities of which it is kept how long they and all behind them took. */
  watch?: readonly string[];
}

/** What makes one run later than another. */
export interface Drives {
  kind: "speed" | "step" | "trouble";
  /** The step; none for one's own speed. */
  id: string | undefined;
  trouble: string | undefined;
  /** Of the variance of the end, 0 to 1. */
  share: number;
}

export interface Odds {
  /** When each run was over, the soonest first; Infinity where it stopped, or no time was left. */
  over: Float64Array;
  drives: Drives[];
  /** What troubles wanted that was not there: in how many of a run, and minutes lost in each such run. */
  lacks: { name: string; chance: number; minutes: number }[];
  /** Minutes that the one way to the shop takes for what the kit lacks; none where it lacks nothing. */
  missingMin: number;
  /** In how many of a run something had to be fetched and the shop was shut. */
  shut: number;
  /** For the activities that were watched: minutes from their beginning to the end of all, the least first. */
  from: ReadonlyMap<string, Float64Array>;
}

/** How often one thing tried out of a trouble does it. A judgement: nothing is written down of it anywhere. */
const TRY_WORKS = 0.5;
/** What drives less of the spread than this is not told. */
const TELLING = 0.005;

/**
 * Runs a day so many times: one factor a run for the person, a beta-PERT time for each activity, troubles by their chance
 * with what is tried out of them, and ways to the shop for what is lacking. The same seed gives the same runs, and
 * another order of the same activities the same luck.
 */
export function simulate(trial: Trial): Odds {
  const runs = new Runs(trial);
  for (let run = 0; run < trial.runs; run++) runs.next();
  return runs.odds();
}

/** An activity with everything looked up that is the same in each run. */
interface Compiled {
  activity: Activity;
  quantiles: Float64Array;
  pace: number;
  before: { place: number; waited: boolean }[];
  notBefore: number;
  branches: number[];
}

class Runs {
  private readonly own: Windows;
  private readonly activities: Compiled[];
  private readonly branches: { branch: Branch; id: string }[];
  /** Luck is drawn activity by activity in an order of their own: that of their ids. */
  private readonly drawn: number[];
  private readonly random;
  private readonly luck: Float64Array;
  private readonly met: Float64Array;
  private readonly begun: Float64Array;
  private readonly done: Float64Array;
  private readonly ended: Float64Array;
  private readonly free: Float64Array;
  private readonly over: Float64Array;
  private readonly watched: { id: string; place: number; minutes: Float64Array }[];
  private readonly sums: Correlations;
  private readonly lacks = new Map<string, { times: number; minutes: number }>();
  /** What was lacking in this run already. */
  private readonly named = new Set<string>();
  private count = 0;
  private shut = 0;
  private missing = 0;
  /** The shop was shut in this run already. */
  private foundShut = false;

  constructor(private readonly trial: Trial) {
    const { activities, world, runs } = trial;
    this.own = world.people[0] ?? [];
    const at = new Map(activities.map(({ id }, i) => [id, i]));
    this.drawn = activities
      .map((_, i) => i)
      .sort((a, b) => ((activities[a]?.id ?? "") < (activities[b]?.id ?? "") ? -1 : 1));
    this.branches = this.drawn.flatMap((i) => {
      const { id = "", branches = [] } = activities[i] ?? {};
      return branches.map((branch) => ({ branch, id }));
    });
    this.activities = activities.map((activity, i) => ({
      activity,
      quantiles: pertQuantiles(activity.minutes),
      pace: activity.twin !== undefined && (at.get(activity.twin) ?? i) < i ? trial.secondSide : 1,
      before: activity.after.flatMap(({ id, waited }) => {
        const place = at.get(id);
        return place === undefined ? [] : [{ place, waited }];
      }),
      notBefore: Math.max(world.start, trial.notBefore.get(activity.id) ?? world.start),
      branches: this.branches.flatMap(({ id }, b) => (id === activity.id ? [b] : [])),
    }));
    this.random = xoroshiro128plus(trial.seed);
    const [n, b] = [activities.length, this.branches.length];
    [this.luck, this.begun, this.done, this.ended] = [zeros(n), zeros(n), zeros(n), zeros(n)];
    [this.met, this.free, this.over] = [zeros(b), zeros(world.people.length), zeros(runs)];
    this.watched = (trial.watch ?? []).flatMap((id) => {
      const place = at.get(id);
      return place === undefined ? [] : [{ id, place, minutes: zeros(runs) }];
    });
    this.sums = new Correlations(1 + n + b);
  }

  private even(): number {
    return (this.random.next() >>> 0) / 4294967296;
  }

  /** One more run. */
  next(): void {
    const { start } = this.trial.world;
    const pace = valueAt(this.trial.speed.quantiles, this.even());
    for (const i of this.drawn) this.luck[i] = this.even();
    for (let b = 0; b < this.met.length; b++) this.met[b] = this.even();
    this.free.fill(start);
    this.named.clear();
    this.foundShut = false;
    this.sums.set(0, pace);
    let [end, fetched] = [start, false];
    for (let i = 0; i < this.activities.length; i++) {
      const one = this.activities[i];
      if (!one) continue;
      fetched = this.work(one, i, pace, fetched);
      const over = this.ended[i] ?? start;
      if (over > end) end = over;
    }
    this.over[this.count] = end;
    this.sums.add(end - start);
    for (const { place, minutes } of this.watched) minutes[this.count] = end - (this.begun[place] ?? end);
    this.count++;
  }

  /** One activity of a run; whether the way to the shop for what the kit lacks has been gone. */
  private work(one: Compiled, i: number, pace: number, fetched: boolean): boolean {
    const { activity } = one;
    const { people } = this.trial.world;
    let ready = one.notBefore;
    for (const { place, waited } of one.before) {
      const t = (waited ? this.ended : this.done)[place] ?? ready;
      if (t > ready) ready = t;
    }
    const minutes = valueAt(one.quantiles, this.luck[i] ?? 0) * one.pace;
    this.sums.set(1 + i, minutes);
    const chosen = soonest(people, this.free, ready, activity.hands);
    let from = minutes > 0 ? chosen.at : ready;
    const fetches = activity.lacks.length > 0 && !fetched;
    if (fetches) {
      const back = this.fetch(from, []);
      if (Number.isFinite(back)) this.missing += back - from;
      from = back;
    }
    let t = from;
    for (const person of chosen.people) {
      const until = workedUntil(people[person] ?? [], from, minutes * pace);
      if (until > t) t = until;
    }
    for (const b of one.branches) {
      const was = t;
      const branch = this.branches[b]?.branch;
      if (branch && (this.met[b] ?? 1) < branch.chance) t = this.climb(branch, this.met[b] ?? 0, t, pace);
      this.sums.set(1 + this.activities.length + b, t - was);
    }
    if (t > from || fetches) for (const person of chosen.people) this.free[person] = t;
    this.begun[i] = from;
    this.done[i] = t;
    this.ended[i] = t + activity.waits;
    return fetched || fetches;
  }

  /** Out of a trouble: what is here first, then what is fetched; Infinity where nothing did it. */
  private climb(branch: Branch, met: number, from: number, pace: number): number {
    // What was left of the draw says which try does it.
    const works = Math.floor(Math.log(met / branch.chance) / Math.log(1 - TRY_WORKS));
    let [t, went, i] = [from, false, 0];
    for (const one of [...branch.here, ...branch.fetched]) {
      if (i === branch.here.length) {
        t = this.fetch(t, []);
        went = true;
      }
      this.wanted(one.lacks, t - from);
      t = workedUntil(this.own, t, one.minutes * pace);
      if (i++ < works) continue;
      if (branch.renews === undefined) return t;
      if (!went) return this.fetch(t, [branch.renews]);
      this.wanted([branch.renews], 0);
      return t;
    }
    return Infinity;
  }

  /** There and back, from a moment on: the way waits for the shop to open. */
  private fetch(from: number, names: readonly string[]): number {
    const { shop, tripMin } = this.trial.world;
    const there = nextIn(this.own, from) + tripMin / 2;
    const served = nextIn(shop, there);
    if (served > there && !this.foundShut) {
      this.foundShut = true;
      this.shut++;
    }
    const back = served + tripMin / 2;
    this.wanted(names, back - from);
    return back;
  }

  /** What was lacking, once a run each. */
  private wanted(names: readonly string[], minutes: number): void {
    for (const name of names) {
      if (this.named.has(name)) continue;
      this.named.add(name);
      const known = this.lacks.get(name) ?? { times: 0, minutes: 0 };
      const lost = Number.isFinite(minutes) ? minutes : 0;
      this.lacks.set(name, { times: known.times + 1, minutes: known.minutes + lost });
    }
  }

  /** What the runs so far say. */
  odds(): Odds {
    const shares = this.sums.shares();
    const n = this.activities.length;
    const drives: Drives[] = [
      { kind: "speed", id: undefined, trouble: undefined, share: shares[0] ?? 0 },
      ...this.activities.map(({ activity }, i): Drives => ({
        kind: "step",
        id: activity.id,
        trouble: undefined,
        share: shares[1 + i] ?? 0,
      })),
      ...this.branches.map(({ branch, id }, b): Drives => ({
        kind: "trouble",
        id,
        trouble: branch.kind,
        share: shares[1 + n + b] ?? 0,
      })),
    ];
    return {
      over: this.over.sort(),
      drives: drives.filter(({ share }) => share > TELLING).sort((a, b) => b.share - a.share),
      lacks: [...this.lacks]
        .map(([name, { times, minutes }]) => ({ name, chance: times / this.count, minutes: minutes / times }))
        .sort((a, b) => b.chance - a.chance),
      missingMin: this.missing / this.count,
      shut: this.shut / this.count,
      from: new Map(
        this.watched.map(({ id, minutes }) => [
          id,
          minutes.map((one) => (Number.isNaN(one) ? Infinity : one)).sort(),
        ]),
      ),
    };
  }
}

const zeros = (length: number) => new Float64Array(length);
