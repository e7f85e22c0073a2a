import { quantityNm } from "../quantity/torque-quantity";
import { formatFigure } from "../quantity/torque-words";
import { holdingTorques } from "../torque/torques-of";
import { isSqueezed } from "./clamps";
import { nearestUnit, unitForAll, unitOfAll } from "./figure-units";
import { figuredGroup } from "./figured-group";
import { angleAlone, bareFigures, notThisAfter, passBefore, put, saidAfter, turnFurther } from "./figures";
import type { Group, SaidFigure } from "./group";
import { between, saidIn, sentenceOf, spanOf } from "./heard";
import type { Mention } from "./mention";
import { behindWritten, passesOfLast, sameAs } from "./more-figures";
import { MOST_OF_ONE_KIND } from "./of-them";
import { byWords } from "./same-group";
import { spokenNumber } from "./spoken-number";
import { DOUBTFUL, HEADS, OTHERS_SAY, TAKEN_BACK } from "./vocabulary";
import {
  type Here,
  type Walk,
  bySizeHere,
  byTopic,
  isNextPass,
  isOfAnotherLine,
  mentionsWithGroups,
} from "./walk";
import type { FoundTorque } from "./written-torque";

const LARGEST_HEAD_MM = 46;

/** A figure of a clause, and what leads into it. */
interface Figured {
  walk: Walk;
  here: Here;
  torque: FoundTorque;
  figure: SaidFigure;
  led: string;
}

/**
 * Gives each figure of a clause to the group that it speaks of, or keeps it as one that is not to be used.
 */
export function takeFigures(walk: Walk, here: Here): void {
  const { text, terms, told, torques } = walk.heard;
  const { i, clause, said } = here;
  // "pass 2 | 11 ft-lb", "second time | 80": what leads into a figure, where that is a few words.
  const before = told[i - 1];
  const led =
    before && clause.from - before.from <= 4
      ? saidIn(text, terms, { from: before.from, to: clause.to })
      : said;
  const written = torques.filter(({ from }) => from >= clause.from && from < clause.to);
  const bare = bareIn(walk, here, written.length > 0);
  const behind =
    bare.length > 0 ? bare : behindWritten(walk, here, written.at(-1) ?? justWritten(walk, here));
  for (const torque of [...written, ...behind])
    takeFigure({ walk, here, torque, figure: figureOf(walk, here, torque, { led, bare }), led });
  passesOfLast(walk, here);
  sameAs(walk, here);
  const angle = angleAlone(terms, clause, walk.inTorque);
  if (angle === undefined || here.notThis || isOfAnotherDay(walk, here)) return;
  // "Sixty, then ninety degrees": of what has just got the sixty, and of nothing where that is not known.
  const { figured } = walk;
  const named = mentionsWithGroups(here).at(-1)?.group ?? byTopic(walk, here);
  const isStill = figured !== undefined && (figured.at === i || (figured.at === i - 1 && !named));
  // "The bracket ones are sixty, then ninety degrees": of a sixty that was given to nothing.
  const lastSaid = before && terms.slice(before.from, before.to).findLast(({ tag }) => tag !== "mark");
  const isOfUnread = !isStill && (here.mentions.length > 0 || lastSaid?.tag === "number");
  const near = here.things.length === 0 && !isOfUnread ? walk.last : undefined;
  const turned = isStill ? figured.group : (named ?? near);
  if (turned) turnFurther(turned, angle, said);
}

/** "When it has gone cold put the spanner on it again, it'll take another quarter turn": no turn of this job's. */
function isOfAnotherDay({ heard }: Walk, { i, clause }: Here): boolean {
  const sentence = sentenceOf(heard, i);
  const isFigured = heard.torques.some(({ from }) =>
    heard.told.some((one) => one.sentence === clause.sentence && from >= one.from && from < one.to),
  );
  return (
    !isFigured &&
    /\b(?:when|once|after)\b.*\b(?:cold|hot|warm\w*|miles?|km|kilomet\w+|weeks?|days?|drive|driven|run)\b.*\bagain\b/i.test(
      sentence,
    )
  );
}

/** "The two long ones get seventy foot pounds, and the little one thirty five": the figure of the clause before. */
function justWritten({ heard: { told, torques } }: Walk, { i, clause, said }: Here): FoundTorque | undefined {
  const before = told[i - 1];
  if (!before || before.sentence !== clause.sentence || !/^\W*(?:and|plus)\b/i.test(said)) return undefined;
  return torques.findLast(({ from, to }) => from >= before.from && to >= before.to && to <= clause.from);
}

