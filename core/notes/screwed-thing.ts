import { text } from "./counts";
import { type Mention, marksOf, mentionAt } from "./mention";
import { spokenNumber } from "./spoken-number";
import type { Term } from "./terms";
import { HEADS, NOT_IN_NAME } from "./vocabulary";

/** Parts that may be screwed in by a hexagon of their own, and held by nothing else. */
const MAY_BE_SCREWED = /^(?:sensor|sender|switch|probe|cap)$/;
/** Most caps are turned by hand or pulled: that of a filter has a hexagon. */
const HAS_HEXAGON = /^(?:filter|housing)$/;
/** Hexagons of such parts across flats, mm. */
const SMALLEST = 12;
const LARGEST = 36;

/** "The sensor itself is 22 mm", "the sender takes a 19": a part with a head of its own. */
const tellsHead = (terms: readonly Term[], at: number): boolean => {
  let n = at + 1;
  if (text(terms, n) === "itself") n++;
  const straight = /^(?:mm|mils?)$/.test(text(terms, n + 1));
  if (!straight && !/^(?:is|takes|needs|wants|has|with|,)$/.test(text(terms, n))) return false;
  if (!straight) n++;
  while (/^(?:a|an|got|deep|big)$/.test(text(terms, n))) n++;
  const number = spokenNumber(terms, n);
  return (
    number !== undefined &&
    !number.fraction &&
    number.value >= SMALLEST &&
    number.value <= LARGEST &&
    /^(?:mm|mils?|millimet(?:re|er)s?|sockets?|spanner|wrench|deep|hex|[,.;\n]|)$/.test(
      text(terms, number.next),
    ) &&
    // "The sensor with a 13 mm bolt" is held by that.
    !/^(?:bolt|nut|screw|stud)s?$/.test(text(terms, number.next + 1)) &&
    // "The sensor is 22 mm away".
    !/^(?:away|from|above|below|off|long|deep|thick|across|apart)$/.test(text(terms, number.next + 1))
  );
};

/** So many words on, a socket is still that of what was named, where no bolt was since. */
const SOON = 40;
/** "The oxygen sensor, 45 foot pounds if it comes out, 22 mm slotted socket": a socket, and nothing else for it to turn. */
function tellsSocket(terms: readonly Term[], at: number): boolean {
  const ahead = terms.slice(at + 1, at + SOON);
  const ends = ahead.findIndex(
    ({ text: word }) => word === "\n" || Object.hasOwn(HEADS, word) || MAY_BE_SCREWED.test(word),
  );
  return ahead.slice(0, ends < 0 ? SOON : ends).some((_, k) => {
    const number = spokenNumber(terms, at + 1 + k);
    if (!number || number.fraction || number.value < SMALLEST || number.value > LARGEST) return false;
    const behind = [0, 1, 2].map((n) => text(terms, number.next + n)).join(" ");
    if (!/^(?:mm|mils?|millimet(?:re|er)s?) (?:\w+ )?socket\b/.test(behind)) return false;
    // "27 mm deep socket, but you can leave it in".
    const after = terms.slice(number.next, number.next + 9).map(({ text: word }) => word);
    return !after.some(
      (word, n) => /^(?:leave|left|stays)$/.test(word) && /^(?:it|in|put)$/.test(after[n + 1] ?? ""),
    );
  });
}

const isScrewed = (terms: readonly Term[], at: number, word: string): boolean =>
  MAY_BE_SCREWED.test(word) &&
  (word !== "cap" || HAS_HEXAGON.test(text(terms, at - 1))) &&
  terms.some((term, n) => term.text === word && (tellsHead(terms, n) || tellsSocket(terms, n)));

/** "The sender is held by a big plastic ring": what is turned to undo it. */
const isRingThatHolds = (terms: readonly Term[], word: string): boolean =>
  /^(?:ring|collar)$/.test(word) &&
  // A snap ring is levered out.
  !terms.some(
    (term, n) =>
      term.text === word && /^(?:snap|retaining|piston|seal|spring|wire|o)$/.test(text(terms, n - 1)),
  ) &&
  // "The ring has six nuts".
  !terms.some(
    (term, n) => term.text === word && /^(?:has|is|with|bolts?|nuts?|screws?)$/.test(text(terms, n + 1)),
  ) &&
  terms.some(
    (term, n) =>
      term.text === word &&
      /\b(?:held|holds|secured|clamped)(?: \w+){0,2} (?:by|with) (?:a|one|the) (?:[a-z-]+ ){0,3}$/.test(
        `${terms
          .slice(Math.max(0, n - 8), n)
          .map((one) => one.text)
          .join(" ")} `,
      ),
  );

/** A part that is a fastener itself, wherever it is spoken of in a telling that gives its head. */
export function screwedThing(terms: readonly Term[], at: number, from: number): Mention | undefined {
  const word = text(terms, at);
  const isRing = isRingThatHolds(terms, word);
  if (!isRing && !isScrewed(terms, at, word)) return undefined;
  // "The sensor bolt", "sensor wire".
  if (Object.hasOwn(HEADS, text(terms, at + 1)) || terms[at + 1]?.tag === "noun") return undefined;
  let start = at;
  while (
    start > from &&
    at - start < 3 &&
    /^(?:noun|adjective)$/.test(terms[start - 1]?.tag ?? "") &&
    !NOT_IN_NAME.has(text(terms, start - 1))
  )
    start--;
  const words = terms.slice(start, at + 1).map((term) => term.text);
  return mentionAt(start, at + 1, {
    family: isRing ? "nut" : "plug",
    head: word,
    marks: marksOf(words),
    name: words.join(" "),
    count: 1,
    definite: true,
  });
}
