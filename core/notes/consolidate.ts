import { formatHeadSize } from "../quantity/read-head-size";
import { formatFigure } from "../quantity/torque-words";
import type { Group, SaidSize } from "./group";
import { contradict } from "./same-group";
import { alike } from "./same-group";
import { mergeInto } from "./same-group";
import { OPPOSITES, PLACES, SCREWED_PLUG } from "./vocabulary";

/** Groups that nothing keeps apart, and that share what they are called or what they hold, are one. */
export function consolidated(groups: readonly Group[]): Group[] {
  const kept: Group[] = [];
  for (const group of groups) {
    const same = kept.find((other) => isOne(other, group));
    if (same) mergeInto(same, group);
    else kept.push(group);
  }
  onTheirBolts(kept);
  for (const one of kept.filter(({ count }) => count === 1 || count === undefined)) countedLast(one, kept);
  // "Three of them, 14" going out and "all three to 24" coming in: so many of one kind that there are no
  // others.
  for (const back of kept.filter(
    ({ undo, figures, count }) => undo === undefined && figures.length > 0 && (count ?? 0) > 1,
  )) {
    const out = kept.filter(
      (group) =>
        group !== back &&
        group.family === back.family &&
        group.count === back.count &&
        group.undo !== undefined &&
        group.figures.length === 0,
    );
    const [only] = out;
    if (!only || out.length > 1 || contradict(only.marks, back.marks)) continue;
    mergeInto(only, back);
    kept.splice(kept.indexOf(back), 1);
  }
  for (const bare of kept.filter(
    ({ undo, doUp, figures, count }) =>
      undo === undefined && doUp === undefined && figures.length === 0 && count !== undefined,
  )) {
    const meant = kept.filter((group) => group !== bare && isMeant(bare, group));
    const [only] = meant;
    if (!only || meant.length > 1) continue;
    mergeInto(only, bare);
    kept.splice(kept.indexOf(bare), 1);
  }
  return kept.filter((group) => !isCollective(group, kept));
}

/** "U-bolts, two a side, so four nuts a side": nothing turns a U-bolt, and what is said of it is said of its nuts. */
function onTheirBolts(kept: Group[]): void {
  const bolts = kept.find(({ family, marks, undo }) => family === "stud" && marks.has("u") && !undo);
  const nuts = kept.find(
    ({ family, topic, marks }) => family === "nut" && (topic.includes("u") || marks.has("u")),
  );
  if (!bolts || !nuts) return;
  mergeInto(nuts, bolts);
  kept.splice(kept.indexOf(bolts), 1);
}

const LAST_OF: Readonly<Record<string, number>> = { third: 3, fourth: 4, fifth: 5, sixth: 6 };

/**
 * "Three bolts … the third one is under the hose": one of the three; with another head or figure it stands
 * apart, and the rest are one fewer.
 */
function countedLast(one: Group, kept: Group[]): void {
  const many = [...one.marks].map((mark) => LAST_OF[mark]).find((number) => number !== undefined);
  const whole =
    many === undefined
      ? undefined
      : kept.find(
          (group) =>
            group !== one &&
            alike(group.family, one.family) &&
            group.count === many &&
            group.first <= one.first &&
            one.first - group.first <= 12,
        );
  if (!whole || many === undefined) return;
  const heads = [whole, one].map(({ undo }) => undo && formatHeadSize(undo.head));
  const figures = [whole, one].map((group) => (group.figures.length > 0 ? lastFigure(group) : undefined));
  const differ = [heads, figures].some(([of, its]) => of !== undefined && its !== undefined && of !== its);
  if (differ) whole.count = many - 1;
  else {
    mergeInto(whole, one);
    kept.splice(kept.indexOf(one), 1);
  }
}

const all = ({ count, perSide }: Group) => {
  if (count === undefined) return undefined;
  if (perSide) return 2 * count;
  return count;
};

/**
 * Whether so many bolts of which nothing else is told are these: there are just so many, or they were spoken
 * of in the breath before and not counted.
 */
function isMeant(bare: Group, group: Group): boolean {
  if (
    bare.family !== group.family ||
    (bare.family !== "bolt" && bare.family !== "nut") ||
    contradict(bare.marks, group.marks)
  )
    return false;
  if (group.undo === undefined && group.figures.length === 0) return false;
  const breath = [...group.clauses].some((clause) => bare.first - clause >= 0 && bare.first - clause <= 5);
  return (bare.count ?? 0) > 2 && (group.count === undefined ? breath : all(group) === all(bare));
}

/**
 * "Two plugs", later told apart as the upper and the lower one: what was said of both goes to each, and the
 * pair is no group of its own.
 */
function isCollective(whole: Group, groups: readonly Group[]): boolean {
  const members = groups.filter(
    (group) =>
      group !== whole &&
      group.family === whole.family &&
      group.first >= whole.first &&
      (group.count ?? 1) < (whole.count ?? 0),
  );
  const apart = members.filter((group) =>
    members.some((other) => other !== group && contradict(group.marks, other.marks)),
  );
  const inAll = apart.reduce((sum, { count }) => sum + (count ?? 1), 0);
  if (
    whole.figures.length > 0 ||
    (whole.count ?? 0) < 2 ||
    inAll !== whole.count ||
    [...whole.marks].some((mark) => OPPOSITES.flat().includes(mark))
  )
    return false;
  for (const member of apart) {
    member.undo ??= whole.undo;
    member.doUp ??= whole.doUp;
    member.hold ??= whole.hold;
    member.perSide ||= whole.perSide;
    whole.traits.forEach((trait) => member.traits.add(trait));
  }
  return true;
}

