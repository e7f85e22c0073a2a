import type { Route, Step, StepKind } from "../model/job";
import type { Work } from "../model/work";
import { chosenRoute } from "../plan/chosen-route";
import { otherSide } from "../plan/copy-job";
import { type Past, leaning } from "../shelf/lessons";
import { doneSteps } from "../work/progress";
import { ONLY_TICKED, secondSideFaster, stepMinutes, workTimes } from "../work/times";
import { type Spread, pertMoments } from "./pert";
import { type Speed, type Went, speedFrom } from "./speed";

/** Where a step says nothing: minutes for it, and for each bolt on top. A judgement, no standard has one. */
const USUALLY: Readonly<Record<StepKind, readonly [step: number, bolt: number]>> = {
  do: [5, 0],
  undo: [1, 1],
  "hand-start": [1, 0.5],
  torque: [1, 0.8],
  count: [2, 0],
  look: [2, 0],
  raise: [10, 0],
  lower: [5, 0],
};
/** How far a time goes down and up where only the usual is known. A judgement: late is likelier than early. */
const LEAST = 0.6;
const MOST = 2.2;

/** The second side of two that are alike, beside the first, before anybody's own were logged. A judgement. */
const SECOND_SIDE = 0.85;
/** Less than this on both sides together tells nothing of the second, minutes. */
const TELLS_A_SIDE = 10;

/** Less than this of a plan tells nothing of a day, minutes. */
const TELLS_A_DAY = 5;

/** How long a step takes by its plan alone: what it says, and the usual of its kind where it says nothing. */
export function plannedMinutes(step: Step, route: Pick<Route, "fasteners">): Spread {
  const count = step.count ?? route.fasteners.find(({ id }) => id === step.fastenerId)?.count ?? 1;
  const [own, each] = USUALLY[step.kind];
  const { least, usual, most } = step.minutes ?? { usual: own + each * count };
  return { least: least ?? usual * LEAST, usual, most: most ?? usual * MOST };
}

/** What is learnt from a person's own jobs: how fast they are, how the second side goes, and single steps. */
export interface Learnt {
  speed: Speed;
  secondSide: number;
  /** Minutes that steps of this kind and name took, as somebody of the plan's own pace would have taken. */
  took: ReadonlyMap<string, readonly number[]>;
}

/** The same work on either side, told alike. */
const nameOf = (step: Step, route: Pick<Route, "fasteners">): string[] => {
  const fastener = route.fasteners.find(({ id }) => id === step.fastenerId)?.name;
  const alike = (text: string) => [text, otherSide(text)].map((one) => one.toLowerCase()).sort()[0] ?? "";
  return [alike(step.title), ...(fastener ? [`${step.kind} ${alike(fastener)}`] : [])];
};

/** What somebody's finished jobs tell. Only minutes of hands count: waits and troubles are reckoned apart. */
export function learntFrom(pasts: readonly Past[]): Learnt {
  const went = pasts.flatMap(wentOf);
  const speed = speedFrom(went);
  const took = new Map<string, number[]>();
  for (const { job, work } of pasts) {
    const route = chosenRoute(job);
    const minutes = stepMinutes(work, route, "hands");
    for (const step of route.steps) {
      const real = minutes.get(step.id) ?? 0;
      if (real < ONLY_TICKED) continue;
      for (const name of nameOf(step, route)) took.set(name, [...(took.get(name) ?? []), real / speed.usual]);
    }
  }
  return { speed, secondSide: leaning(SECOND_SIDE, pasts.flatMap(secondOf)), took };
}

/** How a job went beside its plan; nothing where hardly any of it was timed. */
const wentOf = ({ job, work }: Past): Went[] => [howItWent(work, chosenRoute(job)) ?? []].flat();

/**
 * How work went beside its plan, by the steps that are over and were timed; undefined where that is less than five
 * minutes of it. Only hands count: waits and troubles are reckoned apart.
 */
export function howItWent(work: Work, route: Route): Went | undefined {
  const done = doneSteps(work);
  const minutes = stepMinutes(work, route, "hands");
  let [real, planned, variance] = [0, 0, 0];
  for (const step of route.steps) {
    const one = minutes.get(step.id) ?? 0;
    if (!done.has(step.id) || one < ONLY_TICKED) continue;
    const moments = pertMoments(plannedMinutes(step, route));
    real += one;
    planned += moments.mean;
    variance += moments.variance;
  }
  if (planned < TELLS_A_DAY) return undefined;
  return { logRatio: Math.log(real / planned), variance: variance / planned ** 2 };
}

function secondOf({ job, work }: Past): number[] {
  const route = chosenRoute(job);
  const { sides } = workTimes(work, route);
  const faster = secondSideFaster(work, route);
  if (!faster || sides.left + sides.right < TELLS_A_SIDE) return [];
  const second = sides[faster.side];
  return [second / (second + faster.byMin)];
}

/** How long a step takes somebody of the plan's own pace: its plan, leant towards how it went before. */
export function expectedMinutes(step: Step, route: Pick<Route, "fasteners">, learnt: Learnt): Spread {
  const planned = plannedMinutes(step, route);
  const seen = nameOf(step, route)
    .map((name) => learnt.took.get(name))
    .find((one) => one !== undefined);
  if (!seen) return planned;
  const usual = leaning(planned.usual, seen);
  return { least: Math.min(planned.least, usual), usual, most: Math.max(planned.most, usual) };
}
