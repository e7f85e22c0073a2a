import type { Group } from "./group";
import { singular, mentionAt } from "./mention";
import { begin } from "./resolve";
import { alike, byWords } from "./same-group";
import type { Term } from "./terms";
import { toldBeside } from "./told-beside";
import { topicIn } from "./topic";
import { HEADS } from "./vocabulary";
import { type Here, type Walk, bySizeHere, namedAt, byTopic } from "./walk";

/**
 * Which group a figure speaks of: the one named, sized or worked on in its clause, the one come back to, or
 * the last.
 */
export function figuredGroup(walk: Walk, here: Here, from: number, to: number): Group | undefined {
  const { groups, topic, topicAt, last } = walk;
  const named = namedAt(walk, here, from, to);
  if (named) return named;
  const sized = bySizeHere(walk, here);
  if (sized) return sized;
  const headed = byHeadOfLine(walk, here);
  if (headed) return headed;
  // "brackets 71 inch pounds cooler lines 18": what was said just before it in the same breath.
  const near = topicIn(walk.heard.terms, { from: Math.max(here.clause.from, walk.lastFigureAt), to: from });
  const beside = near.length > 0 ? byWords(groups, near) : undefined;
  if (beside) return beside;
  // "Guide plate, 9 Nm", of bolts told of beside it, and called something else.
  const ahead = isRightBehind(walk, here, from) ? topic : [];
  const told = near.length > 0 ? near : ahead;
  if (here.goingBack && here.mentions.length === 0 && byWords(groups, told) === undefined) {
    const known = toldBeside(walk, told, here.i);
    if (known) {
      if (known !== last) here.guessed.add(known);
      return known;
    }
  }
  // "Wheels back on, 110 newton metres": what holds them, though nobody named it.
  if (here.goingBack && near.length > 0 && near.at(-1) === "wheel" && WHEELS_ON.test(here.said))
    return begunFor(walk, here, near.slice(-1), from);
  // "Sensor 8 newton metres", and no bolt of a sensor was spoken of: not that of anything else.
  if (near.length > 0 && isBeside(walk.heard.terms, from, near)) return begunFor(walk, here, near, from);
  // "If the carrier came off, 100": of what the sentence names, whose bolts nobody spoke of.
  const before = walk.heard.told[here.i - 1];
  const isOfTopic =
    topic.length > 0 &&
    !LIES_BETWEEN.test(topic.at(-1) ?? "") &&
    topicAt === here.i - 1 &&
    before?.sentence === here.clause.sentence &&
    before.to - before.from <= 6 &&
    from <= here.clause.from + 1 &&
    here.mentions.length === 0 &&
    (last?.figures.length ?? 0) > 0 &&
    (last?.last ?? -1) < topicAt &&
    byWords(groups, topic) === undefined;
  if (isOfTopic) return begunFor(walk, here, topic, from);
  const pronoun = /^\W*(?:and |so |then )*(?:that|it|they|those)(?:'s|'re| is| are| gets?)\b/i.test(
    here.said,
  );
  // "Then come back to the pan. … 106 on all of them": what was come back to, where nothing was named since.
  const isFigured = here.goingBack && (last?.figures.length ?? 0) > 0;
  const carried =
    (!pronoun || topicAt === here.i - 1 || isFigured) &&
    here.places.every((group) => group === undefined) &&
    topic.length > 0 &&
    topicAt > (last?.last ?? -1) &&
    here.i - topicAt <= 6
      ? byWords(groups, topic)
      : undefined;
  const meant = byTopic(walk, here) ?? carried ?? last;
  return meant && isOfAnotherKind(walk, here, from, meant) ? undefined : meant;
}

/** "Bracket to arm - 22 Nm": the clause before names it, and nothing stands between. */
const isRightBehind = ({ topicAt, heard: { told } }: Walk, { i, clause }: Here, from: number): boolean =>
  topicAt === i - 1 && told[i - 1]?.sentence === clause.sentence && from === clause.from;

/** "That plug's 30 foot pounds", and no plug is known: not the figure of the bolts spoken of before. */
function isOfAnotherKind({ heard: { terms } }: Walk, here: Here, from: number, meant: Group): boolean {
  const near = terms.slice(Math.max(here.clause.from, from - 5), from);
  // "Big ones go to 18", and no such were found: not the figure of a single bolt.
  const [only] = here.mentions;
  if (
    here.mentions.length === 1 &&
    only &&
    here.places[0] === undefined &&
    only.marks.length > 0 &&
    meant.count === 1 &&
    terms[only.to - 1]?.text === "ones"
  )
    return true;
  const kinds = near.flatMap(({ text }) => HEADS[text] ?? []);
  return kinds.length > 0 && !kinds.some((kind) => alike(kind, meant.family));
}

/** Goes in between, and is held by nothing of its own. */
const LIES_BETWEEN = /^(?:gasket|seal|o-ring|ring|washer|shim|spring|belt|pad|shoe|fluid|oil)$/;
const WHEELS_ON = /\bwheels?\b(?: \w+)? (?:back on|on)\b/i;

/** Whether a figure follows straight on the thing it is of. */
function isBeside(terms: readonly Term[], from: number, thing: readonly string[]): boolean {
  let at = from - 1;
  while (
    at >= 0 &&
    /^(?:is|are|gets?|to|at|on|goes|go|about|around|=|:|-|the|it's|they're)$/.test(terms[at]?.text ?? "")
  )
    at--;
  return singular(terms[at]?.text ?? "") === thing.at(-1);
}

function begunFor(walk: Walk, here: Here, thing: readonly string[], from: number): Group {
  const at = { from: from - 1, to: from };
  const group = begin(
    mentionAt(at.from, at.to, { family: "bolt", name: "bolt" }),
    thing,
    walk.heard.terms,
    here.i,
  );
  walk.groups.push(group);
  walk.last = group;
  return group;
}

/** "- frame 10 Nm", where one thing is told a line, and one lot of bolts is called by that word. */
function byHeadOfLine({ isList, groups, heard: { terms } }: Walk, { clause, mentions }: Here) {
  const words = terms.slice(clause.from, clause.to);
  const begins = words.findIndex(({ tag }) => tag !== "mark");
  const word = words[begins]?.text ?? "";
  const before = terms[clause.from + begins - (words[0]?.tag === "mark" ? 2 : 1)]?.text ?? "\n";
  if (!isList || mentions.length > 0 || before !== "\n") return undefined;
  const called = groups.filter(({ topic, marks }) => topic.includes(word) || marks.has(word));
  return called.length === 1 ? called[0] : undefined;
}
