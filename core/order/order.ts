import { PHASES, type Step } from "../model/job";

const MOST_TAKERS = 8;
/** More loops than these are not told apart: one of them undone, the next is shown. */
const MOST_LOOPS = 20;

const isPutBack = ({ phase }: Step): boolean => phase === "put back" || phase === "prove it";

/**
 * What putting back says by itself: the step that it puts right again, the undoing of the fastener that it
 * does up, and its starting by hand before its torque.
 */
export function outBeforeIn(steps: readonly Step[]): Map<string, string[]> {
  const on = new Map<string, Step[]>();
  for (const step of steps)
    if (step.fastenerId !== undefined) on.set(step.fastenerId, [...(on.get(step.fastenerId) ?? []), step]);
  const known = new Set(steps.map(({ id }) => id));
  return new Map(
    steps.filter(isPutBack).map((step) => {
      const own = (step.fastenerId === undefined ? undefined : on.get(step.fastenerId)) ?? [];
      const doesUp = step.kind === "torque" || step.kind === "hand-start";
      const before = own.filter(
        (one) =>
          one.id !== step.id &&
          ((one.kind === "undo" && !isPutBack(one)) || (step.kind === "torque" && one.kind === "hand-start")),
      );
      const source = step.mirrorOf && known.has(step.mirrorOf.stepId) ? [step.mirrorOf.stepId] : [];
      return [step.id, [...new Set([...(doesUp ? before.map(({ id }) => id) : []), ...source])]];
    }),
  );
}

/**
 * What has to come before a step: the steps it needs, those that take off what it moves past, and what putting
 * back says by itself.
 */
export function comesBefore(steps: readonly Step[]): Map<string, Set<string>> {
  const known = new Set(steps.map(({ id }) => id));
  const implied = outBeforeIn(steps);
  const takers = new Map<string, string[]>();
  for (const step of steps) {
    for (const thing of step.takesOff ?? []) {
      const known = takers.get(key(thing));
      // A thing that everything takes off is a word, and no thing: its first takers say enough.
      if (!known) takers.set(key(thing), [step.id]);
      else if (known.length < MOST_TAKERS) known.push(step.id);
    }
  }
  return new Map(
    steps.map((step) => {
      const before = new Set((step.needs ?? []).filter((need) => known.has(need)));
      for (const out of implied.get(step.id) ?? []) before.add(out);
      for (const thing of [...(step.movesPast ?? []), ...(step.putsBack ?? [])])
        for (const taker of takers.get(key(thing)) ?? []) if (taker !== step.id) before.add(taker);
      return [step.id, before];
    }),
  );
}

/**
 * Of every other step whether it has to be done before a step or can only be done after it, through however many in
 * between; left out where neither is so.
 */
export function boundBy(steps: readonly Step[], id: string): Map<string, "before" | "after"> {
  const before = comesBefore(steps);
  const after = new Map<string, string[]>();
  for (const [one, needs] of before)
    for (const need of needs) after.set(need, [...(after.get(need) ?? []), one]);
  const bound = new Map<string, "before" | "after">();
  const walk = (from: string, way: "before" | "after") => {
    const next = way === "before" ? before : after;
    const open = [...(next.get(from) ?? [])];
    for (let one = open.pop(); one !== undefined; one = open.pop()) {
      if (one === id || bound.get(one) === way) continue;
      bound.set(one, way);
      open.push(...(next.get(one) ?? []));
    }
  };
  walk(id, "after");
  // Where steps wait for each other in a ring, what has to be done first is said.
  walk(id, "before");
  return bound;
}

/**
 * The steps in an order that keeps every dependency, as near to the order they are in as can be; phases stay
 * in their order unless a dependency goes against them, as where the other side waits for the first. Undefined
 * when some steps wait for each other.
 */
export function sortSteps(steps: readonly Step[]): Step[] | undefined {
  const before = comesBefore(steps);
  const waiting = new Map(steps.map(({ id }) => [id, new Set(before.get(id))]));
  const after = new Map<string, string[]>();
  for (const [id, needs] of before)
    for (const need of needs) after.set(need, [...(after.get(need) ?? []), id]);
  const place = new Map(steps.map((step, i) => [step.id, PHASES.indexOf(step.phase) * steps.length + i]));
  const byId = new Map(steps.map((step) => [step.id, step]));
  // Of the steps that wait for nothing more, always the one that stood first.
  const ready = steps.filter(({ id }) => waiting.get(id)?.size === 0).map(({ id }) => id);
  const sorted: Step[] = [];
  while (ready.length > 0) {
    let first = 0;
    for (let i = 1; i < ready.length; i++)
      if ((place.get(ready[i] ?? "") ?? 0) < (place.get(ready[first] ?? "") ?? 0)) first = i;
    const [id = ""] = ready.splice(first, 1);
    const step = byId.get(id);
    if (step) sorted.push(step);
    for (const next of after.get(id) ?? []) {
      const left = waiting.get(next);
      left?.delete(id);
      if (left?.size === 0) ready.push(next);
    }
  }
  return sorted.length === steps.length ? sorted : undefined;
}

/**
 * Groups of steps that wait for each other, each in the order it goes round; empty when the steps can be
 * sorted.
 */
export function loopsIn(steps: readonly Step[]): Step[][] {
  const before = comesBefore(steps);
  const byId = new Map(steps.map((step) => [step.id, step]));
  const state = new Map<string, "open" | "done">();
  const loops: Step[][] = [];
  for (const { id: start } of steps) {
    // Depth first without recursion: a plan may be long.
    const path: { id: string; left: string[] }[] = [];
    const enter = (id: string) => {
      state.set(id, "open");
      path.push({ id, left: [...(before.get(id) ?? [])] });
    };
    if (!state.has(start)) enter(start);
    while (path.length > 0 && loops.length < MOST_LOOPS) {
      const top = path[path.length - 1];
      const next = top?.left.pop();
      if (top && next === undefined) {
        state.set(top.id, "done");
        path.pop();
      } else if (next !== undefined && state.get(next) === "open") {
        const from = path.findIndex(({ id }) => id === next);
        loops.push(
          path
            .slice(from)
            .flatMap(({ id }) => byId.get(id) ?? [])
            .reverse(),
        );
      } else if (next !== undefined && !state.has(next)) enter(next);
    }
  }
  return loops;
}

/**
 * The first dependency that an order breaks: the step, and the one it should have come after; undefined when
 * it keeps them all.
 */
export function brokenBy(steps: readonly Step[]): { step: Step; needs: Step } | undefined {
  const before = comesBefore(steps);
  const byId = new Map(steps.map((step) => [step.id, step]));
  const seen = new Set<string>();
  for (const step of steps) {
    for (const need of before.get(step.id) ?? []) {
      const needs = byId.get(need);
      if (!seen.has(need) && needs) return { step, needs };
    }
    seen.add(step.id);
  }
  return undefined;
}

function key(thing: string): string {
  return thing.trim().toLowerCase();
}
