import { InputError, requirePositive } from "../input-error";

/** Bolts on a ring, each a spring over a flange and what lies between. */
export interface Ring {
  count: number;
  /** What is between them: a gasket gives far more than metal. */
  between: "gasket" | "metal";
}

/** Clamping force of each bolt, as a share of what it is meant to have, and how far each nut is on. */
export interface RingState {
  ring: Ring;
  /** How far each nut has been drawn on: what stays while its neighbours are pulled. */
  drawn: readonly number[];
  clamp: readonly number[];
}

/*
 * How a joint gives under a bolt, over how its bolt gives; and how much of that its neighbour feels, for each bolt
 * further. First principles (springs over a flange), set so that a bolt beside one that is pulled from nothing loses
 * about a quarter over a gasket, and less than a tenth metal to metal, as measured on flanges.
 */
const GIVES: Readonly<Record<Ring["between"], { joint: number; felt: number }>> = {
  gasket: { joint: 3, felt: 0.32 },
  metal: { joint: 0.35, felt: 0.25 },
};

/** All bolts by hand. @throws InputError unless there are 2 to 64. */
export function looseRing(ring: Ring): RingState {
  if (!Number.isInteger(ring.count) || ring.count < 2 || ring.count > 64)
    throw new InputError("A ring has a whole number of bolts, from 2 to 64.", "count");
  const none = Array.from({ length: ring.count }, () => 0);
  return { ring, drawn: none, clamp: none };
}

/** How much the joint gives at one bolt under a force at another. */
function givesAt({ count, between }: Ring, a: number, b: number): number {
  const apart = Math.min(Math.abs(a - b), count - Math.abs(a - b));
  const { joint, felt } = GIVES[between];
  // On a small ring a force is felt from both ways round.
  return (joint * (felt ** apart + felt ** (count - apart))) / (1 + felt ** count);
}

/**
 * One bolt pulled to a share of what it is meant to have: it comes to that, and every other loses what the joint gives
 * way under them. One that has more already does not turn.
 * @param bolt numbered from 1. @throws InputError for a bolt that is not there, or a share that is not positive.
 * Source: elastic interaction; forces in springs that are shortened by each other, solved together.
 */
export function pullBolt(state: RingState, bolt: number, share: number): RingState {
  const { ring, drawn } = state;
  requirePositive(share, "The share");
  const at = bolt - 1;
  if (state.clamp[at] === undefined) throw new InputError("There is no such bolt.", "bolt");
  if ((state.clamp[at] ?? 0) >= share) return state;
  const clamp = settled(state, at, share);
  const own = share + clamp.reduce((sum, force, j) => sum + givesAt(ring, at, j) * force, 0);
  return { ring, drawn: drawn.map((was, i) => (i === at ? own : was)), clamp };
}

const ROUNDS = 400;
const CLOSE = 1e-10;

/**
 * What each bolt has while one of them is held at a share: each other nut stays where it is, bolt and joint share what
 * was drawn, and a bolt that is left loose pulls at nothing. Gauss and Seidel's iteration, kept above nothing.
 */
function settled({ ring, drawn, clamp }: RingState, at: number, share: number): number[] {
  const forces = clamp.map((force, i) => (i === at ? share : force));
  for (let round = 0, moved = 1; round < ROUNDS && moved > CLOSE; round++) {
    moved = 0;
    for (const [i, was] of forces.entries()) {
      if (i === at) continue;
      const pressed = forces.reduce(
        (sum, force, j) => (i === j ? sum : sum + givesAt(ring, i, j) * force),
        0,
      );
      const now = Math.max(0, ((drawn[i] ?? 0) - pressed) / (1 + givesAt(ring, i, i)));
      moved = Math.max(moved, Math.abs(now - was));
      forces[i] = now;
    }
  }
  return forces;
}

/** Passes one after another: shares of the full force, each with its order of bolts. */
export function pullInPasses(
  ring: Ring,
  passes: readonly { share: number; order: readonly number[] }[],
): RingState {
  return passes.reduce(
    (state, { share, order }) => order.reduce((now, bolt) => pullBolt(now, bolt, share), state),
    looseRing(ring),
  );
}

/** How uneven a ring is: the most less the least, over the mean; 0 where all are the same, or all loose. */
export function spreadOf({ clamp }: RingState): number {
  const mean = clamp.reduce((sum, force) => sum + force, 0) / clamp.length;
  return mean === 0 ? 0 : (Math.max(...clamp) - Math.min(...clamp)) / mean;
}
