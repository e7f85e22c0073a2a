import type { Clause } from "./clauses";
import { FASTENER_NOUN, NOT_IN_A_NAME } from "./lexicon";
import type { FoundSize } from "./scan-size";
import type { FoundTorque } from "./scan-torque";
import { spokenNumber } from "./spoken-number";
import type { Word } from "./words";

/** A fastener named in a sentence, by word numbers. */
export interface Mention {
  name: string;
  from: number;
  to: number;
  count: number | undefined;
}

/** The fasteners that a sentence names: a noun and the words before it that belong to its name. */
export function mentionsIn(words: readonly Word[], { from, to }: Clause, { sizes, torques }: { sizes: readonly FoundSize[]; torques: readonly FoundTorque[] }): Mention[] {
  const taken = new Set([...sizes, ...torques].flatMap((one) => Array.from({ length: one.to - one.from }, (_, i) => one.from + i)));
  const mentions: Mention[] = [];
  for (let at = from; at < to; at++) {
    const noun = words[at]?.text ?? "";
    if (
      !FASTENER_NOUN.test(noun) ||
      (noun === "plug" && /^(?:and|it|in|the)$/.test(words[at + 1]?.text ?? "") && !/^(?:drain|sump|spark|filler|level|glow)$/.test(words[at - 1]?.text ?? ""))
    )
      continue;
    // What is held still meanwhile is not what is tightened.
    if (
      /^(?:hold|holding|counterhold)$/.test(words[at - 1]?.text ?? "") ||
      (/^(?:the|that)$/.test(words[at - 1]?.text ?? "") && /^(?:hold|holding|counterhold)$/.test(words[at - 2]?.text ?? ""))
    )
      continue;
    // "bolts" before "nut": the noun is the last of its run.
    if (FASTENER_NOUN.test(words[at + 1]?.text ?? "") && words[at + 1]?.text !== "pins") continue;
    let start = at;
    while (
      start > from &&
      at - start < 4 &&
      !taken.has(start - 1) &&
      /^[a-zà-ÿ'-]+$/.test(words[start - 1]?.text ?? "") &&
      !NOT_IN_A_NAME.test(words[start - 1]?.text ?? "") &&
      !spokenNumber(words, start - 1)
    )
      start--;
    const name = words
      .slice(start, at + 1)
      .map(({ text }) => text)
      .filter((word) => word !== "-")
      .join(" ");
    mentions.push({ name, from: start, to: at + 1, count: countOf(words, start, from, sizes) });
  }
  return mentions;
}

/** How many of a fastener: the number before its name, past a size that stands between. */
function countOf(words: readonly Word[], start: number, from: number, sizes: readonly FoundSize[]): number | undefined {
  const between = sizes.find((size) => size.to === start || (size.to === start - 1 && /^(?:-|head|headed|hex|mm)$/.test(words[start - 1]?.text ?? "")));
  return countBefore(words, between?.from ?? start, from);
}

/** The count that stands before a word, past an article or an adjective; undefined where none does. */
export function countBefore(words: readonly Word[], at: number, from: number): number | undefined {
  const text = (n: number) => (n >= from ? (words[n]?.text ?? "") : "");
  let i = at - 1;
  while (/^(?:x|×|no|off|of|the|those|these|big|little|small|long|short|main|new|old|,|-)$/.test(text(i)) && at - i < 4) i--;
  if (text(i) === "pair" || text(i) === "couple" || text(i) === "both") return 2;
  const count = spokenNumber(words, i);
  return i >= from &&
    count &&
    count.next === i + 1 &&
    !count.fraction &&
    Number.isInteger(count.value) &&
    count.value >= 1 &&
    count.value <= 30 &&
    !/^(?:m|to|at)$/.test(text(i - 1))
    ? count.value
    : undefined;
}

/** The fastener that a size speaks of: the one right behind it, else the nearest in its clause. */
export function nearestMention(mentions: readonly Mention[], from: number, to: number, clause: Clause): number | undefined {
  const inside = mentions.map((mention, i) => ({ mention, i })).filter(({ mention }) => mention.from >= clause.from && mention.to <= clause.to);
  const touching = inside.find(({ mention }) => mention.from >= to && mention.from - to <= 2);
  const best = touching ?? inside.sort((a, b) => gap(a.mention, from, to) - gap(b.mention, from, to))[0];
  if (best) return best.i;
  // A clause that names none speaks of what the sentence named last.
  const last = mentions.findLastIndex((mention) => mention.to <= from);
  return last < 0 ? undefined : last;
}

function gap(mention: Mention, from: number, to: number): number {
  return mention.to <= from ? from - mention.to : mention.from - to;
}

/** The fastener that a torque speaks of: the one it is said "on" or "for", else the last named before it, else the only one after it. */
export function attach(words: readonly Word[], mentions: readonly Mention[], torque: FoundTorque, clause: Clause, sentence: Clause): number | undefined {
  const text = (n: number) => words[n]?.text ?? "";
  const indexed = mentions.map((mention, i) => ({ mention, i }));
  const after = indexed.find(({ mention }) => mention.from >= torque.to);
  if (/^(?:on|for|at)$/.test(text(torque.to)) && after && after.mention.from - torque.to <= 4) return after.i;
  const inClause = indexed.filter(({ mention }) => mention.to <= torque.from && mention.from >= clause.from);
  const before = inClause[inClause.length - 1] ?? indexed.filter(({ mention }) => mention.to <= torque.from && mention.from >= sentence.from).at(-1);
  if (before) return before.i;
  return after && mentions.length === 1 && after.mention.from - torque.to <= 3 ? after.i : undefined;
}
