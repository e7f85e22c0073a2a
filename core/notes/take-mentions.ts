import { type Told } from "./clauses";
import { SAYS_EACH, ofThem as countOfThem, eachSide, isPerSide, text } from "./counts";
import type { Group } from "./group";
import { saidIn, sentenceOf } from "./heard";
import { type Mention, singular } from "./mention";
import { begin, contradict, isOtherEnd, isSame, mergeInto, resolve, touch } from "./resolve";
import { type FoundSize } from "./scan-size";
import { spokenNumber } from "./spoken-number";
import { BOUGHT, HEADS, HELD_STILL } from "./vocabulary";
import type { Here, Walk } from "./walk";

/** What each way of taking a mention needs to know. */
interface Taking {
  walk: Walk;
  here: Here;
  mention: Mention;
  topic: string[];
  fresh: boolean;
}

/** Finds the group of each mention of a clause, or begins one. */
export function takeMentions(walk: Walk, here: Here): void {
  const { clause, said, mentions, places, things } = here;
  const topic = ofThem(walk, here) ?? (things.length > 0 ? things : walk.topic);
  const fresh = topic.length > 0 && walk.topicSentence === clause.sentence;
  for (const said1 of mentions) {
    const mention = inSameWords(walk, said1);
    const told = mention.count === undefined ? countBehind(walk, here) : undefined;
    mention.count ??= loneCount(walk, here) ?? told?.count;
    mention.perSide ||= told?.perSide ?? false;
    const taking = { walk, here, mention, topic, fresh };
    if (!(takeSeveral(taking) || takeOtherEnd(taking) || takePartOfLast(taking))) takeOne(taking);
  }
  if (SAYS_EACH.test(said)) places.forEach((group) => group && group.count === 1 && (group.perSide = true));
  takeCounts(walk, here);
}

/** "upper = fill": a mention that has one of the two words has both. */
function inSameWords({ same }: Walk, mention: Mention): Mention {
  const others = same.flatMap((pair) =>
    pair.some((word) => mention.marks.includes(word))
      ? pair.filter((word) => !mention.marks.includes(word))
      : [],
  );
  return { ...mention, marks: [...mention.marks, ...others] };
}

/** "both plugs 10 mm", "all eight": said of each that was named. */
function takeSeveral({ walk, here, mention }: Taking): boolean {
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
  const taken = inAll.length > 1 ? inAll : several;
  if (inAll.length <= 1 && !ofEach) return false;
  here.places.push(taken[0]);
  here.also.push(...taken.slice(1));
  taken.forEach((group) => touch(group, { ...mention, count: undefined, name: "" }, terms, here.i));
  walk.last = inAll.length > 1 ? taken[0] : taken.at(-1);
  return true;
}

/** "there's a nut on the back": what a bolt goes into, held still and no group of its own. */
function takeOtherEnd({ walk, here, mention }: Taking): boolean {
  const { last, groups } = walk;
  const { said, i, things } = here;
  if (!last || !isOtherEnd(mention, last, groups, said, i, things)) return false;
  last.hold ??= last.undo && /\b(?:also|same|too)\b/.test(said) ? last.undo : undefined;
  last.traits.add("counter-hold");
  touch(last, { ...mention, marks: [], name: "" }, walk.heard.terms, i);
  here.places.push(last);
  here.heldFrom = mention.from;
  walk.otherEnd = { group: last, at: i };
  return true;
}