/** The group that a clause speaks of before any figure in it is read. */
function aimOf(walk: Walk, here: Here): Group | undefined {
  const { told } = walk.heard;
  const { i, clause, mentions } = here;
  const named = mentionsWithGroups(here).at(-1)?.group ?? byTopic(walk, here) ?? bySizeHere(walk, here);
  if (named || mentions.length > 0) return named;
  // "Wheels on · down · hundred and twenty".
  const between = told[i - 1];
  const back = between && between.to - between.from === 1 && walk.topicAt === i - 2 ? 2 : 1;
  if (walk.topicAt === i - back && told[i - back]?.sentence === clause.sentence) {
    const carried = byWords(walk.groups, walk.topic);
    if (carried) return carried;
  }
  // "Caliper bolts, I put 115 on those": what was named in the same breath.
  const last = walk.last && told[walk.last.last];
  // "Fill it until it runs out. Also 30."
  const also = /^\W*(?:and )?also\b/i.test(here.said) && last?.sentence === clause.sentence - 1;
  // "Down pipe with three new nuts. I put those at forty five."
  const points =
    /^\W*(?:(?:and|so|i|you|we|put|take|took|do|did|run|give|gave|set) )*(?:those|these|them|that|they|it)(?:'s|'re| is| are| get| gets| goes| go)?\b/i.test(
      here.said,
    );
  if (points && walk.last && i - walk.last.last <= (walk.topicAt > walk.last.last ? 1 : 6)) return walk.last;
  return (also || last?.sentence === clause.sentence) && clause.from - last.from < 32 ? walk.last : undefined;
}

/** Numbers without a unit that are figures all the same: "the short ones are 80". */
function bareIn(walk: Walk, here: Here, isWritten: boolean): FoundTorque[] {
  const { terms, torques } = walk.heard;
  const { clause, goingBack, noSize } = here;
  const aimedAt = aimOf(walk, here);
  const forAll =
    !isWritten && mentionsWithGroups(here).length > 0 ? unitForAll(terms, clause.from) : undefined;
  const isPass = !isWritten && isNextPass(walk, here);
  const expected =
    isPass || noSize.size > 0 || (!isWritten && goingBack && aimedAt && aimedAt.figures.length === 0);
  const isTaken = (at: number) =>
    walk.inTorque.has(at) || here.sizes.some(({ from, to }) => !noSize.has(from) && at >= from && at < to);
  const unit = forAll ?? (expected ? (nearestUnit(torques, clause.from) ?? unitOfAll(terms)) : undefined);
  // "Drop link, fifty": a number by itself, which is neither its head nor how many there are.
  const mayStandAlone = (value: number) =>
    aimedAt?.undo !== undefined &&
    (aimedAt.count !== undefined || value > MOST_OF_ONE_KIND) &&
    ![aimedAt.count, ...[aimedAt.undo, aimedAt.doUp, aimedAt.hold].map((one) => one?.head.size)].includes(
      value,
    );
  const read = bareFigures(terms, clause, isTaken, unit, mayStandAlone);
  // Where its head is not known, a number may still be that: but no head is so large.
  const isNoHead = ({ figure }: FoundTorque) =>
    figure.form === "value" && figure.torque.value > LARGEST_HEAD_MM;
  // "The plug goes back in at 25".
  const isAt = ({ from }: FoundTorque) =>
    goingBack &&
    /\b(?:goes|go|went)(?: back)?(?: in| on)?,? (?:at|to) $/i.test(
      `${saidIn(walk.heard.text, terms, { from: clause.from, to: from })} `,
    );
  // The next pass goes further.
  const before = walk.last?.figures.at(-1);
  const reached = (before && holdingTorques(before.figure).at(-1)?.value) ?? Infinity;
  const goesFurther = ({ figure }: FoundTorque) => figure.form === "value" && figure.torque.value > reached;
  if (isPass) return read.filter(goesFurther);
  // "Twenty ish".
  const isNear = ({ to }: FoundTorque) => /^(?:ish|odd)$/.test(terms[to]?.text ?? "");
  return noSize.size > 0 || forAll || aimedAt?.undo
    ? read
    : read.filter((one) => isNoHead(one) || isAt(one) || isNear(one));
}

function figureOf(
  { heard: { text, terms, told, torques } }: Walk,
  { i, inDoubt }: Here,
  torque: FoundTorque,
  { led, bare }: { led: string; bare: readonly FoundTorque[] },
): SaidFigure {
  const only = torque.figure.form === "value" ? torque.figure.torque : undefined;
  const pass = only && passBefore(terms, torque.from);
  const earlier =
    pass && pass.value < only.value ? { ...only, value: pass.value, decimals: pass.decimals } : undefined;
  const isWary = () => inDoubt || OTHERS_SAY.test(led) || DOUBTFUL.test(saidAfter(text, terms, told, i));
  return {
    figure: earlier && only ? { form: "passes", torques: [earlier, only] } : torque.figure,
    span: spanOf(terms, torque.from, torque.to),
    // A number without its unit, where more than one is spoken in, may be in either.
    doubtful: (bare.includes(torque) && unitsOf(torques) > 1) || (torque.contradicts ?? isWary()),
  };
}