export function isOne(a: Group, b: Group): boolean {
  if (!alike(a.family, b.family) || a.family === "one" || contradict(a.marks, b.marks)) return false;
  // "Lower arm, one bolt. Upper arm, one bolt."
  if (contradict(a.topic, new Set(b.topic))) return false;
  const differ = (x: SaidSize | undefined, y: SaidSize | undefined) =>
    x !== undefined && y !== undefined && formatHeadSize(x.head) !== formatHeadSize(y.head);
  if (
    differ(a.undo, b.undo) &&
    differ(a.doUp ?? a.undo, b.doUp ?? b.undo) &&
    differ(a.doUp ?? a.undo, b.undo)
  )
    return false;
  const uncounted = (one: Group) =>
    one.count === undefined || (one.count === 1 && /nuts|bolts|screws/.test(one.name));
  // "An old wheel nut", of the wheel nuts.
  const oneOf = (one: Group, many: Group) =>
    one.count === 1 && one.figures.length === 0 && many.name === `${one.name}s`;
  if (oneOf(a, b) || oneOf(b, a)) return true;
  if (!uncounted(a) && !uncounted(b) && a.count !== b.count && !(a.perSide && b.count === 2 * (a.count ?? 0)))
    return false;
  if (a.figures.length > 0 && b.figures.length > 0 && lastFigure(a) !== lastFigure(b)) return false;
  // Three on each side and "all six rail bolts", with one head: there are no six others.
  if (
    a.perSide !== b.perSide &&
    a.undo &&
    b.undo &&
    !differ(a.undo, b.undo) &&
    a.count !== b.count &&
    (all(a) ?? 0) > 2 &&
    all(a) === all(b)
  )
    return true;
  const [x, y] = [a, b].map((one) => new Set([...one.marks, ...one.topic])) as [Set<string>, Set<string>];
  const shared = [...x].filter((word) => y.has(word));
  const marks = [...a.marks].filter((word) => b.marks.has(word)).length;
  // "Upper" of the bracket is not the upper one of the alternator.
  const elsewhere = (one: Group, words: ReadonlySet<string>) =>
    one.topic.length > 0 &&
    [...one.marks].every((word) => PLACES.has(word)) &&
    !one.topic.some((word) => words.has(word));
  const inside = (one: Group, words: ReadonlySet<string>) =>
    one.marks.size > 0 && [...one.marks].every((word) => words.has(word)) && !elsewhere(one, words);
  // Each has its own size: told apart by more than a shared word.
  if (a.undo && b.undo && differ(a.undo, b.undo)) return marks >= 2;
  return (
    inside(a, y) ||
    inside(b, x) ||
    marks >= 2 ||
    (a.marks.size === 0 && b.marks.size === 0 && shared.length > 0)
  );
}

/** What a hose's clamps are told by: the hose, or of what kind they are. */
const OF_HOSES = /^(?:hose|pipe|duct|spring|squeeze|worm|constant-tension)$/;

/** Whether a group is a fastener at all: screwed, or told by its size or figure. */
export function isReal(group: Group): boolean {
  const told = group.undo !== undefined || group.figures.length > 0 || group.doUp !== undefined;
  // A cross-head is a head, though nobody says which number.
  if (told || /\bcross-head\b/.test(group.name)) return true;
  if (group.family === "one" || group.family === "stud") return false;
  // The nipple of a cable is its end.
  if (group.family === "bleeder")
    return group.marks.has("bleed") || group.marks.has("brake") || /bleed/.test(group.name);
  if (group.family === "terminal") return group.traits.has("snug");
  if (group.family === "clip" || group.family === "pin") {
    // "Mind the rubber clips": spoken of once in passing, and not counted; a hose has its own.
    const ofHose = [...group.marks, ...group.topic].some((word) => OF_HOSES.test(word));
    if (group.count === undefined && group.clauses.size === 1 && !ofHose) return false;
    // "The trim strip, four clips".
    return (
      group.marks.size > 0 || (group.topic.length > 0 && (group.count ?? 0) > 1 && /clips$/.test(group.name))
    );
  }
  // A bolt or nut of which nothing is told but its name is what something hangs on, spoken of in passing.
  if (group.family === "bolt" || group.family === "nut") {
    const placed = group.marks.size > 0 || group.topic.length > 0;
    return (
      group.traits.has("snug") ||
      group.perSide ||
      (group.count !== undefined && placed && (group.count > 1 || group.clauses.size > 1))
    );
  }
  // Plugs without a size are pushed in by hand, but for those that hold a liquid.
  if (group.family === "plug" && ![...group.marks].some((mark) => SCREWED_PLUG.has(mark))) return false;
  const called = group.marks.size > 0 || (group.topic.length > 0 && group.count !== undefined);
  return called && (group.traits.size > 0 || group.count !== undefined || group.clauses.size > 1);
}

const lastFigure = ({ figures }: Group) => {
  const last = figures.at(-1);
  return last && formatFigure(last.figure);
};
