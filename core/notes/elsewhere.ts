import { behind } from "./behind";
import type { Clause } from "./clauses";
import { text } from "./counts";
import { type Mention, marksOf, mentionAt, singular } from "./mention";
import { type Taking, keepGroup } from "./new-group";
import { MOST_OF_ONE_KIND, smallNumber, soMany } from "./of-them";
import { begin, touch } from "./resolve";
import { LEAST_UNNAMED } from "./size-words";
import type { Term } from "./terms";
import { HEADS } from "./vocabulary";

/** "Two in the pull pocket", "and one behind the latch": how many and where, and nothing more. */
function elsewhere(terms: readonly Term[], { from, to }: Clause): Mention | undefined {
  let start = from;
  while (start < to && /^(?:and|plus|then|also|with|there's|there|is|are)$/.test(text(terms, start))) start++;
  // "19 on the nut" is a head; so few are none.
  const isMore = /^(?:more|others)$/.test(text(terms, start + 1));
  const number = smallNumber(terms, start, isMore ? MOST_OF_ONE_KIND : LEAST_UNNAMED - 1);
  const at = number && number.next + (/^(?:more|others|another)$/.test(text(terms, number.next)) ? 1 : 0);
  if (!number || at === undefined) return undefined;
  const where = behind(terms, at);
  const end = at + where.words.length;
  const isOfEach = where.words.some((word) => /^(?:each|every|either|both|all|for|of|that)$/.test(word));
  if (where.words.length < 2 || isOfEach || end < to) return undefined;
  return mentionAt(start, end, {
    elsewhere: true,
    marks: marksOf(where.marks),
    name: where.words.join(" "),
    count: number.value,
  });
}

/** Told by how many there are and where, and by nothing else. */
export function soManyThere(terms: readonly Term[], clause: Clause): Mention | undefined {
  const [many, there] = [soMany(terms, clause), elsewhere(terms, clause)];
  return there ? { ...there, ...(many ? { placed: true } : {}) } : many;
}

/** "A screw behind the handle, two in the pull pocket": as those named last, where it was told where those are. */
export function takeElsewhere({ walk, here, mention, topic, fresh }: Taking): boolean {
  const { last, groups, heard } = walk;
  const { terms } = heard;
  const known = groups.find(
    (group) => group.family === last?.family && mention.marks.every((mark) => group.marks.has(mark)),
  );
  if (known) {
    here.places.push(known);
    touch(known, { ...mention, name: "" }, terms, here.i);
    return true;
  }
  const end = last?.spans.at(-1)?.end ?? 0;
  const next = terms.findIndex(({ start }) => start >= end);
  const wasPlaced = last !== undefined && (last.isElsewhere || behind(terms, next).words.length > 1);
  const isNear = last !== undefined && here.i - last.last <= 3 && /^(?:bolt|nut)$/.test(last.family);
  if (!last || !wasPlaced || !isNear || here.goingBack) return false;
  const kind = singular(last.name.split(" ").findLast((word) => HEADS[word]) ?? "bolt");
  const named = `${kind}${mention.count === 1 ? "" : "s"} ${mention.name}`;
  const told = { ...mention, family: last.family, head: kind, name: named, placed: undefined };
  keepGroup(walk, here, { ...begin(told, topic, terms, here.i, fresh), isElsewhere: true });
  return true;
}
