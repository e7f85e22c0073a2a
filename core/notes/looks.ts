import { formatHeadSize } from "../quantity/read-head-size";
import { text } from "./counts";
import type { Group } from "./group";
import { saidIn } from "./heard";
import { type Mention, marksOf, singular } from "./mention";
import type { Taking } from "./new-group";
import { alike, contradict } from "./same-group";
import { bySize } from "./told-apart";
import { PLACES } from "./vocabulary";
import type { Here, Walk } from "./walk";

/**
 * "Five of the big ones, two little ones", of bolts with heads of two sizes and none called so yet: told apart
 * by how large they are.
 */
export function tellBySize({ groups, last }: Walk, { family, marks }: Mention): void {
  const isOfSize = family === "one" && marks.length === 1 && /^(?:big|small)$/.test(marks[0] ?? "");
  const [one, other, ...more] = groups.filter(
    (group) =>
      group.family === "bolt" &&
      group.undo?.head.profile === "hexagon" &&
      group.topic.length > 0 &&
      group.topic.join(" ") === last?.topic.join(" "),
  );
  if (!isOfSize || !one || !other?.undo || more.length > 0) return;
  const isCalled = ({ marks, name }: Group) =>
    ["big", "small"].some((mark) => marks.has(mark)) || /\b(?:big|small|little)\b/.test(name);
  if (!isCalled(one) && !isCalled(other)) bySize(one, other, other.undo.head);
}

/**
 * "Three bolts, two of them are short and one's long · the long one goes on the bottom": one of those, where
 * no head or figure of its own is told.
 */
