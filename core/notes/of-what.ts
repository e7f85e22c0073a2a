import { text } from "./counts";
import type { Mention } from "./mention";
import { topicIn } from "./topic";
import { ACTIONS, THINGS } from "./vocabulary";
import type { Here, Walk } from "./walk";

/** "Frame 4 bolts 10 mm + pump 3 T25": each of what stands right before it, where that is more than one thing. */
export function ownThings({ heard: { terms } }: Walk, { clause, mentions }: Here): Map<Mention, string[]> {
  const own = new Map<Mention, string[]>();
  for (const mention of mentions) {
    const word = text(terms, mention.from - 1);
    const isLed =
      mention.from - 2 < clause.from || /^(?:\+|and|plus|-|,|the)$/.test(text(terms, mention.from - 2));
    const isThing = THINGS.has(word) || (/^[a-z-]{3,}$/.test(word) && !Object.hasOwn(ACTIONS, word));
    if (mention.from > clause.from && mention.count !== undefined && isLed && isThing)
      own.set(mention, [word]);
  }
  return own.size === mentions.length && own.size > 1 ? own : new Map();
}

/**
 * "The carrier stays on, though I had those bolts out": those of what the same sentence names just before,
 * where none of it are known.
 */
export function pointedAt(
  { heard: { terms, told }, groups }: Walk,
  here: Here,
  { from, head }: Mention,
): string[] {
  if (here.goingBack || !/^(?:those|these)$/.test(text(terms, from)) || !/s$/.test(head)) return [];
  const before = told
    .slice(Math.max(0, here.i - 2), here.i)
    .filter(({ sentence }) => sentence === here.clause.sentence);
  const thing = before.map((clause) => topicIn(terms, clause)).findLast((words) => words.length > 0) ?? [];
  const isKnown = groups.some(
    (group) =>
      here.i - group.last <= 2 || thing.some((word) => group.topic.includes(word) || group.marks.has(word)),
  );
  return isKnown ? [] : thing;
}
