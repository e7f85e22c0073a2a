import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { classOf, markFeatures } from "@/core/notes/marks/mark-features";
import type { MarkWeights } from "@/core/notes/marks/restore-marks";
import { type Unmarked, withoutMarks } from "@/core/notes/marks/without-marks";

/**
 * Learns from text with marks where a thought ends in text without: logistic regression on the words around,
 * by stochastic gradient descent with AdaGrad (Duchi, Hazan and Singer 2011). Writes mark-weights.json; the
 * same text gives the same weights.
 */
const FIXTURES = join(import.meta.dirname, "../core/notes/__fixtures__");
const EPOCHS = 20;
const RATE = 0.05;
const DECAY = 0.01;
/** Rarer than so, a word stands for its class, and what tells it tells nothing. */
const COMMON = 4;
const TELLING = 8;
/** Weights that speak for nothing much are left out. */
const LEAST = 0.15;

const read = (folder: string) =>
  readdirSync(join(FIXTURES, folder))
    .filter((name) => name.endsWith(".txt"))
    .sort()
    .map((name) => ({ name: `${folder}/${name}`, text: readFileSync(join(FIXTURES, folder, name), "utf8") }));

/** Kept back, so that what was learnt can be tried on what was not: see restore-marks.test.ts. */
const KEPT_BACK = ["speech/05.txt", "speech/10.txt", "speech/14.txt", "speech/20.txt"];

/** Prose that says where its sentences end; lists and captions do not. */
const isMarked = (text: string) => {
  const lines = text.split("\n").filter((line) => line.trim());
  const long = lines.filter((line) => line.length > 90).length;
  return long >= lines.length / 2 && (text.match(/[.,;:!?]/g) ?? []).length >= text.split(/\s+/).length / 10;
};

function countBy<T>(all: Iterable<T>): Map<T, number> {
  const counts = new Map<T, number>();
  for (const one of all) counts.set(one, (counts.get(one) ?? 0) + 1);
  return counts;
}

type Weights = [none: number, comma: number, stop: number];

function learn(texts: readonly Unmarked[]): MarkWeights {
  const common = new Set(
    [...countBy(texts.flatMap(({ terms }) => terms.map(({ text }) => text)))]
      .filter(([word, times]) => times >= COMMON && !/^\d/.test(word))
      .map(([word]) => word),
  );
  const samples = texts.flatMap(({ terms, marks }) => {
    const classes = terms.map(classOf);
    return terms
      .map((_, at) => ({ at, mark: marks[at] ?? 0 }))
      .slice(1)
      .map(({ at, mark }) => ({ mark, features: markFeatures(terms, at, common, classes) }));
  });
  const telling = [...countBy(samples.flatMap(({ features }) => features))].filter(
    ([, times]) => times >= TELLING,
  );
  const weights = new Map(telling.map(([feature]): [string, Weights] => [feature, [0, 0, 0]]));
  const seen = new Map(telling.map(([feature]): [string, Weights] => [feature, [1e-6, 1e-6, 1e-6]]));
  let seed = 7;
  const random = () => (seed = (seed * 16_807) % 2_147_483_647) / 2_147_483_647;
  for (let epoch = 0; epoch < EPOCHS; epoch++) {
    for (let n = samples.length - 1; n > 0; n--) {
      const other = Math.floor(random() * (n + 1));
      const [one, two] = [samples[n], samples[other]];
      if (one && two) [samples[n], samples[other]] = [two, one];
    }
    for (const { features, mark } of samples) step(features, mark, weights, seen);
  }
  const tenths = (weight: number) => Math.round(weight * 10);
  return {
    common: [...common].sort(),
    weights: Object.fromEntries(
      [...weights]
        .filter(([, [none, comma, stop]]) => Math.max(Math.abs(comma - none), Math.abs(stop - none)) >= LEAST)
        .map(([feature, [none, comma, stop]]): [string, number[]] => [
          feature,
          [tenths(comma - none), tenths(stop - none)],
        ])
        .sort(([a], [b]) => (a < b ? -1 : 1)),
    ),
  };
}

function step(
  features: readonly string[],
  mark: number,
  weights: Map<string, Weights>,
  seen: Map<string, Weights>,
) {
  const sums: Weights = [0, 0, 0];
  const known = features.flatMap((feature) => {
    const [weight, squares] = [weights.get(feature), seen.get(feature)];
    return weight && squares ? [{ weight, squares }] : [];
  });
  for (const { weight } of known) weight.forEach((one, k) => (sums[k as 0 | 1 | 2] += one));
  const odds = sums.map((sum) => Math.exp(sum - Math.max(...sums)));
  const all = odds.reduce((sum, one) => sum + one, 0);
  for (const { weight, squares } of known)
    for (const k of [0, 1, 2] as const) {
      const slope = (odds[k] ?? 0) / all - (k === mark ? 1 : 0) + DECAY * weight[k];
      squares[k] += slope * slope;
      weight[k] -= (RATE * slope) / Math.sqrt(squares[k]);
    }
}

const texts = ["captions", "corpus", "voices", "talk", "jobs", "speech"]
  .flatMap(read)
  .filter(({ name, text }) => isMarked(text) && !KEPT_BACK.includes(name) && !/corpus\/(?:21|30)/.test(name))
  .map(({ text }) => withoutMarks(text));
const learnt = learn(texts);
writeFileSync(join(FIXTURES, "../marks/mark-weights.json"), `${JSON.stringify(learnt)}\n`);
console.log(`${texts.length} texts, ${Object.keys(learnt.weights).length} weights`);
