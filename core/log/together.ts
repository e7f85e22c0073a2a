import { daysBetween } from "../day";
import type { Job } from "../model/job";
import { chosenRoute } from "../plan/chosen-route";
import { partKey } from "./part-key";
import type { Due } from "./upkeep/due";

/** Two things that are due and could be done in one go, and why. */
export interface Together {
  a: Due;
  b: Due;
  because: string;
}

/**
 * So far apart, in days, that waiting for the later one or bringing it forward would cost more than it saves.
 * Our own judgement.
 */
const NEAR_DAYS = 120;

/**
 * What is due within four months of each other and shares work: the plan of one lays the other bare, both
 * need the same hire tool, or both sit at one place in one system. Read from the plans of the vehicle's jobs,
 * done or not.
 */
export function togetherOf(dues: readonly Due[], jobs: readonly Job[]): Together[] {
  const dated = dues.filter(({ state, on }) => state !== "snoozed" && on !== undefined);
  return dated.flatMap((a, i) =>
    dated.slice(i + 1).flatMap((b): Together[] => {
      if (!a.on || !b.on || Math.abs(daysBetween(b.on.best, a.on.best)) > NEAR_DAYS) return [];
      const because = laidBare(a, b, jobs) ?? laidBare(b, a, jobs) ?? sameHire(a, b, jobs) ?? samePlace(a, b);
      return because === undefined ? [] : [{ a, b, because }];
    }),
  );
}

/** The routes that renew a part on its vehicle. */
function routesFor({ interval }: Due, jobs: readonly Job[]) {
  const key = partKey(interval.part);
  return jobs
    .filter(({ vehicleId }) => vehicleId === interval.vehicleId)
    .map(chosenRoute)
    .filter((route) => route.parts.some(({ name }) => partKey(name) === key));
}

function laidBare(a: Due, b: Due, jobs: readonly Job[]): string | undefined {
  const key = partKey(b.interval.part);
  const bares = routesFor(a, jobs).some(({ laysBare }) =>
    laysBare?.some(({ name }) => partKey(name) === key),
  );
  return bares ? `${a.interval.part} lays bare: ${b.interval.part.toLowerCase()}` : undefined;
}

function sameHire(a: Due, b: Due, jobs: readonly Job[]): string | undefined {
  const tools = (due: Due) =>
    routesFor(due, jobs).flatMap(({ specialTools }) => specialTools?.map(({ name }) => name) ?? []);
  const also = new Set(tools(b).map(partKey));
  const shared = tools(a).find((name) => also.has(partKey(name)));
  return shared === undefined ? undefined : `both need: ${shared.toLowerCase()}`;
}

function samePlace(a: Due, b: Due): string | undefined {
  return a.place !== undefined && a.place === b.place && a.interval.system === b.interval.system
    ? `same place and system: ${a.place}, ${a.interval.system}`
    : undefined;
}
