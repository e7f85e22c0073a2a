import { type Clause, type Told, sentencesOf, toldIn } from "./clauses";
import { doneIn } from "./done";
import { sizeAt } from "./scan-size";
import { torqueAt } from "./scan-torque";
import { type FoundSize } from "./size-words";
import { spokenNumber } from "./spoken-number";
import type { Term } from "./terms";
import { TOOL_HEADS } from "./vocabulary";
import { withApostrophes } from "./words";
import { type FoundTorque } from "./written-torque";
import { torqueUnitAt } from "./written-torque";

/** Where in the text something was read. */
export interface Span {
  start: number;
  end: number;
}

/**
 * Something to have, to mind, to wait for, to measure or to do later, in a few words, with those it came
 * from.
 */
export interface Noted {
  name: string;
  span: Span;
}

/** The text as it was taken apart: what steps and lists are read from as well. */
export interface Heard {
  text: string;
  terms: readonly Term[];
  told: readonly Told[];
  sizes: readonly FoundSize[];
  torques: readonly FoundTorque[];
  /** Clauses that list what is needed, where sizes are those of tools. */
  listing: ReadonlySet<number>;
}

export function hear(text: string, terms: readonly Term[]): Heard {
  const told = toldIn(terms);
  const sizes: FoundSize[] = [];
  const torques: FoundTorque[] = [];
  for (const { from, to } of sentencesOf(terms)) {
    const sentence = terms.slice(0, to);
    for (let at = from; at < to;) {
      const torque = torqueAt(sentence, at);
      const size = torque ? undefined : sizeAt(sentence, at);
      if (torque) torques.push(torque);
      if (size) sizes.push(size);
      // "A hundred and ten": no part of a number is a size.
      at = Math.max(torque?.to ?? size?.to ?? spokenNumber(sentence, at)?.next ?? at + 1, at + 1);
    }
  }
  const all = [...torques, ...splitTorques(terms, torques), ...kilograms(text, terms, torques)].sort(
    (a, b) => a.from - b.from,
  );
  const inTorque = new Set(
    all.flatMap(({ from, to }) => Array.from({ length: to - from }, (_, i) => from + i)),
  );
  return {
    text,
    terms,
    told,
    sizes: sizes.filter(({ from }) => !inTorque.has(from)),
    torques: all,
    listing: listingIn(text, terms, told, inTorque),
  };
}

/** "I think it's 36. Foot pounds.": a figure whose unit comes after a full stop or a breath. */
function splitTorques(terms: readonly Term[], known: readonly FoundTorque[]): FoundTorque[] {
  return terms.flatMap((term, at): FoundTorque[] => {
    if (
      !/^[.,]$/.test(term.text) ||
      terms[at - 1]?.tag !== "number" ||
      known.some(({ from, to }) => at - 1 >= from && at - 1 < to)
    )
      return [];
    const unit = torqueUnitAt(terms, at + 1);
    const start = [at - 2, at - 1].find((from) => spokenNumber(terms, from)?.next === at);
    const number = start === undefined ? undefined : spokenNumber(terms, start);
    if (
      !unit ||
      !number ||
      start === undefined ||
      number.fraction ||
      known.some(({ from, to }) => at + 1 >= from && at + 1 < to)
    )
      return [];
    return [
      {
        figure: {
          form: "value",
          torque: { value: number.value, unit: unit.unit, decimals: number.decimals },
        },
        from: start,
        to: unit.next,
      },
    ];
  });
}

/** Where a text speaks of a wrench in kilograms, "6 kg" on a fastener is 6 kgf·m. */
function kilograms(text: string, terms: readonly Term[], known: readonly FoundTorque[]): FoundTorque[] {
  if (!/\bkg (?:torque )?wrench\b|\bwrench (?:is )?in kg\b|\bkgf?[- ·.]?m\b|\bkg (?:metre|meter)/i.test(text))
    return [];
  return terms.flatMap((_, at): FoundTorque[] => {
    const number = spokenNumber(terms, at);
    if (
      !number ||
      !/^(?:kg|kilo|kilos|kgs)$/.test(terms[number.next]?.text ?? "") ||
      /^(?:wrench|torque)$/.test(terms[number.next + 1]?.text ?? "") ||
      number.value > 40
    )
      return [];
    if (
      known.some(({ from, to }) => at >= from && at < to) ||
      (at > 0 && (spokenNumber(terms, at - 1)?.next ?? 0) > at)
    )
      return [];
    return [
      {
        figure: { form: "value", torque: { value: number.value, unit: "kgf.m", decimals: number.decimals } },
        from: at,
        to: number.next + 1,
      },
    ];
  });
}

const LISTING =
  /\b(?:tools\b(?! (?:in|the|only))|you(?:'re|'ll)? (?:(?:will|gonna|going to|want to|wanna) )?(?:need|want)\b(?! (?:to|it|her|him|them|that|this|your)\b)|what (?:you|do you|we) (?:need|want)|you will need|on the bench|kit list|have ready|also needed|in the box|got to have|things you need|supplies|wants? for this)/i;

const IS_HELD = /\b(?:is|are) (?:held|retained|secured|fixed|fastened|bolted|attached|clipped|screwed)\b/i;

