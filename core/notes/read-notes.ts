import type { TorqueQuantity } from "../quantity/torque-quantity";
import { type Clause, clausesOf, cut } from "./clauses";
import { strike } from "./corrections";
import { CAUTION, CONSUMABLES, DOING, DOUBT, PART_WORDS, TOOLS } from "./lexicon";
import { type Mention, attach, countBefore, mentionsIn, nearestMention } from "./mentions";
import type { NotesRead, Span } from "./notes-read";
import { type FoundSize, sizeAt } from "./scan-size";
import { type FoundTorque, torqueAt, torqueUnitAt } from "./scan-torque";
import { spokenNumber } from "./spoken-number";
import { type Word, wordsOf } from "./words";

/** Reads free text about a repair. Nothing is guessed silently: what no fastener claims is left loose, what is said with doubt says so. */
export function readNotes(text: string): NotesRead {
  const words = wordsOf(text);
  const sentences = cut(words, (word) => /^[.;!?\n]$/.test(word.text));
  const read: NotesRead = { sizes: [], figures: [], fasteners: [], drives: [], extensions: [], tools: [], consumables: [], parts: [], cautions: [], steps: [] };
  let last: number | undefined;
  for (const sentence of sentences) last = readSentence(text, words, sentence, read, last);
  // Only now, as a later sentence may have struck what an earlier one said.
  for (const { head, fastener, holds, struck } of read.sizes) {
    const one = read.fasteners[fastener ?? -1];
    if (!one || struck) continue;
    if (holds) one.counterHold ??= head;
    else one.head ??= head;
  }
  listed(text, TOOLS, read.tools);
  listed(text, CONSUMABLES, read.consumables);
  for (const match of text.matchAll(PART_WORDS)) read.parts.push({ name: capital((match[1] ?? "").trim()), span: { start: match.index, end: match.index + match[0].length } });
  return read;
}

function readSentence(text: string, words: readonly Word[], sentence: Clause, read: NotesRead, before: number | undefined): number | undefined {
  const spanOf = (from: number, to: number): Span => ({ start: words[from]?.start ?? 0, end: words[to - 1]?.end ?? 0 });
  const whole = spanOf(sentence.from, sentence.to);
  const said = text.slice(whole.start, whole.end);
  const found = scan(words, sentence);
  const mentions = mentionsIn(words, sentence, found);
  const first = read.fasteners.length;
  const places = mentions.map((mention) => mergeFastener(read, mention, spanOf(mention.from, mention.to)));
  const clauses = clausesOf(words, sentence);
  const clauseAt = (word: number) => clauses.find(({ from, to }) => word >= from && word < to) ?? sentence;
  const doubtIn = (clause: Clause) => {
    const span = spanOf(clause.from, clause.to);
    return DOUBT.test(text.slice(span.start, span.end)) || text[span.end] === "?";
  };

  for (const size of found.sizes) {
    const span = spanOf(size.from, size.to);
    if (size.what === "drive") read.drives.push({ drive: size.drive, span });
    if (size.what === "length") read.extensions.push({ mm: size.mm, span });
    const near = nearestMention(mentions, size.from, size.to, clauseAt(size.from));
    // Nor does a sentence that begins with a size: it goes on about the one before.
    const place = near !== undefined ? places[near] : mentions.length === 0 && size.from - sentence.from <= 1 ? before : undefined;
    const fastener = read.fasteners[place ?? -1];
    if (size.what === "thread" && fastener) fastener.thread ??= size.text;
    if (size.what !== "head") continue;
    const clause = clauseAt(size.from);
    const counter = /\b(?:counter[- ]?hold|hold (?:the )?(?:other end|back|nut|stud|bolt|head|it)|stop it turning)\b/i.test(
      text.slice(spanOf(clause.from, clause.to).start, span.start),
    );
    const named = places[mentions.findLastIndex((mention) => mention.to <= size.from)];
    const of = counter ? (place ?? named ?? before) : place;
    read.sizes.push({ head: size.head, span, count: countBefore(words, size.from, sentence.from), fastener: of, holds: counter, doubtful: doubtIn(clause), struck: false });
  }

  for (const torque of found.torques) {
    const near = attach(words, mentions, torque, clauseAt(torque.from), sentence);
    const pronoun =
      /\b(?:it(?! sa(?:ys?|id))|them|they|those|these|that|each|both)\b/i.test(text.slice(whole.start, spanOf(torque.from, torque.to).start)) ||
      /^(?:torqued?|torque is|tighten(?:ed)?|to|at|spec is|goes to|go to|final|nipped|done up)\b/i.test(said.trim().replace(/^(?:and|then|so)\s+/i, ""));
    // A sentence that is little more than a figure speaks of what was named before it.
    const bare = torque.from - sentence.from <= 2;
    const fastener = near !== undefined ? places[near] : mentions.length === 0 && (pronoun || bare) ? before : undefined;
    read.figures.push({ figure: torque.figure, span: spanOf(torque.from, torque.to), fastener, doubtful: torque.contradicts ?? doubtIn(clauseAt(torque.from)), struck: false });
  }

  strike(text, whole, read);
  traits(said, read, places.length > 0 ? places : before === undefined ? [] : [before]);
  if (CAUTION.test(said)) read.cautions.push({ says: said.trim(), span: whole });
  if (DOING.test(said.trim())) read.steps.push({ says: said.trim(), span: whole });
  return places[places.length - 1] ?? (read.fasteners.length > first ? read.fasteners.length - 1 : before);
}

interface Scanned {
  sizes: FoundSize[];
  torques: FoundTorque[];
}

