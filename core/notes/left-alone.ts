import { saidIn } from "./heard";
import type { Mention } from "./mention";
import type { Here, Walk } from "./walk";

/** Not "you don't have to take them off": those may well be loosened. */
export const LEFT_ALONE =
  /\b(?:(?:do(?:es)?|did)n'?t|do not|no)(?: have to| need(?: to)?)? (?:(?:touch|disturb)\w* (?:them|it|those|that|these|this|em)(?: (?:ones?|guys?))?\b(?! yet)|bother(?: with (?:them|it|those|that|these|this|em))?(?=\W*$| just\b))|\b(?:never|didn't) touch(?:ed)? (?:that|it|those|them|these)\b|\b(?:you|we|i)(?:'re not|'m not| are not| aren't| am not) (?:touching|undoing|removing|taking) (?:that|it|those|them|these)\b/i;

/** "Don't open the bleeder": left alone, and no fastener of the job by that. */
export function isForbidden({ heard: { text, terms } }: Walk, here: Here, mention: Mention): boolean {
  const before = saidIn(text, terms, { from: here.clause.from, to: mention.from }) + " ";
  const after = saidIn(text, terms, { from: mention.to, to: here.clause.to });
  return (
    /\b(?:do not|don't|no need to|never|without)\W+(?:\w+\W+){0,2}?(?:open\w*|touch\w*|undo\w*|loosen\w*|remov\w*|take|crack\w*|disturb\w*|pull\w*)\W+(?:the |that |this |your )?$/i.test(
      before,
    ) ||
    // "Leave the four bolts behind the hub well alone", and not "leave the nuts loose".
    (/\bleave (?:the |those |these )?$/i.test(before) &&
      /\b(?:alone|untouched|where (?:it|they))\b/i.test(after))
  );
}
