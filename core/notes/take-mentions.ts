import { eachSide } from "./counts";
import { saidIn } from "./heard";
import type { Mention } from "./mentions";
import { begin, isOtherEnd, isSame, mergeInto, resolve, touch } from "./resolve";
import { BOUGHT, HELD_STILL } from "./vocabulary";
import type { Here, Walk } from "./walk";

/** Finds the group of each mention of a clause, or begins one. */
export function takeMentions(walk: Walk, here: Here): void {
  const { text, terms } = walk.heard;
  const { i, clause, said, goingBack, mentions, places, things } = here;
  const { groups } = walk;
  const topic = things.length > 0 ? things : walk.topic;
  for (const mention of mentions) {
    const { last } = walk;
    const size = here.sizes.find((one) => one.what === "head" && one.from >= mention.from - 1 && one.to <= mention.to + 1);
    // "there's a nut on the back": what a bolt goes into, held still and no group of its own.
    if (last && isOtherEnd(mention, last, groups, said, i)) {
      last.hold ??= last.undo && /\b(?:also|same|too)\b/.test(said) ? last.undo : undefined;
      last.traits.add("counter-hold");
      touch(last, { ...mention, marks: [], name: "" }, terms, i);
      places.push(last);
      here.heldFrom = mention.from;
      walk.otherEnd = { group: last, at: i };
      continue;
    }
    const held = HELD_STILL.test(saidIn(text, terms, { from: Math.max(clause.from, mention.from - 4), to: mention.from }));
    // "Two long ones, which are thirteen": named by what they look like, as their size is told with it.
    const after = mentions.find((one) => one.from > mention.from)?.from ?? clause.to;
    const sizedHere =
      mention.family === "one" && mention.marks.length > 0 && !mention.pointing && here.sizes.some((one) => one.what === "head" && one.from >= mention.to && one.from < after);
    const found = resolve(groups, mention, size?.what === "head" ? size.head : undefined, topic, last, i, goingBack);
    if (found) {
      touch(found, mention, terms, i);
      const same = groups.find((group) => group !== found && isSame(group, found, mention));
      if (same) {
        mergeInto(found, same);
        groups.splice(groups.indexOf(same), 1);
        if (walk.last === same) walk.last = found;
      }
    } else if (!held && (mention.some || sizedHere || mention.family !== "one" || (mention.sized && (mention.count ?? 0) > 1)) && !BOUGHT.test(said)) {
      // "there's ten of them", after "these guys going around the cover".
      const called = mention.sized && mention.marks.length === 0 && walk.unknown && i - walk.unknown.at <= 2 ? walk.unknown.mention.marks : [];
      const begun: Mention = sizedHere ? { ...mention, family: "bolt", name: `${mention.name} ${(mention.count ?? 1) > 1 ? "bolts" : "bolt"}` } : mention;
      const group = begin(begun, called.length > 0 ? [...called] : topic, terms, i);
      groups.push(group);
      places.push(group);
      walk.last = group;
      continue;
    }
    places.push(found);
    if (!found && mention.family === "one" && mention.marks.length > 0 && !mention.pointing) walk.unknown = { mention, at: i };
    if (found && !held && !/\b(?:snap|strip|break|crack|shear|round)(?:s|ped|ped|ed|ing)?\b/.test(said)) walk.last = found;
  }
  // "Four on each wheel": how many of what was spoken of just now.
  const spoken = mentions.length === 0 ? eachSide(terms, clause, said) : undefined;
  if (spoken !== undefined && walk.last && walk.last.count === undefined) {
    walk.last.count = spoken;
    walk.last.perSide = true;
  }
}
