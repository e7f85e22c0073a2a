import {
  DO_NOT,
  COMES_TO,
  CRIES,
  IF_OR,
  WARNS,
  PROTECTS,
  STATES,
  COLD,
  GOES_ON,
  ENDS_IT,
  OF_TELLER,
  POINTS_BACK,
  BESIDE,
  BECAUSE,
  POINTING,
  MANY,
  TRAILS,
  ASIDES,
  LEADS,
  ONLY_POINTS,
} from "./caution-words";
import type { Clause } from "./clauses";
import type { Grouped } from "./group";
import { type Heard, type Noted, saidIn, spanOf } from "./heard";
import { short } from "./short";
import { isNamed } from "./step-words";
import { topicIn } from "./topic";
import { CONSUMABLE_HEADS, NOT_THIS_ONE, OTHERS_SAY, TOOL_HEADS } from "./vocabulary";

/** So many words are read in one glance. */
const A_GLANCE = 16;
/** Bolts that were named so many clauses ago are what "them" are. */
const LATELY = 2;
/** And so many at most, with what is to be done and what it would come to. */
const AT_MOST = 22;

/** What is to be minded, with what it is said of and what it would come to. */
export function cautionsOf(heard: Grouped): Noted[] {
  const { text, terms, told, listing } = heard;
  const found: { name: string; from: number; to: number }[] = [];
  let thing = { name: "", sentence: -1 };
  for (const [i, clause] of told.entries()) {
    const said = saidIn(text, terms, clause);
    const named = topicIn(terms, clause).join(" ");
    if (named) thing = { name: named, sentence: clause.sentence };
    const spokenOf = clause.sentence === thing.sentence ? thing.name : "";
    // "Don't use an ordinary screwdriver": not the wrong car, but the wrong tool.
    const isOfOther = NOT_THIS_ONE.test(said) && !terms.slice(clause.from, clause.to).some(isStuff);
    if (listing.has(i) || isOfOther || OTHERS_SAY.test(said) || ONLY_POINTS.test(said)) continue;
    const isEnough = PROTECTS.test(said) || isRuledOut(terms, clause);
    if (said.split(/\s+/).length < (isEnough ? 2 : 3)) continue;
    const span = around(heard, i);
    const name = nameOf(heard, i, span, spokenOf);
    if (name === undefined) continue;
    const last = found.at(-1);
    if (last && last.to > span.from) {
      last.to = Math.max(last.to, span.to);
      if (last.from === span.from && name.length > last.name.length) last.name = name;
      continue;
    }
    if (!found.some((one) => one.name.toLowerCase() === name.toLowerCase())) found.push({ name, ...span });
  }
  return found.map(({ name, from, to }) => ({ name, span: spanOf(terms, from, to) }));
}

