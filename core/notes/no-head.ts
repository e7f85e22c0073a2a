import type { SaidSize } from "./group";
import { sentenceOf, saidIn } from "./heard";
import type { FoundSize } from "./size-words";
import type { Term } from "./terms";
import { TOOL_HEADS, BOUGHT } from "./vocabulary";
import { type Here, type Walk } from "./walk";

export type Head = Extract<FoundSize, { kind: "head" }>;

/** A size, and what stands around it. */
export interface Sized {
  walk: Walk;
  here: Here;
  size: Head;
  one: SaidSize;
  before: string;
  after: string;
  /** Said of what is held still. */
  holds: boolean;
  /** Said in place of the size before it. */
  back: boolean;
}

/** A quarter, three eighths or half an inch: sizes that a drive has too. */
export const isDrive = ({ head }: Head) => head.unit === "in" && [0.25, 0.375, 0.5].includes(head.size);

/** The size of a drill or a ratchet, of what is of another car, or of what was tried. */
export function isNoHead({ walk, here, size, after }: Sized): boolean {
  const { terms } = walk.heard;
  const { i, clause, said, mentions } = here;
  const isTool = /^(?: ?-? ?(?:drill|drift|punch|bar|hole|hose|tube))\b/.test(after);
  // "The pipe is a flare nut, three eighths": straight behind what it fits.
  const straightBehind =
    walk.last &&
    mentions.length === 0 &&
    walk.last.undo === undefined &&
    i - walk.last.last <= 1 &&
    clause.to - clause.from <=
      (/^\W*(?:and |so )?(?:it|that|they|those)(?:'s|'re| is| are)\b/i.test(said) ? 6 : 3);
  const drives =
    !(walk.lastStruck !== undefined && size.from - walk.lastStruck < 12) &&
    isDrive(size) &&
    !straightBehind &&
    !/^\W*(?:socket|wrench|spanner|bolt|nut|head|hex|line|flare)/i.test(after);
  // "in the box: 8 screws, one 5 mm key": what comes along, and not what turns the screws.
  const comesAlong =
    (TOOL_HEADS.has(terms[size.to]?.text ?? "") || TOOL_HEADS.has(terms[size.to + 1]?.text ?? "")) &&
    BOUGHT.test(sentenceOf(walk.heard, i));
  return (
    comesAlong ||
    drives ||
    isTool ||
    here.notThis !== undefined ||
    /\b(?:originally|thought (?:it|they|these|those)|grabbed|i went in with|tried)\b/i.test(said)
  );
}

/** "a gap of 12 mm", "10 mm across". */
export function isDistance({ walk, here, size, after }: Sized): boolean {
  const { text, terms, told } = walk.heard;
  const { i, clause, said } = here;
  /** With the clause before, where it leads into this one. */
  const before = told[i - 1];
  const led =
    before?.sentence === clause.sentence && clause.to - before.from < 16
      ? saidIn(text, terms, { from: before.from, to: clause.to })
      : said;
  return (
    size.head.profile === "hexagon" &&
    !TOOL_HEADS.has(terms[size.to]?.text ?? "") &&
    // How deep a hole is was told apart already: a deep socket.
    terms[size.to]?.text !== "deep" &&
    (/\b(?:gap|play|limit|wear|thick(?:ness)?|travel|deep|measur\w+|clearance|past the|(?<!up )high|wide|long run|push(?! (?:pins?|clips?|rivets?|fit|on)\b)|overlap|overhang|within|apart)\b/i.test(
      led,
    ) ||
      /^\W*(?:across|all (?:a?round))\b/.test(after) ||
      // "Three inches long", and no "13 mm long ones".
      /^(?:long|tall)(?! (?:bolt|nut|screw|stud|one)s?\b)/.test(heardAfter(terms, size.to)))
  );
}

/** The next two words as they were heard, without the marks that were put between them. */
const heardAfter = (terms: readonly Term[], at: number): string =>
  terms
    .slice(at, at + 4)
    .filter(({ start, end }) => start !== end)
    .slice(0, 2)
    .map(({ text }) => text)
    .join(" ");