function takeFigure(figured: Figured): void {
  const { walk, here, torque, figure, led } = figured;
  const { i, said, mentions } = here;
  if (isRefused(figured)) return;
  const indexed = mentionsWithGroups(here);
  const sharing =
    /\b(?:on |for )?(?:all|both|every|each|everything|the lot)\b/i.test(said) &&
    mentions.length === 0 &&
    !isOfBefore(figured)
      ? walk.groups.filter(
          (group) =>
            i - group.last <= 9 &&
            group.figures.length === 0 &&
            (group.family === walk.last?.family || group.undo !== undefined),
        )
      : [];
  const both = namedTogether(figured);
  const group =
    aimedBehind(figured) ?? soManyBehind(figured) ?? figuredGroup(walk, here, torque.from, torque.to);
  // Heard somewhere, with nothing said of what: not put over a figure that is known.
  const rumour = OTHERS_SAY.test(led) && indexed.length === 0 && (group?.figures.length ?? 0) > 0;
  // "The engine bracket ones are sixty": of some that were never told of.
  const isUnknown =
    indexed.length === 0 &&
    mentions.some(
      ({ family, marks, pointing, to }) =>
        family === "one" && marks.length > 1 && !pointing && to <= torque.from,
    );
  if (!group || isUnknown || rumour || isSqueezed(group) || isOfAnotherLine(walk, here, group)) {
    walk.loose.push(figure);
    walk.figured = { group: undefined, at: i };
    return;
  }
  if (isSaidAgain(figured, group)) return;
  takeBackBefore(figured, group);
  // Which bolts were meant is a guess, and is asked.
  if (here.guessed.has(group)) figure.doubtful = true;
  const plain = indexed.find((one) => one.group === group && isPlainName(one.mention))?.mention;
  if (plain ?? here.guessed.has(group))
    figure.loosely = { isGuess: here.guessed.has(group), many: /s$/.test(plain?.head ?? "") };
  const isNamed = [...mentions, ...here.things].length > 0;
  put(group, figure, led, i, isNamed);
  // "1.5 for all the small screws and 2 for those of the motor": of all of them the first.
  const isOfAll = here.places.length < 2 || group === here.places[0];
  for (const other of here.also) if (isOfAll && other !== group) put(other, figure, said, i, isNamed);
  group.last = i;
  walk.figured = { group, at: i };
  walk.lastFigureAt = torque.to;
  for (const other of [...sharing, ...(both.includes(group) ? both : [])])
    if (other !== group && !other.figures.includes(figure)) other.figures.push(figure);
}

/** "The bolts", and nothing that tells which. */
const isPlainName = ({ family, marks, count, sized }: Mention): boolean =>
  family !== "one" && marks.length === 0 && count === undefined && sized !== true;

/** "Three to the arm: fifty newton metres each": of those three. */
function isOfBefore({ walk: { heard }, here }: Figured): boolean {
  const before = heard.told[here.i - 1];
  return (
    /\beach\b/i.test(here.said) &&
    before?.sentence === here.clause.sentence &&
    heard.terms[before.from]?.tag === "number" &&
    before.to - before.from <= 6
  );
}

/** Said not to be it, of another car, or a reading on the way: kept as what was said, and used for nothing. */
function isRefused({ walk, here, torque, figure }: Figured): boolean {
  const { text, terms, told } = walk.heard;
  const { i, clause, notThis } = here;
  const denied = /\b(?:not|never|don't|isn't)(?: a| an| the)?\s*$/i.test(
    saidIn(text, terms, { from: clause.from, to: torque.from }),
  );
  if (denied || (terms[torque.from - 1]?.text === "not" && torque.from > clause.from)) {
    walk.loose.push({ ...figure, notUsed: "it is said not to be" });
    walk.struck.push({ span: figure.span, what: formatFigure(figure.figure), of: "figure" });
    return true;
  }
  // "Carrier bolts not touched; book says 105": of those, and of nothing before them.
  const ofLeft = walk.otherFrom === i - 1 && here.mentions.length === 0 && here.things.length === 0;
  const left = told[i - 1];
  const isOfLeft =
    ofLeft && left && terms.slice(left.from, left.to).some(({ text: word }) => Object.hasOwn(HEADS, word));
  const why =
    (isOfLeft ? saidIn(text, terms, left) : undefined) ??
    (notThis && isOfOther(walk, here, torque, notThis.start) ? notThis.says : undefined) ??
    notThisAfter(text, terms, told, i);
  if (!why) return false;
  walk.loose.push({ ...figure, notUsed: why });
  return true;
}

