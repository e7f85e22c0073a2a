import { withoutUndefined } from "../without-undefined";
import { MODEL_VERSION } from "./version";

/** A household of any version, before it is checked: collections of records of unknown shape. */
export type RawHousehold = Record<string, Record<string, unknown>[]>;

/** One change of the model. Small and pure; never edited once released. */
export interface Migration {
  /** The version it leads to, one more than the version it takes. */
  to: number;
  /** Left out where older records are as good as they were. */
  migrate?: (household: RawHousehold) => RawHousehold;
}

/** Every torque figure in a record of unknown shape, changed; the record given is not. */
function withFigures<T>(value: T, change: (figure: Record<string, unknown>) => Record<string, unknown>): T {
  if (Array.isArray(value)) return value.map((one) => withFigures(one as unknown, change)) as T;
  if (typeof value !== "object" || value === null) return value;
  return Object.fromEntries(
    Object.entries(value).map(([key, inside]) => [
      key,
      (key === "figure" || key === "wheelTorque") && typeof inside === "object" && inside !== null
        ? change(inside as Record<string, unknown>)
        : withFigures(inside as unknown, change),
    ]),
  ) as T;
}

/** A job of unknown shape in which a source has another name. */
function withSource<T>(value: T, from: string, to: string): T {
  if (Array.isArray(value)) return value.map((one) => withSource(one as unknown, from, to)) as T;
  if (typeof value !== "object" || value === null) return value;
  return Object.fromEntries(
    Object.entries(value).map(([key, inside]) => [
      key,
      key === "source" && inside === from ? to : withSource(inside as unknown, from, to),
    ]),
  ) as T;
}

/** Until version 7 an angle had one torque before it, and nothing else. */
function anglesFirst({ torque, ...figure }: Record<string, unknown>): Record<string, unknown> {
  return figure.form === "angle" && torque !== undefined
    ? { ...figure, first: { form: "value", torque } }
    : { ...figure, ...(torque === undefined ? {} : { torque }) };
}

/** Until version 12 only angles could follow, beside what they follow. */
function asMoves({ first, anglesDeg, ...figure }: Record<string, unknown>): Record<string, unknown> {
  if (figure.form !== "angle" || !Array.isArray(anglesDeg))
    return { ...figure, ...withoutUndefined({ first, anglesDeg }) };
  const angles: unknown[] = anglesDeg;
  return { form: "procedure", moves: [first, ...angles.map((degrees) => ({ form: "angle", degrees }))] };
}

/** Until version 12 only a spanner or a key could hold the other end. */
function withHolds<T>(value: T): T {
  if (Array.isArray(value)) return value.map((one) => withHolds(one as unknown)) as T;
  if (typeof value !== "object" || value === null) return value;
  return Object.fromEntries(
    Object.entries(value).map(([key, inside]: [string, unknown]) => [
      key,
      key === "counterHold" ? { by: "on the other end", size: inside } : withHolds(inside),
    ]),
  ) as T;
}

/** Until version 14 a step had its usual minutes and no others. */
function withMinutes<T>(value: T): T {
  if (Array.isArray(value)) return value.map((one) => withMinutes(one as unknown)) as T;
  if (typeof value !== "object" || value === null) return value;
  const { usualMinutes, ...rest } = value as Record<string, unknown>;
  const inside = Object.fromEntries(Object.entries(rest).map(([key, one]) => [key, withMinutes(one)]));
  return { ...inside, ...(usualMinutes === undefined ? {} : { minutes: { usual: usualMinutes } }) } as T;
}

/** Until version 10 a fastener said only whether it holds a wheel. */
function withRoles<T>(value: T): T {
  if (Array.isArray(value)) return value.map((one) => withRoles(one as unknown)) as T;
  if (typeof value !== "object" || value === null) return value;
  const { holdsWheel, ...rest } = value as Record<string, unknown>;
  const inside = Object.fromEntries(Object.entries(rest).map(([key, one]) => [key, withRoles(one)]));
  return { ...inside, ...(holdsWheel === true ? { role: "wheel" } : {}) } as T;
}

