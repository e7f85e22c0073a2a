import { othersIn } from "./anaphora";
import { batteryTerminal } from "./battery";
import { behind, wordsFrom } from "./behind";
import type { Clause } from "./clauses";
import { countBefore, isDefinite, isPerSide, ofThem, text } from "./counts";
import { type Family, type Mention, marksOf, mentionAt, singular } from "./mention";
import { nameBefore } from "./name-before";
import { isNoFastener, isVerb } from "./no-fastener";
import { isPlugByName, isWired, onlyPlug } from "./plugs";
import { screwedThing } from "./screwed-thing";
import { type FoundSize } from "./size-words";
import { spokenNumber } from "./spoken-number";
import type { Term } from "./terms";
import { FASTENING_PIN, HEADS, PLACES, SCREWED_PLUG, SHAPES, TOOL_HEADS } from "./vocabulary";
import { asOne } from "./what-it-is";

/** Every fastener that a run of words speaks of. */
export function mentionsIn(
  terms: readonly Term[],
  { from, to }: Clause,
  sizes: readonly FoundSize[],
  taken: ReadonlySet<number>,
): Mention[] {
  const mentions: Mention[] = [];
  const sizeEndingAt = (at: number) => sizes.find((size) => size.kind !== "length" && size.to === at);
  const sizeStartingAt = (at: number) => sizes.some((size) => size.kind === "head" && size.from === at);
  for (let at = from; at < to; at++) {
    const word = text(terms, at);
    const family = HEADS[word];
    // A verb that sounds like a fastener may still name something that is screwed in.
    if (family && !isVerb(terms, at) && !taken.has(at)) {
      const mention = isNoFastener(terms, at, from, family, mentions)
        ? undefined
        : named(terms, at, from, family, sizeEndingAt, taken, sizeStartingAt);
      if (mention) mentions.push(mention);
      continue;
    }
    if (isPlugByName(terms, at, from)) {
      mentions.push(
        mentionAt(at, at + 1, {
          family: "plug",
          head: "plug",
          marks: [word],
          name: `${word} plug`,
          count: 1,
          definite: true,
        }),
      );
      continue;
    }
    const called =
      byThread(terms, at, from) ??
      crossHead(terms, at, from) ??
      batteryTerminal(terms, at) ??
      screwedThing(terms, at, from);
    if (called) mentions.push(called);
  }
  mentions.push(...othersIn(terms, { from, to }, sizes, taken, mentions));
  for (const mention of mentions) mention.marks = [...mention.marks, ...heightBehind(terms, mention)];
  return asOne(
    terms,
    mentions.sort((a, b) => a.from - b.from),
  );
}

/** "The two M10s that hold the bracket": bolts by their thread. */
function byThread(terms: readonly Term[], at: number, from: number): Mention | undefined {
  const { count, start } = countBefore(terms, at, from);
  const isSplit = text(terms, at) === "m";
  const thread = isSplit ? text(terms, at + 1) : (/^m(\d{1,2})$/.exec(text(terms, at))?.[1] ?? "");
  const end = at + (isSplit ? 2 : 1);
  const isPlural = text(terms, end) === "s" && terms[end]?.start === terms[end - 1]?.end;
  // "2 x M8, 13 mm".
  const isCounted = count !== undefined && count > 1 && terms[end]?.tag !== "noun";
  if (!/^\d{1,2}$/.test(thread) || !(isPlural || isCounted)) return undefined;
  return mentionAt(start, isPlural ? end + 1 : end, {
    family: "bolt",
    head: "bolts",
    marks: [`m${thread}`],
    name: `M${thread} bolts`,
    count,
    definite: isDefinite(terms, start),
  });
}

/** "One cross head behind the handle". */
function crossHead(terms: readonly Term[], at: number, from: number): Mention | undefined {
  const end = text(terms, at + 1) === "-" ? at + 2 : at + 1;
  if (text(terms, at) !== "cross" || !/^heads?$/.test(text(terms, end))) return undefined;
  const { count, start } = countBefore(terms, at, from);
  const next = text(terms, end + 1);
  if (count === undefined || start === at || Object.hasOwn(HEADS, next) || TOOL_HEADS.has(next))
    return undefined;
  const { words, marks } = behind(terms, end + 1);
  return mentionAt(start, end + 1, {
    family: "bolt",
    head: "cross-head",
    marks,
    name: [count === 1 ? "cross-head screw" : "cross-head screws", ...words].join(" "),
    count,
  });
}

/** "One bolt up high", "a nut down low": the upper and the lower one. */
function heightBehind(terms: readonly Term[], { to, marks, count }: Mention): string[] {
  const words = wordsFrom(terms, to, to + 2);
  if (count !== 1 || marks.some((mark) => PLACES.has(mark))) return [];
  if (/^(?:up (?:high|top)|high up)$/.test(words)) return ["upper"];
  return /^(?:down low|low down)$/.test(words) ? ["lower"] : [];
}

