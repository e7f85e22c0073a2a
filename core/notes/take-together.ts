import { text } from "./counts";
import { allSmall } from "./looks";
import { type Taking, keepGroup } from "./new-group";
import { touch, begin } from "./resolve";
import { isOtherEnd } from "./same-group";
import { together, lotOf, shared, isShareOfLast } from "./told-apart";
import { HEADS } from "./vocabulary";

/** "both plugs 10 mm", "all eight": said of each that was named. */
export function takeSeveral({ walk, here, mention }: Taking): boolean {
  const { groups } = walk;
  const { terms } = walk.heard;
  const begins = text(terms, mention.from);
  const inAll =
    /^(?:all|those|these)$/.test(begins) && (mention.count ?? 0) > 2 ? together(groups, mention) : [];
  const several =
    /^(?:both|all)$/.test(begins) && mention.marks.length === 0 && mention.family !== "one"
      ? groups.filter((group) => group.family === mention.family)
      : [];
  const ofEach = several.length > 1 && several.every(({ count }) => (count ?? 1) === 1);
  // "All the manifold nuts", once the outer two were told apart: those too.
  const isAll = /\ball\b/.test(`${text(terms, mention.from - 1)} ${begins}`);
  const oneLot = isAll ? lotOf(groups, mention) : [];
  const small = isAll ? allSmall(walk, here, mention) : [];
  const taken = [inAll, oneLot, small].find(({ length }) => length > 1) ?? several;
  if (taken === several && !ofEach) return false;
  here.places.push(taken[0]);
  here.also.push(...taken.slice(1));
  taken.forEach((group) => touch(group, { ...mention, count: undefined, name: "" }, terms, here.i));
  walk.last = taken === several ? taken.at(-1) : taken[0];
  return true;
}

/** "there's a nut on the back": what a bolt goes into, held still and no group of its own. */
export function takeOtherEnd({ walk, here, mention }: Taking): boolean {
  const { last, groups } = walk;
  const { said, i, things } = here;
  // "Outer bolt 21 mm, nut 21 mm".
  const beside =
    last?.family === "bolt" &&
    mention.family === "nut" &&
    mention.marks.length === 0 &&
    i - last.last <= 1 &&
    walk.heard.told[last.last]?.sentence === here.clause.sentence &&
    last.undo !== undefined &&
    /^\W*(?:and |with )?(?:(?:an?|the|same|also|\d+|mm) ?)*nut\b/i.test(said);
  // "The heads are 7/8 and the nut's 7/8 too".
  const ofHead =
    last?.family === "bolt" &&
    mention.family === "nut" &&
    mention.marks.length === 0 &&
    here.sizes.length === 2 &&
    i - last.last <= 2 &&
    /\bheads?\b[^.]*\bnut/i.test(said);
  // "The link was in the way, so I took its bottom nut off": of that, and of no bolt before it.
  const { topic, topicAt, topicSentence } = walk;
  const isOfTopic =
    last !== undefined &&
    topicSentence === here.clause.sentence &&
    topicAt > last.last &&
    !topic.some((word) => last.topic.includes(word) || last.marks.has(word));
  if (isOfTopic) return false;
  // "Bolts are new, 10.9, with new lock nuts": what goes on their other end.
  const isWith =
    here.goingBack &&
    last?.family === "bolt" &&
    last.traits.has("counter-hold") &&
    mention.family === "nut" &&
    mention.marks.every((mark) => /^(?:lock|nyloc|flange|self)$/.test(mark)) &&
    walk.heard.told[last.last]?.sentence === here.clause.sentence &&
    /^(?:with|and)$/.test(
      text(walk.heard.terms, mention.from - (text(walk.heard.terms, mention.from - 1) === "new" ? 2 : 1)),
    );
  // "They're 17 heads with a 19 nut inside the rail".
  const isOfHeads =
    last?.family === "bolt" &&
    mention.family === "nut" &&
    i - last.last <= 3 &&
    /\bheads? (?:with|and) an? (?:[\w/]+ ){1,3}?nuts?\b/i.test(said);
  // "There's a flat on the slide pin to hold": what the bolt goes into.
  const isHeldPin =
    last?.family === "bolt" &&
    mention.family === "pin" &&
    i - last.last <= 2 &&
    /\b(?:hold|held|flats?|stop(?:s|ped)?)\b/i.test(said);
  if (
    !last ||
    !(
      beside ||
      ofHead ||
      isOfHeads ||
      isWith ||
      isHeldPin ||
      isOtherEnd(mention, last, groups, said, i, things)
    )
  )
    return false;
  last.hold ??= last.undo && /\b(?:also|same|too)\b/.test(said) ? last.undo : undefined;
  last.traits.add("counter-hold");
  touch(last, { ...mention, marks: [], name: "" }, walk.heard.terms, i);
  here.places.push(last);
  here.heldFrom = mention.from;
  walk.otherEnd = { group: last, at: i };
  return true;
}

/** "one of them is shorter", "and two more down low": a part of those spoken of last, or more like them. */
export function takePartOfLast({ walk, here, mention, topic }: Taking): boolean {
  const { last } = walk;
  if (mention.share || isShareOfLast(walk, here, mention)) {
    const group = shared(walk, here, mention);
    here.places.push(group);
    walk.last = group ?? walk.last;
    return true;
  }
  if (!mention.more || !last) return false;
  const kind = last.name.split(" ").findLast((word) => HEADS[word]) ?? "bolt";
  const group = begin(
    { ...mention, family: last.family, name: [...mention.marks, kind].join(" ") },
    topic.length > 0 ? topic : last.topic,
    walk.heard.terms,
    here.i,
  );
  group.name = group.name.replace(/(?<!s)$/, "s");
  keepGroup(walk, here, group);
  return true;
}
