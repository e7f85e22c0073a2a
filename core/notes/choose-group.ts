import { text } from "./counts";
import type { Group } from "./group";
import type { Taking } from "./new-group";
import { resolve } from "./resolve";
import { contradict } from "./same-group";
import { spokenNumber } from "./spoken-number";
import { manyOfEach, ofCount, ofProfile } from "./told-apart";

/** "Torques? Bolts 45 Nm", where more than one lot still has none: which are meant is a guess. */
export function isAnyOf({ walk, here, mention }: Taking, found: Group): boolean {
  const { terms, torques, told } = walk.heard;
  const { clause, i, sizes, things } = here;
  // "New nut at 38", of two that have none yet.
  const isOne = mention.family !== "one" && (mention.count ?? 1) === 1;
  const isPlain =
    mention.marks.length === 0 && (isOne || (/s$/.test(mention.head) && mention.count === undefined));
  // "New nut at 38".
  const isBare =
    here.goingBack &&
    spokenNumber(terms, mention.to + 1)?.next === clause.to &&
    /^(?:at|to|is|:)$/.test(text(terms, mention.to));
  const isFigured = isBare || torques.some(({ from }) => from >= clause.from && from < clause.to);
  const open = walk.groups.filter(
    ({ family, figures, undo, count }) =>
      family === mention.family && figures.length === 0 && undo && (isOne || count !== 1),
  );
  const isNear = told[found.last]?.sentence === clause.sentence || i - found.last <= 2;
  // What it is all about is no guess.
  const isOfTitle = walk.title.some((word) => found.topic.includes(word) || found.marks.has(word));
  // "New idler on, its bolt 18": of what the sentence works on.
  const isOfSentence =
    walk.topicSentence === clause.sentence &&
    walk.topic.some((word) => found.topic.includes(word) || found.marks.has(word));
  const isUntold = sizes.length === 0 && things.length === 0 && !isNear && !isOfTitle && !isOfSentence;
  return isPlain && isFigured && isUntold && open.length > 1;
}

/** The group that a mention speaks of, by what it is called, its head, how many there are, and what is worked on. */
export function chooseGroup({ walk, here, mention, topic, fresh }: Taking): Group | undefined {
  const { groups, last } = walk;
  if (mention.profile) return ofProfile(groups, mention);
  if (mention.all) return ofCount(groups, mention, topic, here.i) ?? manyOfEach(walk, mention, here.i);
  // "Tighten the two at the crossmember": of so many there is but one lot that has no figure yet.
  if (mention.placed && here.goingBack) {
    const [only, ...more] = groups.filter(
      ({ count, figures, marks, undo }) =>
        undo && count === mention.count && figures.length === 0 && !contradict(mention.marks, marks),
    );
    if (only && more.length === 0) return only;
  }
  const size = here.sizes.find(
    (one) => one.kind === "head" && one.to >= mention.from && one.from <= mention.to + 1,
  );
  const head = size?.kind === "head" ? size.head : undefined;
  // "The big ones" are no single nut.
  const many = text(walk.heard.terms, mention.to - 1) === "ones";
  const among = (some: readonly Group[]) =>
    resolve(
      many ? some.filter(({ count, perSide }) => count !== 1 || perSide) : some,
      mention,
      head,
      topic,
      last,
      here.i,
      here.goingBack,
      fresh,
    );
  // "Upper 25": the one that has no figure yet, if there is one.
  const open = mention.byFigure ? among(groups.filter(({ figures }) => figures.length === 0)) : undefined;
  return open ?? among(groups);
}