/** The words that a warning is made of: the whole sentence where it is short, else what goes on with what. */
function around({ text, terms, told, listing }: Heard, i: number): Clause {
  const says = (k: number) => saidIn(text, terms, told[k] ?? { from: 0, to: 0 });
  /** Whether a clause belongs with the one before it. */
  const joined = (k: number) => {
    const [before, one] = [told[k - 1], told[k]];
    if (!before || one?.paragraph !== before.paragraph || listing.has(k - 1) || listing.has(k)) return false;
    const isCut = /[.!?\n]/.test(text.slice(terms[before.to - 1]?.end, terms[one.from]?.start));
    return one.sentence === before.sentence || (!isCut && ENDS_IT.test(says(k)));
  };
  // "If it is set, the drum stays on", and not why what comes before it is done.
  const isNewThought = (k: number) =>
    /^\W*if\b/i.test(says(k)) && !/\b(?:because|cause|cuz)\W*$/i.test(says(k - 1));
  const length = (from: number, to: number) => (told[to]?.to ?? 0) - (told[from]?.from ?? 0);
  let [first, last] = [i, i];
  const goesOnFrom = (k: number) =>
    GOES_ON.test(says(k)) ||
    // "If you · don't it drops", "rag in the hole · first · or it falls in".
    /^if you$/i.test(says(k - 1)) ||
    length(k, k) === 1;
  // Where no mark was written, what stands before it is another thing, unless this is its end.
  const leadsOn = (k: number) =>
    goesOnFrom(k) ||
    /[^\s\w']/.test(text.slice(terms[(told[k - 1]?.to ?? 0) - 1]?.end, terms[told[k]?.from ?? 0]?.start));
  while (joined(first) && leadsOn(first) && !isNewThought(first) && !OF_TELLER.test(says(first - 1))) first--;
  while (joined(last + 1) && !OF_TELLER.test(says(last + 1))) last++;
  if (length(first, last) > A_GLANCE) {
    const [begin, end] = [first, last];
    [first, last] = [i, i];
    const goesOn = (k: number) =>
      GOES_ON.test(says(k)) ||
      terms[(told[k]?.from ?? 0) - 1]?.text === "," ||
      // "So the cover · don't come down on you".
      (ENDS_IT.test(says(k - 1)) && length(k - 1, k - 1) <= 4);
    while (
      first > begin &&
      (goesOnFrom(first) || POINTS_BACK.test(says(first))) &&
      length(first - 1, last) <= A_GLANCE
    )
      first--;
    while (last < end && goesOn(last + 1) && length(first, last + 1) <= AT_MOST) last++;
  }
  return { from: told[first]?.from ?? 0, to: told[last]?.to ?? 0 };
}

/** What a clause warns of, as it stands in the plan; undefined where it warns of nothing. */
function nameOf(heard: Grouped, i: number, span: Clause, thing: string): string | undefined {
  const { text, terms, told } = heard;
  const clause = told[i] ?? span;
  const said = saidIn(text, terms, clause);
  const all = saidIn(text, terms, span);
  const cold = COLD.exec(said);
  const isOfEngine = topicIn(terms, clause).every((word) => /^(?:engine|motor|truck|car|van)$/.test(word));
  if (cold && isOfEngine && !/warm/i.test(cold[0])) return `engine ${cold[1] ? "stone " : ""}cold`;
  const dont = !isOfOthers(terms, clause.from) && DO_NOT.test(said);
  const state = STATES.find(({ says }) => says.test(said));
  const isLong = span.to - span.from > A_GLANCE / 2;
  if (state && !dont && thing && isLong && !BECAUSE.test(said)) return `${thing} is ${state.is}`;
  const comesTo = clause.from === span.from || IF_OR.test(said) || /^\W*if\b/i.test(all);
  const warns =
    dont ||
    state !== undefined ||
    cold !== null ||
    WARNS.some((one) => one.test(said)) ||
    CRIES.test(all) ||
    isRuledOut(terms, clause) ||
    COMES_TO.some((one) => one.test(said) || (comesTo && one.test(all)));
  if (!warns) return undefined;
  const words = short(all.replace(LEADS, "").replace(BESIDE, "").replace(ASIDES, ""), AT_MOST).replace(
    TRAILS,
    "",
  );
  const points = POINTING.exec(words);
  const isNamedFirst = words
    .slice(0, points?.index)
    .toLowerCase()
    .split(/[^a-z-]+/)
    .some((word) => isNamed(word));
  if (!points || isNamedFirst) return words;
  const of = MANY.test(points[0]) ? (fastenersAt(heard, i) ?? thing) : thing;
  return of && !words.includes(of) ? `${of}: ${words}` : words;
}

/** What "them" are: the bolts spoken of last, if that was just now. */
function fastenersAt({ groups }: Grouped, i: number): string | undefined {
  const spoken = groups.flatMap(({ name, clauses }) => {
    const at = Math.max(-Infinity, ...[...clauses].filter((clause) => clause <= i));
    return i - at <= LATELY && /s\b/.test(name) ? [{ name, at }] : [];
  });
  return spoken.sort((a, b) => b.at - a.at)[0]?.name;
}

/** What may be the wrong thing to do it with; that there is no ramp, nobody is warned of. */
const isStuff = ({ text }: { text: string }) =>
  (TOOL_HEADS.has(text) || CONSUMABLE_HEADS.has(text)) && !/^(?:ramps?|lifts?|hoist|pit|tools?)$/.test(text);

/** "No hammer", "a loop of wire, not pliers", "silicone grease only". */
function isRuledOut(terms: Heard["terms"], { from, to }: Clause): boolean {
  const words = terms.slice(from, to);
  const isOnly = words.length <= 7 && words.at(-1)?.text === "only" && words.slice(0, -1).some(isStuff);
  return (
    isOnly ||
    words.some(
      ({ text }, k) =>
        (text === "no" || (text === "not" && (k > 0 || terms[from - 1]?.text === ","))) &&
        (k === 0 || words[k - 1]?.tag === "mark") &&
        words.slice(k + 1, k + 4).some(isStuff),
    )
  );
}

/** "They don't spring back", "the cover don't come down": told of how things are. */
const isOfOthers = (terms: Heard["terms"], at: number): boolean =>
  (terms[at - 1]?.text === "you" && terms[at - 2]?.text === "if") ||
  /^(?:they|it|he|she|i|who|that|which|ones?|those)$/.test(terms[at - 1]?.text ?? "") ||
  (terms[at - 1]?.tag === "noun" && /^(?:the|a|your|this|that)$/.test(terms[at - 2]?.text ?? ""));