/** "Cover bolts 13x 10 mm", "coil bolts x4": how many, behind their name. */
function timesBehind(terms: readonly Term[], at: number): number | undefined {
  const [first, second] = /^[x×]$/.test(text(terms, at)) ? [at + 1, at] : [at, at + 1];
  const number = spokenNumber(terms, first);
  return number &&
    /^[x×]$/.test(text(terms, second)) &&
    Number.isInteger(number.value) &&
    number.value >= 2 &&
    number.value <= 32
    ? number.value
    : undefined;
}

/** "Three studs with 15 mm nuts": one nut on each. */
function onStuds(terms: readonly Term[], start: number, family: Family): number | undefined {
  const at = [start, start - 1].find(
    (n) => /^with$/.test(text(terms, n - 1)) && text(terms, n - 2) === "studs",
  );
  return family === "nut" && at !== undefined ? countBefore(terms, at - 2, 0).count : undefined;
}

/** What a head says of its fastener besides: a locknut is another than the nut that it locks. */
const KINDS: Readonly<Record<string, readonly string[]>> = { banjo: ["banjo"], locknut: ["lock"] };

/** "The plugs", where a text speaks of what only spark plugs have. */
const speaksOfSparks = (terms: readonly Term[]): boolean =>
  terms.some(
    ({ text: word }, at) =>
      word === "spark" ||
      /^(?:gap|gapped|pregapped)$/.test(word) ||
      (word === "plug" && /^(?:socket|wells?|tubes?)$/.test(text(terms, at + 1))) ||
      (/^coils?$/.test(word) && /^packs?$/.test(text(terms, at + 1))),
  );

/** "Inverted torx", "a torx", "the bottom ones are phillips": the shape of a head. */
function isHeadOnly({ terms, at, start, marks }: Named): boolean {
  const word = text(terms, at);
  if (word !== "torx")
    return (
      SHAPES.has(word) &&
      !/^(?:x|×)$|^\d+$/.test(text(terms, at - 1)) &&
      spokenNumber(terms, at - 1) === undefined
    );
  return (
    marks.some((mark) => /^(?:inverted|external|male|internal|inside|outside)$/.test(mark)) ||
    /^(?:a|an|the|not)$/.test(text(terms, start - 1))
  );
}

/** A plug that nothing says is turned: that of a wire, or one that is pushed in. */
function isPushedPlug({ terms, at, family, start, marks, size, taken, sizeStartingAt }: Named): boolean {
  const noun = text(terms, at);
  if (family !== "plug" || size || marks.some((mark) => SCREWED_PLUG.has(mark))) return false;
  // "The plug is a 14 mm hex key", "that plug's 35 Nm".
  const isTurned =
    /^(?:the|that|this|my|your)$/.test(text(terms, start - 1)) &&
    [1, 2, 3, 4, 5].some((n) => taken.has(at + n) || sizeStartingAt(at + n));
  // "While in there plugs 16 mm thin wall".
  const isSized = sizeStartingAt(at + 1) && !/^(?:connector|wiring|harness)$/.test(text(terms, at - 1));
  // "Gearbox plug 30".
  const isFigured =
    noun === "plug" && marks.length > 0 && !isWired(terms) && spokenNumber(terms, at + 1) !== undefined;
  const areAll = noun === "plugs" && /^(?:both|all|two)$/.test(text(terms, start - 1));
  return !(isTurned || isSized || isFigured || areAll);
}

/** What a name says is no fastener of a job: a dowel, the end of a cable, what stays where it is, the pole of a lamp. */
function isNoneByName({ terms, at, family, marks }: Named): boolean {
  if (family === "pin" && !marks.some((mark) => FASTENING_PIN.has(mark))) return true;
  // The end of a cable, where nothing is bled.
  const isCables =
    /^nipples?$/.test(text(terms, at)) &&
    (marks.includes("grease") || !terms.some((term) => /^(?:bleed|fluid)/.test(term.text)));
  const stays = marks.some((mark) => /^(?:captive|caged|welded)$/.test(mark));
  const isOther =
    family === "terminal" && !marks.some((mark) => /^(?:battery|negative|positive|earth)$/.test(mark));
  return isCables || stays || isOther;
}

