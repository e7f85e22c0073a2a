import { isAction } from "./clauses";
import { type Heard, saidIn, spanOf } from "./heard";
import type { Noted } from "./heard";
import { spokenNumber } from "./spoken-number";
import { topicIn } from "./topic";
import { NOT_THIS_ONE, OTHERS_SAY } from "./vocabulary";

/**
 * Told to somebody not to do: at the start, or after "and", "so", "just", "please"; not what the teller or
 * others do not do, and not what never happens by itself ("never gets hot").
 */
const DO_NOT =
  /(?:^\W*|\b(?:and|so|but|just|please|or|also|then|you|now|i mean)\s+)(?:don'?t|do not|never)\s+(?!know|have\b|forget to subscribe|ask|need|worry|want|care\b|quote|hold me|think|believe|trust|get me|be silly|use (?:the )?\d|own\b|(?:go|get) crazy|\w+\W*$)(?!(?<=never )\w*[^s]s\b)\w+/i;
/** What is to be minded, by the ways there are of saying so. */
const MINDED: readonly RegExp[] = [
  /\b(?:careful|watch (?:out|your|the|for)|mind (?:the|your|out|that)|make sure|be sure|gently)\b/i,
  // Cold, hot, heavy, sharp, live.
  /\b(?:(?:stone|completely|proper(?:ly)?|nice and) cold|(?:want|has to be|must be|needs to be|got to be|want (?:it|her)|be) cold\b|(?:engine|motor|truck|car|van)(?:'s| is)? cold\b|(?:is|it'll be|gets?|still|'s) (?:hot|live|sharp|heavy)|live (?:even|key)|heavier than|heavy (?:so|and)|warm,? not hot)\b/i,
  /\b(?:poison\w*|flammable|brittle|(?:is|it's|they're|into|of) (?:alloy|aluminium|aluminum|magnesium|plastic|brass)|cross[- ]?thread)\b/i,
  // What is worn.
  /\b(?:safety glasses|eye protection|gloves and|and gloves|(?:wear|put on) (?:\w+ )?(?:gloves|glasses|goggles|mask)|glasses on|mask on)\b/i,
  /\b(?:left[- ]hand(?:ed)? threads?)\b/i,
  // Once and no more.
  /\b(?:only hold once|once only|used? once|one[- ]time|(?:thrown?|throw) (?:\w+ ){0,3}(?:away|out))\b/i,
  // What it would come to, and what is no further to be gone than.
  /\b(?:or (?:it|you|they|the \w+)(?:'ll| will| won't)|otherwise (?:it|you|they)|(?:can|will|could) (?:close on|fall on|burn|pinch|crush|spit|mark the)\b|no more than that|(?:greatest|maximum|max|top) (?:load|speed|weight))\b/i,
  /\b(?:keep (?:it|your|a|them|the|that) (?:\w+ )?(?:off|away|out|clear|separate|under|topped up|full)|must(?:n't| not| be)\b|not the (?:\w+ ){0,2}(?:one|thing|switch)|not optional|not under\b)/i,
  /\bif (?:\w+ ){1,8}(?:stop|don't start)\b|\bstop and ask\b|\bif (?:they're|it's|it is) (?:\w+ ){1,4}(?:welder|workshop|shop)\b/i,
  /\bpump the (?:brake )?pedal (?:\w+ )*before\b|\bone side at a time\b|\b(?:before|until) (?:any|all) (?:\w+ ){1,5}(?:tight|in)\b/i,
];

/** What is to be minded, in the words it is told in, with its reason and what it is said of. */
export function cautionsOf(heard: Heard): Noted[] {
  const { text, terms, told, listing } = heard;
  const cautions: (Noted & { at: number })[] = [];
  for (const [i, clause] of told.entries()) {
    const said = saidIn(text, terms, clause);
    if (
      listing.has(i) ||
      NOT_THIS_ONE.test(said) ||
      OTHERS_SAY.test(said) ||
      ONLY_POINTS.test(said) ||
      said.split(/\s+/).length < (PROTECTS.test(said) ? 2 : 3)
    )
      continue;
    const next = told[i + 1];
    // "don't swap them | or they'll adjust looser": with its reason, where the same sentence goes on to give it.
    const after =
      next && next.sentence === clause.sentence && next.to - clause.from <= 18
        ? saidIn(text, terms, next)
        : "";
    const dont = isOfOthers(terms, clause.from) ? null : DO_NOT.exec(said);
    if (
      !dont &&
      !MINDED.some((one) => one.test(said)) &&
      !(COMES_TO.test(after) && tellsToDo(terms, clause.from))
    )
      continue;
    const reason = REASON.test(after);
    const own = dont ? said.slice(dont.index).replace(LEADS, "") : said;
    // "Negative off first | because the big wire is live": what is to be done, and why.
    const isWhy = /^\W*(?:because|cause|cuz|otherwise|or)\b/i.test(said);
    // "There's a little half-moon key, don't lose it".
    const most = isWhy ? 22 : 14;
    const points = isWhy || (POINTS_BACK.test(own) && !ENOUGH.test(own));
    const led = told.find(
      (one, k) => k < i && k >= i - 2 && one.sentence === clause.sentence && clause.to - one.from <= most,
    );
    const isLed = points && led !== undefined;
    const from = isLed ? led.from : clause.from;
    const named = isLed ? saidIn(text, terms, { from, to: clause.to }) : own;
    const last = cautions.at(-1);
    if (isLed && last?.at === i - 1) cautions.pop();
    cautions.push({
      name: short(reason ? `${named} ${after}` : named, 18),
      span: spanOf(terms, from, reason && next ? next.to : clause.to),
      at: i,
    });
  }
  return cautions.map(({ name, span }) => ({ name, span }));
}

const LEADS = /^\W*(?:(?:and|so|but|just|please|or|also|then|you|now|i mean)\s+)?/i;
/** "Don't do that on this one": of what was shown, which nobody sees here. */
const ONLY_POINTS =
  /^\W*(?:\w+ )?(?:don't|do not|never) (?:do|take|pull|use|try|put|get) (?:it|that|this|them|those)(?: (?:out|off|on this one|on that one|here|there|at home))?\W*$/i;
/** "They don't spring back", told of how things are. */
const isOfOthers = (terms: Heard["terms"], at: number): boolean =>
  /^(?:they|it|he|she|i|we|who|that|which|ones?|those)$/.test(terms[at - 1]?.text ?? "");

/** "Don't lose it": what is pointed at was named before. */
const POINTS_BACK =
  /^(?:[\w']+ ){0,3}?(?:it|it's|them|em|they're|those|these|this|that)\b(?!.*\b(?:the|your|an?) (?!bit\b|little\b|lot\b)[a-z])/i;

const ENOUGH = /\b(?:cold|left[- ]hand|heavy|sharp|hot)\b/i;

/** Told to do. */
const tellsToDo = (terms: Heard["terms"], at: number) =>
  isAction(terms, at) ||
  (terms[at]?.tag === "verb" && /^(?:a|an|the|your|it|them|some)$/.test(terms[at + 1]?.text ?? ""));
/** Enough in two words. */
const PROTECTS = /\b(?:glasses|mask|gloves|goggles|protection|cold)\b/i;
const REASON =
  /^\W*(?:or|because|cause|cuz|so (?:it|they|you|that|nothing|the)|otherwise|it(?:'ll| will|'s)|they(?:'ll| will)|that'?s|you(?:'ll| will))\b/i;
/** What it would come to if it were not done. */
const COMES_TO =
  /^\W*(?:or (?:it|they|you|she|the \w+|else)\b|otherwise\b|(?:because|cause|cuz) if\b|so (?:nothing|it|they|the \w+|that)(?: \w+)? (?:doesn't|don't|can't|won't|drops?|falls?)\b)/i;
const LENGTH_OF_TIME = /^(?:minutes?|mins?|hours?|hrs?|seconds?|secs?|s|nights?|days?)$/;
const WAITING =
  /\b(?:wait|waited|leave|left|let|sit|sits|soak|soaked|stand|drip|dry|dries|cool|cools|idle|tick over|simmer|run|overnight|give it|gave it|skin(?:s)?|settle|off|on|penetra\w+|spray|before (?:you|i) (?:put|fill|start)|keep)\b/i;
const NO_WAIT =
  /\b(?:took|wasted|spent|total|hours? (?:later|job)|drive|drove|give or take|video|of my life|you have|every)\b/i;

/** An engine that runs, or somebody who waits, until something has come about. */
const UNTIL =
  /\b(idle|idling|tick over|simmer|warm up|run(?= (?:it|her|the engine) with)|let (?:it|her|the engine) run)\b[^.]{0,40}?\b(?:until|till)\s+((?:[\w']+ ?){2,7})/i;

/** Something waited for, with how many minutes where that was said. */
export interface Wait extends Noted {
  minutes: number | undefined;
}

/** From the evening to the morning. */
const OVERNIGHT_MIN = 600;

/** What is waited for and how long: "penetrating oil, 15 min". */
export function waitsOf(heard: Heard): Wait[] {
  const { text, terms, told, listing } = heard;
  const waits: (Wait & { sentence: number })[] = [];
  let topic = "";
  for (const [i, clause] of told.entries()) {
    const here = topicIn(terms, clause).join(" ");
    const said = saidIn(text, terms, clause);
    const stuff =
      /\b(?:penetra\w+(?: \w+)?|sealant|silicone|paint|primer|wax|cleaner|soap|glue|spray|oil|engine|control unit|ignition)\b/i.exec(
        said,
      )?.[0];
    topic = stuff?.toLowerCase() ?? (here || topic);
    if (listing.has(i)) continue;
    const first = told.findIndex(({ sentence }) => sentence === clause.sentence);
    const led = saidIn(text, terms, {
      from: Math.max(told[first]?.from ?? clause.from, clause.from - 20),
      to: clause.to,
    });
    if (NO_WAIT.test(said) || !WAITING.test(led)) continue;
    // "Plugs on the van, 20 minutes", at the head of it all: how long the job takes.
    if (clause.sentence === 0 && !/\b(?:wait|leave|left|let|soak|cool|drip|dry|drain|idle)/i.test(led))
      continue;
    const time =
      timeIn(heard, clause.from, clause.to) ??
      (/\bovernight\b/i.test(said) ? { says: "overnight", minutes: OVERNIGHT_MIN } : undefined);
    const cools =
      time === undefined && /\blet (?:it|her|the \w+) cool(?: (?:right )?down)?\b/i.exec(said)?.[0];
    const until = UNTIL.exec(said);
    if (time === undefined && !cools && !until) continue;
    const doing =
      /\b(?:soak|drip|dry|cool|idle|settle|skin|tick over|penetrat\w+)\w*\b/i.exec(led)?.[0].toLowerCase() ??
      "";
    const running = until ? `${until[1]} until ${until[2]}`.toLowerCase() : undefined;
    const name =
      running !== undefined
        ? [running, time?.says].filter(Boolean).join(", ")
        : cools ||
          [[topic, topic.includes(doing) ? "" : doing].filter(Boolean).join(" "), time?.says]
            .filter(Boolean)
            .join(", ");
    const last = waits.at(-1);
    const isItsTime = last?.minutes === undefined && last?.sentence === clause.sentence && time !== undefined;
    if (last && isItsTime) {
      last.name = `${last.name}, ${time.says}`;
      last.minutes = time.minutes;
      last.span = { start: last.span.start, end: spanOf(terms, clause.from, clause.to).end };
      continue;
    }
    waits.push({
      name,
      span: spanOf(terms, clause.from, clause.to),
      minutes: time?.minutes,
      sentence: clause.sentence,
    });
  }
  return waits.map(({ name, span, minutes }) => ({ name, span, minutes }));
}

/** A length of time in a run of words, as "15 min", with its minutes. */
function timeIn({ terms }: Heard, from: number, to: number): { says: string; minutes: number } | undefined {
  for (let at = from; at < to; at++) {
    const number = spokenNumber(terms, at);
    if (!number) continue;
    let next = number.next;
    while (/^(?:of|an|a|-)$/.test(terms[next]?.text ?? "") && next - number.next < 2) next++;
    const unit = terms[next]?.text ?? "";
    // "they're 10s" are no seconds.
    const plural = unit === "s" && terms[next]?.start === terms[next - 1]?.end;
    if (LENGTH_OF_TIME.test(unit) && !plural) {
      const [long, each] = waitUnit(unit);
      const minutes = Math.round(number.value * each * 10) / 10;
      return {
        says: number.fraction && long === "h" ? `${Math.round(minutes)} min` : `${number.value} ${long}`,
        minutes,
      };
    }
  }
  const anHour = terms
    .slice(from, to)
    .findIndex(({ text: word }, k) => /^an?$/.test(word) && terms[from + k + 1]?.text === "hour");
  return anHour < 0 ? undefined : { says: "1 h", minutes: 60 };
}

/** A few words of what was said, without what leads into it. */
export const short = (said: string, most = 14): string =>
  said
    .replace(/\s+/g, " ")
    .replace(/^(?:and|so|but|then|now|ok|okay|alright|right|well|also|uh|um|-|\*)(?![a-z])[ ,]*/gi, "")
    .trim()
    .split(" ")
    .slice(0, most)
    .join(" ");

function waitUnit(unit: string): [unit: string, minutes: number] {
  if (unit.startsWith("m")) return ["min", 1];
  if (unit.startsWith("h")) return ["h", 60];
  if (unit.startsWith("s")) return ["s", 1 / 60];
  return [unit, 1440];
}
