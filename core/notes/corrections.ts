import { formatHeadSize } from "../quantity/read-head-size";
import { formatFigure } from "../quantity/torque-words";
import { CORRECTION } from "./lexicon";
import type { NotesRead, Read, Span } from "./notes-read";

/** A correction strikes what was said before of the same kind: the one that is named ("not a 16"), else the last. */
export function strike(text: string, whole: Span, read: NotesRead): void {
  const said = text.slice(whole.start, whole.end);
  const cue = CORRECTION.exec(said);
  const not = /\bnot (?:a |an |the )?(?=\d|(?:six|seven|eight|nine|ten|eleven|twelve|[a-z]+teen|twenty|thirty|forty|fifty|sixty)\b)/i.exec(said);
  if (!cue && !not) return;
  const from = whole.start + (cue?.index ?? not?.index ?? 0);
  const notAt = not ? whole.start + not.index : Infinity;
  const sizes = strikeIn(read.sizes, from, notAt, whole.end, (one) => formatHeadSize(one.head));
  for (const { gone, stands } of sizes) stands.fastener ??= gone.fastener;
  const figures = strikeIn(read.figures, from, notAt, whole.end, (one) => formatFigure(one.figure));
  for (const { gone, stands } of figures) stands.fastener ??= gone.fastener;
}

function strikeIn<T extends Read>(list: T[], from: number, notAt: number, end: number, name: (one: T) => string): { gone: T; stands: T }[] {
  const later = list.filter(({ span }) => span.start >= from && span.start < end);
  // Right behind the "not", and nothing that comes later in the sentence.
  const denied = later.filter(({ span }) => span.start > notAt && span.start - notAt <= "not a the ".length);
  const stands = later.find((one) => !denied.includes(one));
  const earlier = list.filter(({ span, struck }) => span.start < from && !struck);
  const gone: T[] = [];
  for (const one of denied) {
    one.struck = true;
    const same = earlier.findLast((other) => name(other) === name(one));
    if (same) gone.push(same);
  }
  if (denied.length === 0 && stands) {
    const previous = earlier[earlier.length - 1];
    if (previous) gone.push(previous);
  }
  gone.forEach((one) => (one.struck = true));
  return stands ? [...gone, ...denied].map((one) => ({ gone: one, stands })) : [];
}
