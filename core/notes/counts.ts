import { singular } from "./mention";
import { spokenNumber } from "./spoken-number";
import type { Term } from "./terms";
import { HEADS, PART_HEADS, THINGS } from "./vocabulary";

export const text = (terms: readonly Term[], at: number) => terms[at]?.text ?? "";

export function isDefinite(terms: readonly Term[], at: number): boolean {
  return (
    /^(?:the|those|these|that|this|all|both|my|your)$/.test(text(terms, at)) ||
    /^(?:the|those|these|all|both)$/.test(text(terms, at - 1))
  );
}

/** "those are 10s", "they're 15s". */
export const isPointing = (terms: readonly Term[], at: number) =>
  /^(?:they're|those're|these're)$/.test(text(terms, at)) ||
  (/^(?:are|were|is)$/.test(text(terms, at)) &&
    /^(?:these|those|they|all|that|this)$/.test(text(terms, at - 1)));

/** Things of which a vehicle's end has two: what is on each of them is there on both sides. */
const PAIRED =
  "(?:side|wheel|end|corner|leg|caliper|hub|knuckle|arm|cable|link|strut|shock|headlight|spring|lamp|mirror|drum|arch)";
const PER_SIDE = new RegExp(
  `^(?:each|a|per|every|either) (?:(?:trailing|control|lower|upper|track|wiper|rear|front) )?${PAIRED}\\b`,
);

/** "each cable ends in a yoke with a clevis pin": what is said of each of two, before it. */
export const SAYS_EACH = new RegExp(
  `^\\W*(?:and |so |then )?(?:(?:in|on|at|from) )?(?:each|every|either) (?:\\w+ )?${PAIRED}\\b`,
  "i",
);

export function isPerSide(terms: readonly Term[], at: number): boolean {
  const next = [0, 1, 2, 3].map((i) => text(terms, at + i)).join(" ");
  return (
    PER_SIDE.test(next) ||
    PER_SIDE.test(next.replace(/^(?:on|,|at|of|for) /, "")) ||
    /^each\b(?! (?:one|bolt|nut|of))/.test(next) ||
    /^in each(?: one| bracket| end| arm)?\b(?! (?:bolt|nut))/.test(next)
  );
}

/** "bolts … three of them": a count that follows. */
export function ofThem(terms: readonly Term[], at: number): number | undefined {
  const start = /^(?:,|there's|there|are|it's|-)$/.test(text(terms, at)) ? at + 1 : at;
  const number = spokenNumber(terms, start);
  const some = /^(?:are|is|was|were)$/.test(text(terms, number?.next === undefined ? -1 : number.next + 2));
  return number &&
    /^(?:of)$/.test(text(terms, number.next)) &&
    /^(?:them|em|these|those)$/.test(text(terms, number.next + 1)) &&
    !some
    ? number.value
    : undefined;
}

/** The count before a word, past articles and adjectives, with where that begins. */
export function countBefore(
  terms: readonly Term[],
  at: number,
  from: number,
): { count: number | undefined; start: number } {
  let i = at - 1;
  while (
    i >= from &&
    at - i < 4 &&
    /^(?:x|×|no|off|of|single|big|little|small|long|short|main|new|old|other|same|rusty|,|-|more|through|hex|hexagon|torx|phillips|pozi|pozidriv|crosshead|cross|countersunk|button|domed|flange|pan|slotted|allen|star|spline|head|headed)$/.test(
      text(terms, i),
    )
  )
    i--;
  // "Four twelve-point bolts": the shape of their heads.
  if (/^points?$/.test(text(terms, i))) {
    const at = text(terms, i - 1) === "-" ? i - 2 : i - 1;
    if (/^(?:six|twelve|6|12)$/.test(text(terms, at))) i = at - 1;
  }
  const word = text(terms, i);
  // "three of these little bolts".
  const ofThese =
    /^(?:these|those|them)$/.test(word) && text(terms, i - 1) === "of" && i - 2 >= from
      ? spokenNumber(terms, i - 2)
      : undefined;
  if (ofThese && ofThese.next === i - 1 && !ofThese.fraction && ofThese.value <= 32)
    return { count: ofThese.value, start: i - 2 };
  // "two of the bolts": some of them, and not how many there are.
  if (
    /^the$/.test(word) &&
    text(terms, i - 1) === "of" &&
    i - 2 >= from &&
    spokenNumber(terms, i - 2)?.next === i - 1
  )
    return { count: undefined, start: i };
  const article = (at: number): number => {
    // "The last two bolts": some that are known.
    const n = at > from + 1 && /^(?:last|remaining|final)$/.test(text(terms, at - 1)) ? at - 1 : at;
    const isLed = n > from && /^(?:the|those|these|all|both|my|your|that|this)$/.test(text(terms, n - 1));
    return isLed ? n - 1 : n;
  };
  if (i >= from && /^(?:pair|couple|both)$/.test(word)) return { count: 2, start: article(i) };
  const number = i >= from ? spokenNumber(terms, i) : undefined;
  const tens = i > from ? spokenNumber(terms, i - 1) : undefined;
  const whole = tens && tens.next === i + 1 && /^(?:twenty|thirty)$/.test(text(terms, i - 1)) ? tens : number;
  if (
    whole &&
    whole.next === i + 1 &&
    !whole.fraction &&
    Number.isInteger(whole.value) &&
    whole.value >= 1 &&
    whole.value <= 32 &&
    !/^(?:m|to|at|step)$/.test(text(terms, i - 1))
  )
    return {
      count: whole.value === 1 ? ofEach(terms, i) : whole.value,
      start: article(whole === tens ? i - 1 : i),
    };
  if (i >= from && /^(?:a|an|one)$/.test(word)) return { count: ofEach(terms, i), start: i };
  // "The idler: single bolt, 15".
  const isSingle = Array.from({ length: at - i - 1 }, (_, k) => text(terms, i + 1 + k)).includes("single");
  return {
    count: isSingle ? 1 : undefined,
    start: i >= from && /^(?:the|those|these|that|this|my|your|all)$/.test(word) ? i : at,
  };
}

/**
 * One; but "four of them, each one is a little bolt" are as many as they are, and "each strap has got one bolt"
 * as many as there are straps: where nobody said how many, it is not known.
 */
function ofEach(terms: readonly Term[], at: number): number | undefined {
  const said = terms.slice(Math.max(0, at - 5), at).map((term) => term.text);
  const each = /\beach (?:(?:one|of \w+|(\w+)) )?(?:is|has|takes|gets|had)(?: got)?$/.exec(said.join(" "));
  if (!each) return 1;
  if (SAYS_EACH.test(`each ${each[1] ?? ""}`)) return 1;
  for (let i = at - 3; i >= Math.max(0, at - 16); i--) {
    // "Coil packs x4, each has 1 bolt".
    const times = /^[x×]$/.test(text(terms, i - 1));
    const number = spokenNumber(terms, i);
    const things = times ? text(terms, i - 2) : text(terms, number?.next ?? -1);
    // "Three brackets along the way, each one has a bolt".
    const counted =
      each[1] === undefined
        ? /[^s]s$/.test(things) &&
          !HEADS[things] &&
          (times || THINGS.has(singular(things)) || PART_HEADS.has(things))
        : things === `${each[1]}s`;
    const count = counted ? number?.value : ofThem(terms, i);
    if (count !== undefined) return count;
  }
  return undefined;
}

/** "Four on each wheel", with nothing named: how many of what was spoken of just now. */
export function eachSide(
  terms: readonly Term[],
  { from, to }: { from: number; to: number },
  said: string,
): number | undefined {
  const counted =
    /^\W*(?:and |that's |there's |there are )?(\w+)(?: of (?:them|these|those|em))? (?:on |a |per |at )?(?:each|every|a|per|either)(?: (?:side|wheel|end|corner)\b(?! of\b)|\W*$)/i.exec(
      said,
    );
  const at = counted
    ? terms.findIndex((term, n) => n >= from && n < to && term.text === counted[1]?.toLowerCase())
    : -1;
  const number = at < 0 ? undefined : spokenNumber(terms, at);
  return number && Number.isInteger(number.value) && number.value <= 12 ? number.value : undefined;
}
