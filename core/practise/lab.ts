import { type Ring, pullInPasses, spreadOf } from "../joint/ring";
import { type Scatter, TECHNIQUES, type Technique, histogram, scatter } from "../joint/scatter";
import { circleOrder } from "../pattern/circle-order";
import type { Band } from "../quantity/band";
import { NUT_FACTOR, THREAD_CONDITIONS, type ThreadCondition } from "../thread/nut-factor";
import type { StrengthClass } from "../thread/strength";
import type { Thread } from "../thread/thread";

/** What is set in the lab. */
export interface LabAsk {
  thread: Thread;
  strength: StrengthClass;
  condition: ThreadCondition;
  /** One's own band in place of the condition's. */
  nutFactor?: Band | undefined;
  torqueNm: number;
  /** Of the wrench, as a share. */
  accuracy: number;
  technique: Technique;
  seed: number;
}

export type LabSum = Omit<Scatter, "forces">;

/** What a thousand bolts came to, and what another way or another state of the thread would have made of them. */
export interface LabTold {
  sum: LabSum;
  steps: readonly { fromN: number; toN: number; count: number }[];
  byTechnique: readonly { technique: Technique; sum: LabSum }[];
  /** The same torque on other threads. */
  byCondition: readonly { condition: ThreadCondition; sum: LabSum }[];
  /** Eight bolts on a gasket, in other ways: how uneven they are, as a share. */
  passes: readonly { says: string; spread: number }[];
}

const BOLTS = 1000;

/**
 * Pulls a thousand bolts, and a thousand in each other way.
 * @throws InputError as scatter.
 */
export function labOf({ seed, condition, nutFactor, ...ask }: LabAsk): LabTold {
  const run = (technique: Technique, band: Band) =>
    scatter({ ...ask, technique, nutFactor: band }, BOLTS, seed);
  const own = nutFactor ?? NUT_FACTOR[condition];
  const chosen = run(ask.technique, own);
  return {
    sum: summed(chosen),
    steps: histogram(chosen.forces),
    byTechnique: TECHNIQUES.map((technique) => ({ technique, sum: summed(run(technique, own)) })),
    byCondition: THREAD_CONDITIONS.map((one) => ({
      condition: one,
      sum: summed(run(ask.technique, NUT_FACTOR[one])),
    })),
    passes: passesCompared({ count: 8, between: "gasket" }),
  };
}

const summed = ({ forces: _, ...sum }: Scatter): LabSum => sum;

/** One ring in other ways, from the worst to the best. */
export function passesCompared(ring: Ring): { says: string; spread: number }[] {
  const round = Array.from({ length: ring.count }, (_, i) => i + 1);
  const cross = circleOrder(ring.count);
  const passes = [0.3, 0.7, 1].map((share) => ({ share, order: cross }));
  const ways = [
    { says: "One pass, round the circle", pulls: [{ share: 1, order: round }] },
    { says: "One pass, crosswise", pulls: [{ share: 1, order: cross }] },
    { says: "Three passes, crosswise", pulls: passes },
    { says: "Three passes, and once round to check", pulls: [...passes, { share: 1, order: round }] },
  ];
  return ways.map(({ says, pulls }) => ({ says, spread: spreadOf(pullInPasses(ring, pulls)) }));
}