/** "one of them is shorter", "and two more down low": a part of those spoken of last, or more like them. */
function takePartOfLast({ walk, here, mention, topic }: Taking): boolean {
  const { last } = walk;
  if (mention.share) {
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

function keepGroup(walk: Walk, here: Here, group: Group): void {
  walk.groups.push(group);
  here.places.push(group);
  walk.last = group;
}

/** A mention of one group: the one that it is told by, or a new one where it names what was not there. */
function takeOne(taking: Taking): void {
  const { walk, here, mention } = taking;
  const { groups } = walk;
  const { text: whole, terms } = walk.heard;
  const { i, clause, said, places } = here;
  const found = ofLastCounted(taking) ?? chooseGroup(taking);
  const apart = found ?? toldApart(walk, here, mention);
  if (apart && !found) {
    touch(apart, { ...mention, count: undefined }, terms, i);
    places.push(apart);
    here.guessed.add(apart);
    walk.last = apart;
    return;
  }
  const held = HELD_STILL.test(
    saidIn(whole, terms, { from: Math.max(clause.from, mention.from - 4), to: mention.from }),
  );
  if (!found && !held && isNew(taking)) return beginOne(taking);
  places.push(found);
  if (!found) {
    if (mention.family === "one" && mention.marks.length > 0 && !mention.pointing && !here.notThis)
      walk.unknown = { mention, at: i };
    return;
  }
  touch(found, mention, terms, i);
  const same = groups.find((group) => group !== found && isSame(group, found, mention));
  if (same) {
    mergeInto(found, same);
    groups.splice(groups.indexOf(same), 1);
    if (walk.last === same) walk.last = found;
  }
  walk.unknown = undefined;
  const isBroken = /\b(?:snap|strip|break|crack|shear|round)(?:s|ped|ped|ed|ing)?\b/.test(said);
  if (!held && !here.notThis && !isBroken) walk.last = found;
}

/** "four of them": of those spoken of last, where nobody said yet how many they are. */
function ofLastCounted({ walk: { last }, here, mention }: Taking): Group | undefined {
  return mention.ofThem &&
    last &&
    (last.count === undefined || (last.count === 1 && !mention.perSide)) &&
    here.i - last.last <= 3 &&
    !here.sizes.some((one) => one.kind === "head")
    ? last
    : undefined;
}

/** "Two long ones, which are thirteen": named by what they look like, as their size is told with it. */
function isSizedHere({ here, mention }: Taking): boolean {
  const after = here.mentions.find((one) => one.from > mention.from)?.from ?? here.clause.to;
  return (
    mention.family === "one" &&
    mention.marks.length > 0 &&
    !mention.pointing &&
    here.sizes.some((one) => one.kind === "head" && one.from >= mention.to && one.from < after)
  );
}

/** Whether a mention of nothing known begins a group: not what is of another car, and not what was bought. */
function isNew(taking: Taking): boolean {
  const { walk, here, mention } = taking;
  const { text: whole, terms } = walk.heard;
  const { clause, i } = here;
  return (
    here.notThis === undefined &&
    (mention.some ||
      mention.placed ||
      isSizedHere(taking) ||
      mention.family !== "one" ||
      (mention.sized && (mention.count ?? 0) > 1)) === true &&
    !BOUGHT.test(
      saidIn(whole, terms, {
        from: Math.max(clause.from, mention.from - 12),
        to: Math.min(clause.to, mention.to + 12),
      }),
    ) &&
    !/^\W*(?:(?:stuff|things|parts?|bits) (?:i |you |we )?(?:bought|got|need)|bought)\b/i.test(
      sentenceOf(walk.heard, i),
    )
  );
}

function beginOne(taking: Taking): void {
  const { walk, here, mention, topic, fresh } = taking;
  const { last } = walk;
  const { terms } = walk.heard;
  const { i } = here;
  // "there's ten of them", after "these guys going around the cover".
  const called =
    mention.sized && mention.marks.length === 0 && walk.unknown && i - walk.unknown.at <= 2
      ? walk.unknown.mention.marks
      : [];
  const sizedHere = isSizedHere(taking);
  const begun: Mention = sizedHere
    ? {
        ...mention,
        count: mention.count ?? (text(terms, mention.to - 1) === "one" ? 1 : undefined),
        family: "bolt",
        name: `${mention.name} ${(mention.count ?? 1) > 1 ? "bolts" : "bolt"}`,
      }
    : mention;
  const group = begin(begun, called.length > 0 ? [...called] : topic, terms, i, fresh);
  // "They're all seventeens, no, the hidden one is a fifteen": one fewer of the others.
  const isOneOfThem = sizedHere && mention.definite && (mention.count ?? 1) === 1;
  if (isOneOfThem && last?.count !== undefined && last.count > 2 && i - last.last <= 3) last.count -= 1;
  keepGroup(walk, here, group);
  walk.unknown = undefined;
}

/** How many of what was spoken of just now, where a clause says no more than that. */
function takeCounts(walk: Walk, here: Here): void {
  const { terms } = walk.heard;
  const { i, clause, said, mentions } = here;
  const tells = countClause(said, clause, here);
  const howMany = tells === undefined ? undefined : spokenNumber(terms, tells);
  if (howMany && walk.last && i - walk.last.last <= 2 && howMany.value <= 32) walk.last.count = howMany.value;
  // "The lower damper bolts, left and right": one each.
  if (
    walk.last &&
    walk.last.count === undefined &&
    mentions.length === 0 &&
    /^\W*(?:left and right|both sides)\W*$/i.test(said) &&
    i - walk.last.last <= 1
  )
    walk.last.count = 2;
  // "Four on each wheel".
  const spoken = mentions.length === 0 ? eachSide(terms, clause, said) : undefined;
  if (spoken !== undefined && walk.last && (walk.last.count === undefined || walk.last.count === spoken)) {
    walk.last.count = spoken;
    walk.last.perSide = true;
  }
}

function countClause(said: string, clause: Told, here: Here) {
  if (/^\W*(?:and )?i count(?:ed)? (\w+)\W*$/i.test(said)) return clause.to - 1;
  if (/^\W*\w+ (?:numbers|nos|pieces|off)\W*$/i.test(said)) return clause.from;
  if (/^\W*(?:there's|there are|they're) \w+\W*$/i.test(said) && here.sizes.length === 0)
    return clause.to - 1;
  return undefined;
}

function chooseGroup({ walk, here, mention, topic, fresh }: Taking): Group | undefined {
  const { groups, last } = walk;
  if (mention.profile) return ofProfile(groups, mention);
  if (mention.all) return ofCount(groups, mention, topic, here.i);
  const size = here.sizes.find(
    (one) => one.kind === "head" && one.from >= mention.from - 1 && one.from <= mention.to + 1,
  );
  const head = size?.kind === "head" ? size.head : undefined;
  return resolve(groups, mention, head, topic, last, here.i, here.goingBack, fresh);
}

/**
 * "Slide pins, with 13 mm bolts in the back of them", "two clamps, a bolt in each one": of what was named
 * just before.
 */
function ofThem({ last }: Walk, { i, said }: Here): string[] | undefined {
  if (!last || last.family === "bolt" || i - last.last > 3) return undefined;
  if (
    !/\b(?:in|on|at) (?:the (?:back|end|ends|top|bottom|middle) of (?:them|it|these|those|each)|each(?: one| of (?:them|those|em))?(?! side| wheel| end))\b/i.test(
      said,
    )
  )
    return undefined;
  return [...last.marks, singular(last.name.split(" ").at(-1) ?? "")];
}

/**
 * "All three bolts", where none are three of their own: the last groups that come to so many together; wheels
 * go on by themselves.
 */
function together(groups: readonly Group[], { family, count, marks }: Mention): Group[] {
  const alike = groups
    .filter((group) => group.family === family && !group.marks.has("wheel"))
    .sort((a, b) => b.last - a.last);
  if (
    count === undefined ||
    marks.length > 0 ||
    groups.some((group) => group.family === family && group.count === count)
  )
    return [];
  let sum = 0;
  const found = alike.filter((group) => {
    if (sum >= count) return false;
    sum += group.count ?? 1;
    return true;
  });
  return sum === count ? found : [];
}

/**
 * "The two long ones get 70 and the little one 35": of bolts without a figure those that are so many, or so
 * many of a larger lot.
 */
function toldApart(
  { groups, heard: { torques } }: Walk,
  { i, clause, goingBack, places }: Here,
  mention: Mention,
): Group | undefined {
  const figured = torques.some(({ from }) => from >= clause.from && from < clause.to);
  if (
    !goingBack ||
    !figured ||
    mention.family !== "one" ||
    mention.marks.length === 0 ||
    mention.pointing ||
    !mention.definite ||
    mention.byFigure
  )
    return undefined;
  const count = mention.count ?? 1;
  const kind = places.findLast((group) => group !== undefined)?.family ?? "bolt";
  const open = groups.filter(
    (group) =>
      group.family === kind &&
      group.figures.length === 0 &&
      group.undo !== undefined &&
      !places.includes(group) &&
      !contradict(mention.marks, group.marks) &&
      i - group.last <= MANY_BREATHS,
  );
  const [exact, ...others] = open.filter((group) => (group.count ?? 1) === count);
  if (exact && others.length === 0) return exact;
  const [lot, ...lots] = open.filter((group) => (group.count ?? 0) > count);
  if (exact || !lot?.count || lots.length > 0) return undefined;
  const some: Group = {
    ...lot,
    name: `${mention.name} ${lot.name}`,
    marks: new Set([...lot.marks, ...mention.marks]),
    count,
    aliases: [],
    figures: [],
    traits: new Set(lot.traits),
    spans: [...lot.spans],
    clauses: new Set(lot.clauses),
  };
  lot.count -= count;
  groups.push(some);
  return some;
}

/**
 * "8 bolts: 6 are 13 mm, 2 at the rear are T45": the first are as many fewer of them, the others a lot of
 * their own.
 */
function shared(walk: Walk, { i, sizes }: Here, mention: Mention): Group | undefined {
  const { last, groups, heard } = walk;
  const count = mention.count ?? 1;
  if (!last || i - last.last > 3 || !sizes.some(({ kind }) => kind === "head")) return undefined;
  if (last.count !== undefined && last.count > count && last.undo === undefined) {
    walk.others = last.count - count;
    last.count = count;
    touch(last, { ...mention, count: undefined, name: "" }, heard.terms, i);
    return last;
  }
  if (walk.others !== count) return undefined;
  const group = begin(
    {
      ...mention,
      family: last.family,
      name: [...mention.marks, last.name.split(" ").findLast((word) => HEADS[word]) ?? "bolts"].join(" "),
    },
    last.topic,
    heard.terms,
    i,
  );
  groups.push(group);
  walk.others = undefined;
  return group;
}

/** As far back as what goes together is still being put back. */
const MANY_BREATHS = 30;

/** The one group that has such a head. */
function ofProfile(groups: readonly Group[], { profile, count }: Mention): Group | undefined {
  const like = groups.filter((group) =>
    [group.undo, group.doUp].some((one) => one?.head.profile === profile),
  );
  return like.length === 1 ? like[0] : like.find((group) => count !== undefined && group.count === count);
}

/** The group of just so many: that of what is worked on, or the one spoken of last. */
function ofCount(
  groups: readonly Group[],
  { count }: Mention,
  topic: readonly string[],
  at: number,
): Group | undefined {
  const like = groups.filter(
    (group) =>
      group.count === count || (group.perSide && group.count !== undefined && group.count * 2 === count),
  );
  const topical = like.filter((group) =>
    topic.some((word) => group.marks.has(word) || group.topic.includes(word)),
  );
  return [...(topical.length > 0 ? topical : like)].sort((a, b) => at - a.last - (at - b.last))[0];
}

/** "Cover bolts: eleven, 10 mm": the number that stands alone behind the only thing named. */
function loneCount(
  { heard: { terms, told } }: Walk,
  { i, clause, mentions, sizes }: Here,
): number | undefined {
  const next = told[i + 1];
  if (!/s$/.test(mentions[0]?.head ?? "")) return undefined;
  const bracketed = terms[(next?.from ?? 0) - 1]?.text === "(";
  const number =
    next && !bracketed && next.sentence === clause.sentence && mentions.length === 1 && sizes.length === 0
      ? spokenNumber(terms, next.from)
      : undefined;
  return number &&
    (number.next === next?.to || terms[number.next]?.text === ",") &&
    !number.fraction &&
    Number.isInteger(number.value) &&
    number.value >= 2 &&
    number.value <= 32
    ? number.value
    : undefined;
}

/** "lug nuts are 19, six of them": how many there are, later in the clause that names nothing else. */
function countBehind(
  { heard: { terms } }: Walk,
  { clause, mentions }: Here,
): { count: number; perSide: boolean } | undefined {
  const [only] = mentions;
  if (!only || mentions.length > 1 || only.family === "one") return undefined;
  for (let at = only.to; at < clause.to; at++) {
    // "Shackle nuts are 19 mm and there are two each side".
    const each = /^(?:are|there's|and)$/.test(text(terms, at)) ? spokenNumber(terms, at + 1) : undefined;
    if (each && isPerSide(terms, each.next) && Number.isInteger(each.value) && each.value <= 12)
      return { count: each.value, perSide: true };
    const count = countOfThem(terms, at);
    if (count !== undefined && count > 1) return { count, perSide: false };
  }
  return undefined;
}
