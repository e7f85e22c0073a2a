import { uniformInt } from "pure-rand/distribution/uniformInt";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import type { Activity } from "../activity";
import type { Timed } from "../schedule";
import type { Speed } from "../speed";

/** A day of round-the-clock hands. */
export const ALWAYS = [[0, 100_000]] as const;

/** Somebody who is exactly as fast as the plan. */
export const EXACT: Speed = { density: [1], quantiles: new Float64Array([1, 1]), usual: 1, jobs: 0 };

/** An activity that takes so many minutes, no more and no less, unless said otherwise. */
export function activity(id: string, minutes: number, more: Partial<Activity> = {}): Activity {
  return {
    id,
    step: { id, title: id, phase: "take apart", kind: "do", stance: "on the ground", cautions: [] },
    side: undefined,
    hands: 1,
    minutes: { least: minutes, usual: minutes, most: minutes },
    waits: 0,
    after: [],
    twin: undefined,
    branches: [],
    lacks: [],
    delivered: undefined,
    ...more,
  };
}

/** Random activities that keep an order: each behind some of those before it. */
export function randomActivities(count: number, seed: number, mostHands: number): Timed[] {
  const random = xoroshiro128plus(seed);
  const upTo = (most: number) => uniformInt(random, 0, most);
  return Array.from({ length: count }, (_, i) => ({
    id: `t${i}`,
    hands: upTo(3) === 0 ? mostHands : 1,
    minutes: 1 + upTo(8),
    waits: upTo(2) === 0 ? upTo(12) : 0,
    after: Array.from({ length: i }, (_, j) => j).flatMap((j) =>
      upTo(i) === 0 || (j === i - 1 && upTo(1) === 0) ? [{ id: `t${j}`, waited: upTo(2) > 0 }] : [],
    ),
  }));
}
