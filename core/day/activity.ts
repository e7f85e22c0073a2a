import { InputError } from "../input-error";
import type { KitLine } from "../kit/needs/need";
import { isCovered } from "../kit/needs/need";
import type { Job, Route, Step } from "../model/job";
import type { Replacement } from "../model/log";
import type { Tool } from "../model/tool";
import type { TroubleKind } from "../model/trouble";
import type { Vehicle } from "../model/vehicle";
import { comesBefore, sortSteps } from "../order/order";
import { chosenRoute } from "../plan/chosen-route";
import { otherSide } from "../plan/copy-job";
import { chanceOf } from "../plan/often-wrong";
import { speaksOf } from "../shares-word";
import { type Side, sideOf } from "../side";
import { ladderFor } from "../work/trouble/ladders";
import { troubleNeeds } from "../work/trouble/trouble";
import { type Learnt, expectedMinutes } from "./expect";
import type { Spread } from "./pert";

/** One thing to try in a trouble, and what has to be fetched before it can be tried. */
export interface Try {
  minutes: number;
  lacks: readonly string[];
}

/** Something that may go wrong in an activity. */
export interface Branch {
  kind: TroubleKind;
  /** 0 to 1. */
  chance: number;
  /** What can be tried with what is there, from mild to drastic, and what only with something fetched. */
  here: readonly Try[];
  fetched: readonly Try[];
  /** What has to be new afterwards and is not in the kit. */
  renews: string | undefined;
}

/** A step as the day sees it. Times are minutes. */
export interface Activity {
  id: string;
  step: Step;
  side: Side | undefined;
  hands: number;
  minutes: Spread;
  /** Hands are free meanwhile. */
  waits: number;
  /** What has to be over before it: its hands, and where `waited` its wait too. */
  after: readonly { id: string; waited: boolean }[];
  /** The same step of the other side. */
  twin: string | undefined;
  branches: readonly Branch[];
  /** What it needs and nobody has: fetched first. */
  lacks: readonly string[];
  /** Not before the day on which something of it is delivered, and what that is. */
  delivered: { on: string; what: string } | undefined;
}

/** What is known around a plan. */
export interface Around {
  job: Job;
  vehicle: Vehicle;
  tools: readonly Tool[];
  /** The kit with what was noted, and when what is on order is due, by the key of its line. */
  lines: readonly KitLine[];
  due: ReadonlyMap<string, string>;
  replacements: readonly Replacement[];
  learnt: Learnt;
  today: string;
  /** Both sides side by side, not one after the other. */
  sideBySide?: boolean | undefined;
}

/**
 * The steps of a job's chosen route as activities, in the order of the plan. What a step needs comes before it; of what
 * says nothing, a side keeps the order of the plan, and what is of neither side waits for both.
 * @throws InputError where some steps wait for each other.
 */
export function activitiesOf(around: Around): Activity[] {
  const route = chosenRoute(around.job);
  const steps = sortSteps(route.steps);
  if (!steps)
    throw new InputError(
      "Some steps wait for each other, so there is no order to reckon with. Mend it in Plan → Order.",
    );
  const after = afterOf(steps, around.sideBySide ?? false);
  const lacking = lackingBy(route, around);
  const titles = new Map(steps.map(({ id, title }) => [title.toLowerCase(), id]));
  return steps.map((step) => {
    const side = sideOf(step.title);
    const late = lacking.delivered.get(step.id);
    return {
      id: step.id,
      step,
      side,
      hands: step.hands ?? 1,
      minutes: expectedMinutes(step, route, around.learnt),
      waits: step.wait?.minutes ?? 0,
      after: after.get(step.id) ?? [],
      twin: side && titles.get(otherSide(step.title).toLowerCase()),
      branches: branchesOf(step, route, around),
      lacks: lacking.missing.get(step.id) ?? [],
      delivered: late,
    };
  });
}

/** Raising and lowering is of the whole vehicle, whatever side its title speaks of. */
const sideIn = ({ kind, title }: Step): Side | undefined =>
  kind === "raise" || kind === "lower" ? undefined : sideOf(title);

