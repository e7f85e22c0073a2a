import type { Fastener, Route, Step } from "../model/job";
import { sideOf } from "../side";
import { otherSide, otherWay } from "./copy-job";
import { twinOf } from "./sides";

/** What belongs to one step alone, and is never carried over. */
const OWN_OF_STEP = new Set(["id", "phase", "needs", "fastenerId", "slips", "mirrorOf", "mends"]);
const OWN_OF_FASTENER = new Set(["id", "name"]);
/** Told by the way something faces or turns, which the other side has the other way round. */
const TURNS_ROUND = new Set(["facing", "mark"]);

/** A value as the other side has it: left and right changed over wherever words are. */
function flipped(key: string, value: unknown): unknown {
  if (typeof value === "string") return TURNS_ROUND.has(key) ? otherWay(value) : otherSide(value);
  if (Array.isArray(value)) return value.map((one) => flipped(key, one));
  return value;
}

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/** The twin with what was changed on the first, wherever the twin still had what the first had before. */
function carried<T extends Step | Fastener>(before: T, after: T, twin: T, own: ReadonlySet<string>): T {
  const was = before as Record<string, unknown>;
  const is = after as Record<string, unknown>;
  const theirs = twin as Record<string, unknown>;
  const changed = [...new Set([...Object.keys(was), ...Object.keys(is)])].filter(
    (key) => !own.has(key) && !same(was[key], is[key]) && same(theirs[key], flipped(key, was[key])),
  );
  if (changed.length === 0) return twin;
  const merged = { ...theirs, ...Object.fromEntries(changed.map((key) => [key, flipped(key, is[key])])) };
  return Object.fromEntries(Object.entries(merged).filter(([, value]) => value !== undefined)) as T;
}

/** The like fastener of the other side: by its name turned round, or by its name with the side behind it. */
export function twinFastener({ fasteners }: Route, { name }: Fastener): Fastener | undefined {
  const called = (sideOf(name) ? [otherSide(name)] : [`${name}, left`, `${name}, right`]).map((one) =>
    one.toLowerCase(),
  );
  return fasteners.find((one) => called.includes(one.name.toLowerCase()));
}

/**
 * A changed route with the change carried to the other side, where a step or a fastener has a twin that comes
 * after it: whatever of the twin was still as on the first side follows, and what was made different there
 * stays.
 * @param before the route as it was. Example: the torque of "Pinch bolt, left" changed from 50 to 60 N·m changes
 * that of "Pinch bolt, right" too, unless it had another.
 */
export function withTwins(before: Route, after: Route): Route {
  const place = new Map(before.steps.map(({ id }, i) => [id, i]));
  const firstOn = (fastenerId: string) => before.steps.findIndex((step) => step.fastenerId === fastenerId);
  const steps = new Map<string, Step>();
  for (const is of after.steps) {
    const was = before.steps.find(({ id }) => id === is.id);
    const twin = was && was !== is ? twinOf(before, was) : undefined;
    if (!was || !twin || (place.get(twin.id) ?? 0) < (place.get(was.id) ?? 0)) continue;
    // A title that no longer speaks of a side is no title for the other.
    const own = sideOf(is.title) === undefined ? new Set([...OWN_OF_STEP, "title"]) : OWN_OF_STEP;
    const made = carried(was, is, twin, own);
    if (made !== twin) steps.set(twin.id, made);
  }
  const fasteners = new Map<string, Fastener>();
  for (const is of after.fasteners) {
    const was = before.fasteners.find(({ id }) => id === is.id);
    const twin = was && was !== is ? twinFastener(before, was) : undefined;
    if (!was || !twin || firstOn(twin.id) < firstOn(was.id)) continue;
    const made = carried(was, is, twin, OWN_OF_FASTENER);
    if (made !== twin) fasteners.set(twin.id, made);
  }
  if (steps.size + fasteners.size === 0) return after;
  return {
    ...after,
    steps: after.steps.map((step) => steps.get(step.id) ?? step),
    fasteners: after.fasteners.map((fastener) => fasteners.get(fastener.id) ?? fastener),
  };
}

/** "Pinch bolt saved, on the other side too." */
export const savedSays = (name: string, before: Route, after: Route): string =>
  `${name} saved${withTwins(before, after) === after ? "" : ", on the other side too"}.`;
