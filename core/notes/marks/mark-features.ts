import { singular } from "../mention";
import type { Term } from "../terms";
import { ACTIONS, HEADS, PART_HEADS, THINGS, TOOL_HEADS } from "../vocabulary";

/** What a word is here, where which one it is tells nothing: a fastener, something done, a part, its part of speech. */
export function classOf({ text, tag }: Term): string {
  if (/^\d/.test(text)) return "#";
  if (Object.hasOwn(HEADS, text)) return "HEAD";
  if (Object.hasOwn(ACTIONS, text) && tag !== "noun") return "ACT";
  const one = singular(text);
  return THINGS.has(one) || PART_HEADS.has(one) || TOOL_HEADS.has(text) ? "THING" : tag;
}

/** How a word ends tells a deed told from one that goes on, and one thing from many. */
const endingOf = (word: string) => /(ing|ed|s|ly|er)$/.exec(word)?.[1] ?? "-";

/**
 * What tells whether a thought ends before the word at a place: the words around it and what they are, singly
 * and together. Each as a short text, by which its weight is found.
 * @param common the words that stand for themselves; the others stand for their class.
 * @param classes of each word, as `classOf` gives them.
 */
export function markFeatures(
  terms: readonly Term[],
  at: number,
  common: ReadonlySet<string>,
  classes: readonly string[],
): string[] {
  const c = (k: number) => classes[at + k] ?? "<>";
  const w = (k: number) => {
    const term = terms[at + k];
    return term && common.has(term.text) ? term.text : c(k);
  };
  const ending = (k: number) => `${endingOf(terms[at + k]?.text ?? "")} ${c(k)}`;
  return [
    "bias",
    ...[-3, -2, -1, 0, 1, 2].flatMap((k) => [`w${k} ${w(k)}`, `c${k} ${c(k)}`]),
    ...[-1, 0, 1].map((k) => `e${k} ${ending(k)}`),
    `ee ${ending(-1)} ${ending(0)}`,
    `ww-1 ${w(-1)} ${w(0)}`,
    `ww0 ${w(0)} ${w(1)}`,
    `ww-2 ${w(-2)} ${w(-1)}`,
    `cc-1 ${c(-1)} ${c(0)}`,
    `wc-1 ${w(-1)} ${c(0)}`,
    `cw-1 ${c(-1)} ${w(0)}`,
    `wc0 ${w(0)} ${c(1)}`,
    `ccc-1 ${c(-1)} ${c(0)} ${c(1)}`,
    `ccc-2 ${c(-2)} ${c(-1)} ${c(0)}`,
    `ccc0 ${c(0)} ${c(1)} ${c(2)}`,
    `cwc ${c(-1)} ${w(0)} ${c(1)}`,
    `wcc ${w(0)} ${c(1)} ${c(2)}`,
    `cccc ${c(-2)} ${c(-1)} ${c(0)} ${c(1)}`,
  ];
}
