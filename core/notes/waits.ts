import { type Heard, type Noted, saidIn, spanOf } from "./heard";
import { spokenNumber } from "./spoken-number";
import { topicIn } from "./topic";

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
    let first = i;
    while (told[first - 1]?.sentence === clause.sentence) first--;
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

function waitUnit(unit: string): [unit: string, minutes: number] {
  if (unit.startsWith("m")) return ["min", 1];
  if (unit.startsWith("h")) return ["h", 60];
  if (unit.startsWith("s")) return ["s", 1 / 60];
  return [unit, 1440];
}
