import type { HeadSize } from "../model/head-size";
import { formatHeadSize } from "../quantity/read-head-size";
import { quantityNm } from "../quantity/torque-quantity";
import { formatFigure } from "../quantity/torque-words";
import { holdingTorques } from "../torque/torques-of";
import { turnOf } from "./deeds";
import { eachSide } from "./counts";
import { angleAlone, bareFigure, nearestUnit, notThisAfter, put, saidAfter, turnFurther, unitForAll } from "./figures";
import type { Group, Grouped, SaidFigure, SaidSize } from "./group";
import { type Heard, between, gapBetween, saidIn, spanOf, topicIn } from "./heard";
import { type Mention, mentionsIn } from "./mentions";
import { begin, byWords, consolidated, isOtherEnd, isReal, isSame, mergeInto, resolve, touch } from "./resolve";
import { sizesOfTools } from "./tool-sizes";
import { traitsOf } from "./traits";
import { BOUGHT, DOUBTFUL, HELD_STILL, HOLD_AFTER, HOLD_BEFORE, NOT_THIS_ONE, OTHERS_SAY, TAKEN_BACK, TOOL_HEADS } from "./vocabulary";

/** Gathers every mention of a fastener over the whole text into the true groups, with the sizes, figures and traits said of each. */
export function groupsOf(heard: Heard): Grouped {
  const { text, terms, told, sizes, torques, listing } = heard;
  const groups: Group[] = [];
  const loose: SaidFigure[] = [];
  const struck: Grouped["struck"] = [];
  const takenByTorque = new Set(torques.flatMap(({ from, to }) => Array.from({ length: to - from }, (_, i) => from + i)));
  let last: Group | undefined;
  /** Where a size that is taken back stood. */
  let lastSize: { group: Group; which: "undo" | "doUp" | "hold"; from: number; to: number } | undefined;
  let topic: string[] = [];
  let topicSentence = -1;
  let topicAt = -1;
  let otherFrom = -2;
  let lastStruck: number | undefined;
  /** The bolt whose other end was spoken of last: the next size is its. */
  let otherEnd: { group: Group; at: number } | undefined;
  /** "the skinny one": nothing that was named, until its size is. */
  let unknown: { mention: Mention; at: number } | undefined;
  const turn = turnOf(heard);
  const takenBack: SaidFigure[] = [];
  let lastFigureAt = -Infinity;

  for (const [i, clause] of told.entries()) {
    const said = saidIn(text, terms, clause);
    const goingBack = i >= turn;
    const here = topicIn(terms, clause);
    // "this little plastic thing …": the thing before it, told once more.
    const againTold = /^\W*(?:this|that|the|these|those) (?:\w+ ){0,3}(?:thing|one|ones|guy|part|bit)\b/i.test(said);
    if (here.length > 0 && !againTold) {
      topic = here;
      topicSentence = clause.sentence;
      topicAt = i;
    } else if (clause.sentence > topicSentence + 1) topic = [];
    if (listing.has(i)) continue;
    const before = told[i - 1];
    const led = before && before.sentence === clause.sentence && before.to - before.from <= 4 ? saidIn(text, terms, before) : "";
    const inDoubt = DOUBTFUL.test(said) || DOUBTFUL.test(led) || text[spanOf(terms, clause.from, clause.to).end] === "?";
    const inClause = sizes.filter((size) => size.from >= clause.from && size.from < clause.to);
    const mentions = mentionsIn(terms, clause, inClause, takenByTorque);
    // What is said of another car goes for the rest of its sentence, where that has an end.
    const inherited =
      told[i - 1]?.sentence === clause.sentence &&
      told[i - 1]?.paragraph === clause.paragraph &&
      clause.to - (told[i - 1]?.from ?? 0) < 40 &&
      otherFrom === i - 1 &&
      !/^\W*(?:but |and )?(?:here|on (?:this|mine|ours)|this one|ours|mine)\b/i.test(said) &&
      /[.;!?]/.test(text);
    const notThis = NOT_THIS_ONE.exec(said) ?? (inherited ? /^.*/.exec(said) : null);
    if (notThis) otherFrom = i;
    const places: (Group | undefined)[] = [];
    /** From here on a size is that of what is held still. */
    let heldFrom = Infinity;
    for (const mention of mentions) {
      const size = inClause.find((one) => one.what === "head" && one.from >= mention.from - 1 && one.to <= mention.to + 1);
      // "there's a nut on the back": what a bolt goes into, held still and no group of its own.
      if (last && isOtherEnd(mention, last, groups, said, i)) {
        last.hold ??= last.undo && /\b(?:also|same|too)\b/.test(said) ? last.undo : undefined;
        last.traits.add("counter-hold");
        touch(last, { ...mention, marks: [], name: "" }, terms, i);
        places.push(last);
        heldFrom = mention.from;
        otherEnd = { group: last, at: i };
        continue;
      }
      const held = HELD_STILL.test(saidIn(text, terms, { from: Math.max(clause.from, mention.from - 4), to: mention.from }));
      // "Two long ones, which are thirteen": named by what they look like, as their size is told with it.
      const after = mentions.find((one) => one.from > mention.from)?.from ?? clause.to;
      const sizedHere =
        mention.family === "one" && mention.marks.length > 0 && !mention.pointing && inClause.some((one) => one.what === "head" && one.from >= mention.to && one.from < after);
      const found: Group | undefined = resolve(groups, mention, size?.what === "head" ? size.head : undefined, here.length > 0 ? here : topic, last, i, goingBack);
      if (found) {
        touch(found, mention, terms, i);
        const same = groups.find((group) => group !== found && isSame(group, found, mention));
        if (same) {
          mergeInto(found, same);
          groups.splice(groups.indexOf(same), 1);
          if (last === same) last = found;
        }
      } else if (!held && (mention.some || sizedHere || mention.family !== "one" || (mention.sized && (mention.count ?? 0) > 1)) && !BOUGHT.test(said)) {
        // "there's ten of them", after "these guys going around the cover".
        const called = mention.sized && mention.marks.length === 0 && unknown && i - unknown.at <= 2 ? unknown.mention.marks : [];
        const group = begin(
          sizedHere ? { ...mention, family: "bolt", name: `${mention.name} ${(mention.count ?? 1) > 1 ? "bolts" : "bolt"}` } : mention,
          called.length > 0 ? [...called] : here.length > 0 ? here : topic,
          terms,
          i,
        );
        groups.push(group);
        places.push(group);
        last = group;
        continue;
      }
      places.push(found);
      if (!found && mention.family === "one" && mention.marks.length > 0 && !mention.pointing) unknown = { mention, at: i };
      if (found && !held && !/\b(?:snap|strip|break|crack|shear|round)(?:s|ped|ped|ed|ing)?\b/.test(said)) last = found;
    }
    // "Four on each wheel": how many of what was spoken of just now.
    const spoken = mentions.length === 0 ? eachSide(terms, clause, said) : undefined;
    if (spoken !== undefined && last && last.count === undefined) {
      last.count = spoken;
      last.perSide = true;
    }
    const indexed = mentions.map((mention, k) => ({ mention, group: places[k] })).filter((one): one is { mention: Mention; group: Group } => one.group !== undefined);
    const named = (from: number, to: number): Group | undefined => {
      const touching = indexed.find(({ mention }) => mention.from <= to + 3 && mention.to > to - 1 && mention.from >= from - 1);
      return (indexed.filter(({ mention }) => mention.from <= from).at(-1) ?? touching ?? indexed[0])?.group;
    };
    const byTopic = indexed.length === 0 && here.length > 0 ? byWords(groups, here) : undefined;
    const like = (head: HeadSize) => groups.filter((group) => [group.undo, group.doUp].some((one) => one && formatHeadSize(one.head) === formatHeadSize(head)));
    /** Which group a size speaks of that stands in a clause without its name. */
    const unnamed = (head: HeadSize): Group | undefined => {
      if (byTopic && (!byTopic.undo || like(head).includes(byTopic))) return byTopic;
      if (last && i - last.last <= 3 && (!last.undo || formatHeadSize(last.undo.head) === formatHeadSize(head))) return last;
      const same = like(head);
      return same.length === 1 ? same[0] : last && i - last.last <= 2 ? last : undefined;
    };
    const ofSizeHere = inClause.flatMap((size) => (size.what === "head" && like(size.head).length === 1 ? like(size.head) : []))[0];
    // "Then come back to the pan. … 106 on all of them": what was come back to, where nothing was named since.
    const carried = indexed.length === 0 && topic.length > 0 && topicAt > (last?.last ?? -1) && i - topicAt <= 6 ? byWords(groups, topic) : undefined;
    /** Which group a figure speaks of. */
    const figured = (from: number, to: number): Group | undefined => named(from, to) ?? ofSizeHere ?? byTopic ?? carried ?? last;

    /** Numbers that looked like sizes and are none. */
    const noSize = new Set<number>();
    for (const size of inClause) {
      if (size.what !== "head") continue;
      const doubtful = inDoubt;
      const span = spanOf(terms, size.from, size.to);
      const one: SaidSize = { head: size.head, span, doubtful };
      const before = saidIn(text, terms, { from: clause.from, to: size.from });
      const beforeNear = saidIn(text, terms, { from: Math.max(clause.from, size.from - 9), to: size.from });
      const after = saidIn(text, terms, { from: size.to, to: Math.min(clause.to, size.to + 8) });
      const holds = size.from > heldFrom || HOLD_BEFORE.test(beforeNear) || HOLD_AFTER.test(after);
      const isTool = /^(?: ?-? ?(?:drill|drift|punch|bar|hole|hose|tube))\b/.test(after);
      // A quarter, three eighths or half an inch is the drive of a ratchet before it is a head.
      const drives =
        !(lastStruck !== undefined && size.from - lastStruck < 12) &&
        size.head.unit === "in" &&
        [0.25, 0.375, 0.5].includes(size.head.size) &&
        !/^\W*(?:socket|wrench|spanner|bolt|nut|head|hex|line|flare)/i.test(after);
      // "the short one is twenty two", when its head is known and figures are being said: a figure without its unit.
      const known = named(size.from, size.to)?.undo;
      if (
        goingBack &&
        known &&
        !/^(?:mm|mils?|millimet\w+|inch|in|"|s)$/.test(terms[size.to - 1]?.text ?? "") &&
        formatHeadSize(known.head) !== formatHeadSize(size.head) &&
        /\b(?:is|are|at|to|gets?|be)$/i.test(before) &&
        torques.some(({ from }) => size.from - from > 0 && size.from - from < 40)
      ) {
        noSize.add(size.from);
        continue;
      }
      if (drives || isTool || notThis || /\b(?:originally|thought (?:it|they|these|those)|grabbed|i went in with|tried)\b/i.test(said)) continue;
      if (
        size.head.profile === "hexagon" &&
        !TOOL_HEADS.has(terms[size.to]?.text ?? "") &&
        /\b(?:gap|play|limit|wear|thick(?:ness)?|travel|deep|measur\w+|clearance|past the|high|wide|long run|push|across|overlap|apart)\b/i.test(said)
      )
        continue;
      const denied = /\b(?:not|isn't|ain't|aren't)(?: a| an| the)?$/i.test(before);
      const crossed = lastSize && /^\W*(?:no|nope|or rather|i mean|sorry)\W*$/i.test(gapBetween(text, terms, lastSize.to, size.from));
      const back = crossed || TAKEN_BACK.test(before) || (lastSize && TAKEN_BACK.test(between(text, terms, lastSize.from, size.from)) && size.from - lastSize.from < 30);
      let group =
        back && lastSize && !mentions.some((mention, k) => places[k] && mention.to <= size.from && mention.from > (lastSize?.from ?? 0))
          ? lastSize.group
          : (named(size.from, size.to) ?? (holds && last && i - last.last <= 12 ? last : unnamed(size.head)));
      if (denied) {
        struck.push({ span, what: formatHeadSize(size.head), of: "size" });
        lastStruck = size.to;
        if (group?.undo && formatHeadSize(group.undo.head) === formatHeadSize(size.head)) group.undo = undefined;
        continue;
      }
      if (unknown && !(size.head.unit === "in" && [0.25, 0.375, 0.5].includes(size.head.size)) && i - unknown.at <= 2 && indexed.length === 0 && !back && !holds) {
        group = begin({ ...unknown.mention, family: "bolt", name: `${unknown.mention.name} bolt`, count: unknown.mention.count ?? 1 }, topic, terms, unknown.at);
        groups.push(group);
        last = group;
        unknown = undefined;
      }
      // "15 bolt, 15 on the nut": the nut of the bolt spoken of just before.
      const onItsNut = holds && last?.family === "bolt" && last.undo !== undefined && i - last.last <= 1 && group?.family === "nut" && group !== last;
      if (onItsNut) group = last;
      if (otherEnd && i - otherEnd.at === 1 && mentions.length === 0 && !otherEnd.group.hold) {
        otherEnd.group.hold = one;
        otherEnd.group.traits.add("counter-hold");
        otherEnd = undefined;
        continue;
      }
      if (holds && !group && last && i - last.last <= 12) group = last;
      if (!group) continue;
      group.last = i;
      if (holds) {
        group.hold ??= one;
        group.traits.add("counter-hold");
        lastSize = { group, which: "hold", from: size.from, to: size.to };
        continue;
      }
      const newOne = goingBack || /\bnew\b/.test(said);
      const which = group.undo && newOne && formatHeadSize(group.undo.head) !== formatHeadSize(size.head) && !back ? "doUp" : "undo";
      const there = group[which];
      if (there && formatHeadSize(there.head) !== formatHeadSize(size.head)) {
        if (back) {
          struck.push({ span: there.span, what: formatHeadSize(there.head), of: "size" });
          group[which] = one;
        }
      } else group[which] ??= one;
      lastSize = { group, which, from: size.from, to: size.to };
    }

    const written = torques.filter(({ from }) => from >= clause.from && from < clause.to);
    const aimedAt = indexed.at(-1)?.group ?? byTopic;
    const forAll = written.length === 0 && indexed.length > 0 ? unitForAll(terms, clause.from) : undefined;
    const unit =
      forAll ?? (noSize.size > 0 || (written.length === 0 && goingBack && aimedAt && aimedAt.figures.length === 0 && aimedAt.undo) ? nearestUnit(torques, clause.from) : undefined);
    const bare = bareFigure(terms, clause, (at) => takenByTorque.has(at) || inClause.some(({ from, to }) => !noSize.has(from) && at >= from && at < to), unit);
    for (const torque of bare ? [...written, bare] : written) {
      const figure: SaidFigure = {
        figure: torque.figure,
        span: spanOf(terms, torque.from, torque.to),
        doubtful: torque.contradicts ?? (inDoubt || OTHERS_SAY.test(said) || DOUBTFUL.test(saidAfter(text, terms, told, i))),
      };
      const denied = /\b(?:not|never|don't|isn't)(?: a| an| the)?\s*$/i.test(saidIn(text, terms, { from: clause.from, to: torque.from }));
      if (denied || (terms[torque.from - 1]?.text === "not" && torque.from > clause.from)) {
        loose.push({ ...figure, notUsed: "it is said not to be" });
        struck.push({ span: figure.span, what: formatFigure(figure.figure), of: "figure" });
        continue;
      }
      const why = notThis?.[0] ?? notThisAfter(text, terms, told, i);
      if (why) {
        loose.push({ ...figure, notUsed: why });
        continue;
      }
      const sharing =
        /\b(?:on |for )?(?:all|both|every|each|everything|the lot)\b/i.test(said) && mentions.length === 0
          ? groups.filter((group) => i - group.last <= 9 && group.figures.length === 0 && (group.family === last?.family || group.undo !== undefined))
          : [];
      // "The rail bolts and the motor bolts are 80": said of both.
      const namedBefore = indexed.filter(({ mention }) => mention.to <= torque.from && mention.from >= lastFigureAt);
      const both = namedBefore.filter(({ mention }, k) => k === namedBefore.length - 1 || /^(?:and|plus)$/.test(terms[mention.to]?.text ?? "")).map((one) => one.group);
      const aimed = mentions
        .map((mention, k) => ({ mention, group: places[k] }))
        .find(({ mention, group }) => group && mention.from >= torque.to && mention.from - torque.to <= 3 && /^(?:on|for)$/.test(terms[torque.to]?.text ?? ""));
      const group = aimed?.group ?? figured(torque.from, torque.to);
      // Heard somewhere, with nothing said of what: not put over a figure that is known.
      const rumour = OTHERS_SAY.test(said) && indexed.length === 0 && (group?.figures.length ?? 0) > 0;
      if (!group || rumour) {
        loose.push(figure);
        continue;
      }
      // "20 foot pounds, that's a touch over two newton metres": the same once more; where it is not the same, its unit is in doubt.
      const before = group.figures.at(-1);
      if (before && torque.from - lastFigureAt < 12 && /^\W*(?:that's|that is|which is|or|so)\b.*\b(?:about|touch|roughly|just|over|under|same|call it)\b/i.test(said)) {
        const [first, second] = [before.figure, torque.figure].map((one) => holdingTorques(one)[0]);
        if (first && second && Math.max(quantityNm(first) / quantityNm(second), quantityNm(second) / quantityNm(first)) > 3) before.restated = second;
        continue;
      }
      if (group.figures.length > 0 && TAKEN_BACK.test(between(text, terms, lastFigureAt, torque.from)) && torque.from - lastFigureAt < 14) {
        const gone = group.figures.pop();
        if (gone) takenBack.push({ ...gone, notUsed: "taken back" });
        if (gone) struck.push({ span: gone.span, what: formatFigure(gone.figure), of: "figure" });
      }
      put(group, figure, said, i);
      group.last = i;
      lastFigureAt = torque.to;
      for (const other of [...sharing, ...(both.includes(group) ? both : [])]) if (other !== group && !other.figures.includes(figure)) other.figures.push(figure);
    }
    const angle = angleAlone(terms, clause, takenByTorque);
    const turned = angle === undefined ? undefined : (indexed.at(-1)?.group ?? byTopic ?? last);
    if (angle !== undefined && turned && !notThis) turnFurther(turned, angle, said);
    traitsOf(
      said,
      places.filter((group) => group !== undefined),
      last,
    );
  }
  sizesOfTools(heard, groups);
  return { ...heard, turn, groups: consolidated(groups).filter(isReal), loose: [...loose, ...takenBack], struck };
}
