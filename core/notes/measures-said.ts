import type { Measure } from "../model/job";
import { type Told } from "./clauses";
import { type Heard, type Noted, saidIn, spanOf } from "./heard";
import { spokenNumber } from "./spoken-number";
import type { Term } from "./terms";
import { topicIn } from "./topic";
import { NOT_THIS_ONE } from "./vocabulary";

/** Something measured, by its name with what was said of it, and its limits where it was told which way they go. */
export interface Measured extends Noted {
  /** What is measured, without figures. */
  what: string;
  unit: string;
  least: number | undefined;
  most: number | undefined;
}

/** A length, voltage, temperature or count of clicks, as it was said, by word numbers. */
interface Amount {
  says: string;
  value: number;
  /** The upper end, of a range. */
  upTo: number | undefined;
  unit: string;
  /** So much under what it should be, and no value of its own. */
  relative: boolean;
  from: number;
  to: number;
}

/** Units by every way of saying them: how they are written, and how many of those each is. */
const UNITS: readonly (readonly [said: RegExp, unit: string, each: number])[] = [
  [/^(?:mm|mil|mils|millimet(?:er|re)s?)$/, "mm", 1],
  [/^(?:cm|centimet(?:er|re)s?)$/, "mm", 10],
  [/^(?:in|inch|inches|")$/, "in", 1],
  [/^(?:thou|thousandths)$/, "in", 0.001],
  [/^(?:v|volts?)$/, "V", 1],
  [/^(?:clicks?)$/, "clicks", 1],
  [/^(?:ohms?)$/, "Ω", 1],
  [/^(?:degrees?|°|°c)$/, "°C", 1],
];
/** Halves to thirty-seconds, as they are said alone: "an eighth of an inch". */
const FRACTIONS: Readonly<Record<string, number>> = {
  half: 2,
  quarter: 4,
  eighth: 8,
  sixteenth: 16,
  "thirty-second": 32,
  tenth: 10,
};

/** How what is said stands to the figure behind it, or before it. The words nearest before a figure count. */
const ROLES: readonly (readonly [role: Role, before: RegExp, after: RegExp])[] = [
  [
    "found",
    /\b(?:(?:mine|ours)(?:'s| is| was)?|i(?:'ve| have)? (?:got|get|read|had|ended up with)|it(?:'s)? (?:reads|read|measured|measures|came to|was|measuring)|moves?|moved|measur(?:es|ed|ing)|found|reading)\b(?! (?:limit|is))/gi,
    /^\W*(?:before|after|of (?:free )?(?:play|movement|slack)|on (?:mine|ours|the (?:left|right)))\b/i,
  ],
  [
    "most",
    /\b(?:(?:no|not|never) (?:more|over|wider) than|(?<!\b(?:no|not|never) )less than|at most|maximum|max)\b|\b(?:under|up to|within)\b(?=(?: about| an?)? ?$)/gi,
    /^\W*(?:at (?:the )?(?:very )?most|maximum|max|or less|tops|is the most)\b/i,
  ],
  [
    "least",
    /\b(?:at least|(?:no|not|never) (?:less|under) than|(?:no|not|never) less than|minimum|(?<!\b(?:no|not|never) )more than|not under)\b/gi,
    /^\W*(?:(?:all round )?at (?:the )?(?:very )?least|minimum|or more|is the least)\b/i,
  ],
  ["limit", /\b(?:limit|allowed)\b/gi, /^\W*(?:under|is (?:the |your )?limit|allowed)\b/i],
  [
    "wanted",
    /\b(?:wants?|wanted|should|ought to|supposed to|needs to be|between|starts? to)\b/gi,
    /^\W*(?:is (?:right|good|what you want)|wanted|apart)\b/i,
  ],
];
/** Words between what a figure is said to be and the figure, at the most. */
const REACH = 56;
type Role = "found" | "most" | "least" | "limit" | "wanted";

/** What of a thing is measured, by its word. */
const QUANTITY =
  /\b(?:gap|play|free play|wear|warp|deflection|clearance|runout|thickness|diameter|height|depth|distance|width|travel|overhang|push|pull|protrusion|movement|voltage|slack|stick ?out|sag)\b/i;
/** A length of a tool, a fastener or a way to go is no measure of a thing. */
const NO_MEASURE =
  /\b(?:sockets?|spanners?|wrench(?:es)?|extensions?|drill(?:ed|s)?|bead|drive\b|bit\b|tape\b|drops?|of (?:tape|hose|wire)|head(?:ed)?|tools?|adapter|ratchets?)\b/i;
const MOST_WORDS = 20;

/** What is measured, with its limits and what it came to. */
export function measuresOf(heard: Heard): Measured[] {
  const { text, terms, told, listing } = heard;
  const measures: (Measured & { sentence: number })[] = [];
  let topic = "";
  for (const [i, clause] of told.entries()) {
    const named = topicIn(terms, clause).join(" ");
    topic = named || topic;
    const said = saidIn(text, terms, clause);
    const around = aroundOf(heard, i);
    if (listing.has(i) || NOT_THIS_ONE.test(said) || NO_MEASURE.test(said)) continue;
    const last = measures.at(-1);
    const isNear = last !== undefined && clause.sentence - last.sentence <= 1;
    const amounts = amountsIn(heard, clause, isNear ? last.unit : undefined).map((amount) => ({
      ...amount,
      role: roleOf(heard, i, amount),
    }));
    const [first] = amounts;
    if (!first || amounts.every(({ role }) => role === undefined)) continue;
    const worded = amounts.map(({ role, says }) => `${role ? WORDS[role] : ""}${says}`).join(", ");
    const end = spanOf(terms, clause.from, clause.to);
    const sameThing = named === "" || (last?.what.includes(named) ?? false);
    if (isNear && first.unit === last.unit && (sameThing || first.role === "found")) {
      last.name = `${last.name}, ${worded}`.split(" ").slice(0, MOST_WORDS).join(" ");
      last.span = { start: last.span.start, end: end.end };
      last.sentence = clause.sentence;
      last.least ??= boundOf(amounts, "least");
      last.most ??= boundOf(amounts, "most");
      continue;
    }
    const thing = ofWhat(heard, first) ?? (named || thingIn(heard, i) || topic);
    const what = [thing, QUANTITY.exec(around)?.[0].toLowerCase() ?? ""]
      .filter((word, n) => n === 0 || !thing.includes(word))
      .join(" ")
      .trim();
    measures.push({
      name: `${what}, ${worded}`,
      what,
      unit: first.unit,
      least: boundOf(amounts, "least"),
      most: boundOf(amounts, "most"),
      span: end,
      sentence: clause.sentence,
    });
  }
  return measures.filter(({ what }) => what !== "");
}

/** The measure a plan's step carries, with the limits that were told. */
export const asMeasure = ({ what, unit, least, most }: Measured): Measure => ({
  what,
  unit,
  ...(least === undefined ? {} : { least }),
  ...(most === undefined ? {} : { most }),
});

const WORDS: Readonly<Record<Role, string>> = {
  found: "measured ",
  most: "at most ",
  least: "at least ",
  limit: "limit ",
  wanted: "",
};

/** A bound that was said to be one, or an end of the range that is wanted. */
function boundOf(
  amounts: readonly (Amount & { role: Role | undefined })[],
  side: "least" | "most",
): number | undefined {
  const said = amounts.find(({ role, relative }) => role === side && !relative);
  if (said) return said.value;
  const range = amounts.find(({ role, upTo }) => role === "wanted" && upTo !== undefined);
  return side === "least" ? range?.value : range?.upTo;
}

/** The amounts in a clause, but for figures of torque, sizes of fasteners and of tools. */
function amountsIn(
  { terms, torques, sizes }: Heard,
  { from, to }: Told,
  inherited: string | undefined,
): Amount[] {
  const amounts: Amount[] = [];
  for (let at = from; at < to; at++) {
    const amount = amountAt(terms, at, to, amounts.at(-1)?.unit ?? inherited);
    if (!amount) continue;
    const overlaps = (one: { from: number; to: number }) => one.from < amount.to && one.to > amount.from;
    if (
      !torques.some(overlaps) &&
      !sizes.some((size) => size.kind !== "length" && size.kind !== "head" && overlaps(size))
    )
      amounts.push(amount);
    at = amount.to - 1;
  }
  return amounts;
}

/** The amount that begins at a word: "8 to 10 mm", "an eighth of an inch", "fifteen thousandths". */
function amountAt(
  terms: readonly Term[],
  at: number,
  end: number,
  inherited: string | undefined,
): Amount | undefined {
  const word = (n: number) => (n < end ? (terms[n]?.text ?? "") : "");
  const first = numberAt(terms, at);
  if (!first || (at > 0 && numberAt(terms, at - 1)?.next === first.next)) return undefined;
  let next = first.next;
  let second: ReturnType<typeof numberAt>;
  const between = (n: number) => {
    while (/^(?:to|or|and|-|–|maybe|about)$/.test(word(n))) n++;
    return n;
  };
  const [unitNow] = unitAt(terms, next, end);
  if (/^(?:to|or|-|–)$/.test(word(next)) || (word(next) === "and" && /\bbetween$/.test(word(at - 1)))) {
    second = numberAt(terms, between(next));
    if (second) next = second.next;
  } else if (unitNow === undefined && word(next) === "and") {
    second = /^(?:between)$/.test(word(at - 1)) ? numberAt(terms, next + 1) : undefined;
    if (second) next = second.next;
  }
  const [own, each, to] = unitAt(terms, next, end);
  // "It moves 3/8 of an inch. The limit is an eighth."
  const unit = own ?? (first.fraction && inherited === "in" ? inherited : undefined);
  if (unit === undefined) return undefined;
  const relative = /^under$/.exec(word(to))?.[0];
  const says = (value: number, said: typeof first) => worded(value, said, each);
  return {
    says: `${says(first.value, first)}${second ? ` to ${says(second.value, second)}` : ""} ${unit}${relative ? ` ${relative}` : ""}`,
    value: first.value * each,
    upTo: second === undefined ? undefined : second.value * each,
    unit,
    relative: relative !== undefined,
    from: at,
    to,
  };
}

/** A number as it is written: 14 3/4, 0.015 for fifteen thousandths, 21.6. */
function worded(
  value: number,
  { fraction, decimals }: { fraction: boolean; decimals: number },
  each: number,
): string {
  if (each === 0.001) return (value * each).toFixed(3);
  if (!fraction) return each === 1 ? value.toFixed(decimals) : String(Math.round(value * each * 1000) / 1000);
  const parts = [2, 4, 8, 10, 16, 32].find((n) => Number.isInteger(Math.round(value * n * 1e6) / 1e6)) ?? 32;
  const whole = Math.floor(value);
  const above = Math.round((value - whole) * parts);
  return [whole > 0 ? String(whole) : "", above > 0 ? `${above}/${parts}` : ""].filter(Boolean).join(" ");
}

/** A number, or a part said alone: "an eighth", "a thirty second". */
function numberAt(
  terms: readonly Term[],
  at: number,
): { value: number; fraction: boolean; decimals: number; next: number } | undefined {
  const word = (n: number) => terms[n]?.text ?? "";
  const article = /^an?$/.test(word(at)) ? at + 1 : at;
  if (article > at && word(article) === "thirty" && word(article + 1).startsWith("second"))
    return { value: 1 / 32, fraction: true, decimals: 0, next: article + 2 };
  const part = FRACTIONS[word(article)];
  if (part !== undefined && (article > at || word(article) === "half"))
    return { value: 1 / part, fraction: true, decimals: 0, next: article + 1 };
  return spokenNumber(terms, at);
}

/** The unit at a word, past "of an", with how many of it each is and the word after it. */
function unitAt(
  terms: readonly Term[],
  at: number,
  end: number,
): [unit: string | undefined, each: number, to: number] {
  let n = at;
  while (n < end && n - at < 2 && /^(?:of|a|an|-)$/.test(terms[n]?.text ?? "")) n++;
  const word = n < end ? (terms[n]?.text ?? "") : "";
  // "Three in the arm": where they are, and no inches.
  const isPlace =
    word === "in" &&
    !/^(?:[.,;)\n]|of|at|max|or|limit|left|right|on|to|and|all|apart|wide|deep|thick|-)?$/.test(
      terms[n + 1]?.text ?? "",
    );
  const found = isPlace ? undefined : UNITS.find(([said]) => said.test(word));
  return found ? [found[1], found[2], n + 1] : [undefined, 1, n];
}

/** "Check the free play at the pedal, it wants 15 mm", "straightedge on the manifold": what is measured stands before it. */
function thingIn({ terms, told }: Heard, i: number): string {
  const clause = told[i];
  for (let n = i; clause && n >= Math.max(0, i - 3); n--) {
    const one = told[n];
    if (!one || clause.sentence - one.sentence > 1) break;
    for (let at = one.from; at < Math.min(one.to, clause.to); at++)
      if (AT.test(terms[at]?.text ?? "")) {
        const after = /^(?:the|your|a|an|my|all|both)$/.test(terms[at + 1]?.text ?? "") ? at + 2 : at + 1;
        const named = topicIn(terms, { from: after, to: one.to }).join(" ");
        if (named !== "") return named;
      }
    const named = topicIn(terms, one).join(" ");
    if (named !== "") return named;
  }
  const noun = terms.find(
    ({ text: word, tag }, n) =>
      clause !== undefined && n >= clause.from && n < clause.to && tag === "noun" && !NO_THING.test(word),
  );
  const judged = terms.findIndex(
    ({ text: word }, n) => clause !== undefined && n > clause.from && n < clause.to && word === "limit",
  );
  return noun?.text ?? (judged < 0 ? "" : (terms[judged - 1]?.text ?? ""));
}
/** Words of what is judged, and no thing. */
const NO_THING =
  /^(?:limit|minimum|maximum|mm|mil|inch(?:es)?|in|thousandths|play|gap|wear|mine|ours|side|left|right)$/;
/** "22 mm of thread past the locknut". */
const ofWhat = ({ text, terms }: Heard, { to }: Amount): string | undefined =>
  /^of ([a-z]+(?: (?:past|above|showing|sticking out|on|at|in|below)(?: (?:the |your )?[a-z]+)?)?)/i
    .exec(saidIn(text, terms, { from: to, to: Math.min(terms.length, to + 6) }))?.[1]
    ?.replace(/\b(?:the|your) /, "");
const AT = /^(?:in|at|on|of|across|along|under|between)$/;

/** What stands before a clause in its sentence and in the one before it, and the clause: what a figure in it is judged by. */
function aroundOf({ text, terms, told }: Heard, i: number): string {
  const clause = told[i];
  if (!clause) return "";
  const first = told.findIndex(({ sentence }) => sentence === clause.sentence);
  const from = Math.max(told[first]?.from ?? clause.from, clause.from - 14);
  return saidIn(text, terms, { from, to: clause.to });
}

/** How an amount is meant, by the words beside it; undefined where none says. */
function roleOf({ text, terms, told }: Heard, i: number, { from, to }: Amount): Role | undefined {
  const clause = told[i];
  const begins = terms.findLastIndex(({ text: word }, n) => n < from && /^[.;!?\n]$/.test(word)) + 1;
  const before = saidIn(text, terms, { from: Math.max(begins, (clause?.from ?? from) - 8), to: from }).slice(
    -REACH,
  );
  const after = saidIn(text, terms, { from: to, to: Math.min(terms.length, to + 6) });
  if (/^\W*long\b/i.test(after)) return undefined;
  const behind = ROLES.find(([, , said]) => said.test(after))?.[0];
  if (behind === "most" || behind === "least") return behind;
  const ahead = ROLES.map(([role, said]) => ({ role, at: [...before.matchAll(said)].at(-1)?.index ?? -1 }))
    .filter(({ at }) => at >= 0)
    .sort((a, b) => b.at - a.at)[0]?.role;
  return ahead ?? behind;
}