/**
 * Every change of the model since version 1, in order; only ever appended to.
 * Both the store in the browser and the import of a file run this one list.
 */
export const MIGRATIONS: readonly Migration[] = [
  // The field may be left out, so no record has to change; an older app is kept from dropping the slips that
  // it does not know.
  // Steps may carry pinned slips.
  { to: 2 },
  // Fasteners, steps and parts in full; answers to the second look.
  { to: 3 },
  // A kit for each job; tools in full.
  {
    to: 4,
    migrate: (household) => ({ ...household, kits: household.kits ?? [] }),
  },
  // What happens at work in full; measurements.
  {
    to: 5,
    migrate: (household) => ({ ...household, measurements: household.measurements ?? [] }),
  },
  // Intervals; what was removed; reasons of follow-ups.
  {
    to: 6,
    migrate: (household) => ({
      ...household,
      intervals: household.intervals ?? [],
      removals: household.removals ?? [],
    }),
  },
  // Photos of an entry.
  { to: 7 },
  // What comes before an angle in any form; hand tight; left-hand threads; beam wrenches; twelve-point heads.
  {
    to: 8,
    migrate: (household) => ({
      ...household,
      jobs: (household.jobs ?? []).map((job) => withFigures(job, anglesFirst)),
      vehicles: (household.vehicles ?? []).map((vehicle) => withFigures(vehicle, anglesFirst)),
    }),
  },
  // A figure may be from a recording, or from a friend's notes.
  {
    to: 9,
    migrate: (household) => ({
      ...household,
      jobs: (household.jobs ?? []).map((job) => withSource(job, "a friend", "a friend's notes")),
    }),
  },
  // What a fastener holds, in place of whether it holds a wheel.
  {
    to: 10,
    migrate: (household) => ({ ...household, jobs: (household.jobs ?? []).map(withRoles) }),
  },
  // Cross, slot and square heads; wrenches whose grip is not measured; jobs put away.
  { to: 11 },
  // A figure is one move or several: threads that show, a depth, what is backed off; staked and peened; what holds still; what goes on which surface.
  {
    to: 12,
    migrate: (household) => ({
      ...household,
      jobs: (household.jobs ?? []).map((job) => withHolds(withFigures(job, asMoves))),
      vehicles: (household.vehicles ?? []).map((vehicle) => withFigures(vehicle, asMoves)),
    }),
  },
  // A special tool that turns a fastener; a size in doubt; what was paid for a job; used and remanufactured parts.
  { to: 13 },
  // Least and most minutes beside the usual; what often goes wrong at a step; the sheet that a job was planned from; what speaks for a route.
  {
    to: 14,
    migrate: (household) => ({ ...household, jobs: (household.jobs ?? []).map(withMinutes) }),
  },
  // A day for each job; vehicles driven on salt.
  {
    to: 15,
    migrate: (household) => ({ ...household, days: household.days ?? [] }),
  },
  // What was done in a work and taken back again.
  { to: 16 },
  // Drills that were done.
  {
    to: 17,
    migrate: (household) => ({ ...household, drills: household.drills ?? [] }),
  },
  // The currency that prices are in.
  {
    to: 18,
    migrate: (household) => ({ ...household, writing: household.writing ?? [] }),
  },
];

/**
 * Brings a household of an older version up to this one and stamps its records with the new version.
 * The household given is not changed.
 */
export function migrate(
  household: RawHousehold,
  fromVersion: number,
  migrations: readonly Migration[] = MIGRATIONS,
  toVersion: number = MODEL_VERSION,
): RawHousehold {
  if (fromVersion === toVersion) return household;
  const due = migrations.filter((one) => one.to > fromVersion && one.to <= toVersion);
  const migrated = due.reduce((current, one) => one.migrate?.(current) ?? current, household);
  return Object.fromEntries(
    Object.entries(migrated).map(([name, records]) => [
      name,
      records.map((record) => ({ ...record, schema: toVersion })),
    ]),
  );
}
