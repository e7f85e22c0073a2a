import type { Grouped } from "./group";
import { type Span, spanOf } from "./heard";
import { PROVE, SAFE } from "./step-phase";
import { speakersIn } from "./times";
import type { StepAt } from "./told-step";
import { ACTIONS } from "./vocabulary";

/** A line that is set apart as one of several: by its number, or by a dash or a point before it. */
const MARKED = /^\s*(?:\d{1,2}[.)]|[-–*•])\s+/;
/** So many lines make a list. */
const LEAST_LINES = 5;
/** In lines without marks each is a short sentence. */
const LONGEST_WORDS = 18;
const MOST_SENTENCES = 2;

/** What says that something is done without a verb: "Arm out", "Ball joint into the knuckle". */
const DONE_SO =
  /\b(?:off|out|in|into|on|onto|up|down|back|through|aside|together|apart|tight|loose|home|away|under|beneath)\b/i;
/** What is needed, or told beside the work, is no step. */
const BESIDE =
  /^(?:(?:you(?:'ll)? )?need|get|parts?|tools?|supplies|torques?|figures?|all (?:torques|figures)|note|tip|warning|ps|source)\b|:\s*$|^(?:I|we|my|it took|he|she|they)\b/i;
const COMPARED = /\b(?:compare|look|check|inspect|measure)\b/i;

interface Line extends Span {
  says: string;
}

/** The lines of a text that are a list of steps, each without its mark; none where it is no list. */
export function listedLines(text: string): Line[] {
  const lines: (Line & { marked: boolean })[] = [];
  let start = 0;
  const speakers = speakersIn(text);
  for (const line of text.split("\n")) {
    const speaker = speakers.find(({ index }) => index === start)?.[0] ?? "";
    const mark = speaker || (MARKED.exec(line)?.[0] ?? "");
    const says = line.slice(mark.length).trim();
    if (says !== "")
      lines.push({ start, end: start + line.length, says, marked: mark !== "" && speaker === "" });
    start += line.length + 1;
  }
  const marked = lines.filter((line) => line.marked);
  if (marked.length >= LEAST_LINES) return marked;
  const short = lines.filter(
    ({ says }) =>
      says.split(/\s+/).length <= LONGEST_WORDS &&
      (says.match(/[.!?](?:\s|$)/g) ?? []).length <= MOST_SENTENCES &&
      /^[A-Z]/.test(says),
  );
  return short.length >= 2 * LEAST_LINES && short.length > lines.length * 0.7 ? short : [];
}

/**
 * Adds the lines of a list that no step was read from, in their own words: whoever writes one thing a line
 * means each to be done.
 */
export function addListed(
  { text, terms, told, listing, torques, turn, groups }: Grouped,
  steps: StepAt[],
  firstOff: number,
  lastOn: number,
): void {
  const inside = (line: Span, { start, end }: Span) => start < line.end && end > line.start;
  const clauses = told.map(({ from, to }) => spanOf(terms, from, to));
  for (const line of listedLines(text)) {
    for (const [at, clause] of clauses.entries())
      if (
        clause.start > line.start + 4 &&
        inside(line, clause) &&
        IT_IS_OFF.test(text.slice(clause.start, clause.end).trim())
      )
        addBriefly(steps, clause, at, text);
    const at = clauses.findIndex((clause) => inside(line, clause));
    if (at < 0 || BESIDE.test(line.says) || NEVER.test(line.says)) continue;
    if (clauses.some((clause, i) => inside(line, clause) && listing.has(i))) continue;
    const toldThere = steps.filter(({ span }) => inside(line, span));
    const [only] = toldThere;
    if (only && toldThere.length === 1 && only.says !== "torque" && isShort(line.says))
      only.own = line.says.replace(/[.;,\s]+$/, "");
    if (toldThere.length > 0) continue;
    // What stands at the head of a page is its title.
    if (line.start === 0 && !MARKED.test(text)) continue;
    if (torques.some(({ from, to }) => inside(line, spanOf(terms, from, to)))) continue;
    const own = line.says.split(/(?<=[a-z)])[.;!] | [-–(]/)[0]?.replace(/[.;,\s]+$/, "") ?? "";
    const words = own.toLowerCase().split(/\s+/);
    const acts = Object.hasOwn(ACTIONS, words[0] ?? "");
    // "3. Filler plug FIRST": named while things come apart, and nothing said that is done to it.
    const named = groups.find(
      ({ clauses: of, family }) =>
        family !== "one" && [...of].some((i) => clauses[i] && inside(line, clauses[i])),
    );
    const comesOff = named !== undefined && at < turn && !acts;
    if (words.length < 2 || (!acts && !comesOff && !DONE_SO.test(own))) continue;
    if (comesOff && !steps.some((one) => one.group === named && one.says === "remove")) {
      const next = steps.findIndex((one) => one.at > at);
      steps.splice(next < 0 ? steps.length : next, 0, {
        phase: "take apart",
        says: "remove",
        what: named.name,
        own: undefined,
        group: named,
        span: { start: line.start, end: line.end },
        at,
      });
      continue;
    }
    const step: StepAt = {
      phase: phaseOf(own, { back: at >= turn, before: at < firstOff, after: at > lastOn }),
      says: acts ? (words[0] ?? "") : "do",
      what: (acts ? words.slice(1) : words).slice(0, 10).join(" "),
      own: own.slice(0, 120),
      group: undefined,
      span: { start: line.start, end: line.end },
      at,
    };
    const next = steps.findIndex((one) => one.at > at);
    steps.splice(next < 0 ? steps.length : next, 0, step);
  }
}

/** What must not be done is minded, and no step. */
const NEVER = /^(?:never|not|don'?t|do not|no)\b|\bcrossed out\b/i;

/** Short enough to stand as it was written, where it tells one thing. */
const isShort = (line: string): boolean => line.split(/\s+/).length <= 8 && !/[.;!?] |\d/.test(line);

/** "…, stands under the sills, wheel off." */
const IT_IS_OFF = /^(?:the |both )?(?!take|pull|get|lift|pop|stand)(?:[a-z-]+ ){1,3}(?:off|out)$/i;

function addBriefly(steps: StepAt[], span: Span, at: number, text: string): void {
  if (steps.some((step) => step.span.start < span.end && step.span.end > span.start)) return;
  const own = text.slice(span.start, span.end).trim();
  const next = steps.findIndex((one) => one.at > at);
  const step: StepAt = {
    phase: "take apart",
    says: "do",
    what: own.toLowerCase(),
    own,
    group: undefined,
    span,
    at,
  };
  steps.splice(next < 0 ? steps.length : next, 0, step);
}

function phaseOf(
  own: string,
  { back, before, after }: { back: boolean; before: boolean; after: boolean },
): StepAt["phase"] {
  if (before && !back && SAFE.test(own)) return "make safe";
  if (after && PROVE.test(own)) return "prove it";
  if (COMPARED.test(own)) return "look closely";
  return back ? "put back" : "take apart";
}