/** What is needed, as lists tell it: from the words that begin one to where something is done. */
function listingIn(
  text: string,
  terms: readonly Term[],
  told: readonly Told[],
  inTorque: ReadonlySet<number>,
): Set<number> {
  const listing = new Set<number>();
  let open: Told | undefined;
  for (const [i, clause] of told.entries()) {
    const said = saidIn(text, terms, clause);
    if (headingOver(text, terms, clause) !== undefined) {
      listing.add(i);
      continue;
    }
    const toolCount = countTools(terms, clause);
    if (LISTING.test(said) && !isFigured(clause, inTorque) && listAhead(terms, told, i)) open = clause;
    else if (
      open &&
      (clause.paragraph > open.paragraph + 1 ||
        // "The inner panel is retained by two screws": told of, and not laid out.
        IS_HELD.test(said) ||
        // Without full stops a list ends where something is done.
        (toolCount === 0 && doneIn(terms, clause) !== undefined) ||
        // Nothing is torqued while things are laid out.
        (toolCount === 0 && isFigured(clause, inTorque)) ||
        (toolCount === 0 && clause.sentence > open.sentence && !listAhead(terms, told, i)))
    )
      open = undefined;
    // A list with a bullet on each line goes on for as long as its lines name tools.
    if (open && toolCount > 0 && /^\s*(?:[-*•]|\d)/.test(said) && clause.paragraph > open.paragraph)
      open = clause;
    if (open) listing.add(i);
  }
  return listing;
}

/**
 * The heading of the list that a clause stands in: "TOOLS", "Parts:", alone on its line, with a line for each
 * thing below it up to an empty one.
 */
export function headingOver(
  text: string,
  terms: readonly Term[],
  { from }: Clause,
): "tools" | "parts" | undefined {
  const start = terms[from]?.start ?? 0;
  const block = text.slice(text.lastIndexOf("\n\n", start) + 1, start).replace(/^\n+/, "");
  const [head = "", ...lines] = block.split("\n");
  if (
    lines.length === 0 ||
    !lines.slice(0, -1).every((line) => BULLET.test(line)) ||
    !BULLET.test(lines.at(-1) || "-")
  )
    return undefined;
  if (
    /^\W*(?:new )?(?:parts?|to buy|what to buy|shopping(?: list)?|spares)\W*(?:list|needed)?\W*$/i.test(head)
  )
    return "parts";
  return /^\W*(?:tools?|tool list|tools needed|tools and supplies|what you need|you need|kit)\W*$/i.test(head)
    ? "tools"
    : undefined;
}
const BULLET = /^\s*[-*•–]/;

const isFigured = ({ from, to }: Clause, inTorque: ReadonlySet<number>) =>
  Array.from({ length: to - from }, (_, i) => from + i).some((at) => inTorque.has(at));

/** Whether tools are spoken of thick and fast from here. */
function listAhead(terms: readonly Term[], told: readonly Told[], at: number): boolean {
  const ahead = told.slice(at, at + 6).filter((one) => one.sentence <= (told[at]?.sentence ?? 0) + 3);
  const counts = ahead.map((clause) => countTools(terms, clause));
  return counts.slice(0, 3).some((count) => count > 0) && counts.reduce((sum, count) => sum + count, 0) >= 2;
}

const countTools = (terms: readonly Term[], { from, to }: Clause) =>
  terms.slice(from, to).filter(({ text, tag }) => TOOL_HEADS.has(text) && tag !== "verb").length;

export const spanOf = (terms: readonly Term[], from: number, to: number): Span => ({
  start: terms[from]?.start ?? 0,
  end: terms[to - 1]?.end ?? 0,
});

/** The words of a clause as they were said, each gap between them one space: a line may have been broken there. */
export function saidIn(text: string, terms: readonly Term[], { from, to }: Clause): string {
  const { start, end } = spanOf(terms, from, to);
  return withApostrophes(text.slice(start, end).replace(/\s+/g, " "));
}

/** Where in the text something stands that was found so many letters into what `saidIn` gives. */
export function placeIn(text: string, start: number, index: number): number {
  let at = start;
  for (let n = 0; n < index; n++) at += Math.max(1, /^\s*/.exec(text.slice(at))?.[0].length ?? 1);
  return at;
}

/** Where the whole sentence stands that a clause is of. */
function sentenceFrom(told: readonly Told[], i: number): Clause {
  const sentence = told.filter((one) => one.sentence === told[i]?.sentence);
  return { from: sentence[0]?.from ?? 0, to: sentence.at(-1)?.to ?? 0 };
}

/** The whole sentence in which a clause stands. */
export const sentenceOf = ({ text, terms, told }: Heard, i: number): string =>
  saidIn(text, terms, sentenceFrom(told, i));

/** Its words. */
export function sentenceAround({ terms, told }: Heard, i: number): readonly Term[] {
  const { from, to } = sentenceFrom(told, i);
  return terms.slice(from, to);
}

/** What stands between two words. */
export function gapBetween(text: string, terms: readonly Term[], from: number, to: number): string {
  return from >= to ? "" : saidIn(text, terms, { from, to });
}

/** As `gapBetween`, with the first word; nothing where there is no first. */
export const between = (text: string, terms: readonly Term[], from: number, to: number) =>
  from < 0 ? "" : saidIn(text, terms, { from, to: Math.max(from + 1, to) });
