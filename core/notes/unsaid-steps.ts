import type { Grouped } from "./group";
import { placeIn, saidIn, spanOf } from "./heard";
import { measuresOf } from "./measures-said";
import { NEVER_SO, whatOf, WHAT_ELSE, ownWords } from "./step-words";
import { type ToldStep } from "./told-step";
import { USUAL_STEPS } from "./usual-steps";
import { DENIED } from "./vocabulary";
import { waitsOf } from "./waits";

/** Adds what is waited for, where no step says it: "hit em with penetrating oil, give it ten minutes". */
export function addWaits(grouped: Grouped, steps: (ToldStep & { at: number })[]): void {
  const { terms, told, groups, turn } = grouped;
  for (const { name, span } of waitsOf(grouped)) {
    const at = told.findIndex((clause) => spanOf(terms, clause.from, clause.to).end >= span.end);
    if (
      at < 0 ||
      steps.some(
        (step) => /^(?:let|wait|soak|let cool|apply)$/.test(step.says) && Math.abs(step.at - at) <= 2,
      )
    )
      continue;
    const soaks = /penetra|\bspray|\bsoak|\brelease\b|\bwd/i.test(name);
    const group = soaks
      ? groups.find(({ clauses }) => [0, 1, 2].some((back) => clauses.has(at - back)))
      : undefined;
    const what = [group?.name, name.replace(/,/g, "")].filter(Boolean).join(" ");
    const step = {
      phase: at < turn ? ("take apart" as const) : ("put back" as const),
      says: soaks ? "soak" : "wait",
      what,
      own: undefined,
      group: undefined,
      span,
      at,
    };
    const next = steps.findIndex((one) => one.at > at);
    steps.splice(next < 0 ? steps.length : next, 0, step);
  }
}

/** Adds what is measured, where no step looks at it. */
export function addMeasures(grouped: Grouped, steps: (ToldStep & { at: number })[]): void {
  const { terms, told } = grouped;
  for (const { name, span } of measuresOf(grouped)) {
    const at = told.findIndex((clause) => spanOf(terms, clause.from, clause.to).end > span.start);
    if (
      at < 0 ||
      steps.some(
        (step) => /^(?:measure|look|check|inspect|adjust)$/.test(step.says) && Math.abs(step.at - at) <= 3,
      )
    )
      continue;
    const step = {
      phase: "look closely" as const,
      says: "measure",
      what: name.split(/[,;]/)[0] ?? name,
      own: undefined,
      group: undefined,
      span,
      at,
    };
    const next = steps.findIndex((one) => one.at > at);
    steps.splice(next < 0 ? steps.length : next, 0, step);
  }
}

/** What a usual step is done to, of the words that stand about it: "four stands please wheels chocked" is the wheels. */
function aboutOf(says: string, what: string): string {
  const usual = WHAT_ELSE[says] ?? "engine";
  if (says === "chock")
    return /\b(?:(?:both|all|the) )?(?:front|rear|back|other)s?\b(?: wheels?)?/.exec(what)?.[0] ?? usual;
  if (says === "raise")
    return /\b(?:front|rear|back|nose|van|truck|trailer)\b(?: end)?/.exec(what)?.[0] ?? usual;
  const named = what.replace(
    /^(?:(?:start|fire|run|drive|drove|lower|set|let|put|drop|dropped|pump|take|for drive)\b *)+/,
    "",
  );
  return named === "" || /^(?:no|and|any|for|it)\b/.test(named) ? usual : named;
}

/** "I didn't even jack it up". */
const NOT_DONE = /\b(?:did ?n[o']?t|do ?n[o']?t|never|without|no need to|needn'?t|instead of)\b[^,;.]*$/i;

/** Adds what every job begins and ends with, where the telling says it and no step does. */
export function addUsualSteps(
  { text, terms, told, listing, turn }: Grouped,
  steps: (ToldStep & { at: number })[],
  firstOff: number,
): void {
  for (const { phase, says, when, same } of USUAL_STEPS) {
    if (steps.some((step) => step.phase === phase && same.includes(step.says))) continue;
    const first = phase === "make safe";
    const at = told.findIndex((clause, i) => {
      const said = saidIn(text, terms, clause);
      const when1 = when.exec(said);
      return (
        when1 !== null &&
        !listing.has(i) &&
        (first ? i <= Math.max(firstOff, 0) + 12 && i < turn : i >= turn) &&
        !DENIED.test(said.slice(0, when1.index)) &&
        !NOT_DONE.test(said.slice(0, when1.index)) &&
        !NEVER_SO.test(said)
      );
    });
    const clause = told[at];
    if (!clause) continue;
    const { start } = spanOf(terms, clause.from, clause.to);
    const found = when.exec(saidIn(text, terms, clause));
    const at0 = found?.index ?? 0;
    const [here, there] = [placeIn(text, start, at0), placeIn(text, start, at0 + (found?.[0].length ?? 0))];
    const inside = (n: number) => (terms[n]?.end ?? 0) > here && (terms[n]?.start ?? Infinity) < there;
    const [from, to] = [told[at]?.from ?? 0, told[at]?.to ?? 0];
    const [begins, ends] = [
      terms.findIndex((_, n) => n >= from && inside(n)),
      terms.findLastIndex((_, n) => n < to && inside(n)),
    ];
    // In a long breath only what stands about it.
    const object = to - from > 9 ? { from: Math.max(from, begins - 3), to: Math.min(to, ends + 4) } : clause;
    const { what } = whatOf(terms, { way: "either", says, object, particle: "" }, undefined);
    const about = aboutOf(says, what);
    const step = {
      phase,
      says,
      what: about,
      own: ownWords(saidIn(text, terms, clause)),
      group: undefined,
      span: spanOf(terms, clause.from, clause.to),
      at,
    };
    const next = steps.findIndex((one) => one.at > at);
    if (next < 0) steps.push(step);
    else steps.splice(next, 0, step);
  }
}
