import { text } from "./counts";
import type { Group } from "./group";
import { saidIn } from "./heard";
import { type Mention, marksOf } from "./mention";
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