/** A fitting of which nothing is told; "a fitting that's a sixteen" is told by its head. */
function isPlainFitting({ terms, at, family, marks, sizeStartingAt }: Named): boolean {
  const isSizedBehind =
    [1, 2, 3, 4].some((n) => sizeStartingAt(at + n)) ||
    (/^(?:that's|it's|they're|that)$/.test(text(terms, at + 1)) &&
      [2, 3].some((n) => (spokenNumber(terms, at + n)?.value ?? 0) > 6));
  return family === "union" && marks.length === 0 && text(terms, at).startsWith("fitting") && !isSizedBehind;
}

/** A fastener's word, and what stands around it. */
interface Named {
  terms: readonly Term[];
  at: number;
  from: number;
  family: Family;
  /** Where its name begins. */
  start: number;
  marks: string[];
  size: FoundSize | undefined;
  taken: ReadonlySet<number>;
  sizeStartingAt: (at: number) => boolean;
}

/** Behind a size that stands straight behind a name: "4 nuts 13 mm per side". */
function behindSize(terms: readonly Term[], at: number): number {
  const number = spokenNumber(terms, text(terms, at) === "," ? at + 1 : at);
  return number && /^(?:mm|mil|mils)$/.test(text(terms, number.next)) ? number.next + 1 : at;
}

function named(
  terms: readonly Term[],
  at: number,
  from: number,
  family: Family,
  sizeEndingAt: (at: number) => FoundSize | undefined,
  taken: ReadonlySet<number>,
  sizeStartingAt: (at: number) => boolean,
): Mention | undefined {
  const noun = text(terms, at);
  const { start, marks, size } = nameBefore(terms, at, from, sizeEndingAt, taken);
  const name: Named = { terms, at, from, family, start, marks, size, taken, sizeStartingAt };
  if (noun === "plugs" && marks.length === 0 && !size && speaksOfSparks(terms)) marks.push("spark");
  const only = noun === "plug" && marks.length === 0 ? onlyPlug(terms) : undefined;
  if (only && (start === from || /^(?:the|that|this|new)$/.test(text(terms, start - 1)))) marks.push(only);
  if (noun === "terminals" && marks.length === 0) marks.push("battery");
  if (isHeadOnly(name) || isPushedPlug(name) || isNoneByName(name) || isPlainFitting(name)) return undefined;
  // "Bleed it, the nipple's a …".
  if (
    /^nipples?$/.test(noun) &&
    terms.slice(Math.max(0, at - 8), at).some((term) => /^bleed/.test(term.text))
  )
    marks.unshift("bleed");
  // What holds a wheel, whatever else it is called.
  if (/^lug/.test(noun) && !marks.includes("wheel")) marks.unshift("wheel");
  const after = behind(terms, at + 1);
  const { count, start: counted } = countBefore(terms, start, from);
  // "The top two bolts": where they are, before how many.
  const place = text(terms, counted - 1);
  const isPlaced =
    count !== undefined &&
    PLACES.has(place) &&
    // In notes without its article: "front 2 bolts".
    (counted - 1 === from || /^(?:the|those|these)$/.test(text(terms, counted - 2)));
  if (isPlaced) marks.unshift(place);
  const howMany =
    count ?? onStuds(terms, counted, family) ?? ofThem(terms, at + 1) ?? timesBehind(terms, at + 1);
  // "Two cross-head screws", "the phillips".
  const isCross =
    (SHAPES.has(noun) && noun !== "torx") ||
    (!size &&
      /\b(?:cross (?:- )?head|phillips|pozi|pozidriv|crosshead) $/.test(
        `${wordsFrom(terms, Math.max(from, at - 3), at)} `,
      ));
  const headless = howMany === 1 ? "screw" : "screws";
  const called = isCross ? `cross-head ${SHAPES.has(noun) ? headless : noun}` : noun;
  const through =
    /^(?:and|with)$/.test(text(terms, at + 1)) &&
    /^(?:nuts?|bolts?)$/.test(text(terms, at + 2)) &&
    HEADS[text(terms, at + 2)] !== family;
  return {
    from: counted,
    to: through ? at + 3 : at + 1,
    // Nothing turns a U-bolt: its nuts are turned.
    family: marks.includes("u") && family === "bolt" ? "stud" : family,
    head: noun,
    marks: marksOf([
      ...marks,
      ...(KINDS[singular(noun)] ?? []),
      ...(marks.includes("lug") ? ["wheel"] : []),
      ...after.marks,
    ]),
    name: [
      ...(isCross
        ? marks.filter((mark) => !/^(?:cross|head|phillips|pozi|pozidriv|crosshead)$/.test(mark))
        : marks),
      called,
      ...(marks.length === 0 ? after.words : []),
    ].join(" "),
    count: howMany,
    perSide: isPerSide(terms, at + 1) || isPerSide(terms, behindSize(terms, at + 1)),
    // "that's just the one bolt" is told for the first time.
    definite:
      isPlaced ||
      (isDefinite(terms, counted) && !(count === 1 && text(terms, counted + 1) === "one")) ||
      /^(?:every|each)$/.test(text(terms, counted - 1)),
    pointing: false,
    through,
  };
}
