import { formatHeadSize } from "../quantity/read-head-size";
import { type Clause, isAction } from "./clauses";
import { type Heard, type Noted, type Span, saidIn, spanOf } from "./heard";
import { fullest, IN_PASSING, nameOf, NOT_TO_BE_USED } from "./list-names";
import { singular } from "./mention";
import { type Wait, cautionsOf, measuresOf, short, waitsOf } from "./minded";
import { ACTIONS, CONSUMABLE_HEADS, HEADS, NOT_THIS_ONE, PART_HEADS, THINGS, TOOL_HEADS } from "./vocabulary";

export interface Lists {
  tools: Noted[];
  consumables: Noted[];
  parts: Noted[];
  cautions: Noted[];
  followUps: Noted[];
  waits: Wait[];
  measures: Noted[];
}

/** What stands in lists and beside the steps. */
export function listsOf(heard: Heard): Lists {
  const { text, terms, told, listing } = heard;
  const lists: Lists = {
    tools: [],
    consumables: [],
    parts: [],
    cautions: [],
    followUps: [],
    waits: [],
    measures: [],
  };
  let buying = -1;
  const spoken: string[] = [];
  for (const [i, clause] of told.entries()) {
    const said = saidIn(text, terms, clause);
    if (BUYING.test(said)) buying = clause.sentence;
    things(heard, clause, listing.has(i), buying === clause.sentence, lists, spoken);
    if (listing.has(i)) continue;
    const span = spanOf(terms, clause.from, clause.to);
    const sentence = sentenceFrom(heard, i);
    if (LATER.test(said) && !NOT_THIS_ONE.test(said) && told.length - i < told.length * 0.4)
      lists.followUps.push({ name: short(sentence.replace(/^\s*\d{1,2}[.)]\s*/, "")), span });
  }
  const parts = lists.parts.map((part) => ({ ...part, name: fullest(part.name, spoken) }));
  return {
    ...lists,
    parts,
    cautions: apart(cautionsOf(heard)),
    followUps: apart(lists.followUps),
    waits: apart(waitsOf(heard)),
    measures: measuresOf(heard),
  };
}

const LATER =
  /\b(?:(?:check|look|re-?check|re-?torque|tighten|torque|go back|top (?:it )?up|nut|nuts|bolts)\b[^.]{0,60}\b(?:again|after|tomorrow|next|in a (?:week|month|few)|saturday|sunday|monday)|after (?:a |about |the first )?(?:\w+ )?(?:\d+|hundred|fifty|few|couple|thousand|week|two hundred)[^.]{0,20}(?:miles?|km|kilomet\w+|days?|weeks?|drives?)?|again (?:in|after|tomorrow|next)|next (?:change|service|oil|day|week|morning)|due (?:at|in)|take (?:the )?(?:old|core)|alignment)\b/i;
const BUYING =
  /\b(?:parts?\b|kit\b|bought|comes? with|set of|you need|in the bag|in the box|supplies|renew)/i;

