import { formatHeadSize } from "../quantity/read-head-size";
import type { Group } from "./group";
import { type Family, type Mention, singular } from "./mention";
import { HEADS, NOT_IN_NAME, OPPOSITES } from "./vocabulary";

export function byWords(groups: readonly Group[], words: readonly string[]): Group | undefined {
  let best: { group: Group; score: number } | undefined;
  for (const group of groups) {
    const told = words.filter((word) => group.topic.includes(word)).length;
    // Of the fan and the fan module, the fan.
    const isOfOther = told > 0 && !group.topic.includes("to") && !words.includes(group.topic.at(-1) ?? "");
    const score =
      words.filter((word) => group.marks.has(word)).length * 2 +
      told -
      (isOfOther ? 0.5 : 0) -
      (group.family === "clip" ? 0.25 : 0);
    if (score > (best?.score ?? 0)) best = { group, score };
  }
  return best?.group;
}

/** Whether a mention shows that two groups are one: it has what tells each of them. */

export function isSame(group: Group, found: Group, mention: Mention): boolean {
  if (!alike(group.family, found.family) || contradict(group.marks, found.marks)) return false;
  if (group.undo && found.undo && formatHeadSize(group.undo.head) !== formatHeadSize(found.undo.head))
    return false;
  if (group.count !== undefined && found.count !== undefined && group.count !== found.count) return false;
  const own = (one: Group) =>
    one.name
      .split(" ")
      .map(singular)
      .filter((word) => !Object.hasOwn(HEADS, word) && !NOT_IN_NAME.has(word));
  return (
    own(group).length > 0 &&
    own(group).every((word) => mention.marks.includes(word)) &&
    own(found).some((word) => mention.marks.includes(word) && !own(group).includes(word))
  );
}

export function mergeInto(into: Group, from: Group): void {
  from.marks.forEach((mark) => into.marks.add(mark));
  from.traits.forEach((trait) => into.traits.add(trait));
  from.clauses.forEach((clause) => into.clauses.add(clause));
  into.aliases.push(from.name, ...from.aliases);
  into.spans.push(...from.spans);
  into.figures.push(...from.figures);
  into.count ??= from.count;
  into.undo ??= from.undo;
  into.doUp ??= from.doUp;
  into.hold ??= from.hold;
  into.first = Math.min(into.first, from.first);
}

/** Heads that speech takes for each other. */

export function alike(a: Family, b: Family): boolean {
  return (
    a === b ||
    a === "one" ||
    b === "one" ||
    (a === "plug" && b === "bolt") ||
    (a === "union" && b === "nut") ||
    (b === "union" && a === "nut") ||
    (a === "bleeder" && b === "bolt") ||
    (a === "bolt" && b === "bleeder")
  );
}

export function contradict(a: Iterable<string>, b: ReadonlySet<string>): boolean {
  const mine = new Set(a);
  return OPPOSITES.some((set) => {
    const [x, y] = [set.filter((word) => mine.has(word)), set.filter((word) => b.has(word))];
    return x.length > 0 && y.length > 0 && !x.some((word) => y.includes(word));
  });
}

/** "15 mm nut on the back": what has to be held while its bolt is turned. */
export const NUT_BEHIND =
  /\bnuts? (?:(?:on|at|round|to) (?:the |its )?(?:back|rear|other (?:side|end)|far side|inside)|behind)\b/i;
/**
 * Whether a nut spoken of is the other end of the bolt just named, "there's a nut on the back": held still,
 * and no group of its own.
 */

export function isOtherEnd(
  mention: Mention,
  last: Group,
  groups: readonly Group[],
  said: string,
  at: number,
  things: readonly string[],
): boolean {
  // "up the end of the stud": of the stud that the nut just named sits on.
  if (mention.family === "stud" && last.family === "nut")
    return mention.marks.length === 0 && mention.count === undefined && at - last.last <= 3;
  if (mention.family !== "nut" || last.family !== "bolt") return false;
  // "then the ball, it's a 1 1/8 nut": of what is named with it.
  if (things.length > 0 && !things.some((word) => last.marks.has(word) || last.topic.includes(word)))
    return false;
  const behind = mention.marks.length === 0 && at - last.last <= 2 && NUT_BEHIND.test(said);
  const placed =
    mention.marks.length > 0 &&
    mention.marks.every((mark) =>
      /^(?:rear|behind|other|end|underneath|lower|side|far|inside|outside|inboard|outboard|inner|outer|back)$/.test(
        mark,
      ),
    );
  const plain =
    mention.marks.length === 0 &&
    at - last.last <= 3 &&
    (mention.count === 1 ||
      last.traits.has("counter-hold") ||
      !groups.some((group) => group.family === "nut" && at - group.last <= 9)) &&
    // "Nuts at the back, new nuts": of as many bolts.
    (!/s$/.test(mention.head) || (last.traits.has("counter-hold") && (last.count ?? 1) > 1)) &&
    (last.traits.has("counter-hold") ||
      !/\b(?:off|undo|snug|torque|tight)|\bnuts? (?:back )?on\W*$/i.test(said));
  // "Then the spanner on the nut and torque on the head."
  const spanner =
    mention.marks.length === 0 &&
    at - last.last <= 6 &&
    /\b(?:spanner|wrench|socket|\d+(?: ?mm| mil)?) on the nut\b/i.test(said);
  return behind || placed || plain || spanner;
}