function afterOf(
  steps: readonly Step[],
  sideBySide: boolean,
): Map<string, { id: string; waited: boolean }[]> {
  const sides = new Map(steps.map((step) => [step.id, sideIn(step)]));
  const crosses = (id: string, need: string) => {
    const [one, other] = [sides.get(id), sides.get(need)];
    return one !== undefined && other !== undefined && one !== other;
  };
  const needed = new Map(
    [...comesBefore(steps)].map(([id, needs]) => [
      id,
      [...needs].filter((need) => !(sideBySide && crosses(id, need))),
    ]),
  );
  // Nobody says what a wait is for: then everything behind it waits.
  const said = new Set([...needed.values()].flat());
  const endsWait = ({ id, wait }: Step) => wait !== undefined && !said.has(id);
  let both: Step | undefined;
  let last: Partial<Record<Side, Step>> = {};
  return new Map(
    steps.map((step) => {
      const side = sides.get(step.id);
      const sided = side ? [last[side]] : [last.left, last.right];
      const before = sided.some((one) => one !== undefined) ? sided : [both];
      if (side) last = { ...last, [side]: step };
      else [both, last] = [step, {}];
      const after = new Map(
        before.flatMap((one): [string, boolean][] => (one ? [[one.id, endsWait(one)]] : [])),
      );
      for (const need of needed.get(step.id) ?? []) after.set(need, true);
      return [step.id, [...after].map(([id, waited]) => ({ id, waited }))];
    }),
  );
}

function branchesOf(
  step: Step,
  route: Route,
  { job, vehicle, tools, replacements, today, lines }: Around,
): Branch[] {
  const fastener = route.fasteners.find(({ id }) => id === step.fastenerId);
  const about = fastener?.name ?? step.title;
  // What was renewed since is as old as that.
  const renewed = replacements
    .filter(
      (one) =>
        one.vehicleId === job.vehicleId &&
        speaksOf(`${about} ${step.title}`, one.part) &&
        (sideOf(one.place) ?? sideOf(step.title)) === (sideOf(step.title) ?? sideOf(one.place)),
    )
    .map(({ on }) => on)
    .sort()
    .at(-1);
  const aged = renewed === undefined ? vehicle : { ...vehicle, year: Number(renewed.slice(0, 4)) };
  return (step.troubles ?? []).flatMap((often): Branch[] => {
    const ladder = ladderFor(often.kind, job.system);
    const tries = ladder.rungs
      .filter(({ stops }) => !stops)
      .map((rung) => ({
        minutes: rung.minutes,
        lacks: troubleNeeds(rung, tools).flatMap(({ need, owned }) => (owned ? [] : [need.name])),
      }));
    const isNew =
      fastener === undefined ||
      route.parts.some(({ renews, holds }) => renews === fastener.id || holds?.includes(fastener.id)) ||
      lines.some(({ need }) => need.kind === "hardware" && need.fastener?.id === fastener.id);
    return [
      {
        kind: often.kind,
        chance: chanceOf(often, aged, today) / 100,
        here: tries.filter(({ lacks }) => lacks.length === 0),
        fetched: tries.filter(({ lacks }) => lacks.length > 0),
        renews: ladder.renew && !isNew ? `New: ${about}` : undefined,
      },
    ];
  });
}

/** A line of the kit by itself, where no heading says what its figure is of. */
function missingName({ need, name }: KitLine): string {
  if (need.kind === "torque") return `Torque wrench for ${name}`;
  return need.kind === "angle" ? `Gauge for ${name}` : name;
}

/** What the kit lacks and what is still on its way, by the id of the first step that wants it. */
function lackingBy(route: Route, { lines, due }: Around) {
  const missing = new Map<string, string[]>();
  const delivered = new Map<string, { on: string; what: string }>();
  for (const line of lines) {
    const step = route.steps[Math.min(line.step, route.steps.length - 1)];
    if (!step) continue;
    if (!isCovered(line) && line.cover.kind === "missing")
      missing.set(step.id, [...(missing.get(step.id) ?? []), missingName(line)]);
    const on = line.cover.kind === "on order" ? due.get(line.key) : undefined;
    if (on !== undefined && on > (delivered.get(step.id)?.on ?? ""))
      delivered.set(step.id, { on, what: line.name });
  }
  return { missing, delivered };
}
