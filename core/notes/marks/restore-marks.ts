import { sizeAt } from "../scan-size";
import { torqueAt } from "../scan-torque";
import type { Term } from "../terms";
import { HEADS, ONES, PLACES } from "../vocabulary";
import { classOf, markFeatures } from "./mark-features";
import learnt from "./mark-weights.json";

/** What was learnt from text with marks: `npm run notes:marks` writes it. */
export interface MarkWeights {
  /** The words that stand for themselves. */
  common: readonly string[];
  /** By feature, in tenths: how much it speaks for a comma, and for a full stop, over nothing. */
  weights: Readonly<Record<string, readonly number[]>>;
}

/** So many words without a mark are speech as it was heard, or typed in haste. */
const LONG_RUN = 25;

/** A mark is set where it is so sure: one too many parts a thing from what is said of it. */
const SURE = 0.7;

/** How likely a comma and a full stop are before a word, as shares of 1. */
export function markOdds(
  terms: readonly Term[],
  at: number,
  { weights }: Pick<MarkWeights, "weights">,
  common: ReadonlySet<string>,
  classes: readonly string[],
): { comma: number; stop: number } {
  let [comma, stop] = [0, 0];
  for (const feature of markFeatures(terms, at, common, classes)) {
    const [ofComma = 0, ofStop = 0] = weights[feature] ?? [];
    comma += ofComma / 10;
    stop += ofStop / 10;
  }
  const [eComma, eStop] = [Math.exp(comma), Math.exp(stop)];
  const all = 1 + eComma + eStop;
  return { comma: eComma / all, stop: eStop / all };
}

/**
 * Words with the marks that a careful writer would have set, where a long run has none: as captions come, and
 * speech that was taken down. A mark that is set takes no place in the text. Numbers keep their units.
 */
export function withMarks(terms: readonly Term[]): Term[] {
  const runs = unmarkedRuns(terms);
  if (runs.length === 0) return [...terms];
  const common = new Set(learnt.common);
  const marked: Term[] = [];
  let next = 0;
  for (const { from, to } of runs) {
    marked.push(...terms.slice(next, from + 1));
    const run = terms.slice(from, to);
    const classes = run.map(classOf);
    const inside = insideQuantities(run);
    for (let at = 1; at < run.length; at++) {
      const { comma, stop } = inside.has(at)
        ? { comma: 0, stop: 0 }
        : markOdds(run, at, learnt, common, classes);
      const [before, term] = [run[at - 1], run[at]];
      if (before && comma + stop > SURE)
        marked.push({ text: stop > comma ? "." : ",", start: before.end, end: before.end, tag: "mark" });
      if (term) marked.push(term);
    }
    next = to;
  }
  return [...marked, ...terms.slice(next)];
}

function unmarkedRuns(terms: readonly Term[]): { from: number; to: number }[] {
  const runs: { from: number; to: number }[] = [];
  let from = 0;
  for (let at = 0; at <= terms.length; at++) {
    const term = terms[at];
    if (term && !/^[.,;:!?()\n—–]$/.test(term.text)) continue;
    if (at - from >= LONG_RUN) runs.push({ from, to: at });
    from = at + 1;
  }
  return runs;
}

/**
 * The words that no mark may stand before: those of a size or a torque but the first, and what a place tells
 * apart, "the front two", "those back bolts".
 */
function insideQuantities(terms: readonly Term[]): Set<number> {
  const inside = new Set<number>();
  terms.forEach((term, at) => {
    const quantity = torqueAt(terms, at) ?? sizeAt(terms, at);
    for (let i = at + 1; i < (quantity?.to ?? 0); i++) inside.add(i);
    const isTold =
      PLACES.has(terms[at - 1]?.text ?? "") &&
      /^(?:the|that|those|this|these)$/.test(terms[at - 2]?.text ?? "");
    // "Twelve point", "bolts that hold it", "the wire of the sensor".
    const isOne =
      (/^points?$/.test(term.text) && terms[at - 1]?.tag === "number") ||
      (/^(?:that|which|who)$/.test(term.text) &&
        /^(?:holds?|goes|go|runs?|keeps?)$/.test(terms[at + 1]?.text ?? "")) ||
      /^(?:of|em)$/.test(term.text);
    if (isOne) inside.add(at);
    if (isTold && (ONES.has(term.text) || Object.hasOwn(HEADS, term.text) || term.tag === "number"))
      inside.add(at);
  });
  return inside;
}
