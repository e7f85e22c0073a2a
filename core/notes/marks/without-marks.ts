import { type Term, termsOf } from "../terms";

/** A text as it would come from a microphone, with where its marks stood: 0 nothing, 1 a comma, 2 a full stop. */
export interface Unmarked {
  text: string;
  terms: readonly Term[];
  /** Before each word. */
  marks: readonly (0 | 1 | 2)[];
}

/** Takes a text's marks and capitals away. */
export function withoutMarks(text: string): Unmarked {
  let bare = "";
  const from: number[] = [];
  for (let at = 0; at < text.length; at++) {
    if (isMark(text, at)) continue;
    bare += text[at] === "\n" ? " " : (text[at]?.toLowerCase() ?? "");
    from.push(at);
  }
  const terms = termsOf(bare);
  const marks = terms.map(({ start }, at) => {
    const before = terms[at - 1];
    return before ? markIn(text.slice((from[before.end - 1] ?? 0) + 1, from[start])) : 0;
  });
  return { text: bare, terms, marks };
}

function isMark(text: string, at: number): boolean {
  const [before = " ", mark = "", after = " "] = [text[at - 1], text[at], text[at + 1]];
  if (/[.,]/.test(mark) && /\d/.test(before) && /\d/.test(after)) return false;
  return /[.,;:!?()"“”]/.test(mark) || (/[-–—]/.test(mark) && /\s/.test(before) && /\s/.test(after));
}

function markIn(gap: string): 0 | 1 | 2 {
  if (/[.!?;\n]/.test(gap)) return 2;
  return /[,:()—–]| -+ /.test(gap) ? 1 : 0;
}