/** "The rail bolts and the motor bolts are 80": said of both. */
function namedTogether({ walk, here, torque }: Figured): Group[] {
  const named = mentionsWithGroups(here).filter(
    ({ mention }) => mention.to <= torque.from && mention.from >= walk.lastFigureAt,
  );
  return named
    .filter(
      ({ mention }, k) =>
        k === named.length - 1 || /^(?:and|plus|\+|&)$/.test(walk.heard.terms[mention.to]?.text ?? ""),
    )
    .map(({ group }) => group);
}

/** "80 on the long ones": what is named right behind the figure. */
function aimedBehind({ walk, here, torque }: Figured): Group | undefined {
  const leadsOn = /^(?:on|for)$/.test(walk.heard.terms[torque.to]?.text ?? "");
  if (!leadsOn) return undefined;
  return mentionsWithGroups(here).find(
    ({ mention }) => mention.from >= torque.to && mention.from - torque.to <= 3,
  )?.group;
}

/** "7 Nm, the three": of the only lot that is so many. */
function soManyBehind({ walk: { heard, groups }, here, torque }: Figured): Group | undefined {
  const next = heard.told[here.i + 1];
  if (here.mentions.length > 0 || torque.to !== here.clause.to || next?.sentence !== here.clause.sentence)
    return undefined;
  const number = /^(?:the|all)$/.test(heard.terms[next.from]?.text ?? "")
    ? spokenNumber(heard.terms, next.from + 1)
    : undefined;
  if (!number || number.next !== next.to) return undefined;
  const [only, ...more] = groups.filter(({ count }) => count === number.value);
  return more.length === 0 ? only : undefined;
}

/** As near as one says a figure in another unit. */
const NEARLY = 0.08;
/**
 * "20 foot pounds, that's a touch over two newton metres": the same once more; where it is not the same, its
 * unit is in doubt.
 */
function isSaidAgain({ walk, here, torque }: Figured, group: Group): boolean {
  const known = group.figures.at(-1);
  if (!known || torque.from - walk.lastFigureAt >= 14) return false;
  const [first, second] = [known.figure, torque.figure].map((one) => holdingTorques(one)[0]);
  const times = first && second ? quantityNm(first) / quantityNm(second) : 1;
  // In another unit, and as much.
  if (first && second && first.unit !== second.unit && Math.abs(times - 1) < NEARLY) return true;
  const again =
    /^\W*(?:that's|that is|which is|or|so)\b.*\b(?:about|touch|roughly|just|over|under|same|call it|like|around)\b/i;
  if (!again.test(here.said)) return false;
  if (second && Math.max(times, 1 / times) > 3) known.restated = second;
  return true;
}

/** "forty, no, forty five": the one before goes. */
function takeBackBefore({ walk, torque }: Figured, group: Group): void {
  const { text, terms } = walk.heard;
  if (
    group.figures.length === 0 ||
    !TAKEN_BACK.test(between(text, terms, walk.lastFigureAt, torque.from)) ||
    torque.from - walk.lastFigureAt >= 14
  )
    return;
  const gone = group.figures.pop();
  if (!gone) return;
  walk.takenBack.push({ ...gone, notUsed: "taken back" });
  walk.struck.push({ span: gone.span, what: formatFigure(gone.figure), of: "figure" });
}

const unitsOf = (torques: readonly FoundTorque[]) =>
  new Set(torques.flatMap(({ figure }) => holdingTorques(figure).map(({ unit }) => unit))).size;

/**
 * Whether words about another car go for a figure: said before it or of it, and not of a number of their own,
 * "55, the automatic's got 85".
 */
function isOfOther(
  { heard: { text, terms } }: Walk,
  { clause }: Here,
  { from, to }: FoundTorque,
  start: number,
): boolean {
  if ((terms[from]?.start ?? 0) >= start) return true;
  const between = text.slice(terms[to - 1]?.end ?? 0, start);
  if (/^\W*(?:(?:is|that's|was|it's) )?(?:for|on|in|with|of)(?: the)?\W*$/i.test(between)) return true;
  // "25 is for the older one": another number, and none that stands for a thing.
  return !terms
    .slice(to, clause.to)
    .some((term) => term.start > start && term.tag === "number" && !/^ones?$/.test(term.text));
}
