/** One job as it was thought and as it went: the logarithm of real over planned, and the variance that luck gives it. */
export interface Went {
  logRatio: number;
  variance: number;
}

/** How fast a person is beside the plan, as far as it is known. */
export interface Speed {
  /** How likely each factor of LOGS is, all together 1. */
  density: readonly number[];
  /** At even shares from the fastest to the slowest day: what a number drawn evenly is looked up in. */
  quantiles: Float64Array;
  /** The middle of them. */
  usual: number;
  jobs: number;
}

/** Before anything is logged: people differ by some 30 %. A judgement; a few logged jobs outweigh it. */
const PEOPLE_DIFFER = 0.3;
/**
 * One's own days differ by so much, as likely each before anything is logged. A judgement: most are steady, and five
 * jobs can hardly tell.
 */
const DAYS_DIFFER = [0.01, 0.03, 0.05, 0.07, 0.1, 0.14, 0.2] as const;

/** However many steps were timed: the rest of a day may go a little otherwise, variance of the logarithm. */
const NEVER_SURE = 0.05 ** 2;

const QUANTILES = 64;
/** Where the factor of a day is reckoned, as logarithms. */
const LOGS = Array.from({ length: 301 }, (_, i) => (i - 150) / 100);

/**
 * How fast somebody is, by Bayes: the logarithm of their pace is normal about nothing, each job a normal observation
 * of it with the spread of their days and its own luck. For each spread the answer is known in closed form; the
 * spreads are weighed by how well they explain the jobs, and the next day's factor is drawn from all of them.
 * Source: any textbook on conjugate priors, normal mean with known variance.
 */
export function speedFrom(went: readonly Went[]): Speed {
  const fits = DAYS_DIFFER.map((spread) => {
    let [precision, weighted, log] = [PEOPLE_DIFFER ** -2, 0, 0];
    for (const { logRatio, variance } of went) {
      const own = spread ** 2 + variance;
      precision += 1 / own;
      weighted += logRatio / own;
      log -= 0.5 * (Math.log(own) + logRatio ** 2 / own);
    }
    const mean = weighted / precision;
    const evidence = log - 0.5 * Math.log(precision) + 0.5 * mean ** 2 * precision;
    return { mean, deviation: Math.sqrt(1 / precision + spread ** 2), evidence };
  });
  const top = Math.max(...fits.map(({ evidence }) => evidence));
  return speedOf(
    LOGS.map((log) =>
      fits.reduce(
        (sum, { mean, deviation, evidence }) =>
          sum + (Math.exp(evidence - top) / deviation) * Math.exp(-0.5 * ((log - mean) / deviation) ** 2),
        0,
      ),
    ),
    went.length,
  );
}

/** The same for a day that has begun: how it went so far is held against what was thought of it. */
export function speedToday(before: Speed, today: Went | undefined): Speed {
  if (!today) return before;
  return speedOf(
    before.density.map(
      (one, i) =>
        one * Math.exp((-0.5 * ((LOGS[i] ?? 0) - today.logRatio) ** 2) / (today.variance + NEVER_SURE)),
    ),
    before.jobs,
  );
}

function speedOf(weights: readonly number[], jobs: number): Speed {
  const all = weights.reduce((sum, one) => sum + one, 0);
  // Where a day goes as nobody ever did, it is as fast as it goes: the nearest that was thought of.
  const density = weights.map((one) => (all > 0 ? one / all : 1 / weights.length));
  const quantiles = quantilesOf(density);
  return { density, quantiles, usual: quantiles[QUANTILES / 2] ?? 1, jobs };
}

function quantilesOf(density: readonly number[]): Float64Array {
  const all = density.reduce((sum, one) => sum + one, 0);
  const out = new Float64Array(QUANTILES + 1);
  let [i, below] = [0, 0];
  for (let q = 0; q <= QUANTILES; q++) {
    // The ends stand for what lies beyond them: 1/4 of a strip in.
    const wanted = (Math.min(Math.max(q, 0.25), QUANTILES - 0.25) / QUANTILES) * all;
    while (i < density.length - 1 && below + (density[i] ?? 0) < wanted) below += density[i++] ?? 0;
    const inside = (wanted - below) / Math.max(density[i] ?? 0, 1e-300);
    out[q] = Math.exp((LOGS[i] ?? 0) + (Math.min(1, inside) - 0.5) / 100);
  }
  return out;
}
