import { isAction, type Told } from "./clauses";
import { headingOver, type Heard, type Noted, saidIn, sentenceOf, spanOf } from "./heard";
import { add, fullest, isToolHere, nameOf } from "./list-names";
import { singular } from "./mention";
import { topicIn } from "./topic";
import {
  ACTIONS,
  COMPOUND,
  CONSUMABLE_HEADS,
  HEADS,
  NOT_IN_NAME,
  NOT_THIS_ONE,
  PART_HEADS,
  THINGS,
  TOOL_HEADS,
} from "./vocabulary";

/** What was bought, comes along, or was paid for. */
const BOUGHT =
  /\b(?:in the (?:box|bag|kit)|kit(?: for| of)?\b|(?:the|new) parts (?:are|is|were)|parts?:|renew|comes? with|came (?:with|to)|(?:bought|ordered|set of (?!(?:calipers|feelers?|sockets|spanners|wrenches)\b)|paid)|(?:dollars?|bucks|quid|euros?)\b)|[$£€] ?\d|\d ?[$€]/i;
/** Said of what comes in the box, counted: whatever it is. */
const BOXED = /\bin the (?:box|bag|kit)\W*:|^\W*kit\W*:/i;
/** Straight before what a telling is about, as it begins: "today we're doing the …"; or straight after. */
const JOB_OF =
  /\b(?:doing|done|did|do|changing|changed|change|replacing|replaced|replace|renewing|renew|swapping|swap|renewal of|replacement of|putting in|it's|its|about) (?:(?:the|a|an|my|our|both|these|those|some|all|new|of|little) )*$/i;
const JOB_IS =
  /^\S+ (?:(?:is|are) (?:coming out|getting replaced|worn|shot|gone|leaking)|(?:replacement|renewal|swap|change)\b)/i;
const REPLACES = /^(?:replace|replaced|replacing|renew|renewed|renewing)$/;
/** Where it stands among what is needed it is one to have. */
const USUALLY_NEW = /^(?:gasket|seal|kit|washer|filter|o-ring)s?$|^(?:shoes|pads)$/;
/** "a new one", "the new ones": whatever was named last. */
const ONE = /^(?:ones?)$/;
/** New, and nothing to have: "a new hole", "new to me". */
const NO_PART =
  /^(?:front|rear|left|right|upper|lower|top|bottom|hardware|hole|holes|thread|threads|place|home|one|ones|video|car|truck|van|stuff|thing|things|year|day|guy|style|way|side|end|life|size|set|part|parts|figure|figures|position|mark|marks|metal|skin|owner|to|in|is|job|bit|work|service|update|walk|write|weekend|brakes)$/;
/** How much of a telling tells what it is about. */
const BEGINNING = 4;

/** The parts to have, by their names, with how many: bought, new, or what the job is about. */
export function partsOf(heard: Heard): Noted[] {
  const { text, terms, told, listing } = heard;
  const parts: Noted[] = [];
  const spoken: string[] = [];
  for (const [i, clause] of told.entries()) {
    const said = saidIn(text, terms, clause);
    const headed = headingOver(text, terms, clause) === "parts";
    if (NOT_THIS_ONE.test(said) || NOT_HAD.test(said)) continue;
    const sentence = sentenceOf(heard, i);
    const lead = text.slice(0, terms[clause.from]?.start ?? 0).slice(-400);
    const inBoxList = BOXED.test(
      lead
        .slice(lead.lastIndexOf("\n") + 1)
        .split(/[.!?] /)
        .at(-1) ?? "",
    );
    const bought = headed || inBoxList || BOUGHT.test(sentence.length < 400 ? sentence : said);
    const isJob = clause.sentence < BEGINNING && !listing.has(i);
    for (let at = clause.from; at < clause.to; at++) {
      if (!isNoun(heard, clause, at)) continue;
      const word = terms[at]?.text ?? "";
      const called = nameOf(terms, at, clause.from, heard.sizes);
      const { from, name } = withoutVerbs(heard, called.from, at, called.name);
      const { isNew, count } = called;
      const span = spanOf(terms, from, at + 1);
      if (ONE.test(word)) {
        const which = isNew ? lastNamed(heard, i, at) : undefined;
        if (which !== undefined) add(parts, which, span);
        continue;
      }
      const known = isKnown(word) && !isToolHere(word, name);
      const counted = count > 1 ? `${count} ${name}` : name;
      if (PART_HEADS.has(word)) spoken.push(counted);
      const verb = terms[from - 1]?.text ?? "";
      const replaced = REPLACES.test(verb) || REPLACES.test(terms[from - 2]?.text ?? "");
      const fresh =
        isNew && (known || terms[at]?.tag === "noun") && !NO_PART.test(word) && isOneName(heard, at);
      const listed = headed || listing.has(i) || count > 1 || isPriced(heard, from, at);
      const ofBox = inBoxList && count > 1 && terms[at]?.tag === "noun";
      const asked = listing.has(i) && USUALLY_NEW.test(word) && !isToolHere(word, name);
      const inBox = bought && ((known && listed) || ofBox) && !isHolding(name);
      const object =
        isJob &&
        (known || (terms[at]?.tag === "noun" && !NO_PART.test(word) && !/ing$/.test(word))) &&
        !Object.hasOwn(HEADS, word) &&
        isJobOf(heard, from, at);
      if (fresh || asked || inBox || object || (replaced && known)) add(parts, counted, span);
    }
  }
  return parts.map((part) => ({ ...part, name: fullest(part.name, spoken) }));
}

/** "not using a gasket", "no seal on this one". */
const NOT_HAD = /\b(?:not|don'?t|didn'?t|never|isn'?t|without|no)(?: \w+){0,2} (?:us|buy|bought|need|fit|a)/i;
/** "doing engine mounts", "compare pulley": what is done is no part of the name. */
function withoutVerbs(
  { terms }: Heard,
  from: number,
  at: number,
  name: string,
): { from: number; name: string } {
  const within = terms
    .slice(from, at)
    .findLastIndex(
      ({ text: word, tag }) =>
        tag === "verb" &&
        (Object.hasOwn(ACTIONS, word) || /^(?:do|chang|replac|renew|swapp|fitt)ing$/.test(word)),
    );
  if (within < 0) return { from, name };
  const begins = from + within + 1;
  const words = terms.slice(begins, at + 1).map(({ text: word }) => word);
  return { from: begins, name: words.join(" ") };
}

/** Whether a telling says that it is about what stands from one word to another. */
function isJobOf({ text, terms }: Heard, from: number, at: number): boolean {
  const before = saidIn(text, terms, { from: Math.max(0, from - 6), to: from });
  const after = saidIn(text, terms, { from: at, to: Math.min(terms.length, at + 4) });
  return JOB_OF.test(`${before} `) || JOB_IS.test(after);
}

/** From "new" on to a word, nothing but what names it: "new bushing still bites" names no bites. */
function isOneName({ terms }: Heard, at: number): boolean {
  for (let n = at - 1; n >= Math.max(0, at - 5); n--) {
    const term = terms[n];
    if (!term || term.text === "new") return true;
    if (
      !/^(?:noun|adjective|number|mark)$/.test(term.tag) ||
      (!isKnown(terms[at]?.text ?? "") && isKnown(term.text))
    )
      return false;
  }
  return true;
}

const isKnown = (word: string) =>
  PART_HEADS.has(word) || THINGS.has(word) || THINGS.has(singular(word)) || COMPOUND.test(word);
/** What other things come in, or what something stands on. */
const isHolding = (name: string) => /^(?:kit|box|bag|set|wheel|wheels|engine|body)$/.test(name);

/** The last word of a thing's name, which no other goes on. */
function isNoun({ terms }: Heard, { from }: Told, at: number): boolean {
  const [word, next] = [terms[at]?.text ?? "", terms[at + 1]?.text ?? ""];
  if (
    !/^[a-zà-ÿ-]{3,}$/.test(word) ||
    (TOOL_HEADS.has(word) && !PART_HEADS.has(word)) ||
    CONSUMABLE_HEADS.has(word)
  )
    return false;
  if (NOT_IN_NAME.has(word) && !ONE.test(word)) return false;
  if (
    TOOL_HEADS.has(next) ||
    CONSUMABLE_HEADS.has(next) ||
    PART_HEADS.has(next) ||
    Object.hasOwn(HEADS, next) ||
    isKnown(next)
  )
    return false;
  if (terms[at + 1]?.tag === "noun" && !isKnown(word)) return false;
  if (at === from && Object.hasOwn(ACTIONS, word)) return false;
  return !isAction(terms, at);
}

/** "paid 140 for the alternator", "radiator was a hundred dollars". */
function isPriced({ text, terms }: Heard, from: number, at: number): boolean {
  const before = saidIn(text, terms, { from: Math.max(0, from - 4), to: from });
  const after = saidIn(text, terms, { from: at, to: Math.min(terms.length, at + 8) });
  return (
    /\bfor (?:the |a |an )?$/i.test(`${before} `) || /^\S+ (?:was|were|is|cost|came to|at)\b/i.test(after)
  );
}

/** What was named last before a word, in this sentence or the one before. */
function lastNamed({ terms, told }: Heard, i: number, at: number): string | undefined {
  const here = told[i];
  for (let n = i; n >= Math.max(0, i - 4); n--) {
    const clause = told[n];
    if (!clause || !here || here.sentence - clause.sentence > 1) return undefined;
    const topic = topicIn(terms, { from: clause.from, to: Math.min(clause.to, at) });
    if (topic.length > 0) return topic.join(" ");
  }
  return undefined;
}
