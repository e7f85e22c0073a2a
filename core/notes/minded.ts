import { type Heard, saidIn, spanOf, topicIn } from "./heard";
import type { Noted } from "./heard";
import { spokenNumber } from "./spoken-number";
import { NOT_THIS_ONE, OTHERS_SAY } from "./vocabulary";

/**
 * Told to somebody not to do: at the start, or after "and", "so", "just", "please"; not what the teller or
 * others do not do.
 */
const DO_NOT =
  /(?:^\W*|\b(?:and|so|but|just|please|or|also|then|you|now|i mean)\s+)(?:don'?t|do not|never)\s+(?!know|have\b|forget to subscribe|ask|need|worry|want|care\b|quote|hold me|think|believe|trust|get me|be silly|use (?:the )?\d)\w+/i;
const MIND =
  /\b(?:careful|watch (?:out|your|the|for)|mind (?:the|your|out|that)|make sure|be sure|(?:stone|completely|proper(?:ly)?|nice and) cold|(?:want|has to be|must be|needs to be|got to be|want (?:it|her)|be) cold\b|(?:is|it'll be|gets?|still) (?:hot|live|sharp|heavy)|live (?:even|key)|poison\w*|flammable|heavier than|heavy (?:so|and)|safety glasses|eye protection|(?:wear|put on) (?:\w+ )?(?:gloves|glasses|goggles|mask)|glasses on|mask on|left[- ]hand(?:ed)? thread|or (?:it|you|they|the \w+)(?:'ll| will| won't)|otherwise (?:it|you|they)|(?:only hold|used?) once|keep (?:it|your|a|them|the|that) (?:\w+ )?(?:off|away|out|clear|separate|under)|must (?:not|be)\b|is aluminium|is aluminum|brittle|cross[- ]?thread|not the (?:\w+ ){0,2}(?:one|thing|switch)|if (?:\w+ ){1,8}(?:stop|don't start))\b/i;

/** What is to be minded, in the words it is told in, with its reason where that follows. */
export function cautionsOf(heard: Heard): Noted[] {
  const { text, terms, told, listing } = heard;
  return told.flatMap((clause, i): Noted[] => {
    const said = saidIn(text, terms, clause);
    const dont = DO_NOT.exec(said);
    const mind = dont ?? MIND.exec(said);
    if (
      listing.has(i) ||
      !mind ||
      NOT_THIS_ONE.test(said) ||
      OTHERS_SAY.test(said) ||
      said.split(/\s+/).length < 2
    )
      return [];
    const next = told[i + 1];
    // "don't swap them | or they'll adjust looser": with its reason, where the same sentence goes on to give
    // it.
    const reason =
      next &&
      next.sentence === clause.sentence &&
      next.to - clause.from <= 16 &&
      REASON.test(saidIn(text, terms, next));
    const from = dont
      ? said
          .slice(dont.index)
          .replace(/^\W*(?:(?:and|so|but|just|please|or|also|then|you|now|i mean)\s+)?/i, "")
      : said;
    const whole = reason ? `${from} ${saidIn(text, terms, next)}` : from;
    return [{ name: short(whole), span: spanOf(terms, clause.from, reason ? next.to : clause.to) }];
  });
}

const REASON =
  /^\W*(?:or|because|cause|cuz|so (?:it|they|you|that)|otherwise|it(?:'ll| will|'s)|they(?:'ll| will)|that'?s|you(?:'ll| will))\b/i;

const VALUE =
  /(?:\d+(?:[.,]\d+)?|half an?|a quarter|three quarters|(?:one|three|five|seven|nine|eleven) (?:eighths?|sixteenths?)|[a-z]+) ?(?:(?:of an?|to|and|\d+\/\d+) ?)*(?:\d+(?:[.,]\d+)? ?)?(?:mm|mil|millimet\w+|thou\b|thousandths|inch(?:es)?|volts?|v\b|clicks?|ohms?|cm|degrees)\b/i;
const JUDGED =
  /\b(?:limit|minimum|maximum|at (?:least|most)|wants? to be|should (?:be|read|measure|go|give|have|start|hold|agree)|ought to be|allowed|never less|less than|more than|no more|within|between|measur\w+|wear|gap|play|push on|deflect\w+|clearance|across)\b|\bi (?:read|got|get|have|had|ended up with)\b|\bmine(?:'s| is| was)\b|\bours (?:is|was)\b/i;

const IT_WANTS = /^\W*(?:and )?(?:it|that|this|which)\b/i;
const CHECKED = /\b(?:check|measure|feel)(?:ed|ing)? (?:for )?(?:the|your|its) (\w+(?: \w+){0,5})\W*$/i;

/**
 * What is measured, with its limit and what it came to: a sentence that holds a length or a voltage and
 * judges it.
 */
export function measuresOf(heard: Heard): Noted[] {
  const { text, terms, told, listing, torques } = heard;
  const measures: (Noted & { sentence: number })[] = [];
  let topic = "";
  for (const [i, clause] of told.entries()) {
    topic = topicIn(terms, clause).join(" ") || topic;
    const said = saidIn(text, terms, clause);
    const inTorque = torques.some(({ from }) => from >= clause.from && from < clause.to);
    if (
      listing.has(i) ||
      inTorque ||
      !VALUE.test(said) ||
      !/\d|half|quarter|eighth|sixteenth|thousandths/i.test(said) ||
      NOT_THIS_ONE.test(said)
    )
      continue;
    const before = told[i - 1];
    const sentence =
      before && before.sentence === clause.sentence
        ? saidIn(text, terms, { from: Math.max(before.from, clause.from - 14), to: clause.to })
        : said;
    if (
      !JUDGED.test(sentence) ||
      /\b(?:socket|spanner|wrench|extension|drill|bolt|screw|bead|long\b)/i.test(said)
    )
      continue;
    const last = measures.at(-1);
    // "Check the free play at the pedal, it wants about 15 to 20 mm": what it is a measure of stands before
    // it.
    const checked =
      before && IT_WANTS.test(said) ? CHECKED.exec(saidIn(text, terms, before))?.[1] : undefined;
    const name = checked
      ? short(`${checked}, ${said}`, 20)
      : short(said.includes(topic.split(" ").at(-1) ?? "") ? said : `${topic}, ${said}`);
    if (last && clause.sentence - last.sentence <= 1) {
      last.name = short(`${last.name}; ${short(said)}`, 18);
      last.span = { start: last.span.start, end: spanOf(terms, clause.from, clause.to).end };
    } else measures.push({ name, span: spanOf(terms, clause.from, clause.to), sentence: clause.sentence });
  }
  return measures.map(({ name, span }) => ({ name, span }));
}

const LENGTH_OF_TIME = /^(?:minutes?|mins?|hours?|hrs?|seconds?|secs?|s|nights?|days?)$/;
const WAITING =
  /\b(?:wait|waited|leave|left|let|sit|sits|soak|soaked|stand|drip|dry|dries|cool|cools|idle|tick over|simmer|run|overnight|give it|gave it|skin(?:s)?|settle|off|on|penetra\w+|spray|before (?:you|i) (?:put|fill|start)|keep)\b/i;
const NO_WAIT =
  /\b(?:took|wasted|spent|total|hours? (?:later|job)|drive|drove|give or take|video|of my life|you have|every)\b/i;

/** Something waited for, with how many minutes where that was said. */
export interface Wait extends Noted {
  minutes: number | undefined;
}

/** From the evening to the morning. */
const OVERNIGHT_MIN = 600;

/** What is waited for and how long: "penetrating oil, 15 min". */
export function waitsOf(heard: Heard): Wait[] {
  const { text, terms, told, listing } = heard;
  const waits: Wait[] = [];
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
    const before = told[i - 1];
    const led =
      before && before.sentence === clause.sentence ? `${saidIn(text, terms, before)} ${said}` : said;
    if (NO_WAIT.test(said) || !WAITING.test(led)) continue;
    const time =
      timeIn(heard, clause.from, clause.to) ??
      (/\bovernight\b/i.test(said) ? { says: "overnight", minutes: OVERNIGHT_MIN } : undefined);
    const cools =
      time === undefined && /\blet (?:it|her|the \w+) cool(?: (?:right )?down)?\b/i.exec(said)?.[0];
    if (time === undefined && !cools) continue;
    const doing =
      /\b(?:soak|drip|dry|cool|idle|settle|skin|tick over|penetrat\w+)\w*\b/i.exec(led)?.[0] ?? "";
    const name = cools
      ? cools
      : [[topic, topic.includes(doing.toLowerCase()) ? "" : doing].filter(Boolean).join(" "), time?.says]
          .filter(Boolean)
          .join(", ");
    waits.push({ name, span: spanOf(terms, clause.from, clause.to), minutes: time?.minutes });
  }
  return waits;
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
