import type { Minutes } from "../model/job";

/** A time from the least to the most, with the usual: all three known. */
export type Spread = Required<Minutes>;

/**
 * The mean and the variance of a beta-PERT: (a + 4m + b)/6, and (mean - a)(b - mean)/7.
 * Source: Malcolm and others, 1959, with the variance of the beta it stands for. Example: 2, 5, 14 → 6.
 */
export function pertMoments({ least, usual, most }: Spread): { mean: number; variance: number } {
  const mean = (least + 4 * usual + most) / 6;
  return { mean, variance: ((mean - least) * (most - mean)) / 7 };
}

const STEPS = 400;
const QUANTILES = 512;

/**
 * The quantiles of a beta-PERT at 0, 1/512 … 1: what a number drawn evenly from 0 to 1 is looked up in. The
 * density x^(α-1)(1-x)^(β-1) with α = 1 + 4(m-a)/(b-a), β = 1 + 4(b-m)/(b-a) is summed over 400 strips.
 */
export function pertQuantiles({ least, usual, most }: Spread): Float64Array {
  const out = new Float64Array(QUANTILES + 1);
  const wide = most - least;
  if (!(wide > 0)) return out.fill(usual);
  const alpha = 1 + (4 * (usual - least)) / wide;
  const beta = 1 + (4 * (most - usual)) / wide;
  const below = new Float64Array(STEPS + 1);
  for (let i = 0; i < STEPS; i++) {
    const x = (i + 0.5) / STEPS;
    below[i + 1] = (below[i] ?? 0) + x ** (alpha - 1) * (1 - x) ** (beta - 1);
  }
  const all = below[STEPS] ?? 1;
  for (let q = 0, i = 0; q <= QUANTILES; q++) {
    const wanted = (q / QUANTILES) * all;
    while (i < STEPS - 1 && (below[i + 1] ?? 0) < wanted) i++;
    const [low = 0, high = 0] = [below[i], below[i + 1]];
    out[q] = least + ((i + (high > low ? (wanted - low) / (high - low) : 0)) / STEPS) * wide;
  }
  out[0] = least;
  out[QUANTILES] = most;
  return out;
}

/** The value at a share of a table of quantiles, straight between its entries. @param share 0 to 1. */
export function valueAt(quantiles: Float64Array, share: number): number {
  const at = share * (quantiles.length - 1);
  const i = Math.min(quantiles.length - 2, at | 0);
  const low = quantiles[i] ?? 0;
  return low + (at - i) * ((quantiles[i + 1] ?? low) - low);
}