export function ofPartsTold(
  { last, heard }: Walk,
  here: Here,
  { family, marks, definite }: Mention,
): Group | undefined {
  const isLook =
    family === "one" && definite && marks.some((mark) => /^(?:long|short|big|small)$/.test(mark));
  if (!isLook || !last || (last.count ?? 0) < 2 || here.i - last.first > 4) return undefined;
  const { text, terms, told, torques } = heard;
  const isTold = (k: number) => PARTS.test(told[k] ? saidIn(text, terms, told[k]) : "");
  const isOwn =
    here.sizes.length > 0 || torques.some(({ from }) => from >= here.clause.from && from < here.clause.to);
  const parts = Array.from({ length: here.i - last.first + 1 }, (_, k) => last.first + k).some(isTold);
  return parts && !isOwn ? last : undefined;
}
const PARTS =
  /\b(?:one|two|three|four|\d)(?: of (?:them|those|em))?(?:'s| is| are) (?:a (?:bit|little) )?(?:long|short|big|small|little)(?:er)?\b/i;

const LOOKS =
  /\b(?:is|are|was|were|it's|that's|they're|those're)\s+(?:(?:a (?:bit|lot|little|touch)|much|slightly|way|really|very|quite|all|both|the)\s+)*(long|longer|short|shorter|big|bigger|small|smaller|little)(?:\s+(?:ones?|guys?))?(?=\W*$|\W+(?:and|so|but|because|it|they|with)\b)/i;

const MANY =
  "(one|two|three|four|five|six|\\d)(?: of (?:them|those|em))?(?:'s| is| are)?(?: an?)?(?: bit| little)?";
const LOOK = "(long|short|big|small|little)(?:er)?(?: ones?)?";
const OF_EACH = new RegExp(`\\b${MANY} ${LOOK}\\W+(?:and )?${MANY} ${LOOK}\\b`, "i");
const COUNTED = ["one", "two", "three", "four", "five", "six"];

/** "Three bolts, two short one long": of one lot, as long as nothing is told of the ones alone. */
export function takeLooksOfEach({ last, heard: { text, terms, told } }: Walk, { i, clause }: Here): void {
  const before = told[i - 1];
  const from = before?.sentence === clause.sentence ? before.from : clause.from;
  const said = OF_EACH.exec(saidIn(text, terms, { from, to: clause.to }));
  if (!said || !last || i - last.first > 3) return;
  const [, one = "", look = "", other = "", also = ""] = said.map((word) => word.toLowerCase());
  const countOf = (word: string) => COUNTED.indexOf(word) + 1 || Number(word);
  const looks = [
    { mark: marksOf([look])[0] ?? "", count: countOf(one) },
    { mark: marksOf([also])[0] ?? "", count: countOf(other) },
  ];
  if (look !== also && looks.reduce((sum, { count }) => sum + count, 0) === last.count) last.looks = looks;
}

/** "Short ones get 25 Nm, long one 45", of such a lot: from then on each is its own. */
export function splitByLook(walk: Walk, here: Here, { family, marks }: Mention): Group | undefined {
  const { groups, heard } = walk;
  const isTold =
    here.sizes.length > 0 ||
    heard.torques.some(({ from }) => from >= here.clause.from && from < here.clause.to);
  const whole = groups.findLast(({ looks }) => looks?.some(({ mark }) => marks.includes(mark)));
  if (!whole?.looks || !isTold || (family !== "one" && family !== whole.family)) return undefined;
  const { looks, ...all } = whole;
  const parts = looks.map(({ mark, count }): Group => ({
    ...all,
    name: `${mark} ${count === 1 ? singular(all.name) : all.name}`,
    aliases: [...all.aliases],
    marks: new Set([...all.marks, mark]),
    count,
    figures: [...all.figures],
    traits: new Set(all.traits),
    spans: [...all.spans],
    clauses: new Set(all.clauses),
  }));
  groups.splice(groups.indexOf(whole), 1, ...parts);
  const meant = parts.find((part) => looks.some(({ mark }) => marks.includes(mark) && part.marks.has(mark)));
  walk.last = meant;
  return meant;
}

/** "They're long", "the top one is shorter and goes in from the other side": told by that from then on. */
export function takeLooks({ last }: Walk, { i, said, mentions, places }: Here): void {
  const look = LOOKS.exec(said)?.[1]?.toLowerCase();
  if (!look || /\b(?:one|some|two) of\b/i.test(said)) return;
  const pointed = /^\W*(?:and |so )?(?:they|those|these|it|that|this)(?:'s|'re| is| are| was| were)\b/i.test(
    said,
  );
  const recent = pointed && mentions.length === 0 && last && i - last.last <= 1 ? last : undefined;
  const group = places.length === 1 && mentions[0]?.family === "one" ? places[0] : recent;
  for (const mark of marksOf([look])) group?.marks.add(mark);
}

/** "The clamp is a band one": of what kind it is, and nothing else. */
export function described(
  { heard: { terms } }: Walk,
  { places }: Here,
  { family, from, marks }: Mention,
): Group | undefined {
  const isKind =
    family === "one" &&
    /^(?:is|are|was|were)$/.test(text(terms, from - 1)) &&
    /^an?$/.test(text(terms, from));
  const before = isKind ? places.findLast((group) => group !== undefined) : undefined;
  marks.forEach((mark) => before?.marks.add(mark));
  return before;
}

/** "Along the top, under the bonnet: four bolts": where what is counted next is, told in the breath before. */
export function placeAhead({ heard: { terms, told } }: Walk, { i, clause, mentions }: Here): string[] {
  const [first] = mentions;
  const leads = first && (first.from <= clause.from + 3 || text(terms, clause.from) === "there's");
  if (!leads || first.definite || first.count === undefined) return [];
  for (const before of told.slice(Math.max(0, i - 3), i).reverse()) {
    const words = terms
      .slice(before.from, before.to)
      .map(({ text: word }) => word)
      .filter((word, k) => !(k === 0 && /^(?:and|then|so)$/.test(word)));
    const place = words.at(-1) ?? "";
    const isPlace =
      words.length <= 4 &&
      PLACES.has(place) &&
      /^(?:along|at|on|across|down|up|in|under|underneath)$/.test(words[0] ?? "");
    if (before.sentence === clause.sentence && isPlace) return marksOf([place]);
  }
  return [];
}

/** "Frame side is a nut on a taper": what it is on the side of. */
export function sideAhead(
  { heard: { text: whole, terms } }: Walk,
  { clause, mentions }: Here,
): { mark: string; called: string } | undefined {
  const said = saidIn(whole, terms, { from: clause.from, to: mentions[0]?.from ?? clause.from });
  const [, mark, kind] = SIDE.exec(said.toLowerCase()) ?? [];
  return mark && kind && !PLACES.has(mark) ? { mark, called: `${mark} ${kind}` } : undefined;
}
const SIDE =
  /^\W*(?:(?:the|and|so|on|then|now) )*(?!each|every|either|both|other|one|this|that)([a-z-]{3,}) (side|end)(?: is|'s| has| gets| takes)(?: got)?$/;

/** "Seat bolts 35": those at the front and those at the rear, with the same heads, where neither is named. */
export function ofBothPlaces({ walk: { groups }, here, mention }: Taking, found: Group): Group[] {
  const isPlain =
    mention.count === undefined && /s$/.test(mention.head) && !mention.marks.some((mark) => PLACES.has(mark));
  if (!here.goingBack || !isPlain || found.figures.length > 0 || !found.undo) return [];
  const head = formatHeadSize(found.undo.head);
  return groups.filter(
    (group) =>
      group !== found &&
      alike(group.family, found.family) &&
      group.figures.length === 0 &&
      group.undo !== undefined &&
      formatHeadSize(group.undo.head) === head &&
      contradict(group.marks, found.marks) &&
      found.topic.length > 0 &&
      found.topic.every((word) => group.topic.includes(word)),
  );
}

/** "1.5 for all the small screws", where none was called small: all that are screws and have no figure yet. */
export const allSmall = ({ groups }: Walk, { goingBack }: Here, { marks, head }: Mention): Group[] =>
  goingBack && marks.length === 1 && marks[0] === "small" && !groups.some((group) => group.marks.has("small"))
    ? groups.filter(({ name, figures }) => figures.length === 0 && name.includes(singular(head)))
    : [];
