import { text } from "./counts";
import type { Group } from "./group";
import { saidIn } from "./heard";
import { type Mention, singular } from "./mention";
import { alike } from "./same-group";
import { topicIn } from "./topic";
import { ACTIONS, HEADS, PART_HEADS, THINGS } from "./vocabulary";
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

/**
 * "Slide pins, with 13 mm bolts in the back of them", "two clamps, a bolt in each one": of what was named
 * just before.
 */
export function ofThem({ last }: Walk, { i, said }: Here): string[] | undefined {
  if (!last || last.family === "bolt" || i - last.last > 3) return undefined;
  if (
    !/\b(?:in|on|at) (?:the (?:back|end|ends|top|bottom|middle) of (?:them|it|these|those|each)|each(?: one| of (?:them|those|em))?(?! side| wheel| end))\b/i.test(
      said,
    )
  )
    return undefined;
  return [...last.marks, singular(last.name.split(" ").at(-1) ?? "")];
}

/** "The U-bolts, two a side, with four nuts": of those that they sit on. */
export function ofStuds(
  { last, heard: { told } }: Walk,
  { clause }: Here,
  { family, marks, definite }: Mention,
): string[] | undefined {
  const isPlain = family === "nut" && marks.length === 0 && !definite;
  const isBeside = last?.family === "stud" && told[last.last]?.sentence === clause.sentence;
  return isPlain && isBeside && last.marks.size > 0
    ? [...last.marks, singular(last.name.split(" ").at(-1) ?? "")]
    : undefined;
}

/** "One nut in the centre of the mount": of the mount, whatever was worked on before. */
export function ofPlace({ heard: { terms } }: Walk, { clause, mentions }: Here): string[] | undefined {
  const [only] = mentions;
  if (!only || mentions.length > 1 || only.definite) return undefined;
  const behind = terms
    .slice(only.to, Math.min(clause.to, only.to + 6))
    .map((term) => term.text)
    .join(" ");
  const place =
    /^(?:in|on|at) the (?:very |dead )?(?:cent(?:er|re)|middle) of (?:the|each|that|this) ([a-z-]+)/.exec(
      behind,
    );
  const thing = place && singular(place[1] ?? "");
  return thing && (THINGS.has(thing) || PART_HEADS.has(thing)) ? [thing] : undefined;
}

/**
 * "Glass down into the clamps, bolts 9 Nm": plain bolts are those of what the same sentence names before them,
 * where that tells one group.
 */
export function namedBefore(walk: Walk, { clause }: Here, mention: Mention): string[] {
  const { terms, told } = walk.heard;
  const from = told.find(({ sentence }) => sentence === clause.sentence)?.from ?? clause.from;
  const words = terms
    .slice(from, mention.from)
    .filter(({ tag }) => tag === "noun")
    .map(({ text: word }) => singular(word))
    .filter((word) => word.length > 2 && !HEADS[word]);
  const ofWord = (word: string) =>
    walk.groups.filter(
      (group) => alike(group.family, mention.family) && (group.marks.has(word) || group.topic.includes(word)),
    );
  const telling = words.filter((word) => ofWord(word).length === 1);
  return [...new Set(telling)];
}

/** "The eye bolt is a nine sixteenths bolt": what was named just before, and no other. */
export function saidToBe(
  { heard: { text: whole, terms } }: Walk,
  { mentions, places }: Here,
  mention: Mention,
): Group | undefined {
  const at = mentions.indexOf(mention);
  const [before, subject] = [mentions[at - 1], places[at - 1]];
  if (!before || !subject || mention.marks.length > 0 || !alike(mention.family, subject.family))
    return undefined;
  const between = saidIn(whole, terms, { from: before.to, to: mention.to });
  return /^\W*(?:is|are|was|were|'s)(?: just| only| all)? (?:an? )?(?:(?!and\b|the\b|with\b|on\b|in\b|to\b|of\b)[\w/-]+ ?)*$/i.test(
    between,
  ) && (mention.count ?? 1) === 1
    ? subject
    : undefined;
}

/** "Two M6 bolts (10 mm head) hold the guide plate": of what they are said to hold, behind the brackets. */
export function heldAhead({ heard: { text: whole, terms, told } }: Walk, { i, clause }: Here): string[] {
  const holds = told[i + 2];
  if (holds?.sentence !== clause.sentence) return [];
  const between = whole.slice(terms[clause.to - 1]?.end, terms[holds.from]?.start);
  return /^\s*\([^()]*\)\s*$/.test(between) &&
    /^(?:hold|holds|secure|secures|fix|fixes)$/.test(text(terms, holds.from))
    ? topicIn(terms, holds)
    : [];
}