/** Tools, what is used up, and parts that a clause names. */
function things(
  heard: Heard,
  clause: Clause,
  listed: boolean,
  bought: boolean,
  lists: Lists,
  spoken: string[],
): void {
  const { terms, sizes } = heard;
  const said = saidIn(heard.text, terms, clause);
  const buying = bought || /\bnew\b/i.test(said);
  for (let at = clause.from; at < clause.to; at++) {
    const word = terms[at]?.text ?? "";
    const next = terms[at + 1]?.text ?? "";
    const imperative =
      at === clause.from && Object.hasOwn(ACTIONS, word) && /^(?:the|a|an|it|them|your|both|all)$/.test(next);
    const isTool =
      !imperative &&
      TOOL_HEADS.has(word) &&
      !TOOL_HEADS.has(next) &&
      !(isAction(terms, at) && !listed) &&
      terms[at]?.tag !== "verb";
    const isUsed =
      CONSUMABLE_HEADS.has(word) &&
      !CONSUMABLE_HEADS.has(next) &&
      !TOOL_HEADS.has(next) &&
      !PART_HEADS.has(next) &&
      !(isAction(terms, at) && !listed);
    const fitted =
      THINGS.has(word) &&
      /\bnew\b/.test(
        terms
          .slice(Math.max(clause.from, at - 3), at)
          .map(({ text }) => text)
          .join(" "),
      );
    const isPart =
      (PART_HEADS.has(word) || fitted) &&
      !PART_HEADS.has(next) &&
      !TOOL_HEADS.has(next) &&
      !CONSUMABLE_HEADS.has(next);
    const size = sizes.find(
      (one) => one.to === at + 1 && one.kind !== "thread" && (listed || /s$/.test(word)),
    );
    if (listed && size?.kind === "head" && !isTool && !TOOL_HEADS.has(next))
      add(
        lists.tools,
        `${formatHeadSize(size.head)}${/^[TEM]/.test(formatHeadSize(size.head)) || / key$/.test(formatHeadSize(size.head)) ? "" : " socket"}`,
        spanOf(terms, size.from, size.to),
      );
    if (!isTool && !isUsed && !isPart) continue;
    const { name, from, isNew, amount, count } = nameOf(terms, at, clause.from, sizes);
    const span = spanOf(terms, from, at + 1);
    if (isPart) spoken.push(count > 1 ? `${count} ${name}` : name);
    if (
      isTool &&
      (listed ||
        name.includes(" ") ||
        /^(?:pliers|mallet|hammer|chocks|stands|ramps|jack|screwdriver|puller|scraper|micrometer|straightedge|multimeter|meter|ratchet)$/.test(
          word,
        ))
    ) {
      if (
        /^(?:the )?tools?$/.test(name) ||
        /\b(?:sway|roll|anti-roll|torsion|stabili[sz]er|panhard|track|tow|roof) bars?$/.test(name)
      )
        continue;
      if (
        /\b(?:bar|key|arm|block|head|tape|pick|stand|handle|light|pump|file|tray|hook|press|bit|adapter)$/.test(
          name,
        ) &&
        !listed &&
        name.split(" ").length < 2
      )
        continue;
      add(lists.tools, name, span);
    } else if (isUsed && !listed && (NOT_TO_BE_USED.test(said) || (!amount && IN_PASSING.test(name))))
      continue;
    else if (isUsed) add(lists.consumables, amount ? `${name}, ${amount}` : name, span);
    else if (
      isPart &&
      (isNew ||
        (listed && buying) ||
        (listed && /\b(?:gasket|seal|kit|washer|filter|shoes|pads|o-ring)/.test(word)))
    )
      add(lists.parts, count > 1 ? `${count} ${name}` : name, span);
  }
}

function add(list: Noted[], name: string, span: Span): void {
  const words = new Set(name.split(" ").map(singular));
  const known = list.find((one) => {
    const theirs = new Set(one.name.split(" ").map(singular));
    return [...words].every((word) => theirs.has(word)) || [...theirs].every((word) => words.has(word));
  });
  if (!known) list.push({ name, span });
  else if (name.length > known.name.length && !Object.hasOwn(HEADS, name)) known.name = name;
}

/** The words from a clause on to the end of its sentence, where that is short. */
function sentenceFrom({ text, terms, told }: Heard, i: number): string {
  const clause = told[i];
  if (!clause) return "";
  const sentence = told.filter((one) => one.sentence === clause.sentence);
  const [first, last] = [sentence[0] ?? clause, sentence.at(-1) ?? clause];
  return last.to - first.from <= 24
    ? saidIn(text, terms, { from: first.from, to: last.to })
    : saidIn(text, terms, {
        from: clause.from,
        to: Math.min(last.to, clause.from + 16, told[i + 1]?.to ?? last.to),
      });
}

/** Said twice is one. */
function apart<T extends Noted>(list: readonly T[]): T[] {
  const kept: T[] = [];
  for (const one of list)
    if (
      !kept.some(
        ({ name, span }) => name === one.name || (span.end >= one.span.start && name.includes(one.name)),
      )
    )
      kept.push(one);
  return kept;
}