/** Every size and torque of a sentence; a torque is taken before a size that its number could be. */
function scan(words: readonly Word[], { from, to }: Clause): Scanned {
  const sentence = words.slice(0, to);
  const found: Scanned = { sizes: [], torques: [] };
  const bare: number[] = [];
  for (let at = from; at < to;) {
    const torque = torqueAt(sentence, at);
    if (torque) {
      found.torques.push(torque);
      at = Math.max(torque.to, at + 1);
      continue;
    }
    const size = sizeAt(sentence, at);
    if (size) {
      found.sizes.push(size);
      at = Math.max(size.to, at + 1);
      continue;
    }
    const number = spokenNumber(sentence, at);
    if (number && !number.fraction) bare.push(at);
    at = number?.next ?? at + 1;
  }
  shareUnit(sentence, found, bare);
  return found;
}

/** A unit said once for several figures: "bracket bolts 105, slide pins 30 and wheel nuts 110, all newton metres". */
function shareUnit(words: readonly Word[], found: Scanned, bare: readonly number[]): void {
  if (bare.length === 0) return;
  let unit: TorqueQuantity["unit"] | undefined;
  const behindAll = words.findIndex(
    (word, i) => /^(?:all|everything|figures|numbers)$/.test(word.text) && torqueUnitAt(words, word.text === "all" && words[i + 1]?.text === "in" ? i + 2 : i + 1),
  );
  if (behindAll >= 0) unit = torqueUnitAt(words, words[behindAll + 1]?.text === "in" ? behindAll + 2 : behindAll + 1)?.unit;
  const last = found.torques[found.torques.length - 1];
  if (!unit && last?.figure.form === "value" && found.torques.length === 1) unit = last.figure.torque.unit;
  if (!unit) return;
  for (const at of bare) {
    const number = spokenNumber(words, at);
    const before = words[at - 1]?.text ?? "";
    const after = words[number?.next ?? at + 1]?.text ?? "";
    const fits = /^(?:to|at|get|gets|is|are|be|takes?|go|want|wants|bolts?|nuts?|screws?|plugs?|pins?|:|-|–)$/.test(before) && /^(?:,|and|all|then|for|on|\)|)$/.test(after);
    if (!number || !fits || number.value < 3 || number.value > 600 || (behindAll < 0 && last && at > last.to)) continue;
    found.torques.push({ figure: { form: "value", torque: { value: number.value, unit, decimals: number.decimals } }, from: at, to: number.next });
  }
  found.torques.sort((a, b) => a.from - b.from);
}

/** The same fastener spoken of again is the same: its name ends alike. */
function mergeFastener(read: NotesRead, { name, count }: Mention, span: Span): number {
  const single = name.replace(/s$/, "");
  const bare = !name.includes(" ");
  const known = read.fasteners.findLastIndex(
    (one) => one.name === name || one.name.replace(/s$/, "") === single || (bare && one.name.endsWith(` ${name}`) && read.fasteners.length === 1),
  );
  const there = read.fasteners[known];
  if (there && !bare) {
    there.count ??= count;
    return known;
  }
  read.fasteners.push({
    name,
    span,
    count,
    head: undefined,
    thread: undefined,
    singleUse: false,
    byHand: false,
    cross: false,
    onTheGround: false,
    counterHold: undefined,
    locking: undefined,
    threadIs: undefined,
  });
  return read.fasteners.length - 1;
}

/** What a sentence says of the fasteners it speaks of, beside sizes and torques. */
function traits(said: string, read: NotesRead, places: readonly number[]): void {
  const fastener = read.fasteners[places[places.length - 1] ?? -1];
  if (!fastener) return;
  if (
    /\bnew (?:one|ones|bolts?|nuts?) every time\b|\bsingle[- ]use\b|\bone[- ]time\b|\bdon'?t re-?use\b|\bnever re-?use\b|\balways (?:use )?new\b|\breplace(?:d)? every time\b|\bstretch bolts?\b|\bbin (?:it|them)\b/i.test(
      said,
    )
  )
    fastener.singleUse = true;
  if (/\bby hand\b|\bfinger[- ]?tight\b|\bhand[- ]start/i.test(said)) fastener.byHand = true;
  if (/\b(?:cross|star|criss[- ]?cross|diagonal)(?: pattern)?\b/i.test(said)) fastener.cross = true;
  if (/\bon the (?:ground|floor|deck)\b|\bwheels? (?:back )?on the (?:ground|floor)\b|\bcar(?:'s)? (?:back )?(?:down|on the ground)\b/i.test(said)) fastener.onTheGround = true;
  const locker = /\b(?:thread ?lock(?:er)?|locking fluid|stud ?lock)\b/i.test(said);
  if (locker)
    fastener.locking = /\bhigh|red|permanent|stud/i.test(said)
      ? "threadlocker, high strength"
      : /\blow|purple/i.test(said)
        ? "threadlocker, low strength"
        : "threadlocker, medium strength";
  if (/\b(?:split|cotter) pin\b/i.test(said) && !/\b(?:split|cotter) pins?$/.test(fastener.name)) fastener.locking = "split pin";
  if (/\banti[- ]?seize\b|\bcopper (?:grease|paste)\b/i.test(said)) fastener.threadIs = "anti-seize";
}

function listed(text: string, lexicon: readonly [RegExp, string][], into: { name: string; span: Span }[]): void {
  for (const [pattern, name] of lexicon) {
    const match = pattern.exec(text);
    if (match) into.push({ name, span: { start: match.index, end: match.index + match[0].length } });
  }
}

function capital(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}
